import { Type } from 'typebox';
import { Duration, FirmAndId, endpoint, someOf } from '../platform/fields';
import { optional } from '../platform/fields';
import { WorkName } from './create-project';
import { OutlineTask, TaskKind } from './outline-task';

/** Change what a task is called, what it is, how long it is thought to take, or whether it is done. */
export const changeTask = endpoint({
  summary: 'Change what a task is called, what it is, how long it is thought to take, or whether it is done',
  kind: 'change',
  method: 'PATCH',
  path: '/f/:firm/tasks/:id',
  permission: 'work.change',
  params: FirmAndId,
  body: someOf({
    name: optional(WorkName),
    kind: optional(TaskKind),
    estimate: optional(Duration),
    open: optional(Type.Boolean()),
  }),
  answer: OutlineTask,
  problems: ['task-unknown', 'nothing-to-change'],
});
