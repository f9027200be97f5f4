import { FirmPath, endpoint, strict } from '../platform/fields';
import { changingProblems, creatingProblems, removingProblems } from './writing-problems';
import { Changes } from './changes';
import { Type } from 'typebox';
import { Entry } from '../ledger/entry';

/** Several creations, changes, deletions and ways back at once: all or none. */
export const changeEntries = endpoint({
  summary: 'Several creations, changes, deletions and ways back at once: all or none',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/entries/changes',
  permission: 'time.record',
  params: FirmPath,
  body: Changes,
  answer: strict({ entries: Type.Array(Entry) }),
  problems: [...new Set([...creatingProblems, ...changingProblems, ...removingProblems]), 'entries-stale', 'already-there'],
});
