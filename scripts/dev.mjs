// npm run dev: the server restarts and the page is built anew when a file changes.
import { spawn } from 'node:child_process';
import { clusterHome, startCluster } from './lib/cluster.mjs';
import { generateFromContracts } from './lib/build.mjs';
import { checkNode, ensurePostgres, installPackages } from './lib/install.mjs';
import { at, root } from './lib/paths.mjs';
import { run, say } from './lib/say.mjs';
import { loadDemo, migrate, startCatcher, startServer, startWorker, stopProcesses } from './lib/server.mjs';

await run(async () => {
  checkNode();
  await installPackages();
  await generateFromContracts();
  const database = await startCluster({ home: await clusterHome('database'), programs: await ensurePostgres() });
  await migrate(database.adminUrl);
  await loadDemo(database.adminUrl);
  const building = spawn(
    process.execPath,
    [at('node_modules/@angular/cli/bin/ng.js'), 'build', 'web', '--configuration', 'development', '--watch'],
    {
      cwd: root,
      stdio: ['ignore', 'pipe', 'inherit'],
    },
  );
  let built;
  const first = new Promise((resolve) => (built = resolve));
  building.stdout.on('data', (chunk) => {
    process.stdout.write(chunk);
    if (String(chunk).includes('bundle generation complete')) built();
  });
  await first;
  const catcher = await startCatcher();
  const shared = {
    port: Number(process.env.PORT ?? 4170),
    url: database.url,
    env: { SESSION_SECRET: database.secrets.session, ...catcher.env },
  };
  const server = await startServer({ ...shared, webRoot: at('dist/web'), watch: true });
  await startWorker(shared);
  say(`Yellowwood, rebuilt as you type: ${server.address}`);
  const stop = async () => {
    building.kill('SIGTERM');
    await stopProcesses();
    await database.stop();
    process.exit(0);
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  await server.end;
});
