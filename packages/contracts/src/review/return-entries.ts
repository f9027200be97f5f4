import { FirmPath, Reason, SeenList, endpoint, strict } from '../platform/fields';
import { Decided } from './decided';
import { decidingProblems } from './deciding-problems';

/** Return entries with a reason. */
export const returnEntries = endpoint({
  summary: 'Return entries with a reason',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/return',
  permission: 'time.review',
  params: FirmPath,
  body: strict({ entries: SeenList, reason: Reason }),
  answer: Decided,
  problems: decidingProblems,
});
