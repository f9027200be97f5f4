import { randomBytes, randomInt } from 'node:crypto';
import { BodyOf, EndpointName, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { anotherProject, record } from './acts';
import { Client, Options } from './client';
import type { Who } from './found-firm';
import { MONDAY } from './moments';
import { World, makeWorld } from './world';

export type Entry = Awaited<ReturnType<typeof record>>;
/** Who asks for what; `without` takes a rule away while it is asked. */
export type Asked<N extends EndpointName> = Options<N> & { as: Who; without?: Without };
export type NewEntry = BodyOf<Endpoints['createEntry']>;
export type Without = 'tax_rate' | 'exchange_rate' | 'open days' | 'ways' | 'texts' | 'under way';

export const reason = 'Because of the test';
/** Weeks in which the staff member has approved and submitted time, and one that is submitted without any. */
export const APPROVED = '2026-05-04';
export const SUBMITTED = '2026-05-11';
export const EMPTY = '2026-05-18';

/** A firm with things in every state, so that each refusal has something to refuse. */
export class PreparedFirm {
  private approvedLeft: Entry[] = [];
  private submittedLeft: Entry[] = [];

  private constructor(readonly world: World) {}

  static async found(): Promise<PreparedFirm> {
    const firm = new PreparedFirm(await makeWorld());
    const week = async (from: string, count: number) => {
      for (let index = 0; index < count; index += 1)
        await record(firm.world, 'staff', from, 0.25, { note: String(index), projectId: firm.ids.project });
      return (await firm.staff.done('submitPeriod', { params: { from }, body: { note: '' } })).entries;
    };
    const approved = await week(APPROVED, 80);
    await firm.owner.done('approveEntries', { body: seen(...approved) });
    firm.approvedLeft = approved.map((entry) => ({ ...entry, version: entry.version + 1 }));
    firm.submittedLeft = await week(SUBMITTED, 10);
    await week(EMPTY, 0);
    // The week in which things are recorded has its timesheet, whoever comes first.
    await firm.recorded();
    return firm;
  }

  get ids() {
    return this.world.ids;
  }
  get owner(): Client {
    return this.world.as('owner');
  }
  get keeper(): Client {
    return this.world.as('bookkeeper');
  }
  get staff(): Client {
    return this.world.as('staff');
  }

  /** A quarter of an hour that the staff member can record as it is. */
  newEntry(names: Partial<NewEntry> = {}): NewEntry {
    return {
      ...{ id: newId(), personId: this.ids.staff, date: MONDAY, projectId: this.ids.project, taskId: null },
      ...{ serviceId: this.ids.survey, quantity: 900, note: '', origin: 'grid' as const },
      ...names,
    };
  }

  /** An entry with the version that it has now. */
  async now({ id }: { id: string }) {
    const [row] = await this.world.sql<{ version: string }>('select version from entry where id = $1', [id]);
    return { id, version: Number(row!.version) };
  }

  approved = (): Entry => this.approvedLeft.pop()!;
  submitted = (): Entry => this.submittedLeft.pop()!;

  recorded(who: Who = 'staff', names: Partial<BodyOf<Endpoints['createEntry']>> = {}): Promise<Entry> {
    return record(this.world, who, MONDAY, 0.25, names);
  }

  wish(entries: readonly { id: string; writeDown?: { minor: number; reason: string } }[], euro = false) {
    const clientId = euro ? this.ids.euroClient : this.ids.client;
    return {
      clientId,
      upTo: '2026-06-14',
      grouping: 'task' as const,
      entries: entries.map(({ id, writeDown }) => ({ id, ...(writeDown && { writeDown }) })),
      texts: [],
    };
  }

  draft(...entries: { id: string }[]) {
    const body = { id: newId(), wish: this.wish(entries.length > 0 ? entries : [{ id: this.approved().id }]) };
    return this.keeper.done('createDraft', { body });
  }

  async issued(...entries: { id: string }[]) {
    const { row } = await this.draft(...entries);
    return this.keeper.done('issueInvoice', { params: { id: row.id }, body: { gross: row.gross, version: row.version } });
  }

  /** A recorded entry that a void invoice names. */
  async onceBilled() {
    const entry = this.approved();
    const { row } = await this.issued(entry);
    await this.keeper.done('voidInvoice', { params: { id: row.id }, body: { reason } });
    await this.owner.done('reopenEntries', { body: { ...seen(await this.now(entry)), reason } });
    return this.now(entry);
  }

  async credited() {
    const { row } = await this.issued();
    const credit = newId();
    await this.keeper.done('creditInvoice', { params: { id: row.id }, body: { id: credit, reason } });
    return { id: row.id, credit };
  }

  async payment(part: 'part' | 'all' = 'part') {
    const { row } = await this.issued();
    const id = newId();
    const minor = part === 'all' ? row.gross : 1;
    await this.keeper.done('recordPayment', {
      body: { id, invoiceId: row.id, minor, receivedOn: '2026-06-12', reference: '' },
    });
    return { id, invoice: row.id };
  }

  /** A sum over a limit of 50.00, of an hour of 90.00: its line, its invoice and its project. */
  async overLimit() {
    const project = await anotherProject(this.world, { limit_minor: 5000 });
    const entry = await this.approvedOf('owner', { projectId: project });
    const { row } = await this.issued(entry);
    const [line] = await this.world.sql<{ id: string }>(
      "select id from invoice_line where invoice_id = $1 and kind = 'over-limit'",
      [row.id],
    );
    return { project, line: line!.id, invoice: row.id };
  }

  private readonly weeks = new Map<Who, number>();

  /** The next of somebody's weeks, backwards from April: what is submitted takes no new time. */
  private nextWeek(who: Who): string {
    const week = (this.weeks.get(who) ?? 0) + 1;
    this.weeks.set(who, week);
    // In the fourth the clocks go forward.
    if (week === 4) return this.nextWeek(who);
    return new Date(Date.parse('2026-04-20') - 7 * 86_400_000 * week).toISOString().slice(0, 10);
  }

  /** Approved time on a project whose limit is used up. */
  async beyondLimit() {
    const { project } = await this.overLimit();
    return this.approvedOf('staff', { projectId: project });
  }

  private async approvedOf(who: Who, names: Partial<BodyOf<Endpoints['createEntry']>>): Promise<Entry> {
    const from = this.nextWeek(who);
    const entry = await record(this.world, who, from, 1, names);
    await this.world.as(who).done('submitPeriod', { params: { from }, body: { note: '' } });
    await (who === 'owner' ? this.world.as('manager') : this.owner).done('approveEntries', {
      body: seen({ id: entry.id, version: entry.version + 1 }),
    });
    return { ...entry, version: entry.version + 2 };
  }

  /** Time in EUR, which no rule prices where the mate worked it. */
  approvedInEuro = (who: Who) => this.approvedOf(who, { projectId: this.ids.euroProject });

  /** A draft in EUR; whatever is refused leaves it there. */
  async euroDraft() {
    return (this.keptEuroDraft ??= await this.newEuroDraft());
  }

  private keptEuroDraft?: Awaited<ReturnType<PreparedFirm['newEuroDraft']>>;

  private async newEuroDraft() {
    const { id } = await this.approvedInEuro('staff');
    return this.keeper.done('createDraft', { body: { id: newId(), wish: this.wish([{ id }], true) } });
  }

  async draftUnderLimit() {
    const project = await anotherProject(this.world, { limit_minor: 50_000 });
    const entry = await this.approvedOf('staff', { projectId: project });
    return { project, row: (await this.draft(entry)).row };
  }

  /** Releases all that the raised limit has room for and bills it. */
  async feeBilled() {
    const over = await this.overLimit();
    const fee = await this.released(over);
    await this.draft(fee);
    return over;
  }

  async released({ project, line }: { project: string; line: string }) {
    await this.owner.done('changeAgreement', { params: { id: project }, body: this.newLimit(5200) });
    return this.keeper.done('releaseOverLimit', { params: { id: line }, body: { id: newId(), minor: 200, note: '' } });
  }

  newLimit = (limit: number | null, validFrom = '2026-06-01') => ({ id: newId(), validFrom, limit, reason });

  timer(names: Partial<BodyOf<Endpoints['startTimer']>> = {}): Options<'startTimer'> {
    return { body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'pause', ...names } };
  }

  async timed(names: Partial<BodyOf<Endpoints['startTimer']>> = {}): Promise<string> {
    await this.quiet();
    const options = this.timer(names);
    await this.staff.done('startTimer', options);
    return options.body!.id;
  }

  /** Throws every timer of the staff member away. */
  async quiet(): Promise<void> {
    for (const { id } of (await this.staff.done('readTimers')).timers) await this.staff.done('discardTimer', { params: { id } });
  }

  /** Does something while a rule is not there. */
  async without<T>(table: Without, work: () => Promise<T>): Promise<T> {
    if (table === 'open days') return this.held("locked_until = '2099-01-01'", 'locked_until = null', work);
    if (table === 'texts') return this.textless(work);
    if (table === 'ways') return this.held("record_ways = '{timer}'", 'record_ways = default', work);
    if (table === 'under way') return this.notUnderWay(work);
    await this.world.sql(`update ${table} set valid_from = valid_from + 36500`);
    try {
      return await work();
    } finally {
      await this.world.sql(`update ${table} set valid_from = valid_from - 36500`);
    }
  }

  /** While projects begin in the state alone that came last. */
  private async notUnderWay<T>(work: () => Promise<T>): Promise<T> {
    const closed = await this.world.sql<{ id: string }>(
      `update project_state set open = false
       where records and open and place < (select max(place) from project_state) returning id`,
    );
    try {
      return await work();
    } finally {
      await this.world.sql('update project_state set open = true where id = any ($1)', [closed.map(({ id }) => id)]);
    }
  }

  /** While no text messages are sent. */
  private async textless<T>(work: () => Promise<T>): Promise<T> {
    this.world.configuration.texts = false;
    try {
      return await work();
    } finally {
      this.world.configuration.texts = true;
    }
  }

  /** While the firm has settled something else. */
  private async held<T>(settled: string, back: string, work: () => Promise<T>): Promise<T> {
    await this.world.sql(`update firm set ${settled} where firm_id = $1`, [this.world.firmId]);
    try {
      return await work();
    } finally {
      await this.world.sql(`update firm set ${back} where firm_id = $1`, [this.world.firmId]);
    }
  }

  row() {
    return { projectId: this.ids.project, taskId: null, serviceId: this.ids.survey, billable: true };
  }

  async timerChange(id: string, body: BodyOf<Endpoints['changeTimer']>) {
    const { version } = (await this.staff.done('readTimers')).timers.find((timer) => timer.id === id)!;
    return { as: 'staff' as const, params: { id }, version, body };
  }

  paying(names: Partial<BodyOf<Endpoints['recordPayment']>>): Asked<'recordPayment'> {
    const payment = { id: newId(), invoiceId: newId(), minor: 1, receivedOn: '2026-06-12', reference: '' };
    return { as: 'bookkeeper', body: { ...payment, ...names } };
  }

  async sent(): Promise<string> {
    const { row } = await this.issued();
    await this.keeper.done('markSent', { params: { id: row.id } });
    return row.id;
  }

  /** Counts of everything that is stored and of its versions. */
  async everything() {
    const [counts] = await this.world.sql(`
      select (select array[count(*), sum(version), sum(value_version)] from entry) as entries,
        (select array[count(*), sum(version), sum(settled_minor)] from invoice) as invoices, (select count(*) from line_share) as shares,
        (select count(*) from payment where reversed_at is null) as payments, (select array[count(*), count(*) filter (where live)] from allocation) as allocations,
        (select array[count(*), sum(version)] from timer) as timers, (select array[count(*), count(*) filter (where end_at is null)] from timer_segment) as segments,
        (select array[count(*) filter (where state = 'submitted'), sum(version)] from timesheet) as sheets,
        (select array[count(*), count(withdrawn_at)] from submission) as submissions, (select count(*) from sheet_row) as rows, (select array_agg(choice order by choice::text) from person_view) as views,
        (select sum(next_number) from invoice_series) as numbers, (select count(*) from agreement) as agreements, (select count(*) from service) as services,
        (select count(*) from decision) as decisions, (select count(*) from limit_write_down) as "writeDowns",
        (select array[count(*), count(left_on), sum(version), count(*) filter (where guide)] from person) as people, (select array_agg(role order by role) from person_role) as roles,
        (select array[count(*), count(valid_to)] from schedule) as schedules,
        (select array[count(*), sum(version)] from position) as positions, (select array[count(*), sum(version)] from department) as departments,
        (select array[count(*), sum(extract(epoch from valid_from)::bigint)] from person_position) as "positionsOf",
        (select array[count(*), sum(version)] from own_role) as "ownRoles", (select array[count(*), count(reach)] from person_exception) as exceptions,
        (select array[count(*), count(ended_at)] from join_link) as links,
        (select count(*) from instruction) as instructions, (select count(*) from logo) as logos, (select count(*) from instructed) as instructed,
        (select count(*) from accounts_of(current_setting('app.firm_id')::uuid)) as members,
        (select version from firm) as firm, (select array[count(*), sum(version), (select count(*) from team_person)] from team) as teams, (select array[count(*), count(withdrawn_at)] from invitation) as invitations,
        (select array[count(*), sum(version)] from client) as clients, (select array[count(*), sum(version)] from project_state) as states, (select count(*) from project_person) as recorders, (select array_agg(concat(id, manager_id, version) order by id) from project) as projects, (select array[count(*), sum(version)] from task) as tasks, (select count(*) from audit_event) as events`);
    return counts as Record<string, unknown>;
  }

  person(names: Partial<BodyOf<Endpoints['invitePerson']>> = {}): BodyOf<Endpoints['invitePerson']> {
    const id = newId();
    return { id, name: 'Somebody New', email: `${id}@firm.example`, role: 'staff', ...names };
  }

  /** Somebody who was asked to join and has not come. */
  async invited(names: Partial<BodyOf<Endpoints['invitePerson']>> = {}) {
    const body = this.person(names);
    await this.owner.done('invitePerson', { body });
    return body;
  }

  /** A new wording of how time is recorded. @returns its version */
  async instruction(): Promise<number> {
    const { versions } = await this.owner.done('changeInstruction', { body: { wording: `On the day itself. ${newId()}` } });
    return versions[0]!.version;
  }

  link(names: Partial<BodyOf<Endpoints['createLink']>> = {}): BodyOf<Endpoints['createLink']> {
    const token = randomBytes(32).toString('base64url');
    return { id: newId(), token, role: 'staff', teamId: null, uses: 1, days: 7, ...names };
  }

  /** A link by which somebody may join. */
  async linked(): Promise<string> {
    const body = this.link();
    await this.owner.done('createLink', { body });
    return body.id;
  }

  /** Somebody who came by a link and waits to be confirmed. */
  async waiting(role: 'staff' | 'manager' = 'staff'): Promise<string> {
    const body = this.link({ role });
    await this.owner.done('createLink', { body });
    const client = this.world.client();
    const { texts } = await client.done('readTexts');
    const consents = { terms: texts[0]!.version, data: texts[1]!.version };
    const number = `+44${String(randomInt(1e9)).padStart(10, '7')}`;
    const account = { name: 'Pip Farr', number, password: 'nine umber kettles sing', consents };
    await client.done('joinByLink', { body: { token: body.token, account } });
    return (await this.owner.done('listStaff')).people.find(({ email }) => email === number)!.id;
  }

  project(names: Partial<BodyOf<Endpoints['createProject']>> = {}): BodyOf<Endpoints['createProject']> {
    const id = newId();
    return { id, name: `Project ${id}`, client: { id: this.ids.client }, ...names };
  }

  /** A project with a phase and a task below that, as a list. */
  outline(names: Partial<BodyOf<Endpoints['layDown']>> = {}): BodyOf<Endpoints['layDown']> {
    const [project, phase, task] = [newId(), newId(), newId()];
    const lines = [
      { id: project, parentId: null, name: `Project ${project}`, estimate: 3600 },
      { id: phase, parentId: project, name: 'Glazing', estimate: 0 },
      { id: task, parentId: phase, name: 'Upper tier', estimate: 1800 },
    ];
    return { client: { id: this.ids.client }, lines, ...names };
  }

  /** A client that is new, and a change to it. */
  async newClient(names: Partial<BodyOf<Endpoints['changeClient']>> = {}) {
    const id = newId();
    const { facts, version } = await this.owner.done('createClient', { body: { id, name: `Client ${id}` } });
    return { params: { id }, version, body: { ...facts, ...names } };
  }

  /** A client that is in the archive. */
  async archivedClient() {
    const asked = await this.newClient({ archived: true });
    await this.owner.done('changeClient', asked);
    return asked.params;
  }

  /** A project that is new, and a change to it. */
  async newProject(names: Partial<BodyOf<Endpoints['changeProject']>> = {}) {
    const { project } = await this.owner.done('createProject', { body: this.project() });
    const { facts, version } = await this.owner.done('readProject', { params: { id: project.id } });
    return { params: { id: project.id }, version, body: { ...facts, ...names } };
  }

  /** A task that nothing refers to, with one below it, in a project of its own. */
  async task() {
    const { projects, tasks } = await this.owner.done('layDown', { body: this.outline() });
    return { id: tasks[0]!.id, below: tasks[1]!.id, project: projects[0]!.id, version: 1 };
  }

  /** A task with time of the staff member below it: only recorded, or on a draft or an invoice. */
  async timedTask(at: 'recorded' | 'draft' | 'issued' = 'recorded') {
    const task = await this.task();
    const names = { projectId: task.project, taskId: task.below };
    if (at === 'recorded') await this.recorded('staff', names);
    else await this[at](await this.approvedOf('staff', names));
    return task;
  }

  /** Where a task may go: to the end of a project. */
  place(projectId: string, names: Partial<BodyOf<Endpoints['moveTask']>> = {}): BodyOf<Endpoints['moveTask']> {
    return { projectId, parentId: null, beforeId: null, seen: null, ...names };
  }

  /** Somebody of the firm, as they are now. */
  async known(who: string) {
    const [row] = await this.world.sql<{ version: number }>('select version from person where id = $1', [who]);
    return { params: { id: who }, version: row!.version };
  }

  /** A position that nobody has. */
  async position(): Promise<string> {
    const id = newId();
    await this.owner.done('createGroup', { body: { id, kind: 'position', name: `Position ${id}` } });
    return id;
  }

  /** A state that no project has. */
  async state(open = false): Promise<string> {
    const id = newId();
    await this.owner.done('createProjectState', { body: { id, name: `State ${id.slice(-12)}`, records: true, open } });
    return id;
  }

  /** A role of the firm's own that nobody has. */
  async role(rights: BodyOf<Endpoints['createRole']>['rights'] = { 'time.read': 'firm' }): Promise<string> {
    const id = newId();
    await this.owner.done('createRole', { body: { id, name: `Role ${id}`, rights } });
    return id;
  }

  /** A team of somebody who reaches nobody by it. */
  async team(): Promise<string> {
    const id = newId();
    const body = { id, name: `Team ${id}`, leadId: this.ids.staff, people: [this.ids.mate] };
    await this.owner.done('createTeam', { body });
    return id;
  }

  /** Has the owner sign in with a second factor. */
  async factor(): Promise<void> {
    await this.world.admin.query(
      `insert into second_factor (account_id, secret, confirmed_at)
       select account_id, 'GEZDGNBVGY3TQOJQ', $2 from membership where person_id = $1 on conflict do nothing`,
      [this.ids.owner, this.world.clock.now()],
    );
  }

  /** Somebody new who has left. */
  async left() {
    const { id } = await this.invited();
    await this.owner.done('personLeaves', await this.known(id));
    return id;
  }

  /** Has the staff member's mate look after people, without a right to money. */
  async administrator(): Promise<void> {
    await this.world.sql("insert into person_role values ($1, $2, 'administrator') on conflict do nothing", [
      this.world.firmId,
      this.ids.mate,
    ]);
  }

  async gone(date = MONDAY, names: Partial<BodyOf<Endpoints['createEntry']>> = {}): Promise<string> {
    const { id, version } = await record(this.world, 'staff', date, 0.25, names);
    await this.staff.done('deleteEntry', { params: { id }, version });
    return id;
  }
}

export function seen(...entries: { id: string; version: number }[]) {
  return { entries: entries.map(({ id, version }) => ({ id, version })) };
}
