import type { WordFacts } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { TURN, World, makeWorld, meanwhile, seenWork } from '../testing';

describe('the words of a firm', () => {
  let world: World;
  beforeAll(async () => (world = await makeWorld()), TURN);
  afterAll(() => world.close());
  const owner = () => world.as('owner');
  const change = async (facts: Partial<WordFacts>) => {
    const { facts: before, version } = await owner().done('readWords');
    return owner().call('changeWords', { body: { ...before, ...facts }, version });
  };

  it('are ours until it has its own, and go to everybody’s page', async () => {
    expect((await owner().done('readWords')).facts).toEqual({ words: {}, workText: 'name' });
    const words = { project: { one: ' job ', many: 'jobs' }, client: { one: 'client', many: 'clients' } };
    expect((await change({ words })).body.facts.words).toEqual({ project: { one: 'job', many: 'jobs' } });
    const { firm } = await world.as('staff').done('readMe');
    expect([firm.words, firm.workText]).toEqual([{ project: { one: 'job', many: 'jobs' } }, 'name']);
    expect((await change({ words })).problem.code).toBe('nothing-to-change');
    const { events } = await owner().done('readHistory', { params: { id: world.firmId } });
    const { before, after } = events.at(-1)!;
    expect([before!['word for project'], after!['word for project']]).toEqual([null, 'job, jobs']);
    await change({ words: {} });
    expect((await owner().done('readWords')).facts.words).toEqual({});
  });

  it('are each for one level', async () => {
    const alike = { one: 'Client', many: 'jobs' };
    expect((await change({ words: { project: alike } })).problem.code).toBe('words-alike');
    expect((await change({ words: { project: { one: 'job', many: 'SERVICES' } } })).problem.code).toBe('words-alike');
    // Two that change places are two words all the same.
    const swapped = { client: { one: 'project', many: 'projects' }, project: { one: 'client', many: 'clients' } };
    expect((await change({ words: swapped })).status).toBe(200);
    await change({ words: {} });
  });

  it('meet a firm that is changed meanwhile', async () => {
    const late = await meanwhile(world, 'select from firm for update', 'update firm set version = version + 1', () =>
      change({ workText: 'code' }),
    );
    expect(late.problem.code).toBe('version-stale');
  });

  it('name work by its name, its code or the reference of its order, wherever it stands', async () => {
    await world.sql("update project set order_reference = 'PO 77' where id = $1", [world.ids.project]);
    const shown = async () => {
      const work = await seenWork(owner());
      const of = (id: string) => work.projects.find((one) => one.id === id)!;
      const { projects } = await owner().done('listToBill', { query: { scope: 'all', upTo: '2026-06-12' } });
      const results = await owner().done('readResults', { query: { from: '2026-01-01', to: '2026-12-31' } });
      const named = (rows: readonly { id: string; name: string }[]) => rows.find(({ id }) => id === world.ids.project)?.name;
      return [
        ...[of(world.ids.project).shown, of(world.ids.project).name],
        ...[projects.find((one) => one.projectId === world.ids.project)?.projectName],
        ...[named(results.rows)],
      ];
    };
    const [, name] = await shown();
    const { code } = (await seenWork(owner())).projects.find(({ id }) => id === world.ids.project)!;
    await change({ workText: 'code' });
    const made = await owner().done('createProject', { body: { id: newId(), name: 'Weir gate', client: null } });
    expect([made.project.name, made.project.shown]).toEqual(['Weir gate', made.project.code]);
    const [asCode, still, ...others] = await shown();
    expect([asCode, still]).toEqual([code, name]);
    expect(others.filter((one) => one !== undefined && one !== code)).toEqual([]);
    await change({ workText: 'order reference' });
    expect((await shown())[0]).toBe('PO 77');
    const other = (await seenWork(owner())).projects.find(({ id }) => id === made.project.id)!;
    expect(other.shown).toBe('Weir gate');
    await change({ workText: 'name' });
  });
});
