import { AnswerOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, makeWorld, setState } from '../testing';

type Lists = AnswerOf<Endpoints['listWork']>;

describe('work in lists', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  const lists = (
    query: { unfolded?: string; chosen?: string; also?: 'archived' } = {},
    who: 'owner' | 'staff' | 'manager' = 'owner',
  ) => world.as(who).done('listWork', { query });
  const nameOf = ({ known }: Lists, scope: string) =>
    Object.values(known)
      .flatMap((list): readonly { id: string; name: string }[] => list)
      .find(({ id }) => scope.endsWith(id))!.name;
  const shown = (answer: Lists) =>
    Object.fromEntries(
      answer.lists.map(({ of, items }) => [
        of === 'top' || of === 'people' ? of : nameOf(answer, of),
        items.map(({ scope }) => nameOf(answer, scope)),
      ]),
    );
  const insertProjects = async (many: number, columns: Record<string, unknown>) => {
    const ids = Array.from({ length: many }, () => newId());
    for (const [n, id] of ids.entries())
      await world.sql(
        `insert into project (firm_id, id, client_id, name, code, tone, state_id, records, open, manager_id, billable)
         values ($1, $2, $3, $4, $5, 1, $6, true, true, $7, true)`,
        [
          ...[world.firmId, id, columns['client'] ?? world.ids.client, `Project ${String(n).padStart(3, '0')}`, `P${id}`],
          ...[world.ids.underWay, world.ids.owner],
        ],
      );
    return ids;
  };

  it('are those of the firm, and of so few projects those of every client, too', async () => {
    const answer = await lists();
    expect(answer.few).toBeTrue();
    expect(answer.counts).toEqual({ clients: 2, projects: 3, people: 5 });
    const { top, ...rest } = shown(answer);
    expect(top!.length).toBe(3);
    expect(Object.values(rest).sort()).toEqual([['Altar frames'], ['Lantern room'], ['Office work']]);
    const [home] = answer.lists.find(({ of }) => of === `client:${world.ids.client}`)!.items;
    expect(home).toEqual({ scope: `project:${world.ids.project}`, holds: true });
  });

  it('are what is unfolded, task by task', async () => {
    const { project, task } = world.ids;
    const answer = await lists({ unfolded: `project:${project},task:${task}` });
    expect(shown(answer)).toEqual(jasmine.objectContaining({ 'Lantern room': ['Glazing'], Glazing: ['Upper tier'] }));
    const holds = answer.lists.find(({ of }) => of === `project:${project}`)!.items;
    expect(holds).toEqual([{ scope: `task:${task}`, holds: true }]);
    expect(answer.lists.find(({ of }) => of === `task:${task}`)!.items[0]!.holds).toBeFalse();
  });

  it('lead to what is chosen, unasked', async () => {
    const answer = await lists({ chosen: `task:${world.ids.subtask}` });
    expect(shown(answer)).toEqual(jasmine.objectContaining({ 'Lantern room': ['Glazing'], Glazing: ['Upper tier'] }));
    expect(Object.keys(shown(await lists()))).not.toContain('Lantern room');
    expect((await lists({ chosen: 'all' })).lists.length).toBe(4);
  });

  it('have people where they are unfolded, and as many as one may see', async () => {
    const names = shown(await lists({ unfolded: 'people' }));
    expect(names['people']!.length).toBe(5);
    expect(names['people']).toEqual([...names['people']!].sort());
    const seen = async (who: 'manager' | 'staff') => shown(await lists({ unfolded: 'people' }, who))['people'];
    expect(await seen('manager')).toEqual(['Manager Person', 'Mate Person', 'Owner Person', 'Staff Person']);
    expect(await seen('staff')).toEqual(['Staff Person']);
    expect((await lists({}, 'staff')).counts.people).toBe(1);
    expect((await lists({ chosen: `person:${world.ids.mate}` })).known.people.map(({ id }) => id)).toEqual([world.ids.mate]);
  });

  it('leave out what is in the archive, unless it is chosen or asked for', async () => {
    const { project, client, euroClient, euroProject } = world.ids;
    await world.sql('update project set archived = true where id = $1', [project]);
    const homes = async (...of: Parameters<typeof lists>) => {
      const answer = await lists(...of);
      const { top, ...below } = shown(answer);
      const held = answer.lists[0]!.items.find(({ scope }) => scope === `client:${client}`)?.holds;
      return [top!.length, held, below['Harbour Trust'] ?? [], answer.counts.projects];
    };
    expect(await homes()).toEqual([3, false, [], 2]);
    expect(await homes({ also: 'archived' })).toEqual([3, true, ['Lantern room'], 2]);
    expect(await homes({ chosen: `project:${project}` })).toEqual([3, false, ['Lantern room'], 2]);
    await world.sql('update client set archived = true where id = $1', [client]);
    expect(await homes()).toEqual([2, undefined, [], 2]);
    expect(await homes({ also: 'archived' })).toEqual([3, true, ['Lantern room'], 2]);
    const { known } = await lists({ chosen: `task:${world.ids.task}` });
    expect(known.clients.map(({ id, archived }) => [id, archived]).sort()).toEqual(
      [
        [client, true],
        [euroClient, false],
      ].sort(),
    );
    const facts = known.projects.find(({ id }) => id === project)!;
    expect([facts.state, facts.open, facts.takesTime, facts.archived]).toEqual(['Open', false, false, true]);
    // What is in the archive comes last, after what is finished.
    await world.sql('update project set archived = false, client_id = $1 where id = $2', [euroClient, project]);
    await world.sql("update project set archived = true, name = 'Aisle' where id = $1", [project]);
    await setState(world, euroProject, 'finished');
    expect(shown(await lists({ also: 'archived' }))['Łódka și Țară Stiftung']).toEqual(['Altar frames', 'Aisle']);
    await setState(world, euroProject, 'underWay');
    await world.sql("update project set archived = false, client_id = $1, name = 'Lantern room' where id = $2", [
      client,
      project,
    ]);
    await world.sql('update client set archived = false');
  });

  it('come by page, with what is chosen, and what is open before what is closed', async () => {
    const ids = await insertProjects(120, {});
    await setState(world, ids[0]!, 'finished');
    const client = `client:${world.ids.client}`;
    const none = await lists();
    expect([none.few, none.lists.map(({ of }) => of), none.counts.projects]).toEqual([false, ['top'], 123]);
    const of = (answer: Lists) => answer.lists.find((one) => one.of === client)!;
    const one = of(await lists({ unfolded: client }));
    expect([one.items.length, one.more]).toEqual([100, true]);
    const two = of(await lists({ unfolded: `${client}*2` }));
    expect([two.items.length, two.more]).toEqual([121, false]);
    expect(two.items.at(-1)!.scope).toBe(`project:${ids[0]}`);
    const chosen = of(await lists({ chosen: `project:${ids[0]}` }));
    expect([chosen.items.length, chosen.items.at(-1)!.scope]).toEqual([101, `project:${ids[0]}`]);
    await world.sql('delete from project where id = any ($1)', [ids]);
    // Tasks, clients and people, too.
    const tasks = Array.from({ length: 105 }, () => newId());
    await world.sql(
      `insert into task (firm_id, id, project_id, kind, name, place)
       select $1, id, $2, 'task', 'Task ' || n, n from unnest($3::uuid[]) with ordinality u (id, n)`,
      [world.firmId, world.ids.euroProject, tasks],
    );
    const project = `project:${world.ids.euroProject}`;
    const first = (await lists({ unfolded: project })).lists.find((list) => list.of === project)!;
    expect([first.items.length, first.more, first.items[0]!.scope]).toEqual([100, true, `task:${tasks[0]}`]);
    const last = (await lists({ chosen: `task:${tasks[104]}` })).lists.find((list) => list.of === project)!;
    expect(last.items.at(-1)!.scope).toBe(`task:${tasks[104]}`);
    const both = (await lists({ unfolded: `${project}*2` })).lists.find((list) => list.of === project)!;
    expect([both.items.length, both.more]).toEqual([105, false]);
    await world.sql('delete from task where id = any ($1)', [tasks]);
    await world.sql(
      `insert into client (firm_id, id, name, address, country, email, currency, payment_days)
       select $1, gen_random_uuid(), 'Zz client ' || n, '{}', 'GB', '', 'GBP', 30 from generate_series(1, 120) n`,
      [world.firmId],
    );
    const top = (await lists()).lists[0]!;
    expect([top.items.length, top.more]).toEqual([100, true]);
    const more = await lists({ unfolded: 'top*2' });
    expect([more.lists[0]!.items.length, more.lists[0]!.more, more.counts.clients]).toEqual([123, false, 122]);
    const { id } = (await world.sql<{ id: string }>('select id from client order by name desc limit 1'))[0]!;
    expect((await lists({ chosen: `client:${id}` })).lists[0]!.items.map(({ scope }) => scope)).toContain(`client:${id}`);
    await world.sql("delete from client where name like 'Zz%'");
  });

  it('hold nothing that one may not see', async () => {
    const { euroProject, project } = world.ids;
    await world.sql('update project set restricted = true where id = any ($1)', [[euroProject, project]]);
    const answer = await lists({ unfolded: `project:${project}`, chosen: `project:${euroProject}` }, 'staff');
    expect(answer.lists.map(({ of }) => of.split(':')[0])).toEqual(['top', 'department']);
    expect([answer.counts.projects, answer.counts.clients]).toEqual([1, 0]);
    await world.sql('update project set restricted = false');
  });
});
