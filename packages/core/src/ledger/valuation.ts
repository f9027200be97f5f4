import { LoadedRate } from '../costs/labour-cost';
import { Minor, Rate, Seconds, minor, seconds } from '../firm/units';
import { RateResolution, RateRule, RatedWork } from '../rates/resolve-rate';
import { Rounded, RoundingRule } from './rounding';
import { BillingMethod, BillingState } from './stage';

/** What decides on the value and cost of one entry. */
export interface ValuationFacts {
  /** Seconds, or minor units: as its kind counts. */
  readonly quantity: number;
  readonly billable: boolean;
  /** Somebody has written it off: it stays so whatever it is worth. */
  readonly writtenOff: boolean;
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
  /** The standard cost rate of the position held on the work date; null where there is none. */
  readonly standardRate: Rate | null;
  readonly firmCurrency: string;
  /** The rate of exchange on the work date, as it is stored; null where none is. */
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
  readonly standardCost: Minor | null;
  /** Null for what is not rounded. */
  readonly rounded: Rounded | null;
  readonly resolution: RateResolution | null;
}

/** The valuation of what is neither charged nor paid for by the hour. */
export function unvalued(facts: ValuationFacts): Valuation {
  return {
    payableQuantity: seconds(facts.quantity),
    billableQuantity: seconds(0),
    billingState: 'nothing to bill',
    rate: null,
    rateSource: null,
    rateRuleId: null,
    value: minor(0),
    valueCurrency: facts.agreement?.currency ?? null,
    ownRate: null,
    ownValue: minor(0),
    cost: minor(0),
    standardCost: minor(0),
    rounded: null,
    resolution: null,
  };
}
