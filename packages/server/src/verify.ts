import { rightsOf } from '@yellowwood/core';
import { AS_THE_FIRM, Context, UNSETTLED } from './platform/context';
import { READ, openDatabase, transaction } from './platform/database';
import { verifyBooks } from './results/books/verify-books';

const url = process.env['DATABASE_ADMIN_URL'];

if (!url) throw new Error('The environment variable DATABASE_ADMIN_URL is missing; `npm run verify-books` sets it.');

interface FirmRow {
  firm_id: string;
  slug: string;
  name: string;
}

// As the owner of the tables, one firm after the other, each in one reading transaction.
const database = openDatabase(url, 1);

const firms = await database.query<FirmRow>('select firm_id, slug, name from firm_address order by slug');

let wrong = 0;

for (const { firm_id: id, slug, name } of firms.rows) {
  const differences = await transaction(database, READ, async (tx) => {
    await tx.query("select set_config('app.firm_id', $1, true)", [id]);
    interface Own {
      currency: string;
      country: string;
      zone: string;
    }
    const [firm] = (await tx.query<Own>('select currency, country, zone from firm')).rows;
    const [person] = (await tx.query<{ id: string }>('select id from person order by id limit 1')).rows;
    const context: Context = {
      tx,
      firm: { ...UNSETTLED, id, slug, name, ...firm! },
      actor: {
        accountId: null,
        personId: person!.id,
        version: 1,
        name: '',
        zone: firm!.zone,
        recording: AS_THE_FIRM,
        positionName: null,
        roles: ['owner'],
        ownRoles: [],
        rights: rightsOf(['owner']),
      },
      now: process.env['YELLOWWOOD_CLOCK'] ?? new Date().toISOString(),
      requestId: 'verify-books',
      source: 'web',
    };
    return verifyBooks(context);
  });
  wrong += differences.length;
  process.stdout.write(`${name}: ${differences.length === 0 ? 'the books are right' : `${differences.length} differences`}\n`);
  for (const one of differences.slice(0, 20))
    process.stdout.write(`  ${one.what} ${one.id}: stored ${one.stored}, computed ${one.computed}\n`);
}

await database.end();

if (wrong > 0) process.exitCode = 1;
