import type { BodyOf, Endpoints, Repricing } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, bill, differencesOf, makeWorld, meanwhile, record, submitAndApprove } from '../../testing';

type Wish = BodyOf<Endpoints['changeAgreement']>;

/**
 * Rates of the firm that makeWorld() founds: its staff 90.00, from 10 June 96.00; somebody on this project 60.00. Time is
 * rounded to quarters of an hour, entry by entry. Every value here is worked by hand from these.
 */
describe('what is agreed of a project', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  const agree = (names: Partial<Wish>, project = world.ids.project) =>
    owner().call('changeAgreement', {
      params: { id: project },
      body: { id: newId(), validFrom: '2026-06-09', reason: 'Agreed with the client', ...names },
    });
  /** Agrees it as a person does: looks at what would change, then does that. */
  async function agreed(names: Partial<Wish>) {
    const refused = await agree(names);
    expect(refused.problem.code).toBe('effect-unseen');
    const effect = refused.problem.current as Repricing;
    const done = await agree({ ...names, seen: effect.seen });
    expect(done.status).toBe(200);
    return { effect, known: done.body };
  }
  const code = async (...of: Parameters<typeof agree>) => (await agree(...of)).problem.code;
  const known = (project = world.ids.project) => owner().done('readAgreements', { params: { id: project } });
  const worth = () =>
    world.sql<{ day: string; rate: number | null; value: number | null; currency: string; billable: number; state: string }>(
      `select work_date::text as day, rate, value_minor as value, value_currency as currency, billable_quantity as billable,
              billing_state as state, problems
         from entry order by work_date, person_id = $1, id`,
      [world.ids.mate],
    );
  const values = async () => (await worth()).map(({ value }) => value);
  /** Two hours of the staff on 8 June, three on the 10th, one of the mate on the 11th. */
  async function recorded(): Promise<string[]> {
    const all = [
      await record(world, 'staff', '2026-06-08', 2),
      await record(world, 'staff', '2026-06-10', 3),
      await record(world, 'mate', '2026-06-11', 1),
    ];
    return all.map(({ id }) => id);
  }

  it('shows what a rate from a day on prices anew, and prices unbilled time from then on when that was seen', async () => {
    await recorded();
    const before = await world.sql('select version, value_version from entry order by id');
    const { effect, known: after } = await agreed({ rate: 800_000 });
    // The mate's own rate is closer to the work: it holds as before.
    expect({ ...effect, seen: '' }).toEqual({
      ...{ seen: '', entries: 2, seconds: 14_400, lost: 0, gained: 0 },
      moves: [
        {
          ...{
            rateNow: 960_000,
            currencyNow: 'GBP',
            chargedNow: true,
            rateThen: 800_000,
            currencyThen: 'GBP',
            chargedThen: true,
          },
          ...{ entries: 1, seconds: 10_800, valueNow: 28_800, valueThen: 24_000 },
        },
      ],
    });
    expect(await values()).toEqual([18_000, 24_000, 6000]);
    expect(after.rates).toEqual([
      jasmine.objectContaining({ currency: 'GBP', rate: 800_000, validFrom: '2026-06-09', validTo: null }),
    ]);
    // Nothing else is agreed: the agreement goes on as it was.
    expect(after.agreements.map(({ validFrom, validTo }) => [validFrom, validTo])).toEqual([['2026-01-01', null]]);
    expect(await world.sql('select version, value_version from entry order by id')).toEqual([
      before[0]!,
      { version: 1, value_version: 2 },
      before[2]!,
    ] as never);
    const { events } = await owner().done('readHistory', { params: { id: world.ids.project } });
    const told = events.at(-1)!;
    expect([told.action, told.reason, told.before, told.after]).toEqual([
      ...(['agreement changed', 'Agreed with the client'] as const),
      jasmine.objectContaining({ rate: null }),
      jasmine.objectContaining({ rate: 800_000, agreedFrom: '2026-06-09' }),
    ] as never);
  });

  it('asks nothing where no price moves, and refuses what is so already', async () => {
    await recorded();
    expect((await agree({ rate: 800_000, validFrom: '2026-07-01' })).status).toBe(200);
    expect((await agree({ limit: 99_000 })).status).toBe(200);
    expect(await code({ limit: 99_000, validFrom: '2026-06-10' })).toBe('nothing-to-change');
    expect(await code({ rate: null })).toBe('nothing-to-change');
    expect(await code({ rate: 800_000, validFrom: '2026-07-02' })).toBe('nothing-to-change');
  });

  it('asks again where something else would change by now', async () => {
    const [, second] = await recorded();
    const { seen } = (await agree({ rate: 800_000 })).problem.current as Repricing;
    await owner().done('changeEntry', { params: { id: second! }, version: 1, body: { quantity: 3600, reason: 'counted again' } });
    const again = await agree({ rate: 800_000, seen });
    expect([again.problem.code, (again.problem.current as Repricing).seconds]).toEqual(['effect-changed', 7200]);
    expect(await values()).toEqual([18_000, 9600, 6000]);
  });

  it('of each field moves a figure', async () => {
    const week = ['2026-06-08', '2026-06-09', '2026-06-10'];
    // Ten and twenty minutes of one day and task, and ten on each of the others: 90.00 an hour, then 96.00.
    await record(world, 'staff', week[0]!, 1 / 6);
    for (const [date, hours] of [
      ['2026-06-09', 1 / 6],
      ['2026-06-09', 1 / 3],
      ['2026-06-10', 1 / 6],
    ] as const)
      await record(world, 'staff', date, hours);
    const billable = async () => (await worth()).map((entry) => entry.billable / 60);
    expect(await billable()).toEqual([15, 15, 15, 15]);
    await agreed({ mode: 'down' });
    expect(await billable()).toEqual([15, 0, 15, 0]);
    await agreed({ mode: 'up', validFrom: '2026-06-10' });
    expect(await billable()).toEqual([15, 0, 15, 15]);
    await agreed({ unit: 'day' });
    // Ten and twenty minutes are half an hour together, shared by what was recorded.
    expect(await billable()).toEqual([15, 10, 20, 15]);
    await agreed({ increment: 60, mode: 'up', unit: 'entry' });
    expect(await billable()).toEqual([15, 60, 60, 15]);
    await agreed({ increment: 15, minimum: 45, validFrom: '2026-06-10' });
    expect(await billable()).toEqual([15, 60, 60, 45]);
    const { effect } = await agreed({ method: 'not billable', validFrom: '2026-06-10' });
    expect(effect.moves.map(({ chargedNow, chargedThen, valueThen }) => [chargedNow, chargedThen, valueThen])).toEqual([
      [true, false, 0],
    ]);
    expect((await worth()).map(({ state }) => state)).toEqual(['to bill', 'to bill', 'to bill', 'nothing to bill']);
    expect(
      (await known()).agreements.map(({ validFrom, validTo, currency, method, increment, minimum }) => [
        ...[validFrom, validTo, currency, method, increment, minimum],
      ]),
    ).toEqual([
      ['2026-06-10', null, 'GBP', 'not billable', 15, 45],
      ['2026-06-09', '2026-06-09', 'GBP', 'time and materials', 60, 0],
      ['2026-01-01', '2026-06-08', 'GBP', 'time and materials', 15, 0],
    ]);
  });

  it('writes quantities on documents as it says', async () => {
    const [first] = await recorded();
    expect((await agree({ decimalPlaces: 2, validFrom: '2026-06-08' })).status).toBe(200);
    await submitAndApprove(world, 'staff');
    const { document } = await bill(world, [first!]);
    expect(document.lines.map(({ quantity }) => quantity)).toEqual(['2.00']);
    // None of it, and no limit, are said by saying nothing of them: what is null is none.
    expect((await agree({ decimalPlaces: null, limit: 5, validFrom: '2026-07-01' })).status).toBe(200);
    expect((await agree({ limit: null, validFrom: '2026-08-01' })).status).toBe(200);
    expect((await known()).agreements.map(({ decimalPlaces, limit }) => [decimalPlaces, limit])).toEqual([
      [null, null],
      [null, 5],
      [2, null],
      [null, null],
    ]);
  });

  it('leaves what is billed or drafted as it is, and no day on which something is billed by it is taken from it', async () => {
    const [first, second] = await recorded();
    await submitAndApprove(world, 'staff');
    await bill(world, [first!]);
    const { effect } = await agreed({ rate: 800_000, validFrom: '2026-06-08' });
    expect([effect.entries, effect.moves.length]).toEqual([2, 1]);
    expect(await values()).toEqual([18_000, 24_000, 6000]);
    expect(await code({ limit: 1_000_000, validFrom: '2026-01-01' })).toBe('agreement-begins-then');
    await bill(world, [second!]);
    expect(await code({ rate: 700_000, validFrom: '2026-06-08' })).toBe('agreement-begins-then');
    expect((await agree({ rate: 700_000, validFrom: '2026-06-12' })).status).toBe(200);
  });

  it('gives way to something else from its first day on where nothing is billed by it', async () => {
    await recorded();
    const [first] = (await known()).agreements;
    await agreed({ rate: 800_000 });
    await agreed({ rate: 850_000, limit: 700_000 });
    expect(await values()).toEqual([18_000, 25_500, 6000]);
    expect((await known()).rates.map(({ rate, validFrom }) => [rate, validFrom])).toEqual([[850_000, '2026-06-09']]);
    expect((await agree({ limit: 600_000, validFrom: '2026-01-01' })).status).toBe(200);
    expect(
      (await known()).agreements.map(({ id, limit, validFrom, validTo }) => [id === first!.id, limit, validFrom, validTo]),
    ).toEqual([
      [false, 700_000, '2026-06-09', null],
      [false, 600_000, '2026-01-01', '2026-06-08'],
    ]);
  });

  it('holds until what is agreed after it; no rate of its own brings back the rates of the firm', async () => {
    await recorded();
    await agreed({ rate: 800_000, validFrom: '2026-06-10' });
    await agreed({ rate: 700_000, validFrom: '2026-06-08' });
    const dates = async () => (await known()).rates.map(({ rate, validFrom, validTo }) => [rate, validFrom, validTo]);
    expect(await dates()).toEqual([
      [800_000, '2026-06-10', null],
      [700_000, '2026-06-08', '2026-06-09'],
    ]);
    expect(await values()).toEqual([14_000, 24_000, 6000]);
    // Nobody's price moves by it: asked nothing.
    expect((await agree({ rate: 750_000, validFrom: '2026-06-11' })).status).toBe(200);
    await agreed({ rate: null, validFrom: '2026-06-10' });
    expect(await dates()).toEqual([
      [750_000, '2026-06-11', null],
      [700_000, '2026-06-08', '2026-06-09'],
    ]);
    expect(await values()).toEqual([14_000, 28_800, 6000]);
  });

  it('of a rate ends where the one ends that it takes days from, and before the next in its currency', async () => {
    const rates = async (currency: string) =>
      (await known()).rates
        .filter((rule) => rule.currency === currency)
        .map(({ rate, validFrom, validTo }) => [rate, validFrom, validTo]);
    const alone = async (names: Partial<Wish>) => expect((await agree(names)).status).toBe(200);
    await alone({ rate: 100, validFrom: '2026-08-01' });
    await alone({ rate: null, validFrom: '2026-09-01' });
    await alone({ rate: 200, validFrom: '2026-08-11' });
    await alone({ rate: 300, validFrom: '2026-10-01' });
    // Two come later: it ends before the nearer one.
    await alone({ rate: 400, validFrom: '2026-07-01' });
    const all = [
      [300, '2026-10-01', null],
      [200, '2026-08-11', '2026-08-31'],
      [100, '2026-08-01', '2026-08-10'],
      [400, '2026-07-01', '2026-07-31'],
    ];
    expect(await rates('GBP')).toEqual(all);
    // In another currency it is another rate: the same figure is no other wish, and none of theirs ends it.
    await world.sql("update agreement set currency = 'EUR' where project_id = $1", [world.ids.project]);
    await alone({ rate: 400, validFrom: '2026-07-02' });
    expect([await rates('GBP'), await rates('EUR')]).toEqual([all, [[400, '2026-07-02', null]]]);
    await alone({ limit: 5, validFrom: '2026-07-03' });
    const after = (await owner().done('readHistory', { params: { id: world.ids.project } })).events.at(-1)!.after!;
    // Its amounts are told in their currency, also where that is as it was.
    expect([after['limit'], after['currency'], 'rate' in after]).toEqual([5, 'EUR', false]);
  });

  it('leaves sums as they are, which have no price by the hour', async () => {
    const [first] = await recorded();
    await submitAndApprove(world, 'staff');
    expect((await agree({ limit: 10_000, validFrom: '2026-06-08' })).status).toBe(200);
    const { row } = await bill(world, [first!]);
    expect(row.net).toBe(10_000);
    expect((await agree({ limit: 50_000, validFrom: '2026-06-11' })).status).toBe(200);
    const query = { scope: `project:${world.ids.project}`, upTo: '2026-06-14' } as const;
    const [over] = (await world.as('bookkeeper').done('readBillDesk', { query })).overLimit;
    const fee = await world
      .as('bookkeeper')
      .done('releaseOverLimit', { params: { id: over!.lineId }, body: { id: newId(), minor: 5000, note: '' } });
    const { effect } = await agreed({ rate: 800_000, validFrom: '2026-06-09' });
    expect(fee.date >= '2026-06-09').toBeTrue();
    expect(effect.entries).toBe(2);
  });

  it('touches no day that is locked, nor work that nobody pays for', async () => {
    await recorded();
    await world.sql("update firm set locked_until = '2026-06-10'");
    expect(await code({ rate: 800_000 })).toBe('day-locked');
    expect((await agree({ rate: 800_000, validFrom: '2026-06-11' })).status).toBe(200);
    expect(await code({ limit: 1 }, world.ids.internal)).toBe('work-internal');
    expect(await code({ limit: 1, validFrom: '2025-12-31' })).toBe('agreement-missing');
    expect(await code({ limit: 1 }, newId())).toBe('project-unknown');
  });

  it('prices along what is recorded while it waits, or recorded after it', async () => {
    const asked = await meanwhile(
      world,
      `select pg_advisory_xact_lock_shared(hashtextextended('rules ${world.firmId}', 0))`,
      'select 1',
      () => agree({ rate: 800_000 }),
    );
    expect(asked.status).toBe(200);
    await record(world, 'staff', '2026-06-10', 3);
    expect(await values()).toEqual([24_000]);
  });

  it('is read by those who see the money of its project, with what is billed of it', async () => {
    const [first] = await recorded();
    await submitAndApprove(world, 'staff');
    const { row } = await bill(world, [first!]);
    const euros = await record(world, 'owner', '2026-06-09', 1, { projectId: world.ids.euroProject });
    await submitAndApprove(world, 'owner');
    await bill(world, [euros.id], 'task', world.ids.euroClient);
    const [one] = (await known()).agreements;
    expect([one!.used, one!.method, one!.limit, one!.increment]).toEqual([18_000, 'time and materials', null, 15]);
    expect((await agree({ limit: 1, validFrom: '2026-07-01' })).status).toBe(200);
    await world.sql("update agreement set currency = 'EUR' where project_id = $1 and valid_to is null", [world.ids.project]);
    const used = async (project = world.ids.project) =>
      (await known(project)).agreements.map((each) => [each.currency, each.used]);
    expect([await used(), await used(world.ids.euroProject)]).toEqual([
      [
        ['EUR', 0],
        ['GBP', 18_000],
      ],
      [['EUR', 10_000]],
    ]);
    await world.as('bookkeeper').done('voidInvoice', { params: { id: row.id }, body: { reason: 'Wrong date' } });
    expect((await used())[1]).toEqual(['GBP', 0]);
    // Whoever keeps work in order and sees no money reads that something was agreed, and no sum.
    expect((await agree({ limit: 77_000, increment: 30, validFrom: '2026-08-01' })).status).toBe(200);
    await world.sql("update person_role set role = 'administrator' where person_id = $1", [world.ids.mate]);
    const { events } = await world.as('mate').done('readHistory', { params: { id: world.ids.project } });
    const { action, before, after } = events.at(-1)!;
    expect([action, before, after]).toEqual([
      'agreement changed',
      { agreedFrom: null, increment: 15 },
      { agreedFrom: '2026-08-01', increment: 30 },
    ] as never);
    const read = (as: 'staff' | 'manager', project: string) => world.as(as).call('readAgreements', { params: { id: project } });
    expect((await read('staff', world.ids.project)).status).toBe(403);
    await world.sql('update project set manager_id = $1', [world.ids.owner]);
    expect((await read('manager', world.ids.project)).problem.code).toBe('project-unknown');
    await world.sql('update project set manager_id = $1', [world.ids.manager]);
    expect((await read('manager', world.ids.project)).status).toBe(200);
  });
});
