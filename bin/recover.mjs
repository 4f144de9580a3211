// npm run recover -- LOGIN: a link by which a lead who is locked out chooses a new password. Whoever can run this has the machine.
import { ensurePackages } from './lib/install.mjs';
import { defaultData, withDatabase } from './lib/postgres.mjs';
import { guarded, runOrFail, Trouble, tsx } from './lib/run.mjs';

await guarded(async () => {
  ensurePackages();
  const [login] = process.argv.slice(2);
  if (!login) throw new Trouble('Name the sign-in name of a lead: npm run recover -- LOGIN.');
  await withDatabase(defaultData(), ({ env }) =>
    runOrFail(tsx, ['bin/recover.ts', login], 'No link was made', { env: { ...process.env, ...env } }),
  );
});
