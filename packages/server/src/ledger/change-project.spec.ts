import type { ProjectFacts } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, differencesOf, makeWorld, meanwhile, record, seenWork, setState, submitAndApprove } from '../testing';

describe('a project that is changed', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  const read = (as = owner()) => as.call('readProject', { params: { id: world.ids.project } });
  const change = async (names: Partial<ProjectFacts>, as = owner(), version?: number) => {
    const known = (await read()).body;
    const of = { params: { id: world.ids.project }, version: version ?? known.version };
    return as.call('changeProject', { ...of, body: { ...known.facts, ...names } });
  };
  const code = async (...of: Parameters<typeof change>) => (await change(...of)).problem.code;
  const events = async () => (await owner().done('readHistory', { params: { id: world.ids.project } })).events;

  it('is read by those who see it', async () => {
    const { ids } = world;
    expect((await read(world.as('staff'))).body).toEqual({
      ...{ id: ids.project, client: 'Harbour Trust', state: 'Open', version: 1 },
      facts: {
        ...{ name: 'Lantern room', code: 'LANTERN', orderReference: 'HT-1', managerId: ids.owner },
        ...{ estimate: 360_000, stateId: ids.underWay, archived: false },
        ...{ tone: 1, startsOn: null, endsOn: null, complete: null, notes: '' },
      },
    });
    await world.sql('update project set restricted = true');
    expect((await read(world.as('staff'))).problem.code).toBe('scope-unknown');
  });

  it('has its new facts and a history, for whoever saw it as it is', async () => {
    const done = await change({ name: ' Lantern ', code: 'lamp', orderReference: 'HT-2 ', estimate: 7200 });
    expect(done.body).toEqual((await read()).body);
    expect([done.body.facts.name, done.body.facts.code, done.body.version]).toEqual(['Lantern', 'lamp', 2]);
    expect((await change({ name: 'Lamp' }, owner(), 1)).problem.code).toBe('version-stale');
    expect(await code({})).toBe('nothing-to-change');
    const [event] = await events();
    expect([event!.action, event!.before, event!.after]).toEqual([
      'project changed',
      { name: 'Lantern room', code: 'LANTERN', estimate: 360_000, orderReference: 'HT-1' },
      { name: 'Lantern', code: 'lamp', estimate: 7200, orderReference: 'HT-2' },
    ]);
  });

  it('has the days that are thought of, how much of it is done, a tone and notes', async () => {
    expect(await code({ startsOn: '2026-06-02', endsOn: '2026-06-01' })).toBe('range-reversed');
    expect((await change({ startsOn: '2026-06-01', endsOn: '2026-06-01', complete: 0 })).status).toBe(200);
    const notes = 'Keys at the lodge; see https://plans.example/lantern';
    const after = (await change({ startsOn: null, endsOn: '2026-09-30', complete: 40, tone: 7, notes: ` ${notes}\n` })).body;
    expect(after.facts).toEqual(jasmine.objectContaining({ startsOn: null, endsOn: '2026-09-30', complete: 40, tone: 7, notes }));
    expect(after).toEqual(await owner().done('readProject', { params: { id: world.ids.project } }));
    const [first, second] = await events();
    expect([first!.after, second!.before, second!.after]).toEqual([
      { startsOn: '2026-06-01', endsOn: '2026-06-01', complete: 0 },
      { tone: 1, startsOn: '2026-06-01', endsOn: '2026-06-01', complete: 0, notes: '' },
      { tone: 7, startsOn: null, endsOn: '2026-09-30', complete: 40, notes },
    ]);
    const { projects } = await seenWork(owner());
    expect(projects.find(({ id }) => id === world.ids.project)).toEqual(
      jasmine.objectContaining({ tone: 7, startsOn: null, endsOn: '2026-09-30', complete: 40 }),
    );
    // Neither day refuses time.
    await change({ startsOn: '2026-06-10' });
    expect((await record(world, 'staff', '2026-06-08', 1)).problems).toEqual([]);
  });

  it('keeps a name of its own for its client, and a code of its own', async () => {
    const other = await owner().done('createProject', {
      body: { id: newId(), name: 'Gallery', client: { id: world.ids.client } },
    });
    expect(await code({ name: 'gallery' })).toBe('project-exists');
    expect(await code({ code: 'altar' })).toBe('code-taken');
    expect((await change({ code: 'Lantern' })).status).toBe(200);
    await setState(world, other.project.id, 'finished');
    expect((await change({ name: 'Gallery' })).status).toBe(200);
    // One that is finished keeps the name that it had, until it is taken up again.
    const of = { params: { id: other.project.id } };
    const { facts, version } = await owner().done('readProject', of);
    expect((await owner().call('changeProject', { ...of, version, body: { ...facts, estimate: 60 } })).status).toBe(200);
    const again = { ...of, version: version + 1, body: { ...facts, stateId: world.ids.underWay } };
    expect((await owner().call('changeProject', again)).problem.code).toBe('project-exists');
    // In the archive it may be in any state.
    const away = { ...again, body: { ...again.body, archived: true } };
    expect((await owner().call('changeProject', away)).status).toBe(200);
    const back = { ...again, version: version + 2 };
    expect((await owner().call('changeProject', back)).problem.code).toBe('project-exists');
  });

  it('is looked after by somebody else, by the gift of those who see everybody’s time', async () => {
    const { ids } = world;
    expect(await code({ managerId: newId() })).toBe('person-unknown');
    await world.sql("update person set left_on = '2026-06-01' where id = $1", [ids.mate]);
    expect(await code({ managerId: ids.mate })).toBe('left-already');
    expect((await change({ managerId: ids.manager })).status).toBe(200);
    const [event] = await events();
    expect([event!.before, event!.after]).toEqual([{ manager: 'Owner Person' }, { manager: 'Manager Person' }]);
    expect(await code({ managerId: ids.owner }, world.as('manager'))).toBe('lead-not-yours');
    expect((await change({ name: 'By its manager' }, world.as('manager'))).status).toBe(200);
    await world.sql('update project set manager_id = $1', [ids.owner]);
    expect(await code({ name: 'Not any more' }, world.as('manager'))).toBe('scope-unknown');
  });

  it('takes no more time once it is finished or in the archive: what is not decided on says so, until it is taken up again', async () => {
    const staff = world.as('staff');
    const decided = await record(world, 'staff', '2026-06-02', 1);
    await submitAndApprove(world, 'staff', '2026-06-01');
    const open = await record(world, 'staff', '2026-06-08', 1);
    const elsewhere = await record(world, 'staff', '2026-06-09', 1, { projectId: world.ids.euroProject });
    const mate = await record(world, 'mate', '2026-06-08', 1);
    await world.as('mate').done('submitPeriod', { params: { from: '2026-06-08' }, body: { note: '' } });
    const problems = async () =>
      new Map(
        (
          await world.sql<{ id: string; problems: string[]; count: number; version: number }>(
            'select id, problems, problem_count as count, version from entry',
          )
        ).map((row) => [row.id, [row.problems, row.count, row.version]]),
      );
    const before = await problems();
    expect((await change({ stateId: world.ids.finished })).body.state).toBe('Finished');
    const closed = await problems();
    expect(closed.get(open.id)).toEqual([['project-closed'], 1, 2]);
    expect(closed.get(mate.id)).toEqual([['project-closed'], 1, 3]);
    for (const { id } of [elsewhere, decided]) expect(closed.get(id)).toEqual(before.get(id)!);
    const submitted = await staff.call('submitPeriod', { params: { from: '2026-06-08' }, body: { note: '' } });
    expect(submitted.problem.code).toBe('problems-left');
    // Said once, also where something else of it changes, and gone with what it says.
    expect((await change({ estimate: 1 })).status).toBe(200);
    expect((await problems()).get(open.id)).toEqual([['project-closed'], 1, 2]);
    // In the archive it takes none either, whatever its state says.
    expect((await change({ archived: true })).status).toBe(200);
    expect((await change({ stateId: world.ids.underWay })).status).toBe(200);
    expect((await problems()).get(open.id)).toEqual([['project-closed'], 1, 2]);
    expect((await change({ archived: false })).status).toBe(200);
    expect((await problems()).get(open.id)).toEqual([[], 0, 3]);
    expect((await change({ archived: true })).status).toBe(200);
    expect((await problems()).get(open.id)).toEqual([['project-closed'], 1, 4]);
    const told = (await events()).map(({ before, after }) => [before, after]);
    expect(told[0]).toEqual([{ state: 'Open' }, { state: 'Finished' }]);
    expect(told.at(-1)).toEqual([{ archived: false }, { archived: true }]);
  });

  it('waits for whoever records on it', async () => {
    const done = await meanwhile(
      world,
      `select pg_advisory_xact_lock_shared(hashtextextended('rules ${world.firmId}', 0))`,
      'select',
      () => change({ stateId: world.ids.finished }),
    );
    expect(done.status).toBe(200);
  });

  it('marks what is recorded while it is being finished', async () => {
    const entry = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('rules ${world.firmId}', 0))`,
      `update project set archived = true where id = '${world.ids.project}'`,
      () => record(world, 'staff', '2026-06-08', 1),
    );
    expect(entry.problems).toEqual(['project-closed']);
  });
});
