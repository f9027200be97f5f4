import * as chrono from 'chrono-node';
import { DateText, addDays, isDate } from '@yellowwood/core';

/** Languages in which the month comes before the day where a date is all figures. */
const MONTH_FIRST = /^en-US$|^en$/;

/** English words first, as the interface speaks; then those of the language in which dates are written. */
function readersOf(language: string): chrono.Chrono[] {
  const locales = chrono as unknown as Readonly<Record<string, { casual?: chrono.Chrono } | undefined>>;
  const english = MONTH_FIRST.test(language) ? chrono.en.casual : chrono.en.GB;
  const own = language.startsWith('en') ? undefined : locales[language.slice(0, 2)]?.casual;
  return own ? [english, own] : [english];
}

/**
 * Reads a date as somebody types it: `9 Jun`, `9/6`, `9.6.26`, `yesterday`, `last Monday`, `2026-06-09`, or the day alone.
 * Without a year it is the nearest such day, and of two equally likely ones the past: time is recorded afterwards.
 * @param today    the person's date, from which words count
 * @param language a BCP 47 tag; decides whether 6/9 is in June or in September
 * @returns null for what cannot be read, or is no day of the calendar
 */
export function readDate(typed: string, today: DateText, language: string): DateText | null {
  // 9.6. is 9/6.
  const text = typed.trim().replace(/^[\d.]+$/, (figures) => figures.replace(/\.$/, '').replaceAll('.', '/'));
  if (isDate(text)) return text;
  const alone = /^(\d{1,2})$/.exec(text);
  if (alone) return nearestDay(Number(alone[1]), today);
  // Noon, so that no zone makes another day of it.
  const [year, month, day] = today.split('-').map(Number) as [number, number, number];
  const reference = new Date(year, month - 1, day, 12);
  const whole = ([found, ...more]: chrono.ParsedResult[]) =>
    found && more.length === 0 && !found.end && found.text.length === text.length ? found.start : null;
  const start = readersOf(language)
    .map((reader) => whole(reader.parse(text, reference)))
    .find((one) => one !== null);
  if (!start) return null;
  const read = (part: 'year' | 'month' | 'day') => start.get(part) ?? 0;
  const pad = (value: number, length = 2) => String(value).padStart(length, '0');
  const date = `${pad(read('year'), 4)}-${pad(read('month'))}-${pad(read('day'))}`;
  return isDate(date) ? date : null;
}

/** The day of a month that is nearest to today, of two equally near ones the past one. */
function nearestDay(day: number, today: DateText): DateText | null {
  if (day < 1 || day > 31) return null;
  for (let far = 0; far <= 31; far += 1)
    for (const date of [addDays(today, -far), addDays(today, far)]) if (Number(date.slice(8)) === day) return date;
  return null;
}
