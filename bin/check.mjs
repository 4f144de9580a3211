// npm run -s check -- FILE: the findings of a build file as JSON lines. No server, no database.
import { ensurePackages } from './lib/install.mjs';
import { guarded, root, start, tsx } from './lib/run.mjs';

await guarded(async () => {
  // Standard output is for the findings alone.
  const write = process.stdout.write.bind(process.stdout);
  process.stdout.write = (...args) => process.stderr.write(...args);
  ensurePackages();
  process.stdout.write = write;
  const child = start(tsx, [`${root}/bin/checkFile.ts`, ...process.argv.slice(2)], { cwd: process.cwd() });
  child.once('exit', (code) => {
    process.exitCode = code ?? 2;
  });
});
