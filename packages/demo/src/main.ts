import { WRITE, openDatabase, transaction } from '@yellowwood/server';
import { isLoaded, loadDemo } from './load';

const url = process.env['DATABASE_ADMIN_URL'];
if (!url) throw new Error('The environment variable DATABASE_ADMIN_URL is missing; `npm start` sets it.');

// As the owner of the tables: founding firms and accounts is not the application's right.
const database = openDatabase(url, 1);
const loaded = await transaction(database, WRITE, async (tx) => {
  if (await isLoaded(tx)) return false;
  await loadDemo(tx, process.env['YELLOWWOOD_CLOCK'] ?? new Date().toISOString());
  return true;
});
await database.end();
process.stdout.write(loaded ? 'loaded\n' : 'there already\n');
