import PgBoss from 'pg-boss';
import { Database, Tx } from './database';

/** Each queue, and what its jobs carry: ids, and nothing that is worth reading. */
export interface Jobs {
  readonly mail: { readonly id: string };
}

const executing = (run: (text: string, values: unknown[]) => Promise<{ rows: unknown[] }>) => ({
  executeSql: (text: string, values: unknown[]) => run(text, values) as Promise<{ rows: never[] }>,
});

// The queues come with a migration, and what keeps them up runs in the worker alone.
const QUIET = { migrate: false, schedule: false, supervise: false } as const;

const writer = new PgBoss({
  ...QUIET,
  db: executing(() => Promise.reject(new Error('jobs are written within a transaction'))),
});

/** Leaves a job to be done by the worker: with the transaction, or not at all. */
export async function leaveJob<Q extends keyof Jobs>(tx: Tx, queue: Q, job: Jobs[Q]): Promise<void> {
  await writer.send(queue, job, { db: executing((text, values) => tx.query(text, values)) });
}

/** Takes jobs from the queues of a database, until it is stopped. */
export class Worker {
  private readonly boss: PgBoss;

  /**
   * @param failed told what went wrong with the queues themselves; a job that fails is tried again by its queue's rule
   * @param seconds how often jobs whose worker died are looked for
   */
  constructor(database: Database, failed: (error: Error) => void, seconds = 15) {
    this.boss = new PgBoss({
      ...QUIET,
      supervise: true,
      maintenanceIntervalSeconds: seconds,
      db: executing((text, values) => database.query(text, values)),
    });
    this.boss.on('error', failed);
  }

  start(): Promise<unknown> {
    return this.boss.start();
  }

  /** Does the jobs of a queue, one after the other. */
  async take<Q extends keyof Jobs>(queue: Q, work: (job: Jobs[Q]) => Promise<void>): Promise<void> {
    await this.boss.work<Jobs[Q]>(queue, { batchSize: 1, pollingIntervalSeconds: 0.5 }, async (jobs) => {
      for (const job of jobs) await work(job.data);
    });
  }

  /** Ends what is being done, and takes nothing more. */
  stop(): Promise<void> {
    return this.boss.stop({ graceful: true, timeout: 5000, close: false });
  }
}
