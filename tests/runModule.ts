import { execFileSync } from 'node:child_process';

/** Runs a script as an ES module in a Node of its own, for packages that Jest can't load; input goes in and JSON comes out. */
export function runModule<T>(script: string, input: string): T {
  return JSON.parse(
    execFileSync(process.execPath, ['--input-type=module', '-e', script], {
      input,
      encoding: 'utf8',
      maxBuffer: 1 << 26,
      stdio: ['pipe', 'pipe', 'ignore'],
    }),
  ) as T;
}
