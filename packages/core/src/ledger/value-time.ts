import { labourCost, standardCost } from '../costs/labour-cost';
import { Rate, Seconds, minor, seconds } from '../firm/units';
import { convertRate } from '../rates/exchange';
import { firmsOwnRate, resolveRate } from '../rates/resolve-rate';
import { NEAREST_MINUTE, roundTime } from './rounding';
import { billingStateOf } from './stage';
import { timeValue } from './time-value';
import { Valuation, ValuationFacts } from './valuation';

/**
 * Rounds, rates, values and costs one entry of time. The only place that does: recording, correcting,
 * typing a rate, loading a firm and proving the books all come here. Doing it twice gives the same.
 */
export function valueTime(facts: ValuationFacts): Valuation {
  const recorded = seconds(facts.quantity);
  const charged = billingStateOf(facts.billable, facts.agreement?.method ?? null) === 'to bill';
  const rounded = roundTime(recorded, facts.agreement?.rounding ?? NEAREST_MINUTE);
  const billableQuantity = charged ? (facts.roundedTogether ?? rounded.seconds) : seconds(0);
  const resolution = resolveRate(facts.rules, facts.work);
  const rate = !charged ? null : (facts.typedRate ?? resolution.winner?.rate ?? null);
  const currency = facts.agreement?.currency ?? null;
  return {
    payableQuantity: recorded,
    billableQuantity,
    // What is written off stays so until somebody takes it back. What rounds to nothing is not offered for billing.
    billingState: facts.writtenOff ? 'written off' : billableQuantity === 0 ? 'nothing to bill' : 'to bill',
    rate,
    rateSource: rate === null ? null : facts.typedRate !== null ? 'typed' : 'rule',
    rateRuleId: rate === null || facts.typedRate !== null ? null : resolution.winner!.id,
    value: rate === null ? (charged ? null : minor(0)) : timeValue(billableQuantity, rate, currency!),
    valueCurrency: currency,
    ...ownOf(facts, charged, rate, billableQuantity),
    cost: facts.loaded ? labourCost(recorded, facts.loaded, facts.firmCurrency) : minor(0),
    standardCost: facts.standardRate === null ? null : standardCost(recorded, facts.standardRate, facts.firmCurrency),
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
