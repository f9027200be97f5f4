import * as fc from 'fast-check';
import type { Answer } from './testing/client';
import { COMMANDS, Command, Dice, World, differencesOf, makeWorld, record, submitAndApprove } from './testing';

/** Steps of all runs together; `STEPS=20000 npm test server` does more, `SEED=7` others. */
const STEPS = Number(process.env['STEPS'] ?? 2000);
const SEED = Number(process.env['SEED'] ?? 20_260_608);
/** The most batches of steps in one run. */
const LENGTH = 50;

/** A step of a run: one command, with the numbers that decide what it does. */
interface Step {
  readonly name: string;
  readonly numbers: readonly number[];
}

const step: fc.Arbitrary<Step> = fc.record({
  // Recording, submitting and approving more often: without them nothing else has anything to do.
  name: fc.constantFrom(
    ...Object.keys(COMMANDS),
    ...['record', 'record', 'record', 'record', 'record', 'submit', 'submit', 'submit', 'submit', 'withdraw', 'withdraw'],
    ...['approve', 'approve', 'approve', 'approve', 'approve', 'issueAtOnce', 'issueAtOnce', 'draft', 'pay', 'pay'],
    ...['issueAtOnce', 'changeAgreement', 'releaseOver', 'writeDownOver'],
  ),
  numbers: fc.array(fc.nat(10_000), { minLength: 8, maxLength: 8 }),
});

function diceOf(numbers: readonly number[]): Dice {
  let next = 0;
  return (sides) => numbers[next++ % numbers.length]! % sides;
}

/** Everything in an answer that is of some shape, however deep it lies. */
function within<T>(value: unknown, is: (one: Record<string, unknown>) => boolean): T[] {
  if (typeof value !== 'object' || value === null) return [];
  const own = is(value as Record<string, unknown>) ? [value as T] : [];
  return [...own, ...Object.values(value).flatMap((below) => within<T>(below, is))];
}

interface ToldEntry extends Facts {
  readonly id: string;
  readonly version: number;
}
interface Facts {
  readonly date: string;
  readonly quantity: number;
  readonly projectId: string | null;
  readonly serviceId: string | null;
  readonly billable: boolean;
}
interface ToldInvoice {
  readonly id: string;
  readonly version: number;
  readonly net: number;
  readonly gross: number;
  readonly settled: number;
}
const factsOf = ({ date, quantity, projectId, serviceId, billable }: Facts): Facts => ({
  ...{ date, quantity, projectId, serviceId, billable },
});

/**
 * A plain book of what was answered. Nobody needs to know the rules to keep it: what people were told of an entry's
 * facts stays so until somebody is told otherwise, and a document is what its newest answer says. Besides, whatever
 * anybody does, versions only rise, nothing is billed twice, and numbers have no holes.
 */
class Model {
  private readonly versions = new Map<string, number>();
  private readonly entries = new Map<string, ToldEntry>();
  private readonly invoices = new Map<string, ToldInvoice>();

  /** Notes what people were told. */
  tell(answers: readonly (Answer<unknown> | null)[]): void {
    for (const answer of answers) {
      if (answer?.status !== 200) continue;
      for (const entry of within<ToldEntry>(answer.body, (one) => 'serviceId' in one && 'version' in one && 'stage' in one))
        if (entry.version >= (this.entries.get(entry.id)?.version ?? 0)) this.entries.set(entry.id, entry);
      for (const row of within<ToldInvoice>(answer.body, (one) => 'settled' in one && 'version' in one))
        if (row.version >= (this.invoices.get(row.id)?.version ?? 0)) this.invoices.set(row.id, row);
    }
  }

  /** Compares the book with what is stored. */
  async compare(world: World): Promise<void> {
    const stored = await world.sql<ToldEntry & { gone: boolean }>(
      `select id, version, work_date as date, quantity, project_id as "projectId", service_id as "serviceId", billable, false as gone
         from entry where kind = 'time'
       union all select entry_id, version, null, 0, null, null, false, true from entry_gone`,
    );
    const byId = new Map(stored.map((row) => [row.id, row]));
    for (const told of this.entries.values()) {
      const row = byId.get(told.id);
      if (!row && (told as { kind?: string }).kind !== 'fee') throw new Error(`lost: ${JSON.stringify(told)}`);
      if (!row || row.gone) continue;
      const [own, other] = [factsOf(told), factsOf(row)].map((one) => JSON.stringify(one));
      if (own !== other) throw new Error(`told ${own} of ${told.id}, stored ${other}`);
    }
    const documents = await world.sql<ToldInvoice>(
      'select id, version, net_minor as net, gross_minor as gross, settled_minor as settled from invoice',
    );
    for (const row of documents) {
      const told = this.invoices.get(row.id);
      if (told?.version !== row.version) continue;
      for (const figure of ['net', 'gross', 'settled'] as const)
        if (told[figure] !== row[figure]) throw new Error(`told a ${figure} of ${told[figure]}, stored ${row[figure]}`);
    }
  }

  async hold(world: World): Promise<void> {
    const rows = await world.sql<{ id: string; version: number }>(
      `select id, max(version) as version from (
         select id, version from entry union all select entry_id, version from entry_gone union all select id, version from invoice
       ) every group by id`,
    );
    for (const { id, version } of rows) {
      const before = this.versions.get(id) ?? 0;
      if (version < before) throw new Error(`the version of ${id} went back from ${before} to ${version}`);
      this.versions.set(id, version);
    }
    const twice = await world.sql(
      `select e.id from entry e join line_share s on s.entry_id = e.id where s.live
       group by e.id, e.billable_quantity having sum(s.quantity) > e.billable_quantity`,
    );
    if (twice.length > 0) throw new Error(`billed twice: ${JSON.stringify(twice)}`);
    const numbers = await world.sql<{ count: number; highest: number; lowest: number }>(
      `select count(distinct number)::int as count, max(number) as highest, min(number) as lowest from invoice
       where number is not null group by series`,
    );
    for (const { count, highest, lowest } of numbers)
      if (lowest !== 1 || highest !== count) throw new Error(`numbers with a hole: ${count} to ${highest}`);
  }
}

/** A firm in which days are rounded as a whole, with a limit on one project and another currency on the other. */
async function firm(): Promise<World> {
  const world = await makeWorld({ limit: 40_000 });
  await world.sql("update agreement set rounding_unit = 'day'");
  // Work of three people that is approved, so that there is something to do from the first step on.
  for (const [index, who] of (['staff', 'mate', 'owner'] as const).entries()) {
    for (const day of ['2026-06-08', '2026-06-09', '2026-06-10'])
      await record(world, who, day, 1.3 + index, index === 1 ? { projectId: world.ids.euroProject } : {});
    await submitAndApprove(world, who);
  }
  return world;
}

describe('everything that people do, in any order and at once', () => {
  const counts = new Map<string, number>();

  it(
    `leaves the books right, in ${STEPS} steps`,
    async () => {
      await fc.assert(
        fc.asyncProperty(
          fc.array(fc.array(step, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: LENGTH, size: 'max' }),
          async (batches) => {
            const world = await firm();
            const model = new Model();
            try {
              for (const batch of batches) {
                const answers = await Promise.all(batch.map((one) => COMMANDS[one.name]!(world, diceOf(one.numbers))));
                for (const [index, answer] of answers.entries()) {
                  const key = `${batch[index]!.name} ${answer === null ? 'nothing' : answer.status === 200 ? 'done' : 'refused'}`;
                  counts.set(key, (counts.get(key) ?? 0) + 1);
                }
                model.tell(answers);
                await model.compare(world);
                await model.hold(world);
              }
              const differences = await differencesOf(world);
              if (differences.length > 0) throw new Error(`the books are wrong: ${JSON.stringify(differences.slice(0, 5))}`);
            } finally {
              await world.close();
            }
          },
        ),
        // Half of the longest run, of two steps each on average; what fails is made as short as it can be.
        { numRuns: Math.ceil(STEPS / LENGTH), seed: SEED, unbiased: true },
      );
      if (process.env['TELL'])
        process.stdout.write(
          [...counts]
            .sort()
            .map(([key, count]) => `${key}: ${count}`)
            .join('\n') + '\n',
        );
      // Nearly each command has done its work at least once; else the test says less than it seems to.
      const idle = Object.keys(COMMANDS).filter((name) => !counts.has(`${name} done`));
      if (STEPS >= 2000) expect(idle.length).withContext(idle.join()).toBeLessThan(3);
    },
    30 * 60_000,
  );

  it(
    'never waits for each other in a circle: every pair of commands, at the same moment',
    async () => {
      const world = await firm();
      const before = await deadlocks(world);
      let state = SEED;
      const roll: Dice = (sides) => (state = (state * 48_271) % 2_147_483_647) % sides;
      const run = (command: Command) => command(world, roll);
      // Something for each of them to work on.
      for (let round = 0; round < 3; round += 1) {
        for (const name of ['record', 'record', 'record', 'submit', 'submit', 'approve', 'issueAtOnce', 'pay', 'time'])
          await run(COMMANDS[name]!);
      }
      const names = Object.keys(COMMANDS);
      for (const [place, one] of names.entries())
        for (const other of names.slice(place)) await Promise.all([one, other, one, other].map((name) => run(COMMANDS[name]!)));
      expect(await deadlocks(world)).toBe(before);
      expect(await differencesOf(world)).toEqual([]);
      await world.close();
    },
    10 * 60_000,
  );

  async function deadlocks(world: World): Promise<number> {
    // Statistics are a second behind.
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const [row] = await world.sql<{ count: string }>(
      'select deadlocks as count from pg_stat_database where datname = current_database()',
    );
    return Number(row!.count);
  }
});
