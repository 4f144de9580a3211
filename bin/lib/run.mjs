import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import path from 'node:path';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
export const say = (text) => process.stdout.write(`lorbet: ${text}\n`);

/** A failure told in one sentence with its mend; no stack is shown for it. */
export class Trouble extends Error {}

/** Runs a program to its end, its output shown. Throws `Trouble` with the given sentence where it fails. */
export function runOrFail(program, args, trouble, options = {}) {
  const done = spawnSync(program, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.error || done.status !== 0)
    throw new Trouble(`${trouble} (${program} ${args.slice(0, 2).join(' ')} ended with ${done.error?.message ?? done.status}).`);
}

/** Runs a program quietly. @returns its status and what it printed */
export function ask(program, args, options = {}) {
  const done = spawnSync(program, args, { cwd: root, encoding: 'utf8', ...options });
  return { status: done.status ?? 1, out: `${done.stdout ?? ''}${done.stderr ?? ''}`.trim() };
}

export const start = (program, args, options = {}) => spawn(program, args, { cwd: root, stdio: 'inherit', ...options });
export const isRoot = process.getuid?.() === 0;
export const tsx = path.join(root, 'node_modules/.bin/tsx');
export const next = path.join(root, 'node_modules/.bin/next');

/** One hash over the contents of files and folders, tests left out. */
export function hashOf(names) {
  const hash = createHash('sha256');
  const visit = (name) => {
    const full = path.join(root, name);
    let stat;
    try {
      stat = statSync(full);
    } catch {
      return;
    }
    if (stat.isDirectory()) for (const entry of readdirSync(full).sort()) visit(path.join(name, entry));
    else if (!/\.test\.tsx?$/.test(name)) hash.update(`${name}\n`).update(readFileSync(full));
  };
  names.forEach(visit);
  return hash.digest('hex');
}

/** Runs main; a `Trouble` ends with its sentence and status 1. */
export async function guarded(main) {
  try {
    await main();
  } catch (error) {
    if (!(error instanceof Trouble)) throw error;
    process.stderr.write(`lorbet: ${error.message}\n`);
    process.exitCode = 1;
  }
}
