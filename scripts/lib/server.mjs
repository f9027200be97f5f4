import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { command, typescript } from './command.mjs';
import { root } from './paths.mjs';
import { Sentence } from './say.mjs';

/** Brings the database to the newest shape. */
export function migrate(adminUrl) {
  return command(process.execPath, typescript('packages/server/src/migrate.ts'), { env: { DATABASE_ADMIN_URL: adminUrl } });
}

/** Loads the demo firm where it is not there yet. @returns whether it was loaded now */
export async function loadDemo(adminUrl, env = {}) {
  const output = await command(process.execPath, typescript('packages/demo/src/main.ts'), {
    env: { DATABASE_ADMIN_URL: adminUrl, ...env },
  });
  return output.includes('loaded');
}

/** What was started and has not ended, the oldest first. */
const running = new Set();

/** Stops each process that was started here, also one that is only beginning, the newest first. */
export async function stopProcesses() {
  for (const one of [...running].reverse()) await one.stop();
}

/** Starts one of our processes. @returns when and how it ends, the last that it said, and how to stop it */
function startProcess(script, env, { watch = false, stdio = ['ignore', 'inherit', 'pipe'] } = {}) {
  const child = spawn(process.execPath, [...(watch ? ['--watch', '--watch-preserve-output'] : []), ...typescript(script)], {
    cwd: root,
    env: { ...process.env, ...env },
    stdio,
  });
  let log = '';
  child.stderr.on('data', (chunk) => {
    log = (log + chunk).slice(-8000);
    if (watch) process.stderr.write(chunk);
  });
  let ended = false;
  let how = '';
  const end = new Promise((resolve) =>
    child.on('exit', (code, signal) => {
      how = signal ? `by ${signal}` : `with code ${code}`;
      resolve((ended = true));
    }),
  );
  const started = {
    child,
    end,
    ended: () => ended,
    log: () => log,
    /** How it ended, and the last that it said. */
    how: () => how,
    reason: () => log.trim().split('\n').slice(-12).join('\n') || 'nothing',
    async stop(signal = 'SIGTERM') {
      if (!ended) child.kill(signal);
      await end;
    },
  };
  running.add(started);
  void end.then(() => running.delete(started));
  return started;
}

/**
 * Starts the server and waits until it is ready.
 * @returns its address and how to stop it
 */
export async function startServer({ port, url, webRoot, env = {}, watch = false }) {
  const told = {
    SESSION_SECRET: process.env.SESSION_SECRET ?? randomBytes(24).toString('hex'),
    ...env,
    PORT: String(port),
    DATABASE_URL: url,
    ...(webRoot ? { WEB_ROOT: webRoot } : {}),
  };
  const server = startProcess('packages/server/src/main.ts', told, { watch });
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; ; tries += 1) {
    const log = server.log();
    if (server.ended()) {
      if (log.includes('EADDRINUSE')) throw new Sentence(`Port ${port} is in use. Set PORT to another one and try again.`);
      throw new Sentence(`The server did not start:\n${log}`);
    }
    const ready = await fetch(`${address}/readyz`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (ready) break;
    if (tries > 400) {
      await server.stop();
      throw new Sentence(
        `The server was not ready at ${address} within 40 seconds. ${log || 'Some ports are closed to browsers; set PORT to another one and try again.'}`,
      );
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return { address, ...server };
}

/** Starts a process beside the server and waits for what it says once it is ready. */
async function startBeside(script, env) {
  const beside = startProcess(script, env, { stdio: ['ignore', 'inherit', 'pipe', 'ipc'] });
  const said = await Promise.race([new Promise((resolve) => beside.child.once('message', resolve)), beside.end]);
  if (beside.ended()) throw new Sentence(`${script} did not start:\n${beside.log()}`);
  return { said, ...beside };
}

/** The worker, which does what may wait: messages. */
export function startWorker({ port, url, env = {} }) {
  return startBeside('packages/server/src/worker.ts', { ...env, PORT: String(port), DATABASE_URL: url });
}

/**
 * The mail catcher of the demo, where no mail server is named.
 * @returns what the worker and the server are told of it, and how to stop it
 */
export async function startCatcher() {
  if (process.env.SMTP_URL) return { env: {}, stop: async () => undefined };
  const catcher = await startBeside('packages/stand-ins/src/main.ts', {});
  const env = { SMTP_URL: catcher.said.smtpUrl, MAIL_PAGE: catcher.said.page, TEXT_GATEWAY: 'text.example' };
  return { env, stop: catcher.stop };
}
