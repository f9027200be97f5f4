import { ChildProcess, spawn } from 'node:child_process';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const root = path.resolve(import.meta.dirname, '..');
const pidFile = (name: string) => path.join(root, 'test-results', `.${name}-${process.env['PORT']}`);

/** Starts one of our processes; it is ended by its name, from whichever process of the tests. */
function start(name: string, script: string, env: NodeJS.ProcessEnv, ipc = false): ChildProcess {
  const child = spawn(process.execPath, ['--import', 'tsx', script], {
    cwd: root,
    env: { ...process.env, ...env },
    stdio: ['ignore', 'inherit', 'inherit', ...(ipc ? (['ipc'] as const) : [])],
    detached: true,
  });
  child.unref();
  writeFileSync(pidFile(name), String(child.pid));
  return child;
}

/** What a process says once it is ready; from then on nobody listens. */
async function saidBy<T>(child: ChildProcess): Promise<T> {
  const said = await new Promise<T>((resolve, reject) => {
    child.once('message', (message) => resolve(message as T));
    child.once('exit', () => reject(new Error('it ended before it was ready')));
  });
  child.disconnect();
  return said;
}

function end(name: string, signal: NodeJS.Signals): boolean {
  if (!existsSync(pidFile(name))) return false;
  const pid = Number(readFileSync(pidFile(name), 'utf8'));
  rmSync(pidFile(name));
  try {
    process.kill(pid, signal);
    return true;
  } catch {
    return false;
  }
}

/** Starts the mail catcher; the tests are told where messages stand. */
export async function startPost(): Promise<void> {
  const catcher = start('catcher', 'packages/stand-ins/src/main.ts', {}, true);
  const { smtpUrl, page } = await saidBy<{ smtpUrl: string; page: string }>(catcher);
  process.env['SMTP_URL'] = smtpUrl;
  process.env['MAIL_PAGE'] = page;
}

export function stopPost(): void {
  end('catcher', 'SIGTERM');
}

/** Starts the real server on the built page, and the worker beside it, and waits until they are ready: both go by one clock. */
export async function startServer(clock: string): Promise<void> {
  start('server', 'packages/server/src/main.ts', { YELLOWWOOD_CLOCK: clock });
  const deadline = Date.now() + 30_000;
  while (
    !(await fetch(`http://127.0.0.1:${process.env['PORT']}/readyz`).then(
      (answer) => answer.ok,
      () => false,
    ))
  ) {
    if (Date.now() > deadline) throw new Error('the server was not ready within 30 seconds');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await saidBy(start('worker', 'packages/server/src/worker.ts', { YELLOWWOOD_CLOCK: clock }, true));
}

/** Ends the server that was started last, at once or in good order. */
export async function stopServer(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
  end('worker', signal);
  if (!end('server', signal)) return;
  while (
    await fetch(`http://127.0.0.1:${process.env['PORT']}/readyz`).then(
      () => true,
      () => false,
    )
  )
    await new Promise((resolve) => setTimeout(resolve, 50));
}
