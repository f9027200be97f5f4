import { World, makeWorld, record } from '../testing';

/** Periods are values: grid, submission and review take the firm's, whatever it is. */
describe('periods that are no weeks', () => {
  let world: World;

  beforeAll(async () => (world = await makeWorld()));
  afterAll(() => world.close());

  async function firmHas(kind: string, names: { weekStart?: number; days?: number; anchor?: string } = {}) {
    const { weekStart = 1, days = 14, anchor = '2024-01-01' } = names;
    await world.sql('update firm set period_kind = $1, week_start = $2, period_days = $3, period_anchor = $4', [
      kind,
      weekStart,
      days,
      anchor,
    ]);
  }
  const sheet = (from: string) => world.as('staff').call('readTimesheet', { params: { from } });

  it('begin where the rule says and nowhere else', async () => {
    for (const [kind, names, from, to, wrong] of [
      ['half-month', {}, '2026-06-01', '2026-06-15', '2026-06-08'],
      ['half-month', {}, '2026-02-16', '2026-02-28', '2026-02-15'],
      ['month', {}, '2026-06-01', '2026-06-30', '2026-06-16'],
      ['week', { weekStart: 7 }, '2026-06-07', '2026-06-13', '2026-06-08'],
      ['days', { days: 10, anchor: '2026-06-02' }, '2026-06-02', '2026-06-11', '2026-06-01'],
    ] as const) {
      await firmHas(kind, names);
      const read = await sheet(from);
      expect([read.body.from, read.body.to]).withContext(kind).toEqual([from, to]);
      expect((await sheet(wrong)).status)
        .withContext(`${kind} ${wrong}`)
        .toBe(400);
    }
  });

  it('are submitted, reviewed and returned whole', async () => {
    await firmHas('half-month');
    for (const date of ['2026-06-02', '2026-06-10']) await record(world, 'staff', date, 4);
    const sent = await world.as('staff').done('submitPeriod', { params: { from: '2026-06-01' }, body: { note: '' } });
    expect(sent.entries.map((entry) => [entry.date, entry.stage])).toEqual([
      ['2026-06-02', 'submitted'],
      ['2026-06-10', 'submitted'],
    ]);
    const review = await world.as('owner').done('readReview', { query: { from: '2026-06-01' } });
    const person = review.people.find((one) => one.personId === world.ids.staff)!;
    expect(person.days.length).toBe(15);
    await world.as('owner').done('returnPeriod', {
      params: { id: world.ids.staff },
      body: { from: '2026-06-01', reason: 'Where is the 3rd?' },
    });
    const back = await world.as('staff').done('readTimesheet', { params: { from: '2026-06-01' } });
    expect(back.entries.map((entry) => entry.stage)).toEqual(['recorded', 'recorded']);
  });
});
