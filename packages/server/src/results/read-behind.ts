import { Behind, Figure } from '@yellowwood/contracts';
import { MoneyFigures, moneyOf } from '@yellowwood/core';
import { sum } from 'd3-array';
import {
  type IBehindBilledResult,
  type IBehindSumsResult,
  behindBilled,
  behindDocuments,
  behindEntries,
  behindSums,
} from '../generated/results/read-behind.queries';
import { entriesById } from '../ledger/read-entries';
import { Context, may, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { ScopeFilter, mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import { Span, costBasis, costOf, judgedOf, reachOfMoney, readBasis } from './figures';
import { spanOf } from './read-results';

const PAGE = 100;

type Part = Behind['sums'][number]['part'];

/** The sums that each figure comes from. */
const PARTS: Readonly<Record<Figure, readonly Part[]>> = {
  hours: [],
  'billable-hours': [],
  cost: ['cost'],
  'standard-value': ['standard value'],
  billed: ['billed'],
  unbilled: ['unbilled'],
  revenue: ['billed', 'unbilled', 'over the limit'],
  margin: ['billed', 'unbilled', 'over the limit', 'cost'],
  realisation: ['billed', 'standard value', 'at own rates'],
};

const MONEY: readonly Figure[] = ['standard-value', 'billed', 'unbilled', 'revenue', 'margin', 'realisation'];

/** What stands behind a figure of the results: its entries or documents, their sum, and the rule. */
export async function readBehind(
  context: Context,
  figure: Figure,
  scopeText: string | undefined,
  from: string | undefined,
  to: string | undefined,
  cursor: string | undefined,
): Promise<Behind> {
  if (MONEY.includes(figure) && !may(context, 'values.read')) throw problem('right-missing');
  const scope = await resolveScope(context, scopeText);
  if ((figure === 'cost' || figure === 'margin') && !mayKnowCost(context, scope)) throw problem('right-missing');
  const span = spanOf(from, to);
  const reach = PARTS[figure].length > 0 ? reachOfMoney(context)! : reachOf(context, 'results.read');
  const who = { reach, asker: context.actor.personId };
  const filter = { ...who, ...span, ...scopeParameters(scope) };
  const offset = readOffset(cursor);
  // Revenue is what is billed and what is not yet: documents, and the entries that stand on none.
  const listed = figure === 'revenue' ? 'unbilled' : figure;
  const page = { offset, limit: PAGE + 1 };
  const parts = PARTS[figure];
  const sums = figure === 'billed' ? [] : await behindSums.run({ ...filter, figure: listed }, context.tx);
  const ids = figure === 'billed' ? [] : await behindEntries.run({ ...filter, ...page, figure: listed }, context.tx);
  const billed = parts.includes('billed') ? await behindBilled.run(filter, context.tx) : [];
  const documents = parts.includes('billed') ? await behindDocuments.run({ ...filter, ...page }, context.tx) : [];
  const order = new Map(ids.map((row, index) => [row.id, index]));
  const entries = await entriesById(
    context,
    ids.slice(0, PAGE).map((row) => row.id),
  );
  return {
    figure,
    entries: entries.sort((a, b) => order.get(a.id)! - order.get(b.id)!),
    documents: documents.slice(0, PAGE),
    documentCount: sum(billed, (row) => row.count),
    count: sum(sums, (row) => row.count),
    seconds: sum(sums, (row) => row.seconds),
    sums: await sumsOf(context, figure, { scope, span, sums, billed }),
    nextCursor: Math.max(ids.length, documents.length) > PAGE ? String(offset + PAGE) : null,
  };
}

function readOffset(cursor: string | undefined): number {
  if (!cursor) return 0;
  if (!/^\d{1,9}$/.test(cursor))
    throw problem('request-invalid', {}, { fields: [{ path: '/query/cursor', message: 'is none that was given out' }] });
  return Number(cursor);
}

interface Rows {
  readonly scope: ScopeFilter;
  readonly span: Span;
  readonly sums: readonly IBehindSumsResult[];
  readonly billed: readonly IBehindBilledResult[];
}

/**
 * The sums that a figure comes from: for each currency of agreements, the firm's own first, in the order of
 * the parts; cost, which is nobody's agreement, last.
 */
async function sumsOf(context: Context, figure: Figure, rows: Rows): Promise<Behind['sums']> {
  const own = context.firm.currency;
  const parts = PARTS[figure];
  const money = parts.includes('unbilled') ? await moneyOfScope(context, rows) : [];
  const amounts: Readonly<Record<Exclude<Part, 'cost'>, readonly [of: string, minor: number][]>> = {
    'standard value': rows.sums.map((row) => [row.currency ?? '', figure === 'realisation' ? row.billedStandard : row.value]),
    billed: rows.billed.map((row) => [row.currency, row.billed]),
    unbilled: money.map((one) => [one.currency, one.unbilled]),
    'over the limit': money.map((one) => [one.currency, -one.over]),
    'at own rates': rows.sums.map((row) => [row.currency ?? '', row.billedOwn]),
  };
  const currencies = [...new Set(Object.values(amounts).flatMap((list) => list.map(([of]) => of)))]
    .filter(Boolean)
    .sort((a, b) => Number(b === own) - Number(a === own) || a.localeCompare(b));
  const sums = currencies.flatMap((currency) =>
    parts.flatMap((part) => {
      const amount = part === 'cost' ? 0 : (amounts[part].find(([of]) => of === currency)?.[1] ?? 0);
      return amount === 0 ? [] : [{ part, currency: part === 'at own rates' ? own : currency, minor: amount }];
    }),
  );
  if (!parts.includes('cost')) return sums;
  const cost = costOf(rows.sums, costBasis(context));
  if (cost === null) throw problem('cost-not-told');
  return [...sums, { part: 'cost', currency: own, minor: cost }];
}

/** Money of the scope, with what agreed limits keep from being earned. */
async function moneyOfScope(context: Context, { scope, span }: Rows): Promise<MoneyFigures[]> {
  const basis = await readBasis(context, scope, span, false, reachOfMoney(context));
  return moneyOf(judgedOf(basis));
}
