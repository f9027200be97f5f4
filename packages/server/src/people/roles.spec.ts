import { Endpoint, endpoints } from '@yellowwood/contracts';
import { rightsOf } from '@yellowwood/core';
import { MONDAY, Who, World, bill, inOrder, makeWorld, record, submitAndApprove } from '../testing';

describe('somebody who manages projects', () => {
  const it = inOrder();
  let world: World;
  let theirs: string;
  let other: string;
  const pm = () => world.as('mate');

  beforeAll(async () => {
    world = await makeWorld();
    await world.sql("update person_role set role = 'project manager' where person_id = $1", [world.ids.mate]);
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.mate, world.ids.project]);
    theirs = (await record(world, 'staff', '2026-06-08', 4)).id;
    other = (await record(world, 'staff', '2026-06-09', 3, { projectId: world.ids.internal })).id;
    await world.as('staff').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
  });
  afterAll(() => world.close());

  it('decides on the time of their projects, and is told how much of the week that is not', async () => {
    const { people } = await pm().done('readReview', { query: { from: MONDAY } });
    const staff = people.find(({ personId }) => personId === world.ids.staff)!;
    expect([staff.entries.map(({ id }) => id), staff.recorded, staff.inAll]).toEqual([[theirs], 4 * 3600, 7 * 3600]);
    expect(people.map(({ personId }) => personId).sort()).toEqual([world.ids.mate, world.ids.staff].sort());
    const foreign = await pm().call('approveEntries', { body: { entries: [{ id: other, version: 2 }] } });
    expect(foreign.problem.code).toBe('entry-missing');
    await pm().done('approveEntries', { body: { entries: staff.entries } });
    expect((await pm().done('readOverview', { query: {} })).review!.people).toBe(0);
  });

  it('sees the money of their projects, and of no other', async () => {
    const results = await pm().done('readResults', { query: { scope: 'all' } });
    expect(results.rows.filter(({ margin }) => margin?.revenue).map(({ id }) => id)).toEqual([world.ids.project]);
    expect((await pm().call('readEntryWhy', { params: { id: theirs } })).status).toBe(200);
    expect((await pm().call('readEntryWhy', { params: { id: other } })).status).toBe(404);
    expect((await pm().call('listPay')).problem.code).toBe('right-missing');
    await record(world, 'bookkeeper', '2026-06-08', 2, { projectId: world.ids.euroProject });
    await submitAndApprove(world, 'bookkeeper');
    const own = await bill(world, [theirs]);
    const [entry] = await world.sql<{ id: string }>('select id from entry where project_id = $1', [world.ids.euroProject]);
    await bill(world, [entry!.id], 'task', world.ids.euroClient);
    const { invoices } = await pm().done('listInvoices', { query: { show: 'all' } });
    expect(invoices.map(({ id }) => id)).toEqual([own.row.id]);
    const unpriced = await record(world, 'staff', '2026-05-26', 1, { projectId: world.ids.internal });
    const priced = { entries: [{ id: unpriced.id, version: unpriced.version }], rate: 10_000, reason: 'Agreed' };
    expect((await pm().call('priceEntries', { body: priced })).problem.code).toBe('entry-unknown');
  });

  it('is a reviewer as far as that: the rest is approved by policy where nobody else decides', async () => {
    await world.sql("delete from person_role where role in ('owner', 'manager')");
    const here = await record(world, 'staff', '2026-06-01', 1);
    const there = await record(world, 'staff', '2026-06-02', 1, { projectId: world.ids.internal });
    const week = await world.as('staff').done('submitPeriod', { params: { from: '2026-06-01' }, body: { note: '' } });
    const stages = Object.fromEntries(week.entries.map(({ id, stage }) => [id, stage]));
    expect([stages[here.id], stages[there.id], week.byPolicy]).toEqual(['submitted', 'approved', 1]);
    // So is a manager of people, of the projects that they manage, without any team.
    await world.sql("update person_role set role = 'manager' where person_id = $1", [world.ids.mate]);
    await record(world, 'staff', '2026-05-18', 1);
    const other = await world.as('staff').done('submitPeriod', { params: { from: '2026-05-18' }, body: { note: '' } });
    expect(other.byPolicy).toBe(0);
  });
});

describe('an auditor', () => {
  let world: World;
  const auditor = () => world.as('bookkeeper');

  beforeAll(async () => {
    world = await makeWorld();
    const { id } = await record(world, 'staff', '2026-06-08', 4);
    await submitAndApprove(world, 'staff');
    await bill(world, [id]);
    await world.sql("update person_role set role = 'auditor' where person_id = $1", [world.ids.bookkeeper]);
  });
  afterAll(() => world.close());

  it('reads all', async () => {
    const results = await auditor().done('readResults', { query: { scope: 'all' } });
    expect([results.costBasis, results.rows.some(({ margin }) => margin !== null)]).toEqual(['actual', true]);
    expect((await auditor().done('listPay')).people.length).toBeGreaterThan(0);
    const [invoice] = (await auditor().done('listInvoices', { query: { show: 'all' } })).invoices;
    const { events } = await auditor().done('readHistory', { params: { id: invoice!.id } });
    expect(events.map(({ action }) => action)).toContain('invoice issued');
  });

  it('changes nothing but what is kept for themselves', () => {
    const rights = rightsOf(['auditor']);
    const open = (Object.values(endpoints) as unknown as Endpoint[])
      .filter(({ path, kind }) => path.startsWith('/f/') && kind !== 'read')
      .filter(({ permission }) => permission === null || rights[permission] !== undefined)
      .map(({ name }) => name as string);
    expect(open.sort()).toEqual(['changeGuide', 'confirmInstruction', 'keepView', 'leaveFirm']);
  });

  it('records no time, and nobody waits for it', async () => {
    expect((await auditor().done('readOverview', { query: {} })).record).toBeNull();
    const waited = async () =>
      (await world.as('owner').done('readReview', { query: { from: '2026-05-04' } })).people.map(({ personId }) => personId);
    expect(await waited()).not.toContain(world.ids.bookkeeper);
    expect((await waited()).length).toBe(4);
    // What somebody recorded before they became one is reviewed.
    await world.sql("update person_role set role = 'bookkeeper' where person_id = $1", [world.ids.bookkeeper]);
    await record(world, 'bookkeeper' as Who, '2026-05-04', 1);
    await world.sql("update person_role set role = 'auditor' where person_id = $1", [world.ids.bookkeeper]);
    expect(await waited()).toContain(world.ids.bookkeeper);
  });
});
