import { AddressInfo } from 'node:net';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { buildApp } from '../app';
import { ServerClock } from '../platform/clock';
import { Database, openDatabase } from '../platform/database';
import { Client } from './client';
import { Ids, PEOPLE, Who, foundFirm } from './found-firm';
import { haveNeighbour, refuseChangedNeighbour } from './neighbour';
import { ofFirm } from './of-firm';

import { FRIDAY_EVENING } from './moments';

/** A firm of its own for one spec file, a server for it, and its people signed in. */
export interface World {
  readonly slug: string;
  readonly firmId: string;
  readonly base: string;
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
  const admin = new pg.Pool({ connectionString: needed('DATABASE_ADMIN_URL'), max: 2 });
  const database = openDatabase(needed('DATABASE_URL'), 24);
  const clock = new ServerClock(options.now ?? FRIDAY_EVENING);
  const slug = `test-${randomUUID().slice(0, 8)}`;
  const app = buildApp(
    {
      port: 0,
      databaseUrl: '',
      sessionSecret: 'tests only',
      demo: false,
      webRoot: null,
      clockStart: null,
      logLevel: process.env['TEST_LOG'] ?? 'silent',
      signInTries: 1000,
      secureCookies: false,
      trustProxy: null,
    },
    database,
    clock,
  );
  const server = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
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
    clock,
    database,
    admin,
    ids,
    as: (who) => clients.get(who)!,
    client: () => new Client(base, slug),
    sql: (text, values = []) => ofFirm(admin, firmId, async (tx) => (await tx.query(text, values)).rows as never),
    async close() {
      await refuseChangedNeighbour(admin);
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await database.end();
      await admin.end();
    },
  };
}
