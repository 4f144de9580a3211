// npm run -s verify-certificate -- FILE [--keys FILE]: whether a certificate's paper, build and ledger agree. No server, no database.
import { ensurePackages } from './lib/install.mjs';
import { guarded, root, start, tsx } from './lib/run.mjs';

await guarded(async () => {
  // Standard output is for the report alone.
  const write = process.stdout.write.bind(process.stdout);
  process.stdout.write = (...args) => process.stderr.write(...args);
  ensurePackages();
  process.stdout.write = write;
  const child = start(tsx, [`${root}/bin/verifyCertificate.ts`, ...process.argv.slice(2)], { cwd: process.cwd() });
  child.once('exit', (code) => {
    process.exitCode = code ?? 2;
  });
});
