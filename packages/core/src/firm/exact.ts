/**
 * Exact arithmetic. A product of two stored figures is formed as a whole number and divided once, at
 * the end: dividing first (`minutes / 60 × rate`) is a minor unit wrong now and then, even with exact
 * decimals, because the intermediate quotient has no finite decimal form.
 */

/**
 * Divides and rounds half away from zero: 5 / 2 = 3, −5 / 2 = −3.
 * @param numerator   any whole number
 * @param denominator any whole number but zero
 * @throws RangeError on a zero denominator
 */
export function divideHalfAway(numerator: bigint, denominator: bigint): bigint {
  if (denominator === 0n) throw new RangeError('division by zero');
  const negative = numerator < 0n !== denominator < 0n;
  const n = numerator < 0n ? -numerator : numerator;
  const d = denominator < 0n ? -denominator : denominator;
  const magnitude = (2n * n + d) / (2n * d);
  return negative ? -magnitude : magnitude;
}

/**
 * The product of some factors over the product of some divisors, rounded half away from zero.
 * @throws RangeError when the answer is not a safe integer or a divisor is zero
 */
export function multiplyDivide(factors: readonly number[], divisors: readonly number[]): number {
  const product = (values: readonly number[]) => values.reduce((all, value) => all * BigInt(value), 1n);
  const answer = Number(divideHalfAway(product(factors), product(divisors)));
  if (!Number.isSafeInteger(answer)) throw new RangeError('the amount is too large to be stored exactly');
  return answer === 0 ? 0 : answer;
}
