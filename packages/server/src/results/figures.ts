import { Millionths, Minor, addDays, margin, markUp, minor, realisation, revenueEarned } from '@yellowwood/core';
import {
  type IResultBilledResult,
  type IResultNodesResult,
  type IResultSumsResult,
  resultBilled,
  resultNodes,
  resultSums,
} from '../generated/results/figures.queries';
import { Context, may, reachOf, today } from '../platform/context';
import { Exchange, readExchange } from '../rates/exchange';
import { ScopeFilter, isWhole, scopeParameters } from '../work/scope';

/** First and last work date that results count; open ends count everything. */
export interface Span {
  readonly from: string;
  readonly to: string;
}

export const TO_DATE: Span = { from: '0001-01-01', to: '9999-12-31' };

/** Money of a part of the work in one currency. */
export interface MoneyFigures {
  readonly currency: string;
  readonly standardValue: Minor;
  readonly billed: Minor;
  readonly unbilled: Minor;
  readonly revenue: Minor;
  readonly realisation: Millionths | null;
  /** Billed against what the firm's own rates make of the same time. */
  readonly ownRealisation: Millionths | null;
}

/** Whether the results of a scope are told by task; otherwise by project, time on its tasks taken together. */
export function ofTasks(scope: ScopeFilter): boolean {
  return scope.kind === 'project' || scope.kind === 'task';
}

/** What documents bill of the work of a project or task. */
type BilledRow = IResultBilledResult & { readonly projectId: string };

/** Sums of recorded work, and what documents bill of it. */
export interface SumRows {
  readonly sums: readonly IResultSumsResult[];
  readonly billed: readonly BilledRow[];
}

/** What the results of a scope are computed from. */
export interface ResultBasis extends SumRows {
  readonly nodes: readonly IResultNodesResult[];
  readonly exchange: Exchange;
  readonly today: string;
  /** The limits of the projects that have one, minor units of their agreements' currencies. */
  readonly limits: ReadonlyMap<string, Minor>;
  /**
   * What lies before the span, of projects with a limit: it is used up in the order of work. Null for
   * results to date.
   */
  readonly before: SumRows | null;
  /** Recorded work to date, whatever the span. */
  readonly toDate: SumRows['sums'];
  /** What documents bill by the month of their date, for the chart. */
  readonly billedByMonth: readonly IResultBilledResult[];
}

/**
 * Reads the sums behind the results of a scope.
 * @param shown whether for the whole screen, with what is recorded to date and with months for its chart
 */
export async function readBasis(context: Context, scope: ScopeFilter, span: Span, shown = false): Promise<ResultBasis> {
  const who = { reach: reachOf(context, 'results.read'), asker: context.actor.personId };
  const filter = { ...who, ...span, ...scopeParameters(scope), byTask: ofTasks(scope), own: context.firm.currency };
  const atOnce = { ...filter, series: false, apart: [] };
  const money = may(context, 'values.read');
  const nodes = await resultNodes.run(
    { ...who, reach: reachOf(context, 'work.read'), all: scope.all, projects: scope.projects, today: today(context) },
    context.tx,
  );
  const limits = new Map(nodes.flatMap((node) => (node.limit === null ? [] : [[node.projectId, minor(node.limit)]])));
  const sums = await resultSums.run(filter, context.tx);
  // One reading for both: by project, and by month for the chart.
  const documents = money ? await resultBilled.run({ ...filter, series: shown, apart: apart(scope, limits) }, context.tx) : [];
  return {
    nodes,
    limits,
    sums,
    toDate: shown && span.from !== TO_DATE.from ? await resultSums.run({ ...filter, ...TO_DATE }, context.tx) : sums,
    billed: documents.filter(ofProject),
    billedByMonth: documents.filter((row) => row.ofSeries),
    exchange: await readExchange(context.tx, context.firm.currency),
    today: today(context),
    before: span.from !== TO_DATE.from && money ? await readBefore(context, { ...atOnce, limited: [...limits.keys()] }) : null,
  };
}

/** The projects whose limits the chart of a scope has to keep apart from all others. */
export function apart(scope: ScopeFilter, limits: ReadonlyMap<string, Minor>): string[] {
  return isWhole(scope) ? [...limits.keys()] : [];
}

async function readBefore(
  context: Context,
  {
    limited,
    ...filter
  }: Parameters<typeof resultSums.run>[0] & Parameters<typeof resultBilled.run>[0] & { readonly limited: string[] },
): Promise<SumRows> {
  if (limited.length === 0) return { sums: [], billed: [] };
  const before = { ...filter, from: TO_DATE.from, to: addDays(String(filter.from), -1), all: false, projects: limited };
  const sums = await resultSums.run(before, context.tx);
  return { sums, billed: (await resultBilled.run(before, context.tx)).filter(ofProject) };
}

function ofProject(row: IResultBilledResult): row is BilledRow {
  return !row.ofSeries && row.projectId !== null;
}

/** The rows of each project by themselves. */
export function rowsByProject(rows: SumRows): Map<string, SumRows> {
  const split = new Map<string, { sums: IResultSumsResult[]; billed: BilledRow[] }>();
  const of = (projectId: string) => {
    const found = split.get(projectId) ?? { sums: [], billed: [] };
    split.set(projectId, found);
    return found;
  };
  for (const row of rows.sums) of(row.projectId).sums.push(row);
  for (const row of rows.billed) of(row.projectId).billed.push(row);
  return split;
}

interface Part {
  readonly projectId: string;
  readonly currency: string;
  value: number;
  billed: number;
  /** In the firm's currency, at the rate of each document's date. */
  billedInFirm: number;
  unbilled: number;
  billedStandard: number;
  /** In the firm's currency. */
  billedOwn: number;
}

/** Sums of some rows by project and currency: the unit in which revenue is judged. */
export function partsOf(rows: SumRows, exchange: Exchange): Map<string, Part> {
  const parts = new Map<string, Part>();
  const part = (projectId: string, currency: string) => {
    const key = `${projectId} ${currency}`;
    const found = parts.get(key) ?? {
      projectId,
      currency,
      value: 0,
      billed: 0,
      billedInFirm: 0,
      unbilled: 0,
      billedStandard: 0,
      billedOwn: 0,
    };
    parts.set(key, found);
    return found;
  };
  for (const row of rows.sums) {
    if (!row.currency) continue;
    const found = part(row.projectId, row.currency);
    found.value += row.value;
    found.unbilled += row.unbilled;
    found.billedStandard += row.billedStandard;
    found.billedOwn += row.billedOwn;
  }
  for (const row of rows.billed) {
    const found = part(row.projectId, row.currency);
    found.billed += row.amount;
    found.billedInFirm += exchange.toFirm(minor(row.amount), row.currency, row.issuedOn);
  }
  return parts;
}

/**
 * Revenue of a part of one project. A limit caps what is earned to the end of the span; what was earned
 * before the span is taken off again, so that quarters add up to the whole.
 */
function revenueOf(basis: ResultBasis, part: Part, before: Part | undefined, whole: boolean): Minor {
  const limit = whole ? basis.limits.get(part.projectId) : undefined;
  if (limit === undefined) return revenueEarned(minor(part.billed), minor(part.unbilled), null);
  const earlier = before ?? { billed: 0, unbilled: 0 };
  const toEnd = revenueEarned(minor(part.billed + earlier.billed), minor(part.unbilled + earlier.unbilled), limit);
  return minor(toEnd - revenueEarned(minor(earlier.billed), minor(earlier.unbilled), limit));
}

const NOTHING = { value: 0, billed: 0, billedInFirm: 0, unbilled: 0, revenue: 0, billedStandard: 0, billedOwn: 0 };

/**
 * Money of some rows, one figure per currency, never added up.
 * @param rows of the basis, all or some
 * @param before the rows before the span that belong to the same work; null for results to date
 * @param whole whether whole projects are meant, so that their limits count
 */
export function moneyOf(basis: ResultBasis, rows: SumRows, before: SumRows | null, whole: boolean): MoneyFigures[] {
  const byCurrency = new Map<string, Omit<Part, 'projectId' | 'currency'> & { revenue: number }>();
  const earlier = before && partsOf(before, basis.exchange);
  for (const [key, part] of partsOf(rows, basis.exchange)) {
    const sum = byCurrency.get(part.currency) ?? { ...NOTHING };
    sum.value += part.value;
    sum.billed += part.billed;
    sum.unbilled += part.unbilled;
    sum.billedInFirm += part.billedInFirm;
    sum.billedStandard += part.billedStandard;
    sum.billedOwn += part.billedOwn;
    sum.revenue += revenueOf(basis, part, earlier?.get(key), whole);
    byCurrency.set(part.currency, sum);
  }
  return [...byCurrency]
    .filter(([, sum]) => sum.value !== 0 || sum.billed !== 0)
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([currency, sum]) => ({
      currency,
      standardValue: minor(sum.value),
      billed: minor(sum.billed),
      unbilled: minor(sum.unbilled),
      revenue: minor(sum.revenue),
      realisation: realisation(minor(sum.billed), minor(sum.billedStandard)),
      ownRealisation: realisation(minor(sum.billedInFirm), minor(sum.billedOwn)),
    }));
}

/**
 * Revenue in the firm's currency: what is billed at the rate of each document's date, what is not yet
 * at today's.
 */
export function revenueInFirmCurrency(basis: ResultBasis, whole: boolean): Minor {
  let total = 0;
  const earlier = basis.before && partsOf(basis.before, basis.exchange);
  for (const [key, part] of partsOf(basis, basis.exchange)) {
    const revenue = revenueOf(basis, part, earlier?.get(key), whole);
    total += part.billedInFirm + basis.exchange.toFirm(minor(revenue - part.billed), part.currency, basis.today);
  }
  return minor(total);
}

export interface Earnings {
  readonly revenue: Minor;
  readonly cost: Minor;
  readonly margin: Millionths | null;
  readonly markUp: Millionths | null;
}

/** Revenue, cost, margin and mark-up of a scope, in the firm's currency. */
export function earningsOf(basis: ResultBasis, whole: boolean): Earnings {
  const revenue = revenueInFirmCurrency(basis, whole);
  const cost = minor(basis.sums.reduce((sum, row) => sum + row.cost, 0));
  return { revenue, cost, margin: margin(revenue, cost), markUp: markUp(revenue, cost) };
}
