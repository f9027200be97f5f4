import type { WhoRecords } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, anotherProject, makeWorld, meanwhile, record, seenWork } from '../testing';

type Who = 'owner' | 'manager' | 'staff' | 'mate' | 'bookkeeper';

describe('who records on a project', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const of = () => ({ params: { id: world.ids.project } });
  const read = (as: Who = 'owner') => world.as(as).call('readWhoRecords', of());
  const change = async (names: Partial<WhoRecords>, as: Who = 'owner', seen?: number) => {
    const { version } = (await read()).body;
    const body = { everyone: false, people: [], teams: [], ...names };
    return world.as(as).call('changeWhoRecords', { ...of(), version: seen ?? version, body });
  };
  const code = async (...of: Parameters<typeof change>) => (await change(...of)).problem.code;
  const sees = async (who: Who) => (await seenWork(world.as(who))).projects.some(({ id }) => id === world.ids.project);
  const records = async (who: Who) => {
    const body = {
      ...{ id: newId(), personId: world.ids[who], date: '2026-06-08', projectId: world.ids.project, taskId: null },
      ...{ serviceId: world.ids.survey, quantity: 900, note: '', origin: 'grid' as const },
    };
    return (await world.as(who).call('createEntry', { body })).status === 200;
  };
  const of5 = async (ask: (who: Who) => Promise<boolean>) => {
    const who = ['owner', 'manager', 'staff', 'mate', 'bookkeeper'] as const;
    const told = [];
    for (const one of who) if (await ask(one)) told.push(one);
    return told;
  };
  const team = async (name: string, leadId: string, people: string[]) => {
    const id = newId();
    await world.as('owner').done('createTeam', { body: { id, name, leadId, people } });
    return id;
  };
  const events = async () =>
    (await world.as('owner').done('readHistory', of())).events.map(({ before, after }) => [before, after]);

  it('is everyone, until some are named: they alone see it and record on it, with whoever manages it', async () => {
    const { ids } = world;
    expect((await read()).body).toEqual({
      ...{ id: ids.project, version: 1, everyone: true, people: [], teams: [] },
      offered: [jasmine.objectContaining({ name: 'Team' })] as never,
    });
    expect(await of5(records)).toEqual(['owner', 'manager', 'staff', 'mate', 'bookkeeper']);
    const done = await change({ people: [ids.staff] });
    expect([done.body.everyone, done.body.people, done.body.version]).toEqual([
      false,
      [{ id: ids.staff, name: 'Staff Person' }],
      2,
    ]);
    expect(done.body).toEqual((await read()).body);
    // The owner manages it; the bookkeeper and the manager see all of the firm.
    expect(await of5(records)).toEqual(['owner', 'staff']);
    expect(await sees('mate')).toBeFalse();
    await world.sql('update project set manager_id = $1 where id = $2', [ids.mate, ids.project]);
    expect(await of5(records)).toEqual(['staff', 'mate']);
    // What is recorded by others stays theirs.
    expect((await world.as('bookkeeper').done('readTimesheet', { params: { from: '2026-06-08' } })).entries.length).toBe(1);
    expect((await change({ everyone: true, people: [ids.staff] })).status).toBe(200);
    expect(await of5(records)).toEqual(['owner', 'manager', 'staff', 'mate', 'bookkeeper']);
    expect((await read()).body.people.length).toBe(1);
  });

  it('is a team, with who leads it and whoever is in it at the time', async () => {
    const { ids } = world;
    const bench = await team('Bench', ids.manager, [ids.staff]);
    expect((await change({ teams: [bench] })).body.offered.find(({ id }) => id === bench)).toEqual({
      ...{ id: bench, name: 'Bench', people: 2 },
    });
    expect(await of5(records)).toEqual(['owner', 'manager', 'staff']);
    expect([await sees('staff'), await sees('mate')]).toEqual([true, false]);
    await world.sql('insert into team_person (firm_id, team_id, person_id) values ($1, $2, $3)', [world.firmId, bench, ids.mate]);
    expect(await of5(records)).toEqual(['owner', 'manager', 'staff', 'mate']);
  });

  it('is told in the history by names', async () => {
    const { ids } = world;
    const bench = await team('Bench', ids.manager, []);
    await change({ people: [ids.staff, ids.mate], teams: [bench] });
    await change({});
    expect((await events()).slice(-2)).toEqual([
      [{ whoRecords: 'everyone' }, { whoRecords: 'Bench, Mate Person, Staff Person' }],
      [{ whoRecords: 'Bench, Mate Person, Staff Person' }, { whoRecords: 'its manager' }],
    ]);
  });

  it('is said by those who look after the project, who saw it as it is', async () => {
    const { ids } = world;
    expect((await read('manager')).problem.code).toBe('scope-unknown');
    expect(await code({}, 'manager')).toBe('scope-unknown');
    await world.sql('update project set manager_id = $1 where id = $2', [ids.manager, ids.project]);
    expect((await change({ people: [ids.mate] }, 'manager')).status).toBe(200);
    expect(await code({ people: [] }, 'owner', 1)).toBe('version-stale');
    expect(await code({ people: [ids.mate] })).toBe('nothing-to-change');
    expect(await code({ people: [newId()] })).toBe('person-unknown');
    expect(await code({ teams: [newId()] })).toBe('team-unknown');
    await world.sql("update person set left_on = '2026-06-01' where id = any ($1)", [[ids.mate, ids.staff]]);
    expect(await code({ people: [ids.mate, ids.staff] })).toBe('left-already');
    // Whoever has left since stays named, and is taken off.
    expect((await change({ people: [ids.mate, ids.bookkeeper] })).status).toBe(200);
    expect((await change({ people: [] })).status).toBe(200);
  });

  it('stays the same people when their team ends, and is the other team when it goes into one', async () => {
    const { ids } = world;
    const bench = await team('Bench', ids.manager, [ids.staff]);
    await change({ teams: [bench], people: [ids.staff] });
    await world.as('owner').done('endTeam', { params: { id: bench }, version: 1, body: { into: null } });
    const after = (await read()).body;
    expect([after.teams, after.people.map(({ name }) => name), after.version]).toEqual([
      [],
      ['Manager Person', 'Staff Person'],
      3,
    ]);
    const [yard, loft] = [await team('Yard', ids.mate, []), await team('Loft', ids.staff, [])];
    const beside = await anotherProject(world);
    await change({ teams: [yard] });
    await world.as('owner').done('endTeam', { params: { id: yard }, version: 1, body: { into: loft } });
    const merged = (await read()).body;
    expect([merged.teams, merged.people, merged.version]).toEqual([[loft], [], 5]);
    const [other] = await world.sql<{ version: number }>('select version from project where id = $1', [beside]);
    expect(other!.version).toBe(3);
  });

  it('waits for whoever changes the project', async () => {
    const done = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('work ${world.firmId}', 0))`,
      `update project set version = version + 1 where id = '${world.ids.project}'`,
      () => change({ people: [world.ids.staff] }),
    );
    expect(done.problem.code).toBe('version-stale');
  });

  it('waits for a team that ends', async () => {
    const { ids } = world;
    const bench = await team('Bench', ids.manager, [ids.staff]);
    const done = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('people ${world.firmId}', 0))`,
      `delete from team_person where team_id = '${bench}'; delete from team where id = '${bench}'`,
      () => change({ teams: [bench] }),
    );
    expect(done.problem.code).toBe('team-unknown');
  });

  it('decides on what is offered to record on, unless one records for others', async () => {
    const { ids } = world;
    const offered = async (who: Who) => {
      const { found, known } = await world.as(who).done('findWork', { query: { words: 'lantern', sought: 'work' } });
      const project = known.projects.find(({ id }) => id === ids.project);
      return [found.includes(`project:${ids.project}`), found.includes(`task:${ids.task}`), project?.takesTime, project?.named];
    };
    expect(await offered('mate')).toEqual([true, true, true, null]);
    const bench = await team('Bench', ids.manager, []);
    await change({ people: [ids.staff, ids.bookkeeper], teams: [bench] });
    const named = { people: 2, teams: 1 };
    expect(await offered('staff')).toEqual([true, true, true, named]);
    expect(await offered('mate')).toEqual([false, false, undefined, undefined]);
    // Neither named nor its manager, but recording for others.
    await world.sql('update project set manager_id = $1 where id = $2', [ids.staff, ids.project]);
    expect(await offered('owner')).toEqual([true, true, true, named]);
    // Somebody who sees the firm, and records for nobody else.
    await world.sql("update person_role set role = 'auditor' where person_id = $1", [ids.mate]);
    expect((await offered('mate'))[0]).toBeFalse();
    const { known } = await world.as('mate').done('findWork', { query: { words: 'lantern', sought: 'project' } });
    expect(known.projects.map(({ takesTime, open }) => [takesTime, open])).toEqual([[false, true]]);
  });

  it('is asked from both sides alike', async () => {
    const { ids } = world;
    const bench = await team('Bench', ids.manager, [ids.staff]);
    await team('Yard', ids.bookkeeper, [ids.mate]);
    await change({ teams: [bench], people: [ids.mate] });
    const beside = await anotherProject(world);
    await world.sql('update project set restricted = true where id = $1', [beside]);
    const rows = await world.sql<{ one: boolean; other: boolean; records: boolean; manages: boolean }>(
      `select r.id in (select named_by(p)) as one, p.id in (select projects_naming(r.id)) as other,
         open_to(p, r.id, false) as records, p.manager_id = r.id as manages
       from project p cross join person r where p.restricted`,
    );
    expect(rows.length).toBe(10);
    for (const row of rows) expect([row.one, row.records]).toEqual([row.other || row.manages, row.one]);
    expect(rows.filter(({ one }) => one).length).toBe(5);
  });

  it('is named by those who lay out work: of all who are here, whoever sees their time', async () => {
    const { ids } = world;
    await world.sql("update person_role set role = 'project manager' where person_id = $1", [ids.mate]);
    await world.sql("update person set left_on = '2026-06-01' where id = $1", [ids.bookkeeper]);
    const found = async (who: Who) => {
      const { found: scopes, known } = await world.as(who).done('findWork', { query: { words: 'person', sought: 'colleague' } });
      return scopes.map((scope) => known.people.find(({ id }) => scope.endsWith(id))!.name);
    };
    expect(await found('mate')).toEqual(['Manager Person', 'Mate Person', 'Owner Person', 'Staff Person']);
    expect(await found('staff')).toEqual(['Staff Person']);
    const inTree = await world.as('mate').done('findWork', { query: { words: 'person', sought: 'tree' } });
    expect(inTree.found).toEqual([`person:${ids.mate}`]);
    await record(world, 'staff', '2026-06-08', 1);
    const names = await world.as('mate').done('readNames', { query: { of: `person:${ids.staff}` } });
    expect(names.people.map(({ name }) => name)).toEqual(['Staff Person']);
  });
});
