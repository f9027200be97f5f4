import { v7 as newId } from 'uuid';
import { MONDAY, World, absent, inOrder, makeWorld, record, submitAndApprove } from '../testing';

describe('recording', () => {
  const it = inOrder();
  let world: World;
  const at = (time: string) => world.clock.hold(`2026-06-10T${time}:00.000Z`);
  const start = (names: object = {}) =>
    world.as('staff').done('startTimer', {
      body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'pause', ...names },
    });

  beforeAll(async () => (world = await makeWorld({ now: '2026-06-10T08:00:00.000Z' })));
  afterAll(() => world.close());

  it('times a morning: started late, paused, switched, gone on, stopped', async () => {
    at('08:00');
    const first = (await start({ startedAt: '2026-06-10T07:30:00.000Z' })).timers[0]!;
    at('09:00');
    await world.as('staff').done('pauseTimer', { params: { id: first.id } });
    at('09:30');
    const second = (await start({ projectId: world.ids.project, serviceId: world.ids.survey })).timers.find(
      (timer) => timer.running,
    )!;
    at('10:00');
    // Switching: the one ends where the other goes on.
    const both = await world.as('staff').done('resumeTimer', { params: { id: first.id }, body: { others: 'pause' } });
    expect(both.timers.map((timer) => [timer.id === first.id, timer.running, timer.elapsed])).toEqual([
      [true, true, 5400],
      [false, false, 1800],
    ]);
    at('10:15');
    const stopped = await world.as('staff').done('stopTimer', { params: { id: first.id } });
    expect(
      stopped.entries.map((entry) => [entry.quantity, entry.breakSeconds, entry.startClock, entry.endClock, entry.problems]),
    ).toEqual([[6300, 3600, '08:30', '11:15', ['no-project', 'no-service']]]);
    const kept = await world.as('staff').done('stopTimer', { params: { id: second.id } });
    expect(kept.entries[0]).toEqual(
      jasmine.objectContaining({ quantity: 1800, projectId: world.ids.project, billable: true, stage: 'recorded' }),
    );
    expect(kept.timers.timers).toEqual([]);
    expect(kept.timers.today).toEqual(jasmine.objectContaining({ recorded: 8100, maximum: 36_000 }));
  });

  it('refuses a start in the future or in other time, and keeps what was classified meanwhile', async () => {
    at('11:00');
    const refused = async (startedAt: string) =>
      (
        await world.as('staff').call('startTimer', {
          body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'pause', startedAt },
        })
      ).problem.code;
    expect(await refused('2026-06-10T11:05:00.000Z')).toBe('timer-start-ahead');
    const timer = (await start()).timers[0]!;
    at('11:30');
    const other = (await start()).timers.find((one) => one.running)!;
    expect(
      (
        await world.as('staff').call('changeTimer', {
          params: { id: other.id },
          version: other.version,
          body: { startedAt: '2026-06-10T11:10:00.000Z' },
        })
      ).problem.code,
    ).toBe('timer-start-overlaps');
    const changed = await world.as('staff').done('changeTimer', {
      params: { id: other.id },
      version: other.version,
      body: { note: 'Call\nSecond call', projectId: world.ids.project, taskId: world.ids.task },
    });
    expect(changed.timers.find((one) => one.id === other.id)).toEqual(
      jasmine.objectContaining({ note: 'Call\nSecond call', taskId: world.ids.task }),
    );
    expect(
      (await world.as('staff').call('changeTimer', { params: { id: other.id }, version: other.version, body: { note: 'x' } }))
        .status,
    ).toBe(412);
    await world.as('staff').done('discardTimer', { params: { id: timer.id } });
    await world.as('staff').done('discardTimer', { params: { id: other.id } });
    expect((await world.as('staff').call('pauseTimer', { params: { id: timer.id } })).problem.code).toBe('timer-unknown');
  });

  it('adds up a timer that was paused more than once', async () => {
    at('11:30');
    const { id } = (await start({ note: 'Twice' })).timers.find((timer) => timer.running)!;
    at('11:35');
    await world.as('staff').done('pauseTimer', { params: { id } });
    at('11:45');
    await world.as('staff').done('resumeTimer', { params: { id }, body: { others: 'pause' } });
    at('11:48');
    const { timers } = await world.as('staff').done('pauseTimer', { params: { id } });
    expect(timers.find((timer) => timer.id === id)!.elapsed).toBe(8 * 60);
    // Set back is the beginning, and only that.
    const { version } = timers.find((timer) => timer.id === id)!;
    const back = await world.as('staff').done('changeTimer', {
      params: { id },
      version,
      body: { startedAt: '2026-06-10T11:31:00.000Z' },
    });
    expect(back.timers.find((timer) => timer.id === id)!.elapsed).toBe(7 * 60);
    await world.as('staff').done('discardTimer', { params: { id } });
  });

  it('keeps a timer that stops after its week was submitted, and marks it late', async () => {
    at('12:00');
    const timer = (await start()).timers[0]!;
    await world.sql("update timer_segment set start_at = '2026-05-29T10:00:00Z' where timer_id = $1", [timer.id]);
    await world
      .as('staff')
      .done('submitPeriod', { params: { from: '2026-05-25' }, body: { note: '' } })
      .catch(() => undefined);
    await world.sql(
      "insert into timesheet (firm_id, id, person_id, period_from, period_to, state) values ($1, $2, $3, '2026-05-25', '2026-05-31', 'submitted') on conflict (firm_id, person_id, period_from) do update set state = 'submitted'",
      [world.firmId, newId(), world.ids.staff],
    );
    await world.sql("update timer_segment set end_at = '2026-05-29T12:00:00Z' where timer_id = $1", [timer.id]);
    await world.sql('update timer set running = false where id = $1', [timer.id]);
    const { entries } = await world.as('staff').done('stopTimer', { params: { id: timer.id } });
    expect(entries).toEqual([jasmine.objectContaining({ date: '2026-05-29', quantity: 7200, late: true, lagDays: 12 })]);
    const body = {
      id: newId(),
      personId: world.ids.staff,
      date: '2026-05-29',
      projectId: null,
      taskId: null,
      serviceId: null,
      quantity: 60,
      note: '',
      origin: 'grid' as const,
    };
    expect((await world.as('staff').call('createEntry', { body })).problem.code).toBe('period-submitted');
  });

  it('finds overlaps on both entries, and lets go of them when one is mended', async () => {
    const span = (start_: string, end: string) => ({
      span: { start: start_, end, breakSeconds: 0 },
      quantity: undefined,
      origin: 'typed' as const,
    });
    const a = await record(world, 'mate', '2026-06-09', 0, span('09:00', '11:00'));
    const b = await record(world, 'mate', '2026-06-09', 0, span('10:30', '12:00'));
    expect(b.problems).toEqual(['overlap']);
    const week = () => world.as('mate').done('readTimesheet', { params: { from: MONDAY } });
    expect((await week()).entries.find((entry) => entry.id === a.id)!.problems).toEqual(['overlap']);
    expect((await world.as('mate').call('submitPeriod', { params: { from: MONDAY }, body: { note: '' } })).problem.code).toBe(
      'problems-left',
    );
    await world.as('mate').done('changeEntry', {
      params: { id: b.id },
      version: b.version,
      body: { span: { start: '11:00', end: '12:00', breakSeconds: 0 } },
    });
    expect((await week()).entries.map((entry) => entry.problems)).toEqual([[], []]);
  });

  it('deletes with a way back: the same entry with the same id', async () => {
    const entry = await record(world, 'mate', '2026-06-10', 2, { note: 'Levels' });
    expect((await world.as('mate').call('deleteEntry', { params: { id: entry.id }, version: entry.version })).status).toBe(200);
    expect((await world.as('mate').call('readEntryWhy', { params: { id: entry.id } })).status).toBe(404);
    const back = await world.as('mate').done('restoreEntry', { params: { id: entry.id } });
    // Versions never go back: nobody approves what they have not seen.
    expect(back).toEqual({ ...entry, version: 2 });
    expect((await world.as('staff').call('restoreEntry', { params: { id: entry.id } })).problem.code).toBe('entry-unknown');
    // Deleted again, it comes back as it was then.
    const mate = world.as('mate');
    const shorter = await mate.done('changeEntry', { params: { id: entry.id }, version: 2, body: { quantity: 1800 } });
    await mate.done('deleteEntry', { params: { id: entry.id }, version: shorter.version });
    expect((await mate.done('restoreEntry', { params: { id: entry.id } })).quantity).toBe(1800);
  });

  it('brings last week’s rows, and their hours only up to today and only once', async () => {
    await record(world, 'bookkeeper', '2026-06-01', 3);
    await record(world, 'bookkeeper', '2026-06-01', 1);
    await record(world, 'bookkeeper', '2026-06-05', 2);
    const rows = await world.as('bookkeeper').done('bringRows', { params: { from: MONDAY }, body: { withHours: false } });
    expect([rows.rows.length, rows.entries.length]).toEqual([1, 0]);
    const hours = () => world.as('bookkeeper').done('bringRows', { params: { from: MONDAY }, body: { withHours: true } });
    expect((await hours()).entries.map((entry) => [entry.date, entry.quantity])).toEqual([['2026-06-08', 14_400]]);
    expect((await hours()).entries.length).toBe(1);
    expect(
      (await world.as('owner').call('bringRows', { params: { from: MONDAY }, body: { withHours: true } })).problem.code,
    ).toBe('nothing-to-bring');
  });

  it('lets a submitted week be withdrawn until it is decided, and corrected only with a reason', async () => {
    const week = await world.as('bookkeeper').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
    const [entry] = week.entries;
    expect(
      (
        await world
          .as('bookkeeper')
          .call('changeEntry', { params: { id: entry!.id }, version: entry!.version, body: { note: 'x' } })
      ).problem.code,
    ).toBe('entry-locked');
    expect(
      (
        await world
          .as('owner')
          .call('changeEntry', { params: { id: entry!.id }, version: entry!.version, body: { quantity: 3600 } })
      ).problem.code,
    ).toBe('reason-missing');
    const corrected = await world.as('owner').done('changeEntry', {
      params: { id: entry!.id },
      version: entry!.version,
      body: { quantity: 3600, reason: 'One hour, as the client confirms' },
    });
    expect(corrected).toEqual(jasmine.objectContaining({ quantity: 3600, changedByOther: true, stage: 'submitted' }));
    const { events } = await world.as('bookkeeper').done('readHistory', { params: { id: entry!.id } });
    expect(events.at(-1)).toEqual(jasmine.objectContaining({ by: 'Owner Person', reason: 'One hour, as the client confirms' }));
    expect((await world.as('bookkeeper').done('withdrawPeriod', { params: { from: MONDAY } })).state).toBe('open');
    await submitAndApprove(world, 'bookkeeper');
    expect((await world.as('bookkeeper').call('withdrawPeriod', { params: { from: MONDAY } })).problem.code).toBe(
      'nothing-to-withdraw',
    );
  });

  it('changes and deletes no absence by hand', async () => {
    const id = await absent(world, 'mate', '2026-07-02', 'holiday');
    const answers = [
      await world.as('mate').call('changeEntry', { params: { id }, version: 1, body: { note: 'x' } }),
      await world.as('mate').call('deleteEntry', { params: { id }, version: 1 }),
    ];
    expect(answers.map(({ problem }) => [problem.code, problem.data])).toEqual(
      Array(2).fill(['entry-locked', { stage: 'an absence' }]),
    );
  });

  it('takes the span from an entry whose length is typed, and keeps the length where the span is taken away', async () => {
    const span = { start: '09:00', end: '10:30', breakSeconds: 600 };
    const spanned = async () => {
      const { quantity: _, ...body } = {
        ...{ id: newId(), personId: world.ids.manager, date: '2026-06-03', projectId: null, taskId: null, serviceId: null },
        ...{ quantity: 0, note: '', origin: 'typed' as const, span },
      };
      return world.as('manager').done('createEntry', { body });
    };
    const changed = async (body: { quantity?: number; span?: null }) => {
      const { id, version } = await spanned();
      const entry = await world.as('manager').done('changeEntry', { params: { id }, version, body });
      return [entry.quantity, entry.startAt, entry.endAt, entry.breakSeconds];
    };
    expect(await changed({ quantity: 7200 })).toEqual([7200, null, null, 0]);
    expect(await changed({ span: null })).toEqual([4800, null, null, 0]);
  });

  it('counts no absence as time of today', async () => {
    at('12:50');
    const recorded = async () => (await world.as('owner').done('readTimers')).today.recorded;
    expect(await recorded()).toBe(0);
    await absent(world, 'owner', '2026-06-10', 'sick');
    expect(await recorded()).toBe(0);
    await record(world, 'owner', '2026-06-10', 1);
    expect(await recorded()).toBe(3600);
  });

  it('divides an entry in one step or not at all', async () => {
    const entry = await record(world, 'mate', '2026-06-24', 3);
    const part = (projectId: string) => ({
      create: [
        {
          id: newId(),
          personId: world.ids.mate,
          date: '2026-06-24',
          projectId,
          taskId: null,
          serviceId: world.ids.survey,
          quantity: 3600,
          note: '',
          origin: 'typed' as const,
        },
      ],
      change: [{ id: entry.id, version: 1, change: { quantity: 7200 } }],
      remove: [],
    });
    const day = async () =>
      (await world.as('mate').done('readTimesheet', { params: { from: '2026-06-22' } })).entries.map((one) => one.quantity);
    const refused = await world.as('mate').call('changeEntries', { body: part(newId()) });
    expect([refused.problem.code, await day()]).toEqual(['project-unknown', [10_800]]);
    const divided = await world.as('mate').done('changeEntries', { body: part(world.ids.project) });
    expect(divided.entries.map((one) => one.quantity)).toEqual([7200, 3600]);
    expect((await day()).sort()).toEqual([3600, 7200]);
    // The same again finds another version, and changes nothing.
    const again = await world.as('mate').call('changeEntries', { body: part(world.ids.project) });
    expect([again.status, again.problem.code]).toEqual([409, 'entries-stale']);
    expect((await day()).sort()).toEqual([3600, 7200]);
  });

  it('brings several deleted entries back at once, each as it was, or none of them', async () => {
    const { ids } = world;
    const mine = [await record(world, 'mate', '2026-07-06', 1), await record(world, 'mate', '2026-07-07', 2)];
    const foreign = await record(world, 'staff', '2026-07-06', 3);
    const kept = await record(world, 'mate', '2026-07-08', 4);
    for (const [who, list] of [
      ['mate', mine],
      ['staff', [foreign]],
    ] as const)
      await world.as(who).done('changeEntries', {
        body: { create: [], change: [], remove: list.map(({ id, version }) => ({ id, version })) },
      });
    const back = (...restore: string[]) =>
      world.as('mate').call('changeEntries', { body: { create: [], change: [], remove: [], restore } });
    const hours = async () =>
      (await world.as('mate').done('readTimesheet', { params: { from: '2026-07-06' } })).entries.map(
        (one) => one.quantity / 3600,
      );
    for (const [id, code] of [
      [foreign.id, 'entry-unknown'],
      [ids.project, 'entry-unknown'],
      [kept.id, 'entry-unknown'],
    ])
      expect([id, (await back(mine[0]!.id, id!)).problem.code]).toEqual([id, code]);
    expect(await hours()).toEqual([4]);
    const { body } = await back(...mine.map((one) => one.id));
    expect(body.entries.map((one) => [one.id, one.date, one.quantity])).toEqual(
      jasmine.arrayWithExactContents(mine.map((one) => [one.id, one.date, one.quantity])),
    );
    expect((await hours()).sort()).toEqual([1, 2, 4]);
    expect((await back(mine[0]!.id)).problem.code).toBe('already-there');
  });

  it('keeps what ran on a project, and what comes back to it, when its person is let in no more', async () => {
    const { ids } = world;
    const gone = await record(world, 'staff', '2026-06-29', 1, { projectId: ids.euroProject });
    await world.as('staff').done('deleteEntry', { params: { id: gone.id }, version: gone.version });
    at('11:45');
    const { id } = (await start({ projectId: ids.euroProject, serviceId: ids.survey })).timers.find((timer) => timer.running)!;
    await world.sql('update project set restricted = true where id = $1', [ids.euroProject]);
    at('12:45');
    const { entries } = await world.as('staff').done('stopTimer', { params: { id } });
    expect(entries.map((entry) => [entry.projectId, entry.quantity])).toEqual([[ids.euroProject, 3600]]);
    const back = await world.as('staff').done('restoreEntry', { params: { id: gone.id } });
    expect([back.projectId, back.quantity]).toEqual([ids.euroProject, 3600]);
    // Anew, nothing is recorded there.
    const { body, problem } = await world.as('staff').call('changeEntry', {
      params: { id: (await record(world, 'staff', '2026-06-29', 1)).id },
      version: 1,
      body: { projectId: ids.euroProject },
    });
    expect(problem.code).withContext(JSON.stringify(body)).toBe('project-unknown');
    await world.sql('update project set restricted = false where id = $1', [ids.euroProject]);
  });
});
