import { BodyOf, Endpoint, EndpointName, Endpoints, PROBLEMS, ProblemCode, endpoints, problemsOf } from '@yellowwood/contracts';
import { createHash } from 'node:crypto';
import { v7 as newId } from 'uuid';
import { MONDAY, Who, record } from './testing';
import {
  Asked,
  EMPTY,
  Entry,
  NewEntry as New,
  PreparedFirm as Firm,
  SUBMITTED,
  Without,
  reason,
  seen,
} from './testing/prepared-firm';

type Case<N extends EndpointName> = (firm: Firm) => Asked<N> | Promise<Asked<N>>;

const span = (start: string, end: string, breakSeconds = 0) => ({ start, end, breakSeconds });
/** The nights on which the clocks go back and forward. */
const TWICE = '2025-10-26';
const MISSING = '2026-03-29';

function spanned(firm: Firm, start: string, end: string, date = MONDAY, breakSeconds = 0): New {
  const { quantity: _, ...entry } = firm.newEntry({ date, span: span(start, end, breakSeconds) });
  return entry;
}

/** What cannot be recorded, and by whom it is tried. */
const CREATING: Readonly<Record<string, (firm: Firm) => { as: Who; entry: New }>> = {
  'day-locked': (firm) => ({ as: 'staff', entry: firm.newEntry() }),
  'way-not-open': (firm) => ({ as: 'staff', entry: firm.newEntry() }),
  'person-unknown': (firm) => ({ as: 'owner', entry: firm.newEntry({ personId: newId(), reason }) }),
  'project-unknown': (firm) => ({ as: 'staff', entry: firm.newEntry({ projectId: newId() }) }),
  'reference-unknown': (firm) => ({ as: 'staff', entry: firm.newEntry({ taskId: newId() }) }),
  'period-submitted': (firm) => ({ as: 'staff', entry: firm.newEntry({ date: EMPTY }) }),
  'reason-missing': (firm) => ({ as: 'owner', entry: firm.newEntry() }),
  'quantity-or-span': (firm) => ({ as: 'staff', entry: firm.newEntry({ span: span('09:00', '10:00') }) }),
  'span-empty': (firm) => ({ as: 'staff', entry: spanned(firm, '09:00', '09:00') }),
  'clock-time-twice': (firm) => ({ as: 'staff', entry: spanned(firm, '01:30', '04:00', TWICE) }),
  'clock-time-missing': (firm) => ({ as: 'staff', entry: spanned(firm, '01:30', '04:00', MISSING) }),
  'break-too-long': (firm) => ({ as: 'staff', entry: spanned(firm, '09:00', '10:00', MONDAY, 3600) }),
};

type Changed = BodyOf<Endpoints['changeEntry']>;

async function changing(entry: Promise<Entry> | Entry, change: Changed, as: Who = 'staff') {
  const { id, version } = await entry;
  return { as, id, version, change };
}

const CHANGING: Readonly<Record<string, (firm: Firm) => ReturnType<typeof changing>>> = {
  'day-locked': (firm) => changing(firm.recorded(), { note: 'x' }),
  'way-not-open': (firm) => changing(firm.recorded(), { quantity: 60 }),
  'entry-unknown': async () => ({ as: 'staff', id: newId(), version: 1, change: { note: 'x' } }),
  'entry-locked': (firm) => changing(firm.submitted(), { note: 'x' }),
  'project-unknown': (firm) => changing(firm.recorded(), { projectId: newId() }),
  'reference-unknown': (firm) => changing(firm.recorded(), { taskId: newId() }),
  'period-submitted': (firm) => changing(firm.recorded(), { date: EMPTY }),
  'reason-missing': (firm) => changing(firm.recorded(), { note: 'x' }, 'owner'),
  'nothing-to-change': (firm) => changing(firm.recorded(), { reason }),
  'quantity-or-span': (firm) => changing(firm.recorded(), { quantity: 60, span: span('09:00', '10:00') }),
  'span-empty': (firm) => changing(firm.recorded(), { span: span('09:00', '09:00') }),
  'clock-time-twice': (firm) => changing(firm.recorded('staff', { date: TWICE }), { span: span('01:30', '04:00') }),
  'clock-time-missing': (firm) => changing(firm.recorded('staff', { date: MISSING }), { span: span('01:30', '04:00') }),
  'break-too-long': (firm) => changing(firm.recorded(), { span: span('09:00', '10:00', 3600) }),
};

const REMOVING: Readonly<Record<string, (firm: Firm) => Promise<{ as: Who; id: string; version: number }>>> = {
  'day-locked': async (firm) => ({ as: 'staff', ...(await firm.recorded()) }),
  'entry-unknown': async () => ({ as: 'staff', id: newId(), version: 1 }),
  'entry-locked': async (firm) => ({ as: 'staff', ...firm.submitted() }),
  'entry-on-document': async (firm) => ({ as: 'staff', ...(await firm.onceBilled()) }),
  'reason-missing': async (firm) => ({ as: 'owner', ...(await firm.recorded()) }),
};

function cases<From, N extends EndpointName>(
  table: Readonly<Record<string, (firm: Firm) => From | Promise<From>>>,
  ask: (made: From) => Asked<N>,
): Record<string, Case<N>> {
  return Object.fromEntries(
    Object.entries(table).map(([code, make]) => [
      code,
      async (firm: Firm) => ({
        ...ask(await make(firm)),
        ...(code === 'day-locked' && LOCKED),
        ...(code === 'way-not-open' && BY_TIMER),
      }),
    ]),
  );
}

const LOCKED = { without: 'open days' as const };
const NO_TEXTS = { without: 'texts' as const };
/** Everybody records by timer alone. */
const BY_TIMER = { without: 'ways' as const };

const none = { create: [], change: [], remove: [] };
const inScope = (as: Who, names: object = {}) => ({ as, query: { ...names, scope: `project:${newId()}` } });
const onEntry = (as: Who, { id, version }: { id: string; version: number }, names: object = {}) => ({
  as,
  body: { ...seen({ id, version }), ...names } as ReturnType<typeof seen> & { reason: string },
});
const unknown = () => ({ id: newId(), version: 1 });
const of = (as: Who, id: string, body?: object) => ({ as, params: { id }, ...(body && { body: body as never }) });

const EVERYONE = { everyone: true, people: [], teams: [] };
/** Says who records on a project that nobody has said it of. */
const naming = ({ params }: { params: { id: string } }, names: object) => ({
  ...of('owner', params.id, { ...EVERYONE, ...names }),
  version: 1,
});

/** Copies a project with what is agreed of it. */
const copying = (firm: Firm, names: Partial<BodyOf<Endpoints['copyProject']>> = {}): Asked<'copyProject'> => {
  const along = { tasks: true, estimates: true, agreement: true, whoRecords: false, notes: false };
  return { as: 'owner', params: { id: firm.ids.project }, body: { ...firm.project(), along, ...names } };
};

const STATE = { name: 'Snagging', records: true, open: false };

/** What stands in the way of the decisions at review, each tried by somebody who may decide. */
const deciding = (names: object) => ({
  'day-locked': async (firm: Firm) => ({ ...onEntry('owner', await firm.recorded(), names), ...LOCKED }),
  'own-time': async (firm: Firm) => onEntry('owner', await firm.recorded('owner'), names),
  'entries-stale': (firm: Firm) => onEntry('owner', { ...firm.submitted(), version: 99 }, names),
  'stage-not-possible': async (firm: Firm) => onEntry('owner', await firm.recorded(), names),
  'entry-missing': () => onEntry('owner', unknown(), names),
});

const atDesk = (names: object) => ({
  'entries-stale': (firm: Firm) => onEntry('bookkeeper', { ...firm.approved(), version: 99 }, names),
  'entry-unknown': () => onEntry('bookkeeper', unknown(), names),
});

/** What cannot be billed, as the wish for a document. */
const BILLING: Readonly<
  Record<string, (firm: Firm) => Promise<{ wish: BodyOf<Endpoints['previewInvoice']>; without?: Without }>>
> = {
  'entries-not-billable': async (firm) => ({ wish: firm.wish([await firm.recorded()]) }),
  'entry-unpriced': async (firm) => ({ wish: firm.wish([await firm.approvedInEuro('mate')], true) }),
  'write-down-too-large': async (firm) => ({
    wish: firm.wish([{ id: firm.approved().id, writeDown: { minor: 2251, reason } }]),
  }),
  'tax-rate-missing': async (firm) => ({ wish: firm.wish([firm.approved()]), without: 'tax_rate' }),
  'exchange-rate-missing': async (firm) => ({
    wish: firm.wish([await firm.approvedInEuro('staff')], true),
    without: 'exchange_rate',
  }),
};
const KEEPING: typeof BILLING = {
  ...BILLING,
  'nothing-to-pay': async (firm) => ({
    wish: firm.wish([{ id: firm.approved().id, writeDown: { minor: 2250, reason } }]),
  }),
  'limit-used-up': async (firm) => ({ wish: firm.wish([await firm.beyondLimit()]) }),
};

const unknownRange = { from: '2026-06-02', to: '2026-06-01' };

/** How each endpoint is made to refuse, by the code of its problem. */
const REFUSALS: { readonly [N in EndpointName]?: Readonly<Record<string, Case<N>>> } = {
  readTimesheet: {
    'person-unknown': ({ ids }) => ({ as: 'staff', params: { from: MONDAY }, query: { person: ids.mate } }),
  },
  submitPeriod: {
    // They have an account: it is theirs to submit.
    'person-unknown': ({ ids }) => ({ as: 'owner', params: { from: MONDAY }, query: { person: ids.mate }, body: { note: '' } }),
    'day-locked': () => ({ as: 'mate', params: { from: '2026-04-06' }, body: { note: '' }, ...LOCKED }),
    'problems-left': async (firm) => {
      await record(firm.world, 'mate', '2026-05-25', 1, { projectId: null });
      return { as: 'mate', params: { from: '2026-05-25' }, body: { note: '' } };
    },
    'nothing-to-submit': () => ({ as: 'staff', params: { from: EMPTY }, body: { note: '' } }),
    'timer-in-period': async (firm) => {
      await firm.timed();
      return { as: 'staff', params: { from: MONDAY }, body: { note: '' } };
    },
  },
  withdrawPeriod: {
    'person-unknown': ({ ids }) => ({ as: 'owner', params: { from: SUBMITTED }, query: { person: ids.staff } }),
    'day-locked': () => ({ as: 'staff', params: { from: SUBMITTED }, ...LOCKED }),
    'nothing-to-withdraw': () => ({ as: 'staff', params: { from: '2026-05-25' } }),
  },
  bringRows: {
    'day-locked': async (firm) => {
      await firm.recorded('staff', { date: '2025-06-02' });
      return { as: 'staff', params: { from: '2025-06-09' }, body: { withHours: true }, ...LOCKED };
    },
    'way-not-open': async (firm) => {
      await firm.recorded('mate', { date: '2025-05-05' });
      return { as: 'mate', params: { from: '2025-05-12' }, body: { withHours: true }, ...BY_TIMER };
    },
    'nothing-to-bring': () => ({ as: 'staff', params: { from: '2026-01-05' }, body: { withHours: true } }),
    'period-submitted': () => ({ as: 'staff', params: { from: SUBMITTED }, body: { withHours: true } }),
  },
  addRow: {
    'period-submitted': (firm) => ({ as: 'staff', params: { from: EMPTY }, body: firm.row() }),
    'project-unknown': (firm) => ({ as: 'staff', params: { from: MONDAY }, body: { ...firm.row(), projectId: newId() } }),
    'reference-unknown': (firm) => ({ as: 'staff', params: { from: MONDAY }, body: { ...firm.row(), taskId: newId() } }),
  },
  createEntry: {
    ...cases(CREATING, ({ as, entry }) => ({ as, body: entry })),
    'already-there': async (firm) => {
      const { id } = await firm.recorded('mate');
      return { as: 'staff', body: firm.newEntry({ id }) };
    },
  },
  changeEntry: {
    ...cases(CHANGING, ({ as, id, version, change }) => ({ as, params: { id }, version, body: change })),
    'version-stale': async (firm) => ({
      as: 'staff',
      params: { id: (await firm.recorded()).id },
      version: 99,
      body: { note: 'x' },
    }),
  },
  deleteEntry: {
    ...cases(REMOVING, ({ as, id, version }) => ({ as, params: { id }, version })),
    'version-stale': async (firm) => ({ as: 'staff', params: { id: (await firm.recorded()).id }, version: 99 }),
  },
  changeEntries: {
    ...cases(CREATING, ({ as, entry }) => ({ as, body: { ...none, create: [entry] } })),
    ...cases(CHANGING, ({ as, ...change }) => ({ as, body: { ...none, change: [change] } })),
    ...cases(REMOVING, ({ as, id, version }) => ({ as, body: { ...none, remove: [{ id, version }] } })),
    'entries-stale': async (firm) => ({
      as: 'staff',
      body: { ...none, change: [{ id: (await firm.recorded()).id, version: 99, change: { note: 'x' } }] },
    }),
    'already-there': async (firm) => {
      const { id } = await firm.recorded();
      return { as: 'staff', body: { ...none, create: [firm.newEntry({ id })] } };
    },
  },
  restoreEntry: {
    'day-locked': async (firm) => ({ as: 'staff', params: { id: await firm.gone() }, ...LOCKED }),
    'entry-unknown': () => of('staff', newId()),
    'period-submitted': async (firm) => {
      const from = '2026-01-12';
      const id = await firm.gone(from);
      await firm.staff.done('submitPeriod', { params: { from }, body: { note: '' } });
      return { as: 'staff', params: { id } };
    },
    'already-there': async (firm) => {
      const id = await firm.gone();
      await firm.staff.done('restoreEntry', { params: { id } });
      return { as: 'staff', params: { id } };
    },
  },
  startTimer: {
    'way-not-open': async (firm) => {
      await firm.world.sql("update person set record_ways = '{length}' where id = $1", [firm.ids.bookkeeper]);
      return { as: 'bookkeeper', ...firm.timer() };
    },
    'timer-start-ahead': (firm) => ({ as: 'staff', ...firm.timer({ startedAt: '2026-06-12T20:00:00Z' }) }),
    'timer-start-overlaps': async (firm) => {
      await firm.timed({ startedAt: '2026-06-12T10:00:00Z' });
      return { as: 'staff', ...firm.timer({ startedAt: '2026-06-12T09:00:00Z' }) };
    },
    'project-unknown': (firm) => ({ as: 'staff', ...firm.timer({ projectId: newId() }) }),
    'reference-unknown': (firm) => ({ as: 'staff', ...firm.timer({ projectId: firm.ids.project, taskId: newId() }) }),
    'already-there': async (firm) => ({ as: 'mate', ...firm.timer({ id: await firm.timed() }) }),
  },
  changeTimer: {
    'timer-unknown': () => ({ as: 'staff', params: { id: newId() }, version: 1, body: { note: 'x' } }),
    'version-stale': async (firm) => ({ as: 'staff', params: { id: await firm.timed() }, version: 99, body: { note: 'x' } }),
    'project-unknown': async (firm) => firm.timerChange(await firm.timed(), { projectId: newId() }),
    'reference-unknown': async (firm) => firm.timerChange(await firm.timed(), { projectId: firm.ids.project, taskId: newId() }),
    'timer-start-ahead': async (firm) => firm.timerChange(await firm.timed(), { startedAt: '2026-06-12T20:00:00Z' }),
    'timer-start-overlaps': async (firm) => {
      await firm.timed({ startedAt: '2026-06-12T09:00:00Z' });
      const next = firm.timer({ startedAt: '2026-06-12T10:00:00Z' });
      await firm.staff.done('startTimer', next);
      return firm.timerChange(next.body!.id, { startedAt: '2026-06-12T09:30:00Z' });
    },
    'timer-start-after-pause': async (firm) => {
      const id = await firm.timed({ startedAt: '2026-06-12T09:00:00Z' });
      await firm.staff.done('startTimer', firm.timer({ startedAt: '2026-06-12T10:00:00Z' }));
      return firm.timerChange(id, { startedAt: '2026-06-12T10:30:00Z' });
    },
  },
  pauseTimer: {
    'timer-unknown': () => of('staff', newId()),
    'timer-not-running': async (firm) => {
      const id = await firm.timed();
      await firm.staff.done('pauseTimer', { params: { id } });
      return { as: 'staff', params: { id } };
    },
  },
  resumeTimer: {
    'timer-unknown': () => of('staff', newId(), { others: 'pause' }),
    'timer-running': async (firm) => ({ as: 'staff', params: { id: await firm.timed() }, body: { others: 'stop' } }),
  },
  stopTimer: { 'timer-unknown': () => of('staff', newId()) },
  discardTimer: { 'timer-unknown': () => of('staff', newId()) },
  readReview: { 'scope-unknown': () => inScope('owner', { from: MONDAY }) as Asked<'readReview'> },
  readReviewPerson: {
    'person-unknown': () => ({ as: 'owner', params: { id: newId() }, query: { from: MONDAY } }),
    'scope-unknown': ({ ids }) =>
      ({ params: { id: ids.staff }, ...inScope('owner', { from: MONDAY }) }) as Asked<'readReviewPerson'>,
  },
  approveEntries: deciding({}),
  recallApproval: {
    ...deciding({}),
    'decided-by-another': async (firm) => onEntry('manager', await firm.now(firm.approved()), {}),
    'entry-billed': async (firm) => {
      const entry = firm.approved();
      await firm.issued(entry);
      return onEntry('owner', await firm.now(entry), {});
    },
    'entry-in-draft': async (firm) => {
      const entry = firm.approved();
      await firm.draft(entry);
      return onEntry('owner', await firm.now(entry), {});
    },
  },
  returnEntries: deciding({ reason }),
  reopenEntries: {
    ...deciding({ reason }),
    'entry-billed': async (firm) => {
      const entry = firm.approved();
      await firm.issued(entry);
      return onEntry('owner', await firm.now(entry), { reason });
    },
    'entry-in-draft': async (firm) => {
      const entry = firm.approved();
      await firm.draft(entry);
      return onEntry('owner', await firm.now(entry), { reason });
    },
  },
  returnPeriod: {
    'day-locked': ({ ids }) => ({ ...of('owner', ids.staff, { from: SUBMITTED, reason }), ...LOCKED }),
    'own-time': ({ ids }) => of('owner', ids.owner, { from: EMPTY, reason }),
    'person-unknown': () => of('owner', newId(), { from: EMPTY, reason }),
    'period-not-submitted': ({ ids }) => of('owner', ids.staff, { from: '2026-05-25', reason }),
  },
  readEntryWhy: { 'entry-unknown': () => ({ as: 'owner', params: { id: newId() } }) },
  readHistory: { 'subject-unknown': () => ({ as: 'owner', params: { id: newId() } }) },
  priceEntry: {
    'entry-unknown': () => ({ as: 'owner', params: { id: newId() }, version: 1, body: { rate: 1, reason } }),
    'version-stale': (firm) => ({ as: 'owner', params: { id: firm.approved().id }, version: 99, body: { rate: 1, reason } }),
    'entry-billed': async (firm) => {
      const entry = firm.approved();
      await firm.issued(entry);
      const { id, version } = await firm.now(entry);
      return { as: 'owner', params: { id }, version, body: { rate: 1, reason } };
    },
    'entry-in-draft': async (firm) => {
      const entry = firm.approved();
      await firm.draft(entry);
      const { id, version } = await firm.now(entry);
      return { as: 'owner', params: { id }, version, body: { rate: 1, reason } };
    },
    'entry-not-billable': async (firm) => {
      const { id, version } = await firm.recorded('staff', { billable: false });
      return { as: 'owner', params: { id }, version, body: { rate: 1, reason } };
    },
  },
  priceEntries: {
    'entry-unknown': async (firm) => {
      const { id, version } = firm.approved();
      return {
        as: 'owner',
        body: {
          entries: [
            { id, version },
            { id: newId(), version: 1 },
          ],
          rate: 1,
          reason,
        },
      };
    },
    'entries-stale': async (firm) => {
      const [one, other] = [firm.approved(), firm.approved()];
      return { as: 'owner', body: { ...seen(await firm.now(one), { id: other.id, version: 99 }), rate: 1, reason } };
    },
    'entry-billed': async (firm) => {
      const [entry, other] = [firm.approved(), firm.approved()];
      await firm.issued(entry);
      return { as: 'owner', body: { ...seen(await firm.now(other), await firm.now(entry)), rate: 1, reason } };
    },
    'entry-in-draft': async (firm) => {
      const [entry, other] = [firm.approved(), firm.approved()];
      await firm.draft(entry);
      return { as: 'owner', body: { ...seen(await firm.now(other), await firm.now(entry)), rate: 1, reason } };
    },
    'entry-not-billable': async (firm) => {
      const entry = firm.approved();
      const free = await firm.recorded('staff', { billable: false });
      return { as: 'owner', body: { ...seen(await firm.now(entry), free), rate: 1, reason } };
    },
  },
  readLineEntries: {
    'invoice-unknown': () => ({ as: 'owner', params: { id: newId(), line: 'x' } }),
    'line-unknown': async (firm) => ({ as: 'owner', params: { id: (await firm.issued()).row.id, line: 'x' } }),
  },
  listUnpriced: { 'scope-unknown': () => inScope('owner') as Asked<'listUnpriced'> },
  listToBill: { 'scope-unknown': () => inScope('owner', { upTo: '2026-06-14' }) as Asked<'listToBill'> },
  readBillDesk: { 'scope-unknown': () => inScope('owner', { upTo: '2026-06-14' }) as Asked<'readBillDesk'> },
  holdEntries: {
    ...atDesk({ reason }),
    'entry-not-to-bill': async (firm) => onEntry('bookkeeper', await firm.recorded(), { reason }),
  },
  releaseEntries: { ...atDesk({}), 'entry-not-to-bill': async (firm) => onEntry('bookkeeper', await firm.recorded()) },
  writeOffEntries: {
    ...atDesk({ reason }),
    'entry-not-to-bill': async (firm) => onEntry('bookkeeper', await firm.recorded(), { reason }),
  },
  reinstateEntries: { ...atDesk({}), 'entry-not-written-off': (firm) => onEntry('bookkeeper', firm.approved()) },
  previewInvoice: cases(BILLING, ({ wish, ...rest }) => ({ as: 'bookkeeper', body: wish, ...rest })),
  createDraft: {
    ...cases(KEEPING, ({ wish, ...rest }) => ({ as: 'bookkeeper', body: { id: newId(), wish }, ...rest })),
    'already-there': async (firm) => ({
      as: 'owner',
      body: { id: (await firm.draft()).row.id, wish: firm.wish([firm.approved()]) },
    }),
  },
  issueNewInvoice: {
    ...cases(KEEPING, ({ wish, ...rest }) => ({ as: 'bookkeeper', body: { id: newId(), wish, gross: 0 }, ...rest })),
    'document-changed': (firm) => ({ as: 'bookkeeper', body: { id: newId(), wish: firm.wish([firm.approved()]), gross: 1 } }),
    'already-there': async (firm) => ({
      as: 'owner',
      body: { id: (await firm.draft()).row.id, wish: firm.wish([firm.approved()]), gross: 2700 },
    }),
  },
  discardDraft: {
    'invoice-unknown': () => ({ as: 'bookkeeper', params: { id: newId() }, version: 1 }),
    'invoice-not-draft': async (firm) => {
      const { row } = await firm.issued();
      return { as: 'bookkeeper', params: { id: row.id }, version: row.version };
    },
    'version-stale': async (firm) => ({ as: 'bookkeeper', params: { id: (await firm.draft()).row.id }, version: 99 }),
  },
  issueInvoice: {
    'invoice-unknown': () => of('bookkeeper', newId(), { gross: 1, version: 1 }),
    'invoice-not-draft': async (firm) => {
      const { row } = await firm.issued();
      return of('bookkeeper', row.id, { gross: row.gross, version: row.version });
    },
    'document-changed': async (firm) => {
      const { row } = await firm.draft();
      return of('bookkeeper', row.id, { gross: row.gross + 1, version: row.version });
    },
    'version-stale': async (firm) => {
      const { row } = await firm.draft();
      return of('bookkeeper', row.id, { gross: row.gross, version: 99 });
    },
    'tax-rate-missing': async (firm) => {
      const { row } = await firm.draft();
      return { ...of('bookkeeper', row.id, { gross: row.gross, version: row.version }), without: 'tax_rate' };
    },
    'exchange-rate-missing': async (firm) => {
      const { row } = await firm.euroDraft();
      return { ...of('bookkeeper', row.id, { gross: row.gross, version: row.version }), without: 'exchange_rate' };
    },
    'limit-used-up': async (firm) => {
      const { project, row } = await firm.draftUnderLimit();
      await firm.owner.done('changeAgreement', { params: { id: project }, body: firm.newLimit(0) });
      return of('bookkeeper', row.id, { gross: 0, version: row.version });
    },
  },
  listInvoices: { 'scope-unknown': () => inScope('owner', { show: 'all' }) as Asked<'listInvoices'> },
  readInvoice: {
    'invoice-unknown': () => ({ as: 'owner', params: { id: newId() } }),
    'tax-rate-missing': async (firm) => ({ as: 'owner', params: { id: (await firm.draft()).row.id }, without: 'tax_rate' }),
    'exchange-rate-missing': async (firm) => ({
      as: 'owner',
      params: { id: (await firm.euroDraft()).row.id },
      without: 'exchange_rate',
    }),
  },
  readInvoicePdf: {
    'invoice-unknown': () => ({ as: 'owner', params: { id: newId() } }),
    'invoice-not-issued': async (firm) => ({ as: 'owner', params: { id: (await firm.draft()).row.id } }),
  },
  markSent: {
    'invoice-unknown': () => of('bookkeeper', newId()),
    'invoice-not-issued': async (firm) => ({ as: 'bookkeeper', params: { id: (await firm.draft()).row.id } }),
    'invoice-sent': async (firm) => ({ as: 'bookkeeper', params: { id: await firm.sent() } }),
  },
  voidInvoice: {
    'invoice-unknown': () => of('bookkeeper', newId(), { reason }),
    'invoice-not-issued': async (firm) => of('bookkeeper', (await firm.credited()).credit, { reason }),
    'invoice-sent': async (firm) => of('bookkeeper', await firm.sent(), { reason }),
    'invoice-settled': async (firm) => of('bookkeeper', (await firm.payment()).invoice, { reason }),
    'over-limit-billed': async (firm) => of('bookkeeper', (await firm.feeBilled()).invoice, { reason }),
  },
  creditInvoice: {
    'invoice-unknown': () => of('bookkeeper', newId(), { id: newId(), reason }),
    'invoice-not-issued': async (firm) => of('bookkeeper', (await firm.credited()).credit, { id: newId(), reason }),
    'invoice-credited': async (firm) => of('bookkeeper', (await firm.credited()).id, { id: newId(), reason }),
    'over-limit-billed': async (firm) => of('bookkeeper', (await firm.feeBilled()).invoice, { id: newId(), reason }),
    'already-there': async (firm) => {
      const { row } = await firm.issued();
      return of('bookkeeper', row.id, { id: row.id, reason });
    },
  },
  recordPayment: {
    'invoice-unknown': (firm) => firm.paying({ invoiceId: newId() }),
    'invoice-not-issued': async (firm) => firm.paying({ invoiceId: (await firm.draft()).row.id }),
    'invoice-settled': async (firm) => firm.paying({ invoiceId: (await firm.payment('all')).invoice }),
    'payment-not-positive': async (firm) => firm.paying({ invoiceId: (await firm.issued()).row.id, minor: 0 }),
    'payment-ahead': async (firm) => firm.paying({ invoiceId: (await firm.issued()).row.id, receivedOn: '2026-06-13' }),
    'already-there': async (firm) => {
      const { id, invoice } = await firm.payment();
      return { ...firm.paying({ invoiceId: invoice, id }), as: 'owner' };
    },
  },
  reversePayment: {
    'payment-unknown': () => of('bookkeeper', newId(), { reason }),
    'payment-reversed': async (firm) => {
      const { id } = await firm.payment();
      await firm.keeper.done('reversePayment', { params: { id }, body: { reason } });
      return of('bookkeeper', id, { reason });
    },
  },
  changeTerms: {
    'version-stale': async (firm) => ({ ...(await otherTerms(firm)), version: 99 }),
    'nothing-to-change': async (firm) => {
      const { terms, version } = await firm.owner.done('readTerms');
      return { as: 'owner', body: { terms, from: null }, version };
    },
    'day-locked': async (firm) => {
      const { rules, version } = await firm.owner.done('readTimeRules');
      if (rules.lockedUntil === null)
        await firm.owner.done('changeTimeRules', { body: { ...rules, lockedUntil: '2019-12-31' }, version });
      return otherTerms(firm, '2019-12-31');
    },
    'later-recorded': async (firm) => {
      const { project } = await firm.owner.done('createProject', { body: firm.project() });
      await firm.recorded('owner', { projectId: project.id, taskId: null });
      return otherTerms(firm, '2020-01-01');
    },
  },
  readAgreements: { 'project-unknown': () => ({ as: 'owner', params: { id: newId() } }) },
  changeAgreement: {
    'project-unknown': (firm) => of('owner', newId(), firm.newLimit(1)),
    'work-internal': (firm) => of('owner', firm.ids.internal, firm.newLimit(1)),
    'agreement-missing': (firm) => of('owner', firm.ids.project, firm.newLimit(1, '2025-12-01')),
    'agreement-begins-then': async (firm) => of('owner', (await firm.overLimit()).project, firm.newLimit(1, '2026-01-01')),
    'nothing-to-change': (firm) => of('owner', firm.ids.euroProject, firm.newLimit(null)),
    'day-locked': async (firm) => ({ ...(await otherRate(firm)), ...LOCKED }),
    'effect-unseen': otherRate,
    'effect-changed': (firm) => otherRate(firm, { seen: 'something else' }),
    'already-there': (firm) => of('owner', firm.ids.project, { ...firm.newLimit(1, '2026-06-02'), id: firm.ids.agreement }),
  },
  releaseOverLimit: {
    'over-limit-unknown': () => of('bookkeeper', newId(), { id: newId(), minor: 1, note: '' }),
    'over-limit-too-much': async (firm) =>
      of('bookkeeper', (await firm.overLimit()).line, { id: newId(), minor: 4001, note: '' }),
    'limit-has-no-room': async (firm) => of('bookkeeper', (await firm.overLimit()).line, { id: newId(), minor: 1, note: '' }),
    'already-there': async (firm) => {
      const over = await firm.overLimit();
      const { id } = await firm.released(over);
      await firm.owner.done('changeAgreement', { params: { id: over.project }, body: firm.newLimit(null, '2026-06-02') });
      return of('owner', over.line, { id, minor: 1, note: '' });
    },
  },
  writeDownOverLimit: {
    'over-limit-unknown': () => of('bookkeeper', newId(), { minor: 1, reason }),
    'over-limit-too-much': async (firm) => of('bookkeeper', (await firm.overLimit()).line, { minor: 4001, reason }),
  },
  invitePerson: {
    'role-unknown': (firm) => ({ as: 'owner', body: firm.person({ role: newId() }) }),
    'handle-unreadable': (firm) => ({ as: 'owner', body: firm.person({ email: '+1 234 (0)' }) }),
    'texts-not-sent': (firm) => ({ as: 'owner', body: firm.person({ email: '+447700900123' }), ...NO_TEXTS }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: firm.person({ role: 'manager' }) };
    },
    'address-taken': (firm) => ({ as: 'owner', body: firm.person({ email: `STAFF@${firm.world.slug}.example` }) }),
    'too-many-attempts': async (firm) => {
      const body = firm.person();
      await flooded(firm, body.email);
      return { as: 'owner', body };
    },
    'already-there': async (firm) => {
      await firm.administrator();
      const { id } = await firm.invited();
      return { as: 'mate', body: firm.person({ id }) };
    },
  },
  invitePeople: {
    'role-unknown': (firm) => ({ as: 'owner', body: { ...several(firm), role: newId() } }),
    'handle-unreadable': (firm) => ({ as: 'owner', body: several(firm, '+1 234 (0)') }),
    'texts-not-sent': (firm) => ({ as: 'owner', body: several(firm, '+447700900123'), ...NO_TEXTS }),

    'addresses-taken': (firm) => ({ as: 'owner', body: several(firm, `MATE@${firm.world.slug}.example`) }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: { ...several(firm), role: 'manager' } };
    },
    'too-many-attempts': async (firm) => {
      const body = several(firm);
      await flooded(firm, body.people[1]!.email);
      return { as: 'owner', body };
    },
  },
  confirmInstruction: {
    'instruction-changed': () => ({ as: 'staff', body: { version: 99 } }),
    'instructed-already': async (firm) => {
      const version = await firm.instruction();
      await firm.staff.done('confirmInstruction', { body: { version } });
      return { as: 'staff', body: { version } };
    },
  },
  changeInstruction: {
    'nothing-to-change': async (firm) => {
      await firm.instruction();
      const { versions } = await firm.owner.done('listInstructed');
      return { as: 'owner', body: { wording: ` ${versions[0]!.wording} ` } };
    },
  },
  noteInstructed: {
    'instruction-changed': (firm) => noted(firm, { version: 99 }),
    'person-unknown': async (firm) => noted(firm, { version: await firm.instruction(), people: [newId()] }),
    'instructed-already': async (firm) => {
      const { as, ...options } = noted(firm, { version: await firm.instruction() });
      await firm.world.as(as).done('noteInstructed', options);
      return { as, body: { ...options.body, people: [firm.ids.bookkeeper, ...options.body.people] } };
    },
    'paper-unreadable': async (firm) => {
      const paper = { name: 'signed.pdf', bytes: Buffer.from('<html></html>').toString('base64') };
      return noted(firm, { version: await firm.instruction(), paper });
    },
    'day-ahead': async (firm) => noted(firm, { version: await firm.instruction(), day: '2026-06-13' }),
  },
  readPaper: { 'paper-unknown': (firm) => of('owner', firm.ids.staff) },
  createLink: {
    'role-unknown': (firm) => ({ as: 'owner', body: firm.link({ role: newId() }) }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: firm.link({ role: 'manager' }) };
    },
    'team-unknown': (firm) => ({ as: 'owner', body: firm.link({ teamId: newId() }) }),
    'lead-not-yours': async (firm) => {
      await firm.administrator();
      const [team] = await firm.world.sql<{ id: string }>('select id from team where lead_id = $1', [firm.ids.manager]);
      return { as: 'mate', body: firm.link({ teamId: team!.id }) };
    },
    'already-there': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: firm.link({ id: await firm.linked() }) };
    },
  },
  endLink: { 'link-ended': () => of('owner', newId()) },
  confirmPerson: {
    'person-unknown': () => of('owner', newId()),
    'nothing-to-confirm': (firm) => of('owner', firm.ids.staff),
    'role-not-yours': async (firm) => {
      const id = await firm.waiting('manager');
      await firm.administrator();
      return of('mate', id);
    },
  },
  sendInvitation: {
    'texts-not-sent': async (firm) => ({
      ...of('owner', (await firm.invited({ email: `+4479${String(Date.now()).slice(-8)}` })).id),
      ...NO_TEXTS,
    }),
    'person-unknown': () => of('owner', newId()),
    'not-invited': (firm) => of('owner', firm.ids.staff),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return of('mate', (await firm.invited({ role: 'bookkeeper' })).id);
    },
    'too-many-attempts': async (firm) => {
      const { id, email } = await firm.invited();
      await flooded(firm, email);
      return of('owner', id);
    },
  },
  changeFirm: {
    'nothing-to-change': async (firm) => {
      const { facts, version } = await firm.owner.done('readFirm');
      return { as: 'owner', body: facts, version };
    },
    'number-taken': async (firm) => {
      await firm.issued();
      const { facts, version } = await firm.owner.done('readFirm');
      return { as: 'owner', body: { ...facts, nextInvoice: facts.nextInvoice + 5 }, version };
    },
    'version-stale': async (firm) => ({ as: 'owner', body: (await firm.owner.done('readFirm')).facts, version: 99 }),
  },
  changeSignInRule: {
    'nothing-to-change': async (firm) => ({ ...(await ruled(firm)), body: { factorForMoney: false } }),
    'own-factor-first': async (firm) => {
      await firm.world.admin.query('delete from second_factor');
      return ruled(firm);
    },
    'version-stale': async (firm) => ({ ...(await ruled(firm)), version: 99 }),
  },
  changePeriods: {
    'version-stale': async (firm) => ({ ...(await periods(firm, {})), version: 99 }),
    'nothing-to-change': (firm) => periods(firm, { kind: 'week' }),
    'day-locked': async (firm) => ({ ...(await periods(firm, { from: '2026-02-01' })), ...LOCKED }),
    'later-submitted': (firm) => periods(firm, { from: EMPTY }),
  },
  changeTimeRules: {
    'version-stale': async (firm) => ({ ...(await timeRules(firm, { dayMaximum: 3600 })), version: 99 }),
    'nothing-to-change': (firm) => timeRules(firm, {}),
    'week-below-day': (firm) => timeRules(firm, { weekMaximum: 3600 }),
    'lock-ahead': (firm) => timeRules(firm, { lockedUntil: '2026-06-12' }),
    'project-unknown': (firm) => timeRules(firm, { unreviewed: [newId()] }),
  },
  createTeam: {
    'already-there': async (firm) => {
      const [laid] = await firm.world.sql<{ id: string }>('select id from team where lead_id = $1', [firm.ids.manager]);
      return { as: 'owner', body: { ...teamOf(firm), id: laid!.id } };
    },
    'team-exists': (firm) => ({ as: 'owner', body: { ...teamOf(firm), name: 'TEAM' } }),
    'person-unknown': (firm) => ({ as: 'owner', body: { ...teamOf(firm), people: [newId()] } }),
    'lead-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: { ...teamOf(firm), leadId: firm.ids.manager } };
    },
  },
  changeTeam: {
    'team-unknown': (firm) => ({ ...of('owner', newId(), teamFacts(firm)), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.team(), teamFacts(firm)), version: 99 }),
    'team-exists': async (firm) => ({ ...of('owner', await firm.team(), { ...teamFacts(firm), name: 'TEAM' }), version: 1 }),
    'person-unknown': async (firm) => ({
      ...of('owner', await firm.team(), { ...teamFacts(firm), leadId: newId() }),
      version: 1,
    }),
    'lead-not-yours': async (firm) => {
      await firm.administrator();
      return { ...of('mate', await firm.team(), { ...teamFacts(firm), leadId: firm.ids.manager }), version: 1 };
    },
    'nothing-to-change': async (firm) => {
      const id = await firm.team();
      return { ...of('owner', id, { name: `Team ${id}`, leadId: firm.ids.staff, people: [firm.ids.mate] }), version: 1 };
    },
  },
  endTeam: {
    'team-unknown': async (firm) => ({ ...of('owner', await firm.team(), { into: newId() }), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.team(), { into: null }), version: 99 }),
    'lead-not-yours': async (firm) => {
      await firm.administrator();
      const [led] = await firm.world.sql<{ id: string }>('select id from team where lead_id = $1', [firm.ids.manager]);
      return { ...of('mate', await firm.team(), { into: led!.id }), version: 1 };
    },
  },
  leaveFirm: {
    'last-owner': async (firm) => ({ as: 'owner', version: (await firm.known(firm.ids.owner)).version }),
    'version-stale': () => ({ as: 'staff', version: 99 }),
  },
  changePerson: {
    'handle-unreadable': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)), body: { ...personOf(firm), email: '+1 234 (0)' } },
    }),
    'person-unknown': (firm) => ({ ...of('owner', newId(), personOf(firm)), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.staff, personOf(firm)), version: 99 }),
    'group-unknown': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { ...personOf(firm), departmentId: newId() },
    }),
    'zone-unknown': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { ...personOf(firm), zone: 'Europe/Nowhere' },
    }),
    'position-recorded': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { ...personOf(firm), position: { id: await firm.position(), from: '2026-05-04' } },
    }),
    'address-taken': async (firm) => {
      const body = { ...personOf(firm), email: `mate@${firm.world.slug}.example` };
      return { as: 'owner', ...(await firm.known(firm.ids.staff)), body };
    },
    'nothing-to-change': async (firm) => {
      const { name, email, staffNumber } = await firm.owner.done('readPerson', { params: { id: firm.ids.staff } });
      return { as: 'owner', ...(await firm.known(firm.ids.staff)), body: { name, email, staffNumber } };
    },
  },
  createGroup: {
    'already-there': async (firm) => {
      const [row] = await firm.world.sql<{ id: string }>("select id from position where name = 'Surveyor'");
      return { as: 'owner', body: { id: row!.id, kind: 'position', name: 'Other' } };
    },
    'group-exists': () => ({ as: 'owner', body: { id: newId(), kind: 'position', name: ' SURVEYOR ' } }),
  },
  changeGroup: {
    'group-unknown': () => ({ ...of('owner', newId(), { name: 'P', ended: false }), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.position(), { name: 'P', ended: false }), version: 99 }),
    'group-exists': async (firm) => ({
      ...of('owner', await firm.position(), { name: 'surveyor', ended: false }),
      version: 1,
    }),
    'group-held': async (firm) => {
      const [row] = await firm.world.sql<{ id: string }>("select id from position where name = 'Surveyor'");
      return { ...of('owner', row!.id, { name: 'Surveyor', ended: true }), version: 1 };
    },
    'nothing-to-change': async (firm) => {
      const id = await firm.position();
      return { ...of('owner', id, { name: `Position ${id}`, ended: false }), version: 1 };
    },
  },
  createProjectState: {
    'already-there': (firm) => ({ as: 'owner', body: { ...STATE, id: firm.ids.finished } }),
    'state-exists': () => ({ as: 'owner', body: { ...STATE, id: newId(), name: ' OPEN ' } }),
  },
  changeProjectState: {
    'state-unknown': () => ({ ...of('owner', newId(), { ...STATE, place: 0 }), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.state(), { ...STATE, place: 0 }), version: 99 }),
    'state-exists': async (firm) => ({
      ...of('owner', await firm.state(), { ...STATE, name: 'oPEN', place: 0 }),
      version: 1,
    }),
    'state-last': async (firm) => ({
      ...of('owner', await firm.state(true), { ...STATE, place: 1 }),
      ...{ version: 1, without: 'under way' },
    }),
    'nothing-to-change': (firm) => ({
      ...of('owner', firm.ids.underWay, { name: ' Open', records: true, open: true, place: 1 }),
      version: 1,
    }),
  },
  removeProjectState: {
    'state-unknown': () => ({ ...of('owner', newId()), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.state()), version: 99 }),
    'state-held': (firm) => ({ ...of('owner', firm.ids.underWay), version: 1 }),
    'state-last': async (firm) => ({ ...of('owner', await firm.state(true)), version: 1, without: 'under way' }),
  },
  createRole: {
    'already-there': async (firm) => {
      const id = newId();
      await firm.world.sql("insert into own_role (firm_id, id, name, rights) values ($1, $2, $3, '{}')", [
        firm.world.firmId,
        id,
        id,
      ]);
      return { as: 'owner', body: { ...clerk, name: `Other ${id}`, id } };
    },
    'role-exists': async (firm) => {
      const id = await firm.role();
      return { as: 'owner', body: { ...clerk, id: newId(), name: `ROLE ${id}` } };
    },
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', body: { ...clerk, id: newId(), rights: { 'values.read': 'firm' } } };
    },
    'reach-not-given': () => ({ as: 'owner', body: { ...clerk, id: newId(), rights: { 'pay.read': 'team' } } }),
  },
  changeRole: {
    'role-unknown': () => ({ ...of('owner', newId(), clerk), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.role(), clerk), version: 99 }),
    'role-exists': async (firm) => {
      const other = await firm.role();
      return { ...of('owner', await firm.role(), { ...clerk, name: `ROLE ${other}` }), version: 1 };
    },
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { ...of('mate', await firm.role({ 'values.read': 'firm' }), clerk), version: 1 };
    },
    'reach-not-given': async (firm) => ({
      ...of('owner', await firm.role(), { ...clerk, rights: { 'time.record': 'firm' } }),
      version: 1,
    }),
    'nothing-to-change': async (firm) => {
      const id = await firm.role();
      return { ...of('owner', id, { name: ` Role ${id} `, rights: { 'time.read': 'firm' } }), version: 1 };
    },
  },
  endRole: {
    'role-unknown': () => ({ ...of('owner', newId(), {}), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.role(), {}), version: 99 }),
    'role-held': async (firm) => {
      const id = await firm.role();
      const known = await firm.known((await firm.invited()).id);
      await firm.owner.done('changeRoles', { ...known, body: { roles: [], ownRoles: [id] } });
      return { ...of('owner', id, {}), version: 1 };
    },
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { ...of('mate', await firm.role({ 'values.read': 'firm' }), {}), version: 1 };
    },
  },
  changeRecording: {
    'person-unknown': () => ({ ...of('owner', newId(), AS_FIRM), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.staff, AS_FIRM), version: 99 }),
    'week-below-day': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)), body: { ...AS_FIRM, weekMaximum: 3600 } },
    }),
    'nothing-to-change': async (firm) => ({ as: 'owner', ...(await firm.known(firm.ids.staff)), body: AS_FIRM }),
  },
  changeExceptions: {
    'person-unknown': () => ({ ...of('owner', newId(), { 'pay.read': 'firm' }), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.staff, { 'pay.read': 'firm' }), version: 99 }),
    'owner-whole': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.owner)) },
      body: { 'pay.read': null },
    }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', ...(await firm.known(firm.ids.staff)), body: { 'pay.read': 'firm' } };
    },
    'reach-not-given': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { 'pay.read': 'own' },
    }),
    'nothing-to-change': async (firm) => ({ as: 'owner', ...(await firm.known(firm.ids.staff)), body: {} }),
  },
  readWhyMay: {
    'person-unknown': (firm) => ({
      ...{ as: 'owner', params: { id: firm.ids.staff } },
      query: { right: 'time.read', person: newId() },
    }),
    'project-unknown': (firm) => ({
      ...{ as: 'owner', params: { id: firm.ids.staff } },
      query: { right: 'time.read', person: firm.ids.staff, project: newId() },
    }),
  },
  changeRoles: {
    'person-unknown': () => ({ ...of('owner', newId(), { roles: ['staff'], ownRoles: [] }), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.staff, { roles: ['manager'], ownRoles: [] }), version: 99 }),
    'role-unknown': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { roles: [], ownRoles: [newId()] },
    }),
    'role-missing': async (firm) => ({
      ...{ as: 'owner', ...(await firm.known(firm.ids.staff)) },
      body: { roles: [], ownRoles: [] },
    }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', ...(await firm.known(firm.ids.staff)), body: { roles: ['manager'], ownRoles: [] } };
    },
    'last-owner': async (firm) => ({
      as: 'owner',
      ...(await firm.known(firm.ids.owner)),
      body: { roles: ['staff'], ownRoles: [] },
    }),
    'nothing-to-change': async (firm) => ({
      as: 'owner',
      ...(await firm.known(firm.ids.staff)),
      body: { roles: ['staff'], ownRoles: [] },
    }),
  },
  changeManyRoles: {
    'person-unknown': () => manyRoles([{ id: newId(), version: 1 }]),
    'role-unknown': async (firm) => ({
      as: 'owner',
      body: { people: [await seenOf(firm, firm.ids.staff)], roles: [], ownRoles: [newId()], how: 'add' },
    }),
    'role-missing': async (firm) => ({
      as: 'owner',
      body: { people: [await seenOf(firm, firm.ids.staff)], roles: [], ownRoles: [], how: 'replace' },
    }),
    'people-changed': (firm) => manyRoles([{ id: firm.ids.staff, version: 99 }]),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { ...manyRoles([await seenOf(firm, firm.ids.staff)]), as: 'mate' };
    },
    'last-owner': async (firm) => manyRoles([await seenOf(firm, firm.ids.owner)]),
    'nothing-to-change': async (firm) => ({
      as: 'owner',
      body: { people: [await seenOf(firm, firm.ids.staff)], roles: ['staff'], ownRoles: [], how: 'add' },
    }),
  },
  changeLogo: {
    'version-stale': () => ({ as: 'owner', body: { picture: null }, version: 99 }),
    'logo-unreadable': async (firm) => ({
      ...{ as: 'owner', body: { picture: Buffer.from('no picture').toString('base64') } },
      version: (await firm.owner.done('readFirm')).version,
    }),
    'nothing-to-change': async (firm) => {
      const { version, logo } = await firm.owner.done('readFirm');
      if (!logo) return { as: 'owner', body: { picture: null }, version };
      await firm.owner.done('changeLogo', { body: { picture: null }, version });
      return { as: 'owner', body: { picture: null }, version: version + 1 };
    },
  },
  readLogo: { 'logo-unknown': () => of('owner', newId()) },
  changeWords: {
    'version-stale': () => ({ as: 'owner', body: { words: {}, workText: 'code' }, version: 99 }),
    'words-alike': async (firm) => ({
      ...{ as: 'owner', body: { words: { task: { one: 'client', many: 'tasks' } }, workText: 'name' } },
      version: (await firm.owner.done('readWords')).version,
    }),
    'nothing-to-change': async (firm) => {
      const { facts, version } = await firm.owner.done('readWords');
      return { as: 'owner', body: facts, version };
    },
  },
  changeShape: {
    'version-stale': () => ({ as: 'owner', body: { place: 'field', size: null, trade: null }, version: 99 }),
    'nothing-to-change': async (firm) => {
      const { shape, version } = await firm.owner.done('readShape');
      return { as: 'owner', body: shape, version };
    },
  },
  changeFunctions: {
    'version-stale': () => ({ as: 'owner', body: { off: ['grid'] }, version: 99 }),
    'nothing-to-change': async (firm) => {
      const { off, version } = await firm.owner.done('readShape');
      return { as: 'owner', body: { off }, version };
    },
  },
  readPerson: { 'person-unknown': () => of('owner', newId()) },
  readLooksAfter: { 'person-unknown': () => of('owner', newId()) },
  handOver: {
    'person-unknown': async (firm) => handing(firm, await firm.team(), { to: newId() }),
    'left-already': async (firm) => handing(firm, await firm.team(), { to: await firm.left() }),
    'handed-over-already': async (firm) => handing(firm, await firm.team(), { projects: [newId()] }),
    'lead-not-yours': async (firm) => {
      await firm.administrator();
      return { ...handing(firm, await firm.team(), { to: firm.ids.manager }), as: 'mate' };
    },
    'nothing-to-change': async (firm) => handing(firm, await firm.team(), { to: firm.ids.staff }),
  },
  personLeaves: {
    'person-unknown': () => ({ ...of('owner', newId()), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.staff), version: 99 }),
    'not-oneself': async (firm) => ({ as: 'owner', ...(await firm.known(firm.ids.owner)) }),
    'left-already': async (firm) => ({ as: 'owner', ...(await firm.known(await firm.left())) }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      return { as: 'mate', ...(await firm.known(firm.ids.manager)) };
    },
  },
  personReturns: {
    'person-unknown': () => ({ ...of('owner', newId()), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', await firm.left()), version: 99 }),
    'not-left': async (firm) => ({ as: 'owner', ...(await firm.known(firm.ids.staff)) }),
    'role-not-yours': async (firm) => {
      await firm.administrator();
      const { id } = await firm.invited({ role: 'manager' });
      await firm.owner.done('personLeaves', await firm.known(id));
      return { as: 'mate', ...(await firm.known(id)) };
    },
  },
  readClient: {
    'scope-unknown': () => ({ as: 'owner', params: { id: newId() } }),
  },
  createClient: {
    'already-there': (firm) => ({ as: 'owner', body: { id: firm.ids.client, name: `Client ${newId()}` } }),
    'client-exists': () => ({ as: 'owner', body: { id: newId(), name: 'HARBOUR trust' } }),
  },
  changeClient: {
    'scope-unknown': async (firm) => ({ as: 'owner', ...(await firm.newClient()), params: { id: newId() } }),
    'version-stale': async (firm) => ({ as: 'owner', ...(await firm.newClient()), version: 99 }),
    'client-exists': async (firm) => ({ as: 'owner', ...(await firm.newClient({ name: 'HARBOUR trust' })) }),
    'client-under-way': async (firm) => {
      const { body, ...asked } = await firm.newClient({ archived: true });
      await firm.owner.done('createProject', { body: firm.project({ client: asked.params }) });
      return { as: 'owner', ...asked, body };
    },
    'nothing-to-change': async (firm) => ({ as: 'owner', ...(await firm.newClient()) }),
  },
  readProject: {
    'scope-unknown': () => ({ as: 'owner', params: { id: newId() } }),
  },
  changeProject: {
    'scope-unknown': async (firm) => ({ as: 'owner', ...(await firm.newProject()), params: { id: newId() } }),
    'version-stale': async (firm) => ({ as: 'owner', ...(await firm.newProject()), version: 99 }),
    'project-exists': async (firm) => ({ as: 'owner', ...(await firm.newProject({ name: 'lantern ROOM' })) }),
    'code-taken': async (firm) => ({ as: 'owner', ...(await firm.newProject({ code: 'lantern' })) }),
    'person-unknown': async (firm) => ({ as: 'owner', ...(await firm.newProject({ managerId: newId() })) }),
    'left-already': async (firm) => ({ as: 'owner', ...(await firm.newProject({ managerId: await firm.left() })) }),
    'lead-not-yours': async (firm) => {
      const asked = await firm.newProject({ managerId: firm.ids.mate });
      await firm.world.sql('update project set manager_id = $1 where id = $2', [firm.ids.manager, asked.params.id]);
      return { as: 'manager', ...asked };
    },
    'range-reversed': async (firm) => ({
      ...{ as: 'owner', ...(await firm.newProject({ startsOn: '2026-06-02', endsOn: '2026-06-01' })) },
    }),
    'state-unknown': async (firm) => ({ as: 'owner', ...(await firm.newProject({ stateId: newId() })) }),
    'client-archived': async (firm) => {
      const asked = await firm.newProject({ name: `Project ${newId()}` });
      await firm.world.sql('update project set client_id = $1 where id = $2', [
        (await firm.archivedClient()).id,
        asked.params.id,
      ]);
      return { as: 'owner', ...asked };
    },
    'nothing-to-change': async (firm) => ({ as: 'owner', ...(await firm.newProject()) }),
  },
  copyProject: {
    'already-there': (firm) => copying(firm, { id: firm.ids.project }),
    'scope-unknown': (firm) => ({ ...copying(firm), params: { id: newId() } }),
    'client-unknown': (firm) => copying(firm, { client: { id: newId() } }),
    'client-exists': (firm) => copying(firm, { client: { id: newId(), name: 'harbour trust' } }),
    'client-archived': async (firm) => copying(firm, { client: await firm.archivedClient() }),
    'project-exists': (firm) => copying(firm, { name: 'lantern room' }),
    'copy-not-yours': (firm) => ({ ...copying(firm), as: 'manager' }),
    'work-internal': (firm) => copying(firm, { client: null }),
    'agreement-missing': async (firm) => {
      const { params } = await firm.newProject();
      await firm.world.sql("update agreement set valid_from = '2030-01-01' where project_id = $1", [params.id]);
      return { ...copying(firm), params };
    },
    'agreement-elsewhere': (firm) => copying(firm, { client: { id: firm.ids.euroClient } }),
  },
  removeProject: {
    'scope-unknown': () => ({ ...of('owner', newId()), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', (await firm.task()).project), version: 99 }),
    'project-used': async (firm) => ({ ...of('owner', (await firm.timedTask()).project), version: 1 }),
  },
  removeClient: {
    'scope-unknown': () => ({ ...of('owner', newId()), version: 1 }),
    'version-stale': async (firm) => ({ ...of('owner', (await firm.newClient()).params.id), version: 99 }),
    'client-used': (firm) => ({ ...of('owner', firm.ids.client), version: 1 }),
  },
  readWhoRecords: {
    'scope-unknown': () => ({ as: 'owner', params: { id: newId() } }),
  },
  changeWhoRecords: {
    'scope-unknown': () => ({ ...of('owner', newId(), EVERYONE), version: 1 }),
    'version-stale': (firm) => ({ ...of('owner', firm.ids.project, EVERYONE), version: 99 }),
    'person-unknown': async (firm) => naming(await firm.newProject(), { people: [newId()] }),
    'left-already': async (firm) => naming(await firm.newProject(), { people: [await firm.left()] }),
    'team-unknown': async (firm) => naming(await firm.newProject(), { teams: [newId()] }),
    'nothing-to-change': async (firm) => naming(await firm.newProject(), {}),
  },
  listTasks: {
    'scope-unknown': () => ({ as: 'owner', params: { id: newId() } }),
  },
  addTasks: {
    'already-there': async (firm) => adding(await firm.task(), [{ ...LINE, id: firm.ids.task }]),
    'scope-unknown': async (firm) => ({ ...adding(await firm.task()), params: { id: newId() } }),
    'task-unknown': async (firm) => adding({ ...(await firm.task()), id: newId() }),
    'order-unreadable': async (firm) => adding(await firm.task(), [{ ...LINE, id: newId(), parentId: newId() }]),
    'too-deep': async (firm) => {
      const lines = Array.from({ length: 10 }, () => ({ ...LINE, id: newId() }));
      return adding(
        await firm.task(),
        lines.map((line, index) => ({ ...line, parentId: lines[index - 1]?.id ?? null })),
      );
    },
  },
  changeTask: {
    'task-unknown': () => ({ as: 'owner', params: { id: newId() }, version: 1, body: { name: 'T' } }),
    'version-stale': async (firm) => ({ ...onTask(await firm.task()), version: 99, body: { name: 'T' } }),
    'nothing-to-change': async (firm) => ({ ...onTask(await firm.task()), body: { open: true } }),
  },
  removeTask: {
    'task-unknown': () => ({ as: 'owner', params: { id: newId() }, version: 1, body: { branch: [newId()] } }),
    'version-stale': async (firm) => going(await firm.task(), [newId()]),
    'task-used': async (firm) => going(await firm.timedTask()),
  },
  moveTask: {
    'task-unknown': (firm) => ({ as: 'owner', params: { id: newId() }, version: 1, body: firm.place(firm.ids.project) }),
    'version-stale': async (firm) => ({ ...moving(firm, await firm.task()), version: 99 }),
    'project-unknown': async (firm) => moving(firm, await firm.task(), { projectId: newId() }),
    'below-itself': async (firm) => {
      const task = await firm.task();
      return moving(firm, task, { projectId: task.project, parentId: task.below });
    },
    'too-deep': async (firm) => {
      const { project, below } = await firm.task();
      const lines = Array.from({ length: 7 }, () => ({ ...LINE, id: newId() }));
      await firm.owner.done(
        'addTasks',
        adding(
          { id: below, project },
          lines.map((line, index) => ({ ...line, parentId: lines[index - 1]?.id ?? null })),
        ),
      );
      return moving(firm, await firm.task(), { projectId: project, parentId: lines.at(-1)!.id });
    },
    'nothing-to-change': async (firm) => {
      const task = await firm.task();
      return moving(firm, task, { projectId: task.project });
    },
    'work-billed': async (firm) => moving(firm, await firm.timedTask('issued')),
    'work-in-draft': async (firm) => moving(firm, await firm.timedTask('draft')),
    'day-locked': async (firm) => ({ ...moving(firm, await firm.timedTask()), ...LOCKED }),
    'effect-unseen': async (firm) => moving(firm, await firm.timedTask()),
    'effect-changed': async (firm) => moving(firm, await firm.timedTask(), { seen: 'something else' }),
  },
  layDown: {
    'client-unknown': (firm) => ({ as: 'owner', body: firm.outline({ client: { id: newId() } }) }),
    'client-exists': (firm) => ({ as: 'owner', body: firm.outline({ client: { id: newId(), name: 'HARBOUR trust' } }) }),
    'client-archived': async (firm) => ({ as: 'owner', body: firm.outline({ client: await firm.archivedClient() }) }),
    'project-exists': (firm) => {
      const [first, ...rest] = firm.outline().lines;
      return { as: 'owner', body: firm.outline({ lines: [{ ...first!, name: 'lantern ROOM' }, ...rest] }) };
    },
    'order-unreadable': (firm) => ({ as: 'owner', body: firm.outline({ lines: [...firm.outline().lines].reverse() }) }),
    'already-there': (firm) => {
      const [first] = firm.outline().lines;
      return { as: 'owner', body: firm.outline({ lines: [{ ...first!, id: firm.ids.project }] }) };
    },
  },
  createProject: {
    'client-unknown': (firm) => ({ as: 'owner', body: firm.project({ client: { id: newId() } }) }),
    'client-exists': (firm) => ({ as: 'owner', body: firm.project({ client: { id: newId(), name: 'HARBOUR trust' } }) }),
    'client-archived': async (firm) => ({ as: 'owner', body: firm.project({ client: await firm.archivedClient() }) }),
    'project-exists': (firm) => ({ as: 'owner', body: firm.project({ name: 'lantern ROOM' }) }),
    'already-there': (firm) => ({ as: 'owner', body: firm.project({ id: firm.ids.project }) }),
  },
  readOverview: {
    'scope-unknown': () => inScope('owner') as Asked<'readOverview'>,
    'exchange-rate-missing': async (firm) => {
      await firm.euroDraft();
      return { as: 'owner', query: {}, without: 'exchange_rate' };
    },
  },
  readResults: {
    'scope-unknown': () => inScope('owner') as Asked<'readResults'>,
    'range-reversed': () => ({ as: 'owner', query: unknownRange }),
    'exchange-rate-missing': async (firm) => {
      await firm.euroDraft();
      return { as: 'owner', query: {}, without: 'exchange_rate' };
    },
  },
  readBehind: {
    'scope-unknown': () => inScope('owner', { figure: 'hours' }) as Asked<'readBehind'>,
    'range-reversed': () => ({ as: 'owner', query: { figure: 'hours', ...unknownRange } }),
    'cost-not-told': async (firm) => {
      // No standard cost rate holds as far back.
      await firm.recorded('staff', { date: TWICE });
      return { as: 'manager', query: { figure: 'cost' } };
    },
  },
};

/** A line of a list of tasks. */
const LINE = { parentId: null, name: 'Putty', estimate: 0 };

const adding = (
  { id, project }: { readonly id: string; readonly project: string },
  lines: BodyOf<Endpoints['addTasks']>['lines'] = [{ ...LINE, id: newId() }],
): Asked<'addTasks'> => ({
  ...{ as: 'owner', params: { id: project }, body: { place: { parentId: id, beforeId: null }, lines } },
});

const onTask = ({ id, version }: { readonly id: string; readonly version: number }) => ({
  ...{ as: 'owner' as const, params: { id }, version },
});

const going = (
  task: { readonly id: string; readonly below: string; readonly version: number },
  branch = [task.id, task.below],
): Asked<'removeTask'> => ({ ...onTask(task), body: { branch } });

const moving = (
  firm: Firm,
  task: { readonly id: string; readonly version: number },
  names: Partial<BodyOf<Endpoints['moveTask']>> = {},
): Asked<'moveTask'> => ({ ...onTask(task), body: firm.place(firm.ids.euroProject, names) });

/** A rate of its own for a project on which something is recorded. */
async function otherRate(firm: Firm, names: object = {}) {
  const { project } = await firm.timedTask();
  return of('owner', project, { id: newId(), validFrom: '2026-06-01', rate: 123_456, reason, ...names });
}

/** Other terms than the firm has. */
const otherTerms = async (firm: Firm, from: string | null = null) => {
  const { terms, version } = await firm.owner.done('readTerms');
  const decimalPlaces = terms.decimalPlaces === 3 ? 4 : 3;
  return { as: 'owner' as const, body: { terms: { ...terms, decimalPlaces }, from }, version };
};
const ruled = async (firm: Firm) => ({
  ...{ as: 'owner' as const, body: { factorForMoney: true } },
  version: (await firm.owner.done('readSignInRule')).version,
});

const timeRules = async (firm: Firm, names: Partial<BodyOf<Endpoints['changeTimeRules']>>) => {
  const { rules, version } = await firm.owner.done('readTimeRules');
  return { as: 'owner' as const, body: { ...rules, ...names }, version };
};

const periods = async (firm: Firm, names: Partial<BodyOf<Endpoints['changePeriods']>>) => ({
  ...{ as: 'owner' as const, body: { kind: 'month' as const, weekStart: 1, days: 14, from: '2026-07-01', ...names } },
  version: (await firm.owner.done('readTimeRules')).version,
});

const noted = (firm: Firm, names: Partial<BodyOf<Endpoints['noteInstructed']>>) => ({
  as: 'owner' as const,
  body: { version: 1, people: [firm.ids.mate], how: 'film' as const, day: '2026-06-01', ...names },
});

const AS_FIRM = { ways: null, dayMaximum: null, weekMaximum: null };

const clerk = { name: 'Clerk', rights: { 'time.read': 'firm' as const } };

const manyRoles = (people: { id: string; version: number }[]): Asked<'changeManyRoles'> => ({
  ...{ as: 'owner', body: { people, roles: ['manager'], ownRoles: [], how: 'replace' } },
});

const seenOf = async (firm: Firm, id: string) => ({ id, version: (await firm.known(id)).version });

const several = (firm: Firm, last = `${newId()}@firm.example`) => ({
  people: [`${newId()}@firm.example`, last].map((email) => ({ id: newId(), name: `Of ${firm.world.slug}`, email })),
  role: 'staff' as const,
});

const handing = (firm: Firm, team: string, names: Partial<BodyOf<Endpoints['handOver']>>) =>
  of('owner', firm.ids.staff, { to: firm.ids.mate, projects: [], teams: [{ id: team, version: 1 }], ...names });

const teamFacts = (firm: Firm) => ({ name: `Team of ${newId()}`, leadId: firm.ids.staff, people: [firm.ids.mate] });

const teamOf = (firm: Firm) => ({ id: newId(), ...teamFacts(firm) });

const personOf = (firm: Firm) => ({ name: 'Other', email: `other@${firm.world.slug}.example`, staffNumber: '99' });

/** As after many messages to an address. */
async function flooded(firm: Firm, email: string): Promise<void> {
  const subject = createHash('sha256').update(`invite ${email}`).digest('base64url');
  await firm.world.sql('insert into sign_in_failure values ($1, 5000, $2) on conflict (subject) do update set count = 5000', [
    subject,
    firm.world.clock.now(),
  ]);
}

/** Told by every endpoint of a kind in the same place: tested there, for each of them. */
const BY_KIND: readonly ProblemCode[] = ['version-missing', 'idempotency-key-missing', 'different-body'];
const ALWAYS = problemsOf({ kind: 'open', problems: [] });

/** What is sent of commands that nothing refuses. */
const UNREFUSED: Readonly<Record<string, object>> = {
  keepView: { columns: null, sort: null, group: null },
  changeGuide: { shown: true },
};

describe('every refusal of every endpoint', () => {
  let firm: Firm;

  beforeAll(async () => (firm = await Firm.found()));
  afterAll(() => firm.world.close());

  const asked = (Object.values(endpoints) as unknown as Endpoint[]).filter((endpoint) => endpoint.path.startsWith('/f/'));

  it('is tried', async () => {
    for (const endpoint of asked)
      expect(Object.keys(REFUSALS[endpoint.name as EndpointName] ?? {}).sort())
        .withContext(endpoint.name)
        .toEqual(problemsOf(endpoint).filter((code) => !ALWAYS.includes(code) && !BY_KIND.includes(code)));
  });

  it('has a code that something answers with', async () => {
    const answered = new Set((Object.values(endpoints) as unknown as Endpoint[]).flatMap((endpoint) => problemsOf(endpoint)));
    // These stand for addresses that are none, for faults, and for constraints that nothing should come to.
    const others = ['not-found', 'method-refused', 'server-fault', 'request-conflicts'];
    expect(
      Object.keys(PROBLEMS)
        .filter((code) => !answered.has(code as ProblemCode))
        .sort(),
    ).toEqual(others.sort());
  });

  for (const [name, table] of Object.entries(REFUSALS))
    for (const [code, make] of Object.entries(table as Record<string, Case<EndpointName>>))
      it(`is told and leaves everything as it was: ${name}, ${code}`, async () => {
        const { as, without, ...options } = await make(firm);
        const before = await firm.everything();
        const call = () => firm.world.as(as).call(name as EndpointName, options as never);
        const answer = await (without ? firm.without(without, call) : call());
        expect([answer.status, answer.problem.code]).toEqual([PROBLEMS[code as ProblemCode].status, code]);
        // Every sentence is filled in.
        expect(answer.problem.detail).not.toMatch(/[{}]|undefined|  |^ | \./);
        expect(await firm.everything()).toEqual(before);
      });

  for (const { name, kind, path } of asked.filter((endpoint) => endpoint.kind === 'change' || endpoint.kind === 'command'))
    it(`is told where the header is missing: ${name}`, async () => {
      const url = `/api${path
        .replace(':firm', firm.world.slug)
        .replace(':id', newId())
        .replace(':from', MONDAY)
        .replace(':name', 'invoices')}`;
      const make = Object.values(REFUSALS[name as EndpointName] ?? {})[0] as Case<EndpointName> | undefined;
      const { as, body } = make ? await make(firm) : { as: 'staff' as const, body: UNREFUSED[name] ?? firm.row() };
      const { method } = endpoints[name as EndpointName];
      const answer = await firm.world.as(as).request(method, url, body);
      expect(answer.problem.code).toBe(kind === 'change' ? 'version-missing' : 'idempotency-key-missing');
    });
});
