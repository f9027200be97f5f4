import { FirmPath, endpoint } from '../platform/fields';
import { NewEntry } from '../ledger/new-entry';
import { Entry } from '../ledger/entry';

/** Record an entry. */
export const createEntry = endpoint({
  summary: 'Record an entry',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/entries',
  permission: 'time.record',
  params: FirmPath,
  body: NewEntry,
  answer: Entry,
  problems: [
    'person-unknown',
    'project-unknown',
    'period-submitted',
    'quantity-or-span',
    'span-empty',
    'clock-time-twice',
    'clock-time-missing',
    'break-too-long',
    'reason-missing',
  ],
});
