import { checks } from '../../core/checks/allChecks';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { soundBuild } from '../soundBuild';
import cast from '../../demo/people.json';
import { writeBuildFile } from '../../formats/buildFile';

const root = path.resolve(__dirname, '../..');
const folder = path.join(root, '.test/commands');
beforeAll(() => {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
});

test('a built script that is written to be compiled at once holds the same modules, and those that know the this round them as they were', () => {
  const script = `(globalThis.T||(globalThis.T=[])).push([0,
    1,e=>{"use strict";class A{x=1;y(){return this.x}}e.s(new A().y())},
    2,(e,t)=>{e.s(typeof this,t)},
    3,(e,t,r)=>{e.s((function(){return typeof this}).call(7),t+r)},
    4,e=>{const f=()=>()=>arguments;e.s(typeof f)},
    5,e=>e.s("short")]);`;
  const program = String.raw`
    import { compileAtOnce } from './bin/lib/compileAtOnce.mjs';
    import vm from 'node:vm';
    const script = ${JSON.stringify(script)};
    const run = (text) => {
      const context = vm.createContext({});
      vm.runInContext(text, context);
      const said = [];
      for (const one of context.T[0]) if (typeof one === 'function') one({ s: (...x) => said.push(x) }, 2, 3);
      return said;
    };
    const written = compileAtOnce(script);
    const kinds = written.match(/[\n ](\d),(\(function|\w|\()/g).map((start) => start.includes('function'));
    console.log(JSON.stringify([run(script), run(written), kinds]));`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', program], { cwd: root, encoding: 'utf8' });
  const [before, after, rewritten] = JSON.parse(done.stdout) as [unknown, unknown, boolean[]];
  expect([before, rewritten]).toEqual([after, [true, false, true, false, false]]);
});

describe('npm run check', () => {
  const check = (text: string) => {
    const file = path.join(folder, 'build.json');
    writeFileSync(file, text);
    const done = spawnSync('npm', ['run', '-s', 'check', '--', file], {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, LORBET_DATABASE_URL: '' },
    });
    return {
      status: done.status,
      lines: done.stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as { id?: string; level?: string; error?: string }),
    };
  };
  test('0 where nothing is at stop or fix, a line a finding', () => {
    const { status, lines } = check(writeBuildFile(soundBuild()));
    expect([status, lines.map((l) => l.id).sort()]).toEqual([0, checks.map((j) => j.id).sort()]);
  });
  test('1 where something is', () => {
    const { status, lines } = check(writeBuildFile(soundBuild({ 'air.exhaustPastOutlineMm': -100 })));
    expect([status, lines.find((l) => l.id === 'exhaust.end.underneath')?.level]).toEqual([1, 'stop']);
  });
  test('2 with every error where it can’t be read', () => {
    expect(check('{"format":').lines[0]?.error).toMatch(/not JSON/);
    const { status, lines } = check(writeBuildFile({ ...soundBuild({ 'fuel.pumpAngleDeg': 900 }), id: 'x' }));
    expect([status, lines.length]).toEqual([2, 3]);
    expect(spawnSync('npm', ['run', '-s', 'check', '--', '/no/such/file'], { cwd: root }).status).toBe(2);
  });
});

describe('npm start', () => {
  const running: ChildProcess[] = [];
  afterAll(() => running.forEach((child) => child.kill('SIGINT')));
  async function begin(env: Record<string, string>): Promise<{ child: ChildProcess; url: string; seconds: number; out: string }> {
    const began = Date.now();
    const child = spawn('node', ['bin/start.mjs'], { cwd: root, env: { ...process.env, PORT: '0', ...env } });
    running.push(child);
    let out = '';
    const url = await new Promise<string>((resolve, reject) => {
      const takeAnswer = (chunk: Buffer) => {
        out += chunk.toString();
        if (out.includes('Ctrl-C stops it.')) resolve(/Lorbet is at (\S+)/.exec(out)?.[1] ?? '');
      };
      child.stdout.on('data', takeAnswer);
      child.stderr.on('data', takeAnswer);
      child.once('exit', (code) => reject(new Error(`ended with ${code}: ${out}`)));
    });
    return { child, url, seconds: (Date.now() - began) / 1000, out };
  }
  const end = (child: ChildProcess, signal: 'SIGINT' | 'SIGKILL') =>
    new Promise<number | null>((resolve) => {
      child.removeAllListeners('exit');
      child.once('exit', resolve);
      child.kill(signal);
    });
  async function client(url: string) {
    const signIn = () =>
      fetch(`${url}/api/sign-in`, { method: 'POST', body: JSON.stringify({ login: 'bram', password: cast.password }) });
    // A connection kept from before the server was killed is closed by the other side: once more, on a new one.
    const answer = await signIn().catch(signIn);
    const cookie = answer.headers
      .getSetCookie()
      .map((set) => set.split(';')[0])
      .join('; ');
    return (way: string, init: RequestInit = {}) => fetch(url + way, { ...init, headers: { cookie } });
  }

  test('killed in the middle of work, it comes back with all that was acknowledged, within 10 s, and stops cleanly', async () => {
    const data = path.join(folder, 'data');
    const first = await begin({ LORBET_DATA: data });
    const ask = await client(first.url);
    const made = (await (
      await ask('/api/builds', {
        method: 'POST',
        body: JSON.stringify({ name: 'Killed', what: '', kind: 'boat', place: '', heaterSerial: '' }),
      })
    ).json()) as { id: string };
    let kept = 0;
    for (let i = 0; i < 15; i += 1) {
      const answer = await ask(`/api/builds/${made.id}/commands`, {
        method: 'POST',
        body: JSON.stringify({ commandId: crypto.randomUUID(), command: { kind: 'note', text: `entry ${i}` } }),
      });
      if (answer.ok) kept += 1;
    }
    const postgres = Number(readFileSync(path.join(data, 'postgres/postmaster.pid'), 'utf8').split('\n')[0]);
    await end(first.child, 'SIGKILL');
    process.kill(postgres, 'SIGKILL');
    const second = await begin({ LORBET_DATA: data });
    const state = (await (await (await client(second.url))(`/api/builds/${made.id}/state?after=0`)).json()) as {
      rows: { kind: string }[];
    };
    expect([kept, state.rows.filter((row) => row.kind === 'note').length]).toEqual([15, 15]);
    // A second Lorbet on the same data is turned away, and does no harm.
    await expect(begin({ LORBET_DATA: data })).rejects.toThrow(/runs on .* already/);
    for (const health of ['live', 'ready']) expect((await fetch(`${second.url}/health/${health}`)).status).toBe(200);
    const lines = await (await (await client(second.url))(`/api/builds/${made.id}/ledger/file`)).text();
    // A backup while it runs; checked by the command, and by the recipe that the documents give to strangers.
    const dump = path.join(folder, 'one.dump');
    const npm = (...args: string[]) =>
      spawnSync('npm', ['run', '-s', ...args], { cwd: root, encoding: 'utf8', env: { ...process.env, LORBET_DATA: data } });
    // What anybody on the machine sees of it while it is written holds no secret.
    const writing = spawn('npm', ['run', '-s', 'backup', '--', dump], { cwd: root, env: { ...process.env, LORBET_DATA: data } });
    let seen = '';
    const looking = setInterval(() => (seen += spawnSync('ps', ['-eo', 'args'], { encoding: 'utf8' }).stdout), 15);
    expect(await new Promise((resolve) => writing.once('exit', resolve))).toBe(0);
    clearInterval(looking);
    expect(seen).toMatch(/pg_dump/);
    for (const secret of Object.values(
      JSON.parse(readFileSync(path.join(data, 'secrets.json'), 'utf8')) as Record<string, string>,
    ))
      expect(seen).not.toContain(secret);
    expect(npm('backup', '--', dump).stderr).toMatch(/is there already; name another file/);
    // The same, sealed: nothing of it can be read without a key that lies elsewhere.
    const [key, sealed] = [path.join(folder, 'backup.key'), path.join(folder, 'one.dump.age')];
    const made2 = npm('backup', '--', '--new-key', key);
    const open = /LORBET_BACKUP_FOR=(age1[a-z0-9]+)/.exec(made2.stdout)?.[1] ?? '';
    expect([made2.status, statSync(key).mode & 0o777, npm('backup', '--', '--new-key', key).status]).toEqual([0, 0o600, 1]);
    const sealing = (to: string, file: string) =>
      spawnSync('npm', ['run', '-s', 'backup', '--', file], {
        cwd: root,
        encoding: 'utf8',
        env: { ...process.env, LORBET_DATA: data, LORBET_BACKUP_FOR: to },
      });
    expect(sealing(open, sealed)).toMatchObject({ status: 0 });
    expect([statSync(sealed).mode & 0o777, readFileSync(sealed).includes('PGDMP'), readFileSync(dump).includes('PGDMP')]).toEqual(
      [0o600, false, true],
    );
    expect(sealing('age1nobody', path.join(folder, 'none.age')).stderr).toMatch(/is no open half of a key/);
    expect(JSON.parse(npm('verify').stdout)).toMatchObject({ builds: 7, broken: 0 });
    expect(npm('restore', '--', dump).stderr).toMatch(/Lorbet runs on .*; stop it first/);
    const recipe = /```js\n([^]+?)```/.exec(readFileSync(path.join(root, 'docs/ledger.md'), 'utf8'))?.[1] ?? '';
    const byRecipe = (text: string) => {
      const [script, file] = [path.join(folder, 'recipe.mjs'), path.join(folder, 'ledger.jsonl')];
      writeFileSync(script, recipe);
      writeFileSync(file, text);
      return spawnSync('node', [script, file], { encoding: 'utf8' });
    };
    expect(recipe.trim().split('\n').length).toBeLessThanOrEqual(10);
    expect(byRecipe(lines).stdout).toMatch(/^16 rows, all whole, last hash [0-9a-f]{64}\n$/);
    expect(byRecipe(lines.replace('entry 7', 'entry 8')).status).not.toBe(0);
    expect(
      byRecipe(
        lines
          .split('\n')
          .filter((_, i) => i !== 4)
          .join('\n'),
      ).status,
    ).not.toBe(0);
    const ask2 = await client(second.url);
    await ask2(`/api/builds/${made.id}/commands`, {
      method: 'POST',
      body: JSON.stringify({ commandId: crypto.randomUUID(), command: { kind: 'note', text: 'after the backup' } }),
    });
    expect(await end(second.child, 'SIGINT')).toBe(0);
    // Restored: everything as it was in the backup, to the letter, and nothing of what came after.
    const garbage = path.join(folder, 'garbage.dump');
    writeFileSync(garbage, 'no backup');
    expect(npm('restore', '--', garbage).stderr).toMatch(/Nothing was restored/);
    expect(npm('restore', '--', sealed).stderr).toMatch(/is sealed; name the key/);
    expect(npm('restore', '--', sealed, '--key', key)).toMatchObject({ status: 0 });
    let third = await begin({ LORBET_DATA: data });
    // A machine that is busy just then is no failure: the quickest of three counts.
    let quickest = third.seconds;
    for (let more = 0; quickest >= 10 && more < 2; more += 1) {
      expect(await end(third.child, 'SIGINT')).toBe(0);
      third = await begin({ LORBET_DATA: data });
      quickest = Math.min(quickest, third.seconds);
    }
    expect(quickest).toBeLessThan(10);
    expect(await (await (await client(third.url))(`/api/builds/${made.id}/ledger/file`)).text()).toBe(lines);
    expect(await end(third.child, 'SIGINT')).toBe(0);
    expect(() => readFileSync(path.join(data, 'postgres/postmaster.pid'))).toThrow('ENOENT');
  }, 180000);

  test('a stale running.pid that names a stranger ends nobody; as root the app is no root, and what is logged is for its owner only', async () => {
    const data = path.join(folder, 'stranger');
    mkdirSync(data, { recursive: true });
    // A process group of its own, as that which was ended before.
    const stranger = spawn('sleep', ['600'], { detached: true, stdio: 'ignore' });
    const lock = path.join(data, 'running.pid');
    try {
      for (const stale of [
        `${stranger.pid}\n${stranger.pid}\n`,
        JSON.stringify({
          main: { pid: stranger.pid, began: '1', boot: 'x', command: 'node bin/start.mjs' },
          app: { pid: stranger.pid, began: '1', boot: 'x', command: 'sleep 600' },
        }),
      ]) {
        writeFileSync(lock, stale);
        const { child, out } = await begin({ LORBET_DATA: data });
        expect(stranger.exitCode ?? stranger.signalCode).toBeNull();
        const { app } = JSON.parse(readFileSync(lock, 'utf8')) as { app: { pid: number; command: string } };
        expect(app.command).toMatch(/bin\/server\.mjs/);
        const owner = statSync(`/proc/${app.pid}`).uid;
        // Where no other user can read the folder at all, it says so.
        expect(owner === 0).toBe(process.getuid?.() === 0 && /so the app runs as root/.test(out));
        const logs = readdirSync(path.join(data, 'postgres/log'));
        expect(logs.length).toBeGreaterThan(0);
        for (const file of logs) expect(statSync(path.join(data, 'postgres/log', file)).mode & 0o077).toBe(0);
        expect(await end(child, 'SIGINT')).toBe(0);
      }
      expect(stranger.exitCode ?? stranger.signalCode).toBeNull();
    } finally {
      stranger.kill('SIGKILL');
    }
  }, 120000);

  test('without the demo it asks for a first lead, once', async () => {
    const { child, url, out } = await begin({ LORBET_DATA: path.join(folder, 'bare'), LORBET_DEMO: '0' });
    const code = /set-up code is (\S{4}-\S{4})$/m.exec(out)?.[1] ?? '';
    const lead = { code, workshop: 'Bare Shed', name: 'First Lead', login: 'first', password: 'long enough to pass' };
    expect(
      (await fetch(`${url}/api/set-up`, { method: 'POST', body: JSON.stringify({ ...lead, password: 'short' }) })).status,
    ).toBe(400);
    expect(
      (await fetch(`${url}/api/set-up`, { method: 'POST', body: JSON.stringify({ ...lead, code: 'AAAA-AAAA' }) })).status,
    ).toBe(400);
    const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
    try {
      const page = await browser.newPage();
      await page.goto(url);
      await page.waitForURL(`${url}/set-up`);
      await page.getByLabel('Set-up code, printed where Lorbet was started').fill(code);
      await page.getByLabel('Workshop’s name').fill(lead.workshop);
      await page.getByLabel('Your name, as it stands under certificates').fill(lead.name);
      await page.getByLabel('Sign-in name: a to z').fill(lead.login);
      await page.getByLabel('Password, 10 characters or more').fill(lead.password);
      await page.getByRole('button', { name: 'Begin' }).click();
      await page.getByText('No build yet.').waitFor();
    } finally {
      await browser.close();
    }
    expect(
      (await fetch(`${url}/api/set-up`, { method: 'POST', body: JSON.stringify({ ...lead, login: 'second' }) })).status,
    ).toBe(400);
    await end(child, 'SIGINT');
  }, 120000);

  test('a bad setting is told in one sentence', () => {
    const done = spawnSync('node', ['bin/start.mjs'], { cwd: root, encoding: 'utf8', env: { ...process.env, PORT: 'ninety' } });
    expect([done.status, done.stderr.trim()]).toEqual([
      1,
      'lorbet: PORT is ninety; allowed is a whole number from 0 (any free port) to 65535.',
    ]);
    const env = {
      ...process.env,
      LORBET_DATABASE_URL: 'postgres://x:y@127.0.0.1:1/z',
      LORBET_SESSION_SECRET: 'short',
      NODE_ENV: 'production' as const,
    };
    const app = spawnSync('node', ['bin/server.mjs'], {
      cwd: root,
      encoding: 'utf8',
      env: { ...env, PORT: '0' },
      timeout: 30000,
    });
    expect([app.status, app.stderr]).toEqual([
      78,
      expect.stringContaining('lorbet: LORBET_SESSION_SECRET is too short; it has to hold 32 characters or more.'),
    ]);
  });
});
