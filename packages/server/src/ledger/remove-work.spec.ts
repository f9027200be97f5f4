import { v7 as newId } from 'uuid';
import { World, bill, differencesOf, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

describe('work that nothing refers to', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  /** A project of a new client, with a task below another. */
  const laid = async () => {
    const [client, project, task, below] = [newId(), newId(), newId(), newId()];
    const line = { estimate: 0 };
    await owner().done('layDown', {
      body: {
        client: { id: client, name: `Mole Trust ${client}` },
        lines: [
          { ...line, id: project, parentId: null, name: 'Mole repair' },
          { ...line, id: task, parentId: project, name: 'Glazing' },
          { ...line, id: below, parentId: task, name: 'Upper tier' },
        ],
      },
    });
    return { client, project, task, below };
  };
  const remove = async (id: string, version = 1, as = owner()) => {
    const { status, problem } = await as.call('removeProject', { params: { id }, version });
    return status === 200 ? 'gone' : problem.code;
  };
  const removeClient = async (id: string, version = 1, as = owner()) => {
    const { status, problem } = await as.call('removeClient', { params: { id }, version });
    return status === 200 ? 'gone' : problem.code;
  };

  it('goes with its tasks, and what was agreed and said of it; its client stays until it is taken away, too', async () => {
    const { client, project } = await laid();
    const whole = await world.sql('select from project_person');
    await world.sql('insert into project_person (firm_id, project_id, person_id) values ($1, $2, $3)', [
      ...[world.firmId, project, world.ids.staff],
    ]);
    expect(await removeClient(client)).toBe('client-used');
    expect(await remove(project)).toBe('gone');
    for (const table of ['task', 'agreement', 'rate_rule'])
      expect(await world.sql(`select from ${table} where project_id = $1`, [project]))
        .withContext(table)
        .toEqual([]);
    expect((await world.sql('select from project_person')).length).toBe(whole.length);
    const found = async () => (await owner().done('findWork', { query: { words: 'mole', sought: 'tree' } })).found;
    expect(await found()).toEqual([`client:${client}`]);
    expect(await removeClient(client)).toBe('gone');
    expect(await found()).toEqual([]);
    const [event] = await world.sql(
      "select subjects from (select action, array(select before from audit_subject s where s.event_id = e.id) as subjects from audit_event e) x where action = 'project removed'",
    );
    expect(event).toEqual({
      subjects: [jasmine.objectContaining({ name: 'Mole repair', tasks: 'Glazing, Upper tier' })],
    } as never);
  });

  it('goes once, for whoever saw it as it is and may change it', async () => {
    const { client, project } = await laid();
    expect(await remove(project, 2)).toBe('version-stale');
    expect(await remove(project, 1, world.as('manager'))).toBe('scope-unknown');
    expect(await removeClient(client, 2)).toBe('version-stale');
    expect(await removeClient(client, 1, world.as('manager'))).toBe('scope-unknown');
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, project]);
    expect(await remove(project, 1, world.as('manager'))).toBe('gone');
    expect(await remove(project)).toBe('scope-unknown');
  });

  it('is kept by time, by a timer, and by a row that was planned', async () => {
    const [timed, clocked, planned] = [await laid(), await laid(), await laid()];
    await record(world, 'staff', '2026-06-08', 1, { projectId: timed.project, taskId: timed.below });
    expect(await remove(timed.project)).toBe('project-used');
    const timer = { id: newId(), projectId: clocked.project, taskId: null, serviceId: null, note: '', others: 'pause' as const };
    await world.as('staff').done('startTimer', { body: timer });
    expect(await remove(clocked.project)).toBe('project-used');
    const row = { projectId: planned.project, taskId: planned.task, serviceId: world.ids.survey, billable: true };
    await world.as('staff').done('addRow', { params: { from: '2026-06-15' }, body: row });
    expect(await remove(planned.project)).toBe('project-used');
    await world.as('staff').done('removeRow', { params: { from: '2026-06-15' }, body: row });
    expect(await remove(planned.project)).toBe('gone');
  });

  it('is kept by a document, and by what is priced by a rate of it elsewhere', async () => {
    const entry = await record(world, 'staff', '2026-06-08', 4);
    await submitAndApprove(world, 'staff');
    await bill(world, [entry.id]);
    const [{ version }] = (await world.sql('select version from client where id = $1', [world.ids.client])) as [
      { version: number },
    ];
    const { project } = await laid();
    // As it is where a line is all that is left of it.
    await world.sql('update project set client_id = $1 where client_id = $2', [world.ids.euroClient, world.ids.client]);
    expect(await removeClient(world.ids.client, version)).toBe('client-used');
    await world.sql('update rate_rule set project_id = $1 where id = (select rate_rule_id from entry where id = $2)', [
      ...[project, entry.id],
    ]);
    expect(await remove(project)).toBe('project-used');
    await world.sql('update rate_rule set project_id = null where project_id = $1', [project]);
    await world.sql('update project set client_id = $1 where client_id = $2', [world.ids.client, world.ids.euroClient]);
  });

  it('waits for whoever records on it', async () => {
    const { project } = await laid();
    const row = { projectId: world.ids.project, taskId: null, serviceId: world.ids.survey, billable: true };
    await world.as('staff').done('addRow', { params: { from: '2026-06-15' }, body: row });
    const done = await meanwhile(
      world,
      `select pg_advisory_xact_lock_shared(hashtextextended('rules ${world.firmId}', 0))`,
      `update sheet_row set project_id = '${project}'`,
      () => remove(project),
    );
    expect(done).toBe('project-used');
  });
});
