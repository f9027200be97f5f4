import { Temporal } from 'temporal-polyfill';
import { DateText } from './units';
import { Result, fail, ok } from './result';

/** Whether a text is a date of the calendar. */
export function isDate(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  try {
    return Temporal.PlainDate.from(text, { overflow: 'reject' }).toString() === text;
  } catch {
    return false;
  }
}

const DAY = 86_400_000;

/** The date so many days later (or earlier). */
export function addDays(date: DateText, days: number): DateText {
  const day = Date.parse(date) + days * DAY;
  // Beyond four digits of year the text would have another form.
  if (day < FIRST_DAY || day > LAST_DAY) return Temporal.PlainDate.from(date).add({ days }).toString();
  return new Date(day).toISOString().slice(0, 10);
}
const FIRST_DAY = Date.parse('0000-01-01');
const LAST_DAY = Date.parse('9999-12-31');

/** Days from one date to another; negative when the second is earlier. */
export function daysBetween(from: DateText, to: DateText): number {
  return (Date.parse(to) - Date.parse(from)) / DAY;
}

/** 1 for Monday to 7 for Sunday, as ISO 8601 counts. */
export function weekday(date: DateText): number {
  // 1 January 1970 was a Thursday.
  return ((((Date.parse(date) / DAY + 3) % 7) + 7) % 7) + 1;
}

/** All dates from one to another, both included. */
export function datesFrom(from: DateText, to: DateText): DateText[] {
  const dates: DateText[] = [];
  for (let date = from; date <= to; date = addDays(date, 1)) dates.push(date);
  return dates;
}

/** First and last date of a period, both included, and how it was named. */
export interface Period {
  readonly from: DateText;
  readonly to: DateText;
  readonly kind: 'week' | 'month' | 'range';
}

/** The ISO 8601 week that holds a date. */
export function weekOf(date: DateText): Period {
  const from = addDays(date, 1 - weekday(date));
  return { from, to: addDays(from, 6), kind: 'week' };
}

/** The calendar month that holds a date. */
export function monthOf(date: DateText): Period {
  const first = Temporal.PlainDate.from(date).with({ day: 1 });
  return { from: first.toString(), to: first.with({ day: first.daysInMonth }).toString(), kind: 'month' };
}

/** The calendar quarter that holds a date. */
export function quarterOf(date: DateText): Period {
  const day = Temporal.PlainDate.from(date);
  const first = day.with({ month: Math.floor((day.month - 1) / 3) * 3 + 1, day: 1 });
  return { from: first.toString(), to: addDays(first.add({ months: 3 }).toString(), -1), kind: 'range' };
}

/** ISO 8601 year and number of the week that holds a date. */
export function weekNumber(date: DateText): { year: number; week: number } {
  const day = Temporal.PlainDate.from(date);
  return { year: day.yearOfWeek!, week: day.weekOfYear! };
}

/** How a period stands in an address: `2026-W24`, `2026-05`, `2026-05-01..2026-05-15`. */
export function periodText(period: Period): string {
  if (period.kind === 'week') {
    const { year, week } = weekNumber(period.from);
    return `${year}-W${String(week).padStart(2, '0')}`;
  }
  if (period.kind === 'month') return period.from.slice(0, 7);
  return `${period.from}..${period.to}`;
}

/** Reads a period from an address. Weeks that a year does not have (2025-W53) are an error. */
export function readPeriod(text: string): Result<Period, 'period-unreadable'> {
  const unreadable = fail('period-unreadable', { typed: text });
  const week = /^(\d{4})-W(\d{2})$/.exec(text);
  if (week) {
    const number = Number(week[2]);
    if (number < 1 || number > 53) return unreadable;
    // 4 January always lies in the first ISO week.
    const period = weekOf(addDays(weekOf(`${week[1]}-01-04`).from, 7 * (number - 1)));
    return periodText(period) === text ? ok(period) : unreadable;
  }
  if (/^\d{4}-\d{2}$/.test(text)) return isDate(`${text}-01`) ? ok(monthOf(`${text}-01`)) : unreadable;
  const [from, to] = text.split('..');
  if (from && to && isDate(from) && isDate(to) && from <= to) return ok({ from, to, kind: 'range' });
  return unreadable;
}

/** The period before or after, of the same kind and, for a free range, of the same length. */
export function shiftPeriod(period: Period, by: 1 | -1): Period {
  if (period.kind === 'week') return weekOf(addDays(period.from, 7 * by));
  if (period.kind === 'month') return monthOf(addDays(by > 0 ? period.to : period.from, by));
  const length = daysBetween(period.from, period.to) + 1;
  return { from: addDays(period.from, by * length), to: addDays(period.to, by * length), kind: 'range' };
}

const shortMonths = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A date in few letters: `9 Jun`, with the year when it differs from the other date's. */
export function shortDate(date: DateText, beside?: DateText): string {
  const text = `${Number(date.slice(8))} ${shortMonths[Number(date.slice(5, 7)) - 1]}`;
  return beside && beside.slice(0, 4) !== date.slice(0, 4) ? `${text} ${date.slice(0, 4)}` : text;
}
