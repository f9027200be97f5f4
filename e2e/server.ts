import { spawn } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const root = path.resolve(import.meta.dirname, '..');
const pidFile = path.join(root, 'test-results', `.server-${process.env['PORT']}`);

/** Starts the real server on the built page and waits until it is ready. */
export async function startServer(clock: string): Promise<void> {
  const child = spawn(process.execPath, ['--import', 'tsx', 'packages/server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, YELLOWWOOD_CLOCK: clock },
    stdio: 'inherit',
    detached: true,
  });
  child.unref();
  writeFileSync(pidFile, String(child.pid));
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
}

/** Ends the server that was started last, at once or in good order. */
export async function stopServer(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
  if (!existsSync(pidFile)) return;
  const pid = Number(readFileSync(pidFile, 'utf8'));
  try {
    process.kill(pid, signal);
  } catch {
    return;
  }
  while (
    await fetch(`http://127.0.0.1:${process.env['PORT']}/readyz`).then(
      () => true,
      () => false,
    )
  )
    await new Promise((resolve) => setTimeout(resolve, 50));
}
