import { KINDS, LedgerEntry, addDays, addSeconds, datesFrom, seconds, weekOf, weekday } from '@yellowwood/core';
import { demoSignIns, derived, insertRows, rowSubject, valuationBasis } from '@yellowwood/server';
import { DemoTask, PEOPLE, PROJECTS } from './firm';
import { keepHistory } from './history';
import { Loading, contextOf } from './loading';
import { PlannedPerson, Target, planPerson } from './plan';

function targetsOf({ made, today }: Loading, name: string): Target[] {
  return PROJECTS.filter((project) => project.people.includes(name)).flatMap((project) => {
    const [first, last] = project.months;
    const base = {
      projectId: made.projects.get(project.name)!,
      from: addDays(today, -31 * first),
      to: last === 0 ? today : addDays(today, -31 * last),
    };
    const flat = (task: DemoTask): DemoTask[] => [task, ...(task.below ?? []).flatMap(flat)];
    const tasks = project.tasks.flatMap(flat);
    return tasks.map((task) => ({
      ...base,
      taskId: made.tasks.get(`${project.name}/${task.name}`)!,
      services: task.services,
      weight: (name === 'Yuki Farrow' ? 5 : project.weight) / tasks.length,
    }));
  });
}

export async function planEntries(loading: Loading): Promise<LedgerEntry[]> {
  const { seed, made, now, today, start } = loading;
  const billableProjects = new Set(
    PROJECTS.filter((project) => project.method === 'time and materials').map((project) => made.projects.get(project.name)),
  );
  const days = datesFrom(start, today).map((date) => ({ date, weekend: weekday(date) > 5 }));
  const rows: LedgerEntry[] = [];
  for (const person of PEOPLE) {
    const who: PlannedPerson = { id: made.people.get(person.name)!, person, targets: targetsOf(loading, person.name) };
    rows.push(...planPerson(seed, who, { from: start, today, now, days, serviceIds: made.services }));
  }
  for (const row of rows) if (row.projectId && !billableProjects.has(row.projectId)) row.billable = false;
  makeUnclassified(loading, rows);
  const overlapping = makeOverlaps(loading, rows);
  const time = rows.filter((row) => row.kind === 'time');
  const valuations = (await valuationBasis(contextOf(loading, 'Anselm Rooke', now), time)).value(time);
  for (const row of time) {
    Object.assign(row, derived(valuations.get(row.id)!, ''));
    row.problems = KINDS.time.problems({
      projectId: row.projectId,
      serviceId: row.serviceId,
      absenceCode: null,
      chargeable: row.billingState === 'to bill',
      rated: row.rate !== null,
      workDate: row.workDate,
      today,
      serviceKind: null,
      projectOpen: true,
      daySeconds: seconds(0),
      overlaps: overlapping.has(row.id),
    });
  }
  return rows;
}

export async function loadEntries(loading: Loading, rows: readonly LedgerEntry[]): Promise<void> {
  const context = contextOf(loading, 'Anselm Rooke', loading.now);
  for (let index = 0; index < rows.length; index += 4000) await insertRows(context, rows.slice(index, index + 4000));
  await keepHistory(
    loading,
    rows.map((row) => ({
      at: row.enteredAt,
      actor: row.personId!,
      action: row.origin === 'timer' ? 'timer stopped' : 'entry recorded',
      subjects: [rowSubject(null, row)],
    })),
  );
}

/** The last entry of two people this week came from a timer that nobody has classified yet. */
function makeUnclassified({ made, today }: Loading, rows: readonly LedgerEntry[]): void {
  for (const name of ['Priya Lindqvist', 'Tomas Okafor']) {
    const row = rows.findLast(
      (one) => one.personId === made.people.get(name) && one.kind === 'time' && one.workDate >= weekOf(today).from,
    );
    if (row) Object.assign(row, { projectId: null, taskId: null, serviceId: null, note: '', billable: true });
  }
}

const SIGNED_IN = demoSignIns.map((one) => one.name);

/**
 * Two people have typed, this week, an entry that began before the one before it had ended. It stands in
 * the way of submitting, so it can only be in a week that is still open.
 * @returns the ids of the entries that overlap
 */
function makeOverlaps({ made, today }: Loading, rows: readonly LedgerEntry[]): Set<string> {
  const overlapping = new Set<string>();
  const monday = weekOf(today).from;
  const people = PEOPLE.filter((person) => !SIGNED_IN.includes(person.name)).map((person) => made.people.get(person.name)!);
  for (const person of people) {
    const own = rows.filter((row) => row.personId === person && row.workDate >= monday && row.startAt && row.projectId);
    const later = own.find((row, index) => index > 0 && row.workDate === own[index - 1]!.workDate && row.quantity > 1200);
    if (!later || overlapping.size >= 4) continue;
    const earlier = own[own.indexOf(later) - 1]!;
    const early = Math.floor((Date.parse(later.startAt!) - Date.parse(earlier.endAt!)) / 1000) + 1200;
    Object.assign(later, { startAt: addSeconds(later.startAt!, -early), quantity: later.quantity + early });
    overlapping.add(earlier.id).add(later.id);
  }
  return overlapping;
}
