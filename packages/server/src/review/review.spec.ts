import { REACHES, covers, rightsOf } from '@yellowwood/core';
import { MONDAY, Who, World, absent, inOrder, makeWorld, record } from '../testing';

describe('review', () => {
  const it = inOrder();
  let world: World;
  const review = (who: Who = 'manager', scope = 'all') => world.as(who).done('readReview', { query: { from: MONDAY, scope } });
  const person = async (name: string) => (await review()).people.find((one) => one.name === name)!;

  beforeAll(async () => {
    world = await makeWorld();
    for (const date of ['2026-06-08', '2026-06-09', '2026-06-10', '2026-06-11', '2026-06-12'])
      await record(world, 'mate', date, 7.5, { taskId: world.ids.subtask });
    // Every entry is recorded on Friday evening; those of earlier days are late.
    await world.sql('update entry set lag_days = 0 where person_id = $1', [world.ids.mate]);
    await record(world, 'staff', '2026-06-08', 10.5);
    await record(world, 'staff', '2026-06-12', 4);
    await world.as('mate').done('submitPeriod', { params: { from: MONDAY }, body: { note: 'All on the upper tier' } });
    await world.as('staff').done('submitPeriod', { params: { from: MONDAY }, body: { note: '' } });
  });
  afterAll(() => world.close());

  it('shows people by days: what is clean, and what needs a look and why', async () => {
    const clean = await person('Mate Person');
    expect([clean.clean, clean.looks, clean.note, clean.recorded, clean.planned]).toEqual([
      true,
      [],
      'All on the upper tier',
      135_000,
      135_000,
    ]);
    const staff = await person('Staff Person');
    expect(staff.clean).toBeFalse();
    expect(staff.looks.map((look) => [look.reason, look.date]).sort()).toEqual([
      ['late', '2026-06-08'],
      ['missing', '2026-06-09'],
      ['missing', '2026-06-10'],
      ['missing', '2026-06-11'],
      ['over-day', '2026-06-08'],
    ]);
    expect(staff.days[0]).toEqual(jasmine.objectContaining({ recorded: 37_800, billable: 37_800, looks: ['late', 'over-day'] }));
    expect((await person('Owner Person')).state).toBe('missing');
  });

  it('narrows to a project or task, and then judges no missing days', async () => {
    const { people } = await review('manager', `task:${world.ids.task}`);
    expect(people.map((one) => [one.name, one.recorded, one.looks])).toEqual([['Mate Person', 135_000, []]]);
    expect((await review('manager', `project:${world.ids.internal}`)).people).toEqual([]);
    expect((await world.as('manager').call('readReview', { query: { from: '2026-06-09' } })).problem.fields).toEqual([
      { path: '/path/from', message: 'must be the first day of a period; the one that holds it begins on 2026-06-08' },
    ]);
  });

  it('opens a person with the entries, the decisions and the estimates behind the week', async () => {
    const detail = await world
      .as('manager')
      .done('readReviewPerson', { params: { id: world.ids.mate }, query: { from: MONDAY } });
    expect(detail.entries.length).toBe(5);
    expect(detail.estimates).toEqual([{ id: world.ids.subtask, name: 'Upper tier', recorded: 135_000, estimate: 36_000 }]);
    expect(
      (await world.as('manager').call('readReviewPerson', { params: { id: world.ids.bookkeeper }, query: { from: MONDAY } }))
        .problem.code,
    ).toBe('person-unknown');
  });

  it('returns a whole week, a missing day included; the person sees who and why', async () => {
    const answer = await world.as('manager').done('returnPeriod', {
      params: { id: world.ids.staff },
      body: { from: MONDAY, reason: 'Tuesday to Thursday are missing' },
    });
    expect(answer).toEqual({ decided: 2, seconds: 52_200 });
    const week = await world.as('staff').done('readTimesheet', { params: { from: MONDAY } });
    expect(week.returned).toEqual(jasmine.objectContaining({ by: 'Manager Person', reason: 'Tuesday to Thursday are missing' }));
    expect(week.entries.every((entry) => entry.returned !== null && entry.stage === 'recorded')).toBeTrue();
    expect((await world.as('staff').done('readOverview')).record).toEqual(
      jasmine.objectContaining({ returned: 2, returnedOn: '2026-06-08' }),
    );
    expect(
      (await world.as('manager').call('returnPeriod', { params: { id: world.ids.staff }, body: { from: MONDAY, reason: 'x' } }))
        .problem.code,
    ).toBe('period-not-submitted');
  });

  it('takes one’s own approval back: the entries wait again in their submitted week, and nobody is told to mend them', async () => {
    const entries = (await person('Mate Person')).entries.slice(0, 1);
    const approved = await world.as('manager').done('approveEntries', { body: { entries } });
    expect(approved.entries).toEqual(entries.map(({ id, version }) => ({ id, version: version + 1 })));
    const recall = (who: 'owner' | 'manager') =>
      world.as(who).call('recallApproval', { body: { entries: approved.entries.map(({ id, version }) => ({ id, version })) } });
    expect((await recall('owner')).problem.code).toBe('decided-by-another');
    expect((await recall('manager')).body).toEqual({ decided: 1, seconds: jasmine.any(Number) as never });
    const week = await world.as('mate').done('readTimesheet', { params: { from: MONDAY } });
    const now = week.entries.find((entry) => entry.id === entries[0]!.id)!;
    expect([week.state, now.stage, now.returned]).toEqual(['submitted', 'submitted', null]);
    // Once is enough; and it may be approved again.
    expect((await recall('manager')).problem.code).toBe('entries-stale');
    const again = { entries: [{ id: now.id, version: now.version }] };
    const { entries: back } = await world.as('owner').done('approveEntries', { body: again });
    // Who approved last takes it back, whoever did before.
    expect((await world.as('manager').call('recallApproval', { body: { entries: back } })).problem.code).toBe(
      'decided-by-another',
    );
    await world.as('owner').done('recallApproval', { body: { entries: back } });
  });

  it('re-opens what is approved, with a reason, and then it is nobody’s to bill', async () => {
    const entries = (await person('Mate Person')).entries;
    await world.as('manager').done('approveEntries', { body: { entries } });
    const overview = () => world.as('owner').done('readOverview', { query: { scope: `project:${world.ids.project}` } });
    expect((await overview()).bill!.ready).toEqual([{ currency: 'GBP', minor: 225_000 }]);
    const seen = entries.slice(0, 1).map(({ id, version }) => ({ id, version: version + 1 }));
    expect((await world.as('manager').call('reopenEntries', { body: { entries: seen, reason: ' ' } })).status).toBe(400);
    await world.as('manager').done('reopenEntries', { body: { entries: seen, reason: 'Wrong task' } });
    expect((await overview()).bill!.ready).toEqual([{ currency: 'GBP', minor: 180_000 }]);
    const week = await world.as('mate').done('readTimesheet', { params: { from: MONDAY } });
    expect(week.state).toBe('open');
    // The person is told what came back, by whom and why, at the entry and on the rail.
    expect(week.entries.find((entry) => entry.id === seen[0]!.id)!.returned).toEqual(
      jasmine.objectContaining({ by: 'Manager Person', reason: 'Wrong task' }),
    );
    expect((await world.as('mate').done('readOverview', {})).record!.returned).toBe(1);
  });

  it('reaches in the database exactly what the core says that a reach covers', async () => {
    const rows = await world.sql<{ id: string; person_id: string; manager_id: string | null }>(
      'select e.id, e.person_id, p.manager_id from entry e left join project p on p.id = e.project_id',
    );
    const team = new Set(
      (
        await world.sql<{ person_id: string }>(
          'select tp.person_id from team_person tp join team t on t.id = tp.team_id where t.lead_id = $1',
          [world.ids.manager],
        )
      ).map((row) => row.person_id),
    );
    for (const who of ['owner', 'manager', 'bookkeeper', 'staff', 'mate'] as const) {
      for (const reach of REACHES) {
        const found = await world.sql<{ id: string }>('select id from entries_in_reach($1, $2)', [reach, world.ids[who]]);
        const asker = { personId: world.ids[who], teamPeople: who === 'manager' ? team : new Set<string>() };
        const expected = rows
          .filter((row) => covers(reach, asker, { personId: row.person_id, managerId: row.manager_id }))
          .map((row) => row.id);
        expect(found.map((row) => row.id).sort())
          .withContext(`${who} ${reach}`)
          .toEqual(expected.sort());
      }
    }
    expect(rightsOf(['manager'])['time.review']).toBe('team');
  });
});

describe('a review of a part of somebody’s time', () => {
  let world: World;

  // Of the staff's hours the manager sees those on the project that they manage; of the mate, in their team, all.
  beforeAll(async () => {
    world = await makeWorld();
    await world.sql('delete from team_person where person_id = $1', [world.ids.staff]);
    await world.sql('update project set manager_id = $1 where id = $2', [world.ids.manager, world.ids.project]);
    await record(world, 'staff', '2026-06-08', 2);
    await record(world, 'staff', '2026-06-09', 3, { projectId: world.ids.internal });
    await record(world, 'staff', '2026-06-15', 5, { projectId: world.ids.internal });
    await record(world, 'mate', '2026-06-08', 1);
    await record(world, 'mate', '2026-06-09', 4, { projectId: world.ids.internal });
    await absent(world, 'mate', '2026-06-10', 'holiday');
  });
  afterAll(() => world.close());

  const parts = async (scope: string) =>
    (await world.as('manager').done('readReview', { query: { from: MONDAY, scope } })).people
      .filter(({ name }) => ['Staff Person', 'Mate Person'].includes(name))
      .map(({ name, recorded, inAll }) => [name, recorded / 3600, inAll / 3600]);

  it('says how much there is in all', async () => {
    expect(await parts('all')).toEqual([
      ['Mate Person', 5, 5],
      ['Staff Person', 2, 5],
    ]);
    expect(await parts(`project:${world.ids.project}`)).toEqual([
      ['Mate Person', 1, 5],
      ['Staff Person', 2, 5],
    ]);
  });
});
