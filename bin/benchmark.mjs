// npm run bench: speed beside its limit, as ratios: below 1 keeps the limit. Machines differ, so compare ratios, not times.
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { at, signedIn, sorted } from './lib/benchLib.mjs';
import { frameTimesMs, toScreenMs } from './lib/benchLive.mjs';
import { demoSignIn } from './lib/demoSignIn.mjs';
import { ensureChromium, ensurePackages } from './lib/install.mjs';
import { ask, guarded, root, runOrFail, say, start, tsx } from './lib/run.mjs';
import { serve } from './lib/serve.mjs';

const over = [];
function line(name, value, limit, unit) {
  if (!(value <= limit)) over.push(name);
  console.log(
    `${name.padEnd(44)} ${(value / limit).toFixed(2).padStart(6)} of its limit of ${limit} ${unit}${value <= limit ? '' : '  OVER'}`,
  );
}

/** Resident memory of a process and all below it, MB. */
function memoryMb(pid) {
  const children = new Map();
  for (const name of readdirSync('/proc').filter((entry) => /^\d+$/.test(entry))) {
    try {
      const parent = Number(readFileSync(`/proc/${name}/stat`, 'utf8').split(') ')[1].split(' ')[1]);
      children.set(parent, [...(children.get(parent) ?? []), Number(name)]);
    } catch {
      /* gone */
    }
  }
  const own = (id) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${id}/status`, 'utf8'))?.[1] ?? 0) / 1024;
  const all = (id) => own(id) + (children.get(id) ?? []).reduce((sum, child) => sum + all(child), 0);
  return all(pid);
}

/** What was taken of the processors by whoever shares the machine, and all that they gave: ticks since it started; null where nobody tells. */
function ticks() {
  try {
    const given = readFileSync('/proc/stat', 'utf8').split('\n', 1)[0].trim().split(/\s+/).slice(1, 9).map(Number);
    return { stolen: given[7], all: given.reduce((sum, one) => sum + one, 0) };
  } catch {
    return null;
  }
}
/** How much of the machine its neighbours took since `began`. */
function stolenSince(began) {
  const now = ticks();
  return began && now ? (now.stolen - began.stolen) / Math.max(1, now.all - began.all) : 0;
}
const percent = (share) => `${Math.round(100 * share)} %`;

/** What a view asks of the server: its shell, and what it shows. */
const bayView = ['/', '/api/bay?find=&from='];
const viewOf = (id) => [`/builds/${id}/fuel`, `/api/builds/${id}/state`];

/** How long the server works for a view, all its processes' threads together: one after the other, from a device that holds nothing yet. */
async function serverTimeMs(address, client, view) {
  const worked = async () => (await (await fetch(`${address}/health/loop`)).json()).workedMs;
  const times = 300;
  const began = await worked();
  for (let i = 0; i < times; i += 1) for (const way of view) await (await client.ask(way)).arrayBuffer();
  return ((await worked()) - began) / times;
}

/**
 * Readers and writers at the same time: each of 40 asks for a page or a panel and looks at it for a while, each of 5 writes and thinks.
 * Without the pauses it is the most that one process of the app gives, and every answer waits for those before it.
 */
async function load(client, long, buildIds, [readMs, writeMs]) {
  const ways = [
    ...bayView,
    ...viewOf(long),
    `/api/builds/${long}/ledger?before=9000`,
    `/api/builds/${buildIds[0]}/state?after=1`,
  ];
  const [times, failures] = [[], []];
  const until = Date.now() + 15000;
  const timed = async (work) => {
    const began = performance.now();
    const answer = await work();
    await answer.arrayBuffer();
    times.push(performance.now() - began);
    if (!answer.ok) failures.push(answer.status);
  };
  const reader = async (i) => {
    await new Promise((resolve) => setTimeout(resolve, (readMs * i) / 40));
    for (let n = i; Date.now() < until; n += 1) {
      await timed(() => client.ask(ways[n % ways.length]));
      await new Promise((resolve) => setTimeout(resolve, readMs * (0.5 + Math.random())));
    }
  };
  const writer = async (i) => {
    await new Promise((resolve) => setTimeout(resolve, (writeMs * i) / 5));
    while (Date.now() < until) {
      const body = JSON.stringify({ commandId: randomUUID(), command: { kind: 'note', text: 'bench' } });
      await timed(() => client.ask(`/api/builds/${buildIds[i]}/commands`, { method: 'POST', body }));
      await new Promise((resolve) => setTimeout(resolve, writeMs * (0.5 + Math.random())));
    }
  };
  await Promise.all([...Array.from({ length: 40 }, (_, i) => reader(i)), ...Array.from({ length: 5 }, (_, i) => writer(i))]);
  return { times: sorted(times), failures };
}

/** What one person can do to everybody else: the longest that any hostile body holds the loop, and the same load as before beside a storm of them. */
async function underAttack(address, client, long, buildIds) {
  const attack = ['bin/benchmarkAttack.ts', address, buildIds[0]];
  const { status, out } = ask(tsx, attack, { maxBuffer: 16 * 1024 * 1024 });
  if (status !== 0) throw new Error(out);
  const held = JSON.parse(out.split('\n').slice(-1)[0]).sort((a, b) => b.ms - a.ms);
  for (const { name, ms, status: answered } of held.slice(0, 3))
    console.log(`  ${name} (${answered}) held the loop ${Math.round(ms)} ms`);
  line(`longest hold of the loop, ${held.length} hostile bodies`, held[0].ms, 200, 'ms');
  const runs = [];
  for (let round = 0; round < 3; round += 1) {
    // Sending, too, gives way to the app, which it would not share its processors with.
    const storm = start('nice', ['-n', '19', tsx, ...attack, 'storm'], { stdio: ['ignore', 'pipe', 'ignore'], detached: true });
    let sent = 0;
    await new Promise((begun) =>
      storm.stdout.on('data', (marks) => {
        sent += marks.length;
        begun();
      }),
    );
    try {
      runs.push({ ...(await load(client, long, buildIds, [4000, 2000])), sent });
    } finally {
      process.kill(-storm.pid, 'SIGKILL');
    }
  }
  return { runs, name: `the same load beside ${runs.map(({ sent }) => sent).join(', ')} hostile bodies` };
}

/** The middle one of three loads: this machine has neighbours. */
function tellLoads(name, runs) {
  const p95 = sorted(runs.map(({ times }) => at(times, 0.95)));
  console.log(`  ${name}, p95 of each: ${p95.map((ms) => `${Math.round(ms)} ms`).join(', ')}`);
  line(`${name}, p95`, p95[1], 100, 'ms');
  const failures = runs.flatMap((run) => run.failures);
  if (failures.length > 0) over.push(`${failures.length} requests failed: ${name}`);
}

async function inBrowser(address, long, devices) {
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({
    executablePath: ensureChromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  try {
    for (const [name, way, ready] of [
      ['bay of 5,000 builds, cold cache, usable', '/', '.bay-row'],
      ['build with 20,000 rows, cold cache, usable', `/builds/${long}/fuel`, '.ledger-last[data-seq]'],
      ['settings, cold cache, usable', '/settings', '.choice'],
    ]) {
      const taken = [];
      let bytes = 0;
      for (let i = 0; i < 5; i += 1) {
        const context = await browser.newContext();
        const page = await context.newPage();
        await context.request.post(`${address}/api/sign-in`, { data: { login: 'odile', password: demoSignIn.password } });
        const cdp = await context.newCDPSession(page);
        await cdp.send('Network.enable');
        const scripts = new Set();
        bytes = 0;
        cdp.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
        cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
          if (scripts.has(requestId)) bytes += encodedDataLength;
        });
        // By the page's own clock, from the moment it is asked for to the frame in which it can be used: what drives the browser from
        // outside takes its share of this machine's two cores, and no fitter has that.
        let tell;
        const told = new Promise((resolve) => (tell = resolve));
        await page.exposeFunction('tellUsableMs', tell);
        await page.addInitScript((wanted) => {
          new MutationObserver((_changes, watch) => {
            if (!document.querySelector(wanted)) return;
            watch.disconnect();
            requestAnimationFrame(() => setTimeout(() => window.tellUsableMs(performance.now())));
          }).observe(document, { subtree: true, childList: true, attributes: true });
        }, ready);
        await page.goto(address + way, { waitUntil: 'commit' });
        taken.push(await told);
        await page.waitForTimeout(300);
        await context.close();
      }
      line(name, at(sorted(taken), 0.5), 1000, 'ms');
      if (way === '/') line('bay, compressed script on first load', bytes / 1000, 300, 'kB');
    }
    const context = await browser.newContext();
    const page = await context.newPage();
    await context.request.post(`${address}/api/sign-in`, { data: { login: 'odile', password: demoSignIn.password } });
    await page.goto(`${address}/builds/5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e03/fuel/pump`, { waitUntil: 'networkidle' });
    const cell = page.getByLabel(/^Pump angle, outlet up, as fitted/);
    const typed = [];
    for (let i = 0; i < 30; i += 1) {
      const text = String(2 + (i % 9));
      await page.evaluate(() => {
        window.typedAt = 0;
        // The last change of the findings before the frame in which the new one is seen.
        new MutationObserver(() => (window.shownAt = performance.now())).observe(document.querySelector('.workspace-findings'), {
          subtree: true,
          childList: true,
          characterData: true,
        });
        const input = document.querySelector('[aria-label^="Pump angle, outlet up, as fitted"]');
        input.addEventListener('input', () => (window.typedAt = performance.now()), { once: true, capture: true });
      });
      await cell.fill(text);
      await page.waitForFunction(
        (t) => document.querySelector('[data-finding="fuel.pump.angle"]')?.textContent?.includes(`at ${t}°`),
        text,
      );
      typed.push(
        await page.evaluate(async () => {
          // Up to the frame that shows it.
          await new Promise((resolve) => requestAnimationFrame(() => resolve()));
          return window.shownAt - window.typedAt;
        }),
      );
    }
    line('typing to updated findings, in the browser', at(sorted(typed), 0.5), 50, 'ms');
    line('a reading to the screen, 20 streams, p95', at(sorted(await toScreenMs(address, devices, browser)), 0.95), 150, 'ms');
    line(
      '72,000 readings drawn anew each frame, median',
      at(sorted(await frameTimesMs(address, browser)), 0.5),
      1000 / 60 + 1,
      'ms',
    );
  } finally {
    await browser.close();
  }
}

await guarded(async () => {
  ensurePackages();
  // As the app runs it: bundled, and not with what a runner of TypeScript puts around each function.
  const core = path.join(root, '.test/benchmarkCore.cjs');
  const { build } = await import('esbuild');
  await build({
    absWorkingDir: root,
    entryPoints: ['bin/benchmarkCore.ts'],
    outfile: core,
    bundle: true,
    platform: 'node',
    packages: 'external',
    logLevel: 'warning',
  });
  runOrFail(process.execPath, [core], 'The computation could not be measured');
  await ensureBuilt();
  const data = path.join(root, '.test/bench');
  rmSync(data, { recursive: true, force: true });
  // How long the loop is held is told here; elsewhere nobody is told.
  process.env.LORBET_LOOP = '1';
  const running = await serve({ data, quiet: true });
  const began = ticks();
  try {
    say('filling a bay of 5,000 builds and a ledger of 20,000 rows …');
    const seeded = ask(tsx, ['demo/benchmarkSeed.ts'], { env: { ...process.env, ...running.env }, maxBuffer: 64 * 1024 * 1024 });
    const { id: long, plans } = JSON.parse(seeded.out.split('\n').slice(-1)[0]);
    if (process.argv.includes('--plans')) writeFileSync(path.join(root, '.test/plans.json'), JSON.stringify(plans, null, 1));
    const client = await signedIn(running.address, 'odile');
    const buildIds = [];
    for (let i = 0; i < 5; i += 1) {
      const made = await client.ask('/api/builds', {
        method: 'POST',
        body: JSON.stringify({ name: `W${i}`, what: '', kind: 'boat', place: '', heaterSerial: '' }),
      });
      buildIds.push((await made.json()).id);
    }
    for (let i = 0; i < 50; i += 1) for (const way of [...bayView, ...viewOf(long)]) await (await client.ask(way)).arrayBuffer();
    // The most it gives comes first, so that what is measured against a limit is measured on a server that is warm.
    const most = () => load(client, long, buildIds, [0, 0]);
    await most();
    const calm = [];
    for (let round = 0; round < 3; round += 1) calm.push(await load(client, long, buildIds, [4000, 2000]));
    tellLoads('40 readers (4 s), 5 writers (2 s)', calm);
    line('server time of a view, build of 20,000 rows', await serverTimeMs(running.address, client, viewOf(long)), 8, 'ms');
    line('server time of a view, bay of 5,000', await serverTimeMs(running.address, client, bayView), 8, 'ms');
    const runs = [];
    for (let round = 0; round < 3; round += 1) {
      const began = ticks();
      runs.push({ ...(await most()), stolen: stolenSince(began) });
    }
    const rate = ({ times }) => times.length / 15;
    const told = runs.map((run) => `${rate(run).toFixed(0)} (${percent(run.stolen)})`).join(', ');
    console.log(`  without pauses, answers a second of each, and what neighbours took of the machine meanwhile: ${told}`);
    // A rate is to be reached, not kept under: its limit over it. The round that had most of the machine tells what a process gives.
    const calmest = runs.reduce((best, run) => (run.stolen < best.stolen ? run : best));
    line('time an answer takes at 250 a second', 1000 / rate(calmest), 4, 'ms');
    const failures = runs.flatMap((run) => run.failures);
    if (failures.length > 0) over.push(`${failures.length} requests failed without pauses`);
    const attacked = await underAttack(running.address, client, long, buildIds);
    tellLoads(attacked.name, attacked.runs);
    await new Promise((resolve) => setTimeout(resolve, 10_000));
    line('resident memory of the app 10 s after it', memoryMb(running.app.pid), 500, 'MB');
    const papers = [];
    for (let i = 0; i < 3; i += 1) {
      const began = performance.now();
      await (await client.ask(`/api/builds/${long}/certificate`)).arrayBuffer();
      papers.push(performance.now() - began);
    }
    line('certificate of a build with 20,000 rows', at(sorted(papers), 0.5), 2000, 'ms');
    await inBrowser(running.address, long, running.env.LORBET_DEVICES);
  } finally {
    await running.stop();
  }
  console.log(`neighbours took ${percent(stolenSince(began))} of this machine since the server started`);
  if (over.length > 0) say(`over the limit: ${over.join('; ')}.`);
  process.exitCode = over.length > 0 ? 1 : 0;
});
