import { UnpricedList } from '@yellowwood/contracts';
import { unpricedEntries } from '../../generated/billing/pricing/list-unpriced.queries';
import { entriesById } from '../../ledger/read-entries';
import { readRows } from '../../ledger/rows';
import { valuationBasis } from '../../ledger/value-entries';
import { Context, reachOf } from '../../platform/context';
import { resolveScope, scopeParameters } from '../../work/scope';
import { inWords } from './read-entry-why';

/** Billable entries without a rate, whatever their stage: the oldest hundred, with the price of rules made since. */
export async function listUnpriced(context: Context, scopeText: string | undefined): Promise<UnpricedList> {
  const scope = await resolveScope(context, scopeText);
  const rows = await unpricedEntries.run(
    { reach: reachOf(context, 'values.read'), asker: context.actor.personId, ...scopeParameters(scope) },
    context.tx,
  );
  const entries = await entriesById(
    context,
    rows.map((row) => row.id),
  );
  return { entries, count: rows[0]?.count ?? 0, offers: await offersOf(context, entries) };
}

/** What a rule that was made after the entry would price it at. */
async function offersOf(context: Context, entries: UnpricedList['entries']): Promise<UnpricedList['offers']> {
  if (entries.length === 0) return [];
  const rows = await readRows(
    context,
    entries.map((entry) => entry.id),
  );
  const valuations = (await valuationBasis(context, rows)).value(rows);
  const priced = [...valuations].filter(([, valuation]) => valuation.rateRuleId !== null);
  const words = await inWords(
    context,
    priced.map(([, valuation]) => valuation.rateRuleId!),
  );
  return priced.map(([entryId, valuation]) => ({ entryId, rule: words.get(valuation.rateRuleId!)! }));
}
