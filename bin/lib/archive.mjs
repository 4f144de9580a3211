// Recovery to the minute: a base backup now and then, and every change since, in a folder that lies on another disk.
import { chownSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { postgresProgram } from './install.mjs';
import { ask, isRoot, start, Trouble } from './run.mjs';

/** How old the newest base backup may become, and how many are kept. */
const baseAgeMs = 24 * 3600 * 1000;
const basesKept = 7;
/** What was changed is in the archive after so long at the latest, s. */
const timeoutS = 60;
const segmentBytes = 16n * 1024n * 1024n;

/** The folder that LORBET_ARCHIVE names, made where it is missing; null where nothing is archived. */
export function archiveFolder() {
  const named = process.env.LORBET_ARCHIVE;
  if (!named) return null;
  // The path stands in a command of the database's.
  if (!path.isAbsolute(named) || !/^[\w./-]+$/.test(named))
    throw new Trouble(
      `LORBET_ARCHIVE is ${named}; allowed is an absolute path of letters, digits, point, hyphen and underscore.`,
    );
  const wal = path.join(named, 'wal');
  try {
    // Passed through by the database's user, who sees nothing of the base backups.
    mkdirSync(named, { recursive: true, mode: 0o711 });
    mkdirSync(wal, { recursive: true, mode: 0o700 });
  } catch (error) {
    throw new Trouble(
      `The archive ${named} can't be written (${error.code}); make it writable, or name another by LORBET_ARCHIVE.`,
    );
  }
  // The database itself writes there.
  if (isRoot) chownSync(wal, Number(ask('id', ['-u', 'postgres']).out), Number(ask('id', ['-g', 'postgres']).out));
  if (isRoot && ask('runuser', ['-u', 'postgres', '--', 'test', '-w', wal], { cwd: '/' }).status !== 0)
    throw new Trouble(`The user postgres can't write to ${wal}; let it pass through the folders above.`);
  return named;
}

/** Settings of the database that bring each finished piece of its log into the archive, quoted for a shell. One that is there already is the same. */
export const archiveSettings = (folder) => {
  const to = `${folder}/wal`;
  return [
    'archive_mode=on',
    `archive_timeout=${timeoutS}`,
    `'archive_command=test -f "${to}/%f.gz" || (gzip -c "%p" > "${to}/.%f.half" && mv "${to}/.%f.half" "${to}/%f.gz")'`,
  ];
};
/** How the database fetches a piece back, quoted for a shell. */
export const restoreSetting = (folder) => `'restore_command=gzip -dc "${folder}/wal/%f.gz" > "%p"'`;

/** Base backups of an archive, the oldest first, with when each was whole. */
export function basesOf(folder) {
  return readdirSync(folder)
    .filter((name) => /^base-\d{8}T\d{6}Z$/.test(name))
    .sort()
    .map((name) => ({
      folder: path.join(folder, name),
      atMs: Date.parse(name.slice(5).replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z$/, '$1-$2-$3T$4:$5:$6Z')),
    }));
}

/** The first piece of the log that a base backup needs, by its manifest. */
function firstPiece(base) {
  const { 'WAL-Ranges': ranges } = JSON.parse(readFileSync(path.join(base, 'backup_manifest'), 'utf8'));
  const { Timeline: timeline, 'Start-LSN': lsn } = ranges[0];
  const [high, low] = lsn.split('/').map((part) => BigInt(`0x${part}`));
  return [BigInt(timeline), high, low / segmentBytes].map((n) => n.toString(16).toUpperCase().padStart(8, '0')).join('');
}

/** Makes a base backup of a running database, and throws away what no kept one needs. @param connection as `connectionEnv` gives it */
export async function makeBase(folder, connection) {
  const half = path.join(folder, '.half-base');
  rmSync(half, { recursive: true, force: true });
  mkdirSync(half, { recursive: true, mode: 0o700 });
  const child = start(postgresProgram('pg_basebackup'), ['-D', half, '-Ft', '-z', '-X', 'fetch', '--checkpoint=fast'], {
    env: connection,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (chunk) => (said = (said + String(chunk)).slice(-400)));
  const status = await new Promise((resolve) => child.once('exit', resolve).once('error', () => resolve(1)));
  if (status !== 0) {
    rmSync(half, { recursive: true, force: true });
    throw new Trouble(`No base backup was made in ${folder}: ${said.trim().split('\n').at(-1)}.`);
  }
  // Named by when it was whole: to no moment before that can it be restored.
  const stamp = new Date().toISOString().slice(0, 19).replace(/[-:]/g, '');
  const made = path.join(folder, `base-${stamp}Z`);
  renameSync(half, made);
  const bases = basesOf(folder);
  for (const { folder: old } of bases.slice(0, -basesKept)) rmSync(old, { recursive: true, force: true });
  const [oldest] = basesOf(folder);
  ask(postgresProgram('pg_archivecleanup'), ['-x', '.gz', path.join(folder, 'wal'), firstPiece(oldest.folder)]);
  return made;
}

/** Makes a base backup whenever the newest is older than a day. @param tell called with a sentence where one could not be made @returns how to leave off */
export function keepBases(folder, connection, tell) {
  let under = false;
  const look = async () => {
    if (under) return;
    under = true;
    // Another disk may be gone at any time: that is told, and ends nothing that runs.
    try {
      const newest = basesOf(folder).at(-1);
      if (!newest || Date.now() - newest.atMs >= baseAgeMs) await makeBase(folder, connection);
    } catch (error) {
      tell(`no base backup could be made: ${error.message}`);
    }
    under = false;
  };
  void look();
  const timer = setInterval(() => void look(), 3600 * 1000);
  timer.unref();
  return () => clearInterval(timer);
}

/** The newest base backup from which a moment can be reached. */
export function baseFor(folder, toMs) {
  if (!existsSync(folder)) throw new Trouble(`The archive ${folder} is not there; LORBET_ARCHIVE names it.`);
  const bases = basesOf(folder);
  const found = bases.findLast(({ atMs }) => toMs === null || atMs <= toMs);
  if (found) return found;
  const [first] = bases;
  throw new Trouble(
    first
      ? `${new Date(toMs).toISOString()} lies before the first base backup of ${folder}, ${new Date(first.atMs).toISOString()}; nothing earlier can be restored.`
      : `${folder} holds no base backup; npm run backup -- --base makes one.`,
  );
}
