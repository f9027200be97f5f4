import { MONDAY, World, anotherProject, inOrder, makeWorld, record, setState } from '../testing';

describe('rows of a period', () => {
  const it = inOrder();
  let world: World;
  const row = () => ({ projectId: world.ids.project, taskId: world.ids.task, serviceId: world.ids.survey, billable: true });

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const params = { from: MONDAY };

  it('are there without hours, once each, until they are taken out', async () => {
    const staff = world.as('staff');
    expect((await staff.done('addRow', { params, body: row() })).rows).toEqual([row()]);
    expect((await staff.done('addRow', { params, body: row() })).rows).toEqual([row()]);
    const other = { ...row(), billable: false };
    expect((await staff.done('addRow', { params, body: other })).rows.length).toBe(2);
    expect((await staff.done('removeRow', { params, body: row() })).rows).toEqual([other]);
    expect((await staff.done('readTimesheet', { params })).rows).toEqual([other]);
    // Nobody else has them.
    expect((await world.as('mate').done('readTimesheet', { params })).rows).toEqual([]);
  });

  it('with hours are kept by their hours: taking one out deletes nothing', async () => {
    const staff = world.as('staff');
    await record(world, 'staff', '2026-06-08', 2, { taskId: world.ids.task });
    await staff.done('removeRow', { params, body: row() });
    expect((await staff.done('readTimesheet', { params })).entries.length).toBe(1);
  });

  it('are for projects that take time and that one may record on', async () => {
    await setState(world, world.ids.euroProject, 'onHold');
    const closed = await world
      .as('staff')
      .call('addRow', { params, body: { ...row(), projectId: world.ids.euroProject, taskId: null } });
    expect(closed.problem.code).toBe('project-unknown');
    await world.sql('update project set restricted = true where id = $1', [world.ids.internal]);
    const hidden = await world
      .as('staff')
      .call('addRow', { params, body: { ...row(), projectId: world.ids.internal, taskId: null } });
    expect(hidden.problem.code).toBe('project-unknown');
  });

  it('come without hours into a week that is ahead, and nothing is told of hours', async () => {
    const told = async () => (await world.sql("select from audit_event where action = 'entries brought'")).length;
    const before = await told();
    const week = await world.as('staff').done('bringRows', { params: { from: '2026-06-15' }, body: { withHours: true } });
    expect([week.rows.length > 0, week.entries, await told()]).toEqual([true, [], before]);
  });

  it('come of work that takes time alone', async () => {
    const from = '2026-07-06';
    const other = await anotherProject(world);
    await world
      .as('staff')
      .done('addRow', { params: { from: '2026-06-29' }, body: { ...row(), projectId: other, taskId: null } });
    await world.as('staff').done('addRow', { params: { from: '2026-06-29' }, body: row() });
    await setState(world, other, 'onHold');
    const week = await world.as('staff').done('bringRows', { params: { from }, body: { withHours: false } });
    expect(week.rows.map(({ projectId }) => projectId)).toEqual([row().projectId]);
  });

  it('are not added to a period that is submitted', async () => {
    await world.as('staff').done('submitPeriod', { params, body: { note: '' } });
    expect((await world.as('staff').call('addRow', { params, body: row() })).problem.code).toBe('period-submitted');
  });
});
