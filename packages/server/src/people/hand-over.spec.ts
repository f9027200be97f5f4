import { v7 as newId } from 'uuid';
import { TURN, Who, World, makeWorld, meanwhile, record, setState } from '../testing';

describe('what somebody looks after', () => {
  let world: World;
  let team: string;
  beforeAll(async () => (world = await makeWorld()), TURN);
  afterAll(() => world.close());
  const owner = () => world.as('owner');
  const of = (who: Who) => ({ params: { id: world.ids[who] } });
  const read = async (who: Who, as = owner()) => as.done('readLooksAfter', of(who));
  const project = async (name: string, manager: Who) => {
    const id = newId();
    await owner().done('createProject', { body: { id, name, client: { id: newId(), name: `Client of ${name}` } } });
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids[manager], id]);
    return id;
  };
  const give = async (
    from: Who,
    to: Who,
    names: { projects?: string[]; teams?: { id: string; version: number }[] },
    as = owner(),
  ) => {
    const { problem } = await as.call('handOver', {
      ...of(from),
      body: { to: world.ids[to], projects: names.projects ?? [], teams: names.teams ?? [] },
    });
    return problem?.code ?? 'done';
  };
  beforeEach(async () => {
    // What earlier tests have handed over is the owner's.
    await world.sql('update project set manager_id = $1', [world.ids.owner]);
    await world.sql('update team set lead_id = $1', [world.ids.owner]);
    team = newId();
    await owner().done('createTeam', {
      body: { id: team, name: `Team ${team}`, leadId: world.ids.mate, people: [world.ids.staff] },
    });
  });

  it('is listed: projects that are open, teams, and time that is not submitted', async () => {
    const [open, closed] = [await project('Weir', 'mate'), await project('Lock', 'mate')];
    await setState(world, closed, 'finished');
    await record(world, 'mate', '2026-06-02', 2);
    await record(world, 'mate', '2026-06-04', 1.5);
    await record(world, 'mate', '2026-06-08', 1);
    await record(world, 'mate', '2026-05-26', 3);
    await world.as('mate').done('submitPeriod', { params: { from: '2026-05-25' }, body: { note: '' } });
    const told = await read('mate');
    expect(told.projects).toEqual([{ id: open, name: 'Weir', client: 'Client of Weir', mine: true }]);
    expect(told.teams).toEqual([{ id: team, version: 1, name: `Team ${team}`, mine: true }]);
    expect(told.open).toEqual([
      { from: '2026-06-01', to: '2026-06-07', duration: 12_600 },
      { from: '2026-06-08', to: '2026-06-14', duration: 3600 },
    ]);
    expect((await owner().call('readLooksAfter', { params: { id: newId() } })).problem.code).toBe('person-unknown');
  });

  it('is handed over, all of it or nothing, and told', async () => {
    const [one, two] = [await project('Sluice', 'mate'), await project('Mill', 'mate')];
    const seen = { id: team, version: 1 };
    // What somebody else has by now is not taken from them.
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.owner, two]);
    expect(await give('mate', 'staff', { projects: [one, two], teams: [seen] })).toBe('handed-over-already');
    expect(await give('mate', 'staff', { projects: [one], teams: [{ ...seen, version: 2 }] })).toBe('handed-over-already');
    // Nor is a team that another leads.
    const [other] = await world.sql<{ id: string; version: number }>('select id, version from team where lead_id = $1', [
      world.ids.owner,
    ]);
    expect(await give('mate', 'staff', { projects: [one], teams: [other!] })).toBe('handed-over-already');
    expect((await read('mate')).projects.map(({ id }) => id)).toContain(one);
    expect(await give('mate', 'mate', { projects: [one] })).toBe('nothing-to-change');
    expect(await give('mate', 'staff', {})).toBe('nothing-to-change');
    expect(await give('mate', 'staff', { projects: [one], teams: [seen] })).toBe('done');
    const [before, after] = [await read('mate'), await read('staff')];
    expect([before.projects.some(({ id }) => id === one), before.teams.some(({ id }) => id === team)]).toEqual([false, false]);
    expect([after.projects.map(({ id }) => id), after.teams]).toEqual([
      [one],
      [{ id: team, version: 2, name: `Team ${team}`, mine: true }],
    ]);
    const told = async (id: string) =>
      (
        await world.sql<{ before: object; after: object }>(
          `select s.before, s.after from audit_event e join audit_subject s on s.event_id = e.id
           where s.subject_id = $1 and e.action = 'work handed over'`,
          [id],
        )
      ).at(-1);
    const names = `Sluice, Team ${team}`;
    expect([await told(one), await told(team), await told(world.ids.mate), await told(world.ids.staff)]).toEqual([
      { before: { manager: 'Mate Person' }, after: { manager: 'Staff Person' } },
      { before: { lead: 'Mate Person' }, after: { lead: 'Staff Person' } },
      { before: { looksAfter: names }, after: { looksAfter: null } },
      { before: { looksAfter: null }, after: { looksAfter: names } },
    ]);
  });

  it('is handed over after somebody has left, not to them, and not while it is handed over already', async () => {
    const one = await project('Quay', 'mate');
    const person = async (who: Who) => (await owner().done('listStaff')).people.find(({ id }) => id === world.ids[who])!;
    await owner().done('personLeaves', { ...of('mate'), version: (await person('mate')).version });
    expect(await give('staff', 'mate', { projects: [one] })).toBe('left-already');
    const late = await meanwhile(
      world,
      `select from project where id = '${one}' for update`,
      `update project set manager_id = '${world.ids.manager}' where id = '${one}'`,
      () => owner().call('handOver', { ...of('mate'), body: { to: world.ids.staff, projects: [one], teams: [] } }),
    );
    expect(late.problem.code).toBe('handed-over-already');
    expect(await give('mate', 'staff', { teams: [{ id: team, version: 1 }] })).toBe('done');
    await owner().done('personReturns', { ...of('mate'), version: (await person('mate')).version });
  });

  it('gives nobody what whoever hands it over does not hold for everybody', async () => {
    const one = await project('Ford', 'staff');
    await world.sql("insert into person_role values ($1, $2, 'administrator')", [world.firmId, world.ids.mate]);
    const administrator = world.as('mate');
    const seen = { id: team, version: 1 };
    // A manager reaches the money of projects and teams, which an administrator does not hold.
    expect(await give('staff', 'manager', { projects: [one] }, administrator)).toBe('lead-not-yours');
    expect(await give('mate', 'manager', { teams: [seen] }, administrator)).toBe('lead-not-yours');
    await world.sql("insert into person_role values ($1, $2, 'project manager')", [world.firmId, world.ids.staff]);
    expect((await read('staff', administrator)).projects.map(({ mine }) => mine)).toContain(false);
    expect(await give('staff', 'mate', { projects: [one] }, administrator)).toBe('lead-not-yours');
    expect(await give('mate', 'staff', { teams: [seen] }, administrator)).toBe('done');
    await world.sql("delete from person_role where role = 'project manager'");
    expect(await give('staff', 'mate', { projects: [one] }, administrator)).toBe('done');
    // Time that one does not read is not told.
    await record(world, 'staff', '2026-06-02', 2);
    expect((await read('staff', administrator)).open.length).toBe(1);
    await world.sql("insert into person_exception values ($1, $2, 'time.read', null)", [world.firmId, world.ids.mate]);
    expect((await read('staff', administrator)).open).toEqual([]);
    await world.sql('delete from person_exception');
    await world.sql("delete from person_role where role = 'administrator'");
  });
});
