import type { BodyOf, Endpoints, Repricing } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import {
  World,
  anotherProject,
  atOnce,
  bill,
  differencesOf,
  draft,
  makeWorld,
  meanwhile,
  record,
  submitAndApprove,
} from '../testing';

type Wish = BodyOf<Endpoints['moveTask']>;

describe('a task that is moved', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(async () => {
    expect(await differencesOf(world)).toEqual([]);
    await world.close();
  });
  const owner = () => world.as('owner');
  const versionOf = async (id: string) =>
    (await world.sql<{ version: number }>('select version from task where id = $1', [id]))[0]!.version;
  const to = (names: Partial<Wish> = {}): Wish => ({
    ...{ projectId: world.ids.euroProject, parentId: null, beforeId: null, seen: null },
    ...names,
  });
  const move = async (id: string, body: Wish, as = owner(), version?: number) =>
    as.call('moveTask', { params: { id }, body, version: version ?? (await versionOf(id)) });
  const code = async (...of: Parameters<typeof move>) => (await move(...of)).problem.code;
  const on = (taskId: string) => ({ taskId });
  const worth = () =>
    world.sql<{ project: string; task: string; client: string; rate: number | null; value: number | null; currency: string }>(
      `select p.name as project, t.name as task, c.name as client, e.rate, e.value_minor as value, e.value_currency as currency, e.problems
         from entry e join project p on p.id = e.project_id left join task t on t.id = e.task_id left join client c on c.id = e.client_id
        order by e.work_date, e.person_id = $1`,
      [world.ids.mate],
    );
  /** Two hours of the staff before the rise of its rate, three after, one of somebody with a rate of his own. */
  async function recorded(): Promise<string[]> {
    const { task, subtask } = world.ids;
    const all = [
      await record(world, 'staff', '2026-06-08', 2, on(subtask)),
      await record(world, 'staff', '2026-06-10', 3, on(subtask)),
      await record(world, 'mate', '2026-06-11', 1, on(task)),
    ];
    return all.map(({ id }) => id);
  }

  it('says what is priced anew before, and takes its time along when that was seen', async () => {
    await recorded();
    await record(world, 'staff', '2026-06-09', 1);
    const refused = await move(world.ids.task, to());
    expect([refused.status, refused.problem.code]).toEqual([409, 'effect-unseen']);
    const { seen, ...effect } = refused.problem.current as Repricing;
    const move3 = (names: object) => jasmine.objectContaining(names);
    expect(effect).toEqual({
      ...{ entries: 3, seconds: 21_600, lost: 1, gained: 0 },
      moves: [
        move3({
          rateNow: 960_000,
          rateThen: 1_000_000,
          currencyThen: 'EUR',
          seconds: 10_800,
          valueNow: 28_800,
          valueThen: 30_000,
        }),
        move3({ rateNow: 900_000, rateThen: 1_000_000, entries: 1, seconds: 7200, valueNow: 18_000, valueThen: 20_000 }),
        move3({ rateNow: 600_000, rateThen: null, chargedThen: true, seconds: 3600, valueNow: 6000, valueThen: null }),
      ],
    });
    expect(new Set((await worth()).map(({ project }) => project))).toEqual(new Set(['Lantern room']));
    const before = await versionOf(world.ids.task);
    const done = await owner().done('moveTask', { params: { id: world.ids.task }, body: to({ seen }), version: before });
    expect(done.tasks.map(({ id, projectId, parentId, version }) => [id, projectId, parentId, version])).toEqual([
      [world.ids.task, world.ids.euroProject, null, 2],
      [world.ids.subtask, world.ids.euroProject, world.ids.task, 2],
    ]);
    const stiftung = 'Łódka și Țară Stiftung';
    const there = { project: 'Altar frames', client: stiftung, currency: 'EUR' };
    expect(await worth()).toEqual([
      { ...there, task: 'Upper tier', rate: 1_000_000, value: 20_000, problems: [] },
      {
        ...{ project: 'Lantern room', client: 'Harbour Trust', currency: 'GBP' },
        ...{ task: null, rate: 900_000, value: 9000, problems: [] },
      },
      { ...there, task: 'Upper tier', rate: 1_000_000, value: 30_000, problems: [] },
      { ...there, task: 'Glazing', rate: null, value: null, problems: ['no-rate'] },
    ] as never);
    // Whoever looked at it before looks again.
    const versions = await world.sql('select version from entry order by project_id = $1, version', [world.ids.project]);
    expect(versions).toEqual([{ version: 2 }, { version: 2 }, { version: 2 }, { version: 1 }]);
    const history = await world.sql<{ action: string; kind: string; count: number }>(
      `select e.action, s.subject_kind as kind, count(*)::int from audit_event e join audit_subject s on s.event_id = e.id
        where e.action = 'task moved' group by 1, 2 order by 2`,
    );
    expect(history).toEqual([
      { action: 'task moved', kind: 'entry', count: 3 },
      { action: 'task moved', kind: 'project', count: 2 },
    ]);
  });

  it('asks again where something else would change by now', async () => {
    const [first] = await recorded();
    const refused = await move(world.ids.task, to());
    const { seen } = refused.problem.current as Repricing;
    await owner().done('changeEntry', { params: { id: first! }, version: 1, body: { quantity: 3600, reason: 'counted again' } });
    const again = await move(world.ids.task, to({ seen }));
    expect([again.problem.code, (again.problem.current as Repricing).seconds]).toEqual(['effect-changed', 18_000]);
    expect((await move(world.ids.task, to({ seen: (again.problem.current as Repricing).seen }))).status).toBe(200);
  });

  it('asks nothing where no time of it is there, and among its siblings', async () => {
    await record(world, 'staff', '2026-06-09', 1);
    expect((await move(world.ids.task, to())).status).toBe(200);
    expect((await move(world.ids.subtask, to())).status).toBe(200);
    expect(await code(world.ids.subtask, to())).toBe('nothing-to-change');
    const done = await owner().done('moveTask', {
      ...{ params: { id: world.ids.subtask }, version: await versionOf(world.ids.subtask) },
      body: to({ beforeId: world.ids.task }),
    });
    expect(done.tasks.map(({ name, place }) => [name, place])).toEqual([
      ['Upper tier', 0],
      ['Glazing', 1],
    ]);
  });

  it('asks before time goes to another project, also where it is priced there as here', async () => {
    const there = await anotherProject(world);
    await record(world, 'staff', '2026-06-08', 2, on(world.ids.subtask));
    const refused = await move(world.ids.task, to({ projectId: there }));
    const { moves, entries, seen } = refused.problem.current as Repricing;
    expect([refused.problem.code, moves, entries]).toEqual(['effect-unseen', [], 1] as never);
    expect((await move(world.ids.task, to({ projectId: there, seen }))).status).toBe(200);
  });

  it('tells what a task above it makes of its price, also where it stays in its project', async () => {
    const { task, subtask, project } = world.ids;
    const out = to({ projectId: project });
    const below = to({ projectId: project, parentId: task });
    expect((await move(subtask, out)).status).toBe(200);
    await world.sql(
      `insert into rate_rule (firm_id, id, task_id, currency, rate, valid_from) values ($1, $2, $3, 'GBP', 1100000, '2026-01-01')`,
      [world.firmId, newId(), task],
    );
    const [billed, later] = [
      await record(world, 'staff', '2026-06-08', 2, on(subtask)),
      await record(world, 'staff', '2026-06-10', 3, on(subtask)),
    ];
    await submitAndApprove(world, 'staff');
    await bill(world, [billed.id]);
    const versions = () => world.sql('select id, version from entry order by id');
    const refused = await move(subtask, below);
    const { moves, seen } = refused.problem.current as Repricing;
    expect([refused.problem.code, moves.map(({ rateNow, rateThen }) => [rateNow, rateThen])]).toEqual([
      'effect-unseen',
      [[960_000, 1_100_000]],
    ]);
    const seenBy = await versions();
    expect((await move(subtask, { ...below, seen })).status).toBe(200);
    // What a reviewer looked at is the same: only its worth is another.
    expect(await versions()).toEqual(seenBy);
    const rates = await world.sql('select id, rate, version, value_version from entry order by work_date');
    expect(rates).toEqual([
      { id: billed.id, rate: 900_000, version: jasmine.any(Number), value_version: 1 },
      { id: later.id, rate: 1_100_000, version: jasmine.any(Number), value_version: 2 },
    ] as never);
  });

  it('keeps what is billed where it is: it moves within its project, and to no other', async () => {
    const [first] = await recorded();
    await submitAndApprove(world, 'staff');
    const { row } = await draft(world, [first!]);
    const inDraft = await move(world.ids.task, to());
    expect([inDraft.problem.code, inDraft.problem.detail]).toEqual([
      'work-in-draft',
      jasmine.stringContaining('Bookkeeper Person'),
    ]);
    await world.as('bookkeeper').done('discardDraft', { params: { id: row.id }, version: row.version });
    const voided = await bill(world, [first!]);
    await world.as('bookkeeper').done('voidInvoice', { params: { id: voided.row.id }, body: { reason: 'the wrong month' } });
    const invoice = await bill(world, [first!]);
    const billed = await move(world.ids.subtask, to());
    expect([billed.problem.code, billed.problem.detail]).toEqual([
      'work-billed',
      jasmine.stringContaining(`billed on ${invoice.row.number!}, and`),
    ]);
    const before = await worth();
    expect((await move(world.ids.subtask, to({ projectId: world.ids.project }))).status).toBe(200);
    expect(await worth()).toEqual(before);
  });

  it('moves no time of days that are locked', async () => {
    await recorded();
    await world.sql("update firm set locked_until = '2026-06-08'");
    const locked = await move(world.ids.task, to());
    expect([locked.problem.code, locked.problem.detail]).toEqual(['day-locked', jasmine.stringContaining('2026-06-08')]);
    await world.sql("update firm set locked_until = '2026-06-07'");
    expect(await code(world.ids.task, to())).toBe('effect-unseen');
  });

  it('is moved by those who look after both projects, who see money where they may', async () => {
    await recorded();
    const manager = world.as('manager');
    expect(await code(world.ids.task, to(), manager)).toBe('task-unknown');
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, world.ids.project]);
    expect(await code(world.ids.task, to(), manager)).toBe('project-unknown');
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, world.ids.euroProject]);
    const shown = async () => ((await move(world.ids.task, to(), manager)).problem.current as Repricing).moves.length;
    expect(await shown()).toBe(3);
    await world.sql("insert into person_exception (firm_id, person_id, permission, reach) values ($1, $2, 'values.read', null)", [
      world.firmId,
      world.ids.manager,
    ]);
    expect(await shown()).toBe(0);
    expect(await code(world.ids.task, to(), world.as('staff'))).toBe('right-missing');
  });

  it('lies nowhere below itself, nor too deep', async () => {
    const { task, subtask, project } = world.ids;
    expect(await code(task, to({ projectId: project, parentId: subtask }))).toBe('below-itself');
    expect(await code(task, to({ projectId: project, parentId: task }))).toBe('below-itself');
    expect(await code(task, to({ parentId: subtask }))).toBe('below-itself');
    expect(await code(subtask, to({ parentId: task }))).toBe('task-unknown');
    expect(await code(subtask, to({ projectId: newId() }))).toBe('project-unknown');
    expect(await code(newId(), to(), owner(), 1)).toBe('task-unknown');
    let parentId: string | null = null;
    for (let depth = 1; depth < 9; depth += 1) {
      const id = newId();
      await owner().done('addTasks', {
        params: { id: world.ids.euroProject },
        body: {
          place: { parentId, beforeId: null },
          lines: [{ id, parentId: null, name: `Level ${depth}`, estimate: 0 }],
        },
      });
      parentId = id;
    }
    expect(await code(task, to({ parentId }))).toBe('too-deep');
    expect((await move(subtask, to({ parentId }))).status).toBe(200);
  });

  it('takes along timers that run on it, rows that were brought, and what was deleted', async () => {
    const { task } = world.ids;
    const staff = world.as('staff');
    const work = { projectId: world.ids.project, taskId: task, serviceId: world.ids.survey };
    await staff.done('startTimer', { body: { id: newId(), ...work, note: '', others: 'stop' } });
    await staff.done('addRow', { params: { from: '2026-06-08' }, body: { ...work, billable: true } });
    const entry = await record(world, 'staff', '2026-06-08', 1, on(task));
    await staff.done('deleteEntry', { params: { id: entry.id }, version: entry.version });
    expect((await move(task, to())).status).toBe(200);
    const { timers } = await staff.done('readTimers');
    expect([timers[0]!.projectId, timers[0]!.taskId]).toEqual([world.ids.euroProject, task]);
    const { rows } = await staff.done('readTimesheet', { params: { from: '2026-06-08' }, query: { person: world.ids.staff } });
    expect(rows.map((row) => [row.projectId, row.taskId])).toEqual([[world.ids.euroProject, task]]);
    const back = await staff.done('restoreEntry', { params: { id: entry.id } });
    expect([back.projectId, back.taskId]).toEqual([world.ids.euroProject, task]);
  });

  it('is one of two that go below each other at once', async () => {
    const { task, subtask, project } = world.ids;
    expect((await move(subtask, to({ projectId: project }))).status).toBe(200);
    const [a, b] = [await versionOf(task), await versionOf(subtask)];
    const codes = await atOnce(world, 2, (index) =>
      index === 0
        ? code(task, to({ projectId: project, parentId: subtask }), owner(), a)
        : code(subtask, to({ projectId: project, parentId: task }), owner(), b),
    );
    expect(codes.filter((one) => one === undefined).length).toBe(1);
    expect(codes.filter((one) => one !== undefined)).toEqual([jasmine.stringMatching(/below-itself|version-stale/)]);
  });

  it('waits for whoever bills, and leaves to them what they billed', async () => {
    const [first] = await recorded();
    await submitAndApprove(world, 'staff');
    const { row } = await draft(world, [first!]);
    const refused = await meanwhile(
      world,
      `select pg_advisory_xact_lock_shared(hashtextextended('rules ${world.firmId}', 0))`,
      `update task set place = place where id = '${world.ids.task}'`,
      () => move(world.ids.task, to()),
    );
    expect(refused.problem.code).toBe('work-in-draft');
    await world.as('bookkeeper').done('discardDraft', { params: { id: row.id }, version: row.version });
  });

  it('is recorded on nowhere else meanwhile', async () => {
    const refused = await meanwhile(
      world,
      `select pg_advisory_xact_lock(hashtextextended('rules ${world.firmId}', 0))`,
      `update task set project_id = '${world.ids.euroProject}', parent_id = null where id = '${world.ids.subtask}'`,
      () =>
        world.as('staff').call('createEntry', {
          body: {
            ...{ id: newId(), personId: world.ids.staff, date: '2026-06-09', quantity: 3600, note: '', origin: 'grid' },
            ...{ projectId: world.ids.project, taskId: world.ids.subtask, serviceId: world.ids.survey },
          },
        }),
    );
    expect(refused.problem.code).toBe('reference-unknown');
    await world.sql('update task set project_id = $1, parent_id = $2 where id = $3', [
      world.ids.project,
      world.ids.task,
      world.ids.subtask,
    ]);
  });
});
