import { Entry, EntryChange, NewEntry } from '@yellowwood/contracts';
import { EntryProblem, addDays, checkDay, dateIn, entryProblems, recordingLag, seconds, spanOf } from '@yellowwood/core';
import { ledgerDays } from '../generated/ledger/row.queries';
import { lockPeople, peopleFacts } from '../generated/people/people-facts.queries';
import {
  deleteEntries,
  dropSpans,
  insertEntries,
  lockEntries,
  putAbsences,
  putSpans,
  submittedSheets,
  updateEntries,
} from '../generated/time/write-entries.queries';
import { entriesById } from '../ledger/read-entries';
import { LedgerRow, rowSubject } from '../ledger/row';
import { EntryValuation, ValuationBasis, Valued, valuationBasis } from '../ledger/value-entries';
import { audit } from '../platform/audit';
import { Context, reachOf } from '../platform/context';
import { json } from '../platform/json';
import { demand, problem } from '../platform/problem';

/** A new row, typed or left by a timer. */
export interface Creation {
  readonly entry: Omit<NewEntry, 'origin' | 'span' | 'quantity'> & Partial<Pick<NewEntry, 'span' | 'quantity'>>;
  readonly origin: 'timer' | 'typed' | 'grid';
  /** Instants that are known already: of a timer, or of a row that comes back. */
  readonly timed?: { readonly startAt: string; readonly endAt: string; readonly breakSeconds: number; readonly worked: number };
  /** A deleted row that comes back as it was. */
  readonly restored?: LedgerRow;
}

export interface Change {
  readonly id: string;
  readonly version: number;
  readonly change: EntryChange;
}

export interface Writing {
  readonly create: readonly Creation[];
  readonly change: readonly Change[];
  readonly remove: readonly { readonly id: string; readonly version: number }[];
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
  const { tx } = context;
  const touched = [...writing.change, ...writing.remove];
  const heads = await findHeads(context, touched);
  const people = await reachedPeople(context, [
    ...new Set([...writing.create.map((one) => one.entry.personId), ...heads.map((head) => head.personId)]),
  ]);
  // One writer per person at a time, so that two entries made at once see each other's hours.
  await lockPeople.run({ people: [...people.keys()] }, tx);
  const locked = await lockEntries.run({ ids: touched.map((one) => one.id) }, tx);
  if (locked.length < touched.length) throw problem('entry-unknown');
  await refuseStale(context, touched, locked, writing.stale);

  const dates = new Set([
    ...writing.create.map((one) => one.entry.date),
    ...locked.map((row) => row.workDate),
    ...writing.change.flatMap((one) => one.change.date ?? []),
  ]);
  const before = await readDays(context, [...people.keys()], dates, people);
  const after = new Map([...before].map(([id, row]) => [id, { ...row }]));
  const isOpen = await openPeriods(context, [...people.keys()], dates);

  for (const { id } of writing.remove) {
    refuseLocked(context, after.get(id)!, false);
    after.delete(id);
  }
  for (const one of writing.change) {
    const row = after.get(one.id)!;
    applyChange(context, row, one.change, people.get(row.personId)!);
    if (
      one.change.date &&
      !isOpen(row.personId, row.workDate) &&
      row.stage === 'recorded' &&
      !returnedInto(before.get(one.id)!, row)
    )
      throw problem('period-submitted');
  }
  for (const creation of writing.create) {
    const row = newRow(context, creation, people.get(creation.entry.personId)!);
    if (!isOpen(row.personId, row.workDate)) {
      if (creation.origin !== 'timer') throw problem('period-submitted');
      row.late = true;
    }
    if (after.has(row.id)) throw problem('already-there');
    after.set(row.id, row);
  }
  await revalue(context, after, before, dates);
  await store(context, before, after);

  const changedIds = [...writing.change.map((one) => one.id), ...writing.create.map((one) => one.entry.id)];
  const reason = writing.create[0]?.entry.reason ?? writing.change[0]?.change.reason ?? '';
  await audit(
    context,
    writing.action,
    [...new Set([...touched.map((one) => one.id), ...changedIds])].map((id) =>
      rowSubject(before.get(id) ?? null, after.get(id) ?? null),
    ),
    reason,
  );
  return entriesById(context, changedIds);
}

/** Moving an entry within its own week is no new cell there. */
function returnedInto(before: LedgerRow, after: LedgerRow): boolean {
  return before.workDate === after.workDate;
}

async function findHeads(context: Context, touched: readonly { id: string }[]) {
  if (touched.length === 0) return [];
  const seen = await entriesById(
    context,
    touched.map((one) => one.id),
  );
  if (seen.length < new Set(touched.map((one) => one.id)).size) throw problem('entry-unknown');
  return seen;
}

/** The people concerned: oneself, or those whose time one may correct. */
async function reachedPeople(context: Context, ids: readonly string[]): Promise<Map<string, Person>> {
  const self = { id: context.actor.personId, zone: context.actor.zone };
  const others = ids.filter((id) => id !== self.id);
  const found: Person[] =
    others.length === 0
      ? []
      : await peopleFacts.run(
          { reach: context.actor.rights['time.correct'] ?? 'own', asker: self.id, people: others },
          context.tx,
        );
  if (found.length < others.length)
    throw context.actor.rights['time.correct'] ? problem('person-unknown') : problem('right-missing');
  return new Map([self, ...found].filter((person) => ids.includes(person.id)).map((person) => [person.id, person]));
}

async function refuseStale(
  context: Context,
  seen: readonly { id: string; version: number }[],
  now: readonly { id: string; version: number }[],
  code: Writing['stale'],
) {
  const versions = new Map(now.map((row) => [row.id, row.version]));
  const stale = seen.filter((one) => versions.get(one.id) !== one.version).map((one) => one.id);
  if (stale.length === 0) return;
  const current = await entriesById(context, stale);
  throw problem(code, {}, { current: code === 'version-stale' ? current[0] : current });
}

/** Entries of the days concerned and of their neighbours, since a span may reach over midnight. */
async function readDays(
  context: Context,
  people: readonly string[],
  dates: ReadonlySet<string>,
  zones: ReadonlyMap<string, Person>,
): Promise<Map<string, LedgerRow>> {
  const around = new Set([...dates].flatMap((date) => [addDays(date, -1), date, addDays(date, 1)]));
  const rows = await ledgerDays.run({ people: [...people], dates: [...around] }, context.tx);
  return new Map(
    rows.map((row) => [
      row.id,
      {
        ...row,
        kind: row.kind as LedgerRow['kind'],
        origin: row.origin as LedgerRow['origin'],
        zone: zones.get(row.personId)!.zone,
      },
    ]),
  );
}

async function openPeriods(context: Context, people: readonly string[], dates: ReadonlySet<string>) {
  const sorted = [...dates].sort();
  const sheets = await submittedSheets.run({ people: [...people], earliest: sorted[0]!, latest: sorted.at(-1)! }, context.tx);
  return (personId: string, date: string) =>
    !sheets.some((sheet) => sheet.personId === personId && sheet.from <= date && sheet.to >= date);
}

/**
 * What is submitted is changed only by somebody who may correct it; what is decided, by nobody.
 */
function refuseLocked(context: Context, row: LedgerRow, correcting: boolean): void {
  const own = row.personId === context.actor.personId;
  if (row.kind === 'absence') throw problem('entry-locked', { stage: 'an absence' });
  if (row.stage === 'recorded') return;
  if (row.stage === 'submitted' && correcting && !own) return;
  throw problem('entry-locked', { stage: row.stage });
}

function applyChange(context: Context, row: LedgerRow, change: EntryChange, person: Person): void {
  const own = row.personId === context.actor.personId;
  refuseLocked(context, row, true);
  if (!own) {
    reachOf(context, 'time.correct');
    if (!change.reason) throw problem('reason-missing');
    row.changedByOther = true;
  }
  if (change.date) row.workDate = change.date;
  if (change.projectId !== undefined) {
    if (change.projectId !== row.projectId && change.taskId === undefined) row.taskId = null;
    row.projectId = change.projectId;
  }
  if (change.taskId !== undefined) row.taskId = change.taskId;
  if (change.serviceId !== undefined) row.serviceId = change.serviceId;
  if (change.billable !== undefined) row.billable = change.billable;
  if (change.note !== undefined) row.note = change.note;
  if (change.explanation !== undefined) row.explanation = change.explanation;
  if (change.span && change.quantity !== undefined) throw problem('quantity-or-span');
  if (change.span) Object.assign(row, timesOf({ ...change.span, date: row.workDate }, person.zone));
  else if (change.span === null || change.quantity !== undefined) {
    row.startAt = row.endAt = null;
    row.breakSeconds = 0;
    row.quantity = change.quantity ?? row.quantity;
  } else if (change.date && row.startAt) {
    throw problem('quantity-or-span');
  }
  row.version += 1;
}

function timesOf(
  typed: {
    date: string;
    start: string;
    end: string;
    breakSeconds: number;
    whichStart?: 'earlier' | 'later';
    whichEnd?: 'earlier' | 'later';
  },
  zone: string,
) {
  const span = demand(spanOf({ ...typed, breakSeconds: seconds(typed.breakSeconds) }, zone));
  return { startAt: span.startAt, endAt: span.endAt, breakSeconds: span.breakSeconds as number, quantity: span.worked as number };
}

function newRow(context: Context, { entry, origin, timed, restored }: Creation, person: Person): LedgerRow {
  if (restored) return { ...restored, zone: person.zone };
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
  return {
    id: entry.id,
    kind: 'time',
    personId: entry.personId,
    workDate: entry.date,
    clientId: null,
    projectId: entry.projectId,
    taskId: entry.taskId,
    serviceId: entry.serviceId,
    ...times,
    // Undecided until project and service are known; `revalue` takes their defaults.
    billable: entry.billable ?? (undefined as unknown as boolean),
    billableQuantity: 0,
    billingState: 'nothing to bill',
    rate: null,
    rateSource: null,
    rateRuleId: null,
    rateReason: '',
    valueMinor: null,
    valueCurrency: null,
    ownRate: null,
    ownValueMinor: null,
    costMinor: 0,
    taxCategory: null,
    note: entry.note,
    explanation: '',
    stage: 'recorded',
    origin,
    enteredBy: context.actor.personId,
    enteredAt: context.now,
    changedByOther: !own,
    late: false,
    lagDays: recordingLag(entry.date, times.endAt, person.zone, context.now),
    problems: [],
    version: 1,
    absenceCode: null,
    absencePaid: null,
    zone: person.zone,
  };
}

/** Values the rows of the days concerned anew and lists what stands in their way. */
async function revalue(
  context: Context,
  after: Map<string, LedgerRow>,
  before: ReadonlyMap<string, LedgerRow>,
  dates: ReadonlySet<string>,
): Promise<void> {
  const open = [...after.values()].filter(
    (row) => dates.has(row.workDate) && (row.stage === 'recorded' || row.stage === 'submitted'),
  );
  const basis = await valuationBasis(context, open.map(asValued));
  for (const row of open) {
    // Access is asked of what is new or moved: an entry that was allowed once stays.
    if (before.get(row.id)?.projectId !== row.projectId) refuseForeignProject(basis, row);
    row.billable ??= defaultBillable(basis, row);
  }
  const valuations = basis.value(open.map(asValued));
  for (const row of open) if (row.kind === 'time') applyValuation(row, valuations.get(row.id)!);
  listProblems(context, open, after, basis);
}

function asValued(row: LedgerRow): Valued {
  return { ...row, typedRate: row.rateSource === 'typed' ? row.rate : null };
}

function refuseForeignProject(basis: ValuationBasis, row: LedgerRow): void {
  if (!row.projectId) {
    if (row.taskId) throw problem('project-unknown');
    return;
  }
  const project = basis.projects.get(row.projectId);
  if (!project || (project.recordableBy && !project.recordableBy.has(row.personId))) throw problem('project-unknown');
}

/** Billable is on or off by the project, then the service. */
function defaultBillable(basis: ValuationBasis, row: LedgerRow): boolean {
  const project = row.projectId ? basis.projects.get(row.projectId) : undefined;
  const service = row.serviceId ? basis.services.get(row.serviceId) : undefined;
  return (project?.billable ?? true) && (service?.billable ?? true);
}

function applyValuation(row: LedgerRow, valued: EntryValuation): void {
  row.clientId = valued.clientId;
  row.billableQuantity = valued.billableQuantity;
  row.billingState = valued.billingState;
  row.rate = valued.rate;
  row.rateSource = valued.rateSource;
  row.rateRuleId = valued.rateRuleId;
  if (valued.rateSource !== 'typed') row.rateReason = '';
  row.valueMinor = valued.value;
  row.valueCurrency = valued.valueCurrency;
  row.ownRate = valued.ownRate;
  row.ownValueMinor = valued.ownValue;
  row.costMinor = valued.cost;
  row.taxCategory = valued.taxCategory;
}

function listProblems(
  context: Context,
  rows: readonly LedgerRow[],
  all: ReadonlyMap<string, LedgerRow>,
  basis: ValuationBasis,
): void {
  const byPerson = new Map<string, LedgerRow[]>();
  for (const row of all.values())
    if (row.kind === 'time') byPerson.set(row.personId, [...(byPerson.get(row.personId) ?? []), row]);
  for (const [personId, own] of byPerson) {
    const overlapping = new Set(
      checkDay(
        own.map((row) => ({ id: row.id, worked: seconds(row.quantity), startAt: row.startAt, endAt: row.endAt })),
        { date: own[0]!.workDate, zone: own[0]!.zone, start: '09:00', end: '17:00', planned: seconds(0) },
        seconds(0),
      ).overlaps.flatMap((overlap) => [overlap.first, overlap.second]),
    );
    const perDay = new Map<string, number>();
    for (const row of own) perDay.set(row.workDate, (perDay.get(row.workDate) ?? 0) + row.quantity);
    for (const row of rows) {
      if (row.personId !== personId || row.kind !== 'time') continue;
      const service = row.serviceId ? basis.services.get(row.serviceId) : undefined;
      const problems: EntryProblem[] = entryProblems({
        kind: 'time',
        projectId: row.projectId,
        serviceId: row.serviceId,
        absenceCode: null,
        billable: row.billingState === 'to bill',
        rated: row.rate !== null,
        workDate: row.workDate,
        today: dateIn(row.zone, context.now),
        serviceKind: service?.kind ?? null,
        projectOpen: row.projectId ? basis.projects.get(row.projectId)!.open : true,
        daySeconds: seconds(perDay.get(row.workDate)!),
        overlaps: overlapping.has(row.id),
      });
      row.problems = problems;
    }
  }
}

async function store(
  context: Context,
  before: ReadonlyMap<string, LedgerRow>,
  after: ReadonlyMap<string, LedgerRow>,
): Promise<void> {
  const { tx, firm } = context;
  const gone = [...before.keys()].filter((id) => !after.has(id));
  const fresh = [...after.values()].filter((row) => !before.has(row.id));
  const changed = [...after.values()].filter(
    (row) => before.has(row.id) && JSON.stringify(row) !== JSON.stringify(before.get(row.id)),
  );
  if (gone.length > 0) await deleteEntries.run({ ids: gone }, tx);
  if (fresh.length > 0) await insertEntries.run({ firm: firm.id, currency: firm.currency, rows: json(fresh) }, tx);
  if (changed.length > 0) await updateEntries.run({ rows: json(changed) }, tx);
  const written = [...fresh, ...changed];
  const spans = written
    .filter((row) => row.startAt)
    .map((row) => ({ entryId: row.id, startAt: row.startAt, endAt: row.endAt, breakSeconds: row.breakSeconds, zone: row.zone }));
  if (spans.length > 0) await putSpans.run({ firm: firm.id, spans: json(spans) }, tx);
  const spanless = changed.filter((row) => !row.startAt && before.get(row.id)!.startAt).map((row) => row.id);
  if (spanless.length > 0) await dropSpans.run({ ids: spanless }, tx);
  const absences = fresh
    .filter((row) => row.kind === 'absence')
    .map((row) => ({ entryId: row.id, code: row.absenceCode, paid: row.absencePaid }));
  if (absences.length > 0) await putAbsences.run({ firm: firm.id, absences: json(absences) }, tx);
}
