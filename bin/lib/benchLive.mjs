// A start live in the browser: how long a reading takes to the screen, and how fast a long trace is drawn.
import { Worker } from 'node:worker_threads';
import { signedIn } from './benchLib.mjs';
import { demoSignIn } from './demoSignIn.mjs';

const buildId = '5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e05';
const onPage = { bench: 'bench heater', multimeter: 'multimeter', clamp: 'clamp meter', thermometers: 'thermometers' };
const streams = 20;

async function openPage(address, browser, init = () => undefined) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 900 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  await context.request.post(`${address}/api/sign-in`, { data: { login: 'bram', password: demoSignIn.password } });
  await page.addInitScript(init);
  await page.goto(`${address}/builds/${buildId}/startup`, { waitUntil: 'networkidle' });
  return { context, page };
}

/**
 * Of each reading that a page shows while twenty streams run: from when it left its device, as a program beside the server hears it, to the frame after it was
 * drawn, ms. All are on one machine, and so on one clock: the reading's own time is the device's, which goes in steps.
 */
export async function toScreenMs(address, devices, browser) {
  const { context, page } = await openPage(address, browser, () => {
    const Own = window.EventSource;
    window.arrived = [];
    window.EventSource = class extends Own {
      constructor(...all) {
        super(...all);
        const kind = /device=([a-z]+)/.exec(all[0])?.[1];
        this.addEventListener('message', ({ data }) => {
          const line = JSON.parse(data);
          if (line.line === 'reading') window.arrived.push([performance.timeOrigin + performance.now(), `${kind}:${line.n}`]);
        });
      }
    };
  });
  for (const name of Object.values(onPage)) await page.getByRole('button', { name }).click();
  const { cookie } = await signedIn(address, 'bram');
  const others = Array.from({ length: streams - Object.keys(onPage).length }, (_, i) => {
    const build = buildId.slice(0, -1) + (1 + (i % 5));
    return `${address}/api/builds/${build}/live?device=bench`;
  });
  // In a thread of its own: what reads beside the page must not wait for what drives it.
  const beside = new Worker(new URL('./benchStreams.mjs', import.meta.url), {
    workerData: { devices, cookie, others, kinds: Object.keys(onPage), buildId },
  });
  await context.request.post(`${address}/api/builds/${buildId}/live`, { data: { do: 'on' } });
  await page.waitForTimeout(3000);
  const { drawn, arrived } = await page.evaluate(async () => {
    const drawn = [];
    const now = () => performance.timeOrigin + performance.now();
    const after = new MessageChannel();
    const began = [];
    after.port1.onmessage = () => drawn.push([began.shift(), now()]);
    new MutationObserver(() => {
      const at = now();
      requestAnimationFrame(() => {
        began.push(at);
        after.port2.postMessage(0);
      });
    }).observe(document.querySelector('.from-devices [role=status]'), { subtree: true, characterData: true, childList: true });
    window.arrived.length = 0;
    await new Promise((resolve) => setTimeout(resolve, 15_000));
    return { drawn, arrived: window.arrived };
  });
  const left = await new Promise((resolve) => {
    beside.once('message', resolve);
    beside.postMessage('tell');
  });
  await beside.terminate();
  await context.close();
  const took = arrived.flatMap(([at, reading]) => {
    const shown = drawn.find(([began]) => began >= at);
    return shown && left[reading] !== undefined ? [shown[1] - left[reading]] : [];
  });
  if (took.length < 0.9 * arrived.length || took.length < 100)
    throw new Error(`Of ${arrived.length} readings only ${took.length} could be followed to the screen.`);
  return took;
}

/** Two hours of a logger at ten a second, three quantities. */
function longLog() {
  const rows = Array.from({ length: 72_000 }, (_, i) => {
    const s = i / 10;
    const amps = s < 20 ? 0.4 : s < 130 ? 10 + Math.sin(i) * 0.2 : 1.4 + Math.sin(i) * 0.05;
    return `${s.toFixed(1)};${(12.7 - amps * 0.05 + Math.sin(i * 7) * 0.01).toFixed(2)};${amps.toFixed(2)};${(20 + Math.min(60, Math.max(0, s - 140) / 3)).toFixed(1)}`;
  });
  return ['t;U volt;I amp;outlet', ...rows].join('\n');
}

/** Of each frame in which a trace of 72,000 readings is drawn anew: how long after the one before it, ms. */
export async function frameTimesMs(address, browser) {
  const { context, page } = await openPage(address, browser);
  await page
    .getByLabel('Start log, CSV')
    .setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(longLog()) });
  const file = page.getByRole('region', { name: 'A logger’s file' });
  await file.locator('canvas').waitFor();
  await file.getByLabel(/flame, s/).click();
  const frames = await page.evaluate(async () => {
    const input = document.activeElement;
    const { set } = Object.getOwnPropertyDescriptor(window.HTMLInputElement.prototype, 'value');
    const all = [];
    let last = performance.now();
    for (let i = 0; i < 180; i += 1) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      all.push(performance.now() - last);
      last = performance.now();
      set.call(input, String(100 + i));
      input.dispatchEvent(new window.Event('input', { bubbles: true }));
    }
    return all;
  });
  await context.close();
  return frames;
}
