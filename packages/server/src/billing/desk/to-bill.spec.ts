import { World, inOrder, makeWorld, record, submitAndApprove } from '../../testing';

describe('what is to bill', () => {
  const it = inOrder();
  let world: World;

  beforeAll(async () => {
    world = await makeWorld();
    await record(world, 'staff', '2026-06-08', 2);
    await record(world, 'staff', '2026-06-11', 1);
    // No rule prices the mate in euro.
    await record(world, 'mate', '2026-06-09', 3, { projectId: world.ids.euroProject });
    await submitAndApprove(world, 'staff');
    await submitAndApprove(world, 'mate');
  });
  afterAll(() => world.close());

  const listed = async (upTo = '2026-06-14', who: 'bookkeeper' | 'manager' = 'bookkeeper') =>
    (await world.as(who).done('listToBill', { query: { upTo } })).projects;

  it('is listed by project up to a date, the rest later', async () => {
    expect(await listed()).toEqual([
      jasmine.objectContaining({ projectId: world.ids.project, ready: 27_600, over: 0, seconds: 10_800, oldest: '2026-06-08' }),
    ]);
    expect((await listed('2026-06-10')).map((row) => [row.ready, row.seconds])).toEqual([[18_000, 7200]]);
    expect(await listed('2026-06-07')).toEqual([]);
    const desk = await world
      .as('bookkeeper')
      .done('readBillDesk', { query: { scope: `project:${world.ids.project}`, upTo: '2026-06-10' } });
    expect([desk.entries.length, desk.notHere.later]).toEqual([1, 3600]);
  });

  it('has no row of nothing for a project with unpriced time alone', async () => {
    expect((await listed()).map((row) => row.projectId)).not.toContain(world.ids.euroProject);
    const { entries, count, offers } = await world.as('bookkeeper').done('listUnpriced');
    expect([entries.length, count, offers]).toEqual([1, 1, []]);
  });

  it('offers the price of a rule that was made since, and is priced by it when told', async () => {
    await world.sql(
      `insert into rate_rule (firm_id, id, project_id, currency, rate, valid_from, reason)
       values ($1, gen_random_uuid(), $2, 'EUR', 700000, '2026-01-01', '')`,
      [world.firmId, world.ids.euroProject],
    );
    const { entries, offers } = await world.as('bookkeeper').done('listUnpriced');
    expect(offers.map((offer) => [offer.entryId, offer.rule.rate])).toEqual([[entries[0]!.id, 700_000]]);
    // Nothing is priced by itself.
    expect((await listed()).length).toBe(1);
    await world.as('bookkeeper').done('priceEntry', {
      params: { id: entries[0]!.id },
      version: entries[0]!.version,
      body: { rate: null, reason: 'A rule made since' },
    });
    expect((await listed()).map((row) => [row.projectId, row.currency, row.ready])).toContain([
      world.ids.euroProject,
      'EUR',
      21_000,
    ]);
    expect((await world.as('bookkeeper').done('listUnpriced')).count).toBe(0);
  });

  it('explains the cent between a line and its entries', async () => {
    await world.sql('update agreement set rounding_increment = 1 where project_id = $1', [world.ids.project]);
    await world.sql('update rate_rule set rate = 600100 where person_id = $1', [world.ids.mate]);
    await world.sql("update timesheet set state = 'open' where person_id = $1", [world.ids.mate]);
    const ids = [];
    for (const minutes of [20, 20, 20]) ids.push((await record(world, 'mate', '2026-06-10', minutes / 60)).id);
    await submitAndApprove(world, 'mate');
    const wish = { clientId: world.ids.client, upTo: '2026-06-14', entries: ids.map((id) => ({ id })), texts: [] };
    const by = (grouping: 'task' | 'entry') => world.as('bookkeeper').done('previewInvoice', { body: { ...wish, grouping } });
    // 20 minutes at 60.01 are 20.00 (20.0033), three of them 60.01.
    const [task, entry] = [await by('task'), await by('entry')];
    expect([task.document.net, task.rounding.map((line) => line.minor)]).toEqual([6001, [1]]);
    expect([entry.document.net, entry.rounding]).toEqual([6000, []]);
  });
});
