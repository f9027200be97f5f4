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
  let week = 0;
  for (const entry of entries) {
    byDate.set(entry.workDate, (byDate.get(entry.workDate) ?? 0) + entry.quantity);
    week += entry.quantity;
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
  if (week > expected.weekMaximum) items.push({ reason: 'over-week', date: null, entryId: null });
  return items;
}
