import fc from 'fast-check';
import { foundBy, hasWords, plainText, wordsOf } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { World, makeWorld, setState } from '../testing';

type Asker = 'owner' | 'manager' | 'staff' | 'mate' | 'bookkeeper';
type Sought = 'tree' | 'work' | 'client' | 'project';

describe('finding work and people', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const find = (words: string, sought: Sought = 'tree', who: Asker = 'owner') =>
    world.as(who).done('findWork', { query: { words, sought } });
  const found = async (words: string, sought: Sought = 'tree', who: Asker = 'owner') => {
    const answer = await find(words, sought, who);
    const { clients, departments, projects, tasks, people } = answer.known;
    const names = new Map([...clients, ...departments, ...projects, ...tasks, ...people].map(({ id, name }) => [id, name]));
    return answer.found.map((scope) => names.get(scope.split(':')[1]!));
  };
  const task = async (name: string, projectId = world.ids.project, parentId: string | null = null) => {
    const id = newId();
    await world.sql(
      `insert into task (firm_id, id, project_id, parent_id, kind, name, place) values ($1, $2, $3, $4, 'task', $5, 9)`,
      [world.firmId, id, projectId, parentId, name],
    );
    return id;
  };

  it('goes by any part of any word, in any order, with or without accents', async () => {
    await task('Käthe’s GABLE Wörk');
    for (const words of ['kathe', 'THE’S', 'able', 'wörk gable', 'ork the'])
      expect(await found(words))
        .withContext(words)
        .toEqual(['Käthe’s GABLE Wörk']);
    for (const words of ['kathee', 'gable zinc', '%', 'ka_he'])
      expect(await found(words))
        .withContext(words)
        .toEqual([]);
  });

  it('finds what the page itself would find in a name', async () => {
    const made: [string, string][] = [];
    await fc.assert(
      fc.asyncProperty(
        fc.string({ minLength: 1, maxLength: 30, unit: 'grapheme' }).filter((name) => !/\p{Cc}/u.test(name)),
        fc.nat(),
        fc.nat(),
        async (name, at, length) => {
          const kept = `${name}.`;
          made.push([await task(kept), kept]);
          const letters = [...plainText(kept)];
          const part = letters.slice(at % letters.length, (at % letters.length) + 1 + (length % 6)).join('');
          if (wordsOf(part).length !== 1) return;
          const { found: scopes } = await find(part);
          // More than fit on a list are not all told.
          if (scopes.length === 40) return;
          const told = scopes.filter((scope) => made.some(([id]) => scope === `task:${id}`));
          const expected = made.filter(([, one]) => hasWords(one, foundBy(part))).map(([id]) => `task:${id}`);
          expect(told.sort()).withContext(part).toEqual(expected.sort());
        },
      ),
      { numRuns: 60 },
    );
    await world.sql('delete from task where id = any ($1)', [made.map(([id]) => id)]);
    expect(await world.sql('select * from name_ending where thing_id = any ($1)', [made.map(([id]) => id)])).toEqual([]);
  });

  it('follows a new name, and forgets the old one', async () => {
    const id = await task('Slating');
    expect(await found('slat')).toEqual(['Slating']);
    await world.sql("update task set name = 'Leadwork' where id = $1", [id]);
    expect(await found('slat')).toEqual([]);
    expect(await found('leadw')).toEqual(['Leadwork']);
    await world.sql("update project set order_reference = 'PO-7781' where id = $1", [world.ids.project]);
    expect(await found('7781')).toEqual(['Lantern room']);
    await world.sql("update person set name = 'Wilhelmina Oda' where id = $1", [world.ids.mate]);
    expect(await found('helmi')).toEqual(['Wilhelmina Oda']);
    await world.sql('delete from task where id = $1', [id]);
    expect(await found('leadw')).toEqual([]);
  });

  it('finds work to record on by the words of what it lies below, its own before', async () => {
    const { client, project } = world.ids;
    await world.sql("update client set name = 'Quarry lane' where id = $1", [client]);
    const parent = await task('Zephyr');
    await task('Brickwork', project, parent);
    expect(await found('quarry zephyr', 'work')).toEqual(['Zephyr', 'Brickwork']);
    expect(await found('zephyr', 'tree')).toEqual(['Zephyr']);
    expect((await found('quarry', 'work'))[0]).toBe('Lantern room');
    expect(await found('quarry', 'tree')).toEqual(['Quarry lane']);
    expect(await found('quarry', 'client')).toEqual(['Quarry lane']);
    expect(await found('quarry', 'project')).toEqual(['Lantern room']);
    expect(await found('zephyr', 'project')).toEqual([]);
    expect(await found('zephyr', 'client')).toEqual([]);
    expect(await found('office', 'project')).toEqual(['Office work']);
    await world.sql("update department set name = 'Yew cellar'");
    expect(await found('cellar', 'work')).toEqual(['Office work']);
    expect((await find('cellar', 'work')).known.departments.map(({ name }) => name)).toEqual(['Yew cellar']);
    const { known } = await find('brickwork', 'work');
    expect([known.clients, known.projects, known.tasks].map((list) => list.map(({ name }) => name).sort())).toEqual([
      ['Quarry lane'],
      ['Lantern room'],
      ['Brickwork', 'Zephyr'],
    ]);
    await world.sql('delete from task where name = any ($1)', [['Brickwork']]);
    await world.sql('delete from task where name = any ($1)', [['Zephyr']]);
  });

  it('offers nothing that is done to record on, and tells it last elsewhere', async () => {
    const { euroProject } = world.ids;
    await task('Mosaic', euroProject);
    const done = await task('A mosaic');
    await world.sql("update task set state = 'done' where id = $1", [done]);
    expect(await found('mosaic', 'work')).toEqual(['Mosaic']);
    expect(await found('mosaic', 'tree')).toEqual(['Mosaic', 'A mosaic']);
    await setState(world, euroProject, 'finished');
    expect(await found('mosaic', 'work')).toEqual([]);
    expect(await found('altar', 'work')).toEqual([]);
    expect(await found('altar', 'project')).toEqual(['Altar frames']);
    await setState(world, euroProject, 'underWay');
  });

  it('takes what takes no time for what it is, be it proposed or in the archive', async () => {
    const { euroProject, euroClient } = world.ids;
    await task('Quoin', euroProject);
    await world.sql('update project_state set records = false where id = $1', [world.ids.underWay]);
    for (const words of ['quoin', 'altar'])
      expect(await found(words, 'work'))
        .withContext(words)
        .toEqual([]);
    expect(await found('altar', 'project')).toEqual(['Altar frames']);
    await world.sql('update project_state set records = true where id = $1', [world.ids.underWay]);
    // What is in the archive is offered nowhere, and found in the tree after all that is not.
    await task('Quoin stones');
    expect((await found('quoin')).sort()).toEqual(['Quoin', 'Quoin stones']);
    await world.sql('update project set archived = true where id = $1', [euroProject]);
    expect(await found('quoin')).toEqual(['Quoin stones', 'Quoin']);
    expect(await found('quoin', 'work')).toEqual(['Quoin stones']);
    expect(await found('altar', 'project')).toEqual([]);
    expect(await found('altar')).toEqual(['Altar frames']);
    await world.sql('update project set archived = false where id = $1', [euroProject]);
    // With its client, too.
    await world.sql("update client set archived = true, name = 'Plinth works' where id = $1", [euroClient]);
    expect(await found('plinth', 'client')).toEqual([]);
    expect(await found('plinth')).toEqual(['Plinth works']);
    expect((await find('plinth')).known.clients[0]!.archived).toBeTrue();
    expect(await found('altar', 'project')).toEqual([]);
    expect(await found('quoin')).toEqual(['Quoin stones', 'Quoin']);
    await world.sql('update client set archived = false where id = $1', [euroClient]);
    await world.sql("delete from task where name like 'Quoin%'");
  });

  it('tells nobody of work or people that they may not see', async () => {
    const { euroProject, euroClient } = world.ids;
    await world.sql("update client set name = 'Ostrich works' where id = $1", [euroClient]);
    await task('Vermilion', euroProject);
    expect(await found('vermilion', 'tree', 'staff')).toEqual(['Vermilion']);
    expect(await found('ostrich', 'tree', 'staff')).toEqual(['Ostrich works']);
    await world.sql('update project set restricted = true where id = $1', [euroProject]);
    for (const words of ['vermilion', 'ostrich', 'altar']) {
      expect(await found(words, 'tree', 'staff'))
        .withContext(words)
        .toEqual([]);
      expect((await found(words, 'tree', 'owner')).length)
        .withContext(words)
        .toBe(1);
    }
    await world.sql('update project set restricted = false where id = $1', [euroProject]);
    await world.sql("update person set name = 'Xanthe Bell' where id = $1", [world.ids.staff]);
    expect(await found('xanthe', 'tree', 'manager')).toEqual(['Xanthe Bell']);
    expect(await found('xanthe', 'tree', 'mate')).toEqual([]);
    await world.sql('update project set restricted = true where department_id is not null');
    const departments = await world.sql<{ name: string }>('select name from department');
    expect(await found(departments[0]!.name, 'tree', 'staff')).toEqual([]);
    expect(await found(departments[0]!.name, 'tree', 'owner')).toContain(departments[0]!.name);
    await world.sql('update project set restricted = false where department_id is not null');
  });

  it('lists no more than a screen or two, the beginning of the alphabet first', async () => {
    const ids = await Promise.all(Array.from({ length: 45 }, (_, n) => task(`Repeat ${String(n).padStart(2, '0')}`)));
    const names = await found('repeat', 'tree');
    expect([names.length, names[0], names.at(-1)]).toEqual([40, 'Repeat 00', 'Repeat 39']);
    await world.sql('delete from task where id = any ($1)', [ids]);
  });

  it('finds a new client for those who may add work, before it has a project', async () => {
    await world.as('manager').done('createClient', { body: { id: newId(), name: 'Plover estate' } });
    expect(await found('plover', 'client', 'manager')).toEqual(['Plover estate']);
    expect(await found('plover', 'client', 'staff')).toEqual([]);
  });
});

describe('what work and people are called', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const names = (of: string[], who: Asker = 'owner') => world.as(who).done('readNames', { query: { of: of.join(',') } });

  it('is told with what it lies below', async () => {
    const { subtask, task, project, client } = world.ids;
    const known = await names([`task:${subtask}`]);
    expect(known.tasks.map(({ id }) => id).sort()).toEqual([subtask, task].sort());
    expect(known.projects.map(({ id, clientId }) => [id, clientId])).toEqual([[project, client]]);
    expect(known.clients.map(({ id }) => id)).toEqual([client]);
    expect([known.departments, known.people]).toEqual([[], []]);
  });

  it('is told of every kind, as far as one may see it', async () => {
    const { internal, euroClient, euroProject, staff, mate } = world.ids;
    const [{ id: department }] = (await world.sql<{ id: string }>('select id from department limit 1')) as [{ id: string }];
    const of = [`project:${internal}`, `client:${euroClient}`, `person:${staff}`, `person:${mate}`, `department:${department}`];
    const ids = (list: readonly { id: string }[]) => list.map(({ id }) => id);
    const all = await names(of);
    expect(ids(all.people).sort()).toEqual([staff, mate].sort());
    expect(ids(all.departments)).toContain(department);
    expect(ids(all.clients)).toEqual([euroClient]);
    await world.sql('update project set restricted = true where id = any ($1)', [[internal, euroProject]]);
    const own = await names(of, 'mate');
    expect([own.projects, own.clients, own.departments, ids(own.people)]).toEqual([[], [], [], [mate]]);
    await world.sql('update project set restricted = false');
  });
});
