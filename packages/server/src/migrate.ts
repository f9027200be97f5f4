import { runner } from 'node-pg-migrate';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const url = process.env['DATABASE_ADMIN_URL'];

if (!url) throw new Error('The environment variable DATABASE_ADMIN_URL is missing; `npm start` sets it.');

// Under an advisory lock, each file in its own transaction, forward only. Who starts meanwhile waits.
await runner({
  databaseUrl: url,
  dir: path.join(path.dirname(fileURLToPath(import.meta.url)), '../migrations'),
  direction: 'up',
  migrationsTable: 'migration',
  singleTransaction: false,
  advisoryLockMode: 'wait',
  log: () => undefined,
});
