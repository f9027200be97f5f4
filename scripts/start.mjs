// npm start: installs what is missing, builds, starts the database, migrates, loads the demo firm when
// the database is empty, serves, and says where and how to sign in.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildWeb, contentHash } from './lib/build.mjs';
import { clusterHome, startCluster } from './lib/cluster.mjs';
import { checkNode, ensurePostgres, installPackages } from './lib/install.mjs';
import { at } from './lib/paths.mjs';
import { Sentence, run, say } from './lib/say.mjs';
import { loadDemo, migrate, startCatcher, startServer, startWorker, stopProcesses } from './lib/server.mjs';

/** The database that was named, or one of our own. */
export async function openDatabase(fresh) {
  const { DATABASE_URL, DATABASE_ADMIN_URL } = process.env;
  if (DATABASE_URL || DATABASE_ADMIN_URL) {
    if (!DATABASE_URL || !DATABASE_ADMIN_URL)
      throw new Sentence('Set DATABASE_URL (role yellowwood_app) and DATABASE_ADMIN_URL (role yellowwood_owner) together.');
    if (fresh) throw new Sentence('--fresh throws away only a database that this command made itself.');
    return { url: DATABASE_URL, adminUrl: DATABASE_ADMIN_URL, secrets: {}, stop: async () => undefined };
  }
  const programs = await ensurePostgres();
  const home = await clusterHome(process.env.YELLOWWOOD_DATABASE ?? 'database');
  if (fresh && existsSync(path.join(home, 'cluster'))) {
    say('Throwing the demo data away …');
    rmSync(path.join(home, 'cluster'), { recursive: true, force: true });
    rmSync(path.join(home, 'prepared'), { force: true });
  }
  say('Starting PostgreSQL on loopback …');
  const cluster = await startCluster({
    home,
    programs,
    died: (reason) => say(`PostgreSQL ended by itself and is started again. It said:\n${reason}`),
  });
  return { ...cluster, stamp: path.join(home, 'prepared') };
}

/** Migrates and loads the demo firm, unless just this was done on this database before. */
async function prepare(database, demo) {
  const wanted = `${contentHash(['packages/server/migrations'])} ${demo}`;
  if (database.stamp && existsSync(database.stamp) && readFileSync(database.stamp, 'utf8') === wanted) return;
  await migrate(database.adminUrl);
  if (demo) {
    say('Looking for the demo firm; loading it takes half a minute the first time …');
    await loadDemo(database.adminUrl);
  }
  if (database.stamp) writeFileSync(database.stamp, wanted);
}

await run(async () => {
  checkNode();
  const fresh = process.argv.includes('--fresh');
  await installPackages();
  const building = buildWeb();
  building.catch(() => undefined);
  const database = await openDatabase(fresh);
  let stopping = false;
  const stop = async () => {
    if (stopping) return;
    stopping = true;
    await stopProcesses();
    await database.stop();
    process.exit(process.exitCode ?? 0);
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  try {
    const demo = process.env.YELLOWWOOD_DEMO !== 'off';
    await prepare(database, demo);
    const webRoot = await building;
    const port = Number(process.env.PORT ?? 4170);
    const secret = database.secrets.session ? { SESSION_SECRET: process.env.SESSION_SECRET ?? database.secrets.session } : {};
    // Only with the demo: a stranger would read there what lets its readers in.
    const catcher = demo && (await startCatcher());
    const env = { ...secret, ...(catcher && catcher.env) };
    const startOurServer = () => startServer({ port, url: database.url, webRoot, env });
    const startOurWorker = () => startWorker({ port, url: database.url, env });
    const server = await startOurServer();
    const worker = await startOurWorker();
    say(`\nYellowwood is ready: ${server.address}`);
    if (catcher && catcher.env.MAIL_PAGE) say(`Messages that the demo sends: ${catcher.env.MAIL_PAGE}`);
    else if (!process.env.SMTP_URL) say('Messages are told here; set SMTP_URL and MAIL_FROM, and they go to people.');
    if (demo) {
      const signIns = [
        ...readFileSync(at('packages/server/src/people/demo-sign-ins.ts'), 'utf8').matchAll(
          /role: '([\w ]+)', name: '[^']+', email: '([^']+)', password: '([^']+)'/g,
        ),
      ];
      say('Sign in as one of the demo firm (the sign-in page lists them too):');
      for (const [, role, email, password] of signIns) say(`  ${role.padEnd(16)} ${email}  ${password}`);
    }
    say('\nStop with Ctrl+C.');
    // What ends by itself is started again, with the reason shown, also when it ends while it begins; what keeps ending
    // ends all.
    const kept = async (name, first, again, begun) => {
      const ends = [];
      const ended = (told) => {
        ends.push(Date.now());
        if (ends.filter((at) => at > Date.now() - 60_000).length > 5)
          throw new Sentence(`The ${name} ended by itself again and again:\n${told}`);
        say(told);
      };
      for (let one = first; ;) {
        await one?.end;
        if (stopping) return;
        if (one) ended(`The ${name} ended by itself (${one.how()}) and is started again. It said:\n${one.reason()}`);
        try {
          one = await again();
          begun?.(one);
        } catch (error) {
          if (stopping) return;
          one = undefined;
          ended(`The ${name} is started once more. ${error.message}`);
        }
      }
    };
    await Promise.all([
      kept('server', server, startOurServer, ({ address }) => say(`Yellowwood is ready again: ${address}`)),
      kept('worker', worker, startOurWorker),
    ]);
  } catch (error) {
    if (!stopping) {
      process.exitCode = 1;
      process.stderr.write(`${error instanceof Sentence ? error.message : error.stack}\n`);
    }
  }
  await stop();
});
