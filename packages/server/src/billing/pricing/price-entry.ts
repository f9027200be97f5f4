import { Entry } from '@yellowwood/contracts';
import { EntryProblem, seconds, timeValue } from '@yellowwood/core';
import { lockToPrice, setTypedRate } from '../../generated/billing/pricing/price-entry.queries';
import { entriesById } from '../../ledger/read-entries';
import { valuationBasis } from '../../ledger/value-entries';
import { audit } from '../../platform/audit';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';

/** Types a rate on one entry, or, with null, goes back to the rules. A rate of zero is a rate. */
export async function priceEntry(
  context: Context,
  id: string,
  version: number,
  typed: number | null,
  reason: string,
): Promise<Entry> {
  const [row] = await lockToPrice.run(
    { reach: reachOf(context, 'entries.price'), asker: context.actor.personId, id },
    context.tx,
  );
  if (!row) throw problem('entry-unknown');
  if (row.version !== version) throw problem('version-stale', {}, { current: (await entriesById(context, [id]))[0] });
  if (row.billedQuantity !== 0) throw problem(row.stage === 'approved' ? 'entry-in-draft' : 'entry-billed');
  const valued = { ...row, typedRate: typed };
  const basis = await valuationBasis(context, [valued]);
  const valuation = basis.value([valued]).get(id)!;
  if (valuation.method !== 'time and materials' || !row.billable) throw problem('entry-not-billable');
  // Typing a rate changes the price, not the time: a quantity rounded over the day stays as it is.
  const quantity = seconds(row.billableQuantity);
  const value = valuation.rate === null ? null : timeValue(quantity, valuation.rate, valuation.valueCurrency!);
  const others = row.problems.filter((code) => code !== 'no-rate');
  const problems: string[] = valuation.rate === null ? [...others, 'no-rate' satisfies EntryProblem] : others;
  await setTypedRate.run(
    {
      id,
      rate: valuation.rate,
      source: valuation.rateSource,
      rule: valuation.rateRuleId,
      reason: typed === null ? '' : reason,
      value,
      ownRate: valuation.ownRate,
      ownValue: valuation.ownRate === null ? null : timeValue(quantity, valuation.ownRate, context.firm.currency),
      problems,
    },
    context.tx,
  );
  await audit(
    context,
    'entry priced',
    [
      {
        kind: 'entry',
        id,
        before: { rateSource: row.rateSource },
        after: { rateSource: valuation.rateSource },
        moneyBefore: { rate: row.rate, valueMinor: row.valueMinor },
        moneyAfter: { rate: valuation.rate, valueMinor: value },
      },
    ],
    reason,
  );
  return (await entriesById(context, [id]))[0]!;
}
