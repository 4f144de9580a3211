import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { earFile } from './earName.mjs';
import { writeServiceWorker } from './serviceWorker.mjs';
import { writeShells } from './shells.mjs';
import { hashOf, next, root, runOrFail, say } from './run.mjs';

const sources = [
  'app',
  'ui',
  'workers',
  'devices',
  'store',
  'formats',
  'core',
  'public',
  'next.config.ts',
  'instrumentation.ts',
  'bin/lib/headers.mjs',
  'bin/lib/serviceWorker.mjs',
  'bin/lib/shells.mjs',
  'bin/lib/build.mjs',
  'bin/lib/compileAtOnce.mjs',
  'bin/lib/earName.mjs',
  'tsconfig.json',
  'package-lock.json',
];
/** What works beside the app, in threads and processes of its own, is bundled for itself: packages stay where they are. */
export async function buildTasks() {
  const { build } = await import('esbuild');
  await build({
    absWorkingDir: root,
    entryPoints: {
      'lorbet-tasks': 'workers/server/tasks.ts',
      'lorbet-picture': 'workers/server/picture.ts',
      'lorbet-devices': 'devices/start.ts',
    },
    outdir: path.join(root, '.next'),
    outExtension: { '.js': '.cjs' },
    bundle: true,
    platform: 'node',
    format: 'cjs',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
  });
}

const stamp = path.join(root, '.next/lorbet-sources');

/** What listens to a pump runs in a browser's own thread for sound: a script of its own, without imports. */
async function buildEar() {
  const { build } = await import('esbuild');
  const file = path.join(root, '.next/static', earFile());
  rmSync(path.dirname(file), { recursive: true, force: true });
  await build({
    absWorkingDir: root,
    entryPoints: ['workers/earWorklet.ts'],
    outfile: file,
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    logLevel: 'warning',
  });
}

/** Builds the app for production, when its sources aren't those of the last build. */
export async function ensureBuilt() {
  const wanted = hashOf(sources);
  const whole = existsSync(stamp) && existsSync(path.join(root, '.next/BUILD_ID'));
  if (whole && readFileSync(stamp, 'utf8') === wanted) return;
  // A build that is killed half-way must not pass for one that ended.
  rmSync(stamp, { force: true });
  say('building the app …');
  runOrFail(next, ['build'], 'The app could not be built; look at the lines above', {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
  });
  await buildEar();
  await writeShells();
  await writeServiceWorker();
  await buildTasks();
  writeFileSync(stamp, wanted);
}
