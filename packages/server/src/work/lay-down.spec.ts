import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, makeWorld, record, seenWork } from '../testing';

type Wish = BodyOf<Endpoints['layDown']>;

describe('work that is laid down from a list', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  /** A list in which each line names what it lies below. */
  const lines = (...all: readonly (readonly [string, string?, number?])[]): Wish['lines'] => {
    const ids = new Map(all.map(([name]) => [name, newId()]));
    return all.map(([name, parent, estimate = 0]) => ({
      ...{ id: ids.get(name)!, parentId: parent === undefined ? null : ids.get(parent)!, name, estimate },
    }));
  };
  const everything = () =>
    world.sql(
      'select (select count(*) from project) as projects, (select count(*) from task) as tasks, (select count(*) from client) as clients',
    );

  it('is there in its order, with phases, estimates and the usual terms, and is recorded on', async () => {
    const wish = lines(
      ['Mole repair ', , 360_000],
      ['Glazing', 'Mole repair '],
      ['Upper tier', 'Glazing', 36_000],
      ['Lower tier', 'Glazing'],
      ['Rail', 'Mole repair '],
      ['Survey'],
    );
    const made = await owner().done('layDown', { body: { client: { id: newId(), name: 'Mole Trust' }, lines: wish } });
    expect(
      made.projects.map(({ name, code, clientId, billable }) => [name, code, clientId === made.client!.id, billable]),
    ).toEqual([
      ['Mole repair', 'MOLE', true, true],
      ['Survey', 'SURVEY', true, true],
    ]);
    const work = await seenWork(owner());
    const own = work.tasks.filter(({ projectId }) => projectId === made.projects[0]!.id);
    expect(own.map(({ name, kind }) => `${name}, ${kind}`)).toEqual([
      'Glazing, phase',
      'Rail, task',
      'Upper tier, task',
      'Lower tier, task',
    ]);
    const glazing = own[0]!.id;
    expect(own.map(({ parentId }) => parentId)).toEqual([null, null, glazing, glazing]);
    expect(made.tasks).toEqual(jasmine.arrayWithExactContents(own));
    const [sums] = await world.sql(
      `select p.estimate, a.method, a.currency, p.manager_id = $2 as mine, (select sum(estimate) from task where project_id = p.id) as below
         from project p join agreement a on a.project_id = p.id where p.id = $1`,
      [made.projects[0]!.id, world.ids.owner],
    );
    expect(sums).toEqual({ estimate: 360_000, method: 'time and materials', currency: 'GBP', mine: true, below: 36_000 });
    const entry = await record(world, 'staff', '2026-06-09', 2, { projectId: made.projects[0]!.id, taskId: own[2]!.id });
    expect(entry.taskId).toBe(own[2]!.id);
    const events = await world.sql<{ action: string; after: object }>(
      'select e.action, s.after from audit_event e join audit_subject s on s.event_id = e.id where s.subject_id = $1',
      [made.projects[0]!.id],
    );
    expect(events.map(({ action, after }) => [action, after])).toEqual([
      [
        'work laid down',
        { name: 'Mole repair', code: 'MOLE', client: 'Mole Trust', tasks: 'Glazing, Upper tier, Lower tier, Rail' },
      ],
    ]);
  });

  it('is the firm’s own where it is for no client', async () => {
    const made = await owner().done('layDown', { body: { client: null, lines: lines(['Workshop'], ['Racks', 'Workshop']) } });
    expect([made.client, made.projects[0]!.billable, made.projects[0]!.departmentId !== null]).toEqual([null, false, true]);
    const [terms] = await world.sql('select method from agreement where project_id = $1', [made.projects[0]!.id]);
    expect(terms).toEqual({ method: 'internal' });
  });

  it('is there as a whole or not at all, and once when it is sent again', async () => {
    const before = await everything();
    const code = async (client: Wish['client'], all: Wish['lines']) => {
      const { problem } = await owner().call('layDown', { body: { client, lines: all } });
      return [problem?.code, problem?.detail];
    };
    const client = { id: newId(), name: 'Mole Trust' };
    // The second of two that are called alike, in the list itself.
    const [first, ...rest] = lines(['Mole repair'], ['Glazing', 'Mole repair'], ['Survey']);
    const twice = [first!, ...rest, { ...first!, id: newId(), name: 'MOLE repair' }];
    expect(await code(client, twice)).toEqual(['project-exists', jasmine.stringContaining('“MOLE repair”')]);
    const known = { id: world.ids.client };
    expect((await code(known, lines(['LANTERN room'])))[1]).toContain('“LANTERN room”');
    const [project, task] = lines(['Mole repair'], ['Glazing', 'Mole repair']);
    expect(await code(known, [task!, project!])).toEqual(['order-unreadable', jasmine.stringContaining('“Glazing”')]);
    // A task below itself, or below one that is elsewhere.
    expect((await code(known, [project!, { ...task!, parentId: task!.id }]))[0]).toBe('order-unreadable');
    expect((await code(known, [project!, { ...task!, parentId: world.ids.task }]))[0]).toBe('order-unreadable');
    expect(await everything()).toEqual(before);
    const key = newId();
    const body = { client, lines: [project!, task!] };
    const sent = await owner().done('layDown', { body, key });
    expect(await owner().done('layDown', { body, key })).toEqual(sent);
    expect((await seenWork(owner())).projects.filter(({ name }) => name === 'Mole repair').length).toBe(1);
  });
});
