import { Results, ResultRow } from '@yellowwood/contracts';
import {
  ChartStep,
  Judged,
  Minor,
  RolledUp,
  TreeNode,
  chartOf,
  earningsOf,
  judge,
  limitKey,
  minor,
  moneyByProject,
  moneyOf,
  moneyText,
  ratio,
  revenueInFirm,
  revenueInFirmByProject,
  rollUp,
  stepStart,
} from '@yellowwood/core';
import { rollups, sum } from 'd3-array';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { IResultToDateResult } from '../generated/results/figures.queries';
import { IResultTasksResult, ownHours, resultTasks } from '../generated/results/read-results.queries';
import { Context, may, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { ScopeFilter, isWhole, mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import {
  CostBasis,
  ResultBasis,
  Span,
  TO_DATE,
  basisOfMoney,
  costBasis,
  costOf,
  earnedOf,
  judgedOf,
  earningsOfScope,
  ofTasks,
  readBasis,
} from './figures';

interface NodeFigures extends Record<string, number> {
  seconds: number;
  billable: number;
  cost: number;
  standardCost: number;
  uncosted: number;
}
const NOTHING: NodeFigures = { seconds: 0, billable: 0, cost: 0, standardCost: 0, uncosted: 0 };

/** A span of work dates. @throws the problem `range-reversed` */
export function spanOf(from: string | undefined, to: string | undefined): Span {
  const span = { from: from ?? TO_DATE.from, to: to ?? TO_DATE.to };
  if (span.from > span.to) throw problem('range-reversed');
  return span;
}

/** Hours, cost, value and margin of the firm, a client, a project or a task, within the reader's rights. */
export async function readResults(
  context: Context,
  scopeText: string | undefined,
  from: string | undefined,
  to: string | undefined,
): Promise<Results> {
  const span = spanOf(from, to);
  const scope = await resolveScope(context, scopeText);
  const basis = await readBasis(context, scope, span, true);
  const tasks = ofTasks(scope) ? await resultTasks.run({ projects: scope.projects }, context.tx) : [];
  const trees = treesOf(basis, tasks);
  const of = await basisOfMoney(context, scope, span, basis, true);
  const valued = of === basis ? trees : treesOf(of, tasks);
  const money = may(context, 'values.read');
  const by = mayKnowCost(context, scope) ? costBasis(context) : null;
  const judged = judgedOf(of);
  const rows = rowsOf({ basis, of, judged, tasks, trees, valued }, scope, money, by);
  const whole = isWhole(scope);
  const budget = whole ? sum(basis.nodes, (node) => node.budget) : (tasks.find((task) => task.id === scope.id)?.budget ?? 0);
  const earned = money && by ? earningsOfScope(of, judged, by) : null;
  const project = scope.kind === 'project' ? of.nodes[0] : undefined;
  return {
    scope: scope.text,
    name: scope.kind === 'person' ? await nameOfPerson(context, scope.id!) : nameOf(basis, tasks, scope),
    agreement: project?.money && money ? agreementText(of, project) : null,
    limit: money && project ? limitFigure(of, project) : null,
    hours: topOf(basis, tasks, trees.tree, scope),
    money: money ? moneyOf(judged) : null,
    costBasis: by && (costOf(of.sums, by) === null ? 'no standard rate' : by),
    cost: earned && { currency: context.firm.currency, budget, left: budget - earned.cost, ...earned },
    rows,
    series: earned && of.step ? seriesOf(context, scope, of, span, of.step, by!) : null,
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

type Node = ResultBasis['nodes'][number];

function limitOf(basis: ResultBasis, node: Node): Minor | undefined {
  return node.currency ? basis.limits.get(limitKey(node.projectId, node.currency)) : undefined;
}

function agreementText(basis: ResultBasis, node: Node): string {
  if (!node.method) return 'no agreement';
  const limit = limitOf(basis, node);
  return limit === undefined ? node.method : `${node.method}, up to ${moneyText(limit, node.currency!)}`;
}

function limitFigure(basis: ResultBasis, node: Node): Results['limit'] {
  const limit = limitOf(basis, node);
  if (limit === undefined) return null;
  const billed = sum(basis.billed, (row) => row.amount);
  return { currency: node.currency!, limit, used: ratio(billed, limit) };
}

type Tree = Map<string, RolledUp<NodeFigures>>;
type Trees = Readonly<Record<'tree' | 'toDate', Tree>>;

function treesOf(basis: ResultBasis, tasks: readonly IResultTasksResult[]): Trees {
  const tree = treeOf(basis.nodes, basis.sums, tasks);
  return { tree, toDate: basis.toDate ? treeOf(basis.nodes, basis.toDate, tasks) : tree };
}

/** Recorded work of a project or task; how much of it is billable is told of the span alone. */
type WorkedSum = IResultToDateResult & { readonly billable?: number };

/** Clients or departments, their projects, and the tasks below, rolled up. */
function treeOf(projects: ResultBasis['nodes'], sums: readonly WorkedSum[], tasks: readonly IResultTasksResult[]): Tree {
  // Where tasks are taken together, what is on them stands below their project under one id.
  const idOf = (row: WorkedSum) => (row.taskId === row.projectId ? `below ${row.projectId}` : (row.taskId ?? row.projectId));
  const figures = (list: readonly WorkedSum[]): NodeFigures => ({
    seconds: sum(list, (row) => row.seconds),
    billable: sum(list, (row) => row.billable ?? 0),
    cost: sum(list, (row) => row.cost),
    standardCost: sum(list, (row) => row.standardCost),
    uncosted: sum(list, (row) => row.uncosted),
  });
  const own = new Map(rollups(sums as WorkedSum[], figures, idOf));
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
  const estimate = isWhole(scope) ? sum(basis.nodes, (node) => node.estimate) : 0;
  if (!scope.all) return hours(tree.get(scope.id!), estimate);
  const total = sum(basis.sums, (row) => row.seconds);
  return { own: 0, below: total, total, estimate, billable: sum(basis.sums, (row) => row.billable) };
}

/** What the rows of results are made of: the basis of hours, and the one of money. */
interface Shown {
  readonly basis: ResultBasis;
  readonly of: ResultBasis;
  /** The revenue of `of`. */
  readonly judged: Judged;
  readonly tasks: readonly IResultTasksResult[];
  readonly trees: Trees;
  readonly valued: Trees;
}

/** The rows below the scope: projects of the firm or a client, tasks of a project or task. */
function rowsOf(
  { basis, of, judged, tasks, trees, valued }: Shown,
  scope: ScopeFilter,
  money: boolean,
  by: CostBasis | null,
): ResultRow[] {
  // Where money is seen less far than hours, nothing is told of the money of what lies beyond.
  const sees = (id: string) => of === basis || (valued.toDate.get(id)?.total.seconds ?? 0) > 0;
  const costed = (figures: NodeFigures | undefined) => (by ? costOf([figures ?? NOTHING], by) : null);
  const costs = (figures: RolledUp<NodeFigures> | undefined, budget: number): ResultRow['cost'] => {
    const [own, below, total] = [costed(figures?.own), costed(figures?.below), costed(figures?.total)];
    return own === null || below === null || total === null ? null : { own, below, total, budget };
  };
  const row = (
    id: string,
    kind: ResultRow['kind'],
    parentId: string | null,
    name: string,
    estimate: number,
    budget: number,
    money: ResultRow['money'],
    revenue: Minor,
  ): ResultRow => {
    const seen = sees(id);
    const cost = seen ? costs(valued.tree.get(id), budget) : null;
    const earnings = cost && money ? earningsOf(revenue, minor(cost.total)) : null;
    return {
      id,
      kind,
      parentId,
      name,
      hours: hours(trees.tree.get(id), estimate),
      cost,
      toDate: {
        seconds: trees.toDate.get(id)?.total.seconds ?? 0,
        cost: seen ? costed(valued.toDate.get(id)?.total) : null,
      },
      money: seen ? money : null,
      margin: earnings && {
        revenue: earnings.revenue,
        minor: minor(earnings.revenue - earnings.cost),
        share: earnings.margin,
      },
    };
  };
  if (ofTasks(scope)) {
    const below = descendants(tasks);
    const shown = scope.kind === 'project' ? tasks : tasks.filter((task) => scope.tasks.includes(task.id));
    return shown.map((task) => {
      const inside = below.get(task.id)!;
      const belongs = (one: { taskId: string | null }) => one.taskId !== null && inside.has(one.taskId);
      const own = { sums: of.sums.filter(belongs), billed: of.billed.filter(belongs), waiting: [] };
      // A limit is the project's, so neither it nor what lay before counts for a task.
      const judged = judge({ ...earnedOf(of), rows: own, before: null, limits: new Map() });
      const revenue = revenueInFirm(judged, basis.today);
      return row(task.id, 'task', task.parentId, task.name, task.estimate, task.budget, money ? moneyOf(judged) : null, revenue);
    });
  }
  const [moneyOfProject, revenueOfProject] = [moneyByProject(judged), revenueInFirmByProject(judged, basis.today)];
  const person = scope.kind === 'person';
  // What somebody's time is not on says nothing about them; what it is on, is theirs in part.
  const worked = new Set(basis.sums.map((one) => one.projectId));
  const nodes = person ? basis.nodes.filter((node) => worked.has(node.projectId)) : basis.nodes;
  return nodes.map((node) =>
    row(
      node.projectId,
      'project',
      node.clientId ?? node.departmentId,
      node.name,
      person ? 0 : node.estimate,
      person ? 0 : node.budget,
      money ? moneyOfProject(node.projectId) : null,
      revenueOfProject(node.projectId),
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

/** The chart of a scope. A first week that begins before the span is named after the span's first day. */
function seriesOf(
  context: Context,
  scope: ScopeFilter,
  basis: ResultBasis,
  span: Span,
  step: ChartStep,
  by: CostBasis,
): Results['series'] {
  const own = context.firm.currency;
  const apart = [...new Set([...basis.limits.keys()].map((key) => key.split(' ')[0]!))];
  const waiting = basis.chartedWaiting.map((row) => ({
    ...row,
    projectId: apart.includes(row.projectId) || row.currency !== own ? row.projectId : null,
  }));
  const points = chartOf(
    basis.chartedWork.map((row) => ({ ...row, value: row.earned, cost: by === 'actual' ? row.cost : row.standardCost })),
    basis.chartedDocuments.map((row) => ({ ...row, on: row.on! })),
    waiting,
    earnedOf(basis),
    basis.today,
    own,
    (date) => {
      const first = stepStart(date, step, context.firm.period.weekStart);
      return first < span.from ? span.from : first;
    },
  );
  return { step, points };
}
