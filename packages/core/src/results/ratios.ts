import { Millionths, Minor, WHOLE, millionths } from '../firm/units';
import { multiplyDivide } from '../firm/exact';

/** A ratio in millionths, or null where it is not defined. Never infinity, never a made-up zero. */
export function ratio(numerator: number, denominator: number): Millionths | null {
  return denominator === 0 ? null : millionths(multiplyDivide([numerator, WHOLE], [denominator]));
}

/** `(revenue − cost) / revenue`. Not the mark-up. */
export function margin(revenue: Minor, cost: Minor): Millionths | null {
  return ratio(revenue - cost, revenue);
}

/** `(revenue − cost) / cost`. Not the margin. */
export function markUp(revenue: Minor, cost: Minor): Millionths | null {
  return ratio(revenue - cost, cost);
}

/** Billed net over standard value, in millionths: 1,140 of 1,200 is 95.0 %. */
export function realisation(billedNet: Minor, standardValue: Minor): Millionths | null {
  return ratio(billedNet, standardValue);
}
