import { Temporal } from 'temporal-polyfill';
import { DateText, InstantText, Seconds, seconds } from './units';
import { Result, fail, ok } from './result';

/**
 * Wall-clock time in zones. This file is the only place of the product that converts it: SQL does not,
 * because the database's copy of the zone rules and this one may be of different years.
 */

/** Which of two instants is meant where a wall-clock time comes twice. */
export type Which = 'earlier' | 'later';

export type WallClockFailure = 'clock-time-missing' | 'clock-time-twice';

/**
 * The instant of a wall-clock time. A time that the clocks skip is an error; one that comes twice is
 * asked back (unless `which` says which is meant), never guessed.
 * @param time `HH:MM` or `HH:MM:SS`
 */
export function instantOf(date: DateText, time: string, zone: string, which?: Which): Result<InstantText, WallClockFailure> {
  const wall = Temporal.PlainDateTime.from(`${date}T${time}`);
  const earlier = wall.toZonedDateTime(zone, { disambiguation: 'earlier' });
  const later = wall.toZonedDateTime(zone, { disambiguation: 'later' });
  if (earlier.epochMilliseconds === later.epochMilliseconds) return ok(instantText(earlier.toInstant()));
  if (!earlier.toPlainDateTime().equals(wall)) return fail('clock-time-missing', { date, time, zone });
  if (!which) return fail('clock-time-twice', { date, time, zone });
  return ok(instantText((which === 'earlier' ? earlier : later).toInstant()));
}

function instantText(instant: Temporal.Instant): InstantText {
  return new Date(instant.epochMilliseconds).toISOString();
}

/** The date in a zone at an instant. */
export function dateIn(zone: string, instant: InstantText): DateText {
  return Temporal.Instant.from(instant).toZonedDateTimeISO(zone).toPlainDate().toString();
}

/** The clock in a zone at an instant, `HH:MM`, or `HH:MM:SS` where no second may be lost. */
export function clockIn(zone: string, instant: InstantText, smallestUnit: 'minute' | 'second' = 'minute'): string {
  return Temporal.Instant.from(instant).toZonedDateTimeISO(zone).toPlainTime().toString({ smallestUnit });
}

/** Seconds from local midnight of a date to an instant, by the wall clock: where it stands on a day's band. */
export function clockSeconds(zone: string, date: DateText, instant: InstantText): number {
  const local = Temporal.Instant.from(instant).toZonedDateTimeISO(zone).toPlainDateTime();
  return local.since(Temporal.PlainDateTime.from(`${date}T00:00`), { largestUnit: 'seconds' }).seconds;
}

/** Elapsed seconds between two instants, whole, the fraction cut off. */
export function secondsBetween(start: InstantText, end: InstantText): Seconds {
  return seconds(Math.floor((Date.parse(end) - Date.parse(start)) / 1000));
}

/** The instant so many seconds later. */
export function addSeconds(instant: InstantText, count: number): InstantText {
  return new Date(Date.parse(instant) + count * 1000).toISOString();
}
