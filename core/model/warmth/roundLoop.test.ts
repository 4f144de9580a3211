import fc from 'fast-check';
import { id, type Values } from '../../../tests/soundBuild';
import { none, withRows } from '../../../tests/withRows';
import type { RowOf } from '../../build/lists';
import { readerOf } from '../../figures/readerOf';
import { gravityMS2 } from '../../physics/fuel/gravityMS2';
import type { Reader } from '../../reading/Reader';
import { heaterOffLMin } from './heaterOff';
import { loopOf, workC } from './loopOf';
import { cutBackC, heaterBoilsC, roundLoop, tightTankPa } from './roundLoop';

type Row = RowOf<'loop'>;
const filled: Values = { 'warmth.way': 'loop', 'warmth.glycol': 'ethylene', 'warmth.glycolPercent': 50, 'warmth.partsHoldL': 5, 'warmth.tankFreeMl': 800 }; // prettier-ignore
const row = (n: number, kind: Row['kind'], more: Partial<Row> = {}): Row => ({
  id: id(800 + n),
  name: `${kind ?? ''} ${n}`,
  kind,
  boreMm: 18,
  riseMm: 0,
  bleed: 'no',
  order: n,
  ...(kind === 'hose' ? { lengthM: 1, bends: 1, insulated: 'yes' } : { arrow: 'with', shut: 'no' }),
  ...more,
});
const read = (rows: Row[], values: Values = {}): Reader =>
  readerOf(withRows({ ...filled, ...values }, { loop: () => rows, ducts: none, returns: none }));
const ring = (...kinds: Row['kind'][]): Row[] => kinds.flatMap((kind, i) => [row(2 * i + 1, kind), row(2 * i + 2, 'hose')]);
const all = ring('heater', 'engine', 'matrix', 'plate', 'tank', 'pump');

test('all heat that the heater gives goes somewhere, and the coolant comes back as it began', () => {
  const kind = fc.constantFrom<Row['kind']>('engine', 'matrix', 'plate', 'valve', 'tank');
  fc.assert(
    fc.property(
      fc.array(fc.tuple(kind, fc.constantFrom<Row['limb']>('main', 'a', 'b', 'c', 'd'), fc.integer({ min: 8, max: 30 })), {
        maxLength: 6,
      }),
      fc.constantFrom('cold' as const, 'warm' as const),
      fc.integer({ min: -30, max: 10 }),
      (parts, moment, coldest) => {
        const own = parts.map(([what, limb, boreMm], i) => row(10 + i, what, { limb, boreMm }));
        const split = own.some(({ limb }) => limb !== 'main');
        // A split has both of its ways.
        const ways = split ? [row(30, 'hose', { limb: 'a', order: 10 }), row(31, 'hose', { limb: 'b', order: 10 })] : [];
        const sorted = [...own].sort((a, b) => Number(a.limb === 'main') - Number(b.limb === 'main'));
        const rows = [
          row(1, 'heater'),
          row(2, 'hose'),
          row(3, 'pump'),
          ...ways,
          ...sorted.map((one, i) => ({ ...one, order: 11 + i })),
          row(40, 'hose', { order: 60 }),
        ];
        const { heaterW, to, parts: behind } = roundLoop(read(rows, { 'survey.coldestC': coldest }), moment);
        const given = Object.values(to).reduce((sum, one) => sum + one, 0);
        expect(given).toBeCloseTo(heaterW, 3);
        expect(Math.max(...behind.map(({ c }) => c))).toBeLessThanOrEqual(Math.max(cutBackC, behind[0]?.c ?? 0) + 1e-6);
        expect(behind[0]?.c).toBeLessThanOrEqual(cutBackC + 1e-6);
      },
    ),
    { numRuns: 60, endOnFailure: true },
  );
});
test('the pressure comes back to where it began once round, and stands over the tank by nothing in the tank', () => {
  const rises = [200, -50, 120, 0, -70, 30, 40, 0, -200, 0, 0, -70];
  const rows = all.map((one, i) => ({ ...one, riseMm: rises[i] ?? 0 }));
  const { parts } = roundLoop(read(rows), 'warm');
  const flow = loopOf(read(rows)).flowAt(workC);
  // Before the heater: behind the last hose. All of it once round is the pump’s own.
  const first = parts[0];
  const last = parts[parts.length - 1];
  const lost = (flow.dropPa.get(first?.id ?? '') ?? 0) + flow.coolant.densityKgM3 * gravityMS2 * 0.2;
  expect((last?.kPa ?? 0) - lost / 1000).toBeCloseTo(first?.kPa ?? 0, 3);
  expect(parts.find(({ name }) => name.startsWith('tank'))?.kPa).toBe(0);
});
test('while all is cold the engine takes most; once it is warm the cabin and the water do', () => {
  const [cold, warm] = [roundLoop(read(all), 'cold').to, roundLoop(read(all), 'warm').to];
  expect(cold.engine).toBeGreaterThan(cold.matrix);
  expect(warm.engine).toBeLessThan(cold.engine);
});
test('a loop that gives its heat to nothing lets the heater give no more than its hoses lose', () => {
  const { heaterW, heldBack, to } = roundLoop(read(ring('heater', 'pump')), 'warm');
  expect([heldBack, heaterW]).toEqual([true, expect.closeTo(to.hose, 6)]);
});
test('a matrix that its maker rates higher takes more', () => {
  const with2 = (givesKw: number) => roundLoop(read(all.map((one) => (one.kind === 'matrix' ? { ...one, givesKw } : one))), 'warm').to.matrix; // prettier-ignore
  expect(with2(4)).toBeGreaterThan(with2(2));
});

describe('while the heater is off', () => {
  test('the engine’s pump drives the heater; a check valve in the other way of two shuts against it', () => {
    const rows = (more: Row[]) => [
      row(1, 'heater'), row(2, 'hose'), row(3, 'pump'), row(4, 'hose'),
      row(5, 'engine', { limb: 'a' }), row(6, 'hose', { limb: 'a' }), row(7, 'hose', { limb: 'b' }), ...more, row(20, 'hose'),
    ]; // prettier-ignore
    const bypassed = heaterOffLMin(read(rows([])));
    const held = heaterOffLMin(read(rows([row(8, 'check', { limb: 'b' })])));
    expect(bypassed).toBeGreaterThan(0);
    expect(held).toBeGreaterThan(bypassed);
  });
  test('a shut valve lets nothing through', () => {
    expect(heaterOffLMin(read([...all, row(20, 'valve', { shut: 'yes' }), row(21, 'hose')]))).toBe(0);
  });
  test('a loop without an engine is asked for one', () => {
    expect(() => heaterOffLMin(read(ring('heater', 'pump')))).toThrow();
  });
});

test('by hand: 800 mL of room, swollen coolant and warmer air in a tight tank', () => {
  const at = read(all);
  const swollen = 800 - at.derived('coolant.swellMl');
  const { cold, altitude } = at.all({ cold: 'survey.coldestC', altitude: 'heater.altitudeM' });
  const air = 101325 * (1 - 2.25577e-5 * altitude) ** 5.25588;
  expect(tightTankPa(at)).toBeCloseTo(air * ((800 / swollen) * ((90 + 273.15) / (cold + 273.15)) - 1), 0);
});
test('a tank that would stand 40 m below the heater is asked about, and no boiling point is made up', () => {
  const deep = all.map((one) => ({ ...one, riseMm: one.kind === 'hose' ? -3000 : 0 }));
  const rows = [
    ...deep.slice(0, 9),
    ...Array.from({ length: 12 }, (_, i) => row(40 + i, 'hose', { riseMm: -3000, order: 9 })),
    ...deep.slice(8),
  ];
  expect(() => heaterBoilsC(read(rows.map((one, i) => ({ ...one, id: id(800 + i), order: i }))))).toThrow(/not|measure/i);
});
test('a cap of 100 kPa lets the coolant boil about 20 K later (steam tables, from memory)', () => {
  const later = heaterBoilsC(read(all, { 'warmth.capKPa': 100 })) - heaterBoilsC(read(all));
  expect(later).toBeGreaterThan(17);
  expect(later).toBeLessThan(23);
});
