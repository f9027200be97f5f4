// npm run bench [-- entries …]: makes firms of these sizes and measures each beside its lower bounds; `npm run bench -- people`
// measures the firm of many people alone, `npm run bench -- work` that of very much work.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { buildWeb } from './lib/build.mjs';
import { clusterHome, freePort, startCluster } from './lib/cluster.mjs';
import { command, typescript } from './lib/command.mjs';
import { checkNode, ensureChromium, ensurePostgres, installPackages } from './lib/install.mjs';
import { run, say } from './lib/say.mjs';
import { migrate, startServer } from './lib/server.mjs';

/** Entries of the firm of many people, and of the one of five thousand projects. */
const WIDE = { people: 10_000, work: 1_000_000 };
const FIRMS = {
  people: 'A firm of 2,000 people in 300 teams …',
  work: 'A firm of 2,000 people, 5,000 projects and 50,000 tasks …',
};
const CLOCK = '2026-06-12T15:00:00.000Z';

await run(async () => {
  checkNode();
  const given = process.argv.slice(2);
  const wide = Object.keys(WIDE).filter((one) => given.length === 0 || given.includes(one));
  const sizes = given.length > 0 ? given.filter((one) => !(one in WIDE)).map(Number) : [10_000, 100_000, 1_000_000];
  await installPackages();
  const programs = await ensurePostgres();
  const chromium = await ensureChromium();
  const webRoot = await buildWeb();
  const figures = mkdtempSync(path.join(tmpdir(), 'yellowwood-bench-'));
  const home = await clusterHome(`bench-${process.pid}`);
  const files = [];
  // As durable as in use: a commit waits for the disk, in the request and in its bound.
  const cluster = await startCluster({ home, programs });
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, async () => {
      await cluster.stop();
      rmSync(home, { recursive: true, force: true });
      process.exit(1);
    });
  const psql = (sql) =>
    command(path.join(programs, 'psql'), ['-v', 'ON_ERROR_STOP=1', '-q', cluster.rootUrl], { input: sql, cwd: '/' });
  const inBench = (file, args) =>
    command(process.execPath, [...typescript(`bench/${file}`), ...args], { env: { CHROMIUM_BIN: chromium } });
  try {
    for (const [entries, kind] of [...sizes.map((size) => [size, '']), ...wide.map((one) => [WIDE[one], one])]) {
      say(kind ? FIRMS[kind] : `A firm of ${entries.toLocaleString('en')} entries …`);
      const name = `bench_${kind || entries}`;
      await psql(`create database ${name} owner yellowwood_owner`);
      const at = (address) => address.replace(/\/[^/]*$/, `/${name}`);
      await psql(`\\c ${name}\nrevoke all on schema public from public; grant all on schema public to yellowwood_owner;`);
      await migrate(at(cluster.adminUrl));
      await inBench('found.ts', [at(cluster.rootUrl), String(entries), ...(kind ? [kind] : [])]);
      await command(path.join(programs, 'psql'), ['-q', at(cluster.rootUrl)], { input: 'checkpoint', cwd: '/' });
      const port = await freePort();
      const env = { YELLOWWOOD_CLOCK: CLOCK, LOG_LEVEL: 'error', SIGN_IN_TRIES: '1000' };
      const server = await startServer({ port, url: at(cluster.url), webRoot, env });
      try {
        files.push(path.join(figures, `${name}.json`));
        const page = kind ? [kind] : entries === sizes.at(-1) ? ['page'] : [];
        await inBench('measure.ts', [server.address, at(cluster.url), String(entries), files.at(-1), ...page]);
      } finally {
        await server.stop();
      }
      await psql(`drop database ${name} with (force)`);
    }
    const commit = (await command('git', ['rev-parse', 'HEAD'])).trim();
    say(await inBench('report.ts', [commit, ...files]));
  } finally {
    await cluster.stop();
    rmSync(home, { recursive: true, force: true });
    rmSync(figures, { recursive: true, force: true });
  }
});
