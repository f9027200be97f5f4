import { World, makeWorld } from '../testing';

describe('what people cost', () => {
  let world: World;
  beforeAll(async () => {
    world = await makeWorld();
    // The world's people earn 20.00 with half of it in overhead; one is paid differently from July on.
    await world.sql("update pay_rate set valid_to = '2026-06-30' where person_id = $1", [world.ids.staff]);
    await world.sql("insert into pay_rate (firm_id, person_id, rate, valid_from) values ($1, $2, 240000, '2026-07-01')", [
      world.firmId,
      world.ids.staff,
    ]);
    for (const [table, of, column, value] of [
      ['overhead', 'person_id', 'value', 250_000],
      ['standard_cost_rate', 'position_id', 'rate', 330_000],
    ] as const) {
      const whose = `${of} = (select distinct ${of} from person_position where person_id = $1)`;
      await world.sql(`update ${table} set valid_to = '2026-06-30' where ${whose}`, [world.ids.staff]);
      await world.sql(`insert into ${table} select (jsonb_populate_record(t, $2)).* from ${table} t where ${whose}`, [
        world.ids.staff,
        JSON.stringify({ valid_from: '2026-07-01', valid_to: null, [column]: value }),
      ]);
    }
    await world.sql("update overhead set kind = 'per-hour', value = 45000 where person_id = $1", [world.ids.mate]);
    await world.sql('delete from pay_rate where person_id = $1', [world.ids.bookkeeper]);
    await world.sql('delete from overhead where person_id = $1', [world.ids.manager]);
  });
  afterAll(() => world.close());

  const payOf = async (who: 'staff' | 'mate' | 'bookkeeper' | 'manager') =>
    (await world.as('owner').done('listPay')).people.find((person) => person.id === world.ids[who])!;

  it('show pay, overhead and both together, as they are today', async () => {
    expect(await payOf('staff')).toEqual(
      jasmine.objectContaining({
        pay: { rate: 200_000, validFrom: '2026-01-01' },
        overhead: 100_000,
        overheadPercent: 500_000,
        cost: 300_000,
        standard: 310_000,
      }),
    );
    expect(await payOf('mate')).toEqual(jasmine.objectContaining({ overhead: 45_000, overheadPercent: null, cost: 245_000 }));
  });

  it('say where no pay rate is valid instead of taking it for zero', async () => {
    expect(await payOf('bookkeeper')).toEqual(
      jasmine.objectContaining({ pay: null, overhead: null, overheadPercent: 500_000, cost: null }),
    );
  });

  it('are pay alone where no overhead is agreed', async () => {
    expect(await payOf('manager')).toEqual(jasmine.objectContaining({ overhead: 0, overheadPercent: null, cost: 200_000 }));
  });

  it('are those who record and are there, and whoever has pay', async () => {
    const listed = async (who: 'bookkeeper' | 'staff') => (await payOf(who)) !== undefined;
    await world.sql("update person_role set role = 'auditor' where person_id = $1", [world.ids.bookkeeper]);
    expect(await listed('bookkeeper')).toBeFalse();
    await world.sql("update person_role set role = 'bookkeeper' where person_id = $1", [world.ids.bookkeeper]);
    for (const [day, there] of [
      ['2026-06-11', false],
      ['2026-06-12', true],
    ] as const) {
      await world.sql('update person set left_on = $2 where id = any($1)', [[world.ids.bookkeeper, world.ids.staff], day]);
      expect([await listed('bookkeeper'), await listed('staff')])
        .withContext(day)
        .toEqual([there, true]);
    }
    await world.sql('update person set left_on = null');
  });

  it('follow the day on which a new rate begins', async () => {
    world.clock.set('2026-07-01T09:00:00.000Z');
    try {
      expect((await payOf('staff')).pay).toEqual({ rate: 240_000, validFrom: '2026-07-01' });
      expect(await payOf('staff')).toEqual(
        jasmine.objectContaining({ overheadPercent: 250_000, cost: 300_000, standard: 330_000 }),
      );
      const { people } = await world.as('owner').done('listPay');
      expect(people.filter((person) => person.id === world.ids.staff).length).toBe(1);
    } finally {
      world.clock.set('2026-06-12T17:00:00.000Z');
    }
  });
});
