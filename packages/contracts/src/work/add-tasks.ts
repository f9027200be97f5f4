import { MOST_LINES } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { Duration, FirmAndId, Id, endpoint, nullable, optional, strict } from '../platform/fields';
import { WorkName } from './create-project';
import { OutlineTask, TaskKind } from './outline-task';

/** Where a task stands: below a task or, with null, the project itself; before another, or with null as the last. */
export const TaskPlace = strict({ parentId: nullable(Id), beforeId: nullable(Id) });
export type TaskPlace = Static<typeof TaskPlace>;

/** Add tasks to a project from a list, each after what it lies below: all of them, or none. */
export const addTasks = endpoint({
  summary: 'Add tasks to a project from a list: all of them, or none',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/projects/:id/tasks',
  permission: 'work.change',
  params: FirmAndId,
  body: strict({
    place: TaskPlace,
    lines: Type.Array(
      strict({
        ...{ id: Id, parentId: nullable(Id), name: WorkName, estimate: Duration },
        /** Of one that was taken away and comes back as it was. */
        ...{ kind: optional(TaskKind), open: optional(Type.Boolean()) },
      }),
      { minItems: 1, maxItems: MOST_LINES },
    ),
  }),
  answer: strict({ tasks: Type.Array(OutlineTask) }),
  problems: ['already-there', 'scope-unknown', 'task-unknown', 'order-unreadable', 'too-deep'],
});
