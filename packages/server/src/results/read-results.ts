import { ResultRow, Results } from '@yellowwood/contracts';
import { Minor, RolledUp, TreeNode, minor, moneyText, ratio, revenueEarned, rollUp } from '@yellowwood/core';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { type IResultTasksResult, ownHours, resultTasks, seriesRecorded } from '../generated/results/read-results.queries';
import { Context, may, reachOf } from '../platform/context';
import { ScopeFilter, isWhole, mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import {
  ResultBasis,
  Span,
  SumRows,
  TO_DATE,
  apart,
  earningsOf,
  moneyOf,
  ofTasks,
  partsOf,
  readBasis,
  rowsByProject,
} from './figures';

interface NodeFigures extends Record<string, number> {
  seconds: number;
  billable: number;
  cost: number;
}

const NO_ROWS: SumRows = { sums: [], billed: [] };

const NOTHING: NodeFigures = { seconds: 0, billable: 0, cost: 0 };

/** Hours, cost, value and margin of the firm, a client, a project or a task, within the reader's rights. */
export async function readResults(
  context: Context,
  scopeText: string | undefined,
  from: string | undefined,
  to: string | undefined,
): Promise<Results> {
  const scope = await resolveScope(context, scopeText);
  const span: Span = { from: from ?? TO_DATE.from, to: to ?? TO_DATE.to };
  const basis = await readBasis(context, scope, span, true);
  const tasks = ofTasks(scope) ? await resultTasks.run({ projects: scope.projects }, context.tx) : [];
  const tree = treeOf(basis.nodes, basis.sums, tasks);
  const toDate = basis.toDate === basis.sums ? tree : treeOf(basis.nodes, basis.toDate, tasks);
  const money = may(context, 'values.read');
  const cost = mayKnowCost(context, scope);
  const top = topOf(basis, tasks, tree, scope);
  const rows = rowsOf(basis, tasks, { tree, toDate }, scope, money, cost);
  const whole = isWhole(scope);
  const budget = whole
    ? basis.nodes.reduce((sum, node) => sum + node.budget, 0)
    : (tasks.find((task) => task.id === scope.id)?.budget ?? 0);
  const earned = money && cost ? earningsOf(basis, whole) : null;
  const project = scope.kind === 'project' ? basis.nodes[0] : undefined;
  return {
    scope: scope.text,
    name: scope.kind === 'person' ? await nameOfPerson(context, scope.id!) : nameOf(basis, tasks, scope),
    agreement: project ? agreementText(project, money) : null,
    limit: money && project?.limit ? limitFigure(basis, project.limit, project.currency!) : null,
    hours: top,
    money: money ? moneyOf(basis, basis, basis.before, whole) : null,
    cost: earned && { currency: context.firm.currency, budget, left: budget - earned.cost, ...earned },
    rows,
    series: earned ? await seriesOf(context, scope, span, basis) : null,
    own:
      reachOf(context, 'results.read') === 'own'
        ? await ownHours.run({ person: context.actor.personId, ...span, ...scopeParameters(scope) }, context.tx)
        : null,
  };
}

async function nameOfPerson(context: Context, id: string): Promise<string> {
  const [person] = await peopleFacts.run({ reach: 'firm', asker: context.actor.personId, people: [id] }, context.tx);
  return person!.name;
}

function nameOf(basis: ResultBasis, tasks: readonly IResultTasksResult[], scope: ScopeFilter): string {
  const first = basis.nodes[0];
  if (scope.kind === 'all') return 'All work';
  if (scope.kind === 'client') return first!.clientName!;
  if (scope.kind === 'department') return first!.departmentName!;
  return scope.kind === 'project' ? first!.name : tasks.find((task) => task.id === scope.id)!.name;
}

function agreementText(node: ResultBasis['nodes'][number], money: boolean): string {
  if (!node.method) return 'no agreement';
  return node.limit !== null && money ? `${node.method}, up to ${moneyText(minor(node.limit), node.currency!)}` : node.method;
}

function limitFigure(basis: ResultBasis, limit: number, currency: string): Results['limit'] {
  const billed = basis.billed.reduce((sum, row) => sum + row.amount, 0);
  return { currency, limit, used: ratio(billed, limit) };
}

type Tree = Map<string, RolledUp<NodeFigures>>;

/** Clients or departments, their projects, and the tasks below, rolled up. */
function treeOf(projects: ResultBasis['nodes'], sums: SumRows['sums'], tasks: readonly IResultTasksResult[]): Tree {
  const own = new Map<string, NodeFigures>();
  for (const row of sums) {
    // Where tasks are taken together, what is on them stands below their project under one id.
    const id = row.taskId === row.projectId ? `below ${row.projectId}` : (row.taskId ?? row.projectId);
    const found = own.get(id) ?? { ...NOTHING };
    own.set(id, { seconds: found.seconds + row.seconds, billable: found.billable + row.billable, cost: found.cost + row.cost });
  }
  const nodes: TreeNode<NodeFigures>[] = tasks.map((task) => ({
    id: task.id,
    parentId: task.parentId ?? task.projectId,
    own: own.get(task.id) ?? NOTHING,
  }));
  const homes = new Set<string>();
  for (const node of projects) {
    const home = node.clientId ?? node.departmentId!;
    homes.add(home);
    nodes.push({ id: node.projectId, parentId: home, own: own.get(node.projectId) ?? NOTHING });
    const below = own.get(`below ${node.projectId}`);
    if (below) nodes.push({ id: `below ${node.projectId}`, parentId: node.projectId, own: below });
  }
  homes.forEach((id) => nodes.push({ id, parentId: null, own: NOTHING }));
  return rollUp(nodes, NOTHING);
}

function hours(figures: RolledUp<NodeFigures> | undefined, estimate: number) {
  return {
    own: figures?.own.seconds ?? 0,
    below: figures?.below.seconds ?? 0,
    total: figures?.total.seconds ?? 0,
    estimate,
    billable: figures?.total.billable ?? 0,
  };
}

function topOf(basis: ResultBasis, tasks: readonly IResultTasksResult[], tree: Tree, scope: ScopeFilter): Results['hours'] {
  if (scope.kind === 'task') return hours(tree.get(scope.id!), tasks.find((task) => task.id === scope.id)!.estimate);
  const estimate = isWhole(scope) ? basis.nodes.reduce((sum, node) => sum + node.estimate, 0) : 0;
  if (!scope.all) return hours(tree.get(scope.id!), estimate);
  const total = basis.sums.reduce((sum, row) => sum + row.seconds, 0);
  return { own: 0, below: total, total, estimate, billable: basis.sums.reduce((sum, row) => sum + row.billable, 0) };
}

/** The rows below the scope: projects of the firm or a client, tasks of a project or task. */
function rowsOf(
  basis: ResultBasis,
  tasks: readonly IResultTasksResult[],
  { tree, toDate }: Readonly<Record<'tree' | 'toDate', Tree>>,
  scope: ScopeFilter,
  money: boolean,
  cost: boolean,
): ResultRow[] {
  const row = (
    id: string,
    kind: ResultRow['kind'],
    parentId: string | null,
    name: string,
    estimate: number,
    budget: number,
    rows: SumRows | undefined,
    before: SumRows | null | undefined,
  ): ResultRow => {
    const figures = tree.get(id);
    const all = toDate.get(id);
    return {
      id,
      kind,
      parentId,
      name,
      hours: hours(figures, estimate),
      cost: cost
        ? { own: figures?.own.cost ?? 0, below: figures?.below.cost ?? 0, total: figures?.total.cost ?? 0, budget }
        : null,
      toDate: { seconds: all?.total.seconds ?? 0, cost: cost ? (all?.total.cost ?? 0) : null },
      money: money ? moneyOf(basis, rows ?? NO_ROWS, before ?? null, kind === 'project' && isWhole(scope)) : null,
    };
  };
  if (ofTasks(scope)) {
    const below = descendants(tasks);
    const shown = scope.kind === 'project' ? tasks : tasks.filter((task) => scope.tasks.includes(task.id));
    return shown.map((task) => {
      const inside = below.get(task.id)!;
      const belongs = (one: { taskId: string | null }) => one.taskId !== null && inside.has(one.taskId);
      const own = { sums: basis.sums.filter(belongs), billed: basis.billed.filter(belongs) };
      // A limit is the project's, so what lay before does not count for a task.
      return row(task.id, 'task', task.parentId, task.name, task.estimate, task.budget, own, null);
    });
  }
  const own = rowsByProject(basis);
  const before = basis.before && rowsByProject(basis.before);
  const person = scope.kind === 'person';
  // What somebody's time is not on says nothing about them; what it is on, is theirs in part.
  const nodes = person ? basis.nodes.filter((node) => own.has(node.projectId)) : basis.nodes;
  return nodes.map((node) =>
    row(
      node.projectId,
      'project',
      node.clientId ?? node.departmentId,
      node.name,
      person ? 0 : node.estimate,
      person ? 0 : node.budget,
      own.get(node.projectId),
      before?.get(node.projectId),
    ),
  );
}

/** For every task, itself and all tasks below it. */
function descendants(tasks: readonly IResultTasksResult[]): Map<string, Set<string>> {
  const sets = new Map(tasks.map((task) => [task.id, new Set([task.id])]));
  const parents = new Map(tasks.map((task) => [task.id, task.parentId]));
  for (const task of tasks) for (let up = task.parentId; up; up = parents.get(up) ?? null) sets.get(up)?.add(task.id);
  return sets;
}

/**
 * Cost, earned and billed by month, each cumulated, in the firm's currency. What a document bills more
 * or less than the value of its time counts as earned from its date on; a limit caps what is earned, less
 * what was earned before the span. The last point is the revenue of the span.
 * Only projects with a limit or in another currency are told apart, so that ten years are as few rows as can be.
 */
async function seriesOf(context: Context, scope: ScopeFilter, span: Span, basis: ResultBasis): Promise<Results['series']> {
  const limits = isWhole(scope) ? basis.limits : new Map<string, Minor>();
  const before = partsOf(basis.before ?? NO_ROWS, basis.exchange);
  const filter = {
    ...{ reach: reachOf(context, 'results.read'), asker: context.actor.personId, own: context.firm.currency },
    ...{ ...span, ...scopeParameters(scope), apart: apart(scope, basis.limits) },
  };
  const recorded = grouped(await seriesRecorded.run(filter, context.tx), (row) => row.month.slice(0, 7));
  const documents = grouped(basis.billedByMonth, (row) => row.month!.slice(0, 7));
  const months = [...new Set([...recorded.keys(), ...documents.keys()])].sort();
  let cost = 0;
  const value = new Map<string | null, number>();
  const adjusted = new Map<string | null, number>();
  const billed = new Map<string | null, number>();
  let billedTotal = 0;
  const add = (sums: Map<string | null, number>, key: string | null, amount: number) =>
    sums.set(key, (sums.get(key) ?? 0) + amount);
  const currencies = new Map(basis.nodes.map((node) => [node.projectId, node.currency]));
  return months.map((month) => {
    for (const row of recorded.get(month) ?? []) {
      cost += row.cost;
      if (row.currency) add(value, row.projectId, basis.exchange.toFirm(minor(row.value), row.currency, basis.today));
    }
    for (const row of documents.get(month) ?? []) {
      const amount = basis.exchange.toFirm(minor(row.amount), row.currency, row.issuedOn);
      add(billed, row.projectId, amount);
      add(adjusted, row.projectId, amount - basis.exchange.toFirm(minor(row.standard), row.currency, basis.today));
      billedTotal += amount;
    }
    let earned = 0;
    for (const [project, amount] of value) {
      const so = amount + (adjusted.get(project) ?? 0);
      const inDocuments = billed.get(project) ?? 0;
      const capped = project !== null && currencies.get(project) === context.firm.currency;
      const limit = capped ? (limits.get(project) ?? null) : null;
      const earlier = (limit !== null && before.get(`${project} ${context.firm.currency}`)) || { billed: 0, unbilled: 0 };
      earned += revenueEarned(minor(earlier.billed + inDocuments), minor(earlier.unbilled + so - inDocuments), limit);
      earned -= revenueEarned(minor(earlier.billed), minor(earlier.unbilled), limit);
    }
    return { month, cost: cost as Minor, earned, billed: billedTotal };
  });
}

function grouped<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
