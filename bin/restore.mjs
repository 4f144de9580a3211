// npm run restore -- --drill: tries the archive beside what runs, and keeps nothing of it.
// npm run restore -- --to TIME: the database as it was at a moment, from the archive that LORBET_ARCHIVE names.
// npm run restore -- FILE --key KEYFILE: the same from a sealed backup.
// npm run restore -- FILE: the database as it was in a backup, wholly or not at all. Lorbet must not run meanwhile.
import { existsSync, rmSync } from 'node:fs';
import path from 'node:path';
import { archiveFolder } from './lib/archive.mjs';
import { ensurePackages, postgresProgram } from './lib/install.mjs';
import { restoreTo } from './lib/pointInTime.mjs';
import { clusterFolder, connectionEnv, defaultData, runsOn, secretsOf, withDatabase } from './lib/postgres.mjs';
import { ask, guarded, runOrFail, say, Trouble, tsx } from './lib/run.mjs';

/** Brings what was restored to its newest form, lets nobody in by a session of then, and goes through every ledger. */
function finish(env) {
  runOrFail(tsx, ['bin/prepare.ts', '--all-out'], 'The database was restored but could not be brought to its newest form', {
    env,
  });
  runOrFail(tsx, ['bin/verify.ts'], 'The database was restored, but a ledger in it does not hold', { env });
}

/** The archive, where the database is our own: one that LORBET_DATABASE_URL names must not be touched by what is only tried, or restored beside it. */
function wantedArchive() {
  if (process.env.LORBET_DATABASE_URL)
    throw new Trouble(
      'LORBET_DATABASE_URL names a database that somebody else manages; a moment of it is restored by whoever does.',
    );
  const archive = archiveFolder();
  if (!archive) throw new Trouble('LORBET_ARCHIVE names no folder; a moment is restored from there.');
  return archive;
}

/** Restores the newest of the archive beside what runs, goes through it, and throws it away: a backup that nobody has restored is none. */
async function drill() {
  const archive = wantedArchive();
  const data = path.join(defaultData(), 'drill');
  const tidy = () => [clusterFolder(data), data].forEach((one) => rmSync(one, { recursive: true, force: true }));
  tidy();
  secretsOf(data);
  try {
    restoreTo({ data, archive, toMs: null, goesOn: false });
    // What is only tried must not write into the archive of what runs.
    delete process.env.LORBET_ARCHIVE;
    await withDatabase(data, ({ env, ownerEnv }) => finish({ ...process.env, ...env, ...ownerEnv }));
  } finally {
    tidy();
  }
  say(`the archive ${archive} can be restored; every ledger in it holds.`);
}

/** The database as it was at a moment, from the archive. */
async function restoreMoment(said) {
  const toMs = said === 'latest' ? null : Date.parse(said);
  if (Number.isNaN(toMs) || (said !== 'latest' && !/T.*Z$/.test(said)))
    throw new Trouble(`The moment is “${said}”; allowed is one such as 2026-11-29T12:34:00Z, or latest.`);
  const archive = wantedArchive();
  const data = defaultData();
  secretsOf(data);
  if (runsOn(data)) throw new Trouble(`Lorbet runs on ${data}; stop it first, then restore.`);
  const aside = restoreTo({ data, archive, toMs });
  await withDatabase(data, ({ env, ownerEnv }) => finish({ ...process.env, ...env, ...ownerEnv }));
  say(`restored to ${said}; every ledger holds. Everybody has to sign in anew.`);
  if (aside) say(`what was there before lies in ${aside}; delete it once you have looked.`);
}

await guarded(async () => {
  ensurePackages();
  const args = process.argv.slice(2);
  if (args[0] === '--to') return restoreMoment(args[1] ?? '');
  if (args[0] === '--drill') return drill();
  const [name] = args;
  if (!name || !existsSync(name))
    throw new Trouble(`${name ?? 'No file'} is not there; name the backup: npm run restore -- FILE.`);
  const data = defaultData();
  const external = Boolean(process.env.LORBET_DATABASE_URL);
  if (!external) secretsOf(data);
  const keyFile = args[1] === '--key' ? args[2] : undefined;
  const { isSealed, readSealed } = await import('./lib/sealedFile.mjs');
  if (isSealed(name) && !keyFile) throw new Trouble(`${name} is sealed; name the key: npm run restore -- FILE --key KEYFILE.`);
  await withDatabase(data, async ({ env, ownerEnv, running }) => {
    if (running && !external) throw new Trouble(`Lorbet runs on ${data}; stop it first, then restore.`);
    const connection = connectionEnv(ownerEnv.LORBET_OWNER_URL);
    const how = ['--clean', '--if-exists', '--no-owner', '--no-acl', '--single-transaction', '--exit-on-error'];
    const into = [...how, '-d', connection.PGDATABASE];
    const program = postgresProgram('pg_restore');
    const done =
      keyFile && isSealed(name)
        ? await readSealed(program, into, { env: connection, keyFile, file: path.resolve(name) })
        : ask(program, [...into, path.resolve(name)], { env: connection });
    if (done.status !== 0)
      throw new Trouble(`Nothing was restored: ${done.said ?? done.out.split('\n').at(-1)}; the database is as it was.`);
    finish({ ...process.env, ...env, ...ownerEnv });
    say(`restored from ${name}; every ledger holds. Everybody has to sign in anew.`);
  });
});
