import { Entry, EntryChange, NewEntry } from '@yellowwood/contracts';
import {
  EntryOrigin,
  LedgerEntry,
  NO_SIDE,
  WireFacts,
  addDays,
  dateIn,
  overlapsOf,
  recordingLag,
  seconds,
  spanOf,
  withFacts,
  NO_FACTS,
} from '@yellowwood/core';
import { group, sum } from 'd3-array';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { refuseLockedDays } from '../ledger/locked-days';
import { HeldSheet, holdRules, lockTimesheets } from '../ledger/locks';
import { entriesById } from '../ledger/read-entries';
import { isWorthOtherwise, tellRounding } from '../ledger/round-days';
import { deleteRows, insertRows, isChanged, kindOf, lockDays, rowSubject, updateRows } from '../ledger/rows';
import { ValuationBasis, blankEntry, derived, valuationBasis } from '../ledger/value-entries';
import { audit } from '../platform/audit';
import { refuseWay } from './ways';
import { Context, reachOf } from '../platform/context';
import { demand, problem } from '../platform/problem';

/** A new row, typed or left by a timer. */
export interface Creation {
  readonly entry: Omit<NewEntry, 'origin' | 'span' | 'quantity'> & Partial<Pick<NewEntry, 'span' | 'quantity'>>;
  readonly origin: EntryOrigin;
  /** Instants that are known already: of a timer, or of a row that comes back. */
  readonly timed?: { readonly startAt: string; readonly endAt: string; readonly breakSeconds: number; readonly worked: number };
  /** A deleted row that comes back as it was. */
  readonly restored?: LedgerEntry;
}

export interface Change {
  readonly id: string;
  readonly version: number;
  readonly change: EntryChange;
}

export interface Removal {
  readonly id: string;
  readonly version: number;
  readonly reason?: string | undefined;
}

export interface Writing {
  readonly create: readonly Creation[];
  readonly change: readonly Change[];
  readonly remove: readonly Removal[];
  /** What the history calls it. */
  readonly action: string;
  /** How a stale version is answered: one thing by 412 with its state, several by 409. */
  readonly stale: 'version-stale' | 'entries-stale';
}

interface Person {
  readonly id: string;
  readonly zone: string;
}

/**
 * The one way in which entries are created, changed and deleted: all of it or nothing. Rounds, rates,
 * values and costs what changed and its neighbours of the same days, and finds what stands in their way.
 */
export async function writeEntries(context: Context, writing: Writing): Promise<Entry[]> {
  const touched = [...writing.change, ...writing.remove];
  const heads = await findHeads(context, touched);
  const people = await reachedPeople(context, [
    ...writing.create.map((one) => one.entry.personId),
    ...heads.map((head) => head.personId ?? context.actor.personId),
  ]);
  const dates = new Set([
    ...writing.create.map((one) => one.entry.date),
    ...heads.map((head) => head.date),
    ...writing.change.flatMap((one) => one.change.date ?? []),
  ]);
  await holdRules(context);
  // What a timer ran is not lost because its day was locked meanwhile.
  await refuseLockedDays(context, [
    ...writing.create.filter((one) => !one.timed).map((one) => one.entry.date),
    ...heads.map((head) => head.date),
    ...writing.change.flatMap((one) => one.change.date ?? []),
  ]);
  const days = [...people.keys()].flatMap((personId) => [...dates].map((date) => ({ personId, date })));
  const sheets = await lockTimesheets(context, days);
  const before = await lockAround(context, people, dates);
  await refuseStale(context, touched, before, writing.stale);

  const after = new Map([...before].map(([id, row]) => [id, { ...row }]));
  remove(context, after, writing.remove);
  change(context, { before, after, people, sheets }, writing.change);
  create(context, { before, after, people, sheets }, writing.create);
  // What a timer ran and what is restored was allowed when it began: neither is lost because access has ended.
  const allowed = new Set(writing.create.filter((one) => one.timed || one.restored).map((one) => one.entry.id));
  const basis = await revalue(context, { before, after, dates, allowed });
  // A value that moves with its day, and nothing else of the entry, is no news to a reviewer.
  const written = new Set([...touched.map((one) => one.id), ...writing.create.map((one) => one.entry.id)]);
  const neighbours = moveNeighbours(before, after, written);
  listProblems(context, before, after, dates, basis);
  await store(context, before, after);

  const reasons = [...writing.create.map((one) => one.entry), ...writing.change.map((one) => one.change), ...writing.remove];
  await audit(
    context,
    writing.action,
    [...written].map((id) => rowSubject(before.get(id) ?? null, after.get(id) ?? null)),
    reasons.find((one) => one.reason)?.reason ?? '',
  );
  await tellRounding(context, before, neighbours, `another entry of the day: ${writing.action}`);
  return entriesById(context, [...writing.change.map((one) => one.id), ...writing.create.map((one) => one.entry.id)]);
}

async function findHeads(context: Context, touched: readonly { id: string }[]) {
  if (touched.length === 0) return [];
  const seen = await entriesById(
    context,
    touched.map((one) => one.id),
  );
  if (seen.length < new Set(touched.map((one) => one.id)).size) throw problem('entry-unknown');
  const other = seen.find((entry) => !kindOf(entry.kind).byHand);
  if (other) throw problem('entry-locked', { stage: other.kind === 'absence' ? 'an absence' : `a ${other.kind}` });
  return seen;
}

/** The people concerned: oneself, or those whose time one may correct. */
async function reachedPeople(context: Context, ids: readonly string[]): Promise<Map<string, Person>> {
  const self = { id: context.actor.personId, zone: context.actor.zone };
  const others = [...new Set(ids)].filter((id) => id !== self.id);
  const reach = context.actor.rights['time.correct'];
  if (others.length > 0 && !reach) throw problem('right-missing');
  const found: Person[] =
    others.length === 0 ? [] : await peopleFacts.run({ reach: reach!, asker: self.id, people: others }, context.tx);
  if (found.length < others.length) throw problem('person-unknown');
  return new Map([self, ...found].filter((person) => ids.includes(person.id)).map((person) => [person.id, person]));
}

/** Entries of the days concerned and of their neighbours, since a span may reach over midnight. */
function lockAround(context: Context, people: ReadonlyMap<string, Person>, dates: ReadonlySet<string>) {
  const around = [...new Set([...dates].flatMap((date) => [addDays(date, -1), date, addDays(date, 1)]))];
  return lockDays(context, [...people.keys()], around, (personId) => people.get(personId ?? '')!.zone);
}

async function refuseStale(
  context: Context,
  seen: readonly { id: string; version: number }[],
  now: ReadonlyMap<string, LedgerEntry>,
  code: Writing['stale'],
) {
  const stale = seen.filter((one) => now.get(one.id)?.version !== one.version).map((one) => one.id);
  if (stale.length === 0) return;
  const current = await entriesById(context, stale);
  if (current.length === 0) throw problem('entry-unknown');
  throw problem(code, {}, { current: code === 'version-stale' ? current[0] : current });
}

/** What is submitted is changed only by somebody who may correct it; what is decided, by nobody. */
function refuseLocked(context: Context, row: LedgerEntry, correcting: boolean): void {
  const own = row.personId === context.actor.personId;
  if (row.stage === 'recorded') return;
  if (row.stage === 'submitted' && correcting && !own) return;
  throw problem('entry-locked', { stage: row.stage });
}

/** What one writes into: the rows as they were and as they become, and whose they are. */
interface Days {
  readonly before: ReadonlyMap<string, LedgerEntry>;
  readonly after: Map<string, LedgerEntry>;
  readonly people: ReadonlyMap<string, Person>;
  readonly sheets: readonly HeldSheet[];
}

function isOpen({ sheets }: Days, row: LedgerEntry): boolean {
  return !sheets.some(
    (sheet) =>
      sheet.state === 'submitted' && sheet.personId === row.personId && sheet.from <= row.workDate && sheet.to >= row.workDate,
  );
}

function remove(context: Context, after: Map<string, LedgerEntry>, removals: readonly Removal[]): void {
  for (const { id, reason } of removals) {
    const row = after.get(id)!;
    refuseLocked(context, row, false);
    if (row.personId !== context.actor.personId && !reason) throw problem('reason-missing');
    after.delete(id);
  }
}

function change(context: Context, days: Days, changes: readonly Change[]): void {
  for (const one of changes) {
    const before = days.before.get(one.id)!;
    const row = changed(context, days.after.get(one.id)!, one.change, days.people.get(before.personId!)!);
    days.after.set(row.id, row);
    // Moving an entry within its own period is no new cell there.
    const moved = row.workDate !== before.workDate && row.stage === 'recorded';
    if (moved && !isOpen(days, row)) throw problem('period-submitted');
  }
}

function changed(context: Context, row: LedgerEntry, change: EntryChange, person: Person): LedgerEntry {
  const own = row.personId === context.actor.personId;
  refuseLocked(context, row, true);
  if (!own) reachOf(context, 'time.correct');
  if (!own && !change.reason) throw problem('reason-missing');
  const { span, reason: _reason, ...facts } = change;
  if (span === undefined && Object.keys(facts).length === 0) throw problem('nothing-to-change');
  if (span && facts.quantity !== undefined) throw problem('quantity-or-span');
  const next: LedgerEntry = {
    ...withFacts(row, facts as Partial<WireFacts>),
    changedByOther: row.changedByOther || !own,
    version: row.version + 1,
  };
  if (own && span) refuseWay(context, 'span');
  if (own && facts.quantity !== undefined) refuseWay(context, 'length');
  if (span) return { ...next, ...timesOf({ ...span, date: next.workDate }, person.zone) };
  if (span === null || facts.quantity !== undefined) return { ...next, startAt: null, endAt: null, breakSeconds: 0 };
  // A span belongs to its date: it moves with a date only where it is typed anew.
  if (facts.date && facts.date !== row.workDate && row.startAt) throw problem('quantity-or-span');
  return next;
}

function timesOf(
  typed: {
    date: string;
    start: string;
    end: string;
    breakSeconds: number;
    whichStart?: 'earlier' | 'later' | undefined;
    whichEnd?: 'earlier' | 'later' | undefined;
  },
  zone: string,
) {
  const span = demand(spanOf({ ...typed, breakSeconds: seconds(typed.breakSeconds) }, zone));
  return {
    startAt: span.startAt,
    endAt: span.endAt,
    breakSeconds: span.breakSeconds as number,
    quantity: span.worked as number,
    zone,
  };
}

function create(context: Context, days: Days, creations: readonly Creation[]): void {
  for (const creation of creations) {
    const row = newRow(context, creation, days.people.get(creation.entry.personId)!);
    if (!isOpen(days, row)) {
      if (creation.origin !== 'timer') throw problem('period-submitted');
      row.late = true;
    }
    if (days.after.has(row.id)) throw problem('already-there');
    days.after.set(row.id, row);
  }
}

function newRow(context: Context, { entry, origin, timed, restored }: Creation, person: Person): LedgerEntry {
  if (restored) return { ...restored, zone: restored.zone || person.zone };
  const own = entry.personId === context.actor.personId;
  if (!own && !entry.reason) throw problem('reason-missing');
  const times = timed
    ? { startAt: timed.startAt, endAt: timed.endAt, breakSeconds: timed.breakSeconds, quantity: timed.worked }
    : entry.span && entry.quantity === undefined
      ? timesOf({ ...entry.span, date: entry.date }, person.zone)
      : entry.quantity !== undefined && !entry.span
        ? { startAt: null, endAt: null, breakSeconds: 0, quantity: entry.quantity }
        : null;
  if (!times) throw problem('quantity-or-span');
  if (own && !timed) refuseWay(context, entry.span ? 'span' : 'length');
  const { id, personId, span: _span, reason: _reason, ...facts } = entry;
  return {
    ...NO_SIDE,
    ...blankEntry('time'),
    ...withFacts(
      // Undecided until project and service are known; `revalue` takes their defaults.
      { ...NO_FACTS, quantity: times.quantity, billable: undefined as unknown as boolean },
      facts as Partial<WireFacts>,
    ),
    ...times,
    taskId: entry.taskId,
    id,
    kind: 'time',
    personId,
    origin,
    enteredBy: context.actor.personId,
    enteredAt: context.now,
    changedByOther: !own,
    late: false,
    lagDays: recordingLag(entry.date, times.endAt, person.zone, context.now),
    zone: person.zone,
  };
}

/**
 * Values anew what may still change on the days concerned, and, where an agreement rounds by the day, what
 * shares a day with it.
 */
async function revalue(
  context: Context,
  {
    before,
    after,
    dates,
    allowed,
  }: {
    readonly before: ReadonlyMap<string, LedgerEntry>;
    readonly after: ReadonlyMap<string, LedgerEntry>;
    readonly dates: ReadonlySet<string>;
    /** Entries of whose project nothing is asked. */
    readonly allowed: ReadonlySet<string>;
  },
): Promise<ValuationBasis> {
  const rows = [...after.values()].filter((row) => dates.has(row.workDate) && kindOf(row.kind).byHand);
  const basis = await valuationBasis(context, rows);
  for (const row of rows) {
    // Access is asked of what is new or moved: an entry that was allowed once stays.
    if (before.get(row.id)?.projectId !== row.projectId && !allowed.has(row.id)) refuseForeignProject(basis, row);
    row.billable ??= defaultBillable(basis, row);
  }
  const valuations = basis.value(rows);
  for (const row of rows) {
    const free = row.stage === 'recorded' || row.stage === 'submitted';
    const withDay = row.stage === 'approved' && row.billedQuantity === 0 && basis.roundingOf(row)?.unit === 'day';
    if (free || withDay) Object.assign(row, derived(valuations.get(row.id)!, row.rateReason));
  }
  return basis;
}

function refuseForeignProject(basis: ValuationBasis, row: LedgerEntry): void {
  if (!row.projectId) {
    if (row.taskId) throw problem('project-unknown');
    return;
  }
  const project = basis.projects.get(row.projectId);
  if (!project || (project.recordableBy && !project.recordableBy.has(row.personId!))) throw problem('project-unknown');
}

/** Billable is on or off by the project, then the service. */
function defaultBillable(basis: ValuationBasis, row: LedgerEntry): boolean {
  const project = row.projectId ? basis.projects.get(row.projectId) : undefined;
  const service = row.serviceId ? basis.services.get(row.serviceId) : undefined;
  return (project?.billable ?? true) && (service?.billable ?? true);
}

/** Counts up the value's version of rows that nobody wrote and whose value moved. @returns these rows */
function moveNeighbours(
  before: ReadonlyMap<string, LedgerEntry>,
  after: ReadonlyMap<string, LedgerEntry>,
  written: ReadonlySet<string>,
): LedgerEntry[] {
  const moved = [...after.values()].filter((row) => !written.has(row.id) && isWorthOtherwise(before.get(row.id)!, row));
  for (const row of moved) row.valueVersion += 1;
  return moved;
}

function listProblems(
  context: Context,
  before: ReadonlyMap<string, LedgerEntry>,
  after: ReadonlyMap<string, LedgerEntry>,
  dates: ReadonlySet<string>,
  basis: ValuationBasis,
): void {
  const time = [...after.values()].filter((row) => kindOf(row.kind).isTime);
  for (const own of group(time, (row) => row.personId).values()) {
    const overlapping = new Set(overlapsOf(own).flatMap((overlap) => [overlap.first, overlap.second]));
    for (const row of own) {
      if (!dates.has(row.workDate) || (row.stage !== 'recorded' && row.stage !== 'submitted')) continue;
      const service = row.serviceId ? basis.services.get(row.serviceId) : undefined;
      const problems = kindOf(row.kind).problems({
        projectId: row.projectId,
        serviceId: row.serviceId,
        absenceCode: row.absenceCode,
        chargeable: row.billingState === 'to bill',
        rated: row.rate !== null,
        workDate: row.workDate,
        today: dateIn(row.zone, context.now),
        serviceKind: service?.kind ?? null,
        projectOpen: row.projectId ? basis.projects.get(row.projectId)!.open : true,
        daySeconds: seconds(
          sum(
            own.filter((one) => one.workDate === row.workDate),
            (one) => one.quantity,
          ),
        ),
        overlaps: overlapping.has(row.id),
      });
      // What stands in the way of an entry is news to whoever looks at it.
      const old = before.get(row.id);
      if (old && old.version === row.version && JSON.stringify(old.problems) !== JSON.stringify(problems)) row.version += 1;
      row.problems = problems;
    }
  }
}

async function store(
  context: Context,
  before: ReadonlyMap<string, LedgerEntry>,
  after: ReadonlyMap<string, LedgerEntry>,
): Promise<void> {
  await deleteRows(
    context,
    [...before.keys()].filter((id) => !after.has(id)),
  );
  await insertRows(
    context,
    [...after.values()].filter((row) => !before.has(row.id)),
  );
  const changedRows = [...after.values()].filter((row) => before.has(row.id) && isChanged(before.get(row.id)!, row));
  await updateRows(context, before, changedRows);
}
