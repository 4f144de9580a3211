// npm run backup [-- FILE]: the whole database in one file, by Debian's pg_dump, also while Lorbet runs.
// npm run backup -- --base: a base backup into the archive, from which a moment after it can be restored.
import { existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import path from 'node:path';
import { archiveFolder, makeBase } from './lib/archive.mjs';
import { ensurePackages, postgresProgram } from './lib/install.mjs';
import { connectionEnv, defaultData, withDatabase } from './lib/postgres.mjs';
import { ask, guarded, say, Trouble } from './lib/run.mjs';

await guarded(async () => {
  ensurePackages();
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
  const file = path.resolve(process.argv[2] ?? path.join(data, 'backups', `lorbet-${stamp}.dump`));
  if (existsSync(file)) throw new Trouble(`${file} is there already; name another file, so that no backup is written over.`);
  await withDatabase(data, ({ ownerEnv }) => {
    mkdirSync(path.dirname(file), { recursive: true });
    // It holds everything, people's password hashes too: for its owner alone from its first byte.
    process.umask(0o077);
    const half = `${file}.half`;
    const done = ask(postgresProgram('pg_dump'), ['-Fc', '--no-owner', '--no-acl', '-f', half], {
      env: connectionEnv(ownerEnv.LORBET_OWNER_URL),
    });
    if (done.status !== 0) {
      rmSync(half, { force: true });
      throw new Trouble(`The backup could not be written: ${done.out.split('\n').slice(-1)[0]}; see that the disk is not full.`);
    }
    renameSync(half, file);
    say(`backup written: ${file} (${Math.ceil(statSync(file).size / 1024)} KiB)`);
  });
});
