import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { runModule } from '../runModule';
import { createServer, type AddressInfo } from 'node:net';
import path from 'node:path';

const root = path.resolve(__dirname, '../..');
const folder = path.join(root, '.test/supervise');
const data = path.join(folder, 'data');
const started: ChildProcess[] = [];
beforeAll(() => {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
});
afterAll(() => {
  for (const child of started) {
    // Whatever a failed test left behind: first as it should end, since it alone knows what it has begun.
    if (child.exitCode === null) child.kill('SIGTERM');
    child.stdout?.destroy();
    child.stderr?.destroy();
  }
});

const fenced = (kind: string): string =>
  new RegExp(`\`\`\`${kind}\\n([^]+?)\`\`\``).exec(readFileSync(path.join(root, 'docs/operations.md'), 'utf8'))?.[1] ?? '';
/** The unit as docs/operations.md gives it. */
const unit = new Map(
  fenced('ini')
    .split('\n')
    .flatMap((line): [string, string][] => (/^(\w+)=(.*)$/.exec(line) ? [[RegExp.$1, RegExp.$2]] : [])),
);
const runs = (pid: number): boolean => {
  try {
    // What has ended and is not yet taken note of by whoever began it counts as ended.
    return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, 'utf8'));
  } catch {
    return false;
  }
};
async function until(what: string, is: () => boolean | Promise<boolean>, seconds = 40): Promise<void> {
  for (const end = Date.now() + seconds * 1000; Date.now() < end; await new Promise((resolve) => setTimeout(resolve, 100)))
    if (await is()) return;
  throw new Error(`not within ${seconds} s: ${what}`);
}
const pids = () => ({
  postgres: Number(readFileSync(path.join(data, 'postgres/postmaster.pid'), 'utf8').split('\n')[0]),
  app: (JSON.parse(readFileSync(path.join(data, 'running.pid'), 'utf8')) as { app: { pid: number } }).app.pid,
});
/** Begins it as a service manager would: in a group of its own. */
async function begin(command: readonly string[]) {
  const [program = '', ...args] = command;
  const env = { ...process.env, LORBET_DATA: data, LORBET_DEMO: '0', PORT: '0' };
  const child = spawn(program, args, { cwd: root, env, detached: true, stdio: ['ignore', 'pipe', 'pipe'] });
  started.push(child);
  const said = { text: '' };
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk: Buffer) => (said.text += chunk.toString()));
  await until('a start', () => {
    if (child.exitCode !== null) throw new Error(said.text);
    return said.text.includes('Ctrl-C stops it.');
  });
  return { child, said, url: /Lorbet is at (\S+)/.exec(said.text)?.[1] ?? '' };
}
const ready = async (url: string): Promise<boolean> => (await fetch(`${url}/health/ready`).catch(() => null))?.status === 200;

test('under the unit of the documents: what is killed comes back by itself, and TERM to the main process alone ends all', async () => {
  expect([unit.get('ExecStart'), unit.get('KillSignal')]).toEqual(['/usr/bin/env npm start', 'SIGTERM']);
  const { child, said, url } = await begin((unit.get('ExecStart') ?? '').split(' '));
  const first = pids();
  process.kill(first.postgres, 'SIGKILL');
  await until('the database again', async () => existsSync(path.join(data, 'postgres/postmaster.pid')) && pids().postgres !== first.postgres && (await ready(url))); // prettier-ignore
  expect([pids().app, runs(first.app)]).toEqual([first.app, true]);
  process.kill(-first.app, 'SIGKILL');
  await until('the app again', async () => pids().app !== first.app && (await ready(url)));
  expect(said.text).toMatch(
    /The database ended by itself.*The database runs again.*The app ended by itself.*The app runs again/s,
  );
  const last = pids();
  child.kill('SIGTERM');
  await until('the end of all', () => !runs(last.app) && !runs(last.postgres) && !existsSync(path.join(data, 'running.pid')));
  expect(existsSync(path.join(data, 'postgres/postmaster.pid'))).toBe(false);
}, 150_000);

test('a disk for the archive that is gone is told, and ends nothing', () => {
  const script = `import { keepBases } from './bin/lib/archive.mjs';
const told = [];
const leaveOff = keepBases('/no/such/archive', {}, (why) => told.push(why));
await new Promise((resolve) => setTimeout(resolve, 100));
leaveOff();
console.log(JSON.stringify(told));`;
  expect(runModule(script, '')).toEqual([expect.stringMatching(/^no base backup could be made: ENOENT/)]);
});
test.each(['--drill', '--to=latest'])('a database that somebody else manages is left alone by restore %s', (how) => {
  const done = spawnSync('node', ['bin/restore.mjs', ...how.split('=')], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, LORBET_DATABASE_URL: 'postgres://x:y@127.0.0.1:1/z', LORBET_ARCHIVE: path.join(folder, 'archive') },
  });
  expect([done.status, done.stderr]).toEqual([1, expect.stringContaining('names a database that somebody else manages')]);
});

describe('what keeps it from starting is told in one sentence', () => {
  const start = (env: Record<string, string>) => {
    const done = spawnSync('node', ['bin/start.mjs'], { cwd: root, encoding: 'utf8', env: { ...process.env, ...env } });
    return [done.status, done.stderr.trim()];
  };
  test('a port that another program holds', async () => {
    const server = createServer();
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    expect(start({ LORBET_DATA: path.join(folder, 'held'), PORT: String(port) })).toEqual([
      1,
      `lorbet: Port ${port} is held by another program; set PORT to a free one, or to 0 for any that is free.`,
    ]);
    await new Promise((resolve) => server.close(resolve));
  });
  test('a data folder that can’t be written', () => {
    expect(start({ LORBET_DATA: '/dev/null/lorbet', PORT: '0' })).toEqual([
      1,
      expect.stringMatching(/^lorbet: The data folder \/dev\/null\/lorbet can't be written \(ENOTDIR\); make it writable/),
    ]);
  });
});
