import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { instantOf, secondsBetween } from '../firm/zones';
import { Overlap, PlacedSpan, overlapsOf, placedSpans } from '../ledger/overlaps';

/** An entry as the check of a day needs it. */
export interface DayEntry extends PlacedSpan {
  readonly worked: Seconds;
}

/** Planned working time of a date, by the wall clock of the person's zone. */
export interface PlannedDay {
  readonly date: DateText;
  readonly zone: string;
  readonly start: string;
  readonly end: string;
  readonly planned: Seconds;
}

export interface Gap {
  readonly startAt: InstantText;
  readonly endAt: InstantText;
  readonly seconds: Seconds;
}

export interface DayCheck {
  readonly recorded: Seconds;
  readonly gaps: Gap[];
  readonly overlaps: Overlap[];
  readonly over24: boolean;
  /** Recorded minus planned; negative when the day is short. */
  readonly difference: Seconds;
}

/**
 * What a day shows: overlaps, gaps longer than the firm's tolerance between spans inside the planned
 * hours, more than 24 hours.
 */
export function checkDay(entries: readonly DayEntry[], day: PlannedDay, tolerance: Seconds): DayCheck {
  const recorded = seconds(entries.reduce((sum, entry) => sum + entry.worked, 0));
  const spans = placedSpans(entries);
  return {
    recorded,
    overlaps: overlapsOf(spans),
    gaps: gapsOf(spans, day, tolerance),
    over24: recorded > 24 * 3600,
    difference: seconds(recorded - day.planned),
  };
}

function gapsOf(spans: readonly { startAt: string; endAt: string }[], day: PlannedDay, tolerance: Seconds): Gap[] {
  const from = instantOf(day.date, day.start, day.zone, 'earlier');
  const to = instantOf(day.date, day.end, day.zone, 'later');
  if (!from.ok || !to.ok || day.planned === 0) return [];
  const gaps: Gap[] = [];
  let covered: string | undefined;
  for (const span of spans) {
    if (covered !== undefined && Date.parse(span.startAt) > Date.parse(covered)) {
      const startAt = Date.parse(covered) < Date.parse(from.value) ? from.value : covered;
      const endAt = Date.parse(span.startAt) > Date.parse(to.value) ? to.value : span.startAt;
      const length = secondsBetween(startAt, endAt);
      if (length > tolerance) gaps.push({ startAt, endAt, seconds: length });
    }
    if (covered === undefined || Date.parse(span.endAt) > Date.parse(covered)) covered = span.endAt;
  }
  return gaps;
}
