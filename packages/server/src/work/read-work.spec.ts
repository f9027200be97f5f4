import { World, makeWorld, record, seenWork, setState } from '../testing';

describe('the tree of work', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const seen = async (who: 'owner' | 'manager' | 'staff' | 'mate') => seenWork(world.as(who));
  const names = async (who: 'owner' | 'manager' | 'staff' | 'mate') => (await seen(who)).projects.map((one) => one.name).sort();

  it('has what one may record on, with its tasks and clients', async () => {
    const work = await seen('staff');
    expect(work.projects.map((one) => one.name).sort()).toEqual(['Altar frames', 'Lantern room', 'Office work']);
    expect(work.tasks.map((task) => [task.name, task.parentId])).toEqual(
      jasmine.arrayWithExactContents([
        ['Glazing', null],
        ['Upper tier', world.ids.task],
      ]),
    );
    expect(work.clients.length).toBe(2);
    const { services } = await world.as('staff').done('readWork');
    expect(services.find((service) => service.code === 'OFF')).toEqual(
      jasmine.objectContaining({ kind: 'indirect', billable: false }),
    );
  });

  it('has no bar for a project that one may see no more, and counts its time in all work', async () => {
    const { internal, office } = world.ids;
    await record(world, 'staff', '2026-06-09', 1, { projectId: internal, serviceId: office });
    const bars = async () => (await world.as('staff').done('readBars', { query: { of: `project:${internal}` } })).bars;
    const sum = (list: Awaited<ReturnType<typeof bars>>, id: string) => list.find((bar) => bar.id === id)?.stages.recorded;
    const before = await bars();
    expect(sum(before, internal)).toBe(3600);
    await world.sql('update project set restricted = true where id = $1', [internal]);
    const after = await bars();
    await world.sql('update project set restricted = false where id = $1', [internal]);
    expect(after.map((bar) => bar.id)).not.toContain(internal);
    const all = '00000000-0000-0000-0000-000000000000';
    expect(sum(after, all)).toBe(sum(before, all));
  });

  it('shows a restricted project to those whom it lets in, and to those who see the firm', async () => {
    await world.sql('update project set restricted = true where id = $1', [world.ids.euroProject]);
    expect(await names('staff')).toEqual(['Lantern room', 'Office work']);
    expect(await names('owner')).toContain('Altar frames');
    await world.sql('insert into project_person (firm_id, project_id, person_id) values ($1, $2, $3)', [
      world.firmId,
      world.ids.euroProject,
      world.ids.staff,
    ]);
    expect(await names('staff')).toContain('Altar frames');
    expect(await names('mate')).not.toContain('Altar frames');
    // Nor can it be recorded on, whatever id is sent.
    await expectAsync(record(world, 'mate', '2026-06-08', 1, { projectId: world.ids.euroProject })).toBeRejectedWithError(
      /project-unknown/,
    );
    expect((await record(world, 'staff', '2026-06-08', 1, { projectId: world.ids.euroProject })).projectId).toBe(
      world.ids.euroProject,
    );
  });

  it('says which projects are closed', async () => {
    await setState(world, world.ids.project, 'finished');
    expect((await seen('owner')).projects.find((one) => one.id === world.ids.project)!.open).toBeFalse();
  });
});

describe('what one worked on lately', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const seen = (who: 'staff' | 'mate') => world.as(who).done('readWork');

  it('is one’s own, the newest first, each once', async () => {
    const { project, internal, office, task } = world.ids;
    await record(world, 'staff', '2026-06-04', 1);
    await record(world, 'staff', '2026-06-03', 1, { projectId: internal, serviceId: office });
    await record(world, 'staff', '2026-06-02', 1, { taskId: task });
    await record(world, 'staff', '2026-06-01', 1);
    await record(world, 'staff', '2026-06-05', 1, { projectId: null, serviceId: null });
    await record(world, 'staff', '2026-03-02', 1, { taskId: null });
    const { lately, known } = await seen('staff');
    const of = (projectId: string, taskId: string | null) => ({ projectId, taskId });
    expect(lately).toEqual([of(project, null), of(internal, null), of(project, task)]);
    // It comes with what it is called.
    expect(known.projects.map(({ id }) => id).sort()).toEqual([project, internal].sort());
    expect([known.tasks.map(({ id }) => id), known.clients.map(({ id }) => id)]).toEqual([[task], [world.ids.client]]);
    // Longer ago than six weeks, of somebody else, or of nothing: not there.
    expect((await seen('mate')).lately).toEqual([]);
    await world.sql("update entry set work_date = '2026-03-01' where project_id = $1", [internal]);
    expect((await seen('staff')).lately).not.toContain(of(internal, null));
  });
});
