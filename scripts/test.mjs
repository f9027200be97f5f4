// npm test: sets up what is missing, checks the sources, and runs every test. Ends with one line that
// counts, and fails when anything failed or nothing ran.
import { copyFileSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { buildWeb, filesBelow, generateFromContracts } from './lib/build.mjs';
import { clusterHome, freePort, startCluster, withDatabase } from './lib/cluster.mjs';
import { command } from './lib/command.mjs';
import { generateQueries } from './generate.mjs';
import { checkNode, ensureChromium, ensurePgbouncer, ensurePoppler, ensurePostgres, installPackages } from './lib/install.mjs';
import { at } from './lib/paths.mjs';
import { provesRestarts } from './lib/restarts.mjs';
import { Sentence, run, say } from './lib/say.mjs';
import { loadDemo, migrate } from './lib/server.mjs';

const only = process.argv.slice(2).filter((argument) => !argument.startsWith('-'));
// A Wednesday afternoon: whatever the day, the browser's tests see the same demo firm.
const clock = '2026-06-10T14:00:00.000Z';
const counts = { passed: 0, failed: 0 };
const bin = (name) => at('node_modules', '.bin', name);

/** A check without a test runner: it counts as one test. */
async function check(name, work) {
  if (only.length > 0 && !only.includes(name)) return;
  const start = Date.now();
  try {
    await work();
    counts.passed += 1;
    say(`ok      ${name} (${Math.round((Date.now() - start) / 1000)} s)`);
  } catch (error) {
    counts.failed += 1;
    say(`FAILED  ${name}\n${error.message}`);
  }
}

/** A test runner: its own counts are read from what it prints. */
async function suite(name, read, work) {
  if (only.length > 0 && !only.includes(name)) return;
  const start = Date.now();
  let output = '';
  let broke = false;
  try {
    output = await work();
  } catch (error) {
    output = error.message;
    broke = true;
  }
  const found = read(output);
  const nothing = found.passed + found.failed === 0;
  if (broke && found.failed === 0) found.failed = 1;
  if (nothing && !broke) found.failed = 1;
  counts.passed += found.passed;
  counts.failed += found.failed;
  say(
    `${found.failed === 0 ? 'ok    ' : 'FAILED'}  ${name}: ${found.passed} passed, ${found.failed} failed (${Math.round((Date.now() - start) / 1000)} s)`,
  );
  if (found.failed > 0) say(nothing && !broke ? `No test ran:\n${output.slice(-2000)}` : output.slice(-12_000));
}

const karma = (output) => {
  const last = [...output.matchAll(/Executed (\d+) of \d+(?:.*?\((\d+) FAILED\))?/g)].at(-1);
  const failed = Number(last?.[2] ?? 0);
  return { passed: Number(last?.[1] ?? 0) - failed, failed };
};
const jasmine = (output) => {
  const last = /(\d+) specs?, (\d+) failures?/.exec(output);
  return { passed: Number(last?.[1] ?? 0) - Number(last?.[2] ?? 0), failed: Number(last?.[2] ?? 0) };
};
const playwright = (output) => ({
  passed: Number(/(\d+) passed/.exec(output)?.[1] ?? 0),
  failed: Number(/(\d+) failed/.exec(output)?.[1] ?? 0) + Number(/(\d+) did not run/.exec(output)?.[1] ?? 0),
});

/** Fails when what is generated would differ from what is there. */
async function generatedUpToDate(adminUrl) {
  const generated = () =>
    new Map(filesBelow(at('packages/server/src/generated')).map((file) => [file, readFileSync(file, 'utf8')]));
  const before = generated();
  await generateQueries(adminUrl);
  const after = generated();
  const stale = [...new Set([...before.keys(), ...after.keys()])].filter((file) => before.get(file) !== after.get(file));
  const folder = mkdtempSync(path.join(tmpdir(), 'yellowwood-generated-'));
  await generateFromContracts(path.join(folder, 'web'), path.join(folder, 'openapi.json'));
  const web = path.join(folder, 'web');
  const kept = at('packages/web/src/app/api/generated');
  const contents = (of) => new Map(filesBelow(of).map((file) => [path.relative(of, file), readFileSync(file, 'utf8')]));
  const [made, there] = [contents(web), contents(kept)];
  for (const file of new Set([...made.keys(), ...there.keys()]))
    if (made.get(file) !== there.get(file)) stale.push(path.join(kept, file));
  const api = at('docs/api/openapi.json');
  if (readFileSync(path.join(folder, 'openapi.json'), 'utf8') !== readFileSync(api, 'utf8')) stale.push(api);
  rmSync(folder, { recursive: true, force: true });
  if (stale.length > 0)
    throw new Sentence(
      `Not up to date; run \`npm run generate\` and commit: ${stale.map((file) => path.relative(at(), file)).join(', ')}`,
    );
}

/** A client that a common generator makes of the API's description, in use, must pass the type checker. */
async function apiClient() {
  const folder = mkdtempSync(at('node_modules/.yellowwood-client-'));
  try {
    await command(bin('openapi-typescript'), ['docs/api/openapi.json', '--output', path.join(folder, 'api.d.ts')]);
    copyFileSync(at('scripts/lib/api-client.ts.txt'), path.join(folder, 'client.ts'));
    await command(bin('tsc'), [
      ...['--noEmit', '--strict', '--skipLibCheck', '--target', 'es2022', '--module', 'esnext', '--moduleResolution', 'bundler'],
      ...['--lib', 'es2023,dom', '--types', 'node', path.join(folder, 'client.ts')],
    ]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

await run(async () => {
  checkNode();
  const start = Date.now();
  await installPackages();
  const programs = await ensurePostgres();
  const chromium = await ensureChromium();
  await ensurePoppler();
  const pgbouncer = await ensurePgbouncer();
  const home = await clusterHome(`test-${process.pid}`);
  const database = await startCluster({ home, programs, throwaway: true });
  const env = {
    DATABASE_URL: database.url,
    DATABASE_ADMIN_URL: database.adminUrl,
    CHROME_BIN: chromium,
    CHROMIUM_BIN: chromium,
    PGBOUNCER_BIN: pgbouncer,
    NG_CLI_ANALYTICS: 'false',
  };
  const ng = (...args) => command(process.execPath, [at('node_modules/@angular/cli/bin/ng.js'), ...args], { env });
  try {
    await migrate(database.adminUrl);
    await check('generated', () => generatedUpToDate(database.adminUrl));
    const checkSources = async () => {
      await check('format', () => command(process.execPath, [at('scripts/format.mjs'), '--check']));
      await check('api-lint', () =>
        command(bin('spectral'), ['lint', 'docs/api/openapi.json', '--ruleset', '.spectral.yaml', '--fail-severity', 'warn']),
      );
      await check('api-client', () => apiClient());
      await check('lint', () => command(bin('eslint'), ['.', '--max-warnings', '0']));
      for (const name of ['core', 'contracts', 'server', 'demo', 'stand-ins'])
        await check(`types-${name}`, () => command(bin('tsc'), ['-p', `packages/${name}`]));
      for (const name of ['e2e', 'bench']) await check(`types-${name}`, () => command(bin('tsc'), ['-p', name]));
      await check('dependencies', () =>
        command(bin('depcruise'), ['packages', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']),
      );
    };
    // What `npm start` does is mostly waited for, and it builds the page that the browser's tests see. Only now: building
    // writes what is generated.
    await Promise.all([checkSources(), check('start', () => provesRestarts())]);
    await suite('core', karma, () => ng('test', 'core'));
    await suite('web', karma, () => ng('test', 'web'));
    await suite('server', jasmine, () =>
      command(
        process.execPath,
        ['--import', 'tsx', at('node_modules/jasmine/bin/jasmine.js'), '--config=packages/server/jasmine.json', '--parallel=2'],
        { env },
      ),
    );
    // The demo firm by itself, as `npm start` has it, not beside the hundred firms that the server's specs founded.
    await suite('browser', playwright, () =>
      withDatabase(programs, `browser-${process.pid}`, async (own) => {
        const webRoot = await buildWeb();
        await loadDemo(own.adminUrl, { YELLOWWOOD_CLOCK: clock });
        const port = await freePort();
        const shared = {
          YELLOWWOOD_CLOCK: clock,
          SESSION_SECRET: 'the same after a restart',
          SIGN_IN_TRIES: '1000',
          LOG_LEVEL: 'error',
        };
        const addresses = { DATABASE_URL: own.url, DATABASE_ADMIN_URL: own.adminUrl };
        return command(bin('playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
          env: { ...env, ...addresses, ...shared, PORT: String(port), WEB_ROOT: webRoot },
        });
      }),
    );
  } finally {
    await database.stop();
    rmSync(home, { recursive: true, force: true });
  }
  say(`\nIn ${Math.round((Date.now() - start) / 1000)} s.`);
  say(`${counts.passed} passed, ${counts.failed} failed`);
  // At once: what a part that failed has left open must not keep whoever waits for the result.
  process.exit(counts.failed > 0 || counts.passed === 0 ? 1 : 0);
});
