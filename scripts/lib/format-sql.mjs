import { readFileSync, writeFileSync } from 'node:fs';
import { format } from 'sql-formatter';
import { filesBelow } from './build.mjs';
import { at } from './paths.mjs';

const OPTIONS = {
  language: 'postgresql',
  keywordCase: 'lower',
  dataTypeCase: 'lower',
  functionCase: 'lower',
  identifierCase: 'preserve',
  expressionWidth: 80,
  linesBetweenQueries: 1,
  // The parameters of typed queries, with `!` where none may be missing.
  paramTypes: { custom: [{ regex: ':[a-zA-Z][a-zA-Z0-9]*!?' }] },
};

// A function or block with its body between dollar signs is left as it is written: no formatter reads what stands inside.
const BODY = /^(?:create (?:or replace )?function|do)\b[\s\S]*?\$\$[\s\S]*?\$\$[^;]*;/gm;

/** A file of SQL as it should stand. */
function formatted(text) {
  const bodies = text.match(BODY) ?? [];
  const between = text.split(BODY).map((part) =>
    part
      .split(/(?=\/\* @name )/)
      .map((query) => format(query, OPTIONS).trim())
      .filter(Boolean)
      .join('\n\n'),
  );
  const parts = between.flatMap((part, index) => [part, bodies[index] ?? '']).filter(Boolean);
  // A comment stands right above what it is about.
  return `${parts.reduce((all, part) => all + (/(^|\n)--.*$/.test(all) ? '\n' : '\n\n') + part)}\n`;
}

/** All files of SQL in the project. */
function sqlFiles() {
  return ['packages/server/src', 'packages/server/migrations', 'bench']
    .flatMap((folder) => filesBelow(at(folder)))
    .filter((file) => file.endsWith('.sql'));
}

/**
 * Formats every file of SQL.
 * @param write whether to write what differs
 * @returns the files that differ, and lines that are too long
 */
export function formatSql(write) {
  const wrong = [];
  for (const file of sqlFiles()) {
    const text = readFileSync(file, 'utf8');
    const wanted = formatted(text);
    if (text !== wanted) {
      if (write) writeFileSync(file, wanted);
      else wrong.push(`${file}: not formatted`);
    }
    (write ? wanted : text).split('\n').forEach((line, index) => {
      if (line.length > 120) wrong.push(`${file}:${index + 1}: longer than 120 letters`);
    });
  }
  return wrong;
}
