import { Result, fail, ok } from '../firm/result';
import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { clockIn, dateIn, secondsBetween } from '../firm/zones';
import { readDuration } from '../firm/duration';
import { TypedSpan, readClock, spanOf } from '../ledger/span';

/** What is divided: an entry with its span, if it has one. */
export interface Divisible {
  readonly date: DateText;
  readonly quantity: Seconds;
  readonly startAt: InstantText | null;
  readonly endAt: InstantText | null;
  readonly breakSeconds: Seconds;
}

/** One of the two parts: a span on its own date, or a length on the entry's date. */
export type EntryPart =
  | { readonly date: DateText; readonly span: Pick<TypedSpan, 'start' | 'end' | 'breakSeconds'> }
  | { readonly date: DateText; readonly quantity: Seconds };

export type SplitFailure = 'split-unreadable' | 'split-outside' | 'split-in-break';

/**
 * Divides an entry in two. One with a span is cut at a clock time inside it (`10:15`; over midnight the
 * second part begins on the next date), its break stays with the first part; one without is cut into the
 * length that was typed (`1:30`, `1.5`) and the rest. Together the parts are as long as the whole.
 * @param zone the person's zone
 */
export function splitEntry(entry: Divisible, typed: string, zone: string): Result<[EntryPart, EntryPart], SplitFailure> {
  return entry.startAt && entry.endAt ? splitSpan(entry, entry.startAt, entry.endAt, typed, zone) : splitLength(entry, typed);
}

function splitLength({ date, quantity }: Divisible, typed: string): Result<[EntryPart, EntryPart], SplitFailure> {
  const first = readDuration(typed);
  if (!first.ok) return fail('split-unreadable', { typed });
  if (first.value <= 0 || first.value >= quantity) return fail('split-outside', { typed });
  return ok([
    { date, quantity: first.value },
    { date, quantity: seconds(quantity - first.value) },
  ]);
}

function splitSpan(
  { date, breakSeconds }: Divisible,
  startAt: InstantText,
  endAt: InstantText,
  typed: string,
  zone: string,
): Result<[EntryPart, EntryPart], SplitFailure> {
  const at = readClock(typed);
  if (!at.ok) return fail('split-unreadable', { typed });
  const [start, end] = [clockIn(zone, startAt, 'second'), clockIn(zone, endAt, 'second')];
  const first = spanOf({ date, start, end: `${at.value}:00`, breakSeconds: seconds(0) }, zone);
  if (!first.ok || secondsBetween(first.value.endAt, endAt) <= 0) return fail('split-outside', { typed });
  if (breakSeconds >= first.value.worked) return fail('split-in-break', { typed });
  return ok([
    { date, span: { start, end: at.value, breakSeconds } },
    { date: dateIn(zone, first.value.endAt), span: { start: at.value, end, breakSeconds: seconds(0) } },
  ]);
}
