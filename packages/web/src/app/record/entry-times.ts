import { Which, readClock, seconds, spanOf } from '@yellowwood/core';
import type { Entry, EntryChange, TypedSpan } from '@yellowwood/contracts';

/** The times of a change: a length takes a span away. */
export function timesOf(
  entry: Entry,
  span: TypedSpan | undefined,
  quantity: number | undefined,
): Pick<EntryChange, 'span' | 'quantity'> {
  if (span) return { span };
  if (quantity === undefined) return {};
  return entry.startAt ? { span: null, quantity } : { quantity };
}

const SPAN_SENTENCES: Readonly<Record<string, string>> = {
  'span-empty': 'Start and end are the same. Type a later end; an end before the start means the next day.',
  'break-too-long': 'The break is as long as the span or longer. Type a shorter break.',
  'clock-time-missing': 'The clocks go forward that night and leave this time out. Type another time.',
  'clock-time-twice': 'The clocks go back that night: this time comes twice. Say which of the two is meant.',
};

/** A span as it is typed: clock times as text, the break in seconds. */
export interface SpanDraft {
  readonly date: string;
  readonly start: string;
  readonly end: string;
  readonly pause: number | null;
  /** Which of two equal clock times is meant, in the night in which the clocks go back; empty for none. */
  readonly which: string;
}

/** A span that was read, with the seconds that it comes to; or what is wrong with it. */
export type ReadSpan =
  | { readonly ok: true; readonly span: TypedSpan; readonly worked: number }
  | { readonly ok: false; readonly sentence: string; readonly twice: boolean };

/**
 * Reads what was typed as a span.
 * @param zone the person's time zone
 * @returns null while start or end is still to be typed
 */
export function readSpan({ date, start, end, pause, which }: SpanDraft, zone: string): ReadSpan | null {
  const [from, to] = [readClock(start), readClock(end)];
  const wrong = (sentence: string, twice = false) => ({ ok: false as const, sentence, twice });
  if (!from.ok || !to.ok) return start.trim() && end.trim() ? wrong('Type start and end as clock times, such as 8:30.') : null;
  const breakSeconds = seconds(pause ?? 0);
  const meant = which ? { whichStart: which as Which, whichEnd: which as Which } : {};
  const read = spanOf({ date, start: from.value, end: to.value, breakSeconds, ...meant }, zone);
  if (!read.ok)
    return wrong(SPAN_SENTENCES[read.error.code] ?? 'This span cannot be read.', read.error.code === 'clock-time-twice');
  return { ok: true, span: { start: from.value, end: to.value, breakSeconds, ...meant }, worked: read.value.worked };
}
