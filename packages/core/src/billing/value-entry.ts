import { convertRate } from './exchange';
import { Minor, Rate, Seconds, minor, seconds } from '../firm/units';
import { LoadedRate, labourCost } from '../costs/labour-cost';
import { RateResolution, RateRule, RatedWork, firmsOwnRate, resolveRate } from '../rates/resolve-rate';
import { NEAREST_MINUTE, Rounded, RoundingRule, roundTime } from '../time/rounding';
import { BillingMethod, BillingState, billingStateOf } from '../review/stage';
import { timeValue } from './amount';

/** What decides on the value and cost of one entry. */
export interface ValuationFacts {
  readonly quantity: Seconds;
  readonly billable: boolean;
  /** The agreement of the work date; null where the project is not known yet. */
  readonly agreement: {
    readonly method: BillingMethod;
    readonly currency: string;
    readonly rounding: RoundingRule;
  } | null;
  readonly rules: readonly RateRule[];
  readonly work: RatedWork;
  /** A rate typed on the entry by somebody with the right to; it beats every rule. */
  readonly typedRate: Rate | null;
  /** Null for people who cost nothing that is known: then the cost is zero. */
  readonly loaded: LoadedRate | null;
  readonly firmCurrency: string;
  /** Ten-thousandths of the firm's unit for one of the agreement's on the work date; null where none is stored. */
  readonly exchangeRate: number | null;
  /** The entry's part of a rounding over the whole day, where the agreement rounds by day. */
  readonly roundedTogether: Seconds | null;
}

export interface Valuation {
  readonly payableQuantity: Seconds;
  readonly billableQuantity: Seconds;
  readonly billingState: BillingState;
  readonly rate: Rate | null;
  readonly rateSource: 'rule' | 'typed' | null;
  readonly rateRuleId: string | null;
  /** An estimate until it is billed. */
  readonly value: Minor | null;
  readonly valueCurrency: string | null;
  /** The firm's own rate, in its currency; where it has none for this work, the agreed one. */
  readonly ownRate: Rate | null;
  readonly ownValue: Minor | null;
  readonly cost: Minor;
  readonly rounded: Rounded;
  readonly resolution: RateResolution;
}

/**
 * Rounds, rates, values and costs one entry. The only place that does: recording, correcting, typing
 * a rate, loading a firm and proving the books all come here. Doing it twice gives the same.
 */
export function valueEntry(facts: ValuationFacts): Valuation {
  const charged = billingStateOf(facts.billable, facts.agreement?.method ?? null) === 'to bill';
  const rounded = roundTime(facts.quantity, facts.agreement?.rounding ?? NEAREST_MINUTE);
  const billableQuantity = charged ? (facts.roundedTogether ?? rounded.seconds) : seconds(0);
  // What rounds to nothing is not offered for billing.
  const billingState: BillingState = billableQuantity > 0 ? 'to bill' : 'nothing to bill';
  const resolution = resolveRate(facts.rules, facts.work);
  const rate = !charged ? null : (facts.typedRate ?? resolution.winner?.rate ?? null);
  const currency = facts.agreement?.currency ?? null;
  return {
    payableQuantity: facts.quantity,
    billableQuantity,
    billingState,
    rate,
    rateSource: rate === null ? null : facts.typedRate !== null ? 'typed' : 'rule',
    rateRuleId: rate === null || facts.typedRate !== null ? null : resolution.winner!.id,
    value: rate === null ? (charged ? null : minor(0)) : timeValue(billableQuantity, rate, currency!),
    valueCurrency: currency,
    ...ownOf(facts, charged, rate, billableQuantity),
    cost: facts.loaded ? labourCost(facts.quantity, facts.loaded, facts.firmCurrency) : minor(0),
    rounded,
    resolution,
  };
}

/** What the firm's own rate makes of the time; where it has none for this work, the agreed rate stands for it. */
function ownOf(
  facts: ValuationFacts,
  charged: boolean,
  agreed: Rate | null,
  billable: Seconds,
): Pick<Valuation, 'ownRate' | 'ownValue'> {
  if (!charged) return { ownRate: null, ownValue: minor(0) };
  const ownRate = firmsOwnRate(facts.rules, facts.work, facts.firmCurrency) ?? agreedInFirm(agreed, facts);
  return { ownRate, ownValue: ownRate === null ? null : timeValue(billable, ownRate, facts.firmCurrency) };
}

/** The agreed rate in the firm's currency. */
function agreedInFirm(agreed: Rate | null, facts: ValuationFacts): Rate | null {
  if (agreed === null || facts.agreement!.currency === facts.firmCurrency) return agreed;
  return facts.exchangeRate === null ? null : convertRate(agreed, facts.exchangeRate);
}
