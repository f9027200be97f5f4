import { AnswerOf, BodyOf, Endpoints, OutlineTask } from '@yellowwood/contracts';
import { branchOf, placeBranch } from '@yellowwood/core';
import {
  deferTasks,
  documentsOf,
  entriesOfTasks,
  moveRowsOfTasks,
  moveTimersOfTasks,
  seesValues,
} from '../generated/ledger/move-task.queries';
import { placeTasks } from '../generated/work/outline.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { demand, problem } from '../platform/problem';
import { heldTask, readTasks, refuseForeign, tasksNow } from '../work/outline';
import { holdRules, lockProjects } from './locks';
import { isOnDocument, priceAnew, refuseUnseen, storePriced } from './price-anew';
import { lockRows } from './rows';

/** Documents that are named in a sentence; more of them are counted. */
const NAMED = 3;

/**
 * Moves a task with all below it, also to another project: its unbilled time goes along and is priced anew.
 * @throws the problems `task-unknown`, `version-stale`, `project-unknown`, `below-itself`, `too-deep`,
 *   `nothing-to-change`, `work-billed`, `work-in-draft`, `day-locked`, `effect-unseen`, `effect-changed`
 */
export async function moveTask(
  context: Context,
  id: string,
  { projectId, parentId, beforeId, seen }: BodyOf<Endpoints['moveTask']>,
  version: number,
): Promise<AnswerOf<Endpoints['moveTask']>> {
  const { tx, actor } = context;
  // Whoever records or bills holds the rules, too: none of it comes or goes meanwhile.
  await holdRules(context, 'exclusive');
  const { task, tasks } = await heldTask(context, id, version);
  const away = projectId !== task.projectId;
  if (away) await refuseForeign(context, projectId, 'project-unknown');
  const branch = branchOf(tasks, id);
  const all = away ? [...tasks, ...(await readTasks(context, [projectId]))] : tasks;
  const placed = demand(placeBranch<OutlineTask>(all, branch, { projectId, parentId, beforeId }));
  const isAsItWas = (one: OutlineTask) => {
    const now = all.find((other) => other.id === one.id)!;
    return now.projectId === one.projectId && now.parentId === one.parentId && now.place === one.place;
  };
  const changed = placed.filter((one) => !isAsItWas(one));
  if (changed.length === 0) throw problem('nothing-to-change');

  await lockProjects(context, [task.projectId, projectId]);
  const ids = branch.map((one) => one.id);
  const entries = await entriesOfTasks.run({ project: task.projectId, tasks: ids }, tx);
  const rows = await lockRows(
    context,
    entries.map((entry) => entry.id),
  );
  if (away)
    await refuseBilled(
      context,
      rows.filter(isOnDocument).map((row) => row.id),
    );
  await deferTasks.run(undefined, tx);
  await placeTasks.run({ tasks: json(changed) }, tx);
  // Prices are found by the outline as it is now.
  const priced = await priceAnew(context, rows, { projectId });
  const reach = actor.rights['values.read'];
  const projects = [...new Set([task.projectId, projectId])];
  const sees = reach ? await seesValues.run({ reach, asker: actor.personId, projects }, tx) : [];
  await refuseUnseen(context, priced, { seen, asks: away, showsMoney: sees[0]?.count === projects.length });
  const subjects = await storePriced(context, priced);
  if (away) {
    await moveTimersOfTasks.run({ project: projectId, tasks: ids }, tx);
    await moveRowsOfTasks.run({ project: projectId, tasks: ids }, tx);
  }
  const told = { before: { project: task.projectId }, after: { taskName: task.name, project: projectId } };
  await audit(context, 'task moved', [...projects.map((one) => ({ kind: 'project' as const, id: one, ...told })), ...subjects]);
  return { tasks: await tasksNow(context, projects, placed) };
}

/** @throws the problems `work-billed` with the documents, `work-in-draft` with whose the draft is */
async function refuseBilled(context: Context, entries: readonly string[]): Promise<void> {
  if (entries.length === 0) return;
  const documents = await documentsOf.run({ entries: [...entries] }, context.tx);
  const numbers = documents.flatMap(({ number }) => number ?? []);
  const [draft] = documents.filter(({ status }) => status === 'draft');
  if (numbers.length === 0 && draft) throw problem('work-in-draft', { by: draft.by });
  const others = numbers.length - NAMED;
  const named = numbers.slice(0, NAMED).join(', ');
  throw problem('work-billed', { documents: others > 0 ? `${named} and ${others} more` : named });
}
