import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { addDays } from '../firm/dates';
import { WallClockFailure, Which, instantOf, secondsBetween } from '../firm/zones';
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
