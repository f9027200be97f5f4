import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { ServerClock } from '../platform/clock';
import { Database, openDatabase } from '../platform/database';
import { Client } from './client';
import { Ids, PEOPLE, Who, foundFirm } from './found-firm';
import { haveNeighbour, refuseChangedNeighbour } from './neighbour';
import { ofFirm } from './of-firm';
import { Served, serve } from './serve';

import { FRIDAY_EVENING } from './moments';

/** A firm of its own for one spec file, a server for it, and its people signed in. */
export interface World {
  readonly slug: string;
  readonly firmId: string;
  readonly base: string;
  readonly configuration: Served['configuration'];
  readonly clock: ServerClock;
  readonly database: Database;
  readonly admin: pg.Pool;
  readonly ids: Ids;
  as(who: Who): Client;
  client(): Client;
  sql<T extends pg.QueryResultRow>(text: string, values?: unknown[]): Promise<T[]>;
  close(): Promise<void>;
}

function needed(name: string): string {
  const value = process.env[name];
  if (!value) throw new Error(`${name} is missing: run the tests with \`npm test\`, which starts the database.`);
  return value;
}

export async function makeWorld(options: { limit?: number | null; now?: string } = {}): Promise<World> {
  const admin = new pg.Pool({ connectionString: needed('DATABASE_ADMIN_URL'), max: 3 });
  const database = openDatabase(needed('DATABASE_URL'), 24);
  const clock = new ServerClock(options.now ?? FRIDAY_EVENING);
  const slug = `test-${randomUUID().slice(0, 8)}`;
  const server = await serve(database, clock);
  const { base, configuration } = server;
  const { firmId, ids } = await foundFirm(admin, slug, options.limit ?? null);
  await haveNeighbour(admin);
  const clients = new Map<Who, Client>();
  for (const who of PEOPLE) {
    const client = new Client(base, slug);
    if ((await client.signIn(`${who}@${slug}.example`)) !== 200) throw new Error(`${who} could not sign in`);
    clients.set(who, client);
  }
  return {
    slug,
    firmId,
    base,
    configuration,
    clock,
    database,
    admin,
    ids,
    as: (who) => clients.get(who)!,
    client: () => new Client(base, slug),
    sql: (text, values = []) => ofFirm(admin, firmId, async (tx) => (await tx.query(text, values)).rows as never),
    async close() {
      await refuseChangedNeighbour(admin);
      await server.close();
      await database.end();
      await admin.end();
    },
  };
}
