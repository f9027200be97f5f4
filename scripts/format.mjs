// npm run format: formats what is written by hand. SQL by sql-formatter, everything else by prettier.
import { command } from './lib/command.mjs';
import { formatSql } from './lib/format-sql.mjs';
import { at } from './lib/paths.mjs';
import { Sentence, run } from './lib/say.mjs';

await run(async () => {
  await command(at('node_modules/.bin/prettier'), ['--write', '--log-level', 'warn', '.']);
  const left = formatSql(true);
  if (left.length > 0) throw new Sentence(left.join('\n'));
});
