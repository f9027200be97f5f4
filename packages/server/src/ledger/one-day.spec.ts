import { v7 as newId } from 'uuid';
import { MONDAY, World, bill, differencesOf, draft, inOrder, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

/**
 * An agreement that rounds a person's day on a task as a whole (calculations: rounding, unit day), to the
 * nearest quarter hour: 0:16 and 0:16 are 0:32, which is billed as 0:30, never as 0:15 twice or 0:32.
 */
describe('a day that is rounded as a whole', () => {
  const it = inOrder();
  let world: World;
  let first: string;
  let second: string;
  let invoice: string;

  beforeAll(async () => {
    world = await makeWorld();
    await world.sql("update agreement set rounding_unit = 'day' where project_id = $1", [world.ids.project]);
    first = (await record(world, 'staff', '2026-06-08', 16 / 60)).id;
    second = (await record(world, 'staff', '2026-06-08', 16 / 60)).id;
    await submitAndApprove(world, 'staff');
  });
  afterAll(() => world.close());

  const stored = async (id: string) =>
    (
      await world.sql<{ version: number; value_version: number; billable: number; rate: number | null; source: string | null }>(
        'select version, value_version, billable_quantity as billable, rate, rate_source as source from entry where id = $1',
        [id],
      )
    )[0]!;
  const billable = async () => [Number((await stored(first)).billable), Number((await stored(second)).billable)];
  const total = async () => (await billable()).reduce((sum, part) => sum + part, 0);

  it('shares the rounded day among its entries', async () => {
    expect(await total()).toBe(1800);
    const why = await world.as('owner').done('readEntryWhy', { params: { id: second } });
    expect(why.rounding?.day).toEqual({ recorded: 1920, rounded: 1800, part: (await billable())[1]! });
  });

  it('rounds the neighbour anew, with its value’s version and an event, when one of them is opened and changed', async () => {
    const before = await stored(first);
    const { version } = await stored(second);
    await world.as('owner').done('reopenEntries', { body: { entries: [{ id: second, version }], reason: 'Was it not longer?' } });
    await world.as('staff').done('changeEntry', {
      params: { id: second },
      version: (await stored(second)).version,
      body: { quantity: 17 * 60 },
    });
    // 0:33 of the day are 0:30 still.
    expect(await total()).toBe(1800);
    const changed = (await stored(second)).version;
    await world.as('staff').done('changeEntry', { params: { id: second }, version: changed, body: { quantity: 25 * 60 } });
    // 0:41 are 0:45.
    expect(await total()).toBe(2700);
    expect((await stored(first)).value_version).toBeGreaterThan(before.value_version);
    const history = await world.as('owner').done('readHistory', { params: { id: first } });
    expect(history.events.map((event) => event.action)).toContain('rounded anew with its day');
    expect(await differencesOf(world)).toEqual([]);
  });

  it('keeps a rate that was typed on the neighbour meanwhile', async () => {
    await world.as('owner').done('priceEntry', {
      params: { id: first },
      version: (await stored(first)).version,
      body: { rate: 1_230_000, reason: 'Agreed by telephone' },
    });
    const { version } = await stored(second);
    await world.as('staff').done('changeEntry', { params: { id: second }, version, body: { quantity: 16 * 60 } });
    expect(await stored(first)).toEqual(jasmine.objectContaining({ rate: 1_230_000, source: 'typed' }));
    expect(await total()).toBe(1800);
  });

  it('keeps the part that is billed, and gives the rest of the day to the others', async () => {
    const [billed] = await billable();
    invoice = (await bill(world, [first])).row.id;
    const { version } = await stored(second);
    await world.as('staff').done('changeEntry', { params: { id: second }, version, body: { quantity: 35 * 60 } });
    // 0:51 are 0:45, of which the billed part stays.
    expect(await billable()).toEqual([billed!, 2700 - billed!]);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('after a credit note leaves each entry at what it was billed, and the sum of the day as it was', async () => {
    const parts = await billable();
    await world.as('bookkeeper').done('creditInvoice', { params: { id: invoice }, body: { id: newId(), reason: 'Wrong order' } });
    expect(await billable()).toEqual(parts);
    expect(await differencesOf(world)).toEqual([]);
    // A minute more on one of them is found, although nothing stands on a document.
    const add = (by: number) =>
      world.sql('update entry set billable_quantity = billable_quantity + $2 where id = $1', [second, by]);
    await add(60);
    expect((await differencesOf(world)).map((one) => one.what)).toContain('billable time of a day');
    await add(-60);
  });

  const minutes = async (...ids: string[]) => {
    const parts: number[] = [];
    for (const id of ids) parts.push(Number((await stored(id)).billable) / 60);
    return parts;
  };
  /** 0:10 and 0:22 are 0:30 together: 0:09 and 0:21. The first one is billed, the second one goes to another day. */
  async function leftAlone(date: string, put: (id: string) => Promise<string>) {
    const one = (await record(world, 'mate', date, 10 / 60)).id;
    const other = (await record(world, 'mate', date, 22 / 60)).id;
    await submitAndApprove(world, 'mate', date);
    expect(await minutes(one, other)).toEqual([9, 21]);
    const document = await put(one);
    const { version } = await stored(other);
    await world.as('owner').done('reopenEntries', { body: { entries: [{ id: other, version }], reason: 'Wrong day' } });
    await world.as('mate').done('deleteEntry', { params: { id: other }, version: (await stored(other)).version });
    // What is on the document stays as it is, and the books are right.
    expect(await minutes(one)).toEqual([9]);
    expect(await differencesOf(world)).toEqual([]);
    return { one, document };
  }
  const causes = async (id: string) =>
    (await world.as('owner').done('readHistory', { params: { id } })).events.map((event) => event.after?.['because']);

  it('is rounded anew when a document of it is void, credited or discarded and the rest of the day has changed', async () => {
    const issue = async (id: string) => (await bill(world, [id])).row.id;
    const keeper = world.as('bookkeeper');
    const voided = await leftAlone('2026-05-04', issue);
    await keeper.done('voidInvoice', { params: { id: voided.document }, body: { reason: 'Wrong' } });
    const credited = await leftAlone('2026-05-11', issue);
    await keeper.done('creditInvoice', { params: { id: credited.document }, body: { id: newId(), reason: 'Wrong' } });
    const drafted = await leftAlone('2026-05-18', async (id) => (await draft(world, [id])).row.id);
    await keeper.done('discardDraft', { params: { id: drafted.document }, version: 1 });
    for (const { one } of [voided, credited, drafted]) {
      // 0:10 alone are a quarter of an hour.
      expect(await minutes(one)).toEqual([15]);
      expect(await causes(one)).toContain('time of the day left a document, and the day had changed');
    }
    expect(await differencesOf(world)).toEqual([]);
  });

  it('is rounded with what is there when whoever writes it has done so', async () => {
    const monday = '2026-04-27';
    const one = (await record(world, 'mate', monday, 10 / 60)).id;
    const other = (await record(world, 'mate', monday, 22 / 60)).id;
    await submitAndApprove(world, 'mate', monday);
    const { row } = await bill(world, [one]);
    const answer = await meanwhile(
      world,
      `select from timesheet where person_id = '${world.ids.mate}' and period_from = '${monday}' for update`,
      `delete from entry where id = '${other}'`,
      () => world.as('bookkeeper').call('voidInvoice', { params: { id: row.id }, body: { reason: 'Wrong' } }),
    );
    expect(answer.status).toBe(200);
    expect(await minutes(one)).toEqual([15]);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('keeps its sum when one of the others is priced by hand', async () => {
    // 0:19 are 0:15, shared as 2, 1 and 12 minutes; what the first one leaves would be shared as 2 and 11 now.
    const ids: string[] = [];
    for (const length of [2, 2, 15]) ids.push((await record(world, 'mate', '2026-05-25', length / 60)).id);
    await submitAndApprove(world, 'mate', '2026-05-25');
    await bill(world, [ids[0]!]);
    await world.as('owner').done('priceEntry', {
      params: { id: ids[1]! },
      version: (await stored(ids[1]!)).version,
      body: { rate: 1_000_000, reason: 'Agreed' },
    });
    expect(await minutes(...ids)).toEqual([2, 1, 12]);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('leaves written off what was written off, also where its part of the day becomes nothing', async () => {
    const short = (await record(world, 'mate', '2026-06-10', 1 / 60)).id;
    const long = (await record(world, 'mate', '2026-06-10', 14 / 60)).id;
    const week = await world.as('mate').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const of = (id: string) => week.entries.filter((entry) => entry.id === id).map(({ version }) => ({ id, version }));
    await world.as('owner').done('approveEntries', { body: { entries: of(short) } });
    await world.as('owner').done('returnEntries', { body: { entries: of(long), reason: 'Not that day' } });
    await world.as('bookkeeper').done('writeOffEntries', {
      body: { entries: [{ id: short, version: (await stored(short)).version }], reason: 'Too little to bill' },
    });
    // A minute by itself is rounded to nothing.
    await world.as('mate').done('deleteEntry', { params: { id: long }, version: (await stored(long)).version });
    const state = async () =>
      (await world.sql('select billing_state as state, billable_quantity as billable from entry where id = $1', [short]))[0];
    expect(await state()).toEqual({ state: 'written off', billable: 0 });
    expect(await differencesOf(world)).toEqual([]);
    await world
      .as('bookkeeper')
      .done('reinstateEntries', { body: { entries: [{ id: short, version: (await stored(short)).version }] } });
    expect(await state()).toEqual({ state: 'nothing to bill', billable: 0 });
    expect(await differencesOf(world)).toEqual([]);
  });
});

describe('an entry', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  it('tells the rule that priced it, and beside it what today’s rules would take', async () => {
    const entry = await record(world, 'staff', '2026-06-08', 2);
    const before = await world.as('owner').done('readEntryWhy', { params: { id: entry.id } });
    expect([before.winner?.rate, before.today]).toEqual([900_000, null]);
    await world.sql(
      `insert into rate_rule (firm_id, id, project_id, person_id, currency, rate, valid_from, reason)
       values ($1, gen_random_uuid(), $2, $3, 'GBP', 954000, '2026-01-01', '')`,
      [world.firmId, world.ids.project, world.ids.staff],
    );
    const why = await world.as('owner').done('readEntryWhy', { params: { id: entry.id } });
    expect([why.rate?.rate, why.winner?.rate, why.today?.rate]).toEqual([900_000, 900_000, 954_000]);
    await world.sql('delete from rate_rule where project_id = $1 and person_id = $2', [world.ids.project, world.ids.staff]);
  });

  it('never goes back to a version that was there before, deleted and restored or not', async () => {
    const entry = await record(world, 'staff', '2026-06-09', 2);
    const seen = [entry.version];
    for (const hours of [3, 4]) {
      const now = await world
        .as('staff')
        .done('changeEntry', { params: { id: entry.id }, version: seen.at(-1)!, body: { quantity: hours * 3600 } });
      seen.push(now.version);
    }
    await world.as('staff').done('deleteEntry', { params: { id: entry.id }, version: seen.at(-1)! });
    const back = await world.as('staff').done('restoreEntry', { params: { id: entry.id } });
    expect(back.version).toBeGreaterThan(seen.at(-1)!);
    // What was seen before the deletion decides nothing any more.
    await world.as('staff').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const stale = await world
      .as('owner')
      .call('approveEntries', { body: { entries: [{ id: entry.id, version: seen.at(-1)! }] } });
    expect(stale.problem.code).toBe('entries-stale');
    await world.as('staff').done('withdrawPeriod', { params: { from: MONDAY } });
  });

  it('of somebody else is deleted with a reason only, and its history is read as before', async () => {
    const entry = await record(world, 'staff', '2026-06-10', 1);
    const owner = world.as('owner');
    const bare = await owner.call('deleteEntry', { params: { id: entry.id }, version: entry.version });
    expect(bare.problem.code).toBe('reason-missing');
    const many = await owner.call('changeEntries', {
      body: { create: [], change: [], remove: [{ id: entry.id, version: entry.version }] },
    });
    expect(many.problem.code).toBe('reason-missing');
    await owner.done('deleteEntry', { params: { id: entry.id }, version: entry.version, query: { reason: 'Recorded twice' } });
    for (const who of ['owner', 'staff', 'manager'] as const) {
      const { events } = await world.as(who).done('readHistory', { params: { id: entry.id } });
      expect(events.at(-1)).toEqual(
        jasmine.objectContaining({ action: 'entry deleted', by: 'Owner Person', reason: 'Recorded twice' }),
      );
    }
    expect((await world.as('mate').call('readHistory', { params: { id: entry.id } })).status).toBe(404);
    // Its own person needs none.
    const own = await record(world, 'staff', '2026-06-10', 1);
    await world.as('staff').done('deleteEntry', { params: { id: own.id }, version: own.version });
  });

  it('that is corrected into a week without a sheet is decided on there', async () => {
    const entry = await record(world, 'mate', '2026-06-11', 3);
    await world.as('mate').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const [sent] = await world.sql<{ version: number }>('select version from entry where id = $1', [entry.id]);
    const owner = world.as('owner');
    const moved = await owner.done('changeEntry', {
      params: { id: entry.id },
      version: sent!.version,
      body: { date: '2026-06-01', reason: 'It was the week before' },
    });
    expect(moved.stage).toBe('submitted');
    await owner.done('approveEntries', { body: { entries: [{ id: entry.id, version: moved.version }] } });
    const sheets = await world.sql('select period_from::text from timesheet where person_id = $1 order by 1', [world.ids.mate]);
    expect(sheets).toEqual([{ period_from: '2026-06-01' }, { period_from: MONDAY }]);
  });
});
