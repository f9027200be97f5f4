import { InstantText } from '../firm/units';
import { secondsBetween } from '../firm/zones';

/** A span of one person, as far as overlaps need it. */
export interface PlacedSpan {
  readonly id: string;
  readonly startAt?: InstantText | null;
  readonly endAt?: InstantText | null;
}

/** Two spans of one person that share at least a second. */
export interface Overlap {
  readonly first: string;
  readonly second: string;
  readonly startAt: InstantText;
  readonly endAt: InstantText;
}

type Placed = PlacedSpan & { readonly startAt: InstantText; readonly endAt: InstantText };

/** The spans whose start and end are known, in the order in which they start. */
export function placedSpans<T extends PlacedSpan>(entries: readonly T[]): (T & Placed)[] {
  return entries
    .filter((entry): entry is T & Placed => !!entry.startAt && !!entry.endAt)
    .sort((a, b) => Date.parse(a.startAt) - Date.parse(b.startAt));
}

/** Every two of one person's spans that share at least a second. */
export function overlapsOf(entries: readonly PlacedSpan[]): Overlap[] {
  const spans = placedSpans(entries);
  const found: Overlap[] = [];
  spans.forEach((first, index) => {
    for (const second of spans.slice(index + 1)) {
      if (secondsBetween(second.startAt, first.endAt) < 1) continue;
      const endAt = Date.parse(first.endAt) < Date.parse(second.endAt) ? first.endAt : second.endAt;
      found.push({ first: first.id, second: second.id, startAt: second.startAt, endAt });
    }
  });
  return found;
}
