import { Seconds, seconds } from './units';
import { multiplyDivide } from './exact';
import { decimalText } from './currency';
import { Result, fail, ok } from './result';

export type DurationFailure = 'duration-empty' | 'duration-unreadable' | 'duration-not-hours' | 'duration-minutes';

/** How a person likes to see durations; it never changes what is stored. */
export type DurationForm = 'clock' | 'decimal';

const HOURS = String.raw`h|hr|hrs|hour|hours`;
const MINUTES = String.raw`m|min|mins|minute|minutes`;
const clock = /^(\d*):(\d{1,2})(?::(\d{2}))?$/;
const decimal = /^(\d*)[.,](\d{1,6})$/;
const withUnits = new RegExp(String.raw`^(?:(\d+(?:[.,]\d{1,6})?)\s*(?:${HOURS})\s*)?(?:(\d+)\s*(?:${MINUTES})?)?$`, 'i');
const onlyMinutes = new RegExp(String.raw`^(\d+)\s*(?:${MINUTES})$`, 'i');

function decimalHours(whole: string, fraction: string): Seconds {
  return seconds(multiplyDivide([Number(whole + fraction), 3600], [10 ** fraction.length]));
}

/**
 * Reads a typed duration. The one parser of every field, file and typed entry: `4:30`, `4.5`, `4,5`,
 * `4h30`, `4h 30m`, `4 h 30`, `270m`, `4.5h`, `:45`, `0:45:30`. A bare whole number is hours up to 24
 * and otherwise an error, never silently minutes; `4.30` is four and three tenths.
 *
 * @returns whole seconds, zero included (whether zero is allowed depends on the field)
 */
export function readDuration(text: string): Result<Seconds, DurationFailure> {
  const typed = text
    .replace(/[\u00a0\u202f]/g, ' ')
    .trim()
    .replace(/\s+/g, ' ');
  if (typed === '') return fail('duration-empty');
  const tidy = typed.toLowerCase();

  if (/^\d+$/.test(tidy)) {
    const hours = Number(tidy);
    return hours <= 24 ? ok(seconds(hours * 3600)) : fail('duration-not-hours', { typed });
  }
  const colon = clock.exec(tidy);
  if (colon) {
    const [hours, minutes, secs] = [Number(colon[1] || 0), Number(colon[2]), Number(colon[3] ?? 0)];
    if (colon[2]!.length !== 2 || minutes > 59 || secs > 59) return fail('duration-minutes', { typed });
    return hours > 9999 ? fail('duration-unreadable', { typed }) : ok(seconds(hours * 3600 + minutes * 60 + secs));
  }
  const point = decimal.exec(tidy);
  if (point && point[1]!.length <= 4) return ok(decimalHours(point[1] || '0', point[2]!));
  const minutesOnly = onlyMinutes.exec(tidy);
  if (minutesOnly && minutesOnly[1]!.length <= 6) return ok(seconds(Number(minutesOnly[1]) * 60));
  const units = withUnits.exec(tidy);
  if (units?.[1] && units[1].length <= 11) {
    const [whole, fraction = ''] = units[1].split(/[.,]/) as [string, string?];
    if (units[2] !== undefined && (fraction !== '' || Number(units[2]) > 59)) return fail('duration-minutes', { typed });
    return ok(seconds(decimalHours(whole, fraction) + Number(units[2] ?? 0) * 60));
  }
  return fail('duration-unreadable', { typed });
}

/**
 * A duration for people: `4:30`, or `4.50` in decimal hours. Seconds that do not fill a minute are
 * left out of the picture, not out of what is stored.
 */
export function durationText(value: Seconds, form: DurationForm = 'clock', locale = 'en-GB'): string {
  const sign = value < 0 ? '−' : '';
  const magnitude = Math.abs(value);
  if (form === 'decimal') return sign + decimalText(multiplyDivide([magnitude, 100], [3600]), 2, locale);
  const hours = Math.floor(magnitude / 3600);
  const minutes = Math.floor((magnitude % 3600) / 60);
  return `${sign}${hours}:${String(minutes).padStart(2, '0')}`;
}

/** A running clock by the second: `0:47:12`. */
export function clockText(value: Seconds): string {
  return `${durationText(value)}:${String(Math.floor(value % 60)).padStart(2, '0')}`;
}
