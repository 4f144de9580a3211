// npm run backup [-- FILE]: the whole database in one file, by Debian's pg_dump, also while Lorbet runs.
// npm run backup -- --new-key FILE: a key for sealed backups; LORBET_BACKUP_FOR=… npm run backup seals.
// npm run backup -- --base: a base backup into the archive, from which a moment after it can be restored.
import { existsSync, mkdirSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { archiveFolder, makeBase } from './lib/archive.mjs';
import { ensurePackages, postgresProgram } from './lib/install.mjs';
import { connectionEnv, defaultData, withDatabase } from './lib/postgres.mjs';
import { ask, guarded, say, Trouble } from './lib/run.mjs';

/** Has everything written into a file, sealed where LORBET_BACKUP_FOR says for whom. */
async function dump(how, { env, recipients, file }) {
  const program = postgresProgram('pg_dump');
  if (recipients) {
    const { keepSealed } = await import('./lib/sealedFile.mjs');
    return keepSealed(program, how, { env, recipients, file });
  }
  const { status, out } = ask(program, [...how, '-f', file], { env });
  return { status, said: out.split('\n').at(-1) };
}

/** Writes a key's secret half into a file for its owner alone, and prints the open half. */
async function makeKey(name) {
  if (!name) throw new Trouble('No file is named; where should the key lie? npm run backup -- --new-key FILE');
  const file = path.resolve(name);
  const { newKeys } = await import('./lib/sealedFile.mjs');
  const { secret, open } = await newKeys();
  try {
    writeFileSync(file, `# opens what was sealed for ${open}\n${secret}\n`, { mode: 0o600, flag: 'wx' });
  } catch (error) {
    throw new Trouble(
      error.code === 'EEXIST'
        ? `${file} is there already; name another file, so that no key is written over.`
        : `The key could not be written: ${error.message}.`,
    );
  }
  say(`key written: ${file}. Keep it away from this machine: without it no sealed backup can be read, by anybody.`);
  say(`seal by it: LORBET_BACKUP_FOR=${open} npm run backup`);
}

await guarded(async () => {
  ensurePackages();
  const { LORBET_BACKUP_FOR: recipients } = process.env;
  if (process.argv[2] === '--new-key') return makeKey(process.argv[3]);
  const data = defaultData();
  if (process.argv.includes('--base')) {
    const archive = archiveFolder();
    if (!archive || process.env.LORBET_DATABASE_URL)
      throw new Trouble(
        'A base backup is made of Lorbet’s own database, into the folder that LORBET_ARCHIVE names; set that one, and no LORBET_DATABASE_URL.',
      );
    await withDatabase(data, async ({ ownerEnv }) => {
      process.umask(0o077);
      say(`base backup made: ${await makeBase(archive, connectionEnv(ownerEnv.LORBET_OWNER_URL))}`);
    });
    return;
  }
  const stamp = new Date().toISOString().slice(0, 19).replace(/[-:]/g, '').replace('T', '-');
  const file = path.resolve(process.argv[2] ?? path.join(data, 'backups', `lorbet-${stamp}.dump${recipients ? '.age' : ''}`));
  if (existsSync(file)) throw new Trouble(`${file} is there already; name another file, so that no backup is written over.`);
  await withDatabase(data, async ({ ownerEnv }) => {
    mkdirSync(path.dirname(file), { recursive: true });
    // It holds everything, people's password hashes too: for its owner alone from its first byte.
    process.umask(0o077);
    const half = `${file}.half`;
    const env = connectionEnv(ownerEnv.LORBET_OWNER_URL);
    const done = await dump(['-Fc', '--no-owner', '--no-acl'], { env, recipients, file: half });
    if (done.status !== 0) {
      rmSync(half, { force: true });
      throw new Trouble(`The backup could not be written: ${done.said}; see that the disk is not full.`);
    }
    renameSync(half, file);
    say(`backup written${recipients ? ', sealed' : ''}: ${file} (${Math.ceil(statSync(file).size / 1024)} KiB)`);
  });
});
