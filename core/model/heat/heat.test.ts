import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { odexWarmUp } from '../../../tests/odexWarmUp';
import { sampleCorrelation } from 'simple-statistics';
import { airDensityRatio, burningAt } from '../../physics/air/airAtAltitude';
import { monteCarlo, triangular } from '../../random/monteCarlo';
import { seeded } from '../../random/seeded';
import { airLossWK, demandKw, fabricLossWK } from '../../physics/heat/spaceLoss';
import { uValueWM2K } from '../../physics/heat/uValue';
import { secondsToWarm, steadyState, warmUp, type TwoNodes } from '../../physics/heat/warmUp';
import { hoursBelowMin, workingBand } from '../../physics/heat/workingBand';

describe('U-values, ISO 6946 (from memory), worked by hand', () => {
  test.each([
    // 9 mm plywood, 30 mm PIR of 0.025: 0.13 + 0.009/0.13 + 0.03/0.025 + 0.04 = 1.4392 m²K/W
    [
      'horizontal',
      [
        ['plywood', 9],
        ['pir', 30],
      ],
      1 / 1.43923,
    ],
    // bare 1 mm steel roof: 0.10 + 0.00002 + 0.04 = 0.14002
    ['up', [['steel', 1]], 1 / 0.14002],
    // floor of 12 mm plywood on 20 mm EPS: 0.17 + 0.0923 + 0.5556 + 0.04 = 0.8579
    [
      'down',
      [
        ['plywood', 12],
        ['eps', 20],
      ],
      1 / 0.857863,
    ],
    // 5 mm acrylic: 0.13 + 0.025 + 0.04 = 0.195
    ['horizontal', [['acrylic', 5]], 1 / 0.195],
  ] as const)('%s %j', (flow, layers, u) => {
    expect(
      uValueWM2K(
        layers.map(([material, thicknessMm]) => ({ material, thicknessMm })),
        flow,
      ),
    ).toBeCloseTo(u, 4);
  });
  test('a negative or missing thickness is refused', () => {
    for (const thicknessMm of [-1, 0, NaN, 2000])
      expect(() => uValueWM2K([{ material: 'pir', thicknessMm }], 'up')).toThrow(RangeError);
  });
});

test('loss and demand: 0.335 × changes × volume × K (EN 12831, from memory), and areas × U', () => {
  expect(
    fabricLossWK([
      { areaM2: 10, uWM2K: 0.7 },
      { areaM2: 2, uWM2K: 5 },
    ]) + airLossWK(1, 12),
  ).toBeCloseTo(17 + 4.02, 6);
  expect([demandKw(60, 20, -10), demandKw(60, 20, 25)]).toEqual([1.8, 0]);
});

describe('warm-up, two nodes', () => {
  const room: fc.Arbitrary<TwoNodes> = fc.record({
    airJK: fc.double({ min: 5e3, max: 5e4, noNaN: true }),
    shellJK: fc.double({ min: 1e5, max: 2e6, noNaN: true }),
    airToShellWK: fc.double({ min: 30, max: 500, noNaN: true }),
    shellToOutsideWK: fc.double({ min: 5, max: 200, noNaN: true }),
    airToOutsideWK: fc.double({ min: 0, max: 60, noNaN: true }),
  });
  test('the closed form agrees with package odex over generated rooms', () => {
    fc.assert(
      fc.property(
        room,
        fc.double({ min: 0, max: 8000, noNaN: true }),
        fc.integer({ min: -30, max: 20 }),
        fc.integer({ min: 60, max: 20000 }),
        (nodes, power, outside, seconds) => {
          const odex = odexWarmUp(nodes, outside, power, seconds, { airC: outside + 2, shellC: outside });
          const own = warmUp(nodes, { airC: outside + 2, shellC: outside }, power, outside, seconds);
          const scale = 1 + Math.abs(power) / 20;
          expect(Math.abs(own.airC - odex.airC) / scale).toBeLessThan(1e-4);
          expect(Math.abs(own.shellC - odex.shellC) / scale).toBeLessThan(1e-4);
        },
      ),
      { numRuns: 60 },
    );
  }, 60000);
  test('it begins where it begins, ends in the steady state, and the time to warm is the time to warm', () => {
    fc.assert(
      fc.property(room, (nodes) => {
        const start = { airC: -5, shellC: -5 };
        expect(warmUp(nodes, start, 3000, -5, 0).airC).toBeCloseTo(-5, 6);
        expect(warmUp(nodes, start, 3000, -5, 1e9).airC).toBeCloseTo(steadyState(nodes, 3000, -5).airC, 4);
        const seconds = secondsToWarm(nodes, start, 3000, -5, 5);
        if (seconds === Infinity) expect(steadyState(nodes, 3000, -5).airC).toBeLessThanOrEqual(5);
        else expect(warmUp(nodes, start, 3000, -5, seconds).airC).toBeCloseTo(5, 3);
      }),
    );
  });
  // Observed, common practice, no source: a bare shell at 0 °C gained 6 to 7 K in 40 minutes of full output.
  test('a bare bus shell under 4 kW gains of the order that was seen', () => {
    const bus: TwoNodes = { airJK: 1200 * 60, shellJK: 9e5, airToShellWK: 700, shellToOutsideWK: 330, airToOutsideWK: 30 };
    const gained = warmUp(bus, { airC: 0, shellC: 0 }, 4000, 0, 2400).airC;
    expect(gained).toBeGreaterThan(5);
    expect(gained).toBeLessThan(16);
  });
});

describe('working band', () => {
  test('at its borders demand is just the least and the most output', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 400, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 2, max: 10, noNaN: true }),
        (loss, min, max) => {
          const band = workingBand(loss, 20, min, max);
          expect(demandKw(loss, 20, band.sootAboveC)).toBeCloseTo(min, 9);
          expect(demandKw(loss, 20, band.shortBelowC)).toBeCloseTo(max, 9);
          expect(band.shortBelowC).toBeLessThanOrEqual(band.sootAboveC);
        },
      ),
    );
  });
  test('hours below the least output agree with the night cut into seconds', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -15, max: 10 }),
        fc.integer({ min: 0, max: 15 }),
        fc.integer({ min: -20, max: 20 }),
        (coldest, over, border) => {
          const evening = coldest + over + 1;
          let counted = 0;
          for (let i = 0; i < 36000; i += 1) {
            const t = coldest + ((evening - coldest) * (1 + Math.cos((Math.PI * (i + 0.5)) / 36000))) / 2;
            if (t > border) counted += 1;
          }
          expect(hoursBelowMin({ shortBelowC: -99, sootAboveC: border }, evening, coldest, 10)).toBeCloseTo(counted / 3600, 2);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('nonsense is refused', () => {
    expect(() => workingBand(0, 20, 1, 2)).toThrow(RangeError);
    expect(() => workingBand(50, 20, 3, 2)).toThrow(RangeError);
  });
});

describe('thin air', () => {
  test('density agrees with package psychrolib (dry air) up to 5,000 m', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    const dense = (m: number) =>
      psychrolib.GetDryAirDensity(psychrolib.GetStandardAtmTemperature(m), psychrolib.GetStandardAtmPressure(m));
    for (const m of [0, 500, 1500, 2200, 3400, 5000]) expect(airDensityRatio(m)).toBeCloseTo(dense(m) / dense(0), 3);
  });
  test('excess air falls with it; by as much less fuel it is as it was', () => {
    const { excessAir, fuelShare } = burningAt(2200, 1.6);
    expect(excessAir / fuelShare).toBeCloseTo(1.6, 9);
    expect(fuelShare).toBeCloseTo(0.806, 2);
  });
});

describe('Monte Carlo', () => {
  const range = { min: 1, likely: 2, max: 6 };
  test('a triangular range has the mean and the median that its closed form gives', () => {
    const spread = monteCarlo({ x: range }, ({ x }) => x, { draws: 40000, seed: 7 });
    expect(spread?.mean).toBeCloseTo((1 + 2 + 6) / 3, 1);
    // Median to the right of the peak: most − √((most − least)(most − likely)/2)
    expect(spread?.median).toBeCloseTo(6 - Math.sqrt((5 * 4) / 2), 1);
    expect([triangular(range, 0), triangular(range, 1)]).toEqual([1, 6]);
  });
  test('of a sum, each input matters by its share of the variance; the same seed gives the same', () => {
    const wide = { min: -3, likely: 0, max: 3 };
    const narrow = { min: -1, likely: 0, max: 1 };
    const run = () => monteCarlo({ a: wide, b: narrow }, ({ a, b }) => a + b, { draws: 20000, seed: 3 });
    // Variance of a symmetric triangle goes with the square of its width: 9 to 1.
    expect(run()?.matters.a).toBeCloseTo(0.9, 1);
    expect(run()).toEqual(run());
    const [x, y] = [seeded(1), seeded(2)];
    const [u, v] = [Array.from({ length: 4000 }, x), Array.from({ length: 4000 }, y)];
    expect(Math.abs(sampleCorrelation(u, v))).toBeLessThan(0.05);
  });
  test('it can be cancelled, and refuses ranges out of order', () => {
    expect(monteCarlo({ x: range }, ({ x }) => x, { cancelled: () => true })).toBeNull();
    expect(() => monteCarlo({ x: { min: 3, likely: 2, max: 6 } }, ({ x }) => x)).toThrow(/x runs from 3/);
  });
});
