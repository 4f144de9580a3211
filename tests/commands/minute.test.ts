import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';

// A lost disk: what lay on it is gone, secrets too; the archive lies on another one.
const root = path.resolve(__dirname, '../..');
const folder = path.join(root, '.test/minute');
const archive = path.join(folder, 'archive');
const data = path.join(folder, 'data');
const env = { ...process.env, LORBET_ARCHIVE: archive, LORBET_DATA: data, LORBET_DEMO: '0', PORT: '0' };
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
let running: ChildProcess | null = null;
beforeAll(() => {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
});
afterAll(() => running?.kill('SIGTERM'));

async function begin() {
  const child = spawn('node', ['bin/start.mjs'], { cwd: root, env });
  running = child;
  let out = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk: Buffer) => (out += chunk.toString()));
  for (let i = 0; !out.includes('Ctrl-C stops it.'); i += 1) {
    if (child.exitCode !== null || i > 600) throw new Error(out);
    await pause(100);
  }
  return { url: /Lorbet is at (\S+)/.exec(out)?.[1] ?? '', code: /set-up code is (\S+)/.exec(out)?.[1] ?? '' };
}
/** A terminal that is closed ends all as Ctrl-C does. */
const end = async () => {
  const status = await new Promise((resolve) => {
    running?.once('exit', resolve);
    running?.kill('SIGHUP');
  });
  expect([status, existsSync(path.join(data, 'running.pid'))]).toEqual([0, false]);
};
const npm = (...args: string[]) => {
  const done = spawnSync('npm', ['run', '-s', ...args], { cwd: root, encoding: 'utf8', env });
  return { status: done.status, told: done.stdout + done.stderr };
};
const lead = { workshop: 'Minute Shed', name: 'Minute Lead', login: 'minute', password: 'long enough to pass' };
/** Asks with the cookie of a sign-in; another one where `way` gives it. */
const asker = (url: string, cookie: string) => async (way: string, body?: object) => {
  const answer = await fetch(url + way, { headers: { cookie }, ...(body ? { method: 'POST', body: JSON.stringify(body) } : {}) });
  return { answer, value: (await answer.json().catch(() => null)) as Record<string, unknown> };
};
const cookieOf = (answer: Response) => answer.headers.getSetCookie().map((set) => set.split(';')[0]).join('; '); // prettier-ignore

test('a lost disk costs a minute at the most: restored to a moment, with what came before it and nothing of what came after', async () => {
  const first = await begin();
  const setUp = await fetch(`${first.url}/api/set-up`, { method: 'POST', body: JSON.stringify({ ...lead, code: first.code }) });
  expect(setUp.status).toBe(200);
  for (let i = 0; !readdirSync(archive).some((name) => name.startsWith('base-')); i += 1) {
    if (i > 300) throw new Error('no base backup');
    await pause(100);
  }
  const ask = asker(first.url, cookieOf(setUp));
  const { value } = await ask('/api/builds', { name: 'Minute', what: '', kind: 'boat', place: '', heaterSerial: '' });
  const commands = `/api/builds/${String(value.id)}/commands`;
  const note = async (text: string) =>
    expect((await ask(commands, { commandId: crypto.randomUUID(), command: { kind: 'note', text } })).answer.status).toBe(200);
  await note('before the moment');
  await pause(1200);
  const moment = new Date().toISOString();
  await pause(1200);
  await note('after the moment');
  expect(npm('restore', '--', '--to', moment).told).toMatch(/Lorbet runs on .*; stop it first/);
  await end();
  rmSync(data, { recursive: true, force: true });

  expect(npm('restore', '--', '--to', '2020-01-01T00:00:00Z')).toEqual({
    status: 1,
    told: expect.stringMatching(/^lorbet: 2020-01-01T00:00:00.000Z lies before the first base backup/) as string,
  });
  expect(npm('restore', '--', '--to', 'yesterday').told).toMatch(/The moment is “yesterday”; allowed is one such as/);
  const restored = npm('restore', '--', '--to', moment);
  expect([restored.status, restored.told]).toEqual([0, expect.stringContaining('every ledger holds')]);
  const second = await begin();
  // Nobody is in by a session of then.
  expect((await asker(second.url, cookieOf(setUp))('/api/bay')).answer.status).toBe(401);
  const signedIn = await fetch(`${second.url}/api/sign-in`, { method: 'POST', body: JSON.stringify(lead) });
  const state = await asker(second.url, cookieOf(signedIn))(`/api/builds/${String(value.id)}/state?after=0`);
  const texts = (state.value.rows as { body: { text?: string } }[]).flatMap(({ body }) => body.text ?? []);
  expect(texts).toEqual(['before the moment']);
  // Tried beside what runs: it holds, and leaves no trace in the archive.
  const before = readdirSync(path.join(archive, 'wal')).filter((name) => name.includes('history'));
  expect(npm('restore', '--', '--drill')).toEqual({ status: 0, told: expect.stringContaining('can be restored') as string });
  expect(readdirSync(path.join(archive, 'wal')).filter((name) => name.includes('history'))).toEqual(before);
  expect(readdirSync(data)).not.toContain('drill');
  await end();
}, 300_000);
