import type { Terms } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { MONDAY, TURN, World, makeWorld, meanwhile, record, setState } from '../../testing';

const AS_EVER: Terms = { increment: 1, mode: 'nearest', unit: 'entry', minimum: 0, decimalPlaces: null };
const QUARTERS: Terms = { increment: 15, mode: 'up', unit: 'entry', minimum: 30, decimalPlaces: 3 };

describe('the terms of a firm', () => {
  let world: World;
  beforeEach(async () => {
    world = await makeWorld();
    // As a firm begins.
    await world.sql("update agreement set rounding_increment = 1 where method = 'time and materials'");
  }, TURN);
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  async function change(terms: Partial<Terms>, from: string | null = null) {
    const { terms: before, version } = await owner().done('readTerms');
    return owner().call('changeTerms', { body: { terms: { ...before, ...terms }, from }, version });
  }
  const agreed = async (project: string) =>
    (
      await world.sql(
        `select valid_from::text as "from", valid_to::text as "to", rounding_increment as increment, decimal_places as places,
           limit_minor as "limit" from agreement where project_id = $1 order by valid_from`,
        [project],
      )
    ).map((row) => Object.values(row as object));
  async function project(): Promise<string> {
    const id = newId();
    await owner().done('createProject', { body: { id, name: `Work ${id}`, client: { id: world.ids.client } } });
    return id;
  }

  it('are those of every project that is made from then on, and leave the others alone', async () => {
    expect((await owner().done('readTerms')).terms).toEqual(AS_EVER);
    const before = await project();
    expect((await change(QUARTERS)).body.terms).toEqual(QUARTERS);
    expect([await agreed(before), await agreed(await project())]).toEqual([
      [['2000-01-01', null, 1, null, null]],
      [['2000-01-01', null, 15, 3, null]],
    ]);
    const { events } = await owner().done('readHistory', { params: { id: world.firmId } });
    expect([events.at(-1)!.before!['mode'], events.at(-1)!.after!['mode'], events.at(-1)!.after!['increment']]).toEqual([
      ...(['nearest', 'up', 15] as const),
    ] as never);
  });

  it('hold from a day on for those that went by them, with all else of their agreements', async () => {
    const [plain, own] = [await project(), await project()];
    await world.sql('update agreement set rounding_increment = 6 where project_id = $1', [own]);
    await world.sql("update agreement set limit_minor = 700, valid_to = '2027-12-31' where project_id = $1", [plain]);
    const later = newId();
    await world.sql(
      `insert into agreement select (jsonb_populate_record(a, jsonb_build_object('id', $2::uuid, 'valid_from', '2028-01-01', 'valid_to', null))).*
         from agreement a where a.project_id = $1`,
      [plain, later],
    );
    // One that ended, and one whose work has: neither is among those that are counted, and what is over stays.
    const [over, closed] = [await project(), await project()];
    await world.sql("update agreement set valid_to = '2026-01-31' where project_id = $1", [over]);
    await setState(world, closed, 'finished');
    // Two stood there, one of the two made here has terms of its own; internal work has none.
    expect((await owner().done('readTerms')).projects).toEqual({ same: 3, otherwise: 1 });
    expect((await change(QUARTERS, '2026-07-01')).status).toBe(200);
    expect(await agreed(plain)).toEqual([
      ['2000-01-01', '2026-06-30', 1, null, 700],
      ['2026-07-01', '2027-12-31', 15, 3, 700],
      ['2028-01-01', null, 15, 3, 700],
    ]);
    expect(await agreed(own)).toEqual([['2000-01-01', null, 6, null, null]]);
    expect(await agreed(over)).toEqual([['2000-01-01', '2026-01-31', 1, null, null]]);
    // Today nobody goes by them yet.
    expect((await owner().done('readTerms')).projects).toEqual({ same: 0, otherwise: 4 });
    const ofOwner = (date: string) => record(world, 'owner', date, 1 / 60, { projectId: plain });
    const [eve, day] = [await ofOwner('2026-06-30'), await ofOwner('2026-07-01')];
    expect([eve.value!.billable, day.value!.billable]).toEqual([60, 1800]);
  });

  it('change nothing that is recorded', async () => {
    await record(world, 'staff', '2026-06-11', 1);
    const late = await change(QUARTERS, '2026-06-11');
    expect([late.problem.code, late.problem.detail]).toEqual([
      'later-recorded',
      jasmine.stringContaining('recorded up to 2026-06-11'),
    ]);
    // Time of projects with other terms is in nobody's way.
    await world.sql('update agreement set rounding_increment = 6 where project_id = $1', [world.ids.project]);
    expect((await change(QUARTERS, '2026-06-11')).status).toBe(200);
    const { rules, version } = await owner().done('readTimeRules');
    await owner().done('changeTimeRules', { body: { ...rules, lockedUntil: '2026-05-31' }, version });
    expect((await change(AS_EVER, '2026-05-31')).problem.code).toBe('day-locked');
    expect((await change(AS_EVER, '2026-06-01')).status).toBe(200);
  });

  it('meet a firm that is changed meanwhile', async () => {
    const late = await meanwhile(world, 'select from firm for update', 'update firm set version = version + 1', () =>
      change(QUARTERS),
    );
    expect(late.problem.code).toBe('version-stale');
  });

  it('tell before what they would have made of the last four weeks', async () => {
    const effect = (query: { unit?: 'entry' | 'day'; minimum?: string; mode?: 'up' | 'nearest' }) =>
      owner().done('previewTerms', { query: { increment: '15', mode: 'up', ...query } });
    const free = (await effect({})).free;
    expect(free).toBe('2026-06-12');
    await record(world, 'staff', MONDAY, 10 / 60);
    // Days before today are over.
    expect((await effect({})).free).toBe('2026-06-12');
    await record(world, 'staff', MONDAY, 10 / 60);
    await record(world, 'staff', '2026-05-01', 3);
    await record(world, 'staff', MONDAY, 2, { billable: false });
    await record(world, 'staff', '2026-06-12', 5 / 60);
    // By hand: 0:10 + 0:10 + 0:05 recorded; each up to a quarter; the two of Monday together 0:20, up to 0:30.
    expect(await effect({})).toEqual({ since: '2026-05-15', recorded: 1500, now: 1500, then: 2700, free: '2026-06-13' });
    expect((await effect({ unit: 'day' })).then).toBe(2700);
    expect((await effect({ unit: 'day', mode: 'nearest' })).then).toBe(900);
    expect((await effect({ mode: 'nearest' })).then).toBe(1800);
    expect((await effect({ minimum: '60' })).then).toBe(3 * 3600);
    await world.sql('update agreement set rounding_increment = 6 where project_id = $1', [world.ids.project]);
    expect((await effect({})).recorded).toBe(0);
  });
});
