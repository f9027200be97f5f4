import { daysBetween } from '@yellowwood/core';
import type { ReviewPerson } from '@yellowwood/contracts';
import { Formats } from '../state/formats';
import { Column } from '../ui/table/column';

/** What the list of people and days is made for. */
export interface ReviewList {
  /** The days that have a column, each with its place in the period. */
  readonly dates: readonly { readonly date: string; readonly index: number }[];
  /** What a period is called. */
  readonly word: string;
  /** The period's last day, and today; ISO dates. */
  readonly to: string;
  readonly today: string;
  readonly formats: Formats;
}

/** People by days: who, each day, the period, and how it stands. */
export function reviewColumns({ dates, word, to, today, formats }: ReviewList): readonly Column<ReviewPerson>[] {
  return [
    { id: 'person', head: 'Person', kind: 'text', value: (one) => one.name, small: (one) => one.position ?? '', width: 150 },
    { id: 'position', head: 'Position', kind: 'text', value: (one) => one.position, groups: true, choice: 'hidden', width: 120 },
    ...dates.map(({ date, index }): Column<ReviewPerson> => ({
      id: date,
      head: formats.day(date, 'weekday'),
      kind: 'hours',
      value: (one) => one.days[index]!.recorded || null,
      total: true,
    })),
    {
      id: 'period',
      head: word.charAt(0).toUpperCase() + word.slice(1),
      kind: 'hours',
      value: (one) => one.recorded || null,
      small: (one) =>
        one.inAll > one.recorded
          ? `of ${formats.hours(one.inAll)} in all`
          : one.planned > 0
            ? `of ${formats.hours(one.planned)}`
            : 'no target',
      tone: () => 'strong',
      total: true,
    },
    {
      id: 'state',
      head: 'State',
      kind: 'text',
      value: (one) => stateWord(one),
      small: (one) =>
        [one.own ? 'somebody else decides' : '', lateWord(one, to, today), one.note ? `“${one.note}”` : '']
          .filter(Boolean)
          .join(' '),
      tone: (one) =>
        one.state === 'approved' || one.clean ? 'good' : one.looks.length > 0 || lateWord(one, to, today) ? 'wrong' : '',
      width: 130,
    },
  ];
}

function stateWord(person: ReviewPerson): string {
  if (person.state === 'approved') return 'decided';
  if (person.state === 'missing') return 'nothing recorded';
  if (person.state === 'open') return 'not submitted';
  if (person.own) return 'your own';
  return person.looks.length === 0 ? 'clean' : `${person.looks.length} to look at`;
}

/** How long a period that is over has not been submitted. */
function lateWord({ state }: ReviewPerson, to: string, today: string): string {
  if ((state !== 'missing' && state !== 'open') || to >= today) return '';
  const days = daysBetween(to, today);
  return `${days} ${days === 1 ? 'day' : 'days'} late`;
}
