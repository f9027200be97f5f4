import { QueryOf, Endpoints, WhyMay } from '@yellowwood/contracts';
import { PERMISSIONS, REACHES, Rights, aboutOf } from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { Who, World, anotherProject, bill, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

interface Facts {
  roles?: ('staff' | 'manager' | 'administrator' | 'auditor' | 'bookkeeper')[];
  ownRoles?: string[];
}

describe('roles of the firm’s own, and exceptions', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const of = async (who: Who) => {
    const [row] = await world.sql<{ version: number }>('select version from person where id = $1', [world.ids[who]]);
    return { params: { id: world.ids[who] }, version: row!.version };
  };
  const give = async (who: Who, { roles = [], ownRoles = [] }: Facts) =>
    owner().done('changeRoles', { ...(await of(who)), body: { roles, ownRoles } });
  const except = async (who: Who, body: Readonly<Record<string, string | null>>) =>
    owner().done('changeExceptions', { ...(await of(who)), body: body as never });
  const make = async (name: string, rights: Rights) => {
    const id = newId();
    await owner().done('createRole', { body: { id, name, rights } });
    return id;
  };
  const rights = async (who: Who) => (await world.as(who).done('readMe')).rights;

  it('give what they say, at the next request, and their change reaches all who have them', async () => {
    const id = await make(' Night shift ', { 'time.record': 'own', 'time.read': 'firm', 'work.read': 'firm' });
    await give('staff', { ownRoles: [id] });
    const me = await world.as('staff').done('readMe');
    expect([me.roles, me.ownRoles, me.rights]).toEqual([
      [],
      ['Night shift'],
      { 'time.record': 'own', 'time.read': 'firm', 'work.read': 'firm' },
    ]);
    expect((await owner().done('listRoles')).roles).toEqual([
      { id, name: 'Night shift', rights: me.rights, version: 1, people: 1 },
    ]);
    const body = { name: 'Night shift', rights: { 'time.record': 'own' as const } };
    await owner().done('changeRole', { params: { id }, version: 1, body });
    expect(await rights('staff')).toEqual({ 'time.record': 'own' });
    // Beside another, and instead of it.
    const many = async (how: 'add' | 'replace' | 'take', roles: ['manager'] | []) => {
      const people = [{ id: world.ids.mate, version: (await of('mate')).version }];
      return owner().done('changeManyRoles', { body: { people, roles, ownRoles: [id], how } });
    };
    await many('add', ['manager']);
    const listed = async () => (await owner().done('listStaff')).people.find((one) => one.id === world.ids.mate)!;
    expect([(await listed()).roles, (await listed()).ownRoles]).toEqual([['manager', 'staff'], [id]]);
    await many('take', []);
    expect([(await listed()).roles, (await listed()).ownRoles]).toEqual([['manager', 'staff'], []]);
    await many('add', []);
    const { people } = await owner().done('listStaff');
    const mate = people.filter((one) => one.id === world.ids.mate).map(({ id, version }) => ({ id, version }));
    await owner().done('changeManyRoles', { body: { people: mate, roles: ['staff'], ownRoles: [], how: 'replace' } });
    expect([(await listed()).roles, (await listed()).ownRoles]).toEqual([['staff'], []]);
    await many('replace', []);
    expect([(await listed()).roles, (await listed()).ownRoles]).toEqual([[], [id]]);
    const refused = await owner().call('endRole', { params: { id }, version: 2, body: {} });
    expect([refused.problem.code, refused.problem.detail]).toEqual(['role-held', jasmine.stringContaining('2 still')]);
    for (const who of ['staff', 'mate'] as const) await give(who, { roles: ['staff'] });
    expect((await owner().done('readHistory', { params: { id } })).events.length).toBe(2);
    await owner().done('endRole', { params: { id }, version: 2, body: {} });
    expect((await owner().done('listRoles')).roles).toEqual([]);
    const events = await world.sql<{ action: string; before: object; after: object }>(
      `select e.action, s.before, s.after from audit_event e join audit_subject s on s.event_id = e.id
       where s.subject_id = $1 order by e.id`,
      [id],
    );
    expect(events.map(({ action }) => action)).toEqual(['role made', 'role changed', 'role ended']);
    expect(events[1]!.before).toEqual({ name: 'Night shift', ...told(me.rights) });
    expect(events[1]!.after).toEqual({ name: 'Night shift', ...told({ 'time.record': 'own' }) });
  });

  const told = (given: Readonly<Record<string, string>>) =>
    Object.fromEntries(Object.entries(given).map(([name, reach]) => [`may ${name}`, reach]));

  it('are held for one person by an exception, which an owner has none of', async () => {
    await except('manager', { 'cost.read': null, 'time.read': 'firm' });
    const held = await rights('manager');
    expect([held['cost.read'], held['time.read'], held['time.review']]).toEqual([undefined, 'firm', 'team']);
    const { exceptions } = (await owner().done('listStaff')).people.find(({ id }) => id === world.ids.manager)!;
    expect(exceptions).toEqual({ 'cost.read': null, 'time.read': 'firm' });
    // Other roles leave it; that of an owner ends it.
    await give('manager', { roles: ['staff'] });
    expect((await rights('manager'))['time.read']).toBe('firm');
    await owner().done('changeRoles', { ...(await of('manager')), body: { roles: ['owner'], ownRoles: [] } });
    expect((await rights('manager'))['cost.read']).toBe('firm');
    expect(await world.sql('select * from person_exception')).toEqual([]);
  });

  it('give nobody what one does not hold, by a role, by its change, by an exception, or taken from who holds more', async () => {
    await give('mate', { roles: ['administrator'] });
    const mate = world.as('mate');
    const refused = async (answer: Promise<{ problem?: { code: string } }>) => (await answer).problem?.code ?? 'done';
    const wide = await make('Prices', { 'values.read': 'firm' });
    const plain = await make('Plain', { 'time.read': 'firm' });
    const role = (names: object) => ({ name: newId(), rights: {}, ...names });
    const asked = await Promise.all([
      refused(mate.call('createRole', { body: { id: newId(), ...role({ rights: { 'values.read': 'team' } }) } })),
      refused(mate.call('changeRole', { params: { id: wide }, version: 1, body: role({}) })),
      refused(mate.call('changeRole', { params: { id: plain }, version: 1, body: role({ rights: { 'cost.read': 'team' } }) })),
      refused(mate.call('endRole', { params: { id: wide }, version: 1, body: {} })),
    ]);
    expect(asked).toEqual(Array(4).fill('role-not-yours'));
    const to = async (who: Who, ownRoles: string[]) =>
      refused(mate.call('changeRoles', { ...(await of(who)), body: { roles: ['staff'], ownRoles } }));
    const ex = async (who: Who, body: object) => refused(mate.call('changeExceptions', { ...(await of(who)), body }));
    expect(await to('staff', [wide])).toBe('role-not-yours');
    expect(await to('staff', [plain])).toBe('done');
    expect(await ex('staff', { 'values.read': 'team' })).toBe('role-not-yours');
    expect(await ex('staff', { 'history.read': 'firm' })).toBe('done');
    // Nor of somebody who sees prices.
    expect(await ex('bookkeeper', { 'time.record': null })).toBe('role-not-yours');
    expect(await ex('bookkeeper', { 'values.read': null, 'cost.read': null, 'pay.read': null })).toBe('role-not-yours');
    // Somebody whose exceptions give more than their roles do is not theirs to send away, nor to bring back.
    await except('staff', { 'values.read': 'firm' });
    expect(await refused(mate.call('personLeaves', await of('staff')))).toBe('role-not-yours');
    await owner().done('personLeaves', await of('staff'));
    expect(await refused(mate.call('personReturns', await of('staff')))).toBe('role-not-yours');
  });

  it('are given with an invitation', async () => {
    const id = await make('Yard hand', { 'time.record': 'own' });
    const email = (name: string) => `${name}-${id}@${world.slug}.example`;
    const body = { id: newId(), name: 'One New', email: email('one'), role: id };
    await owner().done('invitePerson', { body });
    const people = [{ id: newId(), name: 'Two New', email: email('two') }];
    await owner().done('invitePeople', { body: { people, role: id } });
    const listed = (await owner().done('listStaff')).people.filter((one) => one.ownRoles.includes(id));
    expect(listed.map((one) => [one.name, one.roles])).toEqual([
      ['One New', []],
      ['Two New', []],
    ]);
    const { events } = await owner().done('readHistory', { params: { id: body.id } });
    expect(events[0]!.after).toEqual({ name: 'One New', email: email('one'), role: 'Yard hand' });
    const strange = await owner().call('invitePerson', { body: { ...body, id: newId(), email: email('three'), role: newId() } });
    expect(strange.problem.code).toBe('role-unknown');
    // Nobody gives by an invitation what they do not hold.
    await give('mate', { roles: ['administrator'] });
    const money = await make('Money', { 'cost.read': 'firm' });
    const asked = (role: string) =>
      world.as('mate').call('invitePerson', { body: { ...body, id: newId(), email: email(role), role } });
    expect([(await asked(money)).problem?.code, (await asked(id)).problem === null]).toEqual(['role-not-yours', true]);
    await give('mate', { roles: ['staff'] });
  });

  it('wait their turn: whose right to it goes meanwhile does not do it', async () => {
    await give('mate', { roles: ['administrator'] });
    const answer = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('people ${world.firmId}', 0))`,
      `insert into person_exception values ('${world.firmId}', '${world.ids.mate}', 'people.change', null)`,
      () => world.as('mate').call('createRole', { body: { id: newId(), name: 'Late', rights: {} } }),
    );
    expect(answer.problem.code).toBe('right-missing');
    expect((await owner().done('listRoles')).roles).toEqual([]);
  });

  it('say who records time, who reviews and who sees money', async () => {
    const waited = async () =>
      (await owner().done('readReview', { query: { from: '2026-05-04' } })).people.map(({ personId }) => personId);
    const paid = async () => (await owner().done('listPay')).people.map(({ id }) => id);
    await world.sql('delete from pay_rate where person_id = any($1)', [[world.ids.staff, world.ids.bookkeeper]]);
    await except('staff', { 'time.record': null });
    expect([(await waited()).includes(world.ids.staff), (await paid()).includes(world.ids.staff)]).toEqual([false, false]);
    await give('bookkeeper', { roles: ['auditor'] });
    expect((await waited()).includes(world.ids.bookkeeper)).toBeFalse();
    await give('bookkeeper', { roles: ['auditor'], ownRoles: [await make('Clerk', { 'time.record': 'own' })] });
    expect([(await waited()).includes(world.ids.bookkeeper), (await paid()).includes(world.ids.bookkeeper)]).toEqual([
      true,
      true,
    ]);
    await except('bookkeeper', { 'time.record': null });
    expect((await waited()).includes(world.ids.bookkeeper)).toBeFalse();
    const seeing = async () => (await owner().done('readSignInRule')).people.map(({ id }) => id);
    expect((await seeing()).includes(world.ids.mate)).toBeFalse();
    await except('mate', { 'values.read': 'team' });
    expect((await seeing()).includes(world.ids.mate)).toBeTrue();
  });

  it('make somebody a reviewer, or no longer one', async () => {
    await world.sql("delete from person_role where role = 'manager'");
    await except('mate', { 'time.read': 'firm', 'time.review': 'firm' });
    await world.sql("update person_role set role = 'administrator' where role = 'owner'");
    const submit = async (from: string) => {
      await record(world, 'staff', from, 1);
      return (await world.as('staff').done('submitPeriod', { params: { from }, body: { note: '' } })).byPolicy;
    };
    expect(await submit('2026-06-01')).toBe(0);
    await world.sql("update person_exception set reach = null where permission = 'time.review'");
    expect(await submit('2026-05-18')).toBe(1);
    const lead = await world.sql<{ id: string }>('select id from team where lead_id = $1', [world.ids.manager]);
    await world.sql('update team set lead_id = $1 where id = $2', [world.ids.mate, lead[0]!.id]);
    await world.sql("update person_exception set reach = 'team' where permission = 'time.review'");
    expect(await submit('2026-05-11')).toBe(0);
    const [role] = await world.sql<{ id: string }>(
      "insert into own_role (firm_id, id, name, rights) values ($1, $2, 'R', $3) returning id",
      [world.firmId, newId(), JSON.stringify({ 'time.read': 'firm', 'time.review': 'firm' })],
    );
    await world.sql('delete from person_exception');
    await world.sql('insert into person_own_role (firm_id, person_id, role_id) values ($1, $2, $3)', [
      world.firmId,
      world.ids.bookkeeper,
      role!.id,
    ]);
    expect(await submit('2026-05-04')).toBe(0);
  });

  it('are told of projects as the database holds them: by who records there, and documents by who manages it', async () => {
    const open = await anotherProject(world, {});
    const closed = await anotherProject(world, {});
    const named = await anotherProject(world, {});
    const managed = await anotherProject(world, {});
    await world.sql('update project set restricted = true where id = any($1)', [[closed, named, managed]]);
    await world.sql('insert into project_person (firm_id, project_id, person_id) values ($1, $2, $3)', [
      ...[world.firmId, named, world.ids.mate],
    ]);
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.mate, managed]);
    await world.sql('update team set lead_id = $1', [world.ids.mate]);
    const invoices = new Map<string, string>();
    for (const [index, project] of [open, managed].entries()) {
      const { id } = await record(world, 'staff', `2026-06-0${index + 1}`, 1, { projectId: open });
      await world.sql('update entry set project_id = $1 where id = $2', [project, id]);
      invoices.set(project, id);
    }
    await submitAndApprove(world, 'staff', '2026-06-01');
    for (const [project, entry] of invoices) invoices.set(project, (await bill(world, [entry])).row.id);
    for (const reach of [null, 'own', 'project', 'team', 'firm'] as const) {
      await world.sql('delete from person_exception');
      if (reach !== 'own')
        await except('mate', { 'values.read': reach, 'invoices.read': reach, 'work.read': reach === 'team' ? 'project' : reach });
      const may = async (right: 'work.read' | 'invoices.read', project: string) =>
        (await owner().done('readWhyMay', { params: { id: world.ids.mate }, query: { right, person: world.ids.staff, project } }))
          .may;
      const held = await rights('mate');
      const work = await world.sql<{ id: string }>('select id from projects_in_reach($1, $2)', [
        held['work.read'],
        world.ids.mate,
      ]);
      for (const project of [open, closed, named, managed])
        expect(await may('work.read', project))
          .withContext(`${reach} ${project}`)
          .toBe(held['work.read'] !== undefined && work.some(({ id }) => id === project));
      const seen = await world.sql<{ id: string }>('select id from invoices_in_reach($1, $2)', [
        held['invoices.read'],
        world.ids.mate,
      ]);
      for (const [project, invoice] of invoices)
        expect(await may('invoices.read', project))
          .withContext(`${reach} ${project}`)
          .toBe(held['invoices.read'] !== undefined && seen.some(({ id }) => id === invoice));
    }
  });

  it('are told with what gives them, as the database holds it, for every right, reach, person and project', async () => {
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.mate, world.ids.euroProject]);
    await world.sql('update team set lead_id = $1', [world.ids.mate]);
    const entries: { id: string; person: Who; project: string }[] = [];
    for (const person of ['staff', 'bookkeeper', 'mate'] as const)
      for (const project of [world.ids.project, world.ids.euroProject]) {
        const { id } = await record(world, person, '2026-06-08', 0.5, { projectId: project });
        entries.push({ id, person, project });
      }
    const why = (query: QueryOf<Endpoints['readWhyMay']>): Promise<WhyMay> =>
      owner().done('readWhyMay', { params: { id: world.ids.mate }, query });
    for (const reach of [null, ...REACHES]) {
      await world.sql('delete from person_exception');
      await except('mate', { 'time.read': reach });
      const seen = await world.sql<{ id: string }>('select id from entries_in_reach($1, $2)', [reach, world.ids.mate]);
      for (const { id, person, project } of entries) {
        const told = await why({ right: 'time.read', person: world.ids[person], project });
        expect(told.may)
          .withContext(`${reach} ${person} ${project}`)
          .toBe(seen.some((row) => row.id === id));
        expect(told.reach).toBe(reach);
      }
    }
    await world.sql('delete from person_exception');
    await give('mate', { roles: ['staff', 'manager'] });
    expect(await why({ right: 'time.read', person: world.ids.staff, project: world.ids.euroProject })).toEqual({
      may: true,
      reach: 'team',
      sources: [
        { kind: 'role', name: 'manager', reach: 'team' },
        { kind: 'role', name: 'staff', reach: 'own' },
      ],
      ways: [{ kind: 'project' }, { kind: 'team', name: 'Team' }],
    });
    for (const right of PERMISSIONS.filter((one) => aboutOf(one) !== 'firm')) {
      const { may, ways, reach } = await why({ right, person: world.ids.bookkeeper });
      expect([may, ways]).toEqual([reach === 'firm', reach === 'firm' ? [{ kind: 'everybody' }] : []]);
    }
    for (const right of PERMISSIONS.filter((one) => aboutOf(one) === 'firm')) {
      const { may, reach } = await why({ right, person: world.ids.bookkeeper });
      expect(may).toBe(reach !== null);
    }
  });
});

describe('somebody who sees the time of more people than money', () => {
  let world: World;
  let near: string;
  let far: string;
  const both = () => world.as('manager');

  beforeAll(async () => {
    world = await makeWorld();
    // An administrator sees everybody's time and no money, a manager the money of a team.
    await world.sql("insert into person_role values ($1, $2, 'administrator')", [world.firmId, world.ids.manager]);
    near = (await record(world, 'staff', '2026-06-08', 4)).id;
    far = (await record(world, 'bookkeeper', '2026-06-08', 2, { projectId: world.ids.euroProject })).id;
    for (const who of ['staff', 'bookkeeper'] as const) await submitAndApprove(world, who);
    await bill(world, [far], 'task', world.ids.euroClient);
    // What is not billed yet, too.
    await record(world, 'bookkeeper', '2026-06-02', 1, { projectId: world.ids.euroProject });
  });
  afterAll(() => world.close());

  it('sees both, each as far as it reaches', async () => {
    const week = async (who: Who) =>
      (await both().done('readTimesheet', { params: { from: '2026-06-08' }, query: { person: world.ids[who] } })).entries;
    expect((await week('staff'))[0]!.value).toBeDefined();
    const [other] = await week('bookkeeper');
    expect([other!.id, other!.value]).toEqual([far, undefined]);
    const why = async (id: string) => both().done('readEntryWhy', { params: { id } });
    expect([(await why(near)).rate === null, (await why(far)).rate]).toEqual([false, null]);
    expect((await why(far)).billed).toEqual([]);
    const history = async (id: string) => JSON.stringify((await both().done('readHistory', { params: { id } })).events);
    expect(await history(near)).toContain('valueMinor');
    expect(await history(far)).not.toContain('valueMinor');
    // Also of what is deleted.
    for (const [who, told] of [
      ['staff', true],
      ['bookkeeper', false],
    ] as const) {
      const { id, version } = await record(world, who, '2026-06-01', 1);
      await world.as(who).done('deleteEntry', { params: { id }, version, query: {} });
      expect((await history(id)).includes('valueMinor')).toBe(told);
    }
  });

  it('is told in results of all hours, and of the money that is theirs', async () => {
    const results = await both().done('readResults', { query: { scope: 'all' } });
    expect(results.hours.total).toBe(7 * 3600);
    const rows = new Map(results.rows.map((row) => [row.id, row]));
    const [mine, other] = [rows.get(world.ids.project)!, rows.get(world.ids.euroProject)!];
    expect([mine.hours.total, mine.margin === null, mine.toDate.cost === null]).toEqual([4 * 3600, false, false]);
    expect([other.hours.total, other.money, other.cost, other.margin]).toEqual([3 * 3600, null, null, null]);
    expect([other.toDate.seconds, other.toDate.cost]).toEqual([3 * 3600, null]);
    expect(results.money!.map(({ currency }) => currency)).toEqual(['GBP']);
    const alone = await world.as('owner').done('readResults', { query: { scope: `project:${world.ids.project}` } });
    expect(results.cost!.revenue).toBe(alone.cost!.revenue);
    const overview = await both().done('readOverview', { query: {} });
    const { cost, revenue } = results.cost!;
    expect(overview.results!.margin).toBe(Math.round(((revenue - cost) / revenue) * 1_000_000));
    const behind = async (figure: 'hours' | 'cost' | 'revenue' | 'billed') => {
      const { seconds, sums, entries, documents } = await both().done('readBehind', { query: { figure } });
      return { seconds, entries: entries.map(({ id }) => id), currencies: sums.map((one) => one.currency), documents };
    };
    expect((await behind('hours')).seconds).toBe(7 * 3600);
    expect([(await behind('cost')).entries, (await behind('revenue')).currencies]).toEqual([[near], ['GBP']]);
    expect((await behind('billed')).documents).toEqual([]);
  });
});
