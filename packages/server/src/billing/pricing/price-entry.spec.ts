import { World, differencesOf, makeWorld, record, submitAndApprove } from '../../testing';

/**
 * Two days of two people, each day rounded as a whole to the nearest quarter hour: 0:16 and 0:16 are 0:30, 0:10 is 0:15
 * and 0:20 is 0:15, worked by hand.
 */
describe('many entries priced together', () => {
  let world: World;
  let ids: string[];

  beforeEach(async () => {
    world = await makeWorld();
    await world.sql("update agreement set rounding_unit = 'day' where project_id = $1", [world.ids.project]);
    ids = [];
    for (const [who, date, minutes] of [
      ['staff', '2026-06-08', 16],
      ['staff', '2026-06-08', 16],
      ['staff', '2026-06-09', 10],
      ['mate', '2026-06-08', 20],
    ] as const)
      ids.push((await record(world, who, date, minutes / 60)).id);
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
  });
  afterEach(() => world.close());

  const stored = () =>
    world.sql<{ id: string; version: number; billable: number; value: number | null; source: string | null; problems: string[] }>(
      `select id, version, billable_quantity as billable, value_minor as value, rate_source as source, problems
       from entry where id = any($1) order by array_position($1, id)`,
      [ids],
    );
  const price = async (rate: number | null, which = ids) => {
    const seen = (await stored()).filter(({ id }) => which.includes(id)).map(({ id, version }) => ({ id, version }));
    return world.as('bookkeeper').done('priceEntries', { body: { entries: seen, rate, reason: 'letter of 2 June' } });
  };

  it('keep their parts of days that are rounded as a whole, each of its own day', async () => {
    const before = (await stored()).map(({ billable }) => billable);
    expect(before[0]! + before[1]!).toBe(1800);
    expect(before.slice(2)).toEqual([900, 900]);
    expect(await price(1_000_000)).toEqual({ priced: 4, unpriced: 0 });
    const after = await stored();
    expect(after.map(({ billable }) => billable)).toEqual(before);
    // 0:30 at 100.00 in two parts, and twice 0:15.
    expect([after[0]!.value! + after[1]!.value!, after[2]!.value, after[3]!.value]).toEqual([5000, 2500, 2500]);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('leave the rest of their day as it was', async () => {
    const [, other] = await stored();
    await price(1_000_000, [ids[0]!]);
    expect((await stored())[1]).toEqual(other!);
    expect(await differencesOf(world)).toEqual([]);
  });

  it('go back to the rules together; what no rule prices is counted, and says so until somebody prices it', async () => {
    await price(1_000_000);
    await world.sql('delete from rate_rule where person_id is null or person_id <> $1', [world.ids.owner]);
    expect(await price(null, ids.slice(0, 2))).toEqual({ priced: 2, unpriced: 2 });
    const [first, , third] = await stored();
    expect([first!.value, first!.source, first!.problems]).toEqual([null, null, ['no-rate']]);
    expect(third!.source).toBe('typed');
    await price(900_000, ids.slice(0, 2));
    expect((await stored())[0]!.problems).toEqual([]);
  });

  it('tell the reason in the history of each, to those who may know money', async () => {
    await price(1_000_000);
    for (const id of ids) {
      const { events } = await world.as('owner').done('readHistory', { params: { id } });
      expect(events.at(-1)!.action).toBe('entries priced');
      expect(JSON.stringify(events.at(-1)!.after)).toContain('letter of 2 June');
    }
    // Going back to the rules has a reason, too, though what the rules say needs none.
    await price(null, [ids[0]!]);
    const { events: later } = await world.as('owner').done('readHistory', { params: { id: ids[0]! } });
    expect(later.at(-1)!.action).toBe('entry priced');
    expect(JSON.stringify(later.at(-1)!.after)).toContain('letter of 2 June');
    const own = await world.as('staff').done('readHistory', { params: { id: ids[0]! } });
    expect(JSON.stringify(own.events)).not.toContain('letter of 2 June');
  });
});
