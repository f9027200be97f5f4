import { Minor, minor } from '../firm/units';
import { split } from '../firm/split';
import { expectOk } from '../firm/result';
import { TaxedAmount } from './invoice-totals';

/** How far a document goes over the agreed limit. */
export interface OverLimit {
  readonly limit: Minor;
  readonly usedBefore: Minor;
  readonly net: Minor;
  /** What is not charged: never more than the document's own net, never negative. */
  readonly over: Minor;
}

/**
 * What a document takes off because the agreed limit is used up. The limit counts per project and currency,
 * over all its agreements, net of tax, after write-downs; credits have given theirs back in `usedBefore`.
 */
export function overLimit(limit: Minor, usedBefore: Minor, net: Minor): OverLimit {
  const beyond = usedBefore + net - limit;
  return { limit, usedBefore, net, over: minor(Math.max(0, Math.min(beyond, Math.max(0, net)))) };
}

/**
 * Spreads what is over the limit across the combinations of taxes on the document's lines, by exact
 * split. Each row becomes a line of quantity −1 at a positive price.
 * @returns positive amounts; rows of zero are left out
 */
export function spreadOverLimit(over: Minor, lines: readonly TaxedAmount[]): TaxedAmount[] {
  if (over === 0) return [];
  const groups = new Map<string, { category: TaxedAmount['category']; rate: TaxedAmount['rate']; net: number }>();
  for (const line of lines) {
    const key = `${line.category} ${line.rate}`;
    const group = groups.get(key) ?? { category: line.category, rate: line.rate, net: 0 };
    group.net += line.net;
    groups.set(key, group);
  }
  const rows = [...groups.values()].filter((group) => group.net > 0);
  const parts = expectOk(
    split(
      over,
      rows.map((row) => row.net),
    ),
  );
  return rows
    .map((row, index) => ({ category: row.category, rate: row.rate, net: parts[index]! }))
    .filter((row) => row.net !== 0);
}

/** Work that waits to be billed under a limit, and its value. */
export interface WaitingWork {
  readonly id: string;
  readonly value: Minor;
}

/** What of some work may be billed now, and what is over the limit. */
export interface WithinLimit {
  readonly ready: Minor;
  readonly over: Minor;
}

/**
 * Lets waiting work use up what is left of a limit, in the order of its dates, then ids. Ready to bill is the
 * value of the work, but never more than is left; a narrower scope adds up the parts of its own entries.
 * The database has the same rule as `to_bill_rows`.
 * @param left  what is left of the limit, minor units; null without a limit
 * @param works in the order in which they use the limit up
 */
export function shareLimit(left: Minor | null, works: readonly WaitingWork[]): Map<string, WithinLimit> {
  let rest = left === null ? Infinity : Math.max(0, left);
  return new Map(
    works.map(({ id, value }) => {
      const ready = Math.max(0, Math.min(value, rest));
      rest -= ready;
      return [id, { ready: minor(ready), over: minor(value - ready) }];
    }),
  );
}

/**
 * What of a sum over the limit that stands on an invoice may be billed now: no more than still waits on its
 * line, and no more than the limit has left.
 */
export function mayRelease(waiting: Minor, left: Minor): Minor {
  return minor(Math.max(0, Math.min(waiting, left)));
}
