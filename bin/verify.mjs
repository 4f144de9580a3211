// npm run verify [-- BUILD_ID]: checks every ledger, whether Lorbet runs or not.
import { ensurePackages } from './lib/install.mjs';
import { defaultData, withDatabase } from './lib/postgres.mjs';
import { ask, guarded, tsx } from './lib/run.mjs';

await guarded(async () => {
  ensurePackages();
  await withDatabase(defaultData(), ({ env }) => {
    const done = ask(tsx, ['bin/verify.ts', ...process.argv.slice(2)], { env: { ...process.env, ...env } });
    console.log(done.out);
    process.exitCode = done.status;
  });
});
