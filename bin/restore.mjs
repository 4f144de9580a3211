// npm run restore -- FILE: the database as it was in a backup, wholly or not at all. Lorbet must not run meanwhile.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { ensurePackages, postgresProgram } from './lib/install.mjs';
import { connectionEnv, defaultData, secretsOf, withDatabase } from './lib/postgres.mjs';
import { ask, guarded, runOrFail, say, Trouble, tsx } from './lib/run.mjs';

await guarded(async () => {
  ensurePackages();
  const [name] = process.argv.slice(2);
  if (!name || !existsSync(name))
    throw new Trouble(`${name ?? 'No file'} is not there; name the backup: npm run restore -- FILE.`);
  const data = defaultData();
  const external = Boolean(process.env.LORBET_DATABASE_URL);
  if (!external) secretsOf(data);
  await withDatabase(data, ({ env, ownerEnv, running }) => {
    if (running && !external) throw new Trouble(`Lorbet runs on ${data}; stop it first, then restore.`);
    const connection = connectionEnv(ownerEnv.LORBET_OWNER_URL);
    const how = ['--clean', '--if-exists', '--no-owner', '--no-acl', '--single-transaction', '--exit-on-error'];
    const done = ask(postgresProgram('pg_restore'), [...how, '-d', connection.PGDATABASE, path.resolve(name)], {
      env: connection,
    });
    if (done.status !== 0)
      throw new Trouble(`Nothing was restored: ${done.out.split('\n').slice(-1)[0]}; the database is as it was.`);
    const all = { ...process.env, ...env, ...ownerEnv };
    runOrFail(tsx, ['bin/prepare.ts', '--all-out'], 'The database was restored but could not be brought to its newest form', {
      env: all,
    });
    runOrFail(tsx, ['bin/verify.ts'], 'The database was restored, but a ledger in it does not hold', { env: all });
    say(`restored from ${name}; every ledger holds. Everybody has to sign in anew.`);
  });
});
