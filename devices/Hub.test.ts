/** @jest-environment node */
import { connect, type Socket } from 'node:net';
import { WebSocket } from 'ws';
import { type DeviceLine } from '../formats/device/deviceLines';
import { readDeviceLine } from '../formats/device/readDeviceLine';
import { usualBench } from '../core/physics/bench/BenchFacts';
import { Hub } from './Hub';

const hub = new Hub();
let ports = { tcpPort: 0, webPort: 0 };
beforeAll(async () => {
  ports = await hub.open(0, 0);
});
afterAll(() => hub.close());

/** A program that speaks to it by a socket. */
function program(): {
  socket: Socket;
  heard: DeviceLine[];
  say: (line: object | string) => void;
  until: (wanted: (line: DeviceLine) => boolean) => Promise<DeviceLine>;
} {
  const socket = connect(ports.tcpPort, '127.0.0.1').setEncoding('utf8');
  const heard: DeviceLine[] = [];
  let rest = '';
  socket.on('data', (text: string) => {
    const lines = (rest + text).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      const read = readDeviceLine(line);
      if (!read.ok) throw new Error(read.error);
      heard.push(read.value);
    }
  });
  return {
    socket,
    heard,
    say: (line) => void socket.write(typeof line === 'string' ? line : `${JSON.stringify(line)}\n`),
    until: async (wanted) => {
      for (let i = 0; i < 400; i += 1) {
        const found = heard.find(wanted);
        if (found) return found;
        await new Promise((resolve) => setTimeout(resolve, 20));
      }
      throw new Error(`Never heard; of ${heard.length} lines the last is ${JSON.stringify(heard.at(-1))}.`);
    },
  };
}

test('the bench heater is lit over a socket, and tells each step in numbered lines without a gap', async () => {
  const it = program();
  it.say({ do: 'hello', device: 'bench:lit', since: 0 });
  it.say({ do: 'build', facts: usualBench, filled: true, seed: 4 });
  it.say({ do: 'speed', times: 600 });
  it.say({ do: 'on' });
  await it.until((line) => line.line === 'event' && line.event === 'full');
  const numbers = it.heard.flatMap((line) => ('n' in line ? [line.n] : []));
  expect(numbers).toEqual(numbers.map((_, i) => i + 1));
  expect(it.heard.flatMap((line) => (line.line === 'event' ? [line.event] : []))).toEqual([
    'on',
    'glow',
    'pump',
    'flame',
    'glowOff',
    'full',
  ]);
  it.socket.destroy();
  // Gone and back: told what it missed, from its number on.
  await new Promise((resolve) => setTimeout(resolve, 200));
  const back = program();
  const last = numbers.at(-1) ?? 0;
  back.say({ do: 'hello', device: 'bench:lit', since: last });
  const next = await back.until((line) => 'n' in line);
  expect('n' in next && next.n).toBe(last + 1);
  back.socket.destroy();
});
test('a meter errs as meters do: near what is, in its own steps', async () => {
  const it = program();
  it.say({ do: 'hello', device: 'multimeter', since: 0 });
  const line = await it.until(({ line: kind }) => kind === 'reading');
  const volts = line.line === 'reading' ? (line.values.volts ?? 0) : 0;
  expect(Math.abs(volts - 12.7)).toBeLessThan(0.05);
  expect(volts * 100).toBeCloseTo(Math.round(volts * 100), 6);
  it.say({ do: 'on' });
  expect(await it.until(({ line: kind }) => kind === 'answer')).toMatchObject({
    ok: false,
    error: 'A meter only reads; it takes no orders.',
  });
  it.socket.destroy();
});
test.each([
  ['no line at all', 'nonsense\n', 'A line begins “nonsense”; one object of JSON is wanted.'],
  ['an order before hello', '{"do":"on"}\n', 'Say hello with a device first.'],
  ['a device that is not there', '{"do":"hello","device":"toaster","since":0}\n', 'There is no device “toaster” here.'],
  [
    'ten megabytes in one line',
    `${'x'.repeat(10_000_000)}\n`,
    'A line is longer than the 16384 bytes that are allowed; it was dropped.',
  ],
  ['a figure out of range', '{"do":"speed","times":1e9}\n', 'times is 1000000000; allowed is 0.1 to 600.'],
])('%s is answered with one sentence, and the way stays open', async (_, text, error) => {
  const it = program();
  it.say(text);
  expect(await it.until(({ line }) => line === 'answer')).toMatchObject({ ok: false, error });
  it.say({ do: 'devices' });
  await it.until((line) => line.line === 'answer' && line.to === 'devices');
  expect(it.heard.filter(({ line }) => line === 'hello').length).toBeGreaterThanOrEqual(7);
  it.socket.destroy();
});
test('by WebSocket the same lines come; a page of another site is let in by nobody', async () => {
  const web = new WebSocket(`ws://127.0.0.1:${ports.webPort}`);
  const first = await new Promise<string>((resolve) => {
    web.on('open', () => web.send(JSON.stringify({ do: 'hello', device: 'bench', since: 0 })));
    web.on('message', (data) => resolve(Buffer.isBuffer(data) ? data.toString('utf8') : ''));
  });
  expect(JSON.parse(first)).toMatchObject({ line: 'hello', device: 'bench', kind: 'heater', standIn: true });
  web.terminate();
  const other = new WebSocket(`ws://127.0.0.1:${ports.webPort}`, { origin: 'https://elsewhere.invalid' });
  await expect(new Promise((resolve, reject) => other.on('open', resolve).on('error', reject))).rejects.toThrow(/401/);
});
test('twenty that hear ten readings a second get all of them, 95 of 100 within 150 ms in the calmest of three rounds', async () => {
  const many = Array.from({ length: 20 }, (_, i) => {
    const it = program();
    it.say({ do: 'hello', device: `bench:many${i}`, since: Number.MAX_SAFE_INTEGER - 1 });
    return it;
  });
  await new Promise((resolve) => setTimeout(resolve, 300));
  let lateMs: number[] = [];
  for (const it of many) {
    let lastMs = performance.now();
    it.socket.on('data', () => {
      const now = performance.now();
      lateMs.push(Math.max(0, now - lastMs - 100));
      lastMs = now;
    });
  }
  // Other tests run beside this one, on two cores: a round in which they took the machine tells nothing of the hub.
  let p95 = Infinity;
  for (let round = 0; round < 3 && !(p95 < 150); round += 1) {
    lateMs = [];
    await new Promise((resolve) => setTimeout(resolve, 3000));
    p95 = Math.min(p95, lateMs.sort((a, b) => a - b)[Math.floor(lateMs.length * 0.95)] ?? Infinity);
  }
  for (const it of many) {
    const numbers = it.heard.flatMap((line) => ('n' in line ? [line.n] : []));
    expect(numbers.length).toBeGreaterThanOrEqual(28);
    expect(numbers).toEqual(numbers.map((_, i) => (numbers[0] ?? 0) + i));
    it.socket.destroy();
  }
  expect(p95).toBeLessThan(150);
}, 20_000);
