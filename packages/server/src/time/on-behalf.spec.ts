import { v7 as newId } from 'uuid';
import { MONDAY, World, inOrder, makeWorld, record } from '../testing';

/** The manager leads a team with the member of staff in it, and without the bookkeeper. */
describe("somebody else's week", () => {
  const it = inOrder();
  let world: World;
  const params = { from: MONDAY };
  const theirs = () => ({ person: world.ids.staff });
  const manager = () => world.as('manager');
  const look = () => manager().done('readTimesheet', { params, query: theirs() });
  const newEntry = (more: object = {}) => ({
    ...{ id: newId(), personId: world.ids.staff, date: '2026-06-09', projectId: world.ids.project, taskId: null },
    ...{ serviceId: world.ids.survey, quantity: 3600, note: '', origin: 'grid' as const, ...more },
  });

  beforeAll(async () => {
    world = await makeWorld({ now: '2026-06-10T08:00:00.000Z' });
    await record(world, 'staff', '2026-06-08', 4);
    await world.as('staff').done('startTimer', {
      body: { id: newId(), projectId: world.ids.project, taskId: null, serviceId: null, note: 'Stairs', others: 'pause' },
    });
    world.clock.hold('2026-06-10T08:30:00.000Z');
  });
  afterAll(() => world.close());

  it('is what that person sees, with what runs, less what the reader may not do', async () => {
    const own = await world.as('staff').done('readTimesheet', { params });
    const seen = await look();
    const facts = ({ personId, rows, days, state }: typeof own) => ({ personId, rows, days, state });
    expect(facts(seen)).toEqual(facts(own));
    expect(seen.entries.map(({ id }) => id)).toEqual(own.entries.map(({ id }) => id));
    expect(seen.timers.map(({ note, since }) => [note, since?.slice(0, 16)])).toEqual([['Stairs', '2026-06-10T08:00']]);
    expect([own.timers, own.may]).toEqual([[], { record: true, submit: true, correct: false }]);
    expect(seen.may).toEqual({ record: false, submit: false, correct: true });
    // One's own time is recorded, and not corrected, also by who corrects that of all.
    const boss = await world.as('owner').done('readTimesheet', { params });
    expect(boss.may).toEqual({ record: true, submit: true, correct: false });
    // The bookkeeper reads the time of all and corrects none.
    const bookkeeper = await world.as('bookkeeper').done('readTimesheet', { params, query: theirs() });
    expect(bookkeeper.may).toEqual({ record: false, submit: false, correct: false });
  });

  it('may be corrected only as far as that right reaches, however far one reads', async () => {
    const { people } = await world.as('owner').done('listStaff');
    await world.as('owner').done('changeExceptions', {
      params: { id: world.ids.manager },
      version: people.find(({ id }) => id === world.ids.manager)!.version,
      body: { 'time.read': 'firm' },
    });
    const other = await manager().done('readTimesheet', { params, query: { person: world.ids.bookkeeper } });
    expect(other.may).toEqual({ record: false, submit: false, correct: false });
  });

  it('lets one bring back what one deleted oneself, and nothing that they deleted', async () => {
    const { id } = await manager().done('createEntry', { body: newEntry({ reason: 'Forgotten' }) });
    const removed = await manager().call('deleteEntry', { params: { id }, version: 1, query: { reason: 'A mistake' } });
    expect(removed.status).toBe(200);
    expect((await manager().done('restoreEntry', { params: { id } })).quantity).toBe(3600);
    const { id: own, version } = await record(world, 'staff', '2026-06-09', 2);
    await world.as('staff').done('deleteEntry', { params: { id: own }, version });
    expect((await manager().call('restoreEntry', { params: { id: own } })).problem.code).toBe('entry-unknown');
    const { id: alien } = await world.as('owner').done('createEntry', { body: newEntry({ reason: 'By the owner' }) });
    await world.as('owner').done('deleteEntry', { params: { id: alien }, version: 1, query: { reason: 'Taken out' } });
    expect((await manager().call('restoreEntry', { params: { id: alien } })).problem.code).toBe('entry-unknown');
  });

  it('is submitted by themselves as long as they have an account', async () => {
    const submitted = await manager().call('submitPeriod', { params, query: theirs(), body: { note: '' } });
    expect([submitted.status, submitted.problem.code]).toEqual([404, 'person-unknown']);
    const withdrawn = await manager().call('withdrawPeriod', { params, query: theirs() });
    expect(withdrawn.problem.code).toBe('person-unknown');
  });

  it('is submitted for somebody who has left, by whoever corrects their time, who confirms what they know', async () => {
    const { people } = await world.as('owner').done('listStaff');
    const { id, version } = people.find((one) => one.id === world.ids.staff)!;
    await world.as('owner').done('personLeaves', { params: { id }, version });
    const before = await look();
    expect([before.may.submit, before.timers]).toEqual([true, []]);
    // The timer was stopped without a service: what stands in the way does so here, too.
    const refused = await manager().call('submitPeriod', { params, query: theirs(), body: { note: '' } });
    expect(refused.problem.code).toBe('problems-left');
    const open = before.entries.find(({ problems }) => problems.includes('no-service'))!;
    await manager().done('changeEntry', {
      params: { id: open.id },
      version: open.version,
      body: { serviceId: world.ids.survey, reason: 'They have left' },
    });
    expect((await world.as('bookkeeper').call('submitPeriod', { params, query: theirs(), body: { note: '' } })).status).toBe(404);
    const week = await manager().done('submitPeriod', { params, query: theirs(), body: { note: 'For Staff' } });
    expect([week.personId, week.state, week.submissions[0]?.note]).toEqual([world.ids.staff, 'submitted', 'For Staff']);
    expect(new Set(week.entries.map(({ stage }) => stage))).toEqual(new Set(['submitted']));
    const [kept] = await world.sql<{ by_id: string; confirmation: string }>(
      `select s.by_id, s.confirmation from submission s join timesheet t on t.firm_id = s.firm_id and t.id = s.timesheet_id
        where t.person_id = $1`,
      [world.ids.staff],
    );
    expect([kept?.by_id, kept?.confirmation.startsWith('1: As far as I know')]).toEqual([world.ids.manager, true]);
    const back = await manager().done('withdrawPeriod', { params, query: theirs() });
    expect([back.personId, back.state]).toEqual([world.ids.staff, 'open']);
  });

  it('waits for their timers, as with them', async () => {
    await world.sql(
      `insert into timer (firm_id, id, person_id, note, running, created_at) values ($1, $2, $3, '', true, now())`,
      [world.firmId, newId(), world.ids.staff],
    );
    await world.sql(
      `insert into timer_segment (firm_id, timer_id, place, start_at)
         select firm_id, id, 1, '2026-06-10T08:00:00Z' from timer where person_id = $1`,
      [world.ids.staff],
    );
    const refused = await manager().call('submitPeriod', { params, query: theirs(), body: { note: '' } });
    expect(refused.problem.code).toBe('timer-in-period');
  });

  it('is not submitted for them any more once they are back', async () => {
    await world.sql('delete from timer_segment');
    await world.sql('delete from timer');
    const { people } = await world.as('owner').done('listStaff');
    const { id, version } = people.find((one) => one.id === world.ids.staff)!;
    await world.as('owner').done('personReturns', { params: { id }, version });
    const refused = await manager().call('submitPeriod', { params, query: theirs(), body: { note: '' } });
    expect(refused.problem.code).toBe('person-unknown');
  });
});
