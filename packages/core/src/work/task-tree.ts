import { Result, fail, ok } from '../firm/result';
import { DEEPEST } from './outline';

/** A task as far as its place goes. */
export interface PlacedTask {
  readonly id: string;
  readonly projectId: string;
  /** Null for what lies below its project itself. */
  readonly parentId: string | null;
  /** The lowest stands first among those beside it. */
  readonly place: number;
}

/** Where something goes: below a task or the project itself, before another there or as the last. */
export interface TreePlace {
  readonly projectId: string;
  readonly parentId: string | null;
  readonly beforeId: string | null;
}

/** What lies directly below a task, or with null below the project itself, in order. */
export function childrenOf<T extends PlacedTask>(tasks: readonly T[], projectId: string, parentId: string | null): T[] {
  return tasks
    .filter((task) => task.projectId === projectId && task.parentId === parentId)
    .sort((a, b) => a.place - b.place || (a.id < b.id ? -1 : 1));
}

/** A task and all below it, each after what it lies below. */
export function branchOf<T extends PlacedTask>(tasks: readonly T[], id: string): T[] {
  const own = tasks.find((task) => task.id === id);
  if (!own) return [];
  return [own, ...childrenOf(tasks, own.projectId, own.id).flatMap((child) => branchOf(tasks, child.id))];
}

/** How deep a task lies below its project, from 1; 0 for the project itself. */
function depthOf(tasks: readonly PlacedTask[], id: string | null): number {
  const task = tasks.find((one) => one.id === id);
  return task ? 1 + depthOf(tasks, task.parentId) : 0;
}

/** How many levels a list has, the first included. */
function levelsOf(tasks: readonly PlacedTask[]): number {
  return Math.max(0, ...tasks.map((task) => depthOf(tasks, task.id)));
}

/**
 * Puts a branch at a place: that of a task that is there, or of tasks that are new.
 * @param tasks  all tasks of the projects concerned
 * @param branch what comes, each after what it lies below, its first levels with no parent among it
 * @returns what is different then, in order: the branch, and those beside it whose place is another
 */
export function placeBranch<T extends PlacedTask>(
  tasks: readonly T[],
  branch: readonly T[],
  { projectId, parentId, beforeId }: TreePlace,
): Result<T[], 'task-unknown' | 'below-itself' | 'too-deep'> {
  const ids = new Set(branch.map(({ id }) => id));
  if ([parentId, beforeId].some((id) => id !== null && ids.has(id))) return fail('below-itself');
  const rest = tasks.filter(({ id }) => !ids.has(id));
  if (parentId !== null && !rest.some(({ id, projectId: of }) => id === parentId && of === projectId))
    return fail('task-unknown');
  const beside = childrenOf(rest, projectId, parentId);
  const at = beforeId === null ? beside.length : beside.findIndex(({ id }) => id === beforeId);
  if (at < 0) return fail('task-unknown');
  const tops = branch.filter((task) => task.parentId === null || !ids.has(task.parentId));
  const loose = branch.map((task) => (tops.includes(task) ? { ...task, parentId: null } : task));
  if (depthOf(rest, parentId) + levelsOf(loose) > DEEPEST) return fail('too-deep', { most: DEEPEST });
  const order = [...beside.slice(0, at), ...tops, ...beside.slice(at)];
  const placeOf = new Map(order.map(({ id }, place) => [id, place]));
  const moved = branch.map((task) => {
    const top = tops.includes(task);
    return { ...task, projectId, parentId: top ? parentId : task.parentId, place: placeOf.get(task.id) ?? task.place };
  });
  const shifted = beside
    .filter(({ id, place }) => placeOf.get(id) !== place)
    .map((task) => ({ ...task, place: placeOf.get(task.id)! }));
  return ok([...moved, ...shifted]);
}
