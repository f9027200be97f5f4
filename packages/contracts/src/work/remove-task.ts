import { Type } from 'typebox';
import { FirmAndId, Id, endpoint, strict } from '../platform/fields';

/** Take a task away with all below it, where nothing refers to any of them. */
export const removeTask = endpoint({
  summary: 'Take a task away with all below it, where nothing refers to any of them',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/tasks/:id/remove',
  permission: 'work.change',
  params: FirmAndId,
  /** All that goes, as it was seen: where something lies below it by now, nothing goes. */
  body: strict({ branch: Type.Array(Id, { minItems: 1, maxItems: 5000 }) }),
  answer: strict({ gone: Type.Array(Id) }),
  problems: ['task-unknown', 'task-used'],
});
