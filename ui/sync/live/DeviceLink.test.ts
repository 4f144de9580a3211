import fc from 'fast-check';
import { DeviceLink, type Heard, type OpenSource } from './DeviceLink';

/** A device that says what it is told to, and forgets nothing; the way to it can be cut. */
function device() {
  const said: string[] = [];
  let heard: Heard | null = null;
  const opened: number[] = [];
  const open: OpenSource = (since, to) => {
    opened.push(since);
    heard = to;
    queueMicrotask(() => {
      if (heard !== to) return;
      to.open();
      to.line(
        JSON.stringify({
          line: 'hello',
          lorbet: 1,
          device: 'x',
          kind: 'logger',
          name: 'x',
          from: 1,
          next: said.length + 1,
          standIn: false,
        }),
      );
      for (const line of said.slice(since)) if (heard === to) to.line(line);
    });
    return { close: () => void (heard = heard === to ? null : heard) };
  };
  const say = (body: object, through = true) => {
    const line = JSON.stringify({ ...body, n: said.length + 1 });
    said.push(line);
    if (through) heard?.line(line);
    return line;
  };
  return { open, say, opened, cut: () => heard?.gone(), raw: (text: string) => heard?.line(text) };
}
const reading = (t: number, volts = 12) => ({ line: 'reading', t, values: { volts } });
const link = (open: OpenSource) => new DeviceLink(open, (work) => work());
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const settle = async () => {
  await Promise.resolve();
  await jest.advanceTimersByTimeAsync(20_000);
};

test('no reading is lost or doubled, however the way is cut, repeats itself or leaves lines out', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(fc.constantFrom('say', 'say', 'say', 'cut', 'drop', 'repeat'), { maxLength: 60 }), async (acts) => {
      const it = device();
      const made = link(it.open);
      await settle();
      let last = '';
      let count = 0;
      for (const act of acts) {
        if (act === 'cut') it.cut();
        else if (act === 'repeat' && last) it.raw(last);
        else if (act !== 'repeat') last = it.say(reading((count += 1)), act === 'say');
        if (act === 'cut') await settle();
      }
      it.say(reading((count += 1)));
      await settle();
      expect(made.state.series.volts?.s).toEqual(Array.from({ length: count }, (_, i) => i + 1));
      expect([made.state.lost, made.state.refused]).toEqual([0, 0]);
      made.end();
    }),
    { numRuns: 40 },
  );
});
test('a clock that jumps back is told, and what it says then is not taken', async () => {
  const it = device();
  const made = link(it.open);
  await settle();
  it.say(reading(100));
  it.say(reading(40, 9));
  it.say(reading(101));
  expect(made.state.series.volts).toEqual({ s: [100, 101], value: [12, 12] });
  expect([made.state.refused, made.state.problem]).toEqual([1, 'The device’s clock jumped back from 100 to 40 s.']);
});
test('nonsense is counted and told, and the next reading taken', async () => {
  const it = device();
  const made = link(it.open);
  await settle();
  it.raw('{"line":"reading","n":1,"t":1,"values":{"volts":900}}');
  it.say(reading(2));
  expect([made.state.refused, made.state.problem, made.state.series.volts?.s]).toEqual([
    1,
    'volts is 900; allowed is 0 to 40 V.',
    [2],
  ]);
});
test('a heater told anew begins another course', async () => {
  const it = device();
  const made = link(it.open);
  await settle();
  it.say(reading(50));
  it.say({ line: 'state', t: 0, state: 'off', times: 1, faults: [], strokes: 0 });
  it.say(reading(1));
  expect(made.state.series.volts?.s).toEqual([1]);
});
test('a device that comes back with its numbers begun anew is heard from its beginning', async () => {
  const [first, second] = [device(), device()];
  let now = first;
  const made = link((since, heard) => now.open(since, heard));
  await settle();
  for (let i = 1; i <= 5; i += 1) first.say(reading(i));
  now = second;
  second.say(reading(1, 11), false);
  first.cut();
  await settle();
  second.say(reading(2, 11));
  await settle();
  expect(made.state.series.volts).toEqual({ s: [1, 2], value: [11, 11] });
});
