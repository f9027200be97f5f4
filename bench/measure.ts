// Measures one firm. Arguments: address of the server, of the database, entries, file to write to, and `page` to measure it
// too, or `people` or `work` to measure what a firm of many people or much work asks for instead.
import { writeFileSync } from 'node:fs';
import { openDatabase } from '@yellowwood/server';
import { PageFigures, measurePage } from './page';
import { Measured, measurePeople, measureRequests, measureStrangers, measureWork } from './requests';

/** What was measured of a firm, in milliseconds. */
export interface FirmFigures {
  readonly entries: number;
  readonly measured: readonly Measured[];
  readonly page: PageFigures | null;
}

const RUNS = Number(process.env['BENCH_RUNS'] ?? 40);

const [server, url, entries, file, what] = process.argv.slice(2);
const database = openDatabase(url!, 2);
const measure = { people: measurePeople, work: measureWork }[what ?? ''] ?? measureRequests;
const measured = [
  ...(await measure(server!, url!, database, RUNS)),
  ...(what === 'people' ? await measureStrangers(server!) : []),
];
const figures: FirmFigures = { entries: Number(entries), measured, page: what === 'page' ? await measurePage(server!) : null };
await database.end();
writeFileSync(file!, JSON.stringify(figures));
