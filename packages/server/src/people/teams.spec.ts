import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Who, World, makeWorld, meanwhile } from '../testing';

type Facts = BodyOf<Endpoints['changeTeam']>;

describe('teams', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const teams = async (who: Who = 'owner') => (await world.as(who).done('listTeams')).teams;
  const facts = (names: Partial<Facts> = {}): Facts => ({
    ...{ name: 'Bench', leadId: world.ids.staff, people: [world.ids.bookkeeper], ...names },
  });
  async function made(names: Partial<Facts> = {}, who: Who = 'owner') {
    const body = { id: newId(), ...facts(names) };
    const answer = await world.as(who).call('createTeam', { body });
    return { id: body.id, code: answer.problem?.code ?? 'done' };
  }
  const seen = async (id: string) => {
    const { version, name, leadId, people } = (await teams()).find((one) => one.id === id)!;
    return { params: { id }, version, facts: { name, leadId, people } };
  };
  const administrator = (who: Who) =>
    world.sql("insert into person_role values ($1, $2, 'administrator')", [world.firmId, world.ids[who]]);

  it('are made, and their lead sees the people in them from then on', async () => {
    const reviewed = async () =>
      (await world.as('manager').done('readReview', { query: { from: '2026-06-08' } })).people.map(({ personId }) => personId);
    expect(await reviewed()).not.toContain(world.ids.bookkeeper);
    const { id, code } = await made({ name: ' Bench ', leadId: world.ids.manager });
    expect(code).toBe('done');
    expect(await reviewed()).toContain(world.ids.bookkeeper);
    const team = (await teams()).find((one) => one.id === id)!;
    expect(team).toEqual({ id, ...facts({ leadId: world.ids.manager }), version: 1, mine: true });
    const { events } = await owner().done('readHistory', { params: { id } });
    expect(events.map(({ action, after }) => [action, after])).toEqual([
      ['team made', { name: 'Bench', lead: 'Manager Person', people: 'Bookkeeper Person' }],
    ]);
    // By the alphabet, the people too, whoever came first.
    await made({ name: 'Able', leadId: world.ids.manager });
    await world.sql("update person set name = 'A Late Comer' where id = (select max(id::text)::uuid from person)");
    const { people } = await owner().done('listStaff');
    expect(people.find((one) => one.id === world.ids.bookkeeper)!.teams).toEqual(['Able', 'Bench']);
    expect(people.map(({ name }) => name)).toEqual(people.map(({ name }) => name).sort());
  });

  it('are changed as they were seen', async () => {
    const { id } = await made();
    const { facts: before, ...first } = await seen(id);
    const body = { name: 'Lime', leadId: world.ids.mate, people: [world.ids.staff, world.ids.owner] };
    await owner().done('changeTeam', { ...first, body });
    expect((await seen(id)).facts).toEqual({ ...body, people: [...body.people].sort() });
    const code = async (names: Partial<Facts>, version?: number) => {
      const now = await seen(id);
      const answer = await owner().call('changeTeam', {
        ...{ params: { id }, version: version ?? now.version, body: { ...now.facts, ...names } },
      });
      return answer.problem?.code ?? 'done';
    };
    expect(await code({ name: 'Late' }, first.version)).toBe('version-stale');
    expect(await code({})).toBe('nothing-to-change');
    // In another order it is the same.
    expect(await code({ people: [...(await seen(id)).facts.people].reverse() })).toBe('nothing-to-change');
    expect(await code({ people: [newId()] })).toBe('person-unknown');
    expect(await code({ leadId: newId() })).toBe('person-unknown');
    expect(await code({ name: 'TEAM' })).toBe('team-exists');
    expect(await code({ name: 'LIME' })).toBe('done');
    expect((await made({ name: 'lime' })).code).toBe('team-exists');
    expect((await owner().call('changeTeam', { params: { id: newId() }, version: 1, body })).problem.code).toBe('team-unknown');
    const { events } = await owner().done('readHistory', { params: { id } });
    expect(events[1]!.before).toEqual({ name: before.name, lead: 'Staff Person', people: 'Bookkeeper Person' });
    expect(events[1]!.after).toEqual({ name: 'Lime', lead: 'Mate Person', people: 'Owner Person, Staff Person' });
  });

  it('are ended, and merged: nobody is lost', async () => {
    const { id: lime } = await made({ name: 'Lime', people: [world.ids.staff, world.ids.mate] });
    const { id: bench } = await made({ leadId: world.ids.bookkeeper, people: [world.ids.mate, world.ids.owner] });
    const end = async (id: string, into: string | null, version?: number) =>
      (
        await owner().call('endTeam', {
          ...{ params: { id }, version: version ?? (await seen(id)).version, body: { into } },
        })
      ).problem?.code ?? 'done';
    expect(await end(bench, newId())).toBe('team-unknown');
    expect(await end(bench, bench)).toBe('team-unknown');
    expect(await end(bench, lime, 9)).toBe('version-stale');
    expect(await end(bench, lime)).toBe('done');
    const merged = await seen(lime);
    // Whoever led it, too.
    const { staff, mate, owner: boss, bookkeeper } = world.ids;
    expect(merged.facts.people).toEqual([staff, mate, boss, bookkeeper].sort());
    expect(merged.version).toBe(2);
    const { events } = await owner().done('readHistory', { params: { id: lime } });
    expect(events.at(-1)).toEqual(
      jasmine.objectContaining({
        action: 'teams merged',
        before: { people: 'Mate Person, Staff Person' },
        after: { people: 'Bookkeeper Person, Mate Person, Owner Person, Staff Person' },
      }),
    );
    expect(await end(lime, null)).toBe('done');
    expect((await teams()).map(({ name }) => name)).toEqual(['Team']);
    expect(await world.sql('select from team_person where team_id = any($1)', [[lime, bench]])).toEqual([]);
  });

  it('give nobody by their lead what whoever makes them does not hold', async () => {
    await administrator('mate');
    // A lead without rights that reach a team gives nothing.
    expect((await made({}, 'mate')).code).toBe('done');
    expect((await made({ name: 'Lime', leadId: world.ids.manager }, 'mate')).code).toBe('lead-not-yours');
    const led = (await teams('mate')).find(({ leadId }) => leadId === world.ids.manager)!;
    expect(led.mine).toBeFalse();
    const own = (await teams('mate')).find(({ name }) => name === 'Bench')!;
    expect(own.mine).toBeTrue();
    const change = async (id: string, version: number, body: Facts) =>
      (await world.as('mate').call('changeTeam', { params: { id }, version, body })).problem?.code ?? 'done';
    expect(await change(led.id, led.version, facts({ name: 'Other' }))).toBe('lead-not-yours');
    expect(await change(own.id, own.version, facts({ leadId: world.ids.manager }))).toBe('lead-not-yours');
    const end = async (id: string, version: number, into: string | null) =>
      (await world.as('mate').call('endTeam', { params: { id }, version, body: { into } })).problem?.code ?? 'done';
    expect(await end(led.id, led.version, null)).toBe('lead-not-yours');
    expect(await end(own.id, own.version, led.id)).toBe('lead-not-yours');
    expect(await end(own.id, own.version, null)).toBe('done');
    for (const who of ['manager', 'bookkeeper', 'staff'] as const) expect((await made({}, who)).code).toBe('right-missing');
  });

  it('are changed by one after the other', async () => {
    const { id } = await made();
    const { version, facts: before } = await seen(id);
    const hold = "select pg_advisory_xact_lock(hashtextextended('people ' || current_setting('app.firm_id'), 0))";
    const answer = await meanwhile(world, hold, `update team set name = 'Sooner', version = version + 1 where id = '${id}'`, () =>
      owner().call('changeTeam', { params: { id }, version, body: { ...before, name: 'Later' } }),
    );
    expect(answer.problem.code).toBe('version-stale');
    const twins = await meanwhile(
      world,
      hold,
      `insert into team (firm_id, id, name, lead_id) values ('${world.firmId}', '${newId()}', 'Twin', '${world.ids.owner}')`,
      () => made({ name: 'TWIN' }),
    );
    expect(twins.code).toBe('team-exists');
  });

  it('keep who has left, by name, and take nobody in who has', async () => {
    const { id } = await made();
    const { people } = await owner().done('listStaff');
    const { version } = people.find((one) => one.id === world.ids.bookkeeper)!;
    await owner().done('personLeaves', { params: { id: world.ids.bookkeeper }, version });
    const offered = async () => (await owner().done('listTeams')).people.map((one) => one.id);
    expect(await offered()).toContain(world.ids.bookkeeper);
    await owner().done('endTeam', { params: { id }, version: 1, body: { into: null } });
    expect(await offered()).not.toContain(world.ids.bookkeeper);
  });
});
