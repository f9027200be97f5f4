import { FirmPath, endpoint } from '../platform/fields';
import { creatingProblems } from './writing-problems';
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
  problems: creatingProblems,
});
