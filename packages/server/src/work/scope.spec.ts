import { addDays } from '@yellowwood/core';
import { MONDAY, World, bill, makeWorld, record, submitAndApprove } from '../testing';

describe('a scope', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld();
    const { task, subtask, internal, office, euroProject } = world.ids;
    await record(world, 'staff', MONDAY, 4, { taskId: task });
    await record(world, 'staff', addDays(MONDAY, 1), 2, { taskId: subtask });
    const mates = await record(world, 'mate', MONDAY, 3, { taskId: subtask });
    await record(world, 'mate', addDays(MONDAY, 1), 1, { projectId: internal, serviceId: office });
    await record(world, 'manager', MONDAY, 5, { projectId: euroProject });
    await submitAndApprove(world, 'mate');
    await bill(world, [mates.id]);
  });
  afterAll(() => world.close());

  const hours = async (scope: string) => (await world.as('owner').done('readResults', { query: { scope } })).hours.total / 3600;
  const id = (name: keyof World['ids']) => world.ids[name];

  it('holds a client, a project, a task with what is below it, or the time of one person', async () => {
    expect(await hours('all')).toBe(15);
    expect(await hours(`client:${id('client')}`)).toBe(9);
    expect(await hours(`project:${id('project')}`)).toBe(9);
    expect(await hours(`task:${id('task')}`)).toBe(9);
    expect(await hours(`task:${id('subtask')}`)).toBe(5);
    expect(await hours(`person:${id('mate')}`)).toBe(4);
    expect(await hours(`person:${id('bookkeeper')}`)).toBe(0);
  });

  it('compares budgets with everything to date, whatever the span of the figures', async () => {
    const before = { scope: 'all', from: '2026-01-01', to: '2026-01-31' };
    const row = async (query: object) =>
      (await world.as('owner').done('readResults', { query })).rows.find((one) => one.id === id('project'))!;
    const [early, all] = [await row(before), await row({ scope: 'all' })];
    expect([early.hours.total, early.cost!.total]).toEqual([0, 0]);
    expect(early.toDate).toEqual({ seconds: all.hours.total, cost: all.cost!.total });
    expect(all.toDate).toEqual(early.toDate);
    // A span without a beginning ends before all of it, too.
    const upTo = await row({ scope: 'all', to: '2026-01-31' });
    expect([upTo.hours.total, upTo.toDate]).toEqual([0, all.toDate]);
    expect(all.hours.total).toBeGreaterThan(0);
  });

  it('of a person has rows for the projects of their time, without the budgets of the whole', async () => {
    const {
      name,
      rows,
      limit,
      hours: top,
    } = await world.as('owner').done('readResults', { query: { scope: `person:${id('mate')}` } });
    expect([name, limit, top.estimate]).toEqual(['Mate Person', null, 0]);
    expect(rows.map((row) => row.hours.total / 3600).sort()).toEqual([1, 3]);
    expect(rows.every((row) => row.hours.estimate === 0 && row.cost!.budget === 0)).toBeTrue();
  });

  it('of a person narrows review, what is to bill, and the invoices that bill them', async () => {
    const mate = { scope: `person:${id('mate')}` };
    const staff = { scope: `person:${id('staff')}` };
    const review = await world.as('owner').done('readReview', { query: { from: MONDAY, ...staff } });
    expect(review.people.map((person) => person.personId)).toEqual([id('staff')]);
    const invoices = async (query: object) =>
      (await world.as('bookkeeper').done('listInvoices', { query: { show: 'all', ...query } })).invoices.length;
    expect([await invoices({}), await invoices(mate), await invoices(staff)]).toEqual([1, 1, 0]);
    const open = async (query: object) => (await world.as('owner').done('readOverview', { query })).record!.open / 3600;
    expect([await open({}), await open(staff), await open(mate)]).toEqual([11, 6, 0]);
    const collect = async (query: object) => (await world.as('owner').done('readOverview', { query })).collect!.open.length;
    expect([await collect(mate), await collect(staff)]).toEqual([1, 0]);
  });

  it('of a person cannot be billed at the desk: a document is for a client', async () => {
    const answer = await world
      .as('bookkeeper')
      .call('readBillDesk', { query: { scope: `person:${id('mate')}`, upTo: '2026-06-14' } });
    expect([answer.status, answer.problem.code]).toEqual([404, 'scope-unknown']);
  });

  it('has the same figure as the entries behind it', async () => {
    for (const scope of ['all', `task:${id('subtask')}`, `person:${id('staff')}`, `client:${id('client')}`]) {
      const behind = await world.as('owner').done('readBehind', { query: { scope, figure: 'hours' } });
      expect(behind.seconds / 3600)
        .withContext(scope)
        .toBe(await hours(scope));
      expect(behind.entries.reduce((sum, entry) => sum + entry.quantity, 0))
        .withContext(scope)
        .toBe(behind.seconds);
      expect(behind.entries.length).withContext(scope).toBe(behind.count);
    }
  });

  it('that names nothing, or something of another kind, is unknown', async () => {
    for (const scope of [`person:${id('project')}`, `project:${id('staff')}`, `task:${id('client')}`])
      expect((await world.as('owner').call('readOverview', { query: { scope } })).problem.code)
        .withContext(scope)
        .toBe('scope-unknown');
  });

  it('is unknown to those who may not see what it names, task and client as much as project', async () => {
    await world.sql('update project set restricted = true where id = $1', [id('project')]);
    const scopes = [`project:${id('project')}`, `task:${id('task')}`, `task:${id('subtask')}`, `client:${id('client')}`];
    for (const scope of scopes) {
      const answer = await world.as('mate').call('readOverview', { query: { scope } });
      expect([answer.status, answer.problem.code]).withContext(scope).toEqual([404, 'scope-unknown']);
      expect((await world.as('owner').done('readOverview', { query: { scope } })).scope).toBe(scope);
    }
    await world.sql('update project set restricted = false where id = $1', [id('project')]);
    for (const scope of scopes) expect((await world.as('mate').done('readOverview', { query: { scope } })).scope).toBe(scope);
  });
});
