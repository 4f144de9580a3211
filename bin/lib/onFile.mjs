import { ensurePackages } from './install.mjs';
import { root, start, tsx } from './run.mjs';

/** Runs one of our programs on what the command line names; standard output is for its report alone, the status is its own. */
export function runOnFile(program) {
  const write = process.stdout.write.bind(process.stdout);
  process.stdout.write = (...args) => process.stderr.write(...args);
  ensurePackages();
  process.stdout.write = write;
  const child = start(tsx, [`${root}/bin/${program}`, ...process.argv.slice(2)], { cwd: process.cwd() });
  child.once('exit', (code) => {
    process.exitCode = code ?? 2;
  });
}
