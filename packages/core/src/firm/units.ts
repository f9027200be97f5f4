/**
 * The units of everything that is computed. They are branded numbers, so that the compiler refuses
 * to add seconds to money. All of them are safe integers.
 */
declare const unit: unique symbol;
type Branded<Name extends string> = number & { readonly [unit]: Name };

/** Whole seconds. */
export type Seconds = Branded<'seconds'>;
/** Minor units of an ISO 4217 currency: pence, cents, yen. */
export type Minor = Branded<'minor'>;
/** Ten-thousandths of a currency's major unit per hour: 92.00 an hour is 920,000. */
export type Rate = Branded<'rate'>;
/** Millionths: 20 % is 200,000. */
export type Millionths = Branded<'millionths'>;

/** A calendar date, `YYYY-MM-DD`. */
export type DateText = string;
/** An instant, RFC 3339 in UTC, to the second or millisecond. */
export type InstantText = string;

/** One whole in millionths: 100 %. */
export const WHOLE = 1_000_000;
/** Parts of a major unit in one unit of a rate. */
export const RATE_SCALE = 10_000;

function whole(value: number, name: string): number {
  if (!Number.isSafeInteger(value)) throw new RangeError(`${name} must be a whole number, got ${value}`);
  return value === 0 ? 0 : value;
}

/** @throws RangeError unless the value is a safe integer. */
export function seconds(value: number): Seconds {
  return whole(value, 'seconds') as Seconds;
}
/** @throws RangeError unless the value is a safe integer. */
export function minor(value: number): Minor {
  return whole(value, 'minor units') as Minor;
}
/** @throws RangeError unless the value is a safe integer. */
export function rate(value: number): Rate {
  return whole(value, 'rate') as Rate;
}
/** @throws RangeError unless the value is a safe integer. */
export function millionths(value: number): Millionths {
  return whole(value, 'millionths') as Millionths;
}

/** The sum of amounts in one and the same currency, minor units. */
export function sumMinor(values: Iterable<Minor>): Minor {
  let total = 0n;
  for (const value of values) total += BigInt(value);
  return minor(Number(total));
}

/** The sum of durations. */
export function sumSeconds(values: Iterable<Seconds>): Seconds {
  let total = 0;
  for (const value of values) total += value;
  return seconds(total);
}
