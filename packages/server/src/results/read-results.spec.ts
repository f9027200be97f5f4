import { World, absent, makeWorld, record } from '../testing';

describe('results', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld();
    await record(world, 'staff', '2026-06-08', 1);
    await record(world, 'staff', '2026-06-09', 2, { projectId: null, serviceId: null });
    await record(world, 'staff', '2026-06-10', 4, { projectId: world.ids.internal });
  });
  afterAll(() => world.close());

  const of = (scope: string, span = {}) => world.as('owner').done('readResults', { query: { scope, ...span } });

  it('hold no time of which nobody has said what it was on', async () => {
    const all = await of('all');
    expect([all.hours.total, all.hours.billable]).toEqual([5 * 3600, 3600]);
    expect(all.rows.filter((row) => row.hours.total > 0).map((row) => row.hours.total)).toEqual(
      jasmine.arrayWithExactContents([3600, 4 * 3600]),
    );
    // The chart ends at the cost above it.
    expect(all.series!.points.at(-1)!.cost).toBe(all.cost!.cost);
    expect((await of(`person:${world.ids.staff}`)).rows.length).toBe(2);
  });

  it('are of the days that are asked for, and of no others', async () => {
    expect((await of('all', { from: '2026-06-09', to: '2026-06-10' })).hours.total).toBe(4 * 3600);
    expect((await of('all', { from: '2026-06-08', to: '2026-06-08' })).hours.total).toBe(3600);
    const answer = await world.as('owner').call('readResults', { query: { from: '2026-06-10', to: '2026-06-09' } });
    expect(answer.problem.code).toBe('range-reversed');
  });

  it('hold no absence, whatever it was noted on', async () => {
    const read = () =>
      Promise.all(
        [{}, { from: '2026-06-08', to: '2026-06-12' }].flatMap((span) =>
          ['all', `project:${world.ids.project}`].map((scope) => of(scope, span)),
        ),
      );
    const before = await read();
    const id = await absent(world, 'staff', '2026-06-12', 'training');
    await world.sql('update entry set project_id = $1, cost_minor = 100 where id = $2', [world.ids.project, id]);
    expect(await read()).toEqual(before);
  });

  it('draw a month by days, a quarter by weeks and all of it by months, each up to the same cost', async () => {
    await record(world, 'staff', '2026-06-01', 3);
    const drawn = async (scope: string, span = {}) => {
      const { series, cost } = await of(scope, span);
      expect(series!.points.at(-1)!.cost).toBe(cost!.cost);
      return [series!.step, ...series!.points.map(({ from, cost }) => [from, cost])];
    };
    const month = { from: '2026-06-01', to: '2026-06-30' };
    // An hour costs 30.00.
    expect(await drawn(`project:${world.ids.project}`, month)).toEqual(['day', ['2026-06-01', 9000], ['2026-06-08', 12_000]]);
    expect((await drawn('all', month)).length).toBe(1 + 3);
    // Of whom there is nothing, nothing is drawn.
    expect((await of(`person:${world.ids.owner}`, month)).series!.points).toEqual([]);
    expect((await drawn(`person:${world.ids.staff}`, month)).length).toBe(1 + 3);
    const quarter = { from: '2026-06-02', to: '2026-07-31' };
    expect(await drawn(`project:${world.ids.project}`, quarter)).toEqual(['week', ['2026-06-08', 3000]]);
    expect((await drawn('all'))[0]).toBe('month');
    // A week that begins before the span has its first day.
    const late = { from: '2026-06-10', to: '2026-07-31' };
    expect((await drawn(`project:${world.ids.internal}`, late))[1]).toEqual(['2026-06-10', 12_000]);
    await world.sql("delete from entry where work_date = '2026-06-01'");
  });

  it('draw what is earned up to the limit, and end at the revenue above the chart', async () => {
    await world.sql('update agreement set limit_minor = 5000 where project_id = $1', [world.ids.project]);
    for (const span of [{}, { from: '2026-06-01', to: '2026-06-12' }])
      for (const scope of ['all', `project:${world.ids.project}`]) {
        const { series, cost } = await of(scope, span);
        expect([scope, series!.points.at(-1)!.earned, cost!.revenue]).toEqual([scope, 5000, 5000]);
      }
  });

  it('draw nothing as earned that is written off', async () => {
    await record(world, 'staff', '2026-06-02', 1);
    await world.sql(
      "update entry set stage = 'approved', billing_state = 'written off', write_off_reason = 'agreed' where work_date = '2026-06-02'",
    );
    for (const span of [{}, { from: '2026-06-01', to: '2026-06-12' }]) {
      const { series, cost } = await of(`project:${world.ids.project}`, span);
      expect(series!.points.at(-1)!.earned).toBe(cost!.revenue);
    }
    await world.sql("delete from entry where work_date = '2026-06-02'");
  });

  it('say what is agreed of a project, and where nothing is', async () => {
    const agreed = async () => (await of(`project:${world.ids.euroProject}`)).agreement;
    expect(await agreed()).toBe('time and materials');
    await world.sql('update agreement set limit_minor = 150000 where project_id = $1', [world.ids.euroProject]);
    expect(await agreed()).toMatch(/^time and materials, up to .*1,500\.00/);
    await world.sql('delete from agreement where project_id = $1', [world.ids.euroProject]);
    expect(await agreed()).toBe('no agreement');
  });
});

describe('the margin of tasks', () => {
  let world: World;

  // A phase with a task below it: 2 h on the phase and 1 h on the task at 90.00, each hour at a cost of 30.00.
  beforeAll(async () => {
    world = await makeWorld();
    await record(world, 'staff', '2026-06-08', 2, { taskId: world.ids.task });
    await record(world, 'staff', '2026-06-09', 1, { taskId: world.ids.subtask });
  });
  afterAll(() => world.close());

  const margins = async (who: 'owner' | 'staff') => {
    const { rows } = await world.as(who).done('readResults', { query: { scope: `project:${world.ids.project}` } });
    return Object.fromEntries(rows.map((row) => [row.id, row.margin]));
  };

  it('is of a task and all that is below it', async () => {
    const of = await margins('owner');
    expect(of[world.ids.task]).toEqual({ revenue: 27_000, minor: 18_000, share: 666_667 });
    expect(of[world.ids.subtask]).toEqual({ revenue: 9000, minor: 6000, share: 666_667 });
  });

  it('is capped by no limit, since that is the project’s', async () => {
    await world.sql('update agreement set limit_minor = 100 where project_id = $1', [world.ids.project]);
    expect((await margins('owner'))[world.ids.subtask]!.revenue).toBe(9000);
    await world.sql('update agreement set limit_minor = null where project_id = $1', [world.ids.project]);
  });

  it('is nothing to those who may know neither money nor cost', async () => {
    expect(new Set(Object.values(await margins('staff')))).toEqual(new Set([null]));
  });
});

describe('the margin on the rail', () => {
  let world: World;

  // 2 h in each of two quarters at 90.00, each hour at a cost of 30.00, under a limit of 300.00.
  beforeAll(async () => {
    world = await makeWorld({ limit: 30_000 });
    await record(world, 'staff', '2026-06-08', 2);
    await record(world, 'staff', '2026-07-06', 2);
    world.clock.hold('2026-07-20T12:00:00.000Z');
  });
  afterAll(() => world.close());

  const margin = async (scope: string) => (await world.as('owner').done('readOverview', { query: { scope } })).results!.margin;

  it('is of the quarter for the firm and a client, with what the limit has left for it', async () => {
    // Of 300.00, the quarter before has used 180.00: 120.00 are earned at a cost of 60.00.
    expect(await margin('all')).toBe(500_000);
    expect(await margin(`client:${world.ids.client}`)).toBe(500_000);
  });

  it('is of the whole life of a project', async () => {
    expect(await margin(`project:${world.ids.project}`)).toBe(600_000);
  });

  it('is that of the results of the same span', async () => {
    const span = { from: '2026-07-01', to: '2026-07-20' };
    const { cost } = await world.as('owner').done('readResults', { query: { scope: 'all', ...span } });
    expect(cost!.margin).toBe(500_000);
  });
});
