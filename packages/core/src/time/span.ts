import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { addDays } from '../firm/dates';
import { Which, WallClockFailure, addSeconds, dateIn, instantOf, secondsBetween } from '../firm/zones';
import { Result, fail, ok } from '../firm/result';

/** A span as it is typed: a local date, two clock times, and unpaid time inside it. */
export interface TypedSpan {
  readonly date: DateText;
  readonly start: string;
  readonly end: string;
  readonly breakSeconds: Seconds;
  readonly whichStart?: Which;
  readonly whichEnd?: Which;
}

/** A span as it is stored. */
export interface Span {
  readonly startAt: InstantText;
  readonly endAt: InstantText;
  readonly breakSeconds: Seconds;
  /** Elapsed seconds less the break. */
  readonly worked: Seconds;
}

export type SpanFailure = WallClockFailure | 'span-empty' | 'break-too-long' | 'break-negative' | 'clock-unreadable';

/**
 * Reads a typed clock time: `8`, `8:30`, `0830`, `8.30`, `17h05`, `5 pm`.
 * @returns `HH:MM`
 */
export function readClock(text: string): Result<string, 'clock-unreadable' | 'clock-empty'> {
  const typed = text.trim().toLowerCase();
  if (typed === '') return fail('clock-empty');
  const match = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(am|pm)?$/.exec(typed);
  const unreadable = fail('clock-unreadable', { typed: text });
  if (!match) return unreadable;
  let hour = Number(match[1]);
  const minute = Number(match[2] ?? 0);
  if (match[3]) {
    if (hour < 1 || hour > 12) return unreadable;
    hour = (hour % 12) + (match[3] === 'pm' ? 12 : 0);
  }
  if (hour > 23 || minute > 59) return unreadable;
  return ok(`${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`);
}

/**
 * Turns a typed span into instants. An end before the start means the next day; an end equal to the
 * start is refused. Elapsed seconds count, so a shift over a clock change has its true length.
 */
export function spanOf(typed: TypedSpan, zone: string): Result<Span, SpanFailure> {
  if (typed.start === typed.end && typed.whichStart === typed.whichEnd) return fail('span-empty', { time: typed.start });
  const start = instantOf(typed.date, typed.start, zone, typed.whichStart);
  if (!start.ok) return start;
  const endDate = typed.end < typed.start ? addDays(typed.date, 1) : typed.date;
  const end = instantOf(endDate, typed.end, zone, typed.whichEnd);
  if (!end.ok) return end;
  return spanBetween(start.value, end.value, typed.breakSeconds);
}

/** A span between two instants, with the same refusals as a typed one. */
export function spanBetween(
  startAt: InstantText,
  endAt: InstantText,
  breakSeconds: Seconds,
): Result<Span, 'span-empty' | 'break-too-long' | 'break-negative'> {
  const elapsed = secondsBetween(startAt, endAt);
  if (elapsed <= 0) return fail('span-empty', { time: startAt });
  if (breakSeconds < 0) return fail('break-negative');
  if (breakSeconds >= elapsed) return fail('break-too-long', { break: breakSeconds, span: elapsed });
  return ok({ startAt, endAt, breakSeconds, worked: seconds(elapsed - breakSeconds) });
}

/** A stretch of running time. */
export interface Segment {
  readonly startAt: InstantText;
  readonly endAt: InstantText;
}

/** What a stopped timer leaves on one local date. */
export interface TimedPart extends Segment {
  readonly date: DateText;
  readonly breakSeconds: Seconds;
  readonly worked: Seconds;
}

/**
 * Turns the segments of a stopped timer into parts to be kept as entries: one part for the whole run,
 * on the date on which it started (in the person's zone); a timer that ran over several dates with
 * pauses between them becomes one part per date. Pauses inside a part are its break. No second is lost.
 *
 * @param segments in order of time, not overlapping
 * @returns parts with at least one worked second, in order
 */
export function partsOfTimer(segments: readonly Segment[], zone: string): TimedPart[] {
  const groups: Segment[][] = [];
  let date = '';
  for (const segment of segments) {
    if (secondsBetween(segment.startAt, segment.endAt) <= 0) continue;
    const own = dateIn(zone, segment.startAt);
    if (own !== date) groups.push([]);
    date = own;
    groups.at(-1)!.push(segment);
  }
  return groups.map((group) => {
    const startAt = group[0]!.startAt;
    // Each segment counts whole seconds; the end is laid so that start + worked + break reaches it.
    const worked = seconds(group.reduce((sum, part) => sum + secondsBetween(part.startAt, part.endAt), 0));
    const elapsed = secondsBetween(startAt, group.at(-1)!.endAt);
    return {
      date: dateIn(zone, startAt),
      startAt,
      endAt: addSeconds(startAt, elapsed),
      breakSeconds: seconds(elapsed - worked),
      worked,
    };
  });
}
