import { FirmPath, Reason, SeenList, endpoint, strict } from '../platform/fields';
import { Decided } from './decided';
import { decidingProblems } from './deciding-problems';

/** Re-open what is approved and not billed, with a reason. */
export const reopenEntries = endpoint({
  summary: 'Re-open what is approved and not billed, with a reason',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/reopen',
  permission: 'time.review',
  params: FirmPath,
  body: strict({ entries: SeenList, reason: Reason }),
  answer: Decided,
  problems: [...decidingProblems, 'entry-billed', 'entry-in-draft'],
});
