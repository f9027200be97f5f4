import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import path from 'node:path';
import { command } from './command.mjs';
import { at } from './paths.mjs';
import { Sentence, say } from './say.mjs';

/** Refuses to go on with another Node than the one that everything is verified on. */
export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major !== 20 || minor < 19) {
    throw new Sentence(
      `Yellowwood needs Node 20.19 or a later 20; this is ${process.versions.node}. Install Node 20 and try again.`,
    );
  }
}

/** Installs the npm packages when the lock file has changed since the last time. */
export async function installPackages() {
  const stamp = at('node_modules', '.yellowwood-lock');
  const wanted = createHash('sha256')
    .update(readFileSync(at('package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('Installing the npm packages …');
  await command('npm', ['ci', '--no-audit', '--no-fund']);
  writeFileSync(stamp, wanted);
}

/** Where a program is, on the PATH. */
export function onPath(name) {
  for (const folder of (process.env.PATH ?? '').split(':')) {
    if (folder && existsSync(path.join(folder, name))) return path.join(folder, name);
  }
  return undefined;
}

/** The folder of the newest PostgreSQL server's programs; Debian keeps them off the PATH. */
export function postgresPrograms() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return undefined;
  const versions = readdirSync(base).filter((v) => existsSync(path.join(base, v, 'bin', 'initdb')));
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  return newest && path.join(base, newest, 'bin');
}

let listsUpdated = false;

/** Installs one of Debian's packages. */
async function installDebian(name, purpose) {
  if (process.getuid?.() !== 0) {
    throw new Sentence(`${purpose} is missing. Install it with \`sudo apt-get install ${name}\` and try again.`);
  }
  say(`Installing ${purpose} (Debian's package ${name}) …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  if (!listsUpdated) {
    await command('apt-get', ['update'], { env });
    listsUpdated = true;
  }
  await command('apt-get', ['install', '-y', '--no-install-recommends', name], { env });
}

export async function ensurePostgres() {
  if (!postgresPrograms()) await installDebian('postgresql', 'the PostgreSQL server');
  const found = postgresPrograms();
  if (!found) throw new Sentence('The PostgreSQL server was installed, but its programs are not in /usr/lib/postgresql.');
  return found;
}

export async function ensureChromium() {
  if (!onPath('chromium')) await installDebian('chromium', 'the Chromium browser');
  return onPath('chromium');
}

export async function ensurePoppler() {
  if (!onPath('pdftotext')) await installDebian('poppler-utils', 'the PDF reader of the tests');
}

/** The connection pooler that the tests put between several processes and one database. */
export async function ensurePgbouncer() {
  const find = () => onPath('pgbouncer') ?? (existsSync('/usr/sbin/pgbouncer') ? '/usr/sbin/pgbouncer' : undefined);
  if (!find()) await installDebian('pgbouncer', 'the connection pooler of the tests');
  return find();
}
