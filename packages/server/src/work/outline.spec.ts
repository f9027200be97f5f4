import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, atOnce, makeWorld, meanwhile, record } from '../testing';

type Wish = BodyOf<Endpoints['addTasks']>;

describe('the outline of a project', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const tasks = async (as = owner()) => (await as.done('listTasks', { params: { id: world.ids.project } })).tasks;
  const names = async () => (await tasks()).map(({ name }) => name);
  const line = (name: string, parentId: string | null = null, more: object = {}) => ({
    ...{ id: newId(), parentId, name, estimate: 0, ...more },
  });
  const add = (lines: Wish['lines'], place: Partial<Wish['place']> = {}, as = owner(), id = world.ids.project) =>
    as.call('addTasks', { params: { id }, body: { place: { parentId: null, beforeId: null, ...place }, lines } });
  const change = (id: string, version: number, body: BodyOf<Endpoints['changeTask']>, as = owner()) =>
    as.call('changeTask', { params: { id }, version, body });
  const remove = (id: string, version: number, as = owner()) =>
    as.call('removeTask', { params: { id }, version, body: { branch: [world.ids.task, world.ids.subtask, id] } });
  const told = () =>
    world.sql<{ action: string; before: object | null; after: object | null }>(
      `select e.action, s.before, s.after from audit_event e join audit_subject s on s.event_id = e.id
        where s.subject_id = $1 order by e.id`,
      [world.ids.project],
    );

  it('is read in its order by those who see the project', async () => {
    const { task, subtask, project } = world.ids;
    expect(await tasks(world.as('staff'))).toEqual([
      {
        ...{ id: task, projectId: project, parentId: null, kind: 'phase', name: 'Glazing' },
        ...{ place: 0, open: true, estimate: 72_000, version: 1 },
      },
      {
        ...{ id: subtask, projectId: project, parentId: task, kind: 'task', name: 'Upper tier' },
        ...{ place: 0, open: true, estimate: 36_000, version: 1 },
      },
    ]);
    await world.sql('update project set restricted = true where id = $1', [project]);
    expect((await world.as('staff').call('listTasks', { params: { id: project } })).problem.code).toBe('scope-unknown');
  });

  it('takes a list in at its place, once', async () => {
    const { task, subtask } = world.ids;
    const glass = line('Glass ', null, { estimate: 3600 });
    const cut = line('Cut', glass.id);
    const body = {
      place: { parentId: task, beforeId: subtask },
      lines: [glass, cut, line('Putty', null, { kind: 'work order' })],
    };
    const key = newId();
    const of = { params: { id: world.ids.project }, body, key };
    const made = await owner().done('addTasks', of);
    expect(await owner().done('addTasks', of)).toEqual(made);
    const facts = made.tasks.map((one) => [one.name, one.kind, one.parentId, one.place, one.estimate, one.version] as const);
    expect(facts.sort(([a], [b]) => (a < b ? -1 : 1))).toEqual([
      ['Cut', 'task', glass.id, 0, 0, 1],
      ['Glass', 'phase', task, 0, 3600, 1],
      ['Putty', 'work order', task, 1, 0, 1],
      ['Upper tier', 'task', task, 2, 36_000, 2],
    ] as never);
    expect((await told()).map(({ action, after }) => [action, after])).toEqual([['tasks added', { tasks: 'Glass, Cut, Putty' }]]);
    await record(world, 'staff', '2026-06-09', 1, { taskId: cut.id });
  });

  it('takes nothing in where it cannot take all', async () => {
    const before = await tasks();
    const code = async (...of: Parameters<typeof add>) => (await add(...of)).problem.code;
    const [first] = [line('First')];
    expect(await code([line('Below', first.id), first])).toBe('order-unreadable');
    expect(await code([line('Known', world.ids.task)])).toBe('order-unreadable');
    expect(await code([first], { parentId: newId() })).toBe('task-unknown');
    expect(await code([first], { beforeId: world.ids.subtask })).toBe('task-unknown');
    expect(await code([first], {}, owner(), newId())).toBe('scope-unknown');
    expect(await code([first], {}, world.as('manager'))).toBe('scope-unknown');
    expect(await code([first, line('Twice', null, { id: world.ids.task })])).toBe('already-there');
    const deep = Array.from({ length: 10 }, () => line('Deep'));
    deep.forEach((one, index) => (one.parentId = deep[index - 1]?.id ?? null));
    expect(await code(deep)).toBe('too-deep');
    expect(await tasks()).toEqual(before);
    await world.sql('update project set manager_id = $1', [world.ids.manager]);
    expect((await add([first], {}, world.as('manager'))).status).toBe(200);
  });

  it('changes what a task is, for whoever has seen it as it is', async () => {
    const { subtask } = world.ids;
    const changed = await change(subtask, 1, { name: ' Upper stage ', kind: 'deliverable', estimate: 7200, open: false });
    expect(changed.body).toEqual((await tasks())[1]!);
    expect([changed.body.name, changed.body.version]).toEqual(['Upper stage', 2]);
    const stale = await change(subtask, 1, { name: 'Lower stage' });
    expect([stale.problem.code, (stale.problem.current as { name: string }).name]).toEqual(['version-stale', 'Upper stage']);
    expect((await change(subtask, 2, { name: 'Upper stage' })).problem.code).toBe('nothing-to-change');
    expect((await change(newId(), 1, { name: 'Any' })).problem.code).toBe('task-unknown');
    expect((await change(subtask, 2, { name: 'Any' }, world.as('manager'))).problem.code).toBe('task-unknown');
    const [event] = await told();
    expect(event).toEqual({
      action: 'task changed',
      before: { taskName: 'Upper tier', taskKind: 'task', estimate: 36_000, open: true },
      after: { taskName: 'Upper stage', taskKind: 'deliverable', estimate: 7200, open: false },
    });
  });

  it('loses a task with all below it, where nothing refers to any of them', async () => {
    const { task, subtask, project, survey } = world.ids;
    const used = async () => {
      const { problem } = await remove(task, 1);
      return [problem?.code, problem?.detail];
    };
    const refused = ['task-used', jasmine.stringContaining('“Upper tier”')];
    const entry = await record(world, 'staff', '2026-06-09', 1, { taskId: subtask });
    expect(await used()).toEqual(refused as never);
    await world.as('staff').done('deleteEntry', { params: { id: entry.id }, version: entry.version });
    const timer = newId();
    const staff = world.as('staff');
    const body = { id: timer, projectId: project, taskId: subtask, serviceId: survey, note: '', others: 'stop' as const };
    await staff.done('startTimer', { body });
    expect(await used()).toEqual(refused as never);
    await staff.done('discardTimer', { params: { id: timer } });
    const row = { projectId: project, taskId: subtask, serviceId: survey, billable: true };
    await staff.done('addRow', { params: { from: '2026-06-08' }, body: row });
    expect(await used()).toEqual(refused as never);
    await staff.done('removeRow', { params: { from: '2026-06-08' }, body: row });
    await world.sql(
      `insert into rate_rule (firm_id, id, task_id, currency, rate, valid_from) values ($1, $2, $3, 'GBP', 1, '2026-01-01')`,
      [world.firmId, newId(), subtask],
    );
    expect(await used()).toEqual(refused as never);
    await world.sql('delete from rate_rule where task_id = $1', [subtask]);
    expect((await remove(task, 1, world.as('manager'))).problem.code).toBe('task-unknown');
    expect((await remove(task, 2)).problem.code).toBe('version-stale');
    expect((await remove(task, 1)).body).toEqual({ gone: [task, subtask] });
    expect(await names()).toEqual([]);
    expect((await told()).at(-1)).toEqual({
      action: 'tasks removed',
      before: { tasks: 'Glazing, Upper tier' },
      after: { tasks: '' },
    });
    expect((await remove(task, 1)).problem.code).toBe('task-unknown');
    // Taken back, it is the same task.
    const [back] = (await add([line('Glazing', null, { id: task, kind: 'phase', open: false })])).body.tasks;
    expect([back!.id, back!.kind, back!.open]).toEqual([task, 'phase', false]);
  });

  it('has its history with its project, for those who may read all of it', async () => {
    const { project, subtask } = world.ids;
    await change(subtask, 1, { estimate: 7200 });
    const read = (as = owner()) => as.call('readHistory', { params: { id: project } });
    const { events } = (await read()).body;
    expect(events.map(({ by, action, before, after }) => [by, action, before, after])).toEqual([
      ['Owner Person', 'task changed', { estimate: 36_000, taskName: null }, { estimate: 7200, taskName: 'Upper tier' }],
    ]);
    expect((await read(world.as('bookkeeper'))).status).toBe(200);
    expect((await read(world.as('manager'))).problem.code).toBe('subject-unknown');
    expect((await read(world.as('staff'))).problem.code).toBe('subject-unknown');
    await world.sql('update project set manager_id = $1', [world.ids.manager]);
    expect((await read(world.as('manager'))).body.events).toEqual(events);
    expect((await owner().call('readHistory', { params: { id: world.ids.client } })).status).toBe(200);
  });

  it('is changed by one at a time: a list below a task that goes is refused, or the task stays', async () => {
    const { task } = world.ids;
    const [gone, added] = await atOnce(world, 2, async (index) =>
      index === 0 ? (await remove(task, 1)).status : (await add([line('Below')], { parentId: task })).status,
    );
    expect([gone, added]).toContain(200);
    if (gone === 200) expect([await names(), added]).toEqual([[], 404]);
    else expect([gone, await names()]).toEqual([412, jasmine.arrayWithExactContents(['Glazing', 'Upper tier', 'Below'])]);
  });

  it('tells who records on it that a task is gone', async () => {
    const refused = await meanwhile(
      world,
      `select from task where id = '${world.ids.subtask}' for update`,
      `delete from task where id = '${world.ids.subtask}'`,
      () => record(world, 'staff', '2026-06-09', 1, { taskId: world.ids.subtask }).catch((error: Error) => error.message),
    );
    expect(refused).toContain('reference-unknown');
  });
});
