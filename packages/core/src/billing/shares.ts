import { Minor, RATE_SCALE, Rate, Seconds, minor, sumMinor } from '../firm/units';
import { minorPerMajor } from '../firm/currency';
import { split } from '../firm/split';
import { expectOk } from '../firm/result';
import { timeValue } from '../ledger/time-value';

/** The part of an entry that stands on a line. */
export interface TimeShare {
  readonly entryId: string;
  readonly quantity: Seconds;
}

/**
 * Hands a line's net back to the entries behind it: each entry's own rounded value, and the minor units
 * that are left by largest remainder on the magnitudes, so that the shares add up to the line exactly.
 * Where lines give 3,683.34 and the entries' own values 3,683.33, the document decides.
 *
 * @param net    of the line, minor units
 * @param shares quantities in whole minutes, at one rate
 * @returns one amount per share, in order
 */
export function shareLine(net: Minor, shares: readonly TimeShare[], rate: Rate, currency: string): Minor[] {
  const own = shares.map((share) => timeValue(share.quantity, rate, currency));
  let left = net - sumMinor(own);
  if (left === 0) return own;
  if (Math.abs(left) >= shares.length) {
    // Decimal hours of few places can move a whole line by more than a minor unit an entry.
    const parts = expectOk(split(minor(left), weightsOf(shares)));
    return own.map((value, index) => minor(value + parts[index]!));
  }
  const step = left > 0 ? 1 : -1;
  const denominator = 3600n * BigInt(RATE_SCALE);
  const scale = BigInt(rate) * BigInt(minorPerMajor(currency));
  const order = shares
    .map((share, index) => ({
      index,
      entryId: share.entryId,
      off: BigInt(share.quantity) * scale - BigInt(own[index]!) * denominator,
    }))
    .sort((a, b) => {
      // Ties by the entry's id, so that the shares do not depend on the order in which a document lists them.
      if (a.off === b.off) return a.entryId < b.entryId ? -1 : 1;
      return a.off > b.off === step > 0 ? -1 : 1;
    });
  for (const { index } of order) {
    if (left === 0) break;
    own[index] = minor(own[index]! + step);
    left -= step;
  }
  return own;
}

function weightsOf(shares: readonly TimeShare[]): number[] {
  const weights = shares.map((share) => Math.abs(share.quantity));
  return weights.some((weight) => weight > 0) ? weights : shares.map(() => 1);
}
