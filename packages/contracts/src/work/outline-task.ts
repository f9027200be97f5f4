import { Static, Type } from 'typebox';
import { Duration, Id, Name, Version, choice, nullable, strict } from '../platform/fields';

/** What a task can be in the outline of its project. */
export const TaskKind = choice('phase', 'deliverable', 'work order', 'task');

/** A task as whoever looks after the work sees it. */
export const OutlineTask = strict({
  id: Id,
  projectId: Id,
  parentId: nullable(Id),
  kind: TaskKind,
  name: Name,
  /** Where it stands among those beside it: the lowest first. */
  place: Type.Integer(),
  open: Type.Boolean(),
  estimate: Duration,
  version: Version,
});
export type OutlineTask = Static<typeof OutlineTask>;
