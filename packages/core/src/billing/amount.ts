import { Minor, RATE_SCALE, Rate, Seconds, minor, sumMinor, sumSeconds } from '../firm/units';
import { minorPerMajor } from '../firm/currency';
import { multiplyDivide } from '../firm/exact';
import { timeValue } from '../ledger/time-value';

/** How a line shows its quantity; the amount is computed from what is printed. */
export type QuantityDisplay = { readonly kind: 'minutes' } | { readonly kind: 'decimal'; readonly places: number };

/** A quantity of decimal hours as it is printed, in units of `10^-places` hours. */
export function printedHours(billable: Seconds, places: number): number {
  return multiplyDivide([billable, 10 ** places], [3600]);
}

/**
 * The net of a line. In decimal hours the printed quantity is rounded once and the amount computed
 * from it, so that a pocket calculator gives the printed amount: 1.33 × 90.00 = 119.70.
 */
export function lineAmount(billable: Seconds, rate: Rate, currency: string, display: QuantityDisplay): Minor {
  if (display.kind === 'minutes') return timeValue(billable, rate, currency);
  const hours = printedHours(billable, display.places);
  return minor(multiplyDivide([hours, rate, minorPerMajor(currency)], [10 ** display.places, RATE_SCALE]));
}

/**
 * What a line's net is more (or, negative, less) than its entries are worth one by one: the line is rounded
 * as a whole, and in decimal hours from its printed quantity. Three times 0:20 at 100.00 are 33.33 each and
 * 100.00 together: 0.01.
 * @param entries billable seconds of each entry on the line
 */
export function lineRounding(entries: readonly Seconds[], rate: Rate, currency: string, display: QuantityDisplay): Minor {
  const whole = lineAmount(sumSeconds(entries), rate, currency, display);
  return minor(whole - sumMinor(entries.map((billable) => timeValue(billable, rate, currency))));
}
