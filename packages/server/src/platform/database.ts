import pg from 'pg';

// Dates stay text, 64-bit whole numbers and their sums become numbers and are refused where a number
// cannot hold them exactly, instants are RFC 3339 in UTC.
function wholeNumber(text: string): number {
  const value = Number(text);
  if (!Number.isSafeInteger(value)) throw new RangeError(`the database returned ${text}, which is too large`);
  return value;
}

pg.types.setTypeParser(20, wholeNumber);

pg.types.setTypeParser(1700, wholeNumber);

pg.types.setTypeParser(1082, (text) => text);

pg.types.setTypeParser(1184, (text) => new Date(text).toISOString());

/** A connection inside one transaction, as queries take it. */
export type Tx = pg.PoolClient;

export type Database = pg.Pool;

// Typed queries mark in a column's name whether it can be null (`as "id!"`). Left to the query runner, the
// marks are taken off every row by deleting and adding properties, which costs more than reading the row:
// they are taken off the statement instead.
const plainTexts = new Map<string, string>();

function withoutMarks(text: string): string {
  let plain = plainTexts.get(text);
  if (plain === undefined) plainTexts.set(text, (plain = text.replace(/ as "(\w+)[!?]"/g, ' as "$1"')));
  return plain;
}

class PlainColumns extends pg.Client {
  override query(text: unknown, ...rest: unknown[]): never {
    return super.query((typeof text === 'string' ? withoutMarks(text) : text) as never, ...(rest as [])) as never;
  }
}

/** How long a request waits for a connection, a lock or a statement before it is told to come back later. */
const WAITS = { connection: 2_000, lock: 5_000, statement: 15_000, idle: 30_000 } as const;

/** Opens the pool of the application's role. */
export function openDatabase(url: string, max = 16): Database {
  const pool = new pg.Pool({
    connectionString: url,
    max,
    connectionTimeoutMillis: WAITS.connection,
    query_timeout: WAITS.statement + WAITS.lock,
    keepAlive: true,
    Client: PlainColumns as never,
  });
  // A connection that breaks (the database was restarted) must not end the process: neither while it is idle
  // in the pool, nor in the middle of a transaction, whose next statement fails and tells.
  pool.on('error', () => undefined);
  pool.on('connect', (client) => client.on('error', () => undefined));
  return pool;
}

/** What was read before locking has moved: the transaction is done again from the start. */
export class StartOver extends Error {
  readonly code = '40001';
}

const RETRY = new Set(['40001', '40P01']);

/** Whether the database gave the transaction up because of others, so that it may be tried again. */
function giveUp(error: unknown): boolean {
  return RETRY.has((error as { code?: string }).code ?? '');
}

/** Codes of a database that is not there, starting, stopping or full, or that took too long. */
const AWAY = new Set([
  ...['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'EPIPE', 'ETIMEDOUT'],
  ...['08000', '08001', '08003', '08006', '53000', '53100', '53200', '53300', '53400'],
  ...['57P01', '57P02', '57P03', '57014', '55P03', '25P03', '25006', '58000', '58030', '40001', '40P01'],
]);
// A pooler in front of the database says with one code for all (08P01) and in words what it lacks.
const AWAY_WORDS = [
  ...['query_wait_timeout', 'pgbouncer cannot connect', 'server login has been failing', 'no more connections allowed'],
  ...['timeout exceeded when trying to connect', 'Connection terminated', 'connection error and is not queryable'],
  ...['Query read timeout', 'server closed the connection'],
];

/** Whether an error means that the database cannot do this now, and may be able to in a moment. */
export function isAway(error: unknown): boolean {
  const { code, message } = error as { code?: string; message?: string };
  return AWAY.has(code ?? '') || AWAY_WORDS.some((words) => message?.includes(words));
}

// Local to the transaction, so that connections may be shared by a pooler between transactions.
const LIMITS = `set local statement_timeout = ${WAITS.statement}; set local lock_timeout = ${WAITS.lock}; set local idle_in_transaction_session_timeout = ${WAITS.idle}`;

/** A transaction that only reads, and reads one moment. */
export const READ = `begin isolation level repeatable read read only; ${LIMITS}`;
export const WRITE = `begin; ${LIMITS}`;

/**
 * Runs work in one transaction: committed when it returns, rolled back when it throws. What the database
 * gave up because of others is tried again three times.
 */
export async function transaction<T>(database: Database, begin: string, work: (tx: Tx) => Promise<T>): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    const tx = await database.connect();
    let broken: Error | undefined;
    try {
      await tx.query(begin);
      const answer = await work(tx);
      await tx.query('commit');
      return answer;
    } catch (error) {
      await tx.query('rollback').catch((failure: Error) => (broken = failure));
      if (!giveUp(error) || attempt > 3) throw error;
    } finally {
      // A connection that cannot roll back is thrown away, not handed to the next request.
      tx.release(broken);
    }
  }
}
