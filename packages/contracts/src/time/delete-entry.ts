import { FirmAndId, Reason, endpoint, optional, strict } from '../platform/fields';
import { removingProblems } from './writing-problems';

/** Delete a recorded entry; the history keeps it whole. */
export const deleteEntry = endpoint({
  summary: 'Delete a recorded entry; the history keeps it whole',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/entries/:id',
  permission: 'time.record',
  params: FirmAndId,
  /** Needed when the entry is somebody else's. */
  query: strict({ reason: optional(Reason) }),
  problems: removingProblems,
});
