/**
 * Kills app, database, or both with SIGKILL in the middle of writing, again and again, and looks whether all that was acknowledged is there.
 * node tests/kill/killRounds.mjs [ROUNDS] [FOLDER]; last line: JSON with rounds, acknowledged, lost, doubled.
 */
import { randomUUID } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { demoSignIn } from '../../bin/lib/demoSignIn.mjs';
import { serve, serveAnother } from '../../bin/lib/serve.mjs';

const [rounds = 50, folder = path.resolve('.test/kill')] = [Number(process.argv[2] ?? 50), process.argv[3]];
rmSync(folder, { recursive: true, force: true });
const writers = 4;
const clusterPid = () => Number(readFileSync(path.join(folder, 'postgres/postmaster.pid'), 'utf8').split('\n')[0]);
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function signedIn(address) {
  const answer = await fetch(`${address}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login: 'bram', password: demoSignIn.password }),
  });
  const cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? '';
  return (way, init = {}) => fetch(address + way, { ...init, headers: { cookie } });
}
const post = (ask, way, body) => ask(way, { method: 'POST', body: JSON.stringify(body) });

const acknowledged = new Set();
let sent = 0;
let buildId = '';

/** Writes notes one after the other; one without an answer is sent again after the next start, under its own id, as the app does. */
async function write(ask, state) {
  while (state.on) {
    state.waiting ??= { commandId: randomUUID(), command: { kind: 'note', text: `entry ${(sent += 1)}` } };
    try {
      const answer = await post(ask, `/api/builds/${buildId}/commands`, state.waiting);
      if (answer.ok) {
        acknowledged.add(state.waiting.command.text);
        state.waiting = null;
      } else await pause(20);
    } catch {
      await pause(20);
    }
  }
}

const states = Array.from({ length: writers }, () => ({ on: false, waiting: null }));
let running = await serve({ data: folder, quiet: true });
for (let round = 0; round < rounds; round += 1) {
  const ask = await signedIn(running.address);
  if (!buildId) {
    const made = await post(ask, '/api/builds', { name: 'Killed', what: '', kind: 'boat', place: '', heaterSerial: '' });
    buildId = (await made.json()).id;
  }
  const work = states.map((state) => write(ask, Object.assign(state, { on: true })));
  await pause(150 + ((round * 97) % 500));
  const what = ['app', 'database', 'both'][round % 3];
  if (what !== 'app') process.kill(clusterPid(), 'SIGKILL');
  if (what !== 'database') process.kill(-running.app.pid, 'SIGKILL');
  await pause(30);
  for (const state of states) state.on = false;
  await Promise.all(work);
  await running.stop();
  running = await serve({ data: folder, quiet: true });
}
// What was on its way at the last kill goes in, as a device would send it.
const ask = await signedIn(running.address);
for (const state of states)
  if (state.waiting && (await post(ask, `/api/builds/${buildId}/commands`, state.waiting)).ok)
    acknowledged.add(state.waiting.command.text);
const lines = (await (await ask(`/api/builds/${buildId}/ledger/file`)).text()).trim().split('\n');
const notes = lines.map((line) => JSON.parse(JSON.parse(line).content).body.text).filter(Boolean);
const verification = await (await ask(`/api/builds/${buildId}/ledger/check`)).json();
const another = await serveAnother(running);
await another.stop();
await running.stop();
const kept = new Set(notes);
const lost = [...acknowledged].filter((text) => !kept.has(text)).length;
const result = { rounds, acknowledged: acknowledged.size, lost, doubled: notes.length - kept.size, broken: verification.broken };
console.log(JSON.stringify(result));
process.exitCode = lost === 0 && result.doubled === 0 && result.broken === null && acknowledged.size > rounds ? 0 : 1;
