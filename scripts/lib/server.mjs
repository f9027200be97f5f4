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

/**
 * Starts the server and waits until it is ready.
 * @returns its address and how to stop it
 */
export async function startServer({ port, url, webRoot, env = {}, watch = false }) {
  const child = spawn(
    process.execPath,
    [...(watch ? ['--watch', '--watch-preserve-output'] : []), ...typescript('packages/server/src/main.ts')],
    {
      cwd: root,
      env: {
        ...process.env,
        SESSION_SECRET: process.env.SESSION_SECRET ?? randomBytes(24).toString('hex'),
        ...env,
        PORT: String(port),
        DATABASE_URL: url,
        ...(webRoot ? { WEB_ROOT: webRoot } : {}),
      },
      stdio: ['ignore', 'inherit', 'pipe'],
    },
  );
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
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; ; tries += 1) {
    if (ended) {
      if (log.includes('EADDRINUSE')) throw new Sentence(`Port ${port} is in use. Set PORT to another one and try again.`);
      throw new Sentence(`The server did not start:\n${log}`);
    }
    const ready = await fetch(`${address}/readyz`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (ready) break;
    if (tries > 400) {
      child.kill('SIGTERM');
      await end;
      throw new Sentence(
        `The server was not ready at ${address} within 40 seconds. ${log || 'Some ports are closed to browsers; set PORT to another one and try again.'}`,
      );
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  return {
    address,
    child,
    end,
    /** How it ended, and the last that it said. */
    how: () => how,
    reason: () => log.trim().split('\n').slice(-12).join('\n') || 'nothing',
    async stop(signal = 'SIGTERM') {
      if (!ended) child.kill(signal);
      await end;
    },
  };
}
