import { Behind, Figure } from '@yellowwood/contracts';
import { minor, sumMinor } from '@yellowwood/core';
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
import { ScopeFilter, isWhole, mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import { Span, TO_DATE, moneyOf, readBasis } from './figures';

const PAGE = 100;

/** How each figure comes about, in one sentence. */
const RULES: Readonly<Record<Figure, string>> = {
  hours: 'All recorded time of this work, whatever its stage.',
  'billable-hours': 'Recorded time that may be charged to the client.',
  cost: 'Payable time of each entry × (pay rate + overhead) of its work date, rounded once per entry.',
  'standard-value': 'Billable time of each entry, rounded as agreed, × its rate, rounded once per entry.',
  billed: 'Net of the issued invoices, credit notes taken off.',
  unbilled: 'Value of billable time that stands on no issued invoice yet.',
  revenue: 'Billed and unbilled value together, never above the agreed limit.',
  margin: '(Revenue − cost) ÷ revenue. The mark-up divides by cost instead.',
  realisation:
    'Billed net ÷ standard value of the time that these invoices bill; then ÷ what the firm’s own rates make of the same time.',
};

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
  const who = { reach: reachOf(context, 'results.read'), asker: context.actor.personId };
  const filter = { ...who, from: from ?? TO_DATE.from, to: to ?? TO_DATE.to, ...scopeParameters(scope) };
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
    documentCount: billed.reduce((sum, row) => sum + row.count, 0),
    count: sums.reduce((sum, row) => sum + row.count, 0),
    seconds: sums.reduce((sum, row) => sum + row.seconds, 0),
    sums: await sumsOf(context, figure, { scope, span: filter, sums, billed }),
    rule: RULES[figure],
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
  const over = parts.includes('over the limit') ? await overLimits(context, rows) : [];
  const amounts: Readonly<Record<Exclude<Part, 'cost'>, readonly [of: string, minor: number][]>> = {
    'standard value': rows.sums.map((row) => [row.currency ?? '', figure === 'realisation' ? row.billedStandard : row.value]),
    billed: rows.billed.map((row) => [row.currency, row.billed]),
    unbilled: rows.sums.map((row) => [row.currency ?? '', row.unbilled]),
    'over the limit': over,
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
  const cost = sumMinor(rows.sums.map((row) => minor(row.cost)));
  return parts.includes('cost') ? [...sums, { part: 'cost', currency: own, minor: cost }] : sums;
}

/** What agreed limits keep from being earned, below zero, by currency. */
async function overLimits(context: Context, { scope, span }: Rows): Promise<[string, number][]> {
  const basis = await readBasis(context, scope, span);
  return moneyOf(basis, basis, basis.before, isWhole(scope)).map((sum) => [
    sum.currency,
    sum.revenue - sum.billed - sum.unbilled,
  ]);
}
