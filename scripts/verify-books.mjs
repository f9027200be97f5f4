// npm run verify-books: recomputes every stored figure from the recorded time and names the differences.
import { clusterHome, runningCluster, startCluster } from './lib/cluster.mjs';
import { command, typescript } from './lib/command.mjs';
import { checkNode, ensurePostgres, installPackages } from './lib/install.mjs';
import { run } from './lib/say.mjs';

await run(async () => {
  checkNode();
  await installPackages();
  const given = process.env.DATABASE_ADMIN_URL;
  const home = await clusterHome('database');
  // Beside a running server it reads the same database, in one reading transaction a firm.
  const running = given ? undefined : runningCluster(home);
  const database = given || running ? null : await startCluster({ home, programs: await ensurePostgres() });
  try {
    await command(process.execPath, typescript('packages/server/src/verify.ts'), {
      env: { DATABASE_ADMIN_URL: given ?? (running ?? database).adminUrl },
      quiet: false,
    });
  } finally {
    await database?.stop();
  }
});
