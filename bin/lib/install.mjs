import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ask, hashOf, isRoot, root, runOrFail, say, Trouble } from './run.mjs';

const stamp = path.join(root, 'node_modules/.lorbet-lock');

/** Installs the npm packages of the lock file, when they aren't those already. */
export function ensurePackages() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 9))
    throw new Trouble(`Node ${process.versions.node} is too old; install Node 20.9 or newer.`);
  const wanted = hashOf(['package-lock.json']);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('installing npm packages …');
  runOrFail(
    'npm',
    ['ci', '--no-audit', '--loglevel=error'],
    'The npm packages could not be installed; look at the lines above, and whether the npm registry can be reached',
  );
  writeFileSync(stamp, wanted);
}

let listed = false;
/** Installs Debian packages when this user may, else says what to install. */
function ensureDebian(what, packages) {
  if (!isRoot || ask('apt-get', ['--version']).status !== 0)
    throw new Trouble(`${what} is missing; install it first, on Debian as root: apt-get install ${packages.join(' ')}.`);
  say(`installing ${what} from Debian’s packages …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  if (!listed) ask('apt-get', ['update'], { env });
  listed = true;
  const done = ask('apt-get', ['install', '-y', '--no-install-recommends', ...packages], { env });
  if (done.status !== 0)
    throw new Trouble(
      `${what} could not be installed: ${done.out.split('\n').slice(-1)[0]}; install it by hand: apt-get install ${packages.join(' ')}.`,
    );
}

function postgresBin() {
  const base = '/usr/lib/postgresql';
  const versions = existsSync(base)
    ? readdirSync(base)
        .filter((name) => /^\d+$/.test(name))
        .sort((a, b) => Number(b) - Number(a))
    : [];
  const bins = [...versions.map((version) => path.join(base, version, 'bin')), ...(process.env.PATH ?? '').split(':')];
  return bins.find((bin) => ['initdb', 'pg_ctl', 'postgres'].every((name) => existsSync(path.join(bin, name))));
}

/** @returns the path of one of PostgreSQL's programs, such as pg_dump */
export const postgresProgram = (name) => path.join(ensurePostgres(), name);

/** @returns the folder of PostgreSQL's programs, installed when missing */
export function ensurePostgres() {
  if (!postgresBin()) ensureDebian('PostgreSQL', ['postgresql']);
  const bin = postgresBin();
  if (!bin)
    throw new Trouble(
      'PostgreSQL was installed but its programs were not found; look for initdb and put its folder on the PATH.',
    );
  return bin;
}

/** @returns the path of Debian's Chromium, installed when missing (browser tests only) */
export function ensureChromium() {
  const chromium = '/usr/bin/chromium';
  if (!existsSync(chromium)) ensureDebian('Chromium', ['chromium']);
  return chromium;
}

const unpacked = path.join(root, 'node_modules/.lorbet-caddy');
/**
 * Debian's Caddy, unpacked and not installed: an installed one would start a service of its own that listens on port 80.
 * Needs no root. @returns the path of the program (only where the workshop's network is opened)
 */
export function ensureCaddy() {
  const found = ['/usr/bin/caddy', path.join(unpacked, 'usr/bin/caddy')].find((file) => existsSync(file));
  if (found) return found;
  say('fetching Caddy from Debian’s packages …');
  mkdirSync(unpacked, { recursive: true });
  if (isRoot && !listed) ask('apt-get', ['update']);
  listed = true;
  const done = ask('apt-get', ['download', 'caddy'], { cwd: unpacked });
  const file = readdirSync(unpacked).find((name) => name.endsWith('.deb'));
  if (done.status !== 0 || !file || ask('dpkg-deb', ['-x', path.join(unpacked, file), unpacked]).status !== 0)
    throw new Trouble(
      `Caddy could not be fetched: ${done.out.split('\n').slice(-1)[0]}; put it at /usr/bin/caddy by hand, with its own service stopped.`,
    );
  return path.join(unpacked, 'usr/bin/caddy');
}
