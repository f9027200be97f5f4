// Fills a new, migrated database with the measured firm. Arguments: address of the database's owner, entries, and
// `people` for one of two thousand people, `work` for one of five thousand projects besides.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import pg from 'pg';
import { hashPassword } from '@yellowwood/server';
import { PASSWORD } from './firm';

const [address, entries, wide] = process.argv.slice(2);
const connection = new pg.Client({ connectionString: address! });
await connection.connect();
const files = ['firm.sql', ...(wide ? ['people.sql'] : []), ...(wide === 'work' ? ['work.sql'] : []), 'sums.sql'];
const text = files
  .map((file) => readFileSync(path.join(import.meta.dirname, file), 'utf8'))
  .join('\n')
  .replaceAll(':entries', entries!)
  .replaceAll(':password', `'${await hashPassword(PASSWORD)}'`);
await connection.query(text);
await connection.query('vacuum analyze');
await connection.end();
