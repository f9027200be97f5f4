import { Temporal } from 'temporal-polyfill';
import { DateText, InstantText, Seconds, seconds } from './units';
import { Result, fail, ok } from './result';

/**
 * Wall-clock time in zones. This file is the only place of the product that converts it: SQL does not,
 * because the database's copy of the zone rules and this one may be of different years.
 */

/** Which of two instants is meant where a wall-clock time comes twice. */
export type Which = 'earlier' | 'later';

const TIME = /^([01]\d|2[0-3]):[0-5]\d(:[0-5]\d)?$/;

export type WallClockFailure = 'clock-time-missing' | 'clock-time-twice';

/**
 * The instant of a wall-clock time. A time that the clocks skip is an error; one that comes twice is
 * asked back (unless `which` says which is meant), never guessed.
 * @param time `HH:MM` or `HH:MM:SS`
 * @throws RangeError for what is no date or no time of day
 */
export function instantOf(date: DateText, time: string, zone: string, which?: Which): Result<InstantText, WallClockFailure> {
  // No leap second either: nobody works in it, and it would be taken for the one before.
  if (!TIME.test(time)) throw new RangeError(`${time} is no time of day`);
  const plain = plainInstantOf(date, time, zone);
  if (plain !== null) return ok(new Date(plain).toISOString());
  const wall = Temporal.PlainDateTime.from(`${date}T${time}`);
  const earlier = wall.toZonedDateTime(zone, { disambiguation: 'earlier' });
  const later = wall.toZonedDateTime(zone, { disambiguation: 'later' });
  if (earlier.epochMilliseconds === later.epochMilliseconds) return ok(instantText(earlier.toInstant()));
  if (!earlier.toPlainDateTime().equals(wall)) return fail('clock-time-missing', { date, time, zone });
  if (!which) return fail('clock-time-twice', { date, time, zone });
  return ok(instantText((which === 'earlier' ? earlier : later).toInstant()));
}

const DAY = 86_400_000;
const KEPT_DAYS = 50_000;
const offsets = new Map<string, number | null>();

/**
 * The zone's offset during a whole day of UTC, milliseconds; null where the clocks change within it. A
 * week's entries ask this hundreds of times, and the zone rules need tenths of a millisecond each time.
 */
function offsetOfDay(zone: string, day: number): number | null {
  const key = `${zone} ${day}`;
  const known = offsets.get(key);
  if (known !== undefined) return known;
  const at = (instant: number) =>
    Temporal.Instant.fromEpochMilliseconds(instant).toZonedDateTimeISO(zone).offsetNanoseconds / 1e6;
  const [first, last] = [at(day * DAY), at((day + 1) * DAY)];
  if (offsets.size >= KEPT_DAYS) offsets.clear();
  const offset = first === last ? first : null;
  offsets.set(key, offset);
  return offset;
}

/** Wall-clock time at an instant, as if it were UTC, milliseconds. */
function wallTime(zone: string, instant: number): number {
  const offset = offsetOfDay(zone, Math.floor(instant / DAY));
  if (offset !== null) return instant + offset;
  return instant + Temporal.Instant.fromEpochMilliseconds(instant).toZonedDateTimeISO(zone).offsetNanoseconds / 1e6;
}

/** The instant of a wall-clock time far from any change of the clocks; null where it must be looked at closely. */
function plainInstantOf(date: DateText, time: string, zone: string): number | null {
  const wall = Date.parse(`${date}T${time}Z`);
  // A date that there is not would be carried over into the next month.
  if (Number.isNaN(wall) || new Date(wall).toISOString().slice(0, 10) !== date) return null;
  const day = Math.floor(wall / DAY);
  const offset = offsetOfDay(zone, day);
  const steady = offset !== null && offset === offsetOfDay(zone, day - 1) && offset === offsetOfDay(zone, day + 1);
  return steady ? wall - offset : null;
}

function instantText(instant: Temporal.Instant): InstantText {
  return new Date(instant.epochMilliseconds).toISOString();
}

/** The date in a zone at an instant. */
export function dateIn(zone: string, instant: InstantText): DateText {
  return new Date(wallTime(zone, Date.parse(instant))).toISOString().slice(0, 10);
}

/** The clock in a zone at an instant, `HH:MM`, or `HH:MM:SS` where no second may be lost. */
export function clockIn(zone: string, instant: InstantText, smallestUnit: 'minute' | 'second' = 'minute'): string {
  return new Date(wallTime(zone, Date.parse(instant))).toISOString().slice(11, smallestUnit === 'minute' ? 16 : 19);
}

/** Seconds from local midnight of a date to an instant, by the wall clock: where it stands on a day's band. */
export function clockSeconds(zone: string, date: DateText, instant: InstantText): number {
  return Math.trunc((wallTime(zone, Date.parse(instant)) - Date.parse(`${date}T00:00Z`)) / 1000);
}

/** Elapsed seconds between two instants, whole, the fraction cut off. */
export function secondsBetween(start: InstantText, end: InstantText): Seconds {
  return seconds(Math.floor((Date.parse(end) - Date.parse(start)) / 1000));
}

/** The instant so many seconds later. */
export function addSeconds(instant: InstantText, count: number): InstantText {
  return new Date(Date.parse(instant) + count * 1000).toISOString();
}

/** Whether a zone is one of IANA's, by its name. */
export function isZone(name: string): boolean {
  try {
    return name.includes('/') && Temporal.Now.plainDateISO(name) !== null;
  } catch {
    return false;
  }
}
