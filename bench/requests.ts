import { readFileSync } from 'node:fs';
import path from 'node:path';
import { v7 as newId } from 'uuid';
import { addDays } from '@yellowwood/core';
import { Client } from '../packages/server/src/testing/client';
import { Database, changeManyRoles, issueInvoice, writeEntries } from '@yellowwood/server';
import { CLOCK, LAST_MONDAY, MONDAY, PASSWORD, SLUG, TODAY, idOf } from './firm';
import { Asker, BareConnection, Statement, statementsOf } from './bounds';
import { Subject, measureInTurns } from './timing';

type Role = 'owner' | 'manager' | 'bookkeeper' | 'staff';
const NUMBERS: Readonly<Record<Role, number>> = { owner: 0, manager: 1, bookkeeper: 2, staff: 3 };
const asker = (role: Role): Asker => ({ account: idOf(`account${NUMBERS[role]}`), now: CLOCK });

/** The times of an endpoint, of an empty request, and of their lower bound. */
export interface Measured {
  readonly measure: string;
  readonly bound: string;
  readonly times: { readonly endpoint: number[]; readonly empty: number[]; readonly bound: number[]; readonly barest?: number[] };
  /** The ratio that it stays within, up and down, where that is another than the usual one: who listens learns nothing then. */
  readonly within?: number;
}

const SAME = 'the same statements in one hand-written transaction without HTTP';
const BARE = 'the bare queries by hand, in one transaction without HTTP';

/** Hand-written queries for what a screen shows, from bare.sql, by name. */
function bareQueries(): Map<string, string[]> {
  const text = readFileSync(path.join(import.meta.dirname, 'bare.sql'), 'utf8');
  return new Map(
    text
      .split(/^-- @/m)
      .slice(1)
      .map((part) => {
        const [name, ...lines] = part.split('\n');
        const statements = lines.join('\n').split(/;\s*$/m);
        return [name!.trim(), statements.map((one) => one.trim()).filter(Boolean)] as [string, string[]];
      }),
  );
}

/** Its answers are not held to their contracts: that is no part of what is measured. */
class MeasuringClient extends Client {
  protected override hold(): void {}
}

/** Everybody signed in, a bare connection, and what measures a reading beside its bare queries. */
async function begun(base: string, url: string, runs: number) {
  const clients = {} as Record<Role, Client>;
  for (const role of Object.keys(NUMBERS) as Role[]) {
    clients[role] = new MeasuringClient(base, SLUG);
    if ((await clients[role].signIn(`person${NUMBERS[role]}@measured.example`, PASSWORD)) !== 200)
      throw new Error(`${role} could not sign in`);
  }
  const bare = await new BareConnection(url).open();
  const queries = bareQueries();
  const measured: Measured[] = [];
  const empty = (role: Role): Subject => ({ run: () => clients[role].done('readMe') });
  const reading = async (
    measure: string,
    role: Role,
    run: () => Promise<unknown>,
    values: Record<string, unknown>,
    query = measure,
  ) => {
    const statements = queries.get(query)!.map((text) => fill(text, { today: TODAY, ...values }));
    const times = await measureInTurns(runs, {
      empty: empty(role),
      endpoint: { run },
      bound: { run: () => bare.read(asker(role), statements) },
    });
    measured.push({ measure, bound: BARE, times });
  };
  return { clients, bare, measured, reading };
}

/** Measures what a firm of two thousand people asks for, each beside its lower bound. */
export async function measurePeople(base: string, url: string, database: Database, runs: number): Promise<Measured[]> {
  const { clients, bare, measured, reading } = await begun(base, url, runs);
  await reading('list of 2,000 people', 'owner', () => clients.owner.done('listStaff'), { firm: idOf('firm') });
  const one = { params: { id: idOf('person160') } };
  await reading('one person', 'owner', () => clients.owner.done('readPerson', one), { person: one.params.id });
  await reading('what one person looks after', 'owner', () => clients.owner.done('readLooksAfter', one), {
    person: one.params.id,
  });
  await reading('teams of 2,000 people', 'owner', () => clients.owner.done('listTeams'), {});
  await reading(
    'why one person may',
    'owner',
    () =>
      clients.owner.done('readWhyMay', {
        params: { id: idOf('person1') },
        query: { right: 'time.read', person: idOf('person160'), project: idOf('project1') },
      }),
    { person: idOf('person1'), whose: idOf('person160'), project: idOf('project1') },
  );
  await reading(
    'rail of a manager of 40 among 2,000',
    'manager',
    () => clients.manager.done('readOverview', { query: { scope: 'all' } }),
    { me: idOf('person1'), quarter: '2026-04-01', monday: MONDAY },
    'rail of a manager',
  );
  measured.push(await changeAll(clients.owner, bare, database, Math.ceil(runs / 4)));
  await bare.close();
  return measured;
}

/** Addresses that are known, and as many that are not. */
const ADDRESSES = 200;
/** How far their medians may lie apart. */
const APART = 1.1;

/** What a stranger could learn from time: each request of addresses that have an account, and of as many that have none. */
export async function measureStrangers(base: string): Promise<Measured[]> {
  const client = new MeasuringClient(base, SLUG);
  const { texts } = await client.done('readTexts');
  const [terms, data] = (['terms', 'data'] as const).map((document) => texts.find((one) => one.document === document)!.version);
  const password = 'nine umber kettles sing';
  const account = (email: string) => ({ name: 'A Stranger', email, password, consents: { terms: terms!, data: data! } });
  const asked: Readonly<Record<string, (email: string) => Promise<{ status: number } | number>>> = {
    'a wrong password': (email) => client.signIn(email, password),
    'a forgotten password': (email) => client.call('forgotPassword', { body: { email } }),
    'signing up': (email) => client.call('signUp', { body: account(email) }),
  };
  const measured: Measured[] = [];
  for (const [words, ask] of Object.entries(asked)) {
    const turn = { known: 0, unknown: 0 };
    const of = (kind: keyof typeof turn): Subject => ({
      run: () => ask(`${kind}${(turn[kind] += 1) % ADDRESSES}@measured.example`),
    });
    const { known, unknown } = await measureInTurns(ADDRESSES, { known: of('known'), unknown: of('unknown') });
    measured.push({
      measure: `${words}, of a known address`,
      ...{ bound: 'the same of an address that has no account', within: APART },
      times: { endpoint: known, empty: known.map(() => 0), bound: unknown },
    });
  }
  return measured;
}

/** Roles of two thousand people at once, there and back. */
async function changeAll(client: Client, bare: BareConnection, database: Database, runs: number): Promise<Measured> {
  const who = asker('owner');
  let more = false;
  /** Everybody but those who sign in, as they are now, with the other roles. */
  const body = async () => {
    const { people } = await client.done('listStaff');
    more = !people.some(({ roles }) => roles.includes('project manager'));
    return {
      people: people.filter(({ account }) => account !== 'active').map(({ id, version }) => ({ id, version })),
      roles: more ? (['project manager', 'staff'] as const).slice() : (['staff'] as const).slice(),
      ...{ ownRoles: [], how: 'replace' as const },
    };
  };
  let wish = await body();
  let statements: Statement[] = [];
  const before = async () => void (wish = await body());
  const times = await measureInTurns(runs, {
    empty: { run: () => client.done('readMe') },
    endpoint: { before, run: () => client.done('changeManyRoles', { body: wish }) },
    bound: {
      before: async () => {
        await before();
        statements = await statementsOf(database, who, (context) => changeManyRoles(context, wish));
      },
      run: () => bare.send(who, statements),
    },
  });
  return { measure: 'roles of 2,000 people at once', bound: `${SAME}, with the audit event`, times };
}

type Reading = Awaited<ReturnType<typeof begun>>['reading'];

/** The tree as somebody opens it: a client and a project of it unfolded, and what is on screen with its bars. */
async function readTree(reading: Reading, clients: Record<Role, Client>, client = idOf('client1'), project = idOf('project1')) {
  const unfolded = `client:${client},project:${project}`;
  const { lists } = await clients.owner.done('listWork', { query: { unfolded } });
  await reading('tree as opened', 'owner', () => clients.owner.done('listWork', { query: { unfolded } }), { client });
  const of = lists.flatMap(({ items }) => items.map(({ scope }) => scope)).filter((scope) => /^(project|task)/.test(scope));
  const projects = of.filter((scope) => scope.startsWith('project')).map((scope) => scope.split(':')[1]);
  await reading('bars of what is on screen', 'owner', () => clients.owner.done('readBars', { query: { of: of.join(',') } }), {
    projects,
    project,
  });
}

/** Measures what a firm of five thousand projects asks for, each beside its lower bound. */
export async function measureWork(base: string, url: string, _database: Database, runs: number): Promise<Measured[]> {
  const { clients, bare, measured, reading } = await begun(base, url, runs);
  const of = { me: idOf('person0'), quarter: '2026-04-01', monday: MONDAY };
  await reading('rail', 'owner', () => clients.owner.done('readOverview', { query: { scope: 'all' } }), of);
  await readTree(reading, clients, idOf('client301'), idOf('project241'));
  const wide = idOf('project5240');
  await reading('outline of a project of 500 tasks', 'owner', () => clients.owner.done('listTasks', { params: { id: wide } }), {
    project: wide,
  });
  const find = (words: string, sought: 'tree' | 'work') => () => clients.owner.done('findWork', { query: { words, sought } });
  await reading('found in the tree', 'owner', find('belf', 'tree'), { word: 'belf' });
  await reading('found to record on', 'owner', find('quarry gla', 'work'), { client: 'quarry', word: 'gla' });
  await bare.close();
  return measured;
}

/** Measures the endpoints of one firm, each beside its lower bound. */
export async function measureRequests(base: string, url: string, database: Database, runs: number): Promise<Measured[]> {
  const { clients, bare, measured, reading } = await begun(base, url, runs);
  const person = idOf('person3');
  await reading('week grid', 'staff', () => clients.staff.done('readTimesheet', { params: { from: MONDAY } }), {
    person,
    from: MONDAY,
    to: addDays(MONDAY, 6),
  });
  await reading('review list', 'owner', () => clients.owner.done('readReview', { query: { from: LAST_MONDAY } }), {
    from: LAST_MONDAY,
    to: addDays(LAST_MONDAY, 6),
    me: idOf('person0'),
  });
  await reading('to-bill list', 'bookkeeper', () => clients.bookkeeper.done('listToBill', { query: { upTo: TODAY } }), {
    upTo: TODAY,
  });
  const project = idOf('project1');
  await reading('project results', 'owner', () => clients.owner.done('readResults', { query: { scope: `project:${project}` } }), {
    project,
  });
  const quarter = { from: '2026-04-01', to: TODAY };
  await reading(
    'firm results, this quarter',
    'owner',
    () => clients.owner.done('readResults', { query: { scope: 'all', ...quarter } }),
    { quarter: quarter.from },
  );
  await reading('firm results, to date', 'owner', () => clients.owner.done('readResults', { query: { scope: 'all' } }), {});
  await reading('rail', 'owner', () => clients.owner.done('readOverview', { query: { scope: 'all' } }), {
    me: idOf('person0'),
    quarter: quarter.from,
    monday: MONDAY,
  });
  await reading('rail of a manager', 'manager', () => clients.manager.done('readOverview', { query: { scope: 'all' } }), {
    me: idOf('person1'),
    quarter: quarter.from,
    monday: MONDAY,
  });
  await readTree(reading, clients);
  measured.push(await recordOne(clients.staff, bare, database, runs));
  measured.push(await issueOne(clients.bookkeeper, bare, database, Math.ceil(runs / 4)));
  await bare.close();
  return measured;
}

function fill(text: string, values: Readonly<Record<string, unknown>>): Statement {
  const used: unknown[] = [];
  const filled = text.replace(/(?<!:):(\w+)/g, (_, name: string) => {
    used.push(values[name]);
    return `$${used.length}`;
  });
  return { text: filled, values: used };
}

/** One entry of one and a half hours, each on a day of its own. */
async function recordOne(client: Client, bare: BareConnection, database: Database, runs: number): Promise<Measured> {
  const who = asker('staff');
  let day = TODAY;
  const body = () => {
    day = addDays(day, 3);
    return {
      id: newId(),
      personId: idOf('person3'),
      date: day,
      projectId: idOf('project1'),
      taskId: idOf('task1-0'),
      serviceId: idOf('service'),
      quantity: 5400,
      note: '',
      origin: 'grid' as const,
    };
  };
  let statements: Statement[] = [];
  const times = await measureInTurns(runs, {
    empty: { run: () => client.done('readMe') },
    endpoint: { run: () => client.done('createEntry', { body: body() }) },
    bound: {
      before: async () => {
        const entry = body();
        statements = await statementsOf(database, who, (context) =>
          writeEntries(context, {
            create: [{ entry, origin: 'grid' }],
            change: [],
            remove: [],
            action: 'entry recorded',
            stale: 'version-stale',
          }),
        );
      },
      run: () => bare.send(who, statements),
    },
    barest: { run: () => bare.send(who, [{ name: 'barest', ...barest(body()) }]) },
  });
  return { measure: 'record one entry', bound: `${SAME}, with the audit event`, times };
}

function barest(entry: {
  id: string;
  personId: string;
  date: string;
  projectId: string;
  taskId: string;
  serviceId: string;
}): Statement {
  return {
    text: `insert into entry (firm_id, id, kind, person_id, work_date, posted_on, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,
      rate, rate_source, value_minor, value_currency, cost_minor, standard_cost_minor, cost_currency, tax_category, billing_state, origin, entered_by, entered_at)
      values ($1, $2, 'time', $3, $4, $4, $5, $6, $7, 5400, 5400, true, 5400, 900000, 'rule', 13500, 'GBP', 4200, 4500, 'GBP', 'S', 'to bill', 'grid', $3, now())`,
    values: [idOf('firm'), entry.id, entry.personId, entry.date, entry.projectId, entry.taskId, entry.serviceId],
  };
}

/** An invoice over 500 entries, made void again after each run. */
async function issueOne(client: Client, bare: BareConnection, database: Database, runs: number): Promise<Measured> {
  const who = asker('bookkeeper');
  const entries = Array.from({ length: 500 }, (_, index) => ({ id: idOf(`entry${9500 + index}`) }));
  const draft = async () => {
    const wish = { clientId: idOf('client1'), upTo: TODAY, grouping: 'task' as const, entries, texts: [] };
    const made = await client.done('createDraft', { body: { id: newId(), wish } });
    return made.row;
  };
  const voided = (id: string) => client.done('voidInvoice', { params: { id }, body: { reason: 'measured' } });
  let row = { id: '', gross: 0, version: 0 };
  let statements: Statement[] = [];
  const times = await measureInTurns(runs, {
    empty: { run: () => client.done('readMe') },
    endpoint: {
      before: async () => (row = await draft()),
      run: () => client.done('issueInvoice', { params: { id: row.id }, body: { gross: row.gross, version: row.version } }),
      after: () => voided(row.id),
    },
    bound: {
      before: async () => {
        row = await draft();
        statements = await statementsOf(database, who, (context) => issueInvoice(context, row.id, row.gross, row.version));
      },
      run: () => bare.send(who, statements),
      after: () => voided(row.id),
    },
  });
  return { measure: 'issue an invoice over 500 entries', bound: `${SAME}, with the audit event`, times };
}
