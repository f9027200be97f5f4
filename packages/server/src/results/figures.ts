import {
  Reach,
  ChartStep,
  EarningRows,
  Earned,
  Judged,
  Limits,
  Minor,
  WaitingSum,
  addDays,
  chartStep,
  earningsOf,
  judge,
  limitKey,
  minor,
  revenueInFirm,
  split,
} from '@yellowwood/core';
import { sum } from 'd3-array';
import {
  IResultBilledResult,
  IResultMonthsResult,
  IResultNodesResult,
  IResultSumsResult,
  IResultToDateResult,
  IResultWaitingResult,
  ISeriesRecordedResult,
  resultBilled,
  resultLimits,
  resultMonths,
  resultNodes,
  resultSums,
  resultToDate,
  resultWaiting,
  seriesByDay,
  seriesRecorded,
} from '../generated/results/figures.queries';
import { Context, jointReach, may, reachOf, today } from '../platform/context';
import { Exchange, readExchange } from '../rates/exchange';
import { ScopeFilter, isWhole, mayKnowCost, scopeParameters } from '../work/scope';

/** First and last work date that results count; open ends count everything. */
export interface Span {
  readonly from: string;
  readonly to: string;
}
export const TO_DATE: Span = { from: '0001-01-01', to: '9999-12-31' };

function isToDate({ from, to }: Span): boolean {
  return from === TO_DATE.from && to === TO_DATE.to;
}

/** Whether the results of a scope are told by task; otherwise by project, time on its tasks taken together. */
export function ofTasks(scope: ScopeFilter): boolean {
  return scope.kind === 'project' || scope.kind === 'task';
}

/** What documents bill of the work of a project or task. */
type BilledRow = IResultBilledResult & { readonly projectId: string };

/** Sums of recorded work, what documents bill of it, and what of it waits over a limit. */
export interface SumRows extends EarningRows {
  readonly sums: readonly IResultSumsResult[];
  readonly billed: readonly BilledRow[];
}

/** What the results of a scope are computed from. */
export interface ResultBasis extends SumRows {
  /** The projects of the scope, for the whole screen. */
  readonly nodes: readonly IResultNodesResult[];
  readonly exchange: Exchange;
  readonly today: string;
  /** The limits of its projects; none where only a part of their work is asked for, as a limit is of all of it. */
  readonly limits: Limits;
  /** What has used each limit. */
  readonly used: Limits;
  /** Recorded work and documents before the span; null for results to date. */
  readonly before: SumRows | null;
  /** Recorded work to date, where the span is another. */
  readonly toDate: readonly IResultToDateResult[] | null;
  /** How far apart the points of the chart are; null where there is none. */
  readonly step: ChartStep | null;
  /** Recorded work by day or month, for the chart; only projects with a limit or in another currency are told apart. */
  readonly chartedWork: readonly ISeriesRecordedResult[];
  /** What documents bill by the day or the month of their date, for the chart. */
  readonly chartedDocuments: readonly IResultBilledResult[];
  /** Sums over the limit inside the span, by the date of their document. */
  readonly chartedWaiting: readonly (WaitingSum & { readonly on: string })[];
}

/**
 * How far the reader sees the money of results, which may be less far than their hours: everything that they see of
 * value and cost is told of the same work. Undefined where they see no money.
 */
export function reachOfMoney(context: Context): Reach | undefined {
  const held = (['values.read', 'cost.read'] as const).filter((permission) => may(context, permission));
  return held.length === 0 ? undefined : jointReach(context, 'results.read', ...held);
}

/** The basis of money, beside the one of hours: the same where the reader sees both as far. */
export async function basisOfMoney(context: Context, scope: ScopeFilter, span: Span, hours: ResultBasis, shown = false) {
  const reach = reachOfMoney(context);
  return !reach || reach === reachOf(context, 'results.read') ? hours : readBasis(context, scope, span, shown, reach);
}

/**
 * Reads the sums behind the results of a scope.
 * @param reach how far its work is read
 * @param shown whether for the whole screen, with what is recorded to date and with its chart
 */
export async function readBasis(
  context: Context,
  scope: ScopeFilter,
  span: Span,
  shown = false,
  reach: Reach = reachOf(context, 'results.read'),
): Promise<ResultBasis> {
  const { tx } = context;
  const who = { reach, asker: context.actor.personId };
  const filter = { ...who, ...span, ...scopeParameters(scope), byTask: ofTasks(scope), own: context.firm.currency };
  const money = may(context, 'values.read');
  const day = today(context);
  const within = { all: scope.all, projects: scope.projects };
  const seen = { reach: reachOf(context, 'work.read'), moneyReach: reach, asker: who.asker, today: day };
  const nodes = shown ? await resultNodes.run({ ...seen, ...within }, tx) : [];
  const whole = money && isWhole(scope);
  const limitRows = whole ? await resultLimits.run({ ...who, ...within, today: day }, tx) : [];
  const limits = new Map(limitRows.map((row) => [limitKey(row.projectId, row.currency), minor(row.limit)]));
  const used = new Map(limitRows.map((row) => [limitKey(row.projectId, row.currency), minor(row.used)]));
  const apart = [...new Set(limitRows.map((row) => row.projectId))];
  const step = shown && money && mayKnowCost(context, scope) ? chartStep(span) : null;
  const { sums, chartedWork } = await readRecorded(context, scope, { ...filter, apart }, step);
  // One reading for both: by project, and by date for the chart.
  const series = step === 'week' ? 'day' : step;
  const documents = money ? await resultBilled.run({ ...filter, series, apart }, tx) : [];
  const waiting = apart.length === 0 && !whole ? [] : await resultWaiting.run({ ...who, ...within, ...span }, tx);
  const limited = { ...filter, series: null, apart: [], all: false, projects: apart };
  return {
    nodes,
    limits,
    used,
    sums,
    step,
    chartedWork,
    toDate: shown && !isToDate(span) ? await resultToDate.run(filter, tx) : null,
    billed: documents.filter(ofProject),
    waiting: waitingOf(waiting, 'inside'),
    chartedDocuments: documents.filter((row) => row.ofSeries && row.on !== null),
    chartedWaiting: waiting.flatMap((row) => waitingOf([row], 'inside').map((one) => ({ ...one, on: row.on }))),
    exchange: await readExchange(tx, context.firm.currency),
    today: day,
    before: span.from !== TO_DATE.from && money ? await readBefore(context, limited, waiting) : null,
  };
}

/**
 * Sums of recorded work, and what its chart is drawn from. Months are read together with the sums, unless everything to
 * date is asked of many projects: that is read from the sums over all months, and its months apart, in as few rows as
 * can be. Days of a short span are read from its entries, of which no history makes more.
 */
async function readRecorded(
  { tx }: Context,
  scope: ScopeFilter,
  filter: Parameters<typeof resultMonths.run>[0],
  step: ChartStep | null,
): Promise<Pick<ResultBasis, 'sums' | 'chartedWork'>> {
  const span = { from: String(filter.from), to: String(filter.to) };
  if (step === 'month' && (ofTasks(scope) || !isToDate(span))) {
    const rows = await resultMonths.run(filter, tx);
    return { sums: rows.filter(isSum), chartedWork: rows.filter(isMonth) };
  }
  const sums = await resultSums.run(filter, tx);
  if (step === null) return { sums, chartedWork: [] };
  return { sums, chartedWork: await (step === 'month' ? seriesRecorded : seriesByDay).run(filter, tx) };
}

function isSum(row: IResultMonthsResult): row is IResultMonthsResult & { projectId: string } {
  return !row.ofSeries;
}

function isMonth(row: IResultMonthsResult): row is IResultMonthsResult & { on: string } {
  return row.ofSeries;
}

async function readBefore(
  context: Context,
  filter: Parameters<typeof resultSums.run>[0] & Parameters<typeof resultBilled.run>[0],
  waiting: readonly IResultWaitingResult[],
): Promise<SumRows> {
  if (filter.projects.length === 0) return { sums: [], billed: [], waiting: [] };
  const before = { ...filter, from: TO_DATE.from, to: addDays(String(filter.from), -1) };
  const sums = await resultSums.run(before, context.tx);
  return {
    sums,
    billed: (await resultBilled.run(before, context.tx)).filter(ofProject),
    waiting: waitingOf(waiting, 'before'),
  };
}

/**
 * What waits over a limit for work of the span, or before it: the work on the line has it by its share, and
 * what is decided already is taken off all of it alike.
 */
function waitingOf(rows: readonly IResultWaitingResult[], part: 'inside' | 'before'): WaitingSum[] {
  return rows.flatMap(({ projectId, currency, total, waiting, before, inside }) => {
    const shares = split(minor(waiting), [before, inside, Math.max(0, total - before - inside)]);
    const own = shares.ok ? shares.value[part === 'before' ? 0 : 1]! : 0;
    return own === 0 ? [] : [{ projectId, currency, minor: own }];
  });
}

function ofProject(row: IResultBilledResult): row is BilledRow {
  return !row.ofSeries && row.projectId !== null;
}

/** What of the scope is earned, within its limits. */
export function earnedOf(basis: ResultBasis): Earned {
  return { rows: basis, before: basis.before, limits: basis.limits, toFirm: basis.exchange.toFirm };
}

/** Whose cost the reader is told: each person's own, or the standard of their positions. */
export type CostBasis = 'actual' | 'standard';

/** Cost gives pay away: without the right to pay every cost is the standard one. */
export function costBasis(context: Context): CostBasis {
  return may(context, 'pay.read') ? 'actual' : 'standard';
}

/** The cost of some sums; null where some of the time has no standard cost rate. */
export function costOf(
  rows: readonly Pick<IResultSumsResult, 'cost' | 'standardCost' | 'uncosted'>[],
  basis: CostBasis,
): Minor | null {
  if (basis === 'actual') return minor(sum(rows, (row) => row.cost));
  return sum(rows, (row) => row.uncosted) > 0 ? null : minor(sum(rows, (row) => row.standardCost));
}

/** All work of a scope with its revenue. */
export function judgedOf(basis: ResultBasis): Judged {
  return judge(earnedOf(basis));
}

/** Revenue, cost, margin and mark-up of a scope in the firm's currency; null where its cost is not known. */
export function earningsOfScope(basis: ResultBasis, judged: Judged, by: CostBasis) {
  const cost = costOf(basis.sums, by);
  return cost === null ? null : earningsOf(revenueInFirm(judged, basis.today), cost);
}
