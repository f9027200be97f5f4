import type { Along } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { World, anotherProject, differencesOf, makeWorld, meanwhile, record, setState } from '../../testing';

const NOTHING: Along = { tasks: false, estimates: false, agreement: false, whoRecords: false, notes: false };

describe('a project like another', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  const copy = (
    along: Partial<Along>,
    names: { of?: string; client?: { id: string; name?: string } | null } = {},
    as = owner(),
  ) => {
    const { of = world.ids.project, client = { id: world.ids.client } } = names;
    const id = newId();
    return as.call('copyProject', {
      params: { id: of },
      body: { id, name: ` Copy ${id}`, client, along: { ...NOTHING, ...along } },
    });
  };
  const code = async (...of: Parameters<typeof copy>) => (await copy(...of)).problem.code;
  /** The tasks of a project by name, each after what it lies below. */
  const tasksOf = async (id: string) => {
    const { tasks } = await owner().done('listTasks', { params: { id } });
    const names = new Map(tasks.map((task) => [task.id, task.name]));
    return tasks.map(({ parentId, name, kind, estimate, open }) => [
      names.get(parentId ?? '') ?? null,
      name,
      kind,
      estimate,
      open,
    ]);
  };

  it('is as any other new one, where nothing comes along', async () => {
    const { status, body } = await copy({});
    expect(status).toBe(200);
    const [made] = body.projects;
    expect([body.client!.id, body.tasks, made!.managerId, made!.state, made!.named]).toEqual([
      ...[world.ids.client, [], world.ids.owner, 'Open', null],
    ]);
    expect(made!.name).toMatch(/^Copy/);
    const { facts } = await owner().done('readProject', { params: { id: made!.id } });
    expect([facts.estimate, facts.notes, facts.complete]).toEqual([0, '', null]);
    const { agreements, rates } = await owner().done('readAgreements', { params: { id: made!.id } });
    expect([agreements.length, agreements[0]!.limit, rates]).toEqual([1, null, []]);
    const { events } = await owner().done('readHistory', { params: { id: made!.id } });
    expect([events[0]!.action, events[0]!.after]).toEqual([
      'project copied',
      { name: made!.name, code: made!.code, client: 'Harbour Trust', copyOf: 'Lantern room' },
    ]);
  });

  it('has its tasks, as open ones, with their estimates where one wants them', async () => {
    await world.sql("update task set estimate = 3600, state = 'done' where id = $1", [world.ids.subtask]);
    const before = await tasksOf(world.ids.project);
    expect(before.some(([above, , , estimate, open]) => above !== null && estimate === 3600 && !open)).toBeTrue();
    const whole = (await copy({ tasks: true, estimates: true })).body;
    const [made] = whole.projects;
    expect(await tasksOf(made!.id)).toEqual(
      before.map(([above, name, kind, estimate]) => [above!, name!, kind!, estimate!, true]),
    );
    expect(whole.tasks.length).toBe(before.length);
    expect((await owner().done('readProject', { params: { id: made!.id } })).facts.estimate).toBe(360_000);
    const bare = (await copy({ tasks: true })).body.projects[0]!;
    expect((await tasksOf(bare.id)).map(([, , , estimate]) => estimate)).toEqual(before.map(() => 0));
    // What was there stays as it was.
    expect(await tasksOf(world.ids.project)).toEqual(before);
  });

  it('has what is agreed today, with the rates that hold today, and is priced by them', async () => {
    const { ids } = world;
    const rate = (names: Record<string, unknown>) =>
      world.sql(
        `insert into rate_rule (firm_id, id, project_id, task_id, service_id, currency, rate, valid_from, valid_to)
         values ($1, gen_random_uuid(), $2, $3, $4, 'GBP', $5, $6, $7)`,
        [
          world.firmId,
          ids.project,
          names['task'] ?? null,
          names['service'] ?? null,
          names['rate'],
          names['from'],
          names['to'] ?? null,
        ],
      );
    await rate({ rate: 700_000, from: '2026-01-01', to: '2026-02-28' });
    await rate({ rate: 800_000, from: '2026-03-01' });
    await rate({ rate: 900_000, from: '2026-03-01', task: ids.task });
    await rate({ rate: 950_000, from: '2026-03-01', service: ids.drawing });
    await world.sql(
      "update agreement set limit_minor = 500000, rounding_increment = 30, rounding_mode = 'up', rounding_unit = 'day', rounding_minimum = 60, decimal_places = 2 where project_id = $1",
      [ids.project],
    );
    const { body } = await copy({ agreement: true, tasks: true });
    const [made] = body.projects;
    const { agreements } = await owner().done('readAgreements', { params: { id: made!.id } });
    expect(agreements).toEqual([
      jasmine.objectContaining({
        ...{ method: 'time and materials', currency: 'GBP', limit: 500_000, used: 0 },
        ...{ increment: 30, mode: 'up', unit: 'day', minimum: 60, decimalPlaces: 2 },
      }),
    ]);
    const rules = await world.sql<{ rate: number; task: string | null; service: string | null }>(
      `select r.rate, t.name as task, r.service_id as service from rate_rule r left join task t on t.id = r.task_id and t.project_id = r.project_id
       where r.project_id = $1 and r.person_id is null and r.position_id is null and r.valid_to is null order by r.rate`,
      [made!.id],
    );
    const [task] = await world.sql<{ name: string }>('select name from task where id = $1', [ids.task]);
    expect(rules).toEqual([
      { rate: 800_000, task: null, service: null },
      { rate: 900_000, task: task!.name, service: null },
      { rate: 950_000, task: null, service: ids.drawing },
    ]);
    // A rate of a task stays where its task does.
    const bare = (await copy({ agreement: true })).body.projects[0]!;
    const kept = await world.sql<{ count: number }>(
      'select count(*)::int as count from rate_rule where project_id = $1 and rate = 900000',
      [bare.id],
    );
    expect(kept[0]!.count).toBe(0);
    const entry = await record(world, 'bookkeeper', '2026-06-08', 1, { projectId: made!.id });
    const [priced] = await world.sql<{ rate: number }>('select rate from entry where id = $1', [entry.id]);
    expect(priced!.rate).toBe(800_000);
  });

  it('takes along what holds there, and what is theirs who make it', async () => {
    const { ids } = world;
    const euro = { id: ids.euroClient };
    expect(await code({ agreement: true }, { client: euro })).toBe('agreement-elsewhere');
    expect((await copy({ tasks: true }, { client: euro })).status).toBe(200);
    expect(await code({ agreement: true }, { client: null })).toBe('work-internal');
    expect(await code({ agreement: true }, { of: ids.internal })).toBe('work-internal');
    await world.sql("update agreement set valid_from = '2026-12-01' where project_id = $1", [ids.project]);
    expect(await code({ agreement: true })).toBe('agreement-missing');
    await world.sql("update agreement set valid_from = '2020-01-01' where project_id = $1", [ids.project]);
    // Who looks after nothing of it sees no money of it, and says not who records.
    await world.sql("update person_role set role = 'project manager' where person_id = $1", [ids.mate]);
    const mate = world.as('mate');
    expect((await copy({ tasks: true, notes: true }, {}, mate)).status).toBe(200);
    expect(await code({ agreement: true }, {}, mate)).toBe('copy-not-yours');
    expect(await code({ whoRecords: true }, {}, mate)).toBe('copy-not-yours');
    await world.sql('update project set manager_id = $1 where id = $2', [ids.mate, ids.project]);
    expect((await copy({ whoRecords: true }, {}, mate)).status).toBe(200);
    // They see its money, and agree nothing of it until they may.
    expect(await code({ agreement: true }, {}, mate)).toBe('copy-not-yours');
    await world.sql("insert into person_exception values ($1, $2, 'agreements.change', 'project')", [world.firmId, ids.mate]);
    expect((await copy({ agreement: true }, {}, mate)).status).toBe(200);
    await world.sql('update project set restricted = true, manager_id = $1 where id = $2', [ids.owner, ids.project]);
    expect(await code({ tasks: true }, {}, mate)).toBe('scope-unknown');
    expect(await code({}, {}, world.as('staff'))).toBe('right-missing');
  });

  it('has notes, and takes time of those who were named, but have not left', async () => {
    const { ids } = world;
    await world.sql("update project set notes = 'Keys at the lodge' where id = $1", [ids.project]);
    await owner().done('changeWhoRecords', {
      params: { id: ids.project },
      version: 1,
      body: { everyone: false, people: [ids.staff, ids.mate], teams: [] },
    });
    await world.sql("update person set left_on = '2026-06-01' where id = $1", [ids.mate]);
    const { body } = await copy({ notes: true, whoRecords: true });
    const [made] = body.projects;
    expect(made!.named).toEqual({ people: 1, teams: 0 });
    expect((await owner().done('readProject', { params: { id: made!.id } })).facts.notes).toBe('Keys at the lodge');
    const named = await owner().done('readWhoRecords', { params: { id: made!.id } });
    expect([named.everyone, named.people.map(({ id }) => id)]).toEqual([false, [ids.staff]]);
  });

  it('is copied of what is finished or in the archive, too, for a client that is new', async () => {
    const other = await anotherProject(world);
    await setState(world, other, 'finished');
    await world.sql('update project set archived = true where id = $1', [other]);
    const client = { id: newId(), name: 'Mole Trust' };
    const { body } = await copy({}, { of: other, client });
    expect([body.client!.name, body.projects[0]!.takesTime, body.projects[0]!.archived]).toEqual(['Mole Trust', true, false]);
  });

  it('waits for whoever agrees something else of it', async () => {
    const done = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('rules ${world.firmId}', 0))`,
      `update agreement set limit_minor = 777 where project_id = '${world.ids.project}'`,
      () => copy({ agreement: true }),
    );
    const { agreements } = await owner().done('readAgreements', { params: { id: done.body.projects[0]!.id } });
    expect(agreements[0]!.limit).toBe(777);
  });
});
