import { MONDAY, World, bill, draft, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

/** What comes off a document, on days that an agreement rounds as a whole and on others. */
describe('time that comes off a document', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());

  const byDay = () => world.sql("update agreement set rounding_unit = 'day' where project_id = $1", [world.ids.project]);
  const row = async (id: string) =>
    (
      await world.sql<{ billable: string; version: number; standard: string }>(
        'select billable_quantity as billable, value_version as version, standard_cost_minor as standard from entry where id = $1',
        [id],
      )
    )[0]!;
  const minutes = async (id: string) => Number((await row(id)).billable) / 60;
  const end = (id: string) => world.as('bookkeeper').call('voidInvoice', { params: { id }, body: { reason: 'Wrong' } });

  it('moves what is free of its day and changes by it, and nothing that is on another document', async () => {
    await byDay();
    const entries: string[] = [];
    for (const length of [4, 6, 11, 2]) entries.push((await record(world, 'mate', MONDAY, length / 60)).id);
    const [off, gone, kept, small] = entries as [string, string, string, string];
    // Time on other work of the same day is no part of it.
    await record(world, 'mate', MONDAY, 1, { projectId: world.ids.internal, serviceId: world.ids.office });
    await submitAndApprove(world, 'mate');
    // 0:23 are 0:30.
    expect(await Promise.all(entries.map(minutes))).toEqual([5, 8, 14, 3]);
    const { row: document } = await bill(world, [off]);
    await bill(world, [kept]);
    const version = async () =>
      (await world.sql<{ version: number }>('select version from entry where id = $1', [gone]))[0]!.version;
    await world.as('owner').done('reopenEntries', {
      body: { entries: [{ id: gone, version: await version() }], reason: 'Not that day' },
    });
    await world.as('mate').done('deleteEntry', { params: { id: gone }, version: await version() });
    // 0:17 are 0:15, and more than that is billed.
    expect(await minutes(small)).toBe(0);
    await world.sql('update entry set standard_cost_minor = 1 where id = $1', [kept]);
    const before = { off: await row(off), small: await row(small) };
    expect((await end(document.id)).status).toBe(200);
    expect([await minutes(off), await minutes(kept), await minutes(small)]).toEqual([1, 14, 0]);
    expect((await row(off)).version).toBe(before.off.version + 1);
    expect((await row(small)).version).toBe(before.small.version);
    expect(Number((await row(kept)).standard)).toBe(1);
  });

  it('is held with the rules and with all of its day', async () => {
    await byDay();
    const one = (await record(world, 'mate', MONDAY, 10 / 60)).id;
    const other = (await record(world, 'mate', MONDAY, 22 / 60)).id;
    await submitAndApprove(world, 'mate');
    const { row: first } = await bill(world, [one]);
    const rules = `select pg_advisory_xact_lock(hashtextextended('rules ' || '${world.firmId}', 0))`;
    expect((await meanwhile(world, rules, 'select 1', () => end(first.id))).status).toBe(200);
    const { row: second } = await bill(world, [one]);
    const neighbour = `select from entry where id = '${other}' for update`;
    expect((await meanwhile(world, neighbour, 'select 1', () => end(second.id))).status).toBe(200);
  });

  it('waits for nobody who writes the day where each entry is rounded by itself', async () => {
    const { id } = await record(world, 'mate', MONDAY, 1);
    await submitAndApprove(world, 'mate');
    const { row: document } = await bill(world, [id]);
    const sheet = `select from timesheet where person_id = '${world.ids.mate}' for update`;
    await expectAsync(meanwhile(world, sheet, 'select 1', () => end(document.id))).toBeRejectedWithError(/nothing waited/);
  });

  it('comes off what was issued, and not off a draft or twice', async () => {
    const { id } = await record(world, 'mate', MONDAY, 1);
    await submitAndApprove(world, 'mate');
    const { row: kept } = await draft(world, [id]);
    expect((await end(kept.id)).problem.code).toBe('invoice-not-issued');
    await world.as('bookkeeper').done('discardDraft', { params: { id: kept.id }, version: kept.version });
    const { row: document } = await bill(world, [id]);
    expect((await end(document.id)).status).toBe(200);
    expect((await end(document.id)).problem.code).toBe('invoice-not-issued');
  });
});
