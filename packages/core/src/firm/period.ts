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
  /** Since when it holds; always, where nothing is said. */
  readonly from?: DateText | null;
  /** What held before, the latest first. */
  readonly earlier?: readonly PeriodRule[];
}

/** Weeks from Monday. */
export const WEEKS: PeriodRule = { kind: 'week', weekStart: 1, days: 14, anchor: '2024-01-01' };

/** First and last date, both included. */
export interface Dates {
  readonly from: DateText;
  readonly to: DateText;
}

/** The rule that holds on a date, and the last day on which it does. */
function ruleUntil(date: DateText, rule: PeriodRule): { rule: PeriodRule; until: DateText | null } {
  let until: DateText | null = null;
  for (const one of [rule, ...(rule.earlier ?? [])]) {
    if (!one.from || one.from <= date) return { rule: one, until };
    until = addDays(one.from, -1);
  }
  return { rule: rule.earlier?.at(-1) ?? rule, until };
}

/** The rule that holds on a date. */
export function periodRuleOn(date: DateText, rule: PeriodRule): PeriodRule {
  return ruleUntil(date, rule).rule;
}

/** The period of submission that holds a date. Where the rule is another one from a day on, a period ends or begins there. */
export function submissionPeriod(date: DateText, rule: PeriodRule): Dates {
  const held = ruleUntil(date, rule);
  const { from, to } = wholePeriod(date, held.rule);
  const begin = held.rule.from;
  return { from: begin && from < begin ? begin : from, to: held.until && to > held.until ? held.until : to };
}

/**
 * The rule with another one from a day on; what was to hold from that day or later never does.
 * @param next how long periods are from then on
 */
export function withPeriods(rule: PeriodRule, next: Omit<PeriodRule, 'from' | 'earlier'>, from: DateText): PeriodRule {
  const { earlier = [], ...latest } = rule;
  return { ...next, from, earlier: [latest, ...earlier].filter((one) => !one.from || one.from < from) };
}

function wholePeriod(date: DateText, rule: PeriodRule): Dates {
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
