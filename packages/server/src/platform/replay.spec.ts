import type { EndpointName } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import type { Options } from '../testing/client';
import { MONDAY, Who, World, atOnce, differencesOf, inOrder, makeWorld, record } from '../testing';

/** The same request sent several times at the same moment, as a page does that hears nothing: done once. */
describe('equal requests', () => {
  const it = inOrder();
  let world: World;
  let wish: object;

  beforeAll(async () => {
    world = await makeWorld();
    for (const date of ['2026-06-08', '2026-06-09', '2026-06-10']) await record(world, 'staff', date, 2);
  });
  afterAll(() => world.close());

  const entries = async (where: string) =>
    (await world.sql<{ id: string; version: number }>(`select id, version from entry where ${where} order by work_date`)).map(
      ({ id, version }) => ({ id, version }),
    );
  const events = async (action: string) =>
    (await world.sql<{ count: number }>('select count(*)::int as count from audit_event where action = $1', [action]))[0]!.count;

  /** Sends one request five times at once. @returns the one answer that all of them got */
  async function five<N extends EndpointName>(who: Who, name: N, options: Options<N>) {
    const key = newId();
    const answers = await atOnce(world, 5, () => world.as(who).call(name, { key, ...options } as Options<N>));
    for (const answer of answers) expect([name, answer.status]).toEqual([name, 200]);
    expect(new Set(answers.map((answer) => JSON.stringify(answer.body))).size)
      .withContext(name)
      .toBe(1);
    return answers[0]!.body;
  }

  it('submit a week once', async () => {
    await five('staff', 'submitPeriod', { params: { from: MONDAY }, body: { note: 'once' } });
    expect(await events('period submitted')).toBe(1);
    expect((await world.sql('select 1 from submission')).length).toBe(1);
  });

  it('approve once', async () => {
    await five('owner', 'approveEntries', { body: { entries: await entries("stage = 'submitted'") } });
    expect((await world.sql('select 1 from decision')).length).toBe(3);
  });

  it('hold back, release and write off once', async () => {
    const [first] = await entries("stage = 'approved'");
    await five('bookkeeper', 'holdEntries', { body: { entries: [first!], reason: 'Ask first' } });
    await five('bookkeeper', 'releaseEntries', { body: { entries: [{ id: first!.id, version: first!.version + 1 }] } });
    await five('bookkeeper', 'writeOffEntries', {
      body: { entries: [{ id: first!.id, version: first!.version + 2 }], reason: 'Too small' },
    });
    expect([await events('entries held'), await events('entries released'), await events('entries written off')]).toEqual([
      1, 1, 1,
    ]);
  });

  it('issue one document, with one number, and credit it once', async () => {
    const ready = (await entries("stage = 'approved' and billing_state = 'to bill'")).map(({ id }) => ({ id }));
    wish = { clientId: world.ids.client, upTo: '2026-06-14', grouping: 'task', entries: ready, texts: [] };
    const preview = await world.as('bookkeeper').done('previewInvoice', { body: wish as never });
    const made = await five('bookkeeper', 'issueNewInvoice', {
      body: { id: newId(), wish: wish as never, gross: preview.document.gross },
    });
    expect((await world.sql("select 1 from invoice where kind = 'invoice'")).length).toBe(1);
    await five('bookkeeper', 'recordPayment', {
      body: { id: newId(), invoiceId: made.row.id, minor: 100, receivedOn: '2026-06-12', reference: '' },
    });
    expect((await world.sql('select 1 from payment')).length).toBe(1);
    await five('bookkeeper', 'creditInvoice', { params: { id: made.row.id }, body: { id: newId(), reason: 'Wrong order' } });
    expect((await world.sql("select 1 from invoice where kind = 'credit note'")).length).toBe(1);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('leave the work to the next where the first one failed', async () => {
    const key = newId();
    const withdraw = () => world.as('bookkeeper').call('withdrawPeriod', { params: { from: MONDAY }, key });
    expect((await withdraw()).problem.code).toBe('nothing-to-withdraw');
    await record(world, 'bookkeeper', '2026-06-08', 1);
    await world.as('bookkeeper').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    expect((await withdraw()).status).toBe(200);
  });

  it('are told apart from another request with the same key', async () => {
    const key = newId();
    await record(world, 'mate', '2026-06-08', 1);
    await world.as('mate').done('submitPeriod', { params: { from: MONDAY }, body: { note: 'one' }, key });
    const other = await world.as('mate').call('submitPeriod', { params: { from: MONDAY }, body: { note: 'two' }, key });
    expect(other.problem.code).toBe('different-body');
    // What is asked for in the address is part of it.
    const query = { person: world.ids.mate };
    const asked = await world.as('mate').call('submitPeriod', { params: { from: MONDAY }, query, body: { note: 'one' }, key });
    expect(asked.problem.code).toBe('different-body');
    // Somebody else’s key is theirs.
    await record(world, 'owner', '2026-06-08', 1);
    expect((await world.as('owner').call('submitPeriod', { params: { from: MONDAY }, body: { note: 'two' }, key })).status).toBe(
      200,
    );
  });
});
