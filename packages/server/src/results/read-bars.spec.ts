import { World, absent, makeWorld, record, submitAndApprove } from '../testing';

describe('how hours stand by stage', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld();
    const { task, subtask, internal, office } = world.ids;
    await record(world, 'staff', '2026-06-01', 1, { taskId: task });
    await record(world, 'staff', '2026-06-01', 2, { taskId: subtask });
    await record(world, 'mate', '2026-06-01', 3, { taskId: null });
    await record(world, 'staff', '2026-05-04', 4, { projectId: internal, taskId: null, serviceId: office });
    await submitAndApprove(world, 'staff', '2026-05-04');
  });
  afterAll(() => world.close());

  const ALL = '00000000-0000-0000-0000-000000000000';
  type Asker = 'owner' | 'manager' | 'staff' | 'mate';
  const bars = async (of: readonly string[], who: Asker = 'owner') =>
    (await world.as(who).done('readBars', { query: of.length > 0 ? { of: of.join(',') } : {} })).bars;
  const hours = async (id: string, of: readonly string[], who: Asker = 'owner') => {
    const bar = (await bars(of, who)).find((one) => one.id === id);
    return bar && [...Object.values(bar.stages), bar.ended].map((seconds) => seconds / 3600);
  };

  it('is told of a project and of a task with all below it, and of all work together', async () => {
    const { project, task, subtask, internal } = world.ids;
    const of = [`project:${project}`, `project:${internal}`, `task:${task}`, `task:${subtask}`];
    expect(await hours(task, of)).toEqual([3, 0, 0, 0, 0, 0]);
    expect(await hours(subtask, of)).toEqual([2, 0, 0, 0, 0, 0]);
    expect(await hours(project, of)).toEqual([6, 0, 0, 0, 0, 0]);
    // What is approved and not billed ends there.
    expect(await hours(internal, of)).toEqual([0, 0, 4, 0, 0, 4]);
    expect(await hours(ALL, of)).toEqual([6, 0, 4, 0, 0, 4]);
    expect((await bars([])).map(({ id }) => id)).toEqual([ALL]);
    expect((await bars([`task:${task}`])).map(({ id }) => id).sort()).toEqual([ALL, task].sort());
  });

  it('is as much as one may see, of work that one may see', async () => {
    const { project, task } = world.ids;
    const of = [`project:${project}`, `task:${task}`];
    expect(await hours(project, of, 'staff')).toEqual([3, 0, 0, 0, 0, 0]);
    expect(await hours(task, of, 'mate')).toBeUndefined();
    expect(await hours(ALL, of, 'mate')).toEqual([3, 0, 0, 0, 0, 0]);
    await world.sql('update project set restricted = true where id = $1', [project]);
    expect((await bars(of, 'staff')).map(({ id }) => id)).toEqual([ALL]);
    expect((await bars(of)).length).toBe(3);
    await world.sql('update project set restricted = false where id = $1', [project]);
  });

  it('is of time, not of absences', async () => {
    const seen = async () => [await hours(ALL, [], 'owner'), await hours(ALL, [], 'manager'), await hours(ALL, [], 'staff')];
    const before = await seen();
    const id = await absent(world, 'staff', '2026-06-03', 'holiday');
    expect(await world.sql('select kind from entry where id = $1', [id])).toEqual([{ kind: 'absence' }]);
    expect(await seen()).toEqual(before);
  });
});
