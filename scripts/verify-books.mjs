// npm run verify-books: recomputes every stored figure from the recorded time and names the differences.
import { clusterHome, startCluster } from './lib/cluster.mjs';
import { command, typescript } from './lib/command.mjs';
import { checkNode, ensurePostgres, installPackages } from './lib/install.mjs';
import { Sentence, run } from './lib/say.mjs';

await run(async () => {
  checkNode();
  await installPackages();
  const given = process.env.DATABASE_ADMIN_URL;
  const database = given
    ? null
    : await startCluster({ home: await clusterHome('database'), programs: await ensurePostgres() }).catch((error) => {
        throw error.message.includes('already running')
          ? new Sentence(`${error.message} Or set DATABASE_ADMIN_URL to the running one.`)
          : error;
      });
  try {
    await command(process.execPath, typescript('packages/server/src/verify.ts'), {
      env: { DATABASE_ADMIN_URL: given ?? database.adminUrl },
      quiet: false,
    });
  } finally {
    await database?.stop();
  }
});
