import { minor, sumMinor } from '@yellowwood/core';
import { Behind, FigureName } from '@yellowwood/contracts';
import { Context, may, reachOf } from '../platform/context';
import { problem } from '../platform/problem';
import { entriesById } from '../time/select-entries';
import { mayKnowCost, resolveScope, scopeParameters } from '../work/scope';
import { TO_DATE } from './figures';
import { behindDocuments, behindEntries, behindSums } from './queries.queries';

const PAGE = 100;

/** How each figure comes about, in one sentence. */
const RULES: Readonly<Record<FigureName, string>> = {
  hours: 'All recorded time of this work, whatever its stage.',
  'billable-hours': 'Recorded time that may be charged to the client.',
  cost: 'Payable time of each entry × (pay rate + overhead) of its work date, rounded once per entry.',
  'standard-value': 'Billable time of each entry, rounded as agreed, × its rate, rounded once per entry.',
  billed: 'Net of the issued invoices, credit notes taken off.',
  unbilled: 'Value of billable time that stands on no issued invoice yet.',
  revenue: 'Billed and unbilled value together, never above the agreed limit.',
  margin: '(Revenue − cost) ÷ revenue. The mark-up divides by cost instead.',
  realisation: 'Billed net ÷ standard value of the time that these invoices bill.',
};

const BY_DOCUMENT: readonly FigureName[] = ['billed', 'revenue', 'margin', 'realisation'];
const MONEY: readonly FigureName[] = ['standard-value', 'billed', 'unbilled', 'revenue', 'margin', 'realisation'];

/** What stands behind a figure of the results: its entries or documents, their sum, and the rule. */
export async function readBehind(
  context: Context,
  figure: FigureName,
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
  const sums = figure === 'billed' ? [] : await behindSums.run({ ...filter, figure: listed }, context.tx);
  const ids =
    figure === 'billed' ? [] : await behindEntries.run({ ...filter, figure: listed, offset, limit: PAGE + 1 }, context.tx);
  const documents = BY_DOCUMENT.includes(figure) ? await behindDocuments.run(filter, context.tx) : [];
  const order = new Map(ids.map((row, index) => [row.id, index]));
  const entries = await entriesById(
    context,
    ids.slice(0, PAGE).map((row) => row.id),
  );
  return {
    figure,
    entries: entries.sort((a, b) => order.get(a.id)! - order.get(b.id)!),
    documents,
    count: sums.reduce((sum, row) => sum + row.count, 0),
    seconds: sums.reduce((sum, row) => sum + row.seconds, 0),
    sums: moneyOf(context, figure, sums, documents),
    rule: RULES[figure],
    nextCursor: ids.length > PAGE ? String(offset + PAGE) : null,
  };
}

function readOffset(cursor: string | undefined): number {
  if (!cursor) return 0;
  if (!/^\d{1,9}$/.test(cursor))
    throw problem('request-invalid', {}, { fields: [{ path: '/query/cursor', message: 'is none that was given out' }] });
  return Number(cursor);
}

function moneyOf(
  context: Context,
  figure: FigureName,
  sums: readonly { currency: string | null; value: number; cost: number }[],
  documents: Behind['documents'],
): Behind['sums'] {
  if (figure === 'cost') return [{ currency: context.firm.currency, minor: sumMinor(sums.map((row) => minor(row.cost))) }];
  if (!MONEY.includes(figure)) return [];
  const totals = new Map<string, number>();
  const add = (currency: string, amount: number) => totals.set(currency, (totals.get(currency) ?? 0) + amount);
  if (figure === 'standard-value' || figure === 'unbilled' || figure === 'revenue')
    for (const row of sums) if (row.currency) add(row.currency, row.value);
  if (figure !== 'standard-value' && figure !== 'unbilled')
    for (const document of documents) add(document.currency, document.minor);
  return [...totals].filter(([, amount]) => amount !== 0).map(([currency, amount]) => ({ currency, minor: amount }));
}
