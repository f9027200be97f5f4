import { FirmAndId, endpoint } from '../platform/fields';
import { changingProblems } from './writing-problems';
import { EntryChange } from '../ledger/entry-change';
import { Entry } from '../ledger/entry';

/** Change an entry that is recorded; with a reason, correct a submitted one of somebody else. */
export const changeEntry = endpoint({
  summary: 'Change an entry that is recorded; with a reason, correct a submitted one of somebody else',
  kind: 'change',
  method: 'PATCH',
  path: '/f/:firm/entries/:id',
  permission: 'time.record',
  params: FirmAndId,
  body: EntryChange,
  answer: Entry,
  problems: changingProblems,
});
