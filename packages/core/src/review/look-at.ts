import { rollup, sum } from 'd3-array';
import { WEEKS, submissionPeriod } from '../firm/period';
import { DateText, Seconds } from '../firm/units';
import { EntryProblem } from '../ledger/entry-problems';

/** Why a reviewer should look at a day or an entry before approving it. */
export type LookReason = 'problem' | 'late' | 'changed-by-other' | 'over-day' | 'over-week' | 'missing';

/** An entry as the reviewer's check needs it. */
export interface ReviewedEntry {
  readonly id: string;
  readonly workDate: DateText;
  readonly quantity: Seconds;
  readonly problems: readonly EntryProblem[];
  /** Whole days between the end of the work and its recording. */
  readonly lagDays: number;
  readonly changedByOther: boolean;
}

/** What a person is expected to work and the most that they should. */
export interface Expectation {
  readonly plannedByDate: Readonly<Record<DateText, Seconds>>;
  readonly dayMaximum: Seconds;
  readonly weekMaximum: Seconds;
  /** First day of a week, 1 for Monday to 7 for Sunday, whatever the firm's periods are. */
  readonly weekStart: number;
}

export interface LookItem {
  readonly reason: LookReason;
  readonly date: DateText | null;
  readonly entryId: string | null;
}

/**
 * What needs a look in one person's period. An empty list is a clean period: no problems, nothing
 * late, no changes by others, no hours over a maximum, no planned day without time.
 */
export function lookAt(entries: readonly ReviewedEntry[], absentOn: ReadonlySet<DateText>, expected: Expectation): LookItem[] {
  const items: LookItem[] = [];
  const byDate = new Map<DateText, number>();
  for (const entry of entries) {
    byDate.set(entry.workDate, (byDate.get(entry.workDate) ?? 0) + entry.quantity);
    const about = { date: entry.workDate, entryId: entry.id };
    if (entry.problems.length > 0) items.push({ reason: 'problem', ...about });
    if (entry.lagDays > 0) items.push({ reason: 'late', ...about });
    if (entry.changedByOther) items.push({ reason: 'changed-by-other', ...about });
  }
  for (const [date, total] of byDate) {
    if (total > expected.dayMaximum) items.push({ reason: 'over-day', date, entryId: null });
  }
  for (const [date, planned] of Object.entries(expected.plannedByDate)) {
    if (planned > 0 && !byDate.has(date) && !absentOn.has(date)) items.push({ reason: 'missing', date, entryId: null });
  }
  const rule = { ...WEEKS, weekStart: expected.weekStart };
  const weeks = rollup(
    byDate,
    (days) => sum(days, ([, total]) => total),
    ([date]) => submissionPeriod(date, rule).from,
  );
  for (const [from, total] of weeks) {
    if (total <= expected.weekMaximum) continue;
    // Where the period has several weeks, it is said which.
    const first = [...byDate.keys()].filter((date) => date >= from).sort()[0]!;
    items.push({ reason: 'over-week', date: weeks.size > 1 ? first : null, entryId: null });
  }
  return items;
}
