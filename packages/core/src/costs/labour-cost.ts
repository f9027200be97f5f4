import { Millionths, Minor, RATE_SCALE, Rate, Seconds, WHOLE, minor, rate } from '../firm/units';
import { minorPerMajor } from '../firm/currency';
import { multiplyDivide } from '../firm/exact';

/** The rest of what an hour costs: money per hour, or a share of pay. */
export type Overhead =
  { readonly kind: 'per-hour'; readonly rate: Rate } | { readonly kind: 'percent'; readonly percent: Millionths };

/** What one hour of a person costs, and from what. */
export interface LoadedRate {
  readonly pay: Rate;
  readonly overhead: Rate;
  readonly cost: Rate;
}

/** Pay and overhead together, in ten-thousandths per hour, a percentage rounded half away from zero. */
export function loadedRate(pay: Rate, overhead: Overhead | null): LoadedRate {
  const extra = !overhead ? 0 : overhead.kind === 'per-hour' ? overhead.rate : multiplyDivide([pay, overhead.percent], [WHOLE]);
  return { pay, overhead: rate(extra), cost: rate(pay + extra) };
}

/**
 * Labour cost: payable seconds × (pay rate + overhead) / 3600, divided last. What the client is
 * charged has no part in it.
 * @returns minor units of the firm's currency
 */
export function labourCost(payable: Seconds, loaded: LoadedRate, currency: string): Minor {
  return minor(multiplyDivide([payable, loaded.cost, minorPerMajor(currency)], [3600, RATE_SCALE]));
}
