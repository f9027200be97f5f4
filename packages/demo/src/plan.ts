import {
  LedgerEntry,
  NO_SIDE,
  Seconds,
  addDays,
  addSeconds,
  datesFrom,
  instantOf,
  recordingLag,
  seconds,
  spanBetween,
  weekday,
} from '@yellowwood/core';
import { blankEntry } from '@yellowwood/server';
import { DemoPerson, SERVICES } from './firm';
import { Seed } from './seed';

export const ZONE = 'Europe/London';

/** A task with all that an entry on it needs. */
export interface Target {
  readonly projectId: string;
  readonly taskId: string | null;
  readonly services: readonly string[];
  readonly weight: number;
  readonly from: string;
  readonly to: string;
}

export interface PlannedPerson {
  readonly id: string;
  readonly person: DemoPerson;
  readonly targets: readonly Target[];
}

export interface Plan {
  readonly from: string;
  readonly today: string;
  readonly now: string;
  readonly days: readonly { readonly date: string; readonly weekend: boolean }[];
  readonly serviceIds: ReadonlyMap<string, string>;
}

const blank = {
  ...NO_SIDE,
  ...blankEntry('time'),
  changedByOther: false,
  late: false,
  zone: ZONE,
} as const;

/** A year of one person's days: work, leave, sickness, and the small sins of real firms. */
export function planPerson(seed: Seed, who: PlannedPerson, plan: Plan): LedgerEntry[] {
  const leave = leaveOf(seed, plan);
  const rows: LedgerEntry[] = [];
  for (const { date, weekend } of plan.days) {
    if (weekend && !seed.chance(0.012)) continue;
    const absence = leave.get(date) ?? (who.person.kind === 'employee' && !weekend && seed.chance(0.012) ? 'sick' : null);
    if (absence && who.person.kind === 'employee') rows.push(absenceRow(seed, who, date, absence, plan));
    else if (!seed.chance(0.006)) rows.push(...workday(seed, who, date, weekend, plan));
  }
  return rows;
}

function leaveOf(seed: Seed, plan: Plan): Map<string, string> {
  const days = new Map<string, string>();
  const length = Math.round((Date.parse(plan.today) - Date.parse(plan.from)) / 86_400_000);
  for (let block = 0; block < 4; block += 1) {
    // No leave in the last two weeks, so that what waits for review is complete.
    const start = addDays(plan.from, seed.whole(5, length - 30));
    datesFrom(start, addDays(start, seed.whole(2, 9))).forEach((date) => weekday(date) <= 5 && days.set(date, 'holiday'));
  }
  const course = addDays(plan.from, seed.whole(20, length - 30));
  if (weekday(course) <= 5) days.set(course, 'training');
  return days;
}

function absenceRow(seed: Seed, who: PlannedPerson, date: string, code: string, plan: Plan): LedgerEntry {
  const enteredAt = at(code === 'sick' ? addDays(date, seed.whole(0, 2)) : date, '08:10', plan);
  return {
    ...blank,
    problems: [],
    id: seed.id(enteredAt),
    kind: 'absence',
    personId: who.id,
    workDate: date,
    quantity: 27_000,
    payableQuantity: 27_000,
    billable: false,
    origin: 'typed',
    enteredBy: who.id,
    enteredAt,
    lagDays: 0,
    startAt: null,
    endAt: null,
    breakSeconds: 0,
    absenceCode: code,
    absencePaid: true,
  };
}

/** An instant of the wall clock, never later than now. */
function at(date: string, time: string, plan: Plan): string {
  const key = `${date} ${time}`;
  let instant = instants.get(key);
  if (!instant) {
    const found = instantOf(date, time, ZONE, 'later');
    instants.set(key, (instant = found.ok ? found.value : `${date}T${time}:00.000Z`));
  }
  return instant > plan.now ? plan.now : instant;
}
// The same few clock times come for everybody and every day.
const instants = new Map<string, string>();

function workday(seed: Seed, who: PlannedPerson, date: string, weekend: boolean, plan: Plan): LedgerEntry[] {
  const open = who.targets.filter((target) => target.from <= date && target.to >= date);
  if (open.length === 0) return [];
  const mason = who.person.position === 'Mason';
  const goal = weekend
    ? seed.whole(2, 4) * 3600
    : (mason ? 8.5 : 7.5) * 3600 + seed.whole(-3, 4) * 900 + (seed.chance(0.01) ? 7200 : 0);
  const parts = seed.whole(2, 3);
  const habit = (who.person.name.length + 2) % 3;
  const rows: LedgerEntry[] = [];
  let clock = at(date, seed.pick(mason ? ['07:00', '07:15', '07:30'] : ['07:50', '08:00', '08:15', '08:30']), plan);
  let left = goal;
  for (let part = 0; part < parts && left > 0; part += 1) {
    const last = part === parts - 1;
    const quantity = last ? left : Math.min(left, seed.whole(3, 14) * 900);
    left -= quantity;
    // A third of the people work by the timer, whose seconds are not round.
    const timed = habit === 0 && seed.chance(0.7);
    const spanned = timed || (habit === 1 && seed.chance(0.8));
    const worked = timed ? quantity + seed.whole(-140, 170) : quantity;
    const breakSeconds = spanned && last && worked > 3 * 3600 && seed.chance(0.4) ? 1800 : 0;
    const endAt = addSeconds(clock, worked + breakSeconds);
    if (endAt > plan.now) break;
    const span = spanned ? spanBetween(clock, endAt, seconds(breakSeconds)) : null;
    rows.push(entryRow(seed, who, date, open, { worked, timed, span: span?.ok ? span.value : null, endAt }, plan));
    clock = addSeconds(endAt, seed.chance(0.25) ? seed.whole(1, 9) * 300 : 0);
  }
  return rows;
}

function weighted(seed: Seed, targets: readonly Target[]): Target {
  let point = seed.fraction() * targets.reduce((sum, target) => sum + target.weight, 0);
  return targets.find((target) => (point -= target.weight) < 0) ?? targets.at(-1)!;
}

interface Stretch {
  readonly worked: number;
  readonly timed: boolean;
  readonly span: { startAt: string; endAt: string; breakSeconds: Seconds; worked: Seconds } | null;
  readonly endAt: string;
}

function entryRow(
  seed: Seed,
  who: PlannedPerson,
  date: string,
  open: readonly Target[],
  stretch: Stretch,
  plan: Plan,
): LedgerEntry {
  const target = weighted(seed, open);
  const name = seed.pick(target.services);
  const service = SERVICES.find((one) => one.name === name)!;
  // Most of it is recorded at the end of the work, some a day or a week later.
  const late = seed.chance(0.04) ? seed.whole(1, 3) : 0;
  const enteredAt =
    late === 0 ? (stretch.timed ? stretch.endAt : at(date, '17:05', plan)) : at(addDays(date, late), '08:40', plan);
  const { span } = stretch;
  return {
    ...blank,
    problems: [],
    id: seed.id(enteredAt),
    kind: 'time',
    personId: who.id,
    workDate: date,
    projectId: target.projectId,
    taskId: target.taskId,
    serviceId: plan.serviceIds.get(name)!,
    quantity: span ? span.worked : stretch.worked,
    // Now and then something is done as a favour.
    billable: service.billable && !seed.chance(0.02),
    note: seed.pick(service.notes),
    origin: stretch.timed ? 'timer' : span ? 'typed' : 'grid',
    enteredBy: who.id,
    enteredAt,
    lagDays: late === 0 ? 0 : recordingLag(date, span?.endAt ?? null, ZONE, enteredAt),
    startAt: span?.startAt ?? null,
    endAt: span?.endAt ?? null,
    breakSeconds: span?.breakSeconds ?? 0,
  };
}
