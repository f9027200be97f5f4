import { Entry, EntryWhy, RateRuleSeen } from '@yellowwood/contracts';
import { LedgerEntry, LoadedRate, shownRates, tellingLosers } from '@yellowwood/core';
import { rulesInWords, sharesOfEntry } from '../../generated/billing/pricing/read-entry-why.queries';
import { entriesById } from '../../ledger/read-entries';
import { kindOf, readDay } from '../../ledger/rows';
import { EntryValuation, valuationBasis } from '../../ledger/value-entries';
import { Context, may } from '../../platform/context';
import { problem } from '../../platform/problem';

/** Why an entry has its billable time, its rate and its value: what priced it, as it is stored, and the trace. */
export async function readEntryWhy(context: Context, id: string): Promise<EntryWhy> {
  const [entry] = await entriesById(context, [id]);
  if (!entry) throw problem('entry-unknown');
  const values = entry.value !== undefined;
  const billed = values ? await sharesOfEntry.run({ entry: id }, context.tx) : [];
  const day = entry.personId ? await readDay(context, entry.personId, entry.date, context.firm.zone) : [];
  const row = day.find((one) => one.id === id);
  const valuation = row && (await valuationBasis(context, day)).value(day).get(id);
  const { minor: worth = null, currency = null } = entry.value ?? {};
  // What nobody is charged for has no currency, and no value to tell of.
  const value = worth !== null && currency ? { minor: worth, currency } : null;
  if (!row || !valuation || !kindOf(row.kind).isTime) return { ...nothingToTell(entry), value, billed, currency };
  const charged = row.billingState !== 'nothing to bill' || row.rate !== null;
  return {
    ...nothingToTell(entry),
    billable: row.billableQuantity,
    method: valuation.method,
    currency: valuation.work.currency,
    ...(charged && values ? await traceOf(context, row, valuation) : {}),
    rounding: charged && valuation.rounding ? roundingOf(row, valuation) : null,
    rate:
      values && row.rate !== null
        ? { rate: row.rate, currency: row.valueCurrency!, source: row.rateSource!, reason: row.rateReason }
        : null,
    value,
    cost: costOf(context, row.costMinor, valuation.loaded),
    billed,
  };
}

function nothingToTell(entry: Entry): EntryWhy {
  return {
    entry,
    recorded: entry.quantity,
    billable: 0,
    method: null,
    currency: null,
    rounding: null,
    rate: null,
    winner: null,
    today: null,
    losers: [],
    value: null,
    cost: null,
    billed: [],
  };
}

/** How the billable time came about; where the day is rounded as a whole, its sum and this entry's part. */
function roundingOf(row: LedgerEntry, valuation: EntryValuation): EntryWhy['rounding'] {
  const { day, rounded } = valuation;
  const told = day?.day ?? rounded!;
  return {
    ...valuation.rounding!,
    byMinimum: told.byMinimum,
    day: day ? { recorded: day.day.recorded, rounded: day.day.seconds, part: row.billableQuantity } : null,
  };
}

/**
 * The rule that priced the entry, as it is stored, and, where today's rules would give another price, the one
 * that would; the losers are told beside today's winner.
 */
async function traceOf(
  context: Context,
  row: LedgerEntry,
  valuation: EntryValuation,
): Promise<Pick<EntryWhy, 'winner' | 'today' | 'losers'>> {
  const resolution = valuation.resolution!;
  const losers = tellingLosers(resolution, valuation.work).filter((loser) => loser.rule.id !== row.rateRuleId);
  const now = resolution.winner;
  const words = await inWords(context, [
    ...(row.rateRuleId ? [row.rateRuleId] : []),
    ...(now ? [now.id] : []),
    ...losers.map((loser) => loser.rule.id),
  ]);
  const stored = row.rateRuleId ? words.get(row.rateRuleId)! : null;
  const same = row.rateSource === 'rule' && now?.id === row.rateRuleId && now?.rate === row.rate;
  return {
    // What the rule said when it priced the entry stands with the entry.
    winner: stored && { ...stored, rate: row.rate! },
    today: same || !now ? null : words.get(now.id)!,
    losers: losers.map((loser) => ({ rule: words.get(loser.rule.id)!, reason: loser.reason })),
  };
}

/** The cost of one entry gives pay away: only for readers with the right to pay. */
function costOf(context: Context, minor: number | null, loaded: LoadedRate | null): EntryWhy['cost'] {
  if (!loaded || minor === null || !may(context, 'pay.read')) return null;
  return { minor, currency: context.firm.currency, pay: loaded.pay, overhead: shownRates(loaded).overhead };
}

/** Rate rules by their ids, in words. */
export async function inWords(context: Context, ids: readonly string[]): Promise<Map<string, RateRuleSeen>> {
  const rows = ids.length === 0 ? [] : await rulesInWords.run({ ids: [...new Set(ids)] }, context.tx);
  return new Map(
    rows.map(({ id, rate, currency, validFrom, validTo, ...names }) => {
      const labour = [names.person ?? names.position, names.service?.toLowerCase()].filter(Boolean).join(', ') || 'Any labour';
      const scope = names.task ?? names.project ?? names.client ?? 'the whole firm';
      return [id, { id, names: `${labour} on ${scope}`, rate, currency, validFrom, validTo }];
    }),
  );
}
