import { spawn } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { buildWeb } from './build.mjs';
import { clusterHome, freePort } from './cluster.mjs';
import { at } from './paths.mjs';

const PATIENCE = 120_000;

/** Asks until it is so. @throws Error saying what was waited for */
async function until(what, is) {
  for (const end = Date.now() + PATIENCE; Date.now() < end;) {
    if (await is()) return;
    await sleep(100);
  }
  throw new Error(`waited in vain: ${what}`);
}

/** The processes that a process has started. */
function childrenOf(pid) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .flatMap((name) => {
      try {
        const parent = Number(readFileSync(`/proc/${name}/stat`, 'utf8').split(') ')[1].split(' ')[1]);
        return parent === pid ? [{ pid: Number(name), line: readFileSync(`/proc/${name}/cmdline`, 'utf8') }] : [];
      } catch {
        return [];
      }
    });
}

/**
 * What `npm start` has started is started again when it dies, with the reason shown, and ends with it.
 * @throws Error with what it said when it does not
 */
export async function provesRestarts() {
  await buildWeb();
  const name = `start-${process.pid}`;
  const home = await clusterHome(name);
  const port = await freePort();
  const env = { ...process.env, PORT: String(port), YELLOWWOOD_DEMO: 'off', YELLOWWOOD_DATABASE: name };
  delete env.DATABASE_URL;
  delete env.DATABASE_ADMIN_URL;
  const start = spawn(process.execPath, [at('scripts/start.mjs')], { env, stdio: ['ignore', 'pipe', 'pipe'] });
  // Its end, and that of whatever holds its output: a process that it left behind is seen, not waited for without end.
  const code = new Promise((resolve) => start.on('exit', resolve));
  const closed = new Promise((resolve) => start.on('close', () => resolve(true)));
  const ended = async () => {
    const result = await code;
    const alone = await Promise.race([closed, sleep(10_000, false, { ref: false })]);
    if (!alone) {
      start.stdout.destroy();
      start.stderr.destroy();
      throw new Error('it left a process behind');
    }
    return result;
  };
  let said = '';
  for (const stream of [start.stdout, start.stderr]) stream.on('data', (chunk) => (said += chunk));
  const worker = () => childrenOf(start.pid).find(({ line }) => line.includes('packages/server/src/worker.ts'));
  const answers = () =>
    fetch(`http://127.0.0.1:${port}/readyz`).then(
      (answer) => answer.ok,
      () => false,
    );
  try {
    await until('ready', () => said.includes('Stop with Ctrl+C'));
    // No specification of the server has a database without a firm: here is one.
    const { founding } = await fetch(`http://127.0.0.1:${port}/api/session`).then((answer) => answer.json());
    if (founding !== 'first') throw new Error('a database without a firm does not open on founding');
    const server = childrenOf(start.pid).find(({ line }) => line.includes('packages/server/src/main.ts'));
    process.kill(server.pid, 'SIGKILL');
    await until('the server is started again', () => said.includes('Yellowwood is ready again'));
    if (!/The server ended by itself \(by SIGKILL\)/.test(said)) throw new Error('the reason is not shown');
    if (!(await answers())) throw new Error('the server does not answer again');
    process.kill(worker().pid, 'SIGKILL');
    await until('the worker is started again', () => /The worker ended by itself \(by SIGKILL\)/.test(said));
    const postmaster = Number(readFileSync(path.join(home, 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]);
    process.kill(postmaster, 'SIGQUIT');
    await until('the database is told to be started again', () =>
      said.includes('PostgreSQL ended by itself and is started again'),
    );
    await until('the database answers again', answers);
    // What ends while it begins is begun again; and stopping ends also what is only beginning.
    await until('the worker is there', worker);
    process.kill(worker().pid, 'SIGKILL');
    await until('the worker begins again', () => said.split(/The worker (?:ended by itself|is started once more)/).length > 2);
    await until('the worker is beginning', worker);
    start.kill('SIGTERM');
    if ((await ended()) !== 0) throw new Error('it did not end well');
    if (existsSync(path.join(home, 'cluster', 'postmaster.pid'))) throw new Error('it left its database running');
  } catch (error) {
    start.kill('SIGTERM');
    await ended().catch(() => undefined);
    throw new Error(`${error.message}\n${said}`);
  } finally {
    rmSync(home, { recursive: true, force: true });
  }
}
