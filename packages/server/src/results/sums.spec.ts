import { REACHES, addDays } from '@yellowwood/core';
import fc from 'fast-check';
import { World, bill, differencesOf, makeWorld, record, submitAndApprove } from '../testing';

interface Figures {
  entries: number;
  quantity: number;
  value: number;
  own: number;
  cost: number;
}

describe('the coarse sums', () => {
  let world: World;
  const DAYS = ['2026-04-30', '2026-05-01', '2026-05-15', '2026-05-31', '2026-06-01', '2026-06-08', '2026-06-09', '2026-06-12'];

  beforeAll(async () => {
    world = await makeWorld();
    for (const [index, date] of DAYS.entries()) {
      await record(world, 'staff', date, 1 + index / 4, { taskId: index % 2 ? world.ids.task : null });
      await record(world, 'mate', date, 2, { projectId: world.ids.internal, serviceId: world.ids.office });
      await record(world, 'manager', date, 0.5, { billable: index % 3 === 0 });
      await record(world, 'bookkeeper', date, 0.25, { projectId: world.ids.euroProject });
    }
    await submitAndApprove(world, 'staff');
  });
  afterAll(() => world.close());

  /** What an index of sums gives, and what the ledger itself adds up to. */
  async function both(
    reach: string,
    asker: string,
    first: string,
    last: string,
    whose: string | null = null,
  ): Promise<[Figures[], Figures[]]> {
    const columns = (entries: string, quantity: string, value: string, own: string, cost: string) =>
      `sum(${entries})::bigint as entries, sum(${quantity})::bigint as quantity, sum(${value})::bigint as value, sum(${own})::bigint as own, sum(${cost})::bigint as cost`;
    const sums = await world.sql<Figures & { project: string; stage: string }>(
      `select project_id as project, stage, ${columns('entries', 'quantity', 'value_minor', 'own_minor', 'cost_minor')} from work_sums_between($1, $2, $5, $3, $4) group by 1, 2 having sum(entries) <> 0 order by 1, 2`,
      [reach, asker, first, last, whose],
    );
    const plain = await world.sql<Figures & { project: string; stage: string }>(
      `select coalesce(project_id, no_id()) as project, stage, ${columns('1', 'quantity', 'coalesce(value_minor, 0)', 'coalesce(own_value_minor, 0)', 'cost_minor')} from entries_in_reach($1, $2) where work_date between $3 and $4 and ($5::uuid is null or person_id = $5) group by 1, 2 order by 1, 2`,
      [reach, asker, first, last, whose],
    );
    return [sums, plain];
  }

  it('equal the plain sums over any span of days, for every reach', async () => {
    const day = fc.integer({ min: 0, max: 60 }).map((number) => addDays('2026-04-20', number));
    const reach = fc.constantFrom(...REACHES);
    const who = fc.constantFrom('owner', 'manager', 'staff', 'mate') as fc.Arbitrary<'owner'>;
    await fc.assert(
      fc.asyncProperty(day, day, reach, who, fc.option(who), async (one, other, covered, asker, whose) => {
        const [first, last] = [one, other].sort();
        const [sums, plain] = await both(covered, world.ids[asker], first!, last!, whose && world.ids[whose]);
        expect(sums).toEqual(plain);
      }),
      { numRuns: 150, seed: 6 },
    );
  });

  it('hold nothing for a span that ends before it begins', async () => {
    const [sums, plain] = await both('firm', world.ids.owner, '2026-06-12', '2026-06-01');
    expect([sums, plain]).toEqual([[], []]);
  });

  it('equal the plain sums of everything to date, for every reach and person', async () => {
    for (const reach of REACHES)
      for (const asker of ['owner', 'manager', 'staff'] as const)
        for (const whose of [null, world.ids.staff]) {
          const [sums, plain] = await both(reach, world.ids[asker], '0001-01-01', '9999-12-31', whose);
          expect(sums).withContext(`${reach} ${asker}`).toEqual(plain);
        }
  });

  it('stay exact when many write to the same task at once, and nobody waits for a sum', async () => {
    const people = ['owner', 'manager', 'bookkeeper', 'staff', 'mate'] as const;
    await Promise.all(
      Array.from({ length: 30 }, (_, index) =>
        record(world, people[index % 5]!, addDays('2026-05-04', Math.floor(index / 5)), 0.25, { taskId: world.ids.task }),
      ),
    );
    expect(await differencesOf(world)).toEqual([]);
    // A writer that finds every row of its key taken makes a row beside them: never more rows than writers.
    const [slots] = await world.sql<{ most: number }>(
      'select max(count)::int as most from (select count(*) from work_sum group by firm_id, person_id, kind, project_id, task_id, month, stage, billing_state, billable, currency) x',
    );
    expect(slots!.most).toBeLessThanOrEqual(24);
  });

  it('follow a change of work, day and length, a deletion and its undoing', async () => {
    const entry = await record(world, 'mate', '2026-05-20', 3);
    const changed = await world.as('mate').done('changeEntry', {
      params: { id: entry.id },
      version: entry.version,
      body: { date: '2026-06-10', projectId: world.ids.euroProject, quantity: 5400, billable: false },
    });
    expect(await differencesOf(world)).toEqual([]);
    await world.as('mate').done('deleteEntry', { params: { id: entry.id }, version: changed.version });
    expect(await differencesOf(world)).toEqual([]);
    await world.as('mate').done('restoreEntry', { params: { id: entry.id } });
    expect(await differencesOf(world)).toEqual([]);
  });

  it('leave no row behind for a stage that holds nothing any more', async () => {
    await world.sql("select set_config('app.firm_id', $1, true)", [world.firmId]);
    const empty = await world.sql(
      'select from work_sum group by person_id, kind, project_id, task_id, month, stage, billing_state, billable, currency having sum(entries) = 0 and count(*) = 1',
    );
    expect(empty.length).toBe(0);
  });

  it('keep what was billed where it was billed when the entry moves after a credit', async () => {
    const entries = await world.sql<{ id: string }>(
      "select id from entry where person_id = $1 and stage = 'approved' and project_id = $2 and billing_state = 'to bill' order by id",
      [world.ids.staff, world.ids.project],
    );
    const invoice = await bill(
      world,
      entries.map((one) => one.id),
    );
    const keeper = world.as('bookkeeper');
    await keeper.done('creditInvoice', {
      params: { id: invoice.row.id },
      body: { id: crypto.randomUUID(), reason: 'the wrong project' },
    });
    const [first] = await world.sql<{ id: string; version: number }>('select id, version from entry where id = $1', [
      entries[0]!.id,
    ]);
    await world.as('owner').done('reopenEntries', { body: { entries: [first!], reason: 'it was other work' } });
    await world.as('staff').done('changeEntry', {
      params: { id: first!.id },
      version: first!.version + 1,
      body: { projectId: world.ids.internal, taskId: null, serviceId: world.ids.office },
    });
    expect(await differencesOf(world)).toEqual([]);
    const billed = await world.sql<{ project: string; amount: number }>(
      `select project_id as project, sum(amount_minor)::bigint as amount from billed_sums_between('firm', $1, null, '2026-06-02', '2026-06-11') group by 1 having sum(abs(amount_minor)) > 0`,
      [world.ids.owner],
    );
    // The invoice and its credit note cancel out on the project that they were written for.
    expect(billed).toEqual([{ project: world.ids.project, amount: 0 }]);
  });

  it('are written by nobody but the triggers', async () => {
    const tx = await world.database.connect();
    try {
      await tx.query('begin');
      await tx.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
      for (const sql of [
        'update work_sum set quantity = 0',
        'delete from billed_sum',
        "select add_to_work_sums('{}')",
        'select sum_document(no_id(), no_id())',
      ]) {
        await tx.query('savepoint a');
        await expectAsync(tx.query(sql))
          .withContext(sql)
          .toBeRejectedWithError(/permission denied/);
        await tx.query('rollback to a');
      }
    } finally {
      await tx.query('rollback');
      tx.release();
    }
  });
});
