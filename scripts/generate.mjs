// npm run generate: writes the typed queries from the live schema and what comes from the contracts.
import { rmSync } from 'node:fs';
import { clusterHome, startCluster } from './lib/cluster.mjs';
import { generateFromContracts } from './lib/build.mjs';
import { command } from './lib/command.mjs';
import { checkNode, ensurePostgres, installPackages } from './lib/install.mjs';
import { at } from './lib/paths.mjs';
import { run, say } from './lib/say.mjs';
import { migrate } from './lib/server.mjs';

/** Writes the typed queries of every .sql file into packages/server/src/generated. */
export function generateQueries(adminUrl) {
  rmSync(at('packages/server/src/generated'), { recursive: true, force: true });
  return command(process.execPath, [at('node_modules/@pgtyped/cli/lib/index.js'), '-c', 'pgtyped.json', '--uri', adminUrl]);
}

if (process.argv[1] === at('scripts/generate.mjs')) {
  await run(async () => {
    checkNode();
    await installPackages();
    const programs = await ensurePostgres();
    const home = await clusterHome(`generate-${process.pid}`);
    const database = await startCluster({ home, programs, throwaway: true });
    try {
      await migrate(database.adminUrl);
      await generateQueries(database.adminUrl);
      await generateFromContracts();
      say('Queries, checks and the API description are written.');
    } finally {
      await database.stop();
      rmSync(home, { recursive: true, force: true });
    }
  });
}
