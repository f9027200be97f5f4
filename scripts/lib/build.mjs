import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { command, typescript } from './command.mjs';
import { at, data } from './paths.mjs';
import { say } from './say.mjs';

const SOURCES = [
  'packages/web/src',
  'packages/web/public',
  'packages/core/src',
  'packages/contracts/src',
  'angular.json',
  'package-lock.json',
  'tsconfig.base.json',
  'packages/web/tsconfig.json',
  'packages/web/tsconfig.app.json',
];

/** All files below a folder, in a fixed order. */
export function filesBelow(folder) {
  if (statSync(folder).isFile()) return [folder];
  return readdirSync(folder, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => (entry.isDirectory() ? filesBelow(path.join(folder, entry.name)) : [path.join(folder, entry.name)]));
}

/** A hash of the contents of some files and folders. */
export function contentHash(sources) {
  const hash = createHash('sha256');
  for (const source of sources) {
    for (const file of filesBelow(at(source))) {
      if (file.endsWith('.spec.ts') || file.includes(`${path.sep}generated${path.sep}`)) continue;
      hash.update(file.slice(at().length)).update(readFileSync(file));
    }
  }
  return hash.digest('hex');
}

/** Writes what is generated from the contracts into the web client and docs/. */
export function generateFromContracts(webFolder = 'packages/web/src/app/api/generated', apiFile = 'docs/api/openapi.json') {
  return command(process.execPath, [...typescript('packages/contracts/src/generate.ts'), webFolder, apiFile]);
}

/**
 * Builds the page when its sources have changed since the last build.
 * @returns the folder of the built page
 */
export async function buildWeb() {
  const out = at('dist/web');
  const stamp = path.join(data, 'web-build');
  const wanted = contentHash(SOURCES);
  if (existsSync(path.join(out, 'index.html')) && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return out;
  say('Building the page …');
  await generateFromContracts();
  await command(process.execPath, [at('node_modules/@angular/cli/bin/ng.js'), 'build', 'web'], {
    env: { NG_CLI_ANALYTICS: 'false' },
  });
  compress(out);
  mkdirSync(data, { recursive: true });
  writeFileSync(stamp, wanted);
  return out;
}

/** Brotli and gzip beside every text file: they are sent as they lie there. */
function compress(folder) {
  for (const file of filesBelow(folder)) {
    if (!/\.(js|css|svg|json)$/.test(file)) continue;
    const content = readFileSync(file);
    writeFileSync(`${file}.br`, brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }));
    writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
  }
}
