import {
  KINDS,
  LedgerEntry,
  Stage,
  WEEKS,
  addDays,
  addSeconds,
  dateIn,
  datesFrom,
  minor,
  monthOf,
  multiplyDivide,
  seconds,
  shiftPeriod,
  weekOf,
  weekday,
} from '@yellowwood/core';
import { group } from 'd3-array';
import {
  Context,
  Tx,
  audit,
  creditInvoice,
  derived,
  demoSignIns,
  hashPassword,
  holdEntries,
  insertRows,
  issueNewInvoice,
  markSent,
  previewInvoice,
  recordPayment,
  rowSubject,
  valuationBasis,
} from '@yellowwood/server';
import { CLIENTS, DemoTask, PEOPLE, POSITION_RATES, PROJECTS, SERVICES, STANDARD_COSTS, TEAMS } from './firm';
import { PlannedPerson, Target, ZONE, planPerson } from './plan';
import { Seed } from './seed';

const SLUG = 'quillfeather';
const FIRM = 'Quillfeather Conservation';

/** What the loading of the demo firm has made, by name. */
interface Made {
  readonly firmId: string;
  readonly people: Map<string, string>;
  readonly clients: Map<string, string>;
  readonly projects: Map<string, string>;
  readonly tasks: Map<string, string>;
  readonly services: Map<string, string>;
  readonly positions: Map<string, string>;
}

interface Loading {
  readonly tx: Tx;
  readonly seed: Seed;
  readonly now: string;
  readonly today: string;
  /** First Monday of the history. */
  readonly start: string;
  readonly made: Made;
}

const rateOf = (major: number) => Math.round(major * 10_000);
const minorOf = (major: number) => Math.round(major * 100);

async function insert(tx: Tx, table: string, rows: readonly Record<string, unknown>[]): Promise<void> {
  if (rows.length === 0) return;
  const columns = Object.keys(rows[0]!);
  for (let index = 0; index < rows.length; index += 5000) {
    await tx.query(
      `insert into "${table}" (${columns.join(', ')}) select ${columns.join(', ')} from jsonb_populate_recordset(null::"${table}", $1)`,
      [JSON.stringify(rows.slice(index, index + 5000))],
    );
  }
}

/**
 * Loads the demo firm: a year of history that ends at the given moment, the same for the same day. Facts
 * are bulk loaded; what is computed goes through the core, and documents and payments through the same
 * use cases as real ones. All of it in one transaction.
 */
export async function loadDemo(tx: Tx, now: string): Promise<void> {
  const today = dateIn(ZONE, now);
  const start = weekOf(addDays(today, -364)).from;
  const seed = new Seed(1861);
  const names = () => new Map<string, string>();
  const made: Made = {
    firmId: seed.id(`${start}T08:00:00Z`),
    people: names(),
    clients: names(),
    projects: names(),
    tasks: names(),
    services: names(),
    positions: names(),
  };
  const loading: Loading = { tx, seed, now, today, start, made };
  await loadFirm(loading);
  await loadPeople(loading);
  await loadWork(loading);
  await loadRates(loading);
  const rows = await planEntries(loading);
  const review = planReview(loading, rows);
  await loadEntries(loading, rows);
  await loadReview(loading, review);
  // Without statistics the planner takes the tables for empty.
  await tx.query('analyze');
  await loadBilling(loading);
  await loadTimers(loading);
}

async function loadFirm({ tx, made, start }: Loading): Promise<void> {
  const { firmId } = made;
  await tx.query("select set_config('app.firm_id', $1, true)", [firmId]);
  await insert(tx, 'firm', [
    {
      firm_id: firmId,
      slug: SLUG,
      name: FIRM,
      currency: 'GBP',
      zone: ZONE,
      address: ['Tannery Yard 4', 'Osric Green'],
      country: 'GB',
      tax_id: 'GB 100 0000 00',
      email: 'office@quillfeather.example',
      payment_details: 'Osric Green Savings Bank, account 00000042, Quillfeather Conservation.',
      invoice_prefix: 'QC-',
      day_maximum: 36_000,
      week_maximum: 172_800,
      gap_tolerance: 900,
      created_at: `${start}T08:00:00Z`,
    },
  ]);
  await insert(tx, 'firm_address', [{ slug: SLUG, firm_id: firmId, name: FIRM }]);
  await insert(tx, 'invoice_series', [
    { firm_id: firmId, series: 'invoice', prefix: 'QC-', next_number: 1 },
    { firm_id: firmId, series: 'credit note', prefix: 'QCC-', next_number: 1 },
  ]);
  await insert(tx, 'tax_rate', [
    { firm_id: firmId, category: 'S', name: 'VAT', rate: 200_000, reason: '', valid_from: '2011-01-04', valid_to: null },
    {
      firm_id: firmId,
      category: 'AE',
      name: 'Reverse charge',
      rate: 0,
      reason: 'Reverse charge: the client accounts for the tax.',
      valid_from: '2011-01-04',
      valid_to: null,
    },
  ]);
  await insert(tx, 'exchange_rate', [
    { firm_id: firmId, currency: 'EUR', rate: 8600, valid_from: '2000-01-01', valid_to: addDays(start, 181) },
    { firm_id: firmId, currency: 'EUR', rate: 8540, valid_from: addDays(start, 182), valid_to: null },
  ]);
}

const emailOf = (name: string) =>
  `${name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z ]/g, '')
    .replace(/ /g, '.')}@quillfeather.example`;

async function loadPeople({ tx, seed, made, start }: Loading): Promise<void> {
  const at = `${start}T08:00:00Z`;
  const { firmId } = made;
  for (const person of PEOPLE) {
    made.people.set(person.name, seed.id(at));
    if (!made.positions.has(person.position)) made.positions.set(person.position, seed.id(at));
  }
  await insert(
    tx,
    'position',
    [...made.positions].map(([name, id]) => ({ firm_id: firmId, id, name })),
  );
  const departments = [{ firm_id: firmId, id: seed.id(at), name: 'Practice' }];
  made.clients.set('Practice', departments[0]!.id);
  await insert(tx, 'department', departments);
  await insert(
    tx,
    'person',
    PEOPLE.map((person, index) => ({
      firm_id: firmId,
      id: made.people.get(person.name),
      name: person.name,
      email: emailOf(person.name),
      staff_number: `Q${String(index + 1).padStart(3, '0')}`,
      kind: person.kind,
      department_id: departments[0]!.id,
      zone: ZONE,
      started_on: addDays(start, -400),
    })),
  );
  const since = addDays(start, -400);
  await insert(
    tx,
    'person_position',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      person_id: made.people.get(person.name),
      position_id: made.positions.get(person.position),
      valid_from: since,
      valid_to: null,
    })),
  );
  // What those see who may know cost and not pay: one figure a position, raised with the new year of pay.
  await insert(
    tx,
    'standard_cost_rate',
    [...made.positions].map(([name, id]) => ({
      firm_id: firmId,
      position_id: id,
      rate: STANDARD_COSTS[name as keyof typeof STANDARD_COSTS] * 10_000,
      valid_from: since,
      valid_to: null,
    })),
  );
  const teams = TEAMS.map((team) => ({ firm_id: firmId, id: seed.id(at), name: team.name, lead_id: made.people.get(team.lead) }));
  await insert(tx, 'team', teams);
  await insert(
    tx,
    'team_person',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      team_id: teams.find((team) => team.name === person.team)!.id,
      person_id: made.people.get(person.name),
    })),
  );
  await insert(
    tx,
    'schedule',
    PEOPLE.map((person) => {
      const day = person.kind === 'subcontractor' ? 0 : 27_000;
      return {
        firm_id: firmId,
        person_id: made.people.get(person.name),
        valid_from: addDays(start, -400),
        valid_to: null,
        planned: [day, day, day, day, day, 0, 0],
        day_start: '08:00',
        day_end: '16:30',
      };
    }),
  );
  for (const signIn of demoSignIns) {
    const account = seed.id(at);
    const person = PEOPLE.find((one) => one.name === signIn.name)!;
    await insert(tx, 'account', [
      {
        id: account,
        email: signIn.email,
        name: signIn.name,
        password_hash: await hashPassword(signIn.password),
        theme: 'system',
        duration_form: 'clock',
        created_at: at,
      },
    ]);
    await insert(tx, 'membership', [
      { account_id: account, firm_id: firmId, person_id: made.people.get(signIn.name), roles: person.roles },
    ]);
  }
}

async function loadWork({ tx, seed, made, start }: Loading): Promise<void> {
  const at = `${start}T09:00:00Z`;
  const { firmId } = made;
  await insert(
    tx,
    'client',
    CLIENTS.map((client) => {
      made.clients.set(client.name, seed.id(at));
      return {
        firm_id: firmId,
        id: made.clients.get(client.name),
        name: client.name,
        address: client.address,
        country: client.country,
        tax_id: client.taxId,
        email: `accounts@${client.name.toLowerCase().replace(/[^a-z]/g, '')}.example`,
        currency: client.currency,
        payment_days: client.days,
        tax_category: 'taxCategory' in client ? client.taxCategory : null,
      };
    }),
  );
  await insert(
    tx,
    'service',
    SERVICES.map((service) => {
      made.services.set(service.name, seed.id(at));
      return {
        firm_id: firmId,
        id: made.services.get(service.name),
        code: service.code,
        name: service.name,
        kind: service.kind,
        billable: service.billable,
        tax_category: 'S',
      };
    }),
  );
  const tasks: Record<string, unknown>[] = [];
  for (const project of PROJECTS) {
    const id = seed.id(at);
    made.projects.set(project.name, id);
    const hours = project.estimateHours * 3600;
    await insert(tx, 'project', [
      {
        firm_id: firmId,
        id,
        client_id: project.client ? made.clients.get(project.client) : null,
        department_id: project.department ? made.clients.get(project.department) : null,
        name: project.name,
        code: project.code,
        tone: project.tone,
        state: 'open',
        restricted: false,
        manager_id: made.people.get(project.manager),
        billable: project.method === 'time and materials',
        order_reference: project.order ?? '',
        estimate: hours,
        budget_minor: minorOf(project.budget),
      },
    ]);
    await insert(tx, 'agreement', [
      {
        firm_id: firmId,
        id: seed.id(at),
        project_id: id,
        method: project.method,
        currency: CLIENTS.find((client) => client.name === project.client)?.currency ?? 'GBP',
        limit_minor: project.limit ? minorOf(project.limit) : null,
        rounding_increment: project.rounding?.increment ?? 1,
        rounding_mode: project.rounding?.mode ?? 'nearest',
        rounding_unit: project.rounding?.unit ?? 'entry',
        rounding_minimum: project.rounding?.minimum ?? 0,
        decimal_places: project.decimalPlaces ?? null,
        valid_from: addDays(start, -60),
        valid_to: null,
      },
    ]);
    const leaves = project.tasks.reduce((count, task) => count + Math.max(1, task.below?.length ?? 1), 0);
    const add = (task: DemoTask, parent: string | null, place: number) => {
      const taskId = seed.id(at);
      made.tasks.set(`${project.name}/${task.name}`, taskId);
      const share = Math.max(1, task.below?.length ?? 1) / leaves;
      tasks.push({
        firm_id: firmId,
        id: taskId,
        project_id: id,
        parent_id: parent,
        kind: task.kind,
        name: task.name,
        place,
        estimate: Math.round((hours * share) / 3600) * 3600,
        budget_minor: Math.round(project.budget * share) * 100,
        state: 'open',
      });
      task.below?.forEach((child, index) => add(child, taskId, index));
    };
    project.tasks.forEach((task, index) => add(task, null, index));
  }
  // Parents come before their children in the list, one row at a time keeps the foreign key content.
  await insert(tx, 'task', tasks);
}

async function loadRates({ tx, seed, made, start, today }: Loading): Promise<void> {
  const { firmId } = made;
  const at = `${start}T09:30:00Z`;
  const reviewed = addDays(start, 140);
  const rule = (values: Record<string, unknown>) => ({
    firm_id: firmId,
    id: seed.id(at),
    client_id: null,
    project_id: null,
    task_id: null,
    service_id: null,
    position_id: null,
    person_id: null,
    currency: 'GBP',
    rate: 0,
    valid_from: addDays(start, -60),
    valid_to: null,
    reason: '',
    ...values,
  });
  const rules = Object.entries(POSITION_RATES).flatMap(([position, [before, since]]) => {
    const position_id = made.positions.get(position);
    return [
      rule({ position_id, rate: rateOf(before), valid_to: addDays(reviewed, -1) }),
      rule({ position_id, rate: rateOf(since), valid_from: reviewed, reason: 'Review of rates' }),
    ];
  });
  const lantern = made.projects.get('Lantern room repair');
  rules.push(
    rule({ service_id: made.services.get('Travel'), rate: rateOf(45) }),
    rule({ client_id: made.clients.get('Saltmere Harbour Trust'), rate: rateOf(82), reason: 'Trust rate' }),
    rule({ project_id: lantern, position_id: made.positions.get('Surveyor'), rate: rateOf(92) }),
    rule({ project_id: lantern, position_id: made.positions.get('Mason'), rate: rateOf(61) }),
    // Raised in the middle of a month.
    rule({ project_id: made.projects.get('Reading room plaster'), rate: rateOf(57.5), valid_to: addDays(today, -76) }),
    rule({
      project_id: made.projects.get('Reading room plaster'),
      rate: rateOf(59.25),
      valid_from: addDays(today, -75),
      reason: 'Agreed at the site meeting',
    }),
    rule({
      task_id: made.tasks.get('Bell frame survey/Measured survey'),
      project_id: made.projects.get('Bell frame survey'),
      rate: rateOf(89),
    }),
    rule({
      project_id: made.projects.get('Roadside marker survey'),
      person_id: made.people.get('Noor Castellan'),
      rate: rateOf(78),
    }),
    ...(['Conservator', 'Mason'] as const).map((position) =>
      rule({
        project_id: made.projects.get('Altar panel frames'),
        position_id: made.positions.get(position),
        currency: 'EUR',
        rate: rateOf(position === 'Mason' ? 74 : 98),
      }),
    ),
  );
  await insert(tx, 'rate_rule', rules);
  await insert(
    tx,
    'pay_rate',
    PEOPLE.flatMap((person) => {
      const person_id = made.people.get(person.name);
      return [
        { firm_id: firmId, person_id, rate: rateOf(person.pay), valid_from: addDays(start, -400), valid_to: addDays(start, 125) },
        {
          firm_id: firmId,
          person_id,
          rate: multiplyDivide([rateOf(person.pay), 103], [100]),
          valid_from: addDays(start, 126),
          valid_to: null,
        },
      ];
    }),
  );
  await insert(
    tx,
    'overhead',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      person_id: made.people.get(person.name),
      kind: person.kind === 'subcontractor' ? 'per-hour' : 'percent',
      value: person.kind === 'subcontractor' ? rateOf(3.5) : 385_000,
      valid_from: addDays(start, -400),
      valid_to: null,
    })),
  );
}

/** The context of a use case that somebody of the firm did at some moment. */
function contextOf({ tx, made }: Loading, name: string, now: string): Context {
  const person = PEOPLE.find((one) => one.name === name)!;
  return {
    tx,
    firm: {
      id: made.firmId,
      slug: SLUG,
      name: FIRM,
      currency: 'GBP',
      zone: ZONE,
      dayMaximum: 36_000,
      weekMaximum: 172_800,
      gapTolerance: 900,
      period: WEEKS,
    },
    actor: {
      accountId: null,
      personId: made.people.get(name)!,
      name,
      zone: ZONE,
      positionName: person.position,
      roles: ['owner'],
      rights: FULL,
    },
    now,
    requestId: 'demo',
    source: 'demo',
  };
}

const FULL = {
  'time.read': 'firm',
  'time.review': 'firm',
  'invoices.read': 'firm',
  'invoices.issue': 'firm',
  'values.read': 'firm',
  'payments.record': 'firm',
  'work.read': 'firm',
} as const;

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

async function planEntries(loading: Loading): Promise<LedgerEntry[]> {
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

async function loadEntries(loading: Loading, rows: readonly LedgerEntry[]): Promise<void> {
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

interface DemoEvent {
  readonly at: string;
  readonly actor: string;
  readonly action: string;
  readonly reason?: string;
  readonly subjects: readonly ReturnType<typeof rowSubject>[];
}

async function keepHistory({ tx, seed, made }: Loading, events: readonly DemoEvent[]): Promise<void> {
  const withIds = events.map((event) => ({ ...event, id: seed.id(event.at) }));
  await insert(
    tx,
    'audit_event',
    withIds.map((event) => ({
      firm_id: made.firmId,
      id: event.id,
      at: event.at,
      actor_id: event.actor,
      action: event.action,
      reason: event.reason ?? '',
      source: 'demo',
      request_id: 'demo',
    })),
  );
  await insert(
    tx,
    'audit_subject',
    withIds.flatMap((event) =>
      event.subjects.map((subject) => ({
        firm_id: made.firmId,
        event_id: event.id,
        subject_kind: subject.kind,
        subject_id: subject.id,
        before: subject.before,
        after: subject.after,
        money_before: subject.moneyBefore,
        money_after: subject.moneyAfter,
      })),
    ),
  );
}

const evening = (date: string) => `${date}T16:50:00.000Z`;
const morning = (date: string) => `${date}T09:14:00.000Z`;

/** Weeks submitted, approved and returned, as their leads would have done it. */
function planReview(loading: Loading, rows: readonly LedgerEntry[]): PlannedReview {
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

async function loadReview(loading: Loading, review: PlannedReview): Promise<void> {
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

/** A month of one client's work on a document, issued in the first days of the next month. */
async function loadBilling(loading: Loading): Promise<void> {
  const { tx, made, today, start } = loading;
  const thisMonth = monthOf(today);
  let month = monthOf(start);
  let count = 0;
  for (; month.to < today; month = shiftPeriod(month, 1)) {
    const newest = month.to === addDays(thisMonth.from, -1);
    for (const [index, client] of CLIENTS.entries()) {
      // Of the last month, half of the clients still wait for their invoice.
      if (newest && index % 2 === 0) continue;
      const issuedOn = workingDay(addDays(month.to, 2 + index));
      if (issuedOn >= today) continue;
      const found = await tx.query<{ id: string; value: number }>(
        `select e.id, e.value_minor as value from entry e where e.client_id = $1 and e.work_date <= $2 and e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.rate is not null and e.hold_reason is null order by e.work_date, e.id`,
        [made.clients.get(client.name), month.to],
      );
      // Once a limit is used up, the work waits for a decision: nobody issues a document of nothing.
      if (found.rows.length === 0 || (await limitReached(loading, client.name))) continue;
      count += 1;
      const writeDown = count % 9 === 4 ? found.rows.find((row) => row.value > 20_000) : undefined;
      await loadInvoice(
        loading,
        client.name,
        month.to,
        issuedOn,
        found.rows.map((row) => row.id),
        writeDown,
        count,
      );
    }
  }
  await holdSome(loading);
}

async function limitReached({ tx, made, today }: Loading, client: string): Promise<boolean> {
  const found = await tx.query<{ reached: boolean }>(
    `select coalesce(bool_or(m.left_minor = 0), false) as reached
       from project_limits($2, null) m join project p on p.id = m.project_id where p.client_id = $1`,
    [made.clients.get(client), today],
  );
  return found.rows[0]!.reached;
}

function workingDay(date: string): string {
  return weekday(date) > 5 ? addDays(date, 8 - weekday(date)) : date;
}

async function loadInvoice(
  loading: Loading,
  client: string,
  upTo: string,
  issuedOn: string,
  ids: readonly string[],
  writeDown: { id: string } | undefined,
  count: number,
): Promise<void> {
  const { seed, made, today } = loading;
  const now = `${issuedOn}T10:0${count % 10}:00.000Z`;
  const context = contextOf(loading, 'Yuki Farrow', now);
  const id = seed.id(now);
  const entries = ids.map((entry) =>
    entry === writeDown?.id ? { id: entry, writeDown: { minor: 7500, reason: 'Learning time, not charged' } } : { id: entry },
  );
  const wish = {
    clientId: made.clients.get(client)!,
    upTo,
    grouping: count % 6 === 2 ? ('entry' as const) : ('task' as const),
    entries,
    texts: [],
  };
  const { document } = await previewInvoice(context, wish);
  const issued = await issueNewInvoice(context, id, wish, document.gross);
  // The very last ones are issued and not sent yet.
  if (addDays(issuedOn, 20) > today && count % 3 === 0) return;
  await markSent(contextOf(loading, 'Yuki Farrow', `${issuedOn}T10:3${count % 10}:00.000Z`), id);
  const { gross } = issued.row;
  const due = issued.row.dueOn!;
  const received = workingDay(addDays(due, seed.whole(-9, 12)));
  const paid = contextOf(loading, 'Yuki Farrow', `${received}T11:20:00.000Z`);
  if (count === 7) {
    await creditInvoice(
      contextOf(loading, 'Yuki Farrow', `${addDays(issuedOn, 6)}T09:40:00.000Z`),
      id,
      seed.id(`${addDays(issuedOn, 6)}T09:40:00Z`),
      'Wrong order number, to be issued again',
    );
    return;
  }
  // Some stay unpaid for months; some are paid in part.
  if (received > today || (count % 13 === 12 && addDays(due, 20) < today)) return;
  const amount = count % 11 === 10 ? multiplyDivide([gross, 2], [5]) : gross;
  await recordPayment(paid, {
    id: seed.id(`${received}T11:20:00Z`),
    invoiceId: id,
    minor: minor(amount),
    receivedOn: received,
    reference: `Transfer ${issued.row.number}`,
  });
}

async function holdSome(loading: Loading): Promise<void> {
  const { tx, made, now } = loading;
  const found = await tx.query<{ id: string; version: number }>(
    `select e.id, e.version from entry e where e.project_id = $1 and e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.rate is not null order by e.work_date, e.id limit 2`,
    [made.projects.get('Lantern room repair')],
  );
  if (found.rows.length > 0)
    await holdEntries(contextOf(loading, 'Yuki Farrow', now), found.rows, 'Ask the client about the extra day');
}

/** One timer stands paused, as somebody left it at noon. */
async function loadTimers(loading: Loading): Promise<void> {
  const { tx, seed, made, now } = loading;
  const id = seed.id(now);
  const startAt = new Date(Date.parse(now) - 5400_000).toISOString();
  await insert(tx, 'timer', [
    {
      firm_id: made.firmId,
      id,
      person_id: made.people.get('Maud Ellery'),
      project_id: made.projects.get('Bell frame survey'),
      task_id: made.tasks.get('Bell frame survey/Report'),
      service_id: made.services.get('Writing'),
      billable: null,
      note: 'Draft for the client',
      running: false,
      created_at: startAt,
      version: 1,
    },
  ]);
  await insert(tx, 'timer_segment', [
    {
      firm_id: made.firmId,
      timer_id: id,
      place: 1,
      start_at: startAt,
      end_at: new Date(Date.parse(startAt) + 1_080_000).toISOString(),
    },
  ]);
  await audit(contextOf(loading, 'Maud Ellery', startAt), 'timer started', [
    { kind: 'timer', id, after: { note: 'Draft for the client' } },
  ]);
}

/** Whether the demo firm is there already. */
export async function isLoaded(tx: Tx): Promise<boolean> {
  const found = await tx.query('select 1 from firm_address where slug = $1', [SLUG]);
  return found.rows.length > 0;
}
