import pg from 'pg';
import { v7 as newId } from 'uuid';
import { Client, World, differencesOf, makeWorld, record, serve } from '../testing';
import { openDatabase } from './database';

/** The database goes away in every way that it can, while people work. */
describe('a database that goes away', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  /** Ends the application's connections to this database, as a restart does. */
  async function breakConnections(of: string): Promise<number> {
    // A role may end its own connections.
    const root = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
    await root.connect();
    const { rowCount } = await root.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and application_name = $1',
      [of],
    );
    await root.end();
    return rowCount ?? 0;
  }

  it('ends no process and loses nothing that was answered: 503 with when to come back, then all is well', async () => {
    const name = `faults-${world.slug}`;
    const database = openDatabase(`${process.env['DATABASE_URL']}?application_name=${name}`, 4);
    const served = await serve(database, world.clock);
    const staff = new Client(served.base, world.slug);
    await staff.signIn(`staff@${world.slug}.example`);
    const answered: string[] = [];
    const statuses = new Set<number>();
    let broken = 0;
    const entryOf = (id: string) => ({
      id,
      personId: world.ids.staff,
      date: '2026-06-08',
      projectId: world.ids.project,
      taskId: null,
      serviceId: world.ids.survey,
      quantity: 60,
      note: '',
      origin: 'grid' as const,
    });
    for (let round = 0; round < 12; round += 1) {
      const sent = Array.from({ length: 6 }, async () => {
        const id = newId();
        const answer = await staff.call('createEntry', { body: entryOf(id) });
        statuses.add(answer.status);
        if (answer.status === 200) answered.push(id);
        if (answer.status === 503) expect(answer.problem.code).toBe('not-ready');
      });
      await new Promise((resolve) => setTimeout(resolve, 7 * round));
      broken += await breakConnections(name);
      await Promise.all(sent);
    }
    expect(broken).withContext('connections were broken').toBeGreaterThan(10);
    expect([...statuses].filter((status) => status !== 200 && status !== 503)).toEqual([]);
    expect((await staff.call('createEntry', { body: entryOf(newId()) })).status).toBe(200);
    const stored = new Set((await world.sql<{ id: string }>('select id from entry')).map((row) => row.id));
    expect(answered.filter((id) => !stored.has(id))).toEqual([]);
    expect(await differencesOf(world)).toEqual([]);
    await served.close();
    await database.end();
  });

  it('is told of when all connections are in use, or when a lock is held too long, and not as a fault', async () => {
    const database = openDatabase(process.env['DATABASE_URL']!, 1);
    const served = await serve(database, world.clock);
    const staff = new Client(served.base, world.slug);
    await staff.signIn(`staff@${world.slug}.example`);
    const taken = await database.connect();
    const full = await staff.call('readTimers');
    expect([full.status, full.problem.code]).toEqual([503, 'not-ready']);
    taken.release();
    expect((await staff.call('readTimers')).status).toBe(200);

    const entry = await record(world, 'staff', '2026-06-09', 1);
    const holder = await world.admin.connect();
    await holder.query('begin');
    await holder.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
    await holder.query('select 1 from entry where id = $1 for update', [entry.id]);
    const waiting = await staff.call('changeEntry', { params: { id: entry.id }, version: 1, body: { note: 'x' } });
    expect([waiting.status, waiting.problem.code]).toEqual([503, 'not-ready']);
    await holder.query('rollback');
    holder.release();
    expect((await staff.call('changeEntry', { params: { id: entry.id }, version: 1, body: { note: 'x' } })).status).toBe(200);
    await served.close();
    await database.end();
  });

  it('is told of when it is not there at all', async () => {
    const database = openDatabase('postgres://yellowwood_app@127.0.0.1:1/none', 2);
    const served = await serve(database, world.clock);
    const answer = await fetch(`${served.base}/api/session`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ email: 'somebody@firm.example', password: 'a password' }),
    });
    expect([answer.status, Number(answer.headers.get('retry-after')) > 0]).toEqual([503, true]);
    await served.close();
    await database.end();
  });
});
