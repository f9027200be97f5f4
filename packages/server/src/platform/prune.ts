import { pruneMail, pruneReplays } from '../generated/platform/prune.queries';
import { Clock } from './clock';
import { Database } from './database';

/** How long the answer of a command is kept for the same request sent again, milliseconds: thirty days. */
const KEPT = 30 * 24 * 3600 * 1000;
const EVERY = 3600 * 1000;

/** Forgets the answers of commands that nobody asks for again, and old messages. @returns how many answers were forgotten */
export async function prune(database: Database, clock: Clock): Promise<number> {
  const before = new Date(Date.parse(clock.now()) - KEPT).toISOString();
  const [row] = await pruneReplays.run({ before }, database);
  await pruneMail.run({ before }, database);
  return Number(row!.gone);
}

/** Prunes now and every hour; a database that is away is asked again in an hour. */
export function keepPruned(database: Database, clock: Clock): void {
  const once = () => void prune(database, clock).catch(() => undefined);
  once();
  setInterval(once, EVERY).unref();
}
