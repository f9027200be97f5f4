import type { ProjectState } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, anotherProject, atOnce, differencesOf, makeWorld, meanwhile, record, setState } from '../testing';

describe('the states of projects', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  const states = async (as = owner()) => (await as.done('listProjectStates')).states;
  const named = async (name: string) => (await states()).find((state) => state.name === name)!;
  const change = async (name: string, wish: Partial<ProjectState & { place: number }>) => {
    const all = await states();
    const { id, version, ...known } = await named(name);
    const body = { name, records: known.records, open: known.open, place: all.findIndex((one) => one.id === id), ...wish };
    return owner().call('changeProjectState', { params: { id }, version, body });
  };
  const add = async (name: string, records = true, open = true) => {
    const id = newId();
    expect((await owner().call('createProjectState', { body: { id, name, records, open } })).status).toBe(200);
    return id;
  };
  const problemsOf = async (project: string) =>
    (await world.sql<{ problems: string[] }>('select problems from entry where project_id = $1', [project])).map(
      ({ problems }) => problems,
    );

  it('are the firm’s own, in their order, with how many of the projects that one sees have them', async () => {
    expect((await states()).map(({ name, records, open, projects }) => [name, records, open, projects])).toEqual([
      ['Proposed', false, true, 0],
      ['Open', true, true, 3],
      ['On hold', false, true, 0],
      ['Finished', false, false, 0],
    ]);
    await world.sql('update project set restricted = true where id = $1', [world.ids.project]);
    expect((await states(world.as('staff')))[1]!.projects).toBe(2);
    await add(' Snagging ');
    expect((await change('Snagging', { place: 1 })).status).toBe(200);
    const now = (await states()).map(({ name }) => name);
    expect(now).toEqual(['Proposed', 'Snagging', 'Open', 'On hold', 'Finished']);
    expect((await change('Proposed', { place: 99 })).status).toBe(200);
    expect((await states()).map(({ name }) => name)).toEqual(['Snagging', 'Open', 'On hold', 'Finished', 'Proposed']);
    expect((await change('Proposed', { place: 99 })).problem.code).toBe('nothing-to-change');
  });

  it('say of a project whether it takes time: what is not decided on is marked, and what is in the archive stays as it is', async () => {
    const [elsewhere, archived] = [await anotherProject(world), await anotherProject(world)];
    await setState(world, elsewhere, 'finished');
    await record(world, 'staff', '2026-06-08', 1);
    await record(world, 'staff', '2026-06-09', 1, { projectId: elsewhere });
    await record(world, 'staff', '2026-06-10', 1, { projectId: archived });
    const { facts, version } = await owner().done('readProject', { params: { id: archived } });
    await owner().done('changeProject', { params: { id: archived }, version, body: { ...facts, archived: true } });
    await add('Snagging');
    const of = () => Promise.all([world.ids.project, elsewhere, archived].map(problemsOf));
    expect(await of()).toEqual([[[]], [['project-closed']], [['project-closed']]]);
    expect((await change('Open', { records: false })).status).toBe(200);
    expect(await of()).toEqual([[['project-closed']], [['project-closed']], [['project-closed']]]);
    expect((await change('Open', { name: 'Going on' })).status).toBe(200);
    expect((await change('Going on', { records: true })).status).toBe(200);
    expect(await of()).toEqual([[[]], [['project-closed']], [['project-closed']]]);
    expect((await owner().done('readProject', { params: { id: world.ids.project } })).state).toBe('Going on');
  });

  it('begin with the first that counts as open and takes time, of which there always is one', async () => {
    const made = async () => {
      const body = { id: newId(), name: `Project ${newId()}`, client: { id: world.ids.client } };
      const { project } = await owner().done('createProject', { body });
      return [project.state, project.takesTime, project.open];
    };
    expect(await made()).toEqual(['Open', true, true]);
    expect((await change('Open', { open: false })).problem.code).toBe('state-last');
    const asked = await add('Asked for');
    await add('Going on');
    await change('Going on', { place: 0 });
    expect(await made()).toEqual(['Going on', true, true]);
    const remove = (id: string) => owner().call('removeProjectState', { params: { id }, version: 1 });
    expect((await remove((await named('Open')).id)).problem.detail).toMatch(/^4 have it/);
    expect((await remove(asked)).status).toBe(200);
    expect((await states()).some(({ id }) => id === asked)).toBeFalse();
    await change('Going on', { records: false });
    expect((await change('Open', { records: false })).problem.code).toBe('state-last');
  });

  it('begin with the first that takes time and counts as open, for what is new', async () => {
    const begun = async (name: string) =>
      (await owner().done('createProject', { body: { id: newId(), name, client: null } })).project.state;
    await add('Aftercare', true, false);
    await add('Snagging');
    expect((await change('Aftercare', { place: 0 })).status).toBe(200);
    expect(await begun('Boat house')).toBe('Open');
    expect((await change('Snagging', { place: 0 })).status).toBe(200);
    expect(await begun('Boat shed')).toBe('Snagging');
    // What was under way in another goes on in it.
    expect((await named('Open')).projects).toBe(4);
  });

  it('are kept by projects that are in the archive', async () => {
    await world.sql('update project set archived = true where id = $1', [world.ids.project]);
    const id = await add('Snagging');
    await world.sql('update project set state_id = $1 where id = $2', [id, world.ids.project]);
    const refused = await owner().call('removeProjectState', { params: { id }, version: 1 });
    expect(refused.problem.detail).toMatch(/^1 have it/);
  });

  it('have names of their own, whoever comes first', async () => {
    const body = (name: string) => ({ body: { id: newId(), name, records: true, open: true } });
    const both = await atOnce(world, 2, () => owner().call('createProjectState', body('Snagging')));
    expect(both.map((answer) => (answer.status === 200 ? 'made' : answer.problem.code)).sort()).toEqual(['made', 'state-exists']);
    expect((await change('Snagging', { name: 'SNAGGING' })).status).toBe(200);
    expect((await change('SNAGGING', { name: 'on HOLD' })).problem.code).toBe('state-exists');
  });

  it('wait for whoever records, and mark what is recorded meanwhile', async () => {
    await add('Snagging');
    const waited = await meanwhile(
      world,
      `select pg_advisory_xact_lock_shared(hashtextextended('rules ${world.firmId}', 0))`,
      'select',
      () => change('Open', { records: false }),
    );
    expect(waited.status).toBe(200);
    await change('Open', { records: true });
    const entry = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('rules ${world.firmId}', 0))`,
      `update project_state set records = false where id = '${world.ids.underWay}'`,
      () => record(world, 'staff', '2026-06-08', 1),
    );
    expect(entry.problems).toEqual(['project-closed']);
  });
});
