import fc from 'fast-check';
import { usualBench } from '../../core/physics/bench/BenchFacts';
import { benchFaultIds } from '../../core/physics/bench/faults';
import { LineCutter } from './LineCutter';
import { deviceEvents, deviceQuantities, lineMaxBytes, type DeviceQuantity } from './deviceLines';
import { readDeviceCommand } from './readDeviceCommand';
import { readDeviceLine } from './readDeviceLine';

const quantities = Object.keys(deviceQuantities) as DeviceQuantity[];
const readings = fc.record({
  line: fc.constant('reading' as const),
  n: fc.integer({ min: 1 }),
  t: fc.double({ min: 0, max: 1e8, noNaN: true }),
  values: fc
    .dictionary(fc.constantFrom(...quantities), fc.constant(0), { minKeys: 1 })
    .map((all) => Object.fromEntries(Object.keys(all).map((key) => [key, deviceQuantities[key as DeviceQuantity].max]))),
});
test('what is said is read back as it was', () => {
  fc.assert(
    fc.property(readings, (line) =>
      expect(readDeviceLine(JSON.stringify(line))).toEqual({ ok: true, value: JSON.parse(JSON.stringify(line)) }),
    ),
  );
  for (const event of deviceEvents)
    expect(readDeviceLine(JSON.stringify({ line: 'event', n: 1, t: 0, event }))).toMatchObject({ ok: true });
  expect(readDeviceCommand(JSON.stringify({ do: 'build', facts: usualBench, filled: true, seed: 1 }))).toEqual({
    ok: true,
    value: { do: 'build', facts: usualBench, filled: true, seed: 1 },
  });
});
test('whatever comes over the wire is never thrown at anybody, and no reading out of its range is taken', () => {
  const anything = fc.oneof(
    fc.string(),
    fc.json(),
    readings.map((line) => JSON.stringify(line)),
    fc
      .tuple(readings, fc.constantFrom('n', 't', 'values', 'line'), fc.anything())
      .map(([line, key, value]) => JSON.stringify({ ...line, [key]: value }) ?? ''),
  );
  fc.assert(
    fc.property(anything, (text) => {
      const read = readDeviceLine(text);
      if (!read.ok) return expect(read.error).toMatch(/\.$/);
      if (read.value.line !== 'reading') return undefined;
      for (const [quantity, value] of Object.entries(read.value.values)) {
        const { min, max } = deviceQuantities[quantity as DeviceQuantity];
        expect(value >= min && value <= max).toBe(true);
      }
      return undefined;
    }),
    { numRuns: 2000 },
  );
  fc.assert(
    fc.property(anything, (text) => void readDeviceCommand(text)),
    { numRuns: 1000 },
  );
});
test.each([
  ['{"line":"reading","n":1,"t":2,"values":{"volts":99}}', 'volts is 99; allowed is 0 to 40 V.'],
  ['{"line":"reading","n":0,"t":2,"values":{"volts":9}}', 'n is 0; a whole number from 1 is wanted.'],
  ['{"line":"reading","n":1,"t":2,"values":{}}', 'values is empty; one quantity at least is wanted.'],
  ['{"line":"hello","lorbet":9}', 'lorbet is 9; this app knows version 1.'],
])('%s is refused: %s', (text, error) => expect(readDeviceLine(text)).toEqual({ ok: false, error }));
test.each([
  [
    { do: 'faults', faults: [{ id: 'dragon', strength: 1, fromS: 0, growsS: 0 }] },
    'A fault’s id is "dragon"; no such fault is known.',
  ],
  [
    { do: 'faults', faults: [{ id: benchFaultIds[0], strength: 2, fromS: 0, growsS: 0 }] },
    'Strength of tankEmpty is 2; allowed is 0 to 1.',
  ],
  [{ do: 'build', facts: { ...usualBench, plug: 3 }, seed: 1 }, 'facts.plug is 3; an object is wanted.'],
  [{ do: 'build', facts: { ...usualBench, efficiency: 'much' }, seed: 1 }, 'facts.efficiency is "much"; a number is wanted.'],
  [{ do: 'set', targetC: 90 }, 'targetC is 90; allowed is 5 to 35.'],
])('an order of %j is refused: %s', (command, error) =>
  expect(readDeviceCommand(JSON.stringify(command))).toEqual({ ok: false, error }),
);
test('lines are cut as they are however they arrive; one that is too long is dropped, and what follows is whole', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.string({ minLength: 1 }).filter((line) => !/[\r\n]/.test(line) && line.trim() !== ''),
        { minLength: 1, maxLength: 20 },
      ),
      fc.array(fc.nat(40), { maxLength: 60 }),
      (lines, cuts) => {
        const cutter = new LineCutter();
        const got: (string | null)[] = [];
        let text = `${lines.join('\n')}\n`;
        for (const cut of [...cuts, Infinity]) {
          got.push(...cutter.take(text.slice(0, cut)));
          text = Number.isFinite(cut) ? text.slice(cut) : '';
        }
        expect(got).toEqual(lines);
      },
    ),
  );
  const cutter = new LineCutter();
  const long = 'x'.repeat(lineMaxBytes + 1);
  expect([...cutter.take(long.slice(0, 9000)), ...cutter.take(long), ...cutter.take('more\nnext\n')]).toEqual([null, 'next']);
});
