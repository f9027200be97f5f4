// npm run mutants: takes things out of the code one at a time and says which of them no test misses.
// `npm run mutants core [files]` has Stryker do it to the core; `npm run mutants server [count] [seed]` takes
// conditions, calls and clauses of queries out of the server and the database, and runs the specs of their domain;
// `npm run mutants page [count] [seed]` takes conditions and calls out of the page, in its code and its templates.
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { filesBelow } from './lib/build.mjs';
import { withDatabase } from './lib/cluster.mjs';
import { command } from './lib/command.mjs';
import { ensureChromium, ensurePostgres } from './lib/install.mjs';
import { at } from './lib/paths.mjs';
import { Sentence, run, say } from './lib/say.mjs';
import { generateQueries } from './generate.mjs';

const [what = 'server', ...rest] = process.argv.slice(2);

/** Numbers that are the same for the same seed. */
function dice(seed) {
  let state = seed;
  return (sides) => (state = (state * 48_271) % 2_147_483_647) % sides;
}

/**
 * Lines that can be taken out by themselves: a refusal, a call that is waited for, a condition of a query. Calls of
 * `locking()` are not among them: they say an order and hold nothing.
 */
const TAKEN_OUT = {
  ts: (line) => /^\s+(if \(.*\) (throw|return|continue)\b.*;|await \w[\w.]*\(.*\);)$/.test(line),
  sql: (line) => /^\s+and [^()]*(\([^()]*\))?[^()]*;?$/.test(line) && !/ between /.test(line),
  html: (line) => /^\s*@if \(.*\) \{$/.test(line),
};

function withOut(kind, line) {
  if (kind === 'html') return line.replace(/@if \(.*\) \{/, '@if (true) {');
  return kind === 'sql' && line.trimEnd().endsWith(';') ? '  ;' : '';
}

const isSource = (file) => /\.(ts|sql|html)$/.test(file) && !/\.spec\.ts$|\/(testing|generated)\//.test(file);

/** Where things are taken out, by what is asked for. */
const FILES = {
  server: () => [
    ...filesBelow(at('packages/server/src')).filter((file) => isSource(file) && !/\/(main|migrate)\.ts$/.test(file)),
    ...filesBelow(at('packages/server/migrations')),
  ],
  page: () => filesBelow(at('packages/web/src/app')).filter(isSource),
};

/** Every place at which something can be taken out. */
function places() {
  return FILES[what]().flatMap((file) => {
    const kind = path.extname(file).slice(1);
    return readFileSync(file, 'utf8')
      .split('\n')
      .flatMap((line, index) => (TAKEN_OUT[kind]?.(line) ? [{ file, kind, index, line: line.trim() }] : []));
  });
}

/** The specs that must notice: those of the domain, and those that go through all of it. */
function specsFor({ file }) {
  const domain = /packages\/server\/src\/(\w+)\//.exec(path.relative(at(), file).replaceAll('\\', '/'))?.[1];
  const specs = filesBelow(at('packages/server/src')).filter(
    (one) => one.endsWith('.spec.ts') && !one.endsWith('killed.spec.ts'),
  );
  const through = specs.filter((one) => path.dirname(one) === at('packages/server/src'));
  const own = domain ? specs.filter((one) => one.includes(`/src/${domain}/`)) : specs.filter((one) => !through.includes(one));
  // Its own first: most of what is taken out is missed at once.
  return [...own, ...through];
}

/** Runs the tests that must fail. @throws what they say */
async function tests(place, { programs, chromium }) {
  if (what === 'page') {
    const ng = at('node_modules/@angular/cli/bin/ng.js');
    await command(process.execPath, [ng, 'test', 'web'], { env: { CHROME_BIN: chromium, NG_CLI_ANALYTICS: 'false' } });
    return;
  }
  await withDatabase(programs, `mutants-${process.pid}`, async ({ url, adminUrl }) => {
    if (place.kind === 'sql' && !place.file.includes('/migrations/')) await generateQueries(adminUrl);
    const jasmine = [
      'node_modules/jasmine/bin/jasmine.js',
      '--config=packages/server/jasmine.json',
      '--fail-fast',
      '--random=false',
    ];
    await command(process.execPath, ['--import', 'tsx', ...jasmine, ...specsFor(place)], {
      env: { DATABASE_URL: url, DATABASE_ADMIN_URL: adminUrl, STEPS: '100' },
    });
  });
}

/** The file without one line, until the work is done, whatever happens to it. */
async function without(place, work) {
  const before = readFileSync(place.file, 'utf8');
  const restore = () => writeFileSync(place.file, before);
  const interrupted = () => (restore(), process.exit(1));
  for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, interrupted);
  const lines = before.split('\n');
  lines[place.index] = withOut(place.kind, lines[place.index]);
  writeFileSync(place.file, lines.join('\n'));
  try {
    return await work();
  } finally {
    restore();
    for (const signal of ['SIGINT', 'SIGTERM']) process.off(signal, interrupted);
  }
}

await run(async () => {
  if (what === 'core') {
    await command(at('node_modules/.bin/stryker'), ['run', ...(rest.length > 0 ? ['--mutate', rest.join(',')] : [])], {
      quiet: false,
    });
    return;
  }
  if (!FILES[what]) throw new Sentence('Say `npm run mutants core`, or `server` or `page` with a count and a seed.');
  const [count = 24, seed = 1] = rest.map(Number);
  const roll = dice(seed);
  const all = places();
  const tools = { programs: await ensurePostgres(), chromium: await ensureChromium() };
  const outcomes = [];
  for (let index = 0; index < count; index += 1) {
    const place = all[roll(all.length)];
    const where = `${path.relative(at(), place.file)}:${place.index + 1}  ${place.line}`;
    const outcome = await without(place, () =>
      tests(place, tools).then(
        () => 'SURVIVED',
        // Only a test that fails has missed it: what cannot even be run says nothing.
        (error) => (/[1-9]\d* failures?\b|\(\d+ FAILED\)/.test(error.message) ? 'missed' : 'broken'),
      ),
    );
    outcomes.push({ outcome, where });
    say(`${outcome.padEnd(8)}  ${where}`);
  }
  if (what === 'server')
    await withDatabase(tools.programs, `mutants-${process.pid}`, ({ adminUrl }) => generateQueries(adminUrl));
  const of = (outcome) => outcomes.filter((one) => one.outcome === outcome);
  const [missed, survived] = [of('missed'), of('SURVIVED')];
  say(`${missed.length} of ${missed.length + survived.length} were missed, ${of('broken').length} could not be run.`);
  say(`There are ${all.length} places in all.`);
  if (survived.length > 0) throw new Sentence(`Nothing misses:\n${survived.map((one) => one.where).join('\n')}`);
});
