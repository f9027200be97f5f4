import { differs, LedgerEntry } from './entry';

/** Time that goes from one price to another. */
export interface PriceMove {
  /** Ten-thousandths of the currency's unit per hour; null where there is no rate, or nothing is charged. */
  readonly rateNow: number | null;
  readonly rateThen: number | null;
  readonly currencyNow: string | null;
  readonly currencyThen: string | null;
  /** Whether it is charged at all. */
  readonly chargedNow: boolean;
  readonly chargedThen: boolean;
  readonly entries: number;
  /** Recorded, in seconds. */
  readonly seconds: number;
  /** Minor units of the currency then and now; null where there is no rate. */
  readonly valueNow: number | null;
  readonly valueThen: number | null;
}

/** What pricing anew does to entries. */
export interface RepricingEffect {
  /** Entries that are priced anew, whether or not their price is another then. */
  readonly entries: number;
  readonly seconds: number;
  /** What moves, the most time first; what keeps its price is no part of it. */
  readonly moves: readonly PriceMove[];
  /** Entries that had a rate and have none then, and the other way round. */
  readonly lost: number;
  readonly gained: number;
}

const PRICE = [
  ...['rate', 'valueMinor', 'valueCurrency', 'billingState', 'billableQuantity', 'ownRate', 'ownValueMinor'],
  ...['costMinor', 'standardCostMinor', 'taxCategory', 'rateRuleId'],
] as (keyof LedgerEntry)[];

/** Whether an entry has another price, worth or tax than before. */
export function isPricedOtherwise(before: LedgerEntry, after: LedgerEntry): boolean {
  return differs(before, after, PRICE);
}

const charged = (entry: LedgerEntry) => entry.billingState === 'to bill';
const unpriced = (entry: LedgerEntry) => charged(entry) && entry.rate === null;

/**
 * Sums what pricing anew does, by the prices that time goes between.
 * @param before entries as they are
 * @param after  the same entries, in the same order, as they become
 */
export function repricingEffect(before: readonly LedgerEntry[], after: readonly LedgerEntry[]): RepricingEffect {
  const moves = new Map<string, { -readonly [K in keyof PriceMove]: PriceMove[K] }>();
  let [seconds, lost, gained] = [0, 0, 0];
  const plus = (sum: number | null, value: number | null) => (sum === null || value === null ? null : sum + value);
  for (const [index, now] of before.entries()) {
    const then = after[index]!;
    seconds += now.quantity;
    if (!unpriced(now) && unpriced(then)) lost += 1;
    if (unpriced(now) && charged(then) && then.rate !== null) gained += 1;
    if (!differs(now, then, ['rate', 'valueMinor', 'valueCurrency', 'billingState', 'billableQuantity'])) continue;
    const sides = [now.rate, now.valueCurrency, charged(now), then.rate, then.valueCurrency, charged(then)] as const;
    const found = moves.get(sides.join(' '));
    if (found) {
      found.entries += 1;
      found.seconds += now.quantity;
      found.valueNow = plus(found.valueNow, now.valueMinor);
      found.valueThen = plus(found.valueThen, then.valueMinor);
    } else {
      moves.set(sides.join(' '), {
        ...{ rateNow: now.rate, currencyNow: now.valueCurrency, chargedNow: charged(now), valueNow: now.valueMinor },
        ...{ rateThen: then.rate, currencyThen: then.valueCurrency, chargedThen: charged(then), valueThen: then.valueMinor },
        ...{ entries: 1, seconds: now.quantity },
      });
    }
  }
  const most = [...moves.values()].sort((a, b) => b.seconds - a.seconds);
  return { entries: before.length, seconds, moves: most, lost, gained };
}
