import type { Entry, Timesheet } from '@yellowwood/contracts';
import { PROBLEM_WORDS } from '../state/words';

/** Problems that stand in the way of submitting; a missing rate is somebody else's to mend. */
function problemsOf(entry: Entry): readonly string[] {
  return entry.problems.filter((problem) => problem !== 'no-rate');
}

export function isBlocking(entry: Entry): boolean {
  return entry.stage === 'recorded' && problemsOf(entry).length > 0;
}

/** What stands in the way of an entry, in words. */
export function blockingText(entry: Entry): string {
  return problemsOf(entry)
    .map((problem) => PROBLEM_WORDS[problem]?.short ?? problem)
    .join(', ');
}

/** Days up to today on which somebody was to work and on which nothing stands, not even an absence. */
export function emptyDays({ days, entries }: Timesheet, today: string): string[] {
  const noted = new Set(entries.map(({ date }) => date));
  return days.filter(({ date, planned }) => date <= today && planned > 0 && !noted.has(date)).map(({ date }) => date);
}

/**
 * What somebody should know before they submit a period: that it is not over, that days are empty.
 * @param name writes a date
 */
export function beforeSubmitting(week: Timesheet, today: string, name: (date: string) => string): string[] {
  const empty = emptyDays(week, today).map(name);
  return [
    week.to > today ? `It ends on ${name(week.to)}: to record more on it after this, withdraw it first.` : '',
    empty.length > 0 ? `Nothing stands on ${empty.join(', ')}.` : '',
  ].filter(Boolean);
}
