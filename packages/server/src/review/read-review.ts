import { EntryProblem, LookItem, addDays, datesFrom, lookAt, seconds } from '@yellowwood/core';
import { Review, ReviewDetail, ReviewPerson } from '@yellowwood/contracts';
import { Context, reachOf, today } from '../platform/context';
import { problem } from '../platform/problem';
import { PlannedLookup, plannedTime } from '../work/planned-time';
import { ScopeFilter, resolveScope, scopeParameters } from '../work/scope';
import { entriesOfPeople } from '../time/select-entries';
import {
  IReviewEntriesResult,
  IReviewPeopleResult,
  decisionsOfSheet,
  reviewEntries,
  reviewPeople,
  taskEstimates,
  waitingWeeks,
} from './queries.queries';

interface Period {
  readonly from: string;
  readonly to: string;
}

/** People by days: what is clean, and what needs a look and why. */
export async function readReview(context: Context, from: string, scopeText: string | undefined): Promise<Review> {
  const scope = await resolveScope(context, scopeText);
  const period = { from, to: addDays(from, 6) };
  const { people } = await reviewed(context, period, scope);
  const who = { reach: reachOf(context, 'time.review'), asker: context.actor.personId };
  const waiting = await waitingWeeks.run({ ...who, ...scopeParameters(scope) }, context.tx);
  return { ...period, scope: scope.text, people, waiting };
}

/** One person's period with the entries behind it. */
export async function readReviewPerson(
  context: Context,
  personId: string,
  from: string,
  scopeText: string | undefined,
): Promise<ReviewDetail> {
  const scope = await resolveScope(context, scopeText);
  const period = { from, to: addDays(from, 6) };
  const { people, sheets } = await reviewed(context, period, scope, personId);
  const person = people.find((one) => one.personId === personId);
  if (!person) throw problem('person-unknown');
  const inScope = new Set(person.entries.map((entry) => entry.id));
  const all = await entriesOfPeople(context, [personId], from, period.to, reachOf(context, 'time.review'));
  const entries = scope.all
    ? all
    : all.filter((entry) => inScope.has(entry.id) || scope.projects.includes(entry.projectId ?? ''));
  const sheet = sheets.get(personId);
  return {
    person,
    entries,
    decisions: sheet ? await decisionsOfSheet.run({ sheet }, context.tx) : [],
    estimates: await taskEstimates.run(
      { tasks: [...new Set(entries.map((entry) => entry.taskId).filter((id): id is string => id !== null))] },
      context.tx,
    ),
  };
}

async function reviewed(context: Context, period: Period, scope: ScopeFilter, only?: string) {
  const { tx, actor } = context;
  const who = { reach: reachOf(context, 'time.review'), asker: actor.personId };
  const rows = await reviewPeople.run({ ...who, ...period }, tx);
  const entries = await reviewEntries.run({ ...who, ...period, ...scopeParameters(scope) }, tx);
  const byPerson = new Map<string, IReviewEntriesResult[]>();
  for (const entry of entries) {
    const own = byPerson.get(entry.personId);
    if (own) own.push(entry);
    else byPerson.set(entry.personId, [entry]);
  }
  // Work on a project that one manages comes from people outside one's teams, too.
  const known = new Set(rows.map((row) => row.id));
  const strangers = [...byPerson.keys()].filter((id) => !known.has(id));
  const others =
    strangers.length === 0
      ? []
      : (await reviewPeople.run({ reach: 'firm', asker: actor.personId, ...period }, tx)).filter((row) =>
          strangers.includes(row.id),
        );
  const planned = await plannedTime(
    tx,
    [...rows, ...others].map((row) => row.id),
    period.from,
    period.to,
  );
  const people = [...rows, ...others]
    .filter(
      (row) =>
        (!only || row.id === only) &&
        (!scope.whose || row.id === scope.whose) &&
        (scope.all || byPerson.get(row.id)?.some((entry) => entry.kind === 'time')),
    )
    .map((row) => reviewPerson(context, row, byPerson.get(row.id) ?? [], period, planned, scope.all && known.has(row.id)))
    .sort((a, b) => a.name.localeCompare(b.name));
  return { people, sheets: new Map([...rows, ...others].map((row) => [row.id, row.sheetId])) };
}

function reviewPerson(
  context: Context,
  row: IReviewPeopleResult,
  entries: readonly IReviewEntriesResult[],
  period: Period,
  planned: PlannedLookup,
  whole: boolean,
): ReviewPerson {
  const dates = datesFrom(period.from, period.to);
  const time = entries.filter((entry) => entry.kind === 'time');
  const absences = new Map(
    entries.filter((entry) => entry.kind === 'absence').map((entry) => [entry.date, entry.absenceCode ?? 'absent']),
  );
  const looks = looksOf(context, row.id, time, new Set(absences.keys()), dates, planned, whole);
  const own = row.id === context.actor.personId;
  const waiting = entries.filter((entry) => entry.stage === 'submitted');
  const sum = (list: readonly IReviewEntriesResult[]) => list.reduce((total, entry) => total + entry.quantity, 0);
  return {
    personId: row.id,
    name: row.name,
    position: row.position,
    own,
    state: stateOf(row, entries, waiting.length),
    submittedAt: row.submittedAt,
    note: row.note,
    planned: dates.reduce((total, date) => total + planned(row.id, date).seconds, 0),
    recorded: sum(time),
    submitted: sum(waiting.filter((entry) => entry.kind === 'time')),
    days: dates.map((date) => {
      const day = time.filter((entry) => entry.date === date);
      return {
        date,
        recorded: sum(day),
        billable: sum(day.filter((entry) => entry.billable)),
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
    { plannedByDate, dayMaximum: seconds(context.firm.dayMaximum), weekMaximum: seconds(context.firm.weekMaximum) },
  );
}
