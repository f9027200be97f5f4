import { minorPerMajor } from '../firm/currency';
import { multiplyDivide } from '../firm/exact';
import { Millionths, Minor, RATE_SCALE, Rate, Seconds, WHOLE, minor, rate } from '../firm/units';

/** The rest of what an hour costs: money per hour, or a share of pay. */
export type Overhead =
  { readonly kind: 'per-hour'; readonly rate: Rate } | { readonly kind: 'percent'; readonly percent: Millionths };

/** What an hour of a person costs, as it is agreed: pay, and overhead on it. */
export interface LoadedRate {
  readonly pay: Rate;
  readonly overhead: Overhead | null;
}

/** What one hour costs, in ten-thousandths, as it is shown: a percentage is rounded here, and in no cost. */
export function shownRates({ pay, overhead }: LoadedRate): { readonly overhead: Rate; readonly cost: Rate } {
  const extra = !overhead ? 0 : overhead.kind === 'per-hour' ? overhead.rate : multiplyDivide([pay, overhead.percent], [WHOLE]);
  return { overhead: rate(extra), cost: rate(pay + extra) };
}

/**
 * Labour cost: payable seconds × (pay rate + overhead) / 3600, divided last: a percentage is not rounded in
 * between (11,700 s at 31.93 + 38.5 % = 143.72). What the client is charged has no part in it.
 * @returns minor units of the firm's currency
 */
export function labourCost(payable: Seconds, { pay, overhead }: LoadedRate, currency: string): Minor {
  const perMajor = minorPerMajor(currency);
  if (overhead?.kind === 'percent')
    return minor(multiplyDivide([payable, pay, WHOLE + overhead.percent, perMajor], [3600, RATE_SCALE, WHOLE]));
  return minor(multiplyDivide([payable, pay + (overhead?.rate ?? 0), perMajor], [3600, RATE_SCALE]));
}

/**
 * Cost at the standard rate of a position: what those see who may know cost and not pay.
 * @returns minor units of the firm's currency
 */
export function standardCost(payable: Seconds, standard: Rate, currency: string): Minor {
  return minor(multiplyDivide([payable, standard, minorPerMajor(currency)], [3600, RATE_SCALE]));
}
