import { minorPerMajor } from '../firm/currency';
import { multiplyDivide } from '../firm/exact';
import { Minor, RATE_SCALE, Rate, Seconds, minor } from '../firm/units';

/**
 * The value of time: `minutes × rate / 60`, exact, divided last, rounded half away from zero to the
 * currency's minor unit. 1:20 at 90.00 is 120.00.
 * @param billable whole minutes, in seconds
 */
export function timeValue(billable: Seconds, rate: Rate, currency: string): Minor {
  return minor(multiplyDivide([billable, rate, minorPerMajor(currency)], [3600, RATE_SCALE]));
}
