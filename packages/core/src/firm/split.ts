import { Minor, minor } from './units';
import { Result, fail, ok } from './result';

/**
 * Splits a whole into shares that add up to it exactly: the largest remainder on the magnitude, the
 * sign restored afterwards, so that `split(−w) = −split(w)`. Ties go by order.
 *
 * @param whole   amount in minor units, may be negative
 * @param weights non-negative whole numbers, one per share; all zero is an error
 * @returns one amount per weight, in order, minor units
 * @example split(100, [1, 1, 1]) is 34, 33, 33
 */
export function split(whole: Minor, weights: readonly number[]): Result<Minor[], 'no-weight'> {
  const total = weights.reduce((sum, weight) => sum + BigInt(weight), 0n);
  if (total <= 0n || weights.some((weight) => weight < 0)) return fail('no-weight');
  const sign = whole < 0 ? -1 : 1;
  const magnitude = BigInt(Math.abs(whole));
  const floors = weights.map((weight) => (magnitude * BigInt(weight)) / total);
  const remainders = weights.map((weight) => (magnitude * BigInt(weight)) % total);
  let left = Number(magnitude - floors.reduce((sum, floor) => sum + floor, 0n));
  const byRemainder = remainders
    .map((remainder, index) => ({ remainder, index }))
    .sort((a, b) => (a.remainder === b.remainder ? a.index - b.index : a.remainder > b.remainder ? -1 : 1));
  for (const { index } of byRemainder) {
    if (left === 0) break;
    floors[index] = floors[index]! + 1n;
    left -= 1;
  }
  return ok(floors.map((floor) => minor(sign * Number(floor))));
}
