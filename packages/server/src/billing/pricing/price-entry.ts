import { Entry } from '@yellowwood/contracts';
import { EntryProblem, LedgerEntry } from '@yellowwood/core';
import { entryToPrice } from '../../generated/billing/pricing/price-entry.queries';
import { holdRules, lockTimesheets } from '../../ledger/locks';
import { entriesById } from '../../ledger/read-entries';
import { lockDays, rowSubject, updateRows } from '../../ledger/rows';
import { derived, valuationBasis } from '../../ledger/value-entries';
import { audit } from '../../platform/audit';
import { Context, reachOf } from '../../platform/context';
import { StartOver } from '../../platform/database';
import { problem } from '../../platform/problem';

/** Types a rate on one entry, or, with null, goes back to the rules. A rate of zero is a rate. */
export async function priceEntry(
  context: Context,
  id: string,
  version: number,
  typed: number | null,
  reason: string,
): Promise<Entry> {
  const who = { reach: reachOf(context, 'entries.price'), asker: context.actor.personId, id };
  const [head] = await entryToPrice.run(who, context.tx);
  if (!head) throw problem('entry-unknown');
  await holdRules(context);
  await lockTimesheets(context, [{ personId: head.personId, date: head.workDate }]);
  // The whole day: where an agreement rounds by the day, an entry's part of it depends on the others.
  const day = await lockDays(context, [head.personId], [head.workDate], () => context.firm.zone);
  const row = day.get(id);
  if (!row) throw new StartOver();
  if (row.version !== version) throw problem('version-stale', {}, { current: (await entriesById(context, [id]))[0] });
  if (row.billedQuantity !== 0) throw problem(row.stage === 'approved' ? 'entry-in-draft' : 'entry-billed');
  const priced: LedgerEntry = { ...row, rate: typed, rateSource: typed === null ? null : 'typed' };
  const rows = [...day.values()].map((one) => (one.id === id ? priced : one));
  // A price moves no time: the entry keeps its part of a day that is rounded as a whole.
  const valuation = (await valuationBasis(context, rows)).value(rows, id).get(id)!;
  if (valuation.method !== 'time and materials' || !row.billable) throw problem('entry-not-billable');
  const others = row.problems.filter((code) => code !== 'no-rate');
  const problems: EntryProblem[] = valuation.rate === null ? [...others, 'no-rate'] : others;
  const after: LedgerEntry = { ...row, ...derived(valuation, reason), problems, version: row.version + 1 };
  await updateRows(context, new Map([[id, row]]), [after]);
  // Why a price is what it is, is told with the price: to those who may know it.
  const subject = rowSubject(row, after);
  await audit(context, 'entry priced', [{ ...subject, moneyAfter: { ...subject.moneyAfter, rateReason: reason } }]);
  return (await entriesById(context, [id]))[0]!;
}
