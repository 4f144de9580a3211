/**
 * Kills app, database, or both with SIGKILL in the middle of writing, again and again, and looks whether all that was acknowledged is there.
 * node tests/kill/killRounds.mjs [ROUNDS] [FOLDER]; last line: JSON with rounds, acknowledged, lost, doubled.
 */
import { randomUUID } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { demoSignIn } from '../../bin/lib/demoSignIn.mjs';
import { freePort, startPostgres } from '../../bin/lib/postgres.mjs';
import { runOrFail, tsx } from '../../bin/lib/run.mjs';
import { answers, startApp } from '../../bin/lib/serve.mjs';

const rounds = Number(process.argv[2] ?? 50);
const folder = path.resolve(process.argv[3] ?? '.test/kill');
rmSync(folder, { recursive: true, force: true });
// The same port after each kill, so that an app that lives on finds its database again.
process.env.LORBET_DB_PORT = String(await freePort());
const writers = 4;
const clusterPid = () => Number(readFileSync(path.join(folder, 'postgres/postmaster.pid'), 'utf8').split('\n')[0]);
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function signedIn(address) {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login: 'bram', password: demoSignIn.password }),
  });
  const cookie = answer.headers
    .getSetCookie()
    .map((set) => set.split(';')[0])
    .join('; ');
  return (way, init = {}) => fetch(address + way, { ...init, headers: { cookie } });
}
const post = (ask, way, body) => ask(way, { method: 'POST', body: JSON.stringify(body) });

const acknowledged = new Set();
let sent = 0;
let buildId = '';

/** A note, or a row of the kit's list, by turns: both kinds have to outlive the kill. */
function entry() {
  const text = `entry ${(sent += 1)}`;
  const row = { list: 'datums', row: randomUUID(), action: 'add', values: { name: text } };
  const command = sent % 2 && sent < 60 ? { kind: 'rows', changes: [row] } : { kind: 'note', text };
  return { commandId: randomUUID(), command };
}
const named = ({ text, changes }) => text ?? changes?.[0]?.values.name;

/** Writes entries one after the other; one without an answer is sent again after the next start, under its own id, as the app does. */
async function write(ask, state) {
  while (state.on) {
    state.waiting ??= entry();
    try {
      const answer = await post(ask, `/api/builds/${buildId}/commands`, state.waiting);
      if (answer.ok) {
        acknowledged.add(named(state.waiting.command));
        state.waiting = null;
      } else await pause(20);
    } catch {
      await pause(20);
    }
  }
}

const states = Array.from({ length: writers }, () => ({ on: false, waiting: null }));
let database = await startPostgres(folder);
const env = { ...process.env, ...database.env, LORBET_LOG: 'silent' };
runOrFail(tsx, ['bin/prepare.ts', '--demo'], 'The database could not be prepared', { env: { ...env, ...database.ownerEnv } });
const port = await freePort();
let app = await startApp({ port, quiet: true, env });
await answers(`${app.address}/health/ready`, app.app);
const ask = await signedIn(app.address);
const made = await post(ask, '/api/builds', { name: 'Killed', what: '', kind: 'boat', place: '', heaterSerial: '' });
buildId = (await made.json()).id;
for (let round = 0; round < rounds; round += 1) {
  const work = states.map((state) => write(ask, Object.assign(state, { on: true })));
  // A process that was just started needs a moment until it writes at all.
  const before = acknowledged.size;
  for (let i = 0; i < 200 && acknowledged.size === before; i += 1) await pause(20);
  await pause(80 + ((round * 97) % 400));
  const what = ['app', 'database', 'both'][round % 3];
  if (what !== 'app') process.kill(clusterPid(), 'SIGKILL');
  if (what !== 'database') app.kill();
  await pause(30);
  for (const state of states) state.on = false;
  await Promise.all(work);
  if (what !== 'app') database = await startPostgres(folder);
  if (what !== 'database') {
    await app.end();
    app = await startApp({ port, quiet: true, env });
  }
  if (!(await answers(`${app.address}/health/ready`, app.app)))
    throw new Error(`Round ${round}: nothing answers after ${what} was killed.`);
}
// What was on its way at the last kill goes in, as a device would send it.
for (const state of states)
  if (state.waiting && (await post(ask, `/api/builds/${buildId}/commands`, state.waiting)).ok)
    acknowledged.add(named(state.waiting.command));
const lines = (await (await ask(`/api/builds/${buildId}/ledger/file`)).text()).trim().split('\n');
const notes = lines.map((line) => named(JSON.parse(JSON.parse(line).content).body)).filter(Boolean);
const verification = await (await ask(`/api/builds/${buildId}/ledger/check`)).json();
await app.end();
database.stop();
const kept = new Set(notes);
const lost = [...acknowledged].filter((text) => !kept.has(text)).length;
const result = { rounds, acknowledged: acknowledged.size, lost, doubled: notes.length - kept.size, broken: verification.broken };
console.log(JSON.stringify(result));
process.exitCode = lost === 0 && result.doubled === 0 && result.broken === null && acknowledged.size > rounds ? 0 : 1;
