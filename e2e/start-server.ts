import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { startPost, startServer } from './server';

/** The moment at which the demo firm of the tests was loaded: a Wednesday afternoon. */
const NOW = process.env['YELLOWWOOD_CLOCK'] ?? '2026-06-10T14:00:00.000Z';

export default async function start(): Promise<void> {
  mkdirSync(path.resolve(import.meta.dirname, '../test-results'), { recursive: true });
  await startPost();
  await startServer(NOW);
}
