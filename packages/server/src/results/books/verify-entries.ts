import { rate, seconds, timeValue } from '@yellowwood/core';
import { group, rollups, sum } from 'd3-array';
import { kindOf } from '../../ledger/rows';
import { EntryValuation, valuationBasis } from '../../ledger/value-entries';
import { Context } from '../../platform/context';
import { Books, Compare } from './books';

/** Every entry against what the core makes of it and of its day. */
export async function verifyEntries(context: Context, { entries, shares }: Books, compare: Compare): Promise<void> {
  const valuations = (await valuationBasis(context, entries)).value(entries);
  const billed = rollups(
    shares.filter((share) => share.live),
    (list) => sum(list, (share) => share.quantity),
    (share) => share.entryId,
  );
  const billedOf = new Map(billed);
  for (const entry of entries) {
    const { id } = entry;
    const valuation = valuations.get(id)!;
    compare('payable time of an entry', id, entry.payableQuantity, valuation.payableQuantity);
    compare('billed time of an entry', id, entry.billedQuantity, billedOf.get(id) ?? 0);
    if (entry.kind !== 'absence') compare('cost of an entry', id, entry.costMinor, valuation.cost);
    if (entry.kind !== 'absence') compare('standard cost of an entry', id, entry.standardCostMinor, valuation.standardCost);
    compare('client of an entry', id, entry.clientId, valuation.clientId);
    if (!kindOf(entry.kind).isTime) {
      compare('value of an entry', id, entry.valueMinor ?? 0, valuation.value);
      compare('billing state of an entry', id, entry.billingState, valuation.billingState);
      continue;
    }
    // What stands on a document keeps the rounding and the rate that it was billed at.
    if (entry.billedQuantity === 0) {
      const { day } = valuation;
      if (!day) compare('billable time of an entry', id, entry.billableQuantity, valuation.billableQuantity);
      compare('billing state of an entry', id, entry.billingState, valuation.billingState);
      compare('rate of an entry', id, entry.rate, valuation.rate);
      const { rate: at, valueCurrency } = valuation;
      const own = day && at !== null ? timeValue(seconds(entry.billableQuantity), at, valueCurrency!) : valuation.value;
      compare('value of an entry', id, entry.valueMinor, own);
      compare('own rate of an entry', id, entry.ownRate, valuation.ownRate);
    } else {
      const value = timeValue(seconds(entry.billableQuantity), rate(entry.rate!), entry.valueCurrency!);
      compare('value of an entry', id, entry.valueMinor, value);
    }
    const own =
      entry.ownRate === null
        ? valuation.ownValue
        : timeValue(seconds(entry.billableQuantity), rate(entry.ownRate), context.firm.currency);
    compare('own value of an entry', id, entry.ownValueMinor, own);
  }
  verifyDays(entries, valuations, compare);
}

/**
 * Days that are rounded as a whole. How a day is shared depends on what stood on documents when it was: after a
 * credit note each entry is worth what it was billed at, until somebody changes its day. The sum does not.
 */
function verifyDays(entries: Books['entries'], valuations: ReadonlyMap<string, EntryValuation>, compare: Compare): void {
  const days = group(
    entries.filter((entry) => valuations.get(entry.id)!.day),
    (entry) => valuations.get(entry.id)!.day!,
  );
  for (const [day, together] of days) {
    const parts = together.map((entry) => day.parts.get(entry.id) ?? entry.billableQuantity);
    const stored = sum(together, (entry) => entry.billableQuantity);
    compare('billable time of a day', together[0]!.id, stored, sum(parts));
  }
}
