import { PG_MIGRATE_LOCK_ID } from 'node-pg-migrate';
import pg from 'pg';
import { v7 as newId } from 'uuid';
import {
  Client,
  MONDAY,
  Pooler,
  ServerProcess,
  Who,
  World,
  differencesOf,
  inOrder,
  makeWorld,
  migrate,
  startPooler,
  startProcess,
} from '../testing';

/** Two web processes on one database, behind a pooler that gives a connection to whoever has a transaction. */
describe('two processes behind a pooler', () => {
  const it = inOrder();
  let world: World;
  let pooler: Pooler;
  let processes: ServerProcess[];

  beforeAll(async () => {
    world = await makeWorld();
    pooler = await startPooler(process.env['DATABASE_URL']!, 3);
    processes = await Promise.all([startProcess(pooler.url), startProcess(pooler.url)]);
  });
  afterAll(async () => {
    for (const one of processes) await one.stop();
    await pooler.stop();
    await world.close();
  });

  /** Somebody whose every request goes to the other process than the one before. */
  async function taking(who: Who): Promise<Client> {
    let turn = 0;
    const client = new Client(() => processes[(turn += 1) % 2]!.base, world.slug);
    expect(await client.signIn(`${who}@${world.slug}.example`)).toBe(200);
    return client;
  }

  const entryOf = (date: string, hours: number) => ({
    ...{ id: newId(), personId: world.ids.staff, date, projectId: world.ids.project, taskId: null },
    ...{ serviceId: world.ids.survey, quantity: hours * 3600, note: '', origin: 'grid' as const },
  });

  it('walk the hour’s way from recording to the result', async () => {
    const [staff, owner, keeper] = [await taking('staff'), await taking('owner'), await taking('bookkeeper')];
    // More at once than the pooler has connections.
    const recorded = await Promise.all(
      ['2026-06-08', '2026-06-09', '2026-06-10', '2026-06-11'].flatMap((date) =>
        [1, 2].map((hours) => staff.done('createEntry', { body: entryOf(date, hours) })),
      ),
    );
    const week = await staff.done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    expect(week.entries.length).toBe(recorded.length);
    await owner.done('approveEntries', { body: { entries: week.entries.map(({ id, version }) => ({ id, version })) } });
    const wish = {
      ...{ clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task' as const, texts: [] },
      entries: recorded.map(({ id }) => ({ id })),
    };
    // Six hours at 90.00 and, from the tenth, six at 96.00, and VAT of 20 %.
    const issued = await keeper.done('issueNewInvoice', { body: { id: newId(), wish, gross: 133_920 } });
    expect([issued.row.net, issued.row.gross]).toEqual([111_600, 133_920]);
    const pdf = await keeper.call('readInvoicePdf', { params: { id: issued.row.id } });
    expect(pdf.status).toBe(200);
    const paid = await keeper.done('recordPayment', {
      body: { id: newId(), invoiceId: issued.row.id, receivedOn: '2026-06-12', minor: 133_920, reference: '' },
    });
    expect(paid.row.state).toBe('paid');
    const results = await owner.done('readResults', { query: { scope: `project:${world.ids.project}` } });
    expect(results.money!.map((one) => [one.billed, one.unbilled])).toEqual([[111_600, 0]]);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('answer an equal request once, whichever of them is asked', async () => {
    const staff = await taking('staff');
    const body = entryOf('2026-06-05', 1);
    const key = newId();
    const answers = await Promise.all([1, 2, 3, 4, 5, 6].map(() => staff.call('createEntry', { body, key })));
    expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200, 200, 200, 200]);
    expect(new Set(answers.map((answer) => JSON.stringify(answer.body))).size).toBe(1);
    expect((await world.sql('select 1 from entry where id = $1', [body.id])).length).toBe(1);
  });

  it('say 503 when others keep every connection of the pooler', async () => {
    const staff = await taking('staff');
    const holders = [1, 2, 3].map(() => new pg.Client({ connectionString: pooler.url }));
    for (const holder of holders) {
      await holder.connect();
      await holder.query('begin');
    }
    const answer = await staff.call('readTimers');
    expect([answer.status, answer.problem.code]).toEqual([503, 'not-ready']);
    for (const holder of holders) await holder.query('rollback');
    for (const holder of holders) await holder.end();
    expect((await staff.call('readTimers')).status).toBe(200);
  });

  it('say 503 and when to come back while there is no database behind the pooler, and go on afterwards', async () => {
    const staff = await taking('staff');
    await pooler.stop();
    const away = await staff.call('readTimers');
    expect([away.status, away.problem.code]).toEqual([503, 'not-ready']);
    const nowhere = await startPooler('postgres://yellowwood_app:x@127.0.0.1:9/yellowwood', 3);
    const alone = await startProcess(nowhere.url);
    const headers = { Cookie: staff.cookieHeader() };
    const answer = await fetch(`${alone.base}/api/session`, { headers });
    expect([answer.status, answer.headers.get('retry-after')]).toEqual([503, '2']);
    await alone.stop();
    await nowhere.stop();
  });

  it('start at the same moment: who comes second waits until the first has brought the database to its shape', async () => {
    const first = await world.admin.connect();
    await first.query('select pg_advisory_lock($1::bigint)', [PG_MIGRATE_LOCK_ID]);
    let done = false;
    const second = migrate().then((code) => ((done = true), code));
    await new Promise((resolve) => setTimeout(resolve, 2500));
    expect(done).toBe(false);
    await first.query('select pg_advisory_unlock($1::bigint)', [PG_MIGRATE_LOCK_ID]);
    first.release();
    expect(await second).toBe(0);
  });
});
