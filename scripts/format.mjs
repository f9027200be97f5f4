// npm run format: formats what is written by hand. SQL by sql-formatter, everything else by prettier.
// `npm run format -- --check` only says which files differ.
import { command } from './lib/command.mjs';
import { installPackages } from './lib/install.mjs';
import { at } from './lib/paths.mjs';
import { Sentence, run } from './lib/say.mjs';

const check = process.argv.includes('--check');

await run(async () => {
  await installPackages();
  await command(at('node_modules/.bin/prettier'), [check ? '--check' : '--write', '--log-level', 'warn', '.']);
  // What is loaded before the packages are installed must need none of them.
  const { formatSql } = await import('./lib/format-sql.mjs');
  const left = formatSql(!check);
  if (left.length > 0) throw new Sentence([...(check ? ['Run `npm run format`:'] : []), ...left.slice(0, 20)].join('\n'));
});
