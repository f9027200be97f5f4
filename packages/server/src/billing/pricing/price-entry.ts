import { Entry } from '@yellowwood/contracts';
import { EntryProblem, LedgerEntry, Seen } from '@yellowwood/core';
import { group } from 'd3-array';
import { entriesToPrice } from '../../generated/billing/pricing/price-entry.queries';
import { holdRules, lockTimesheets } from '../../ledger/locks';
import { entriesById } from '../../ledger/read-entries';
import { lockDays, rowSubject, updateRows } from '../../ledger/rows';
import { ValuationBasis, derived, valuationBasis } from '../../ledger/value-entries';
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
  await price(context, [{ id, version }], typed, reason, 'version-stale');
  return (await entriesById(context, [id]))[0]!;
}

/** The same on many, all or none. @returns how many were priced, and how many of these have no rate all the same */
export async function priceEntries(
  context: Context,
  seen: readonly Seen[],
  typed: number | null,
  reason: string,
): Promise<{ priced: number; unpriced: number }> {
  const after = await price(context, seen, typed, reason, 'entries-stale');
  return { priced: after.length, unpriced: after.filter((row) => row.rate === null).length };
}

async function price(
  context: Context,
  seen: readonly Seen[],
  typed: number | null,
  reason: string,
  stale: 'version-stale' | 'entries-stale',
): Promise<LedgerEntry[]> {
  const versions = new Map(seen.map(({ id, version }) => [id, version]));
  const ids = [...versions.keys()];
  const who = { reach: reachOf(context, 'entries.price'), asker: context.actor.personId };
  const heads = await entriesToPrice.run({ ...who, ids }, context.tx);
  if (heads.length < ids.length) throw problem('entry-unknown');
  await holdRules(context);
  await lockTimesheets(
    context,
    heads.map(({ personId, workDate }) => ({ personId, date: workDate })),
  );
  // Whole days: where an agreement rounds by the day, an entry's part of it depends on the others.
  const [people, dates] = [heads.map((head) => head.personId), heads.map((head) => head.workDate)];
  const held = await lockDays(context, [...new Set(people)], [...new Set(dates)], () => context.firm.zone);
  const rows = ids.map((id) => held.get(id));
  if (rows.some((row) => !row)) throw new StartOver();
  const before = rows as LedgerEntry[];
  const changed = before.filter((row) => row.version !== versions.get(row.id)).map((row) => row.id);
  if (changed.length > 0) {
    const current = await entriesById(context, changed);
    throw problem(stale, {}, { current: stale === 'version-stale' ? current[0] : current });
  }
  for (const row of before)
    if (row.billedQuantity !== 0) throw problem(row.stage === 'approved' ? 'entry-in-draft' : 'entry-billed');
  const basis = await valuationBasis(context, [...held.values()]);
  const dayOf = (row: LedgerEntry) => `${row.personId} ${row.workDate}`;
  const days = group(held.values(), dayOf);
  const after = before.map((row) => pricedRow(row, days.get(dayOf(row))!, basis, typed, reason));
  await updateRows(context, new Map(before.map((row) => [row.id, row])), after);
  // Why a price is what it is, is told with the price: to those who may know it.
  await audit(
    context,
    before.length === 1 ? 'entry priced' : 'entries priced',
    before.map((row, index) => {
      const subject = rowSubject(row, after[index]!);
      // Of this pricing, also where the one before it had the same.
      return {
        ...subject,
        moneyBefore: { ...subject.moneyBefore, rateReason: null },
        moneyAfter: { ...subject.moneyAfter, rateReason: reason },
      };
    }),
  );
  return after;
}

/** One entry with its new rate, valued among those of its day. @throws the problem `entry-not-billable` */
function pricedRow(
  row: LedgerEntry,
  day: readonly LedgerEntry[],
  basis: ValuationBasis,
  typed: number | null,
  reason: string,
): LedgerEntry {
  const priced: LedgerEntry = { ...row, rate: typed, rateSource: typed === null ? null : 'typed' };
  // A price moves no time: the entry keeps its part of a day that is rounded as a whole.
  const valuation = basis
    .value(
      day.map((one) => (one.id === row.id ? priced : one)),
      row.id,
    )
    .get(row.id)!;
  if (valuation.method !== 'time and materials' || !row.billable) throw problem('entry-not-billable');
  const others = row.problems.filter((code) => code !== 'no-rate');
  const problems: EntryProblem[] = valuation.rate === null ? [...others, 'no-rate'] : others;
  return { ...row, ...derived(valuation, reason), problems, version: row.version + 1 };
}
