import pg from 'pg';
import { Context, Database, READ, Tx, enterFirm } from '@yellowwood/server';
import { SLUG, TODAY } from './firm';

/** A statement as it was sent to the database. */
export interface Statement {
  readonly text: string;
  readonly values: unknown[];
}

/** Who asks, and what the server's clock says. */
export interface Asker {
  readonly account: string;
  readonly now: string;
}

/** Runs a use case in a transaction that is rolled back, and gives the statements that it sent. */
export async function statementsOf(
  database: Database,
  asker: Asker,
  useCase: (context: Context) => Promise<unknown>,
): Promise<Statement[]> {
  const tx = await database.connect();
  const sent: Statement[] = [];
  try {
    await tx.query('begin');
    const context = await enterFirm(tx, SLUG, asker.account, { now: asker.now, requestId: 'bench', source: 'test' });
    const listening = {
      query: (text: string | { text: string; values?: unknown[] }, values: unknown[] = []) => {
        sent.push(typeof text === 'string' ? { text, values } : { text: text.text, values: text.values ?? [] });
        return typeof text === 'string' ? tx.query(text, values) : tx.query(text);
      },
    } as unknown as Tx;
    await useCase({ ...context, tx: listening });
  } finally {
    await tx.query('rollback');
    tx.release();
  }
  return sent;
}

/** One connection that sends statements in one transaction, with nothing around them. */
export class BareConnection {
  private readonly connection: pg.Client;

  constructor(url: string) {
    this.connection = new pg.Client({ connectionString: url });
  }

  async open(): Promise<this> {
    await this.connection.connect();
    return this;
  }

  close(): Promise<void> {
    return this.connection.end();
  }

  /** Sends the statements one after the other in a transaction of the asker's firm. */
  async send(asker: Asker, statements: readonly (Statement & { name?: string })[], begin = 'begin'): Promise<void> {
    await this.connection.query(begin);
    await this.connection.query({
      name: 'enter',
      text: 'select * from enter_firm($1, $2, $3)',
      values: [SLUG, asker.account, TODAY],
    });
    for (const statement of statements) await this.connection.query(statement);
    await this.connection.query('commit');
  }

  read(asker: Asker, statements: readonly Statement[]): Promise<void> {
    return this.send(asker, statements, READ);
  }
}
