// npm test: everything installed, then lint, types, units, integration, build, browser tests. Last line: N passed, N failed.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { ensureChromium, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { guarded, root, say, start, Trouble } from './lib/run.mjs';
import { serve, serveAnother } from './lib/serve.mjs';

/** Names of steps, where only some are to run: npm test -- routes browser. */
const only = process.argv.slice(2);
const wanted = (...names) => only.length === 0 || names.some((name) => only.includes(name));
let passed = 0;
let failed = 0;
const bin = (name) => path.join(root, 'node_modules/.bin', name);

/** Runs a program with its output shown. @returns whether it ended well */
const run = (program, args, env = {}) =>
  new Promise((resolve) => {
    start(program, args, { env: { ...process.env, ...env } })
      .once('exit', (code) => resolve(code === 0))
      .once('error', () => resolve(false));
  });

/** One step that counts as one check. */
async function step(name, work) {
  if (!wanted(name)) return true;
  say(`${name} …`);
  const began = Date.now();
  const ok = await work();
  if (ok) passed += 1;
  else failed += 1;
  say(`${name}: ${ok ? 'passed' : 'FAILED'} (${Math.round((Date.now() - began) / 1000)} s)`);
  return ok;
}

/** Runs a test runner and counts its tests from the report that it writes; no report counts as one failure. */
async function tests(name, program, args, report, count, env) {
  if (!wanted(name)) return;
  say(`${name} …`);
  rmSync(path.join(root, report), { force: true });
  const ok = await run(program, args, env);
  try {
    const [good, bad] = count(JSON.parse(readFileSync(path.join(root, report), 'utf8')));
    passed += good;
    failed += bad === 0 && !ok ? 1 : bad;
    say(`${name}: ${good} passed, ${bad} failed${good === 0 ? ' (no test ran)' : ''}`);
    if (good + bad === 0) failed += 1;
  } catch {
    failed += 1;
    say(`${name}: FAILED without a report`);
  }
}

const jestCount = (report) => [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites];
const playwrightCount = ({ stats }) => [stats.expected, stats.unexpected + stats.flaky];
/** These have one database, or one address, in common. */
const inOrder = new Set(['routes', 'commands', 'integration']);
const jest = (project) => [
  '--selectProjects',
  project,
  '--json',
  `--outputFile=test-results/${project}.json`,
  '--silent=false',
  // Jest leaves one core free, which on two cores is half of them.
  ...(inOrder.has(project) ? ['--runInBand', '--testSequencer=./tests/inOrder.cjs'] : ['--maxWorkers=100%']),
];

/** What needs the app: every route, by two processes of it against one database, then the browser. */
async function withApp(data) {
  // How long the loop is held is measured here; elsewhere nobody is told.
  process.env.LORBET_LOOP = '1';
  process.env.LORBET_METRICS_TOKEN = 'a token of the tests alone';
  const app = await serve({ data: path.join(data, 'e2e'), quiet: true });
  try {
    const second = await serveAnother(app);
    try {
      await tests('routes', bin('jest'), jest('routes'), 'test-results/routes.json', jestCount, {
        LORBET_URL: app.address,
        LORBET_SECOND_URL: second.address,
        ...app.env,
        ...app.ownerEnv,
      });
    } finally {
      await second.stop();
    }
    await tests('browser', bin('playwright'), ['test'], 'test-results/e2e.json', playwrightCount, {
      LORBET_URL: app.address,
      ...app.env,
    });
  } finally {
    await app.stop();
  }
}

/** What needs a database alone. */
async function integration(data) {
  if (!wanted('integration')) return;
  const database = await startPostgres(path.join(data, 'integration'));
  try {
    const env = { ...database.env, ...database.ownerEnv };
    await tests('integration', bin('jest'), jest('integration'), 'test-results/integration.json', jestCount, env);
  } finally {
    database.stop();
  }
}

async function main() {
  ensurePackages();
  ensurePostgres();
  ensureChromium();
  mkdirSync(path.join(root, 'test-results'), { recursive: true });
  const data = path.join(root, '.test');
  rmSync(data, { recursive: true, force: true });
  // Two cores: the slow one of these beside the others.
  await Promise.all([
    (async () => {
      await step('lint', () => run(bin('eslint'), ['.']));
      await step('format', () => run(bin('prettier'), ['--check', '--log-level', 'warn', '.']));
    })(),
    (async () => {
      await step('rooms', () =>
        run(bin('depcruise'), [
          '--config',
          '.dependency-cruiser.cjs',
          'app',
          'ui',
          'workers',
          'devices',
          'store',
          'formats',
          'core',
          'bin',
          'demo',
          'tests',
        ]),
      );
      await step('types', () => run(bin('tsc'), ['--noEmit']));
      await integration(data);
    })(),
  ]);
  await tests('unit', bin('jest'), jest('unit'), 'test-results/unit.json', jestCount);
  await tests('components', bin('jest'), jest('components'), 'test-results/components.json', jestCount);
  const built = await step('build', async () => {
    await ensureBuilt();
    return true;
  });
  if (!built) return;
  if (wanted('routes', 'browser')) await withApp(data);
  await tests('commands', bin('jest'), jest('commands'), 'test-results/commands.json', jestCount);
  // A sample by default; as many as it wants by `npm run kill-rounds`. Not beside the commands: both took half as long again.
  const rounds = process.env.LORBET_WHOLE === '1' ? '100' : '6';
  await step('kill', () => run('node', ['tests/kill/killRounds.mjs', rounds, path.join(data, 'kill')]));
}

await guarded(async () => {
  try {
    await main();
  } catch (error) {
    failed += 1;
    if (!(error instanceof Trouble)) console.error(error);
    else say(error.message);
  }
  process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
  console.log(`${passed} passed, ${failed} failed`);
});
