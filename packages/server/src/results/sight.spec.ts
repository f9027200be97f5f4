import { Who, World, inOrder, makeWorld, record, submitAndApprove } from '../testing';

/**
 * What those see who may know cost and not pay: 4 h of a surveyor and 2 h of a labourer cost 4 × 31.00 + 2 × 19.00 =
 * 162.00 by the standard rates of their positions, and 6 × 30.00 = 180.00 by their pay and overhead.
 */
describe('cost and money, by who asks', () => {
  const it = inOrder();
  let world: World;
  const scope = () => `project:${world.ids.project}`;

  beforeAll(async () => {
    world = await makeWorld({ limit: 200_000 });
    await record(world, 'staff', '2026-06-08', 4);
    await record(world, 'mate', '2026-06-08', 2);
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
    // The manager's own project, and one of somebody else's.
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, world.ids.project]);
    await record(world, 'bookkeeper', '2026-06-08', 3, { projectId: world.ids.euroProject });
    await submitAndApprove(world, 'bookkeeper');
  });
  afterAll(() => world.close());

  const results = (who: Who, of = scope()) => world.as(who).done('readResults', { query: { scope: of } });

  it('is actual for those who may know pay, and standard for those who may not, named as such', async () => {
    const owner = await results('owner');
    expect([owner.costBasis, owner.cost?.cost]).toEqual(['actual', 18_000]);
    const manager = await results('manager');
    expect([manager.costBasis, manager.cost?.cost]).toEqual(['standard', 16_200]);
    // Margin and what stands behind the figure are made of the same cost.
    expect(manager.cost!.margin).not.toBe(owner.cost!.margin);
    const behind = await world.as('manager').done('readBehind', { query: { scope: scope(), figure: 'cost' } });
    expect(behind.sums).toEqual([{ part: 'cost', currency: 'GBP', minor: 16_200 }]);
  });

  it('leaves of each project and task a margin that together is the margin of the whole', async () => {
    const owner = await results('owner', 'all');
    const margins = owner.rows.map((row) => row.margin!);
    const total = (pick: 'revenue' | 'minor') => margins.reduce((sum, margin) => sum + margin[pick], 0);
    expect(total('revenue')).toBe(owner.cost!.revenue);
    expect(total('minor')).toBe(owner.cost!.revenue - owner.cost!.cost);
    // 4 h at 90.00 and 2 h at 60.00 earn 480.00 and cost 180.00.
    const row = owner.rows.find((one) => one.id === world.ids.project)!;
    expect(row.margin).toEqual({ revenue: 48_000, minor: 30_000, share: 625_000 });
    // By the standard cost of 162.00 for who may not know pay, and nothing for who may not know money.
    const manager = await results('manager', 'all');
    expect(manager.rows.find((one) => one.id === world.ids.project)!.margin!.minor).toBe(48_000 - 16_200);
    expect((await results('staff', 'all')).rows.every((one) => one.margin === null)).toBeTrue();
  });

  it('follows the position that was held on the day', async () => {
    await world.sql(`update person_position set valid_to = '2026-06-08' where person_id = $1`, [world.ids.staff]);
    await world.sql(
      `insert into person_position (firm_id, person_id, position_id, valid_from, valid_to)
       select firm_id, $1, position_id, '2026-06-09', null from person_position where person_id = $2`,
      [world.ids.staff, world.ids.mate],
    );
    const before = (await results('manager')).cost!.cost;
    await world.sql("update timesheet set state = 'open' where person_id = $1", [world.ids.staff]);
    await record(world, 'staff', '2026-06-09', 1);
    // An hour of a labourer now: 19.00.
    expect((await results('manager')).cost!.cost - before).toBe(1900);
  });

  it('is not shown where a position has no standard rate, with the reason', async () => {
    await world.sql("update standard_cost_rate set valid_from = '2026-06-10'");
    await world.sql("update timesheet set state = 'open' where person_id = $1", [world.ids.mate]);
    const entry = await record(world, 'mate', '2026-06-09', 1);
    const manager = await results('manager');
    expect([manager.costBasis, manager.cost]).toEqual(['no standard rate', null]);
    expect((await world.as('manager').call('readBehind', { query: { scope: scope(), figure: 'cost' } })).problem.code).toBe(
      'cost-not-told',
    );
    expect((await results('owner')).costBasis).toBe('actual');
    await world.as('mate').done('deleteEntry', { params: { id: entry.id }, version: entry.version });
    await world.sql("update standard_cost_rate set valid_from = '2026-01-01'");
  });

  it('shows no money, limit, budget or terms of projects beyond one’s reach', async () => {
    const own = await world.as('manager').done('readBillDesk', { query: { scope: scope(), upTo: '2026-06-14' } });
    expect([own.projects[0]!.limit, own.projects[0]!.used]).toEqual([200_000, 0]);
    const other = `project:${world.ids.euroProject}`;
    const desk = await world.as('manager').done('readBillDesk', { query: { scope: other, upTo: '2026-06-14' } });
    const { limit, used, billedNet, paidNet, submittedMinor } = desk.projects[0]!;
    expect([limit, used, billedNet, paidNet, submittedMinor]).toEqual([null, null, null, null, null]);
    expect(desk.entries).toEqual([]);
    const { projects } = await world.as('manager').done('listToBill', { query: { upTo: '2026-06-14' } });
    expect(projects.map((row) => [row.projectId, row.limit, row.billedNet])).toEqual([[world.ids.project, 200_000, 0]]);
    const all = await world.as('owner').done('listToBill', { query: { upTo: '2026-06-14' } });
    expect(all.projects.map((row) => row.billedNet)).toEqual([0, 0]);
    // Work of the manager’s team on a project of somebody else: its value, and nothing of the project.
    await world.sql(
      'insert into team_person (firm_id, team_id, person_id) select firm_id, team_id, $1 from team_person limit 1',
      [world.ids.bookkeeper],
    );
    const team = await world.as('manager').done('listToBill', { query: { upTo: '2026-06-14' } });
    const beyond = team.projects.find((row) => row.projectId === world.ids.euroProject)!;
    expect([beyond.ready, beyond.limit, beyond.billedNet]).toEqual([30_000, null, null]);
    await world.sql('delete from team_person where person_id = $1', [world.ids.bookkeeper]);
    const seen = await results('manager', other);
    expect([seen.limit, seen.money]).toEqual([null, []]);
    expect(seen.rows.filter((row) => row.money && row.money.length > 0)).toEqual([]);
    expect((await results('owner', other)).money!.length).toBe(1);
  });

  it('keeps notes on money from those who may not know money', async () => {
    const keeper = world.as('bookkeeper');
    const [entry] = await world.sql<{ id: string; version: number }>(
      "select id, version from entry where person_id = $1 and stage = 'approved'",
      [world.ids.staff],
    );
    const { id, version } = entry!;
    await keeper.done('holdEntries', { body: { entries: [{ id, version }], reason: 'Client is insolvent' } });
    const [now] = await world.sql<{ version: number }>('select version from entry where id = $1', [id]);
    await keeper.done('priceEntry', { params: { id }, version: now!.version, body: { rate: 10_000, reason: 'A favour' } });
    for (const who of ['staff', 'owner'] as const) {
      const told = JSON.stringify([
        await world.as(who).done('readHistory', { params: { id } }),
        await world.as(who).done('readEntryWhy', { params: { id } }),
        await world.as(who).done('readTimesheet', { params: { from: '2026-06-08' }, query: { person: world.ids.staff } }),
      ]);
      for (const secret of ['insolvent', 'A favour'])
        expect(told.includes(secret))
          .withContext(`${who} ${secret}`)
          .toBe(who === 'owner');
    }
  });
});
