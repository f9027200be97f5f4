import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { MONDAY, Who, World, bill, makeWorld, meanwhile, record, submitAndApprove } from '../testing';

type Rules = BodyOf<Endpoints['changeTimeRules']>;

describe('what a firm settles about time', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const change = async (names: Partial<Rules>) => {
    const { rules, version } = await owner().done('readTimeRules');
    return owner().call('changeTimeRules', { body: { ...rules, ...names }, version });
  };
  const submit = (who: Who, from: string) => world.as(who).call('submitPeriod', { params: { from }, body: { note: '' } });

  it('is changed as it was seen, with its history', async () => {
    const first = await change({ dayMaximum: 8 * 3600, weekMaximum: 40 * 3600, unreviewed: [world.ids.project] });
    expect(first.body.rules).toEqual({
      ...{ dayMaximum: 8 * 3600, weekMaximum: 40 * 3600, gapTolerance: 900, lockedUntil: null, review: true },
      unreviewed: [world.ids.project],
      ways: ['timer', 'length', 'span'],
      planned: { hours: [...Array<number>(5).fill(28_800), 0, 0], dayStart: '09:00', dayEnd: '17:30' },
    });
    expect((await change({ dayMaximum: 8 * 3600 })).problem.code).toBe('nothing-to-change');
    await change({ unreviewed: [], lockedUntil: '2026-05-31' });
    const event = (await owner().done('readHistory', { params: { id: world.firmId } })).events.at(-1);
    expect([event!.before, event!.after]).toEqual([
      { lockedUntil: null, unreviewed: 'Lantern room' },
      { lockedUntil: '2026-05-31', unreviewed: '' },
    ]);
    const week = await world.as('staff').done('readTimesheet', { params: { from: MONDAY }, query: {} });
    expect([week.dayMaximum, week.lockedUntil]).toEqual([8 * 3600, '2026-05-31']);
  });

  it('locks days for everybody: recording, changing, submitting and deciding; billing goes on', async () => {
    const early = await record(world, 'staff', '2026-05-29', 2);
    const { id } = await record(world, 'staff', '2026-05-18', 1);
    await submitAndApprove(world, 'staff', '2026-05-18');
    const waiting = await record(world, 'mate', '2026-05-18', 1);
    await submit('mate', '2026-05-18');
    expect((await change({ lockedUntil: '2026-06-12' })).problem.code).toBe('lock-ahead');
    await change({ lockedUntil: '2026-05-31' });
    const refused = async (answer: Promise<{ problem?: { code: string; detail: string } }>) => {
      const { problem } = await answer;
      return problem?.code === 'day-locked' ? problem.detail : (problem?.code ?? 'done');
    };
    const staff = world.as('staff');
    const entry = (date: string) => ({
      ...{ id: newId(), personId: world.ids.staff, date, projectId: world.ids.project, taskId: null },
      ...{ serviceId: world.ids.survey, quantity: 900, note: '', origin: 'grid' as const },
    });
    const late = await record(world, 'staff', '2026-06-02', 1);
    const mates = await world.sql<{ version: number }>('select version from entry where id = $1', [waiting.id]);
    const asked = [
      staff.call('createEntry', { body: entry('2026-05-31') }),
      staff.call('changeEntry', { params: { id: early.id }, version: early.version, body: { note: 'x' } }),
      // Neither out of a locked day nor into one.
      staff.call('changeEntry', { params: { id: early.id }, version: early.version, body: { date: '2026-06-01' } }),
      staff.call('changeEntry', { params: { id: late.id }, version: late.version, body: { date: '2026-05-31' } }),
      staff.call('deleteEntry', { params: { id: early.id }, version: early.version, query: {} }),
      submit('staff', '2026-05-25'),
      world.as('mate').call('withdrawPeriod', { params: { from: '2026-05-18' } }),
      owner().call('approveEntries', { body: { entries: [{ id: waiting.id, version: mates[0]!.version }] } }),
      owner().call('returnPeriod', { params: { id: world.ids.mate }, body: { from: '2026-05-18', reason: 'x' } }),
    ];
    for (const answer of asked) expect(await refused(answer)).toContain('up to 2026-05-31');
    expect(await refused(staff.call('createEntry', { body: entry('2026-06-01') }))).toBe('done');
    expect((await bill(world, [id])).row.net).toBeGreaterThan(0);
    await change({ lockedUntil: null });
    expect(await refused(staff.call('createEntry', { body: entry('2026-05-31') }))).toBe('done');
  });

  it('lets the open days of a period be submitted, withdrawn and returned, and leaves the locked ones', async () => {
    const stages = async () =>
      (
        await world.sql<{ stage: string }>('select stage from entry where person_id = $1 order by work_date', [world.ids.staff])
      ).map(({ stage }) => stage);
    await record(world, 'staff', '2026-06-09', 1);
    await record(world, 'staff', '2026-06-10', 1);
    await change({ lockedUntil: '2026-06-09' });
    expect((await submit('staff', MONDAY)).status).toBe(200);
    expect(await stages()).toEqual(['recorded', 'submitted']);
    await world.as('staff').done('withdrawPeriod', { params: { from: MONDAY } });
    expect(await stages()).toEqual(['recorded', 'recorded']);
    await change({ lockedUntil: null });
    await submit('staff', MONDAY);
    await change({ lockedUntil: '2026-06-09' });
    await owner().done('returnPeriod', { params: { id: world.ids.staff }, body: { from: MONDAY, reason: 'x' } });
    expect(await stages()).toEqual(['submitted', 'recorded']);
  });

  it('keeps what a timer ran over a day that was locked meanwhile', async () => {
    const timer = { id: newId(), projectId: null, taskId: null, serviceId: null, note: '' };
    await world.as('staff').done('startTimer', {
      body: { ...timer, startedAt: '2026-06-11T20:00:00Z', others: 'stop' } as BodyOf<Endpoints['startTimer']>,
    });
    await change({ lockedUntil: '2026-06-11' });
    await world.as('staff').done('stopTimer', { params: { id: timer.id } });
    const dates = await world.sql<{ work_date: string }>('select work_date from entry where person_id = $1 order by 1', [
      world.ids.staff,
    ]);
    expect(dates.map((row) => row.work_date)).toContain('2026-06-11');
  });

  it('waits for whoever records, and whoever waits for it meets the lock', async () => {
    const held = (how: string) => `select ${how}(hashtextextended('rules ${world.firmId}', 0))`;
    const moved = await meanwhile(world, held('pg_advisory_xact_lock_shared'), 'select 1', () =>
      change({ lockedUntil: '2026-05-10' }),
    );
    expect(moved.status).toBe(200);
    const body = {
      ...{ id: newId(), personId: world.ids.staff, date: '2026-05-21', projectId: world.ids.project, taskId: null },
      ...{ serviceId: world.ids.survey, quantity: 900, note: '', origin: 'grid' as const },
    };
    // The request has begun before the day is moved.
    const late = await meanwhile(
      world,
      held('pg_advisory_xact_lock'),
      `update firm set locked_until = '2026-05-31' where firm_id = '${world.firmId}'`,
      () => world.as('staff').call('createEntry', { body }),
    );
    expect(late.problem.code).toBe('day-locked');
    await world.sql('update firm set locked_until = null');
    await record(world, 'staff', '2026-05-21', 1);
    const submitted = await meanwhile(
      world,
      held('pg_advisory_xact_lock'),
      `update firm set locked_until = '2026-05-31' where firm_id = '${world.firmId}'`,
      () => submit('staff', '2026-05-18'),
    );
    expect(submitted.problem.code).toBe('day-locked');
  });

  it('reviews nothing, or not the time of some projects', async () => {
    await change({ unreviewed: [world.ids.project] });
    const here = await record(world, 'staff', '2026-06-01', 1);
    const there = await record(world, 'staff', '2026-06-02', 1, { projectId: world.ids.internal });
    const week = (await submit('staff', '2026-06-01')).body;
    const stages = Object.fromEntries(week.entries.map(({ id, stage }) => [id, stage]));
    expect([stages[here.id], stages[there.id], week.byPolicy]).toEqual(['approved', 'submitted', 1]);
    await change({ review: false });
    await record(world, 'staff', '2026-05-18', 1, { projectId: world.ids.internal });
    const all = (await submit('staff', '2026-05-18')).body;
    expect(all.entries.map(({ stage }) => stage)).toEqual(['approved']);
    const decisions = await world.sql('select 1 from decision where by_policy');
    expect(decisions.length).toBe(2);
  });

  it('is told before what it would point out, and what a lock would leave undone', async () => {
    // Five days of nine hours in the week of 1 June, one of eleven before; what is older than four weeks does not count.
    for (const day of ['01', '02', '03', '04', '05']) await record(world, 'staff', `2026-06-${day}`, 9);
    await record(world, 'mate', '2026-05-19', 11);
    await record(world, 'mate', '2026-05-10', 12);
    await submit('mate', '2026-05-18');
    const effect = (dayMaximum: number, weekMaximum: number, lockedUntil?: string) =>
      owner().done('previewTimeRules', {
        query: {
          ...{ dayMaximum: String(dayMaximum * 3600), weekMaximum: String(weekMaximum * 3600) },
          ...(lockedUntil && { lockedUntil }),
        },
      });
    const first = await effect(8, 40, '2026-06-02');
    expect(first.since).toBe('2026-05-11');
    expect([first.days.then, first.weeks.then]).toEqual([6, 1]);
    expect(first.locked).toEqual({ recorded: (9 + 9 + 12) * 3600, submitted: 11 * 3600, people: 2 });
    const second = await effect(10, 48);
    expect([second.days, second.weeks, second.locked]).toEqual([
      { now: first.days.now, then: 1 },
      { now: 0, then: 0 },
      { recorded: 0, submitted: 0, people: 0 },
    ]);
    expect((await effect(9, 45)).days.then).toBe(1);
  });
});
