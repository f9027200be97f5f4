import { FirmPath, SeenList, endpoint, strict } from '../platform/fields';
import { Approved } from './decided';
import { decidingProblems } from './deciding-problems';

/** Approve entries: all of them or none. */
export const approveEntries = endpoint({
  summary: 'Approve entries: all of them or none',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/approve',
  permission: 'time.review',
  params: FirmPath,
  body: strict({ entries: SeenList }),
  answer: Approved,
  problems: decidingProblems,
});
