import { LedgerEntry, Stage, addDays, weekOf } from '@yellowwood/core';
import { group } from 'd3-array';
import { PEOPLE, TEAMS } from './firm';
import { DemoEvent, keepHistory } from './history';
import { Loading, insert } from './loading';

const evening = (date: string) => `${date}T16:50:00.000Z`;
const morning = (date: string) => `${date}T09:14:00.000Z`;

/** Weeks submitted, approved and returned, as their leads would have done it. */
export function planReview(loading: Loading, rows: readonly LedgerEntry[]): PlannedReview {
  const { seed, made, today, start } = loading;
  const lastWeek = addDays(weekOf(today).from, -7);
  const sheets: Record<string, unknown>[] = [];
  const submissions: Record<string, unknown>[] = [];
  const decisions: Record<string, unknown>[] = [];
  const events: DemoEvent[] = [];
  const byPerson = group(rows, (row) => row.personId!);
  for (const person of PEOPLE) {
    const id = made.people.get(person.name)!;
    const lead = made.people.get(leadOf(person.name))!;
    for (let week = start; week <= lastWeek; week = addDays(week, 7)) {
      const own = byPerson.get(id)!.filter((row) => row.workDate >= week && row.workDate <= addDays(week, 6));
      const how = howWeekEnded(person.name, week, lastWeek);
      if (how === 'forgotten') continue;
      const sheetId = seed.id(evening(addDays(week, 4)));
      const submittedAt = evening(addDays(week, 4));
      const note = seed.chance(0.05) ? 'Long day on the tower, see the notes.' : '';
      sheets.push({
        firm_id: made.firmId,
        id: sheetId,
        person_id: id,
        period_from: week,
        period_to: addDays(week, 6),
        state: how === 'returned' ? 'open' : 'submitted',
        version: 2,
      });
      submissions.push({
        firm_id: made.firmId,
        id: seed.id(submittedAt),
        timesheet_id: sheetId,
        by_id: id,
        at: submittedAt,
        note,
        confirmation: '1: This is the time that I worked in this period.',
        quantity: own.reduce((sum, row) => sum + (row.kind === 'time' ? row.quantity : 0), 0),
      });
      events.push({
        at: submittedAt,
        actor: id,
        action: 'period submitted',
        subjects: own.map((row) => moved(row.id, 'recorded', 'submitted')),
      });
      const decidedAt = morning(addDays(week, 7));
      const returned =
        how === 'returned' ? own.filter((row) => row.projectId === made.projects.get('Lantern room repair')).slice(0, 1) : [];
      const approved = how === 'waiting' ? [] : own.filter((row) => !returned.includes(row));
      for (const row of approved)
        decisions.push({
          firm_id: made.firmId,
          id: seed.id(decidedAt),
          timesheet_id: sheetId,
          entry_id: row.id,
          outcome: 'approve',
          reason: '',
          by_id: lead,
          at: decidedAt,
        });
      if (approved.length > 0)
        events.push({
          at: decidedAt,
          actor: lead,
          action: 'entries approved',
          subjects: approved.map((row) => moved(row.id, 'submitted', 'approved')),
        });
      for (const row of returned)
        decisions.push({
          firm_id: made.firmId,
          id: seed.id(decidedAt),
          timesheet_id: sheetId,
          entry_id: row.id,
          outcome: 'return',
          reason: RETURN_REASON,
          by_id: lead,
          at: decidedAt,
        });
      if (returned.length > 0)
        events.push({
          at: decidedAt,
          actor: lead,
          action: 'entries returned',
          reason: RETURN_REASON,
          subjects: returned.map((row) => moved(row.id, 'submitted', 'recorded')),
        });
      for (const row of approved) row.stage = 'approved';
      if (how === 'waiting') for (const row of own) row.stage = 'submitted';
    }
  }
  return { sheets, submissions, decisions, events };
}

interface PlannedReview {
  readonly sheets: Record<string, unknown>[];
  readonly submissions: Record<string, unknown>[];
  readonly decisions: Record<string, unknown>[];
  readonly events: DemoEvent[];
}

export async function loadReview(loading: Loading, review: PlannedReview): Promise<void> {
  await insert(loading.tx, 'timesheet', review.sheets);
  await insert(loading.tx, 'submission', review.submissions);
  await insert(loading.tx, 'decision', review.decisions);
  await keepHistory(loading, review.events);
}

const RETURN_REASON = 'Half of it was the lower tier, please split.';

function moved(id: string, from: Stage, to: Stage) {
  return { kind: 'entry' as const, id, before: { stage: from }, after: { stage: to } };
}

function leadOf(name: string): string {
  const team = PEOPLE.find((person) => person.name === name)!.team;
  const lead = TEAMS.find((one) => one.name === team)!.lead;
  return lead === name ? 'Maud Ellery' : lead;
}

/** Of the last week some is decided, much waits, two have forgotten it; one week of October waits still. */
function howWeekEnded(name: string, week: string, lastWeek: string): 'approved' | 'returned' | 'waiting' | 'forgotten' {
  if (week === lastWeek) {
    if (name === 'Ines Marchetti') return 'returned';
    if (name === 'Pell Adair' || name === 'Emeka Strand') return 'forgotten';
    return ['Yuki Farrow', 'Hester Lowmoor'].includes(name) ? 'approved' : 'waiting';
  }
  return week === addDays(lastWeek, -21) && name === 'Callum Dietz' ? 'waiting' : 'approved';
}
