import { FirmPath, SeenList, endpoint, strict } from '../platform/fields';
import { Decided } from './decided';
import { decidingProblems } from './deciding-problems';

/** Take back one's own approval of what is not billed: it waits again. */
export const recallApproval = endpoint({
  summary: 'Take back one’s own approval of what is not billed: it waits again',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/review/recall',
  permission: 'time.review',
  params: FirmPath,
  body: strict({ entries: SeenList }),
  answer: Decided,
  problems: [...decidingProblems, 'entry-billed', 'entry-in-draft', 'decided-by-another'],
});
