import type { AnswerOf, BodyOf, EndpointName, Endpoints, ParamsOf, Problem, QueryOf } from '@yellowwood/contracts';
import { rightsOf } from '@yellowwood/core';
import { randomUUID } from 'node:crypto';
import { AddressInfo } from 'node:net';
import pg from 'pg';
import { v7 as newId } from 'uuid';
import { buildApp } from '../app';
import { hashPassword } from '../people/sign-in';
import { ServerClock } from '../platform/clock';
import { Context } from '../platform/context';
import { Database, READ, Tx, openDatabase, transaction } from '../platform/database';
import { Difference, verifyBooks } from '../results/verify-books';
import { addresses } from './addresses';

export const PASSWORD = 'a password for tests';

const passwordHash = hashPassword(PASSWORD);

/** Monday of the week in which every test happens, and a moment on its Friday. */
export const MONDAY = '2026-06-08';

export const FRIDAY_EVENING = '2026-06-12T17:00:00.000Z';

export type Who = 'owner' | 'manager' | 'bookkeeper' | 'staff' | 'mate';

interface Answer<T> {
  readonly status: number;
  readonly body: T;
  readonly problem: Problem;
}

interface Options<N extends EndpointName> {
  readonly params?: Partial<ParamsOf<Endpoints[N]>>;
  readonly query?: QueryOf<Endpoints[N]>;
  readonly body?: BodyOf<Endpoints[N]>;
  readonly version?: number | undefined;
  readonly key?: string;
}

/** Somebody who is signed in, talking HTTP as the page does. */
export class Client {
  private cookies = new Map<string, string>();

  constructor(
    private readonly base: string,
    private readonly slug: string,
  ) {}

  async signIn(email: string, password = PASSWORD): Promise<number> {
    return (await this.request('POST', '/api/session', { email, password })).status;
  }

  async call<N extends EndpointName>(name: N, options: Options<N> = {}): Promise<Answer<AnswerOf<Endpoints[N]>>> {
    const { method, path, kind } = addresses[name];
    const params: Record<string, unknown> = { firm: this.slug, ...options.params };
    const url = `/api${path.replace(/:(\w+)/g, (_, part: string) => encodeURIComponent(String(params[part])))}`;
    const query = new URLSearchParams(
      Object.entries(options.query ?? {}).map(([key, value]) => [key, String(value)] as [string, string]),
    ).toString();
    const headers: Record<string, string> = {};
    if (options.version !== undefined) headers['If-Match'] = `"${options.version}"`;
    if (kind === 'command') headers['Idempotency-Key'] = options.key ?? randomUUID();
    return this.request(method, query ? `${url}?${query}` : url, options.body, headers) as Promise<
      Answer<AnswerOf<Endpoints[N]>>
    >;
  }

  /** The body of an answer that must be a success. */
  async done<N extends EndpointName>(name: N, options: Options<N> = {}): Promise<AnswerOf<Endpoints[N]>> {
    const answer = await this.call(name, options);
    if (answer.status !== 200) throw new Error(`${name}: ${answer.status} ${JSON.stringify(answer.body)}`);
    return answer.body;
  }

  /** What a browser would send as its cookies. */
  cookieHeader(): string {
    return [...this.cookies].map(([key, value]) => `${key}=${value}`).join('; ');
  }

  async request(method: string, url: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer<unknown>> {
    const xsrf = this.cookies.get('XSRF-TOKEN');
    const answer = await fetch(this.base + url, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        Cookie: this.cookieHeader(),
        ...(xsrf ? { 'X-XSRF-TOKEN': xsrf } : {}),
        ...headers,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    for (const cookie of answer.headers.getSetCookie()) {
      const [, key, value] = /^([^=]+)=([^;]*)/.exec(cookie)!;
      this.cookies.set(key!, value!);
    }
    const bytes = Buffer.from(await answer.arrayBuffer());
    for (const secret of (await neighbour)?.secrets ?? [])
      if (bytes.includes(secret)) throw new Error(`${method} ${url} shows something of another firm: ${secret}`);
    const json = answer.headers.get('content-type')?.includes('json') ? (JSON.parse(bytes.toString()) as unknown) : bytes;
    return { status: answer.status, body: json, problem: json as Problem };
  }
}

/**
 * Another firm, there in every test of the process: with people of the same names, work, money and
 * history. No answer of any request may hold anything of it, and nothing in it may ever change.
 */
interface Neighbour {
  readonly slug: string;
  readonly firmId: string;
  readonly secrets: readonly string[];
  readonly before: string;
}

let neighbour: Promise<Neighbour> | undefined;

async function foundNeighbour(admin: pg.Pool): Promise<Neighbour> {
  const slug = `other-${randomUUID().slice(0, 8)}`;
  const { firmId, ids } = await foundFirm(admin, slug, null);
  const [entry, invoice, secret] = [newId(), newId(), `secret of ${slug}`];
  await ofFirm(admin, firmId, async (tx) => {
    await tx.query(
      `insert into entry (firm_id, id, kind, person_id, work_date, posted_on, client_id, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,
         rate, rate_source, value_minor, value_currency, own_rate, own_value_minor, cost_minor, cost_currency, tax_category, note, stage, billing_state, origin, entered_by, entered_at)
       select $1, case when n = 1 then $2::uuid else gen_random_uuid() end, 'time', $3, '2026-06-08', '2026-06-08', $4, $5, $6, $7, 3600, 3600, true, 3600,
         990000, 'typed', 9900, 'GBP', 990000, 9900, 3000, 'GBP', 'S', $8, (array['approved', 'submitted', 'recorded'])[n], 'to bill', 'grid', $3, '2026-06-08T17:00:00Z' from generate_series(1, 3) n`,
      [firmId, entry, ids.staff, ids.client, ids.project, ids.task, ids.survey, secret],
    );
    await tx.query(
      `insert into invoice (firm_id, id, kind, status, series, number, number_text, client_id, currency, issued_on, supply_from, supply_to, due_on, net_minor, tax_minor, gross_minor, snapshot, created_by, created_at)
       values ($1, $2, 'invoice', 'issued', 'invoice', 77, $3, $4, 'GBP', '2026-06-09', '2026-06-08', '2026-06-08', '2026-07-09', 9900, 1980, 11880, '{}', $5, '2026-06-09T10:00:00Z')`,
      [firmId, invoice, secret, ids.client, ids.bookkeeper],
    );
  });
  return {
    slug,
    firmId,
    secrets: [slug, firmId, entry, invoice, secret, ids.client, ids.project, ids.task, ids.staff],
    before: await stateOf(admin, firmId),
  };
}

/** Every row of a firm that work could change, as one text. */
async function stateOf(admin: pg.Pool, firmId: string): Promise<string> {
  const tables = [
    'entry',
    'entry_span',
    'timer',
    'timesheet',
    'submission',
    'decision',
    'invoice',
    'invoice_line',
    'line_share',
    'payment',
    'allocation',
    'audit_event',
    'work_sum',
    'billed_sum',
    'replay',
    'person',
    'project',
    'task',
    'rate_rule',
    'invoice_series',
  ];
  return ofFirm(admin, firmId, async (tx) => {
    const texts: string[] = [];
    for (const table of tables) {
      const { rows } = await tx.query<{ rows: string }>(
        `select coalesce(string_agg(t::text, '|' order by t::text), '') as rows from ${table} t`,
      );
      texts.push(`${table}: ${rows[0]!.rows}`);
    }
    return texts.join('\n');
  });
}

/** Runs work as the owner of the tables inside one firm. */
async function ofFirm<T>(admin: pg.Pool, firmId: string, work: (tx: pg.PoolClient) => Promise<T>): Promise<T> {
  const connection = await admin.connect();
  try {
    await connection.query('begin');
    await connection.query("select set_config('app.firm_id', $1, true)", [firmId]);
    const answer = await work(connection);
    await connection.query('commit');
    return answer;
  } catch (error) {
    await connection.query('rollback');
    throw error;
  } finally {
    connection.release();
  }
}

/** A firm of its own for one spec file, a server for it, and its people signed in. */
export interface World {
  readonly slug: string;
  readonly firmId: string;
  readonly base: string;
  readonly clock: ServerClock;
  readonly database: Database;
  readonly admin: pg.Pool;
  readonly ids: Readonly<
    Record<
      | Who
      | 'client'
      | 'euroClient'
      | 'project'
      | 'euroProject'
      | 'internal'
      | 'task'
      | 'subtask'
      | 'survey'
      | 'drawing'
      | 'office'
      | 'exempt'
      | 'agreement',
      string
    >
  >;
  as(who: Who): Client;
  client(): Client;
  sql<T extends pg.QueryResultRow>(text: string, values?: unknown[]): Promise<T[]>;
  close(): Promise<void>;
}

function needed(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is missing: run the tests with \`npm test\`, which starts the database.`);
  return value;
}

export async function makeWorld(options: { limit?: number | null; now?: string } = {}): Promise<World> {
  const admin = new pg.Pool({ connectionString: needed('DATABASE_ADMIN_URL'), max: 2 });
  const database = openDatabase(needed('DATABASE_URL'), 24);
  const clock = new ServerClock(options.now ?? FRIDAY_EVENING);
  const slug = `test-${randomUUID().slice(0, 8)}`;
  const app = buildApp(
    {
      port: 0,
      databaseUrl: '',
      sessionSecret: 'tests only',
      demo: false,
      webRoot: null,
      clockStart: null,
      logLevel: 'silent',
      signInLimit: 1000,
      secureCookies: false,
    },
    database,
    clock,
  );
  const server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const { firmId, ids } = await foundFirm(admin, slug, options.limit ?? null);
  await (neighbour ??= foundNeighbour(admin));
  const clients = new Map<Who, Client>();
  for (const who of ['owner', 'manager', 'bookkeeper', 'staff', 'mate'] as const) {
    const client = new Client(base, slug);
    if ((await client.signIn(`${who}@${slug}.example`)) !== 200) throw new Error(`${who} could not sign in`);
    clients.set(who, client);
  }
  return {
    slug,
    firmId,
    base,
    clock,
    database,
    admin,
    ids,
    as: (who) => clients.get(who)!,
    client: () => new Client(base, slug),
    sql: (text, values = []) => ofFirm(admin, firmId, async (tx) => (await tx.query(text, values)).rows as never),
    async close() {
      const beside = await neighbour!;
      if ((await stateOf(admin, beside.firmId)) !== beside.before) throw new Error('something of another firm was changed');
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await database.end();
      await admin.end();
    },
  };
}

async function foundFirm(admin: pg.Pool, slug: string, limit: number | null) {
  const firmId = newId();
  const names = [
    'owner',
    'manager',
    'bookkeeper',
    'staff',
    'mate',
    'client',
    'euroClient',
    'project',
    'euroProject',
    'internal',
    'task',
    'subtask',
    'survey',
    'drawing',
    'office',
    'exempt',
    'agreement',
  ] as const;
  const ids = Object.fromEntries(names.map((name) => [name, newId()])) as World['ids'];
  const tx = await admin.connect();
  const insert = async (table: string, rows: Record<string, unknown>[]) => {
    const columns = Object.keys(rows[0]!);
    await tx.query(
      `insert into "${table}" (${columns.join(', ')}) select ${columns.join(', ')} from jsonb_populate_recordset(null::"${table}", $1)`,
      [JSON.stringify(rows)],
    );
  };
  const own = (rows: Record<string, unknown>[]) => rows.map((row) => ({ firm_id: firmId, ...row }));
  await tx.query('begin');
  await tx.query("select set_config('app.firm_id', $1, true)", [firmId]);
  await insert(
    'firm',
    own([
      {
        slug,
        name: `Firm ${slug}`,
        currency: 'GBP',
        zone: 'Europe/London',
        address: ['Yard 1'],
        country: 'GB',
        tax_id: 'GB 1',
        email: `office@${slug}.example`,
        payment_details: 'Bank 1',
        invoice_prefix: 'T-',
        day_maximum: 36_000,
        week_maximum: 172_800,
        gap_tolerance: 900,
        created_at: '2026-01-01T00:00:00Z',
      },
    ]),
  );
  await insert('firm_address', [{ slug, firm_id: firmId, name: `Firm ${slug}` }]);
  await insert(
    'invoice_series',
    own([
      { series: 'invoice', prefix: 'T-', next_number: 1 },
      { series: 'credit note', prefix: 'TC-', next_number: 1 },
    ]),
  );
  await insert(
    'tax_rate',
    own([
      { category: 'S', name: 'VAT', rate: 200_000, reason: '', valid_from: '2011-01-01', valid_to: null },
      { category: 'E', name: 'Exempt', rate: 0, reason: 'Exempt work', valid_from: '2011-01-01', valid_to: null },
      { category: 'AE', name: 'Reverse charge', rate: 0, reason: 'Reverse charge', valid_from: '2011-01-01', valid_to: null },
    ]),
  );
  await insert('exchange_rate', own([{ currency: 'EUR', rate: 8500, valid_from: '2020-01-01', valid_to: null }]));
  const [surveyor, department, team] = [newId(), newId(), newId()];
  await insert('position', own([{ id: surveyor, name: 'Surveyor' }]));
  await insert('department', own([{ id: department, name: 'Practice' }]));
  const people = ['owner', 'manager', 'bookkeeper', 'staff', 'mate'] as const;
  await insert(
    'person',
    own(
      people.map((who, index) => ({
        id: ids[who],
        name: `${who[0]!.toUpperCase()}${who.slice(1)} Person`,
        email: `${who}@${slug}.example`,
        staff_number: `T${index}`,
        kind: 'employee',
        position_id: who === 'mate' ? null : surveyor,
        department_id: department,
        zone: 'Europe/London',
        started_on: '2026-01-01',
      })),
    ),
  );
  await insert('team', own([{ id: team, name: 'Team', lead_id: ids.manager }]));
  await insert('team_person', own([ids.staff, ids.mate, ids.owner].map((person_id) => ({ team_id: team, person_id }))));
  await insert(
    'schedule',
    own(
      people.map((who) => ({
        person_id: ids[who],
        valid_from: '2026-01-01',
        valid_to: null,
        planned: [27_000, 27_000, 27_000, 27_000, 27_000, 0, 0],
        day_start: '08:00',
        day_end: '16:30',
      })),
    ),
  );
  await insert(
    'client',
    own([
      {
        id: ids.client,
        name: 'Harbour Trust',
        address: ['Quay 1'],
        country: 'GB',
        tax_id: null,
        email: 'accounts@harbour.example',
        currency: 'GBP',
        payment_days: 30,
        tax_category: null,
      },
      {
        id: ids.euroClient,
        name: 'Łódka și Țară Stiftung',
        address: ['Weg 1'],
        country: 'AT',
        tax_id: 'ATU1',
        email: 'accounts@stiftung.example',
        currency: 'EUR',
        payment_days: 30,
        tax_category: 'AE',
      },
    ]),
  );
  await insert(
    'service',
    own([
      { id: ids.survey, code: 'SUR', name: 'Site survey', kind: 'direct', billable: true, tax_category: 'S' },
      { id: ids.drawing, code: 'DRW', name: 'Drawing', kind: 'direct', billable: true, tax_category: 'S' },
      { id: ids.exempt, code: 'TEA', name: 'Teaching', kind: 'direct', billable: true, tax_category: 'E' },
      { id: ids.office, code: 'OFF', name: 'Office', kind: 'indirect', billable: false, tax_category: 'S' },
    ]),
  );
  const project = (id: string, code: string, names2: Record<string, unknown>) => ({
    id,
    client_id: null,
    department_id: null,
    name: code,
    code,
    tone: 1,
    state: 'open',
    restricted: false,
    manager_id: ids.owner,
    billable: true,
    order_reference: '',
    estimate: 360_000,
    budget_minor: 500_000,
    ...names2,
  });
  await insert(
    'project',
    own([
      project(ids.project, 'LANTERN', { client_id: ids.client, name: 'Lantern room', order_reference: 'HT-1' }),
      project(ids.euroProject, 'ALTAR', { client_id: ids.euroClient, name: 'Altar frames' }),
      project(ids.internal, 'INTERNAL', { department_id: department, name: 'Office work', billable: false }),
    ]),
  );
  const terms = (id: string, project_id: string, names2: Record<string, unknown>) => ({
    id,
    project_id,
    method: 'time and materials',
    currency: 'GBP',
    limit_minor: null,
    rounding_increment: 15,
    rounding_mode: 'nearest',
    rounding_unit: 'entry',
    rounding_minimum: 0,
    decimal_places: null,
    valid_from: '2026-01-01',
    valid_to: null,
    ...names2,
  });
  await insert(
    'agreement',
    own([
      terms(ids.agreement, ids.project, { limit_minor: limit }),
      terms(newId(), ids.euroProject, { currency: 'EUR' }),
      terms(newId(), ids.internal, { method: 'internal' }),
    ]),
  );
  await insert(
    'task',
    own([
      {
        id: ids.task,
        project_id: ids.project,
        parent_id: null,
        kind: 'phase',
        name: 'Glazing',
        place: 0,
        estimate: 72_000,
        budget_minor: 100_000,
        state: 'open',
      },
      {
        id: ids.subtask,
        project_id: ids.project,
        parent_id: ids.task,
        kind: 'task',
        name: 'Upper tier',
        place: 0,
        estimate: 36_000,
        budget_minor: 50_000,
        state: 'open',
      },
    ]),
  );
  const rule = (names2: Record<string, unknown>) => ({
    id: newId(),
    client_id: null,
    project_id: null,
    task_id: null,
    service_id: null,
    position_id: null,
    person_id: null,
    currency: 'GBP',
    rate: 0,
    valid_from: '2026-01-01',
    valid_to: null,
    reason: '',
    ...names2,
  });
  await insert(
    'rate_rule',
    own([
      rule({ position_id: surveyor, rate: 900_000, valid_to: '2026-06-09' }),
      // Raised in the middle of the week in which the tests happen.
      rule({ position_id: surveyor, rate: 960_000, valid_from: '2026-06-10' }),
      rule({ project_id: ids.project, person_id: ids.mate, rate: 600_000 }),
      rule({ project_id: ids.euroProject, position_id: surveyor, currency: 'EUR', rate: 1_000_000 }),
    ]),
  );
  await insert(
    'pay_rate',
    own(people.map((who) => ({ person_id: ids[who], rate: 200_000, valid_from: '2026-01-01', valid_to: null }))),
  );
  await insert(
    'overhead',
    own(
      people.map((who) => ({ person_id: ids[who], kind: 'percent', value: 500_000, valid_from: '2026-01-01', valid_to: null })),
    ),
  );
  for (const who of people) {
    const account = newId();
    await insert('account', [
      {
        id: account,
        email: `${who}@${slug}.example`,
        name: who,
        password_hash: await passwordHash,
        theme: 'system',
        duration_form: 'clock',
        created_at: '2026-01-01T00:00:00Z',
      },
    ]);
    await insert('membership', [
      { account_id: account, firm_id: firmId, person_id: ids[who], roles: [who === 'mate' ? 'staff' : who] },
    ]);
  }
  await tx.query('commit');
  tx.release();
  return { firmId, ids };
}

/** Records one entry of a length as somebody, on the project unless said otherwise. */
export async function record(
  world: World,
  who: Who,
  date: string,
  hours: number,
  names: Partial<BodyOf<Endpoints['createEntry']>> = {},
) {
  return world.as(who).done('createEntry', {
    body: {
      id: newId(),
      personId: world.ids[who],
      date,
      projectId: world.ids.project,
      taskId: null,
      serviceId: world.ids.survey,
      quantity: hours * 3600,
      note: '',
      origin: 'grid',
      ...names,
    },
  });
}

/** Submits somebody's week and has the owner approve all of it. */
export async function submitAndApprove(world: World, who: Who): Promise<void> {
  const week = await world.as(who).done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
  const entries = week.entries.filter((entry) => entry.stage === 'submitted').map(({ id, version }) => ({ id, version }));
  await world.as(who === 'owner' ? 'manager' : 'owner').done('approveEntries', { body: { entries } });
}

/** Drafts and issues everything that is to bill to the client. */
export async function bill(
  world: World,
  ids: readonly string[],
  grouping: 'task' | 'entry' = 'task',
  clientId = world.ids.client,
) {
  const keeper = world.as('bookkeeper');
  const draft = await keeper.done('createDraft', {
    body: { id: newId(), wish: { clientId, upTo: '2026-06-14', grouping, entries: ids.map((id) => ({ id })), texts: [] } },
  });
  return keeper.done('issueInvoice', {
    params: { id: draft.row.id },
    body: { gross: draft.row.gross, version: draft.row.version },
  });
}

/** The context of somebody who sees everything, for use cases that tests call without a request. */
export function ownerContext(world: World, tx: Tx): Context {
  return {
    tx,
    firm: {
      id: world.firmId,
      slug: world.slug,
      name: '',
      currency: 'GBP',
      zone: 'Europe/London',
      dayMaximum: 0,
      weekMaximum: 0,
      gapTolerance: 0,
    },
    actor: {
      accountId: null,
      personId: world.ids.owner,
      name: '',
      zone: 'Europe/London',
      positionName: null,
      roles: ['owner'],
      rights: rightsOf(['owner']),
    },
    now: world.clock.now(),
    requestId: '',
    source: 'test',
  };
}

/** What the recomputation of the firm's books finds wrong. */
export function differencesOf(world: World): Promise<Difference[]> {
  return transaction(world.database, READ, async (tx) => {
    await tx.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
    return verifyBooks(ownerContext(world, tx));
  });
}
