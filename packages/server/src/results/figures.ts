import { Minor, Millionths, addDays, margin, markUp, minor, realisation, revenueEarned } from '@yellowwood/core';
import { Context, may, reachOf, today } from '../platform/context';
import { Exchange, readExchange } from '../work/exchange';
import { ScopeFilter, scopeParameters } from '../work/scope';
import {
  IResultBilledResult,
  IResultNodesResult,
  IResultSumsResult,
  resultBilled,
  resultNodes,
  resultSums,
} from './queries.queries';

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
}

/** What the results of a scope are computed from. */
export interface ResultBasis {
  readonly nodes: readonly IResultNodesResult[];
  readonly sums: readonly IResultSumsResult[];
  readonly billed: readonly IResultBilledResult[];
  readonly exchange: Exchange;
  readonly today: string;
  /** What lies before the span: a limit is used up in the order of work. Null for results to date. */
  readonly before: Pick<ResultBasis, 'sums' | 'billed'> | null;
}

/** Reads the sums behind the results of a scope. */
export async function readBasis(context: Context, scope: ScopeFilter, span: Span): Promise<ResultBasis> {
  const who = { reach: reachOf(context, 'results.read'), asker: context.actor.personId };
  const filter = { ...who, ...span, ...scopeParameters(scope) };
  const money = may(context, 'values.read');
  const before = { ...filter, from: TO_DATE.from, to: span.from === TO_DATE.from ? TO_DATE.from : addDays(span.from, -1) };
  const earlier = span.from !== TO_DATE.from && money;
  return {
    nodes: await resultNodes.run(
      { ...who, reach: reachOf(context, 'work.read'), all: scope.all, projects: scope.projects, today: today(context) },
      context.tx,
    ),
    sums: await resultSums.run(filter, context.tx),
    billed: money ? await resultBilled.run(filter, context.tx) : [],
    exchange: await readExchange(context.tx, context.firm.currency),
    today: today(context),
    before: earlier
      ? { sums: await resultSums.run(before, context.tx), billed: await resultBilled.run(before, context.tx) }
      : null,
  };
}

interface Part {
  currency: string;
  value: number;
  billed: number;
  unbilled: number;
  billedStandard: number;
}

/** Sums of some rows by project and currency: the unit in which revenue is judged. */
function partsOf(
  basis: Pick<ResultBasis, 'sums' | 'billed'>,
  belongs: (row: { projectId: string; taskId: string | null }) => boolean,
): Map<string, Part & { projectId: string }> {
  const parts = new Map<string, Part & { projectId: string }>();
  const part = (projectId: string, currency: string) => {
    const key = `${projectId} ${currency}`;
    const found = parts.get(key) ?? { projectId, currency, value: 0, billed: 0, unbilled: 0, billedStandard: 0 };
    parts.set(key, found);
    return found;
  };
  for (const row of basis.sums) {
    if (!row.currency || !belongs(row)) continue;
    const found = part(row.projectId, row.currency);
    found.value += row.value;
    found.unbilled += row.unbilled;
    found.billedStandard += row.billedStandard;
  }
  for (const row of basis.billed) if (belongs(row)) part(row.projectId, row.currency).billed += row.amount;
  return parts;
}

/**
 * Revenue of a part of one project. A limit caps what is earned to the end of the span; what was earned
 * before the span is taken off again, so that quarters add up to the whole.
 */
function revenueOf(basis: ResultBasis, part: Part & { projectId: string }, before: Part | undefined, whole: boolean): Minor {
  const limit = whole ? basis.nodes.find((node) => node.projectId === part.projectId)?.limit : null;
  if (limit === null || limit === undefined) return revenueEarned(minor(part.billed), minor(part.unbilled), null);
  const earlier = before ?? { billed: 0, unbilled: 0 };
  const toEnd = revenueEarned(minor(part.billed + earlier.billed), minor(part.unbilled + earlier.unbilled), minor(limit));
  return minor(toEnd - revenueEarned(minor(earlier.billed), minor(earlier.unbilled), minor(limit)));
}

/**
 * Money of the rows that belong to something, one figure per currency, never added up.
 * @param whole whether whole projects are meant, so that their limits count
 */
export function moneyOf(
  basis: ResultBasis,
  belongs: (row: { projectId: string; taskId: string | null }) => boolean,
  whole: boolean,
): MoneyFigures[] {
  const byCurrency = new Map<
    string,
    { standardValue: number; billed: number; unbilled: number; revenue: number; billedStandard: number }
  >();
  const before = basis.before ? partsOf(basis.before, belongs) : null;
  for (const [key, part] of partsOf(basis, belongs)) {
    const sum = byCurrency.get(part.currency) ?? { standardValue: 0, billed: 0, unbilled: 0, revenue: 0, billedStandard: 0 };
    sum.standardValue += part.value;
    sum.billed += part.billed;
    sum.unbilled += part.unbilled;
    sum.billedStandard += part.billedStandard;
    sum.revenue += revenueOf(basis, part, before?.get(key), whole);
    byCurrency.set(part.currency, sum);
  }
  return [...byCurrency]
    .filter(([, sum]) => sum.standardValue !== 0 || sum.billed !== 0)
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([currency, sum]) => ({
      currency,
      standardValue: minor(sum.standardValue),
      billed: minor(sum.billed),
      unbilled: minor(sum.unbilled),
      revenue: minor(sum.revenue),
      realisation: realisation(minor(sum.billed), minor(sum.billedStandard)),
    }));
}

/**
 * Revenue in the firm's currency: what is billed at the rate of each document's date, what is not yet
 * at today's.
 */
export function revenueInFirmCurrency(basis: ResultBasis, whole: boolean): Minor {
  let total = 0;
  const before = basis.before ? partsOf(basis.before, () => true) : null;
  for (const [key, part] of partsOf(basis, () => true)) {
    const revenue = revenueOf(basis, part, before?.get(key), whole);
    const billed = basis.billed
      .filter((row) => row.projectId === part.projectId && row.currency === part.currency)
      .reduce((sum, row) => sum + basis.exchange.toFirm(minor(row.amount), row.currency, row.issuedOn), 0);
    const rest = basis.exchange.toFirm(minor(revenue - part.billed), part.currency, basis.today);
    total += billed + rest;
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
