import { ReviewPerson } from '@yellowwood/contracts';
import { Dates, EntryProblem, LookItem, datesFrom, lookAt, rolesWith, seconds } from '@yellowwood/core';
import { group, sum } from 'd3-array';
import {
  type IReviewEntriesResult,
  type IReviewPeopleResult,
  recordedInAll,
  reviewEntries,
  reviewPeople,
} from '../generated/review/reviewed-people.queries';
import { PlannedLookup, plannedTime } from '../people/planned-time';
import { Context, recordingOf, reachOf, today } from '../platform/context';
import { ScopeFilter, scopeParameters } from '../work/scope';

/** The roles of which people record time. */
const RECORDING = rolesWith('time.record');

export async function reviewed(context: Context, period: Dates, scope: ScopeFilter, only?: string) {
  const { tx, actor } = context;
  const who = { reach: reachOf(context, 'time.review'), asker: actor.personId };
  const rows = await reviewPeople.run({ ...who, ...period, recording: RECORDING }, tx);
  const entries = await reviewEntries.run({ ...who, ...period, ...scopeParameters(scope) }, tx);
  const byPerson = group(entries, (entry) => entry.personId);
  const dates = datesFrom(period.from, period.to);
  // Work on a project that one manages comes from people outside one's teams, too.
  const known = new Set(rows.map((row) => row.id));
  const strangers = [...byPerson.keys()].filter((id) => !known.has(id));
  const others =
    strangers.length === 0
      ? []
      : (await reviewPeople.run({ reach: 'firm', asker: actor.personId, ...period, recording: RECORDING }, tx)).filter((row) =>
          strangers.includes(row.id),
        );
  const planned = await plannedTime(
    tx,
    [...rows, ...others].map((row) => row.id),
    period.from,
    period.to,
  );
  const shown = [...rows, ...others].filter(
    (row) =>
      (!only || row.id === only) &&
      (!scope.whose || row.id === scope.whose) &&
      (scope.all || byPerson.get(row.id)?.some((entry) => entry.kind === 'time')),
  );
  const inView = (id: string) => scope.all && known.has(id);
  // How much of somebody's time is not in view is told, so that nobody takes a part for the whole.
  const inPart = shown.filter((row) => !inView(row.id)).map((row) => row.id);
  const recorded = inPart.length === 0 ? [] : await recordedInAll.run({ people: inPart, ...period }, tx);
  const inAll = new Map(recorded.map((row) => [row.personId, row.seconds]));
  const people = shown
    .map((row) => {
      const person = reviewPerson(context, row, byPerson.get(row.id) ?? [], dates, planned, inView(row.id));
      return { ...person, inAll: inAll.get(row.id) ?? person.recorded };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
  return { people, sheets: new Map([...rows, ...others].map((row) => [row.id, row.sheetId])) };
}

function reviewPerson(
  context: Context,
  row: IReviewPeopleResult,
  entries: readonly IReviewEntriesResult[],
  dates: readonly string[],
  planned: PlannedLookup,
  whole: boolean,
): Omit<ReviewPerson, 'inAll'> {
  const time = entries.filter((entry) => entry.kind === 'time');
  const absences = new Map(
    entries.filter((entry) => entry.kind === 'absence').map((entry) => [entry.date, entry.absenceCode ?? 'absent']),
  );
  const most = recordingOf(context.firm, { ways: null, dayMaximum: row.dayMaximum, weekMaximum: row.weekMaximum });
  const looks = looksOf(context, row.id, most, time, new Set(absences.keys()), dates, planned, whole);
  const own = row.id === context.actor.personId;
  const waiting = entries.filter((entry) => entry.stage === 'submitted');
  const quantity = (list: readonly IReviewEntriesResult[]) => sum(list, (entry) => entry.quantity);
  return {
    personId: row.id,
    name: row.name,
    position: row.position,
    own,
    state: stateOf(row, entries, waiting.length),
    submittedAt: row.submittedAt,
    note: row.note,
    planned: sum(dates, (date) => planned(row.id, date).seconds),
    recorded: quantity(time),
    submitted: quantity(waiting.filter((entry) => entry.kind === 'time')),
    days: dates.map((date) => {
      const day = time.filter((entry) => entry.date === date);
      return {
        date,
        recorded: quantity(day),
        billable: quantity(day.filter((entry) => entry.billable)),
        absent: absences.get(date) ?? null,
        looks: [...new Set(looks.filter((look) => look.date === date).map((look) => look.reason))],
      };
    }),
    looks,
    clean: looks.length === 0 && waiting.length > 0 && !own,
    entries: own ? [] : waiting.map(({ id, version }) => ({ id, version })),
  };
}

function stateOf(row: IReviewPeopleResult, entries: readonly IReviewEntriesResult[], waiting: number): ReviewPerson['state'] {
  if (waiting > 0) return 'submitted';
  if (row.state === 'submitted') return 'approved';
  return entries.some((entry) => entry.kind === 'time') ? 'open' : 'missing';
}

function looksOf(
  context: Context,
  personId: string,
  most: { readonly dayMaximum: number; readonly weekMaximum: number },
  time: readonly IReviewEntriesResult[],
  absent: ReadonlySet<string>,
  dates: readonly string[],
  planned: PlannedLookup,
  whole: boolean,
): LookItem[] {
  const day = today(context);
  // Missing days and maxima can be judged only where all of a person's time is in view.
  const plannedByDate = Object.fromEntries(
    dates.filter((date) => whole && date <= day).map((date) => [date, seconds(planned(personId, date).seconds)]),
  );
  return lookAt(
    time.map((entry) => ({
      id: entry.id,
      workDate: entry.date,
      quantity: seconds(entry.quantity),
      problems: entry.problems as EntryProblem[],
      lagDays: entry.lagDays,
      changedByOther: entry.changedByOther,
    })),
    absent,
    {
      plannedByDate,
      dayMaximum: seconds(most.dayMaximum),
      weekMaximum: seconds(most.weekMaximum),
      weekStart: context.firm.period.weekStart,
    },
  );
}
