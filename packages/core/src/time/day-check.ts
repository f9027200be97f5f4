import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { addSeconds, dateIn, instantOf, secondsBetween } from '../firm/zones';

/** An entry as the check of a day needs it. */
export interface DayEntry {
  readonly id: string;
  readonly worked: Seconds;
  readonly startAt?: InstantText | null;
  readonly endAt?: InstantText | null;
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

/** Two spans of one person that share at least a second. */
export interface Overlap {
  readonly first: string;
  readonly second: string;
  readonly startAt: InstantText;
  readonly endAt: InstantText;
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
  const spans = entries
    .filter((entry): entry is DayEntry & { startAt: string; endAt: string } => !!entry.startAt && !!entry.endAt)
    .sort((a, b) => Date.parse(a.startAt) - Date.parse(b.startAt));
  return {
    recorded,
    overlaps: overlapsOf(spans),
    gaps: gapsOf(spans, day, tolerance),
    over24: recorded > 24 * 3600,
    difference: seconds(recorded - day.planned),
  };
}

function overlapsOf(spans: readonly (DayEntry & { startAt: string; endAt: string })[]): Overlap[] {
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

/** How late an entry was recorded: whole days between the date on which its work ended and today there. */
export function recordingLag(workDate: DateText, endAt: InstantText | null, zone: string, recordedAt: InstantText): number {
  const ended = endAt ? dateIn(zone, addSeconds(endAt, -1)) : workDate;
  const recorded = dateIn(zone, recordedAt);
  return Math.max(0, Math.round((Date.parse(recorded) - Date.parse(ended)) / 86_400_000));
}
