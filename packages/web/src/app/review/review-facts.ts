import { weekday } from '@yellowwood/core';
import type { ReviewPerson } from '@yellowwood/contracts';
import { ABSENCE_WORDS, DAY_LOOK_WORDS } from '../state/words';

type ReviewDay = ReviewPerson['days'][number];

/** The dates that stand there; a weekend only where somebody worked on it. */
export function shownDates(people: readonly ReviewPerson[]): { date: string; index: number }[] {
  const all = people[0]?.days ?? [];
  const used = (date: string) => people.some((person) => person.days.some((day) => day.date === date && day.recorded > 0));
  return all.map((day, index) => ({ date: day.date, index })).filter((day) => weekday(day.date) < 6 || used(day.date));
}

/** How many are how far: `5 submitted, 2 not submitted, 1 seen in part`. */
export function summaryOf(people: readonly ReviewPerson[]): string {
  const count = (state: string) => people.filter((person) => person.state === state).length;
  // A part of somebody's time is never taken for the whole.
  const inPart = people.filter((one) => one.inAll > one.recorded).length;
  const counts: readonly (readonly [number, string])[] = [
    [count('submitted'), 'submitted'],
    [count('approved'), 'decided'],
    [count('open'), 'not submitted'],
    [count('missing'), 'missing'],
    [inPart, 'seen in part'],
  ];
  const words = counts.filter(([number]) => number > 0).map(([number, word]) => `${number} ${word}`);
  return words.join(', ') || 'nobody';
}

export function isBad({ looks }: ReviewDay): boolean {
  return looks.some((look) => ['problem', 'over-day', 'missing'].includes(look));
}

/** What there is to say of a day: an absence, and what to look at. */
export function wordsOf({ absent, looks }: ReviewDay): string {
  return [absent ? (ABSENCE_WORDS[absent] ?? absent) : '', ...looks.map((look) => DAY_LOOK_WORDS[look]!)]
    .filter(Boolean)
    .join(', ');
}
