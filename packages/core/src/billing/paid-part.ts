import { Minor, minor } from '../firm/units';
import { multiplyDivide } from '../firm/exact';

/** The part of an amount that has been paid, by the paid fraction of its document. */
export function paidPart(amount: Minor, settled: Minor, gross: Minor): Minor {
  return gross === 0 ? minor(0) : minor(multiplyDivide([amount, settled], [gross]));
}
