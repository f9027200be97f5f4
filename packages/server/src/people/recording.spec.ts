import type { BodyOf, Endpoints } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { MONDAY, World, makeWorld, meanwhile, record } from '../testing';

type Wish = BodyOf<Endpoints['changeRecording']>;
const AS_FIRM: Wish = { ways: null, dayMaximum: null, weekMaximum: null };

describe('how somebody records', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const owner = () => world.as('owner');
  const known = (id: string) => owner().done('readPerson', { params: { id } });
  const say = async (id: string, wish: Partial<Wish>) =>
    owner().call('changeRecording', { params: { id }, version: (await known(id)).version, body: { ...AS_FIRM, ...wish } });
  const firm = async (names: object) => {
    const { rules, version } = await owner().done('readTimeRules');
    return owner().done('changeTimeRules', { body: { ...rules, ...names }, version });
  };
  const newEntry = (names: object) => ({
    ...{ id: newId(), personId: world.ids.staff, date: '2026-06-09', projectId: world.ids.project, taskId: null },
    ...{ serviceId: world.ids.survey, note: '', origin: 'typed' as const, ...names },
  });
  const span = { start: '09:00', end: '10:00', breakSeconds: 0 };
  const staff = () => world.as('staff');
  const tried = async (ask: Promise<{ status: number; problem?: { code: string } }>) => {
    const { status, problem } = await ask;
    return problem?.code ?? status;
  };
  const start = () =>
    staff().call('startTimer', {
      body: { id: newId(), projectId: null, taskId: null, serviceId: null, note: '', others: 'stop' },
    });

  it('is as the firm has it, unless something else is said of them', async () => {
    const length = () => tried(staff().call('createEntry', { body: newEntry({ quantity: 60 }) }));
    const spanned = () => tried(staff().call('createEntry', { body: newEntry({ span }) }));
    expect([await length(), await spanned(), await tried(start())]).toEqual([200, 200, 200]);
    await firm({ ways: ['span'] });
    expect([await length(), await spanned(), await tried(start())]).toEqual(['way-not-open', 200, 'way-not-open']);
    await say(world.ids.staff, { ways: ['length', 'timer'] });
    expect([await length(), await spanned(), await tried(start())]).toEqual([200, 'way-not-open', 200]);
    expect((await staff().done('readMe')).ways).toEqual(['timer', 'length']);
    expect((await world.as('mate').done('readMe')).ways).toEqual(['span']);
    const [refused] = [await staff().call('createEntry', { body: newEntry({ span }) })];
    expect(refused.problem.detail).toBe('Your firm has you record by timer or as a length. Record this time in that way.');
  });

  it('binds changes, and neither what a timer ran nor what somebody corrects', async () => {
    await start();
    const { id, version } = await record(world, 'staff', '2026-06-08', 1);
    await firm({ ways: ['timer'] });
    const change = (body: object) => tried(staff().call('changeEntry', { params: { id }, version, body }));
    expect([await change({ quantity: 60 }), await change({ span })]).toEqual(['way-not-open', 'way-not-open']);
    expect(await change({ note: 'Said later' })).toBe(200);
    await firm({ ways: ['span'] });
    const { timers } = await staff().done('readTimers');
    expect(await tried(staff().call('stopTimer', { params: { id: timers[0]!.id } }))).toBe(200);
    const correct = { span, reason: 'As they said' };
    expect(await tried(world.as('manager').call('changeEntry', { params: { id }, version: version + 1, body: correct }))).toBe(
      200,
    );
    const brought = newEntry({ span, reason: 'By phone' });
    expect(await tried(world.as('manager').call('createEntry', { body: brought }))).toBe(200);
  });

  it('is at most what is said of them, in their week, on their clock and in review', async () => {
    await record(world, 'staff', '2026-06-08', 7);
    await record(world, 'mate', '2026-06-08', 7);
    await say(world.ids.staff, { dayMaximum: 6 * 3600, weekMaximum: 6.5 * 3600 });
    expect((await staff().done('readTimers')).today.maximum).toBe(6 * 3600);
    const seen = await world
      .as('manager')
      .done('readTimesheet', { params: { from: MONDAY }, query: { person: world.ids.staff } });
    expect([seen.dayMaximum, seen.ways]).toEqual([6 * 3600, ['timer', 'length', 'span']]);
    const { people } = await owner().done('readReview', { query: { from: MONDAY } });
    const looks = (id: string) => people.find(({ personId }) => personId === id)!.looks.map(({ reason }) => reason);
    expect(looks(world.ids.staff)).toEqual(jasmine.arrayContaining(['over-day', 'over-week']));
    expect(looks(world.ids.mate)).not.toContain('over-day');
    // What the firm would have is told without those of whom something else is said.
    const effect = (hours: number) =>
      owner().done('previewTimeRules', { query: { dayMaximum: String(hours * 3600), weekMaximum: '360000' } });
    expect([(await effect(8)).days, (await effect(5)).days]).toEqual([
      { now: 1, then: 1 },
      { now: 1, then: 2 },
    ]);
    expect((await say(world.ids.staff, { dayMaximum: 50 * 3600 })).problem.code).toBe('week-below-day');
  });

  it('has a planned week from a day on, instead of all that was planned for later', async () => {
    const hours = [3600, 7200, 0, 0, 0, 0, 0];
    const plan = (from: string) => ({ hours, dayStart: '08:00', dayEnd: '12:00', from });
    await say(world.ids.staff, { planned: plan('2026-06-22') });
    await say(world.ids.staff, { planned: { ...plan('2026-06-09'), hours: [0, 1800, 0, 0, 0, 0, 0] } });
    const { days } = await staff().done('readTimesheet', { params: { from: MONDAY } });
    expect(days.map(({ planned }) => planned).slice(0, 3)).toEqual([27_000, 1800, 0]);
    expect([days[1]!.dayStart, days[1]!.dayEnd]).toEqual(['08:00', '12:00']);
    const later = await staff().done('readTimesheet', { params: { from: '2026-06-22' } });
    expect(later.days.map(({ planned }) => planned).slice(0, 2)).toEqual([0, 1800]);
    const { planned } = await known(world.ids.staff);
    expect(planned).toEqual({ hours: [0, 1800, 0, 0, 0, 0, 0], dayStart: '08:00', dayEnd: '12:00', from: '2026-06-09' });
    const { events } = await owner().done('readHistory', { params: { id: world.ids.staff } });
    expect(events.at(-1)!.after).toEqual({ planned: '0 0.5 0 0 0 0 0, 08:00 to 12:00', plannedFrom: '2026-06-09' });
  });

  it('is planned for whoever comes new as the firm has it', async () => {
    const planned = { hours: [1, 2, 3, 4, 5, 6, 7].map((hour) => hour * 3600), dayStart: '07:00', dayEnd: '15:00' };
    await firm({ planned });
    const id = newId();
    await owner().done('invitePerson', { body: { id, name: 'New', email: `${id}@firm.example`, role: 'staff' } });
    const { from, ...theirs } = (await known(id)).planned!;
    expect([theirs, from]).toEqual([planned, MONDAY]);
  });
});

/** What whoever changes the firm's periods holds, and what they make of them. */
const HELD = ({ firmId }: World) => `select pg_advisory_xact_lock(hashtextextended('rules ' || '${firmId}', 0))`;
const CHANGED = `update firm set period_kind = 'month', period_from = '2026-06-09',
  periods_earlier = '[{"kind": "week", "weekStart": 1, "days": 14, "anchor": "2024-01-01", "from": null}]'`;

describe('other periods of submission', () => {
  let world: World;
  beforeEach(async () => (world = await makeWorld()));
  afterEach(() => world.close());
  const change = async (from: string, names: object = {}) => {
    const { version } = await world.as('owner').done('readTimeRules');
    return world.as('owner').call('changePeriods', { body: { kind: 'month', weekStart: 1, days: 14, from, ...names }, version });
  };
  const sheet = (from: string) => world.as('staff').call('readTimesheet', { params: { from } });

  it('hold from a day on: what is open is cut there, and what was laid out later is let go', async () => {
    const row = { projectId: world.ids.project, taskId: null, serviceId: world.ids.survey, billable: true };
    await record(world, 'staff', '2026-06-09', 2);
    await record(world, 'staff', '2026-06-11', 3);
    await world.as('staff').done('addRow', { params: { from: '2026-06-15' }, body: row });
    expect((await change('2026-06-11')).status).toBe(200);
    const cut = (await sheet(MONDAY)).body;
    expect([cut.to, cut.entries.map(({ quantity }) => quantity)]).toEqual(['2026-06-10', [7200]]);
    const month = (await sheet('2026-06-11')).body;
    expect([month.to, month.entries.map(({ quantity }) => quantity), month.rows]).toEqual(['2026-06-30', [10_800], []]);
    expect((await sheet('2026-06-15')).status).toBe(400);
    // All of it is recorded on, submitted and decided on as before.
    await record(world, 'staff', '2026-06-12', 1);
    const week = await world.as('staff').done('submitPeriod', { params: { from: '2026-06-11' }, body: { note: '' } });
    expect([week.to, week.entries.length]).toEqual(['2026-06-30', 2]);
    const me = await world.as('staff').done('readMe');
    expect([me.firm.period.kind, me.firm.period.from, me.firm.period.earlier.map(({ kind }) => kind)]).toEqual([
      'month',
      '2026-06-11',
      ['week'],
    ]);
    expect((await change('2026-06-20', { kind: 'week' })).problem.code).toBe('later-submitted');
    expect((await change('2026-07-01', { kind: 'days', days: 10 })).body.periods.earlier.map(({ kind }) => kind)).toEqual([
      'month',
      'week',
    ]);
    expect((await sheet('2026-07-11')).body.to).toBe('2026-07-20');
    const { events } = await world.as('owner').done('readHistory', { params: { id: world.firmId } });
    expect(events.at(-1)!.after).toEqual({ periods: 'days', periodsFrom: '2026-07-01', periodDays: 10 });
  });

  it('begin after what is locked', async () => {
    const { rules, version } = await world.as('owner').done('readTimeRules');
    await world.as('owner').done('changeTimeRules', { body: { ...rules, lockedUntil: '2026-06-05' }, version });
    expect((await change('2026-06-05')).problem.code).toBe('day-locked');
    expect((await change('2026-06-06')).status).toBe(200);
  });

  it('are those that hold by the time that somebody lays out a row', async () => {
    const row = { projectId: world.ids.project, taskId: null, serviceId: world.ids.survey, billable: true };
    await meanwhile(world, HELD(world), CHANGED, () => world.as('staff').done('addRow', { params: { from: MONDAY }, body: row }));
    const sheets = await world.sql<{ period_to: string }>('select period_to from timesheet where person_id = $1', [
      world.ids.staff,
    ]);
    expect(sheets.map(({ period_to }) => String(period_to))).toEqual(['2026-06-08']);
  });

  it('are those that hold by the time that somebody records', async () => {
    const { id } = await meanwhile(world, HELD(world), CHANGED, () => record(world, 'staff', '2026-06-10', 1));
    expect(id).toBeTruthy();
    const sheets = await world.sql('select period_from, period_to from timesheet where person_id = $1', [world.ids.staff]);
    expect(sheets.map((one) => Object.values(one).map(String))).toEqual([['2026-06-09', '2026-06-30']]);
  });
});
