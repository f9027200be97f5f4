import { addDays } from '@yellowwood/core';
import { group, sum } from 'd3-array';
import { v7 as newId } from 'uuid';
import { COMMANDS, Dice, MONDAY, Who, World, absent, bill, makeWorld, record } from './testing';

const SEED = Number(process.env['SEED'] ?? 20_260_612);
const UP_TO = '2026-06-10';
const EARLIER = '2026-05-25';
const WEEKS = [EARLIER, '2026-06-01', MONDAY];

type Row = Record<string, unknown>;
interface EntryRow extends Row {
  readonly id: string;
  readonly kind: 'time' | 'fee' | 'absence';
  readonly version: number;
  readonly person_id: string | null;
  readonly work_date: string;
  readonly project_id: string | null;
  readonly task_id: string | null;
  readonly service_id: string | null;
  readonly client_id: string | null;
  readonly quantity: number;
  readonly billable: boolean;
  readonly billed_quantity: number;
  readonly rate: number | null;
  readonly value_minor: number | null;
  readonly stage: string;
  readonly billing_state: string;
  readonly hold_reason: string | null;
  readonly note: string;
}
interface InvoiceRow extends Row {
  readonly id: string;
  readonly kind: string;
  readonly status: string;
  readonly number_text: string | null;
  readonly client_id: string;
  readonly currency: string;
  readonly issued_on: string | null;
  readonly due_on: string | null;
  readonly net_minor: number;
  readonly gross_minor: number;
  readonly settled_minor: number;
  readonly credited_minor: number;
  readonly created_by: string;
  readonly version: number;
}
type Named = Row & { readonly id: string; readonly name: string };

/** All that is stored of the firm, table by table. */
interface Stored {
  readonly entries: readonly EntryRow[];
  readonly invoices: readonly InvoiceRow[];
  readonly lines: readonly { id: string; invoice_id: string; project_id: string; kind: string; net_minor: number }[];
  readonly shares: readonly { line_id: string; entry_id: string; quantity: number; amount_minor: number; live: boolean }[];
  readonly payments: readonly {
    id: string;
    client_id: string;
    currency: string;
    amount_minor: number;
    received_on: string;
    recorded_by: string;
    reversed_at: string | null;
  }[];
  readonly allocations: readonly {
    id: string;
    invoice_id: string;
    payment_id: string | null;
    credit_id: string | null;
    amount_minor: number;
    live: boolean;
  }[];
  readonly sheets: readonly { id: string; person_id: string; period_from: string; state: string }[];
  readonly submissions: readonly { timesheet_id: string; note: string; withdrawn_at: string | null; at: string }[];
  readonly decisions: readonly { timesheet_id: string; entry_id: string | null; outcome: string; by_id: string; at: string }[];
  readonly absences: readonly { entry_id: string; absence_code: string }[];
  readonly subjects: readonly { subject_id: string; event_id: string }[];
  readonly people: readonly Named[];
  readonly projects: readonly (Named & { manager_id: string; client_id: string | null; department_id: string | null })[];
  readonly clients: readonly Named[];
  readonly tasks: readonly (Named & { parent_id: string | null; estimate: number })[];
  readonly services: readonly Named[];
  readonly positions: readonly Named[];
  readonly rules: readonly (Row & { id: string; rate: number })[];
}

const TABLES: Readonly<Record<keyof Stored, string>> = {
  entries: 'entry',
  invoices: 'invoice',
  lines: 'invoice_line',
  shares: 'line_share',
  payments: 'payment',
  allocations: 'allocation',
  sheets: 'timesheet',
  submissions: 'submission',
  decisions: 'decision',
  absences: 'entry_absence',
  subjects: 'audit_subject',
  people: 'person',
  projects: 'project',
  clients: 'client',
  tasks: 'task',
  services: 'service',
  positions: 'position',
  rules: 'rate_rule',
};

const ids = (rows: readonly { id: string }[]) => rows.map((row) => row.id).sort();
const seconds = (rows: readonly EntryRow[]) => sum(rows, (row) => row.quantity);
const byText = <T>(list: readonly T[]) => [...list].map((one) => JSON.stringify(one)).sort();

/**
 * After many random commands, what every list and every panel says is worked out again from all that is stored, as
 * plainly as it can be said: filtered and added up in memory, without a join.
 */
describe('what people read', () => {
  let world: World;
  let stored: Stored;

  beforeAll(async () => {
    world = await makeWorld({ limit: 20_000 });
    const others = { projectId: world.ids.internal, serviceId: world.ids.office };
    await record(world, 'bookkeeper', '2026-06-09', 2, { note: 'Of nobody’s team' });
    await record(world, 'bookkeeper', '2026-06-09', 1, others);
    await record(world, 'staff', '2026-06-02', 3, others);
    await record(world, 'staff', '2026-06-03', 1, { projectId: null });
    for (const who of ['staff', 'mate', 'owner'] as const) {
      await record(world, who, '2026-06-09', 1.25, { taskId: world.ids.subtask });
      await record(world, who, '2026-06-12', 2.25, { taskId: world.ids.task });
      await record(world, who, '2026-06-10', 2.5, { projectId: world.ids.euroProject });
    }
    await absent(world, 'staff', '2026-06-01', 'sick');
    await absent(world, 'staff', '2026-06-04', 'holiday');
    await absent(world, 'mate', '2026-06-01', 'training');
    await releasedFee();
    let state = SEED;
    const dice: Dice = (sides) => (state = (state * 48_271) % 2_147_483_647) % sides;
    const often = [
      'record',
      'record',
      'submit',
      'submit',
      'approve',
      'approve',
      'issueAtOnce',
      'issueAtOnce',
      'draft',
      'pay',
      'pay',
    ];
    const names = [...Object.keys(COMMANDS), ...often, ...often];
    for (let count = 0; count < 260; count += 1) {
      world.clock.hold(new Date(Date.parse('2026-06-12T09:00:00Z') + count * 60_000).toISOString());
      await COMMANDS[names[dice(names.length)]!]!(world, dice);
    }
    await oneOfEach();
    world.clock.hold('2026-07-20T12:00:00.000Z');
    const tables = await Promise.all(
      Object.entries(TABLES).map(async ([key, table]) => [key, await world.sql(`select * from ${table}`)]),
    );
    stored = Object.fromEntries(tables) as unknown as Stored;
  });
  afterAll(() => world.close());

  /** Three hours of 90.00 under a limit of 200.00, which is raised by 50.00 afterwards: 20.00 of the rest are waiting. */
  async function releasedFee(): Promise<void> {
    const [owner, keeper] = [world.as('owner'), world.as('bookkeeper')];
    const work = await record(world, 'staff', '2026-05-18', 3);
    await world.as('staff').done('submitPeriod', { params: { from: '2026-05-18' }, body: { note: '' } });
    await owner.done('approveEntries', { body: { entries: [{ id: work.id, version: work.version + 1 }] } });
    const { row } = await bill(world, [work.id]);
    const change = { id: newId(), validFrom: '2026-06-02', limit: 25_000, reason: 'Because of the test' };
    await owner.done('changeAgreement', { params: { id: world.ids.project }, body: change });
    const scope = `project:${world.ids.project}`;
    const desk = await keeper.done('readBillDesk', { query: { scope, upTo: UP_TO } });
    const line = desk.overLimit.find((one) => one.invoiceId === row.id)!;
    await keeper.done('releaseOverLimit', { params: { id: line.lineId }, body: { id: newId(), minor: 4000, note: '' } });
  }

  /** In a week that chance does not touch, one thing in every state: chance alone may leave one out. */
  async function oneOfEach(): Promise<void> {
    const { euroClient: clientId, euroProject: projectId } = world.ids;
    const [owner, keeper] = [world.as('owner'), world.as('bookkeeper')];
    const tick = () => world.clock.hold(new Date(Date.parse(world.clock.now()) + 60_000).toISOString());
    const reason = 'Because of the test';
    const work = [];
    for (let hours = 1; hours <= 8; hours += 1) work.push((await record(world, 'staff', EARLIER, hours / 2, { projectId })).id);
    const { entries } = await world.as('staff').done('submitPeriod', { params: { from: EARLIER }, body: { note: 'Earlier' } });
    const seen = (id: string) => {
      const found = entries.find((entry) => entry.id === id)!;
      return { id, version: found.version };
    };
    const approved = work.slice(1);
    await owner.done('approveEntries', { body: { entries: approved.map(seen) } });
    const wish = (id: string) => ({ clientId, upTo: UP_TO, grouping: 'task' as const, texts: [], entries: [{ id }] });
    const [draft, paid, part, credited, held, off, billed] = approved as [string, string, string, string, string, string, string];
    await keeper.done('createDraft', { body: { id: newId(), wish: wish(draft) } });
    const issue = async (id: string) => {
      tick();
      const { document } = await keeper.done('previewInvoice', { body: wish(id) });
      return (await keeper.done('issueNewInvoice', { body: { id: newId(), wish: wish(id), gross: document.gross } })).row;
    };
    const pay = async (invoiceId: string, minor: number) => {
      tick();
      const id = newId();
      await keeper.done('recordPayment', { body: { id, invoiceId, minor, receivedOn: '2026-06-11', reference: '' } });
      return id;
    };
    const whole = await issue(paid);
    await pay(whole.id, whole.gross + 500);
    const open = await issue(part);
    await keeper.done('reversePayment', { params: { id: await pay(open.id, 300) }, body: { reason } });
    await pay(open.id, 200);
    // A month later: figures by month must not be told twice.
    const day = world.clock.now();
    world.clock.hold('2026-07-02T12:00:00.000Z');
    await issue(billed);
    world.clock.hold(day);
    const ended = await issue(credited);
    await keeper.done('voidInvoice', { params: { id: ended.id }, body: { reason } });
    const again = await issue(credited);
    await keeper.done('creditInvoice', { params: { id: again.id }, body: { id: newId(), reason } });
    const now = async (id: string) => {
      const [row] = await world.sql<{ version: number }>('select version from entry where id = $1', [id]);
      return { entries: [{ id, version: row!.version }], reason };
    };
    await keeper.done('holdEntries', { body: await now(held) });
    await keeper.done('writeOffEntries', { body: await now(off) });
    // After the day up to which is billed: submitted, not billable, written off; and recorded by somebody else.
    const after: string[] = [];
    for (const names of [{}, { billable: false }, {}])
      after.push((await record(world, 'bookkeeper', '2026-06-11', 1, { projectId, ...names })).id);
    await record(world, 'manager', '2026-06-11', 1, { projectId });
    const week = await keeper.done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const later = week.entries.filter((entry) => after.slice(1).includes(entry.id)).map(({ id, version }) => ({ id, version }));
    await owner.done('approveEntries', { body: { entries: later } });
    await keeper.done('writeOffEntries', { body: await now(after[2]!) });
    await record(world, 'mate', EARLIER, 1);
    const mate = world.as('mate');
    for (const note of ['First', 'Second']) {
      tick();
      await mate.done('submitPeriod', { params: { from: EARLIER }, body: { note } });
      tick();
      if (note === 'First') await mate.done('withdrawPeriod', { params: { from: EARLIER } });
    }
    await owner.done('returnPeriod', { params: { id: world.ids.mate }, body: { from: EARLIER, reason } });
  }

  const nameOf = (list: readonly Named[], id: string | null) => list.find((one) => one.id === id)?.name ?? null;
  const projectsOf = (invoice: string) => [
    ...new Set(stored.lines.filter((line) => line.invoice_id === invoice).map((line) => line.project_id)),
  ];
  const team = () => [world.ids.staff, world.ids.mate, world.ids.owner];
  /** Whose time somebody sees: their own, their team's, that on their projects; the rest sees it all. */
  const sees = (who: Who, entry: EntryRow) =>
    who === 'owner' || who === 'bookkeeper'
      ? true
      : entry.person_id === world.ids[who] || (who === 'manager' && team().includes(entry.person_id!));

  /** Scopes as they are asked for, and which entries they hold. */
  function scopes(): [string, (entry: EntryRow) => boolean][] {
    const { project, euroProject, client, task, subtask, staff, internal } = world.ids;
    const department = stored.projects.find((one) => one.id === internal)!.department_id;
    return [
      ['all', () => true],
      [`project:${project}`, (entry) => entry.project_id === project],
      [`project:${euroProject}`, (entry) => entry.project_id === euroProject],
      [`project:${internal}`, (entry) => entry.project_id === internal],
      [`client:${client}`, (entry) => entry.project_id === project],
      [`task:${task}`, (entry) => entry.task_id === task || entry.task_id === subtask],
      [`task:${subtask}`, (entry) => entry.task_id === subtask],
      [`person:${staff}`, (entry) => entry.person_id === staff],
      [`department:${department}`, (entry) => entry.project_id === internal],
    ];
  }
  const sharesOf = (invoice: string) => {
    const lines = new Set(stored.lines.filter((line) => line.invoice_id === invoice).map((line) => line.id));
    return stored.shares.filter((share) => lines.has(share.line_id));
  };
  const isOpen = (row: InvoiceRow) => row.status === 'issued' && row.kind === 'invoice' && row.settled_minor < row.gross_minor;

  it('has something of everything to go wrong with', () => {
    const stages = new Set(stored.entries.map((entry) => entry.stage));
    expect([...stages].sort()).toEqual(['approved', 'billed', 'paid', 'recorded', 'submitted']);
    expect(stored.entries.some((entry) => entry.kind === 'fee')).toBeTrue();
    expect(stored.entries.some((entry) => entry.hold_reason)).toBeTrue();
    expect(stored.entries.some((entry) => entry.billing_state === 'written off')).toBeTrue();
    expect(new Set(stored.invoices.map((row) => row.status))).toEqual(new Set(['draft', 'issued', 'void']));
    expect(stored.invoices.some((row) => row.kind === 'credit note')).toBeTrue();
    expect(stored.invoices.filter(isOpen).length).toBeGreaterThan(1);
    expect(stored.payments.some((payment) => payment.reversed_at)).toBeTrue();
    expect(stored.allocations.some((one) => one.live) && stored.allocations.some((one) => !one.live)).toBeTrue();
    expect(stored.submissions.some((one) => one.withdrawn_at)).toBeTrue();
    expect(stored.decisions.some((one) => one.entry_id === null)).toBeTrue();
  });

  it('lists documents', async () => {
    for (const [scope, holds] of scopes().filter(([name]) => !name.startsWith('task')))
      for (const show of ['open', 'all', 'drafts'] as const) {
        const { invoices, ageing } = await world.as('owner').done('listInvoices', { query: { show, scope } });
        const held = (row: InvoiceRow) =>
          scope.startsWith('person')
            ? sharesOf(row.id).some((share) => holds(stored.entries.find((entry) => entry.id === share.entry_id)!))
            : scope === 'all' || projectsOf(row.id).some((project) => holds({ project_id: project } as EntryRow));
        const shown = stored.invoices.filter(
          (row) => held(row) && (show === 'all' || (show === 'drafts' ? row.status === 'draft' : isOpen(row))),
        );
        expect(ids(invoices)).withContext(`${show} ${scope}`).toEqual(ids(shown));
        for (const one of invoices) {
          const row = stored.invoices.find((invoice) => invoice.id === one.id)!;
          const own = stored.allocations.filter((allocation) => allocation.invoice_id === row.id);
          const paid = own.filter((allocation) => allocation.live && allocation.payment_id);
          const received = paid.map((one) => stored.payments.find((payment) => payment.id === one.payment_id)!.received_on);
          expect([one.clientName, one.settled, one.open, one.number, one.dueOn, one.lastPaid, [...one.projects].sort()]).toEqual([
            nameOf(stored.clients, row.client_id)!,
            row.settled_minor,
            row.gross_minor - row.settled_minor,
            row.number_text,
            row.due_on,
            received.sort().at(-1) ?? null,
            projectsOf(row.id)
              .map((project) => nameOf(stored.projects, project)!)
              .sort(),
          ]);
          if (row.kind === 'invoice')
            expect(one.settled).toBe(sum(own, (allocation) => (allocation.live ? allocation.amount_minor : 0)));
          const credited = stored.invoices.some((other) => other['credits_id'] === row.id);
          expect(one.state === 'credited')
            .withContext(one.state)
            .toBe(credited);
        }
        const open = group(
          stored.invoices.filter((row) => held(row) && isOpen(row)),
          (row) => row.currency,
        );
        expect(ageing.map((one) => [one.currency, one.count, one.open])).toEqual(
          [...open]
            .sort(([a], [b]) => a.localeCompare(b))
            .map(([currency, rows]) => [
              currency,
              rows.length,
              sum(rows, (row) => row.gross_minor) - sum(rows, (row) => row.settled_minor),
            ]),
        );
      }
  });

  it('says what clients have to their credit', async () => {
    const { credit } = await world.as('bookkeeper').done('listInvoices', { query: { show: 'open' } });
    const left = (payment: Stored['payments'][number]) =>
      payment.amount_minor - sum(stored.allocations, (one) => (one.live && one.payment_id === payment.id ? one.amount_minor : 0));
    const live = stored.payments.filter((payment) => !payment.reversed_at);
    const expected = [...group(live, (payment) => `${payment.client_id} ${payment.currency}`)]
      .map(([key, list]) => [...key.split(' '), sum(list, left)])
      .filter(([, , minor]) => minor !== 0);
    expect(expected.length).toBeGreaterThan(0);
    expect(byText(credit.map((one) => [one.clientId, one.currency, one.minor]))).toEqual(byText(expected));
  });

  it('shows a document with all that was paid on it', async () => {
    for (const row of stored.invoices) {
      const { payments, may } = await world.as('owner').done('readInvoice', { params: { id: row.id } });
      const own = stored.allocations.filter((one) => one.invoice_id === row.id);
      const expected = own.map((one) => {
        const payment = stored.payments.find((other) => other.id === one.payment_id);
        const credit = stored.invoices.find((other) => other.id === one.credit_id);
        return [
          one.id,
          one.amount_minor,
          one.live,
          payment?.received_on ?? credit!.issued_on,
          payment ? nameOf(stored.people, payment.recorded_by) : '',
          credit?.number_text ?? null,
        ];
      });
      expect(byText(payments.map((one) => [one.id, one.minor, one.live, one.receivedOn, one.by, one.creditNumber]))).toEqual(
        byText(expected),
      );
      const issued = row.status === 'issued' && row.kind === 'invoice';
      const credited = stored.invoices.some((other) => other['credits_id'] === row.id);
      expect([may.pay, may.void, may.credit]).toEqual([
        issued && row.settled_minor < row.gross_minor,
        issued && row['sent_at'] === null && row.settled_minor === 0,
        issued && !credited,
      ]);
    }
  });

  const toBill = (entry: EntryRow) =>
    entry.stage === 'approved' && entry.billing_state === 'to bill' && entry.billed_quantity === 0 && entry.project_id !== null;
  const isPriced = (entry: EntryRow) => entry.value_minor !== null;

  const waitingOverLimits = () =>
    world.sql<{ project_id: string; currency: string; waiting_minor: number }>(
      'select project_id, currency, waiting_minor from over_limit_waiting()',
    );

  it('lists what is to bill by project', async () => {
    const waiting = await waitingOverLimits();
    for (const [scope, holds] of scopes()) {
      const { projects } = await world.as('owner').done('listToBill', { query: { upTo: UP_TO, scope } });
      const rows = stored.entries.filter((entry) => toBill(entry) && holds(entry) && entry.work_date <= UP_TO);
      const expected = [...group(rows, (entry) => entry.project_id!)].map(([project, list]) => {
        const now = list.filter((entry) => !entry.hold_reason && isPriced(entry));
        return {
          project,
          oldest: list.map((entry) => entry.work_date).sort()[0],
          seconds: sum(now, (entry) => (entry.kind === 'time' ? Number(entry['billable_quantity']) : 0)),
          held: list.filter((entry) => entry.hold_reason).length,
          unpriced: list.filter((entry) => !isPriced(entry)).length,
          // What is ready and what is over the limit are together what is worth anything.
          worth: sum(now, (entry) => entry.value_minor!),
        };
      });
      for (const row of expected.filter((one) => one.worth > 0 || one.held > 0)) {
        const found = projects.find((one) => one.projectId === row.project)!;
        expect(found).withContext(scope).toBeDefined();
        // What stands over a limit on documents belongs to a project as a whole.
        const over = /^task|^person/.test(scope)
          ? []
          : waiting.filter((one) => one.project_id === row.project && one.currency === found.currency);
        const waits = sum(over, (one) => one.waiting_minor);
        expect([found.oldest, found.held, found.unpriced, found.ready + found.over - waits]).toEqual([
          row.oldest!,
          row.held,
          row.unpriced,
          row.worth,
        ]);
        const documents = stored.invoices.filter((one) => one.status === 'issued' && one.currency === found.currency);
        const billed = stored.lines.filter(
          (line) => line.project_id === row.project && documents.some((one) => one.id === line.invoice_id),
        );
        expect(found.billedNet).toBe(sum(billed, (line) => line.net_minor));
        expect(found.clientName).toBe(nameOf(stored.clients, found.clientId)!);
      }
      const listed = new Set(expected.map((one) => one.project));
      // Others are here for what waits over a limit alone.
      for (const one of projects.filter((row) => !listed.has(row.projectId))) expect([one.ready, one.held]).toEqual([0, 0]);
    }
  });

  it('lays on the desk what can be billed, and says what is not there', async () => {
    for (const [scope, holds] of scopes().filter(([name]) => /^project|^client|^task/.test(name))) {
      if (scope.endsWith(world.ids.internal)) continue;
      const desk = await world.as('owner').done('readBillDesk', { query: { scope, upTo: UP_TO } });
      const own = stored.entries.filter(holds);
      const expected = own.filter((entry) => toBill(entry) && entry.work_date <= UP_TO);
      expect(byText(desk.entries.map((entry) => [entry.id, entry.personName, entry.serviceName, entry.taskName, entry.minor])))
        .withContext(scope)
        .toEqual(
          byText(
            expected.map((entry) => [
              entry.id,
              nameOf(stored.people, entry.person_id) ?? '',
              nameOf(stored.services, entry.service_id) ?? '',
              nameOf(stored.tasks, entry.task_id),
              entry.value_minor,
            ]),
          ),
        );
      const time = own.filter((entry) => entry.kind === 'time');
      const before = time.filter((entry) => entry.work_date <= UP_TO);
      expect(desk.notHere).toEqual({
        recorded: seconds(before.filter((entry) => entry.stage === 'recorded')),
        submitted: seconds(before.filter((entry) => entry.stage === 'submitted')),
        notBillable: seconds(before.filter((entry) => entry.stage === 'approved' && entry.billing_state === 'nothing to bill')),
        later: seconds(time.filter((entry) => toBill(entry) && entry.work_date > UP_TO)),
        writtenOff: seconds(time.filter((entry) => entry.stage === 'approved' && entry.billing_state === 'written off')),
        inDrafts: sum(
          time.filter((entry) => entry.stage === 'approved'),
          (entry) => entry.billed_quantity,
        ),
      });
      const off = own.filter((entry) => entry.billing_state === 'written off' && entry.work_date <= UP_TO);
      expect(byText(desk.writtenOff.entries.map((entry) => [entry.id, entry.personName]))).toEqual(
        byText(off.map((entry) => [entry.id, nameOf(stored.people, entry.person_id) ?? ''])),
      );
      expect(desk.writtenOff.count).toBe(off.length);
      const projects = desk.projects.map((project) => project.id);
      const drafts = stored.invoices.filter(
        (row) => row.status === 'draft' && projectsOf(row.id).some((project) => projects.includes(project)),
      );
      expect(byText(desk.drafts.map((draft) => [draft.id, draft.by, draft.minor]))).toEqual(
        byText(drafts.map((row) => [row.id, nameOf(stored.people, row.created_by), row.net_minor])),
      );
      for (const project of desk.projects) {
        const issued = stored.invoices.filter((row) => row.status === 'issued');
        const net = (rows: readonly InvoiceRow[]) =>
          sum(stored.lines, (line) =>
            line.project_id === project.id && rows.some((row) => row.id === line.invoice_id) ? line.net_minor : 0,
          );
        expect(project.billedNet).toBe(net(issued));
        const lasting = issued.filter((row) => row.kind === 'invoice' && row.credited_minor === 0 && row.gross_minor !== 0);
        expect(project.paidNet).toBe(sum(lasting, (row) => Math.round((net([row]) * row.settled_minor) / row.gross_minor)));
        expect(project.submittedMinor).toBe(
          sum(stored.entries, (entry) =>
            entry.project_id === project.id && entry.stage === 'submitted' ? (entry.value_minor ?? 0) : 0,
          ),
        );
      }
    }
  });

  it('lists what has no rate', async () => {
    for (const who of ['owner', 'manager'] as const)
      for (const [scope, holds] of scopes()) {
        const { entries, count } = await world.as(who).done('listUnpriced', { query: { scope } });
        const expected = stored.entries.filter(
          (entry) =>
            entry.kind === 'time' &&
            entry.billing_state === 'to bill' &&
            entry.rate === null &&
            entry.project_id &&
            entry.service_id &&
            holds(entry) &&
            sees(who, entry),
        );
        expect([ids(entries), count])
          .withContext(`${who} ${scope}`)
          .toEqual([ids(expected), expected.length]);
      }
  });

  it('shows weeks to whoever reviews them', async () => {
    for (const who of ['owner', 'manager'] as const)
      for (const from of WEEKS)
        for (const [scope, holds] of scopes()) {
          const { people } = await world.as(who).done('readReview', { query: { from, scope } });
          const to = addDays(from, 6);
          const seen = stored.entries.filter(
            (entry) =>
              entry.kind === 'time' && entry.work_date >= from && entry.work_date <= to && holds(entry) && sees(who, entry),
          );
          if (scope !== 'all' && !scope.startsWith('person'))
            expect(ids(people.map((person) => ({ id: person.personId })))).toEqual(
              [...new Set(seen.map((entry) => entry.person_id!))].sort(),
            );
          for (const person of people) {
            const own = seen.filter((entry) => entry.person_id === person.personId);
            const away = stored.entries.filter(
              (entry) =>
                entry.kind === 'absence' &&
                entry.person_id === person.personId &&
                entry.work_date >= from &&
                entry.work_date <= to &&
                sees(who, entry),
            );
            // Absences are decided on with the rest of the week.
            const waiting = [...own, ...away].filter((entry) => entry.stage === 'submitted');
            const sheet = stored.sheets.find((one) => one.person_id === person.personId && one.period_from === from);
            const [last] = stored.submissions
              .filter((one) => one.timesheet_id === sheet?.id && !one.withdrawn_at)
              .sort((a, b) => b.at.localeCompare(a.at));
            const state =
              waiting.length > 0 ? 'submitted' : sheet?.state === 'submitted' ? 'approved' : own.length > 0 ? 'open' : 'missing';
            expect([person.name, person.recorded, person.submitted, person.state, person.submittedAt, person.note])
              .withContext(`${who} ${from} ${scope}`)
              .toEqual([
                nameOf(stored.people, person.personId)!,
                seconds(own),
                seconds(waiting.filter((entry) => entry.kind === 'time')),
                state,
                last?.at ?? null,
                last?.note ?? '',
              ]);
            const codeOf = (date: string) => {
              const found = away.find((entry) => entry.work_date === date);
              return stored.absences.find((one) => one.entry_id === found?.id)?.absence_code ?? null;
            };
            expect(person.days.map((day) => [day.date, day.recorded, day.billable, day.absent])).toEqual(
              person.days.map(({ date }) => {
                const day = own.filter((entry) => entry.work_date === date);
                return [date, seconds(day), seconds(day.filter((entry) => entry.billable)), codeOf(date)];
              }),
            );
            const decidable = person.personId === world.ids[who] ? [] : waiting;
            expect(byText(person.entries)).toEqual(byText(decidable.map(({ id, version }) => ({ id, version }))));
          }
        }
  });

  it('shows a week with the entries, the returns and the estimates behind it', async () => {
    for (const person of [world.ids.staff, world.ids.mate])
      for (const from of WEEKS) {
        const detail = await world.as('owner').done('readReviewPerson', { params: { id: person }, query: { from } });
        const week = await world.as('owner').done('readTimesheet', { params: { from }, query: { person } });
        const own = stored.entries.filter(
          (entry) => entry.person_id === person && entry.work_date >= from && entry.work_date <= week.to,
        );
        expect(ids(detail.entries)).toEqual(ids(own));
        expect(ids(week.entries)).toEqual(ids(own));
        const sheet = stored.sheets.find((one) => one.person_id === person && one.period_from === from)!;
        const whole = stored.decisions
          .filter((one) => one.timesheet_id === sheet.id && one.entry_id === null)
          .sort((a, b) => b.at.localeCompare(a.at));
        expect(detail.returns.map((one) => [one.at, one.by])).toEqual(
          whole.filter((one) => one.outcome === 'return').map((one) => [one.at, nameOf(stored.people, one.by_id)!]),
        );
        expect(week.returned && [week.returned.at, week.returned.by]).toEqual(
          whole[0] && sheet.state === 'open' ? [whole[0].at, nameOf(stored.people, whole[0].by_id)!] : null,
        );
        expect(week.state).toBe(sheet.state as 'open');
        const submissions = stored.submissions.filter((one) => one.timesheet_id === sheet.id);
        expect(byText(week.submissions.map((one) => [one.at, one.withdrawnAt]))).toEqual(
          byText(submissions.map((one) => [one.at, one.withdrawn_at])),
        );
        const tasks = [...new Set(own.flatMap((entry) => entry.task_id ?? []))].map((id) =>
          stored.tasks.find((one) => one.id === id)!,
        );
        expect(byText(detail.estimates)).toEqual(
          byText(
            tasks.map(({ id, name, estimate }) => ({
              id,
              name,
              estimate,
              recorded: seconds(stored.entries.filter((entry) => entry.kind === 'time' && entry.task_id === id)),
            })),
          ),
        );
        for (const entry of week.entries) {
          const [decision] = stored.decisions.filter((one) => one.entry_id === entry.id).sort((a, b) => b.at.localeCompare(a.at));
          const back = entry.stage === 'recorded' && (decision?.outcome === 'return' || decision?.outcome === 'reopen');
          expect(entry.returned && [entry.returned.at, entry.returned.by]).toEqual(
            back ? [decision.at, nameOf(stored.people, decision.by_id)!] : null,
          );
        }
      }
  });

  it('names the documents on which an entry stands, what priced it, and its whole history', async () => {
    const rules = new Set<string>();
    for (const entry of stored.entries) {
      const why = await world.as('owner').done('readEntryWhy', { params: { id: entry.id } });
      const live = stored.shares.filter((share) => share.entry_id === entry.id && share.live);
      const invoiceOf = (share: { line_id: string }) => stored.lines.find((line) => line.id === share.line_id)!.invoice_id;
      const expected = [...group(live, invoiceOf)].map(([invoice, list]) => [
        invoice,
        stored.invoices.find((row) => row.id === invoice)!.number_text,
        sum(list, (share) => share.quantity),
        sum(list, (share) => share.amount_minor),
      ]);
      expect(byText(why.billed.map((one) => [one.invoiceId, one.number, one.quantity, one.minor]))).toEqual(byText(expected));
      const rule = stored.rules.find((one) => one.id === why.winner?.id);
      if (rule) {
        const named = (list: readonly Named[], column: string) => nameOf(list, rule[column] as string | null);
        const labour = named(stored.people, 'person_id') ?? named(stored.positions, 'position_id')!;
        const work =
          named(stored.tasks, 'task_id') ??
          named(stored.projects, 'project_id') ??
          named(stored.clients, 'client_id') ??
          'the whole firm';
        const service = named(stored.services, 'service_id');
        expect([why.winner!.names, why.winner!.rate]).toEqual([
          `${labour}${service ? `, ${service.toLowerCase()}` : ''} on ${work}`,
          rule.rate,
        ]);
        rules.add(rule.id);
      }
      const { events } = await world.as('owner').done('readHistory', { params: { id: entry.id } });
      const own = stored.subjects.filter((subject) => subject.subject_id === entry.id);
      expect(ids(events)).toEqual(own.map((subject) => subject.event_id).sort());
    }
    expect(rules.size).toBeGreaterThan(2);
  });

  it('says on the rail what waits at each step', async () => {
    for (const now of ['2026-06-12T17:00:00.000Z', '2026-07-20T12:00:00.000Z']) {
      world.clock.hold(now);
      const today = now.slice(0, 10);
      const from = today < '2026-07' ? MONDAY : today;
      for (const who of ['owner', 'manager', 'staff'] as const)
        for (const [scope, holds] of scopes()) {
          if (who === 'staff' && scope.startsWith('client')) continue;
          const { record: rail, review, collect, bill: bills } = await world.as(who).done('readOverview', { query: { scope } });
          const asker = world.ids[who];
          const time = stored.entries.filter((entry) => entry.kind === 'time' && holds(entry));
          const mine = stored.entries.filter((entry) => entry.person_id === asker);
          const inWeek = (entry: EntryRow) => entry.work_date >= from && entry.work_date <= addDays(from, 6);
          const back = mine.filter((entry) => {
            const [last] = stored.decisions.filter((one) => one.entry_id === entry.id).sort((a, b) => b.at.localeCompare(a.at));
            return entry.stage === 'recorded' && last && last.outcome !== 'approve';
          });
          expect([rail!.recorded, rail!.open, rail!.returned, rail!.returnedOn])
            .withContext(`${now} ${who} ${scope}`)
            .toEqual([
              seconds(time.filter((entry) => entry.person_id === asker && inWeek(entry))),
              seconds(time.filter((entry) => entry.stage === 'recorded' && entry.work_date <= today && sees(who, entry))),
              back.length,
              back.map((entry) => entry.work_date).sort()[0] ?? null,
            ]);
          const waiting = time.filter((entry) => entry.stage === 'submitted' && entry.person_id !== asker && sees(who, entry));
          const sheet = stored.sheets.find((one) => one.person_id === asker && one.period_from === from);
          const done = mine.filter(inWeek).every((entry) => !['recorded', 'submitted'].includes(entry.stage));
          expect(review).toEqual(
            who === 'staff'
              ? {
                  submitted: 0,
                  people: 0,
                  oldest: null,
                  own: sheet?.state !== 'submitted' ? 'open' : done ? 'approved' : 'submitted',
                }
              : {
                  submitted: seconds(waiting),
                  people: new Set(waiting.map((entry) => entry.person_id)).size,
                  oldest: waiting.map((entry) => entry.work_date).sort()[0] ?? null,
                  own: null,
                },
          );
          if (scope === 'all') {
            const of = stored.projects.map(({ id }) => `project:${id}`).join(',');
            const { bars } = await world.as(who).done('readBars', { query: { of } });
            for (const { id, stages } of bars) {
              const own = time.filter((entry) => entry.project_id === id && sees(who, entry));
              if (stored.projects.some((project) => project.id === id))
                for (const [stage, amount] of Object.entries(stages))
                  expect(amount).toBe(seconds(own.filter((entry) => entry.stage === stage)));
            }
          }
          if (who !== 'owner') continue;
          expect(bills!.unpriced).toBe(
            stored.entries.filter((entry) => toBill(entry) && !isPriced(entry) && holds(entry) && entry.work_date <= today)
              .length,
          );
          if (scope.startsWith('task') || scope.startsWith('person')) continue;
          const open = stored.invoices.filter(
            (row) =>
              isOpen(row) &&
              (scope === 'all' || projectsOf(row.id).some((project) => holds({ project_id: project } as EntryRow))),
          );
          const left = (rows: readonly InvoiceRow[]) => sum(rows, (row) => row.gross_minor - row.settled_minor);
          expect(collect!.open).toEqual(
            [...group(open, (row) => row.currency)]
              .sort(([a], [b]) => a.localeCompare(b))
              .map(([currency, rows]) => ({
                currency,
                minor: left(rows),
                late: left(rows.filter((row) => row.due_on! < today)),
              })),
          );
        }
    }
  });

  it('adds up what stands behind a figure', async () => {
    for (const who of ['owner', 'manager', 'staff'] as const)
      for (const [scope, holds] of scopes())
        for (const figure of who === 'staff' ? (['hours', 'billable-hours'] as const) : (['hours', 'unbilled'] as const)) {
          const behind = await world
            .as(who)
            .done('readBehind', { query: { scope, figure, from: '2026-06-02', to: '2026-06-12' } });
          const own = stored.entries.filter(
            (entry) =>
              (figure === 'unbilled'
                ? entry.billing_state === 'to bill' && ['recorded', 'submitted', 'approved'].includes(entry.stage)
                : entry.kind === 'time' && (figure === 'hours' || entry.billable)) &&
              entry.project_id !== null &&
              entry.work_date >= '2026-06-02' &&
              entry.work_date <= '2026-06-12' &&
              holds(entry) &&
              sees(who, entry),
          );
          expect([ids(behind.entries), behind.count, behind.seconds])
            .withContext(`${who} ${scope} ${figure}`)
            .toEqual([ids(own), own.length, seconds(own.filter((entry) => entry.kind === 'time'))]);
        }
  });

  it('adds up the results of a scope, to date and in a span', async () => {
    const waiting = await waitingOverLimits();
    expect(sum(waiting, (one) => one.waiting_minor)).toBeGreaterThan(0);
    const spans = [undefined, { from: '2026-06-02', to: '2026-06-09' }];
    for (const span of spans)
      for (const [scope, holds] of scopes()) {
        const results = await world.as('owner').done('readResults', { query: { scope, ...span } });
        const inSpan = (date: string) => !span || (date >= span.from && date <= span.to);
        const work = stored.entries.filter((entry) => entry.kind !== 'absence' && entry.project_id !== null && holds(entry));
        const own = work.filter((entry) => inSpan(entry.work_date));
        const time = own.filter((entry) => entry.kind === 'time');
        const cost = (rows: readonly EntryRow[]) => sum(rows, (row) => Number(row['cost_minor'] ?? 0));
        expect([results.hours.total, results.hours.billable, results.cost!.cost])
          .withContext(`${scope} ${span?.from}`)
          .toEqual([seconds(time), seconds(time.filter((entry) => entry.billable)), cost(own)]);
        const task = stored.tasks.find((one) => scope === `task:${one.id}`);
        if (task) expect(results.hours.estimate).toBe(task.estimate);
        const byId = new Map(work.map((entry) => [entry.id, entry]));
        const billed = (currency: string, project?: string) =>
          sum(
            stored.invoices.filter((row) => row.status === 'issued' && row.currency === currency),
            (row) =>
              sum(sharesOf(row.id), (share) => {
                const entry = byId.get(share.entry_id);
                return entry && inSpan(entry.work_date) && (!project || entry.project_id === project) ? share.amount_minor : 0;
              }),
          );
        const priced = (list: readonly EntryRow[], currency: string) =>
          sum(list, (entry) => (entry['value_currency'] === currency ? (entry.value_minor ?? 0) : 0));
        const open = own.filter(
          (entry) => entry.billing_state === 'to bill' && ['recorded', 'submitted', 'approved'].includes(entry.stage),
        );
        for (const money of results.money!) {
          expect([money.standardValue, money.billed])
            .withContext(`${scope} ${span?.from} ${money.currency}`)
            .toEqual([priced(time, money.currency), billed(money.currency)]);
          // What waits over a limit belongs to a project as a whole; it is unbilled, too.
          const waits = money.unbilled - priced(open, money.currency);
          const over = waiting.filter(
            (one) => one.currency === money.currency && holds({ project_id: one.project_id } as EntryRow),
          );
          if (/^task|^person/.test(scope)) expect(waits).toBe(0);
          else if (!span) expect(waits).toBe(sum(over, (one) => one.waiting_minor));
          else expect(waits).toBeGreaterThanOrEqual(0);
          expect(money.revenue).toBe(money.billed + money.unbilled - money.over);
        }
        for (const row of results.rows.filter((one) => one.kind === 'project')) {
          const project = own.filter((entry) => entry.project_id === row.id);
          const toDate = work.filter((entry) => entry.project_id === row.id);
          expect([row.name, row.hours.total, row.hours.billable, row.cost!.total]).toEqual([
            nameOf(stored.projects, row.id)!,
            seconds(project.filter((entry) => entry.kind === 'time')),
            seconds(project.filter((entry) => entry.kind === 'time' && entry.billable)),
            cost(project),
          ]);
          expect(row.toDate).toEqual({
            seconds: seconds(toDate.filter((entry) => entry.kind === 'time')),
            cost: cost(toDate),
          });
          for (const money of row.money ?? []) expect(money.billed).toBe(billed(money.currency, row.id));
        }
      }
  });

  it('adds up hours as far as one may see them, and one’s own by project', async () => {
    const spans = [undefined, { from: '2026-06-02', to: '2026-06-09' }];
    for (const who of ['manager', 'staff'] as const)
      for (const span of spans)
        for (const [scope, holds] of scopes()) {
          const results = await world.as(who).done('readResults', { query: { scope, ...span } });
          const time = stored.entries.filter(
            (entry) =>
              entry.kind === 'time' &&
              entry.project_id !== null &&
              holds(entry) &&
              sees(who, entry) &&
              (!span || (entry.work_date >= span.from && entry.work_date <= span.to)),
          );
          const hours = (rows: readonly EntryRow[]) => [seconds(rows), seconds(rows.filter((entry) => entry.billable))];
          expect([results.hours.total, results.hours.billable]).withContext(`${who} ${scope} ${span?.from}`).toEqual(hours(time));
          const byProject = [...group(time, (entry) => entry.project_id!)].map(
            ([project, rows]) => [project, nameOf(stored.projects, project)!, ...hours(rows)] as const,
          );
          expect(results.own?.map((row) => [row.projectId, row.name, row.seconds, row.billable]) ?? null)
            .withContext(`${who} ${scope} ${span?.from}`)
            .toEqual(
              who === 'staff'
                ? byProject
                    .sort((a, b) => Number(b[2]) - Number(a[2]) || String(a[1]).localeCompare(String(b[1])))
                    .map((row) => [...row])
                : null,
            );
        }
  });

  it('says on the rail what the list adds up to: ready, and over a limit', async () => {
    for (const [scope] of scopes().filter(([name]) => /^all|^project|^client/.test(name))) {
      const query = { scope };
      const { bill: bills } = await world.as('owner').done('readOverview', { query });
      const { projects } = await world.as('owner').done('listToBill', { query: { scope, upTo: '2026-07-20' } });
      for (const currency of ['GBP', 'EUR']) {
        const figure = (list: readonly { currency: string; minor: number }[]) =>
          list.find((one) => one.currency === currency)?.minor ?? 0;
        const listed = (pick: 'over' | 'ready') => sum(projects, (row) => (row.currency === currency ? row[pick] : 0));
        expect([figure(bills!.over), figure(bills!.ready)])
          .withContext(`${scope} ${currency}`)
          .toEqual([listed('over'), listed('ready')]);
      }
    }
  });

  it('names the documents behind what was billed', async () => {
    for (const [scope, holds] of scopes()) {
      const behind = await world.as('owner').done('readBehind', { query: { scope, figure: 'billed' } });
      const shares = stored.shares.filter((share) => holds(stored.entries.find((entry) => entry.id === share.entry_id)!));
      const expected = stored.invoices
        .filter((row) => row.status === 'issued')
        .flatMap((row) => {
          const lines = new Set(stored.lines.filter((line) => line.invoice_id === row.id).map((line) => line.id));
          const own = shares.filter((share) => lines.has(share.line_id));
          return own.length === 0 ? [] : [[row.id, row.number_text, sum(own, (share) => share.amount_minor)]];
        });
      expect(byText(behind.documents.map((one) => [one.id, one.number, one.minor])))
        .withContext(scope)
        .toEqual(byText(expected));
      expect(behind.documentCount).toBe(expected.length);
    }
  });
});
