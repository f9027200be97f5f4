import { EntryWhy, RateRuleSeen } from '@yellowwood/contracts';
import { LoadedRate, RateRule, tellingLosers } from '@yellowwood/core';
import { rulesInWords, sharesOfEntry } from '../../generated/billing/pricing/read-entry-why.queries';
import { ledgerDays } from '../../generated/ledger/row.queries';
import { entriesById } from '../../ledger/read-entries';
import { EntryValuation, valuationBasis } from '../../ledger/value-entries';
import { Context, may } from '../../platform/context';
import { problem } from '../../platform/problem';

/** Why an entry has its billable time, its rate and its value: the trace of its valuation. */
export async function readEntryWhy(context: Context, id: string): Promise<EntryWhy> {
  const [entry] = await entriesById(context, [id]);
  if (!entry) throw problem('entry-unknown');
  const rows = await ledgerDays.run({ people: [entry.personId], dates: [entry.date] }, context.tx);
  const row = rows.find((one) => one.id === id)!;
  const values = may(context, 'values.read');
  const day = rows
    .filter((one) => one.kind === 'time')
    .map((one) => ({ ...one, typedRate: one.rateSource === 'typed' ? one.rate : null }));
  const valuation = (await valuationBasis(context, day)).value(day).get(id);
  const base = {
    entry,
    recorded: entry.quantity,
    billable: row.billableQuantity,
    method: valuation?.method ?? null,
    currency: valuation?.work.currency ?? null,
  };
  if (!valuation || entry.kind !== 'time')
    return { ...base, rounding: null, rate: null, winner: null, losers: [], value: null, cost: null, billed: [] };
  const charged = row.billingState === 'to bill' || row.rate !== null;
  const trace = charged && values ? await traceOf(context, valuation) : { winner: null, losers: [] };
  return {
    ...base,
    ...trace,
    rounding: charged && valuation.rounding ? { ...valuation.rounding, byMinimum: valuation.rounded.byMinimum } : null,
    rate:
      values && row.rate !== null
        ? { rate: row.rate, currency: row.valueCurrency!, source: row.rateSource as 'rule', reason: row.rateReason }
        : null,
    value: values && row.valueMinor !== null && row.valueCurrency ? { minor: row.valueMinor, currency: row.valueCurrency } : null,
    cost: costOf(context, row.costMinor, valuation.loaded),
    billed: values ? await sharesOfEntry.run({ entry: id }, context.tx) : [],
  };
}

/** The rule that won and those that lost, in words. */
async function traceOf(context: Context, valuation: EntryValuation): Promise<Pick<EntryWhy, 'winner' | 'losers'>> {
  const losers = tellingLosers(valuation.resolution, valuation.work);
  const { winner } = valuation.resolution;
  const words = await inWords(context, [...(winner ? [winner] : []), ...losers.map((loser) => loser.rule)]);
  return {
    winner: winner ? words.get(winner.id)! : null,
    losers: losers.map((loser) => ({ rule: words.get(loser.rule.id)!, reason: loser.reason })),
  };
}

/** The cost of one entry gives pay away: only for readers with the right to pay. */
function costOf(context: Context, minor: number | null, loaded: LoadedRate | null): EntryWhy['cost'] {
  if (!loaded || minor === null || !may(context, 'pay.read')) return null;
  return { minor, currency: context.firm.currency, pay: loaded.pay, overhead: loaded.overhead };
}

async function inWords(context: Context, rules: readonly RateRule[]): Promise<Map<string, RateRuleSeen>> {
  const rows = await rulesInWords.run({ ids: rules.map((rule) => rule.id) }, context.tx);
  return new Map(
    rows.map((row) => {
      const rule = rules.find((one) => one.id === row.id)!;
      const labour = [row.person ?? row.position, row.service?.toLowerCase()].filter(Boolean).join(', ') || 'Any labour';
      const scope = row.task ?? row.project ?? row.client ?? 'the whole firm';
      const { id, rate, currency, validFrom, validTo } = rule;
      return [id, { id, names: `${labour} on ${scope}`, rate, currency, validFrom, validTo }];
    }),
  );
}
