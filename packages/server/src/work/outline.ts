import { AnswerOf, BodyOf, Endpoints, OutlineTask } from '@yellowwood/contracts';
import { PlacedTask, branchOf, differs, placeBranch } from '@yellowwood/core';
import {
  addOutlineTasks,
  placeTasks,
  projectOfTask,
  projectSeen,
  projectToChange,
  removeTasks,
  setTask,
  tasksOfProjects,
  usedTasks,
} from '../generated/work/outline.queries';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { json } from '../platform/json';
import { demand, problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { readLines } from './lay-down';

/** All tasks of some projects, in the order of their outline. */
export async function readTasks({ tx }: Context, projects: readonly string[]): Promise<OutlineTask[]> {
  const rows = await tasksOfProjects.run({ projects: [...new Set(projects)] }, tx);
  return rows.map((row) => ({ ...row, kind: row.kind as OutlineTask['kind'] }));
}

/** The tasks of a project that one may see. @throws the problem `scope-unknown` */
export async function listTasks(context: Context, id: string): Promise<AnswerOf<Endpoints['listTasks']>> {
  const who = { reach: reachOf(context, 'work.read'), asker: context.actor.personId };
  const [seen] = await projectSeen.run({ ...who, id }, context.tx);
  if (!seen) throw problem('scope-unknown');
  return { tasks: await readTasks(context, [id]) };
}

/** A project whose outline one may change. @throws the problem that is named, where it is not */
export async function refuseForeign(
  context: Context,
  id: string,
  code: 'scope-unknown' | 'project-unknown' | 'copy-not-yours',
): Promise<void> {
  const who = { reach: reachOf(context, 'work.change'), asker: context.actor.personId };
  const [mine] = await projectToChange.run({ ...who, id }, context.tx);
  if (!mine) throw problem(code);
}

/**
 * A task that one may change, among all of its project: nobody else changes an outline of the firm meanwhile.
 * @throws the problems `task-unknown`, `version-stale` with the task as it is
 */
export async function heldTask(
  context: Context,
  id: string,
  version: number,
): Promise<{ readonly task: OutlineTask; readonly tasks: readonly OutlineTask[] }> {
  await takeTurn(context, 'work');
  const who = { reach: reachOf(context, 'work.change'), asker: context.actor.personId };
  const [of] = await projectOfTask.run({ ...who, id }, context.tx);
  if (!of) throw problem('task-unknown');
  const tasks = await readTasks(context, [of.projectId]);
  const task = tasks.find((one) => one.id === id)!;
  if (task.version !== version) throw problem('version-stale', {}, { current: task });
  return { task, tasks };
}

/** The tasks as they are by now, of those that were changed. */
export async function tasksNow(
  context: Context,
  projects: readonly string[],
  changed: readonly PlacedTask[],
): Promise<OutlineTask[]> {
  const ids = new Set(changed.map(({ id }) => id));
  return (await readTasks(context, projects)).filter(({ id }) => ids.has(id));
}

/**
 * Adds tasks to a project from a list: all of them, or none.
 * @throws the problems `scope-unknown`, `task-unknown`, `order-unreadable`, `too-deep`
 */
export async function addTasks(
  context: Context,
  projectId: string,
  { place, lines }: BodyOf<Endpoints['addTasks']>,
): Promise<AnswerOf<Endpoints['addTasks']>> {
  await takeTurn(context, 'work');
  await refuseForeign(context, projectId, 'scope-unknown');
  const there = await readTasks(context, [projectId]);
  const made = readLines(lines).map((line) => ({ ...line, projectId, version: 1 }));
  const placed = demand(placeBranch<OutlineTask>(there, made, { projectId, ...place }));
  const isNew = new Set(made.map(({ id }) => id));
  await addOutlineTasks.run({ firm: context.firm.id, tasks: json(placed.filter(({ id }) => isNew.has(id))) }, context.tx);
  await placeTasks.run({ tasks: json(placed.filter(({ id }) => !isNew.has(id))) }, context.tx);
  const tasks = made.map(({ name }) => name).join(', ');
  await audit(context, 'tasks added', [{ kind: 'project', id: projectId, before: {}, after: { tasks } }]);
  return { tasks: await tasksNow(context, [projectId], placed) };
}

/** Changes facts of a task that move no price. @throws the problems `task-unknown`, `version-stale`, `nothing-to-change` */
export async function changeTask(
  context: Context,
  id: string,
  change: BodyOf<Endpoints['changeTask']>,
  version: number,
): Promise<OutlineTask> {
  const { task } = await heldTask(context, id, version);
  const after = { ...task, ...change, name: (change.name ?? task.name).trim() };
  const facts = ['name', 'kind', 'estimate', 'open'] as const;
  if (!differs(task, after, facts)) throw problem('nothing-to-change');
  const { name, kind, estimate, open } = after;
  await setTask.run({ id, name, kind, estimate, state: open ? 'open' : 'done' }, context.tx);
  const told = (one: OutlineTask) => ({ taskKind: one.kind, estimate: one.estimate, open: one.open });
  // Which task it is, is told also where its name stays.
  const before = { ...told(task), ...(name !== task.name && { taskName: task.name }) };
  await audit(context, 'task changed', [
    { kind: 'project', id: task.projectId, before, after: { ...told(after), taskName: name } },
  ]);
  return { ...after, version: version + 1 };
}

/**
 * Takes a task away with all below it, where nothing refers to any of them.
 * @throws the problems `task-unknown`, `version-stale`, `task-used`
 */
export async function removeTask(
  context: Context,
  id: string,
  { branch: seen }: BodyOf<Endpoints['removeTask']>,
  version: number,
): Promise<AnswerOf<Endpoints['removeTask']>> {
  const { task, tasks } = await heldTask(context, id, version);
  const gone = branchOf(tasks, id).map((one) => one.id);
  if (gone.some((one) => !seen.includes(one))) throw problem('version-stale', {}, { current: task });
  const [used] = await usedTasks.run({ ids: gone }, context.tx);
  if (used) throw problem('task-used', { name: used.name });
  await removeTasks.run({ ids: gone }, context.tx);
  const names = branchOf(tasks, id).map(({ name }) => name);
  await audit(context, 'tasks removed', [
    { kind: 'project', id: task.projectId, before: { tasks: names.join(', ') }, after: { tasks: '' } },
  ]);
  return { gone };
}
