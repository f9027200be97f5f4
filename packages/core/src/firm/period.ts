import { addDays, daysBetween, monthOf, weekday } from './dates';
import { DateText } from './units';

/** How long the firm's periods of submission are, and where they begin. */
export interface PeriodRule {
  readonly kind: 'week' | 'half-month' | 'month' | 'days';
  /** First day of a week, 1 for Monday to 7 for Sunday. */
  readonly weekStart: number;
  /** Length of a period of so many days. */
  readonly days: number;
  /** A date on which a period of so many days begins. */
  readonly anchor: DateText;
}

/** Weeks from Monday. */
export const WEEKS: PeriodRule = { kind: 'week', weekStart: 1, days: 14, anchor: '2024-01-01' };

/** First and last date, both included. */
export interface Dates {
  readonly from: DateText;
  readonly to: DateText;
}

/** The period of submission that holds a date. */
export function submissionPeriod(date: DateText, rule: PeriodRule): Dates {
  if (rule.kind === 'month') {
    const { from, to } = monthOf(date);
    return { from, to };
  }
  if (rule.kind === 'half-month') {
    const month = monthOf(date);
    const middle = addDays(month.from, 14);
    return date <= middle ? { from: month.from, to: middle } : { from: addDays(middle, 1), to: month.to };
  }
  const length = rule.kind === 'week' ? 7 : rule.days;
  const into = rule.kind === 'week' ? (weekday(date) - rule.weekStart + 7) % 7 : modulo(daysBetween(rule.anchor, date), length);
  const from = addDays(date, -into);
  return { from, to: addDays(from, length - 1) };
}

/** Whether a period of submission begins on a date. */
export function beginsPeriod(date: DateText, rule: PeriodRule): boolean {
  return submissionPeriod(date, rule).from === date;
}

/** The period before, or after. */
export function besidePeriod(period: Dates, rule: PeriodRule, by: 1 | -1): Dates {
  return submissionPeriod(addDays(by > 0 ? period.to : period.from, by), rule);
}

function modulo(value: number, by: number): number {
  return ((value % by) + by) % by;
}
