import psychrolib from 'psychrolib';
import fc from 'fast-check';
import { ambientPa } from '../air/ambientPa';
import { heatInputKw } from '../heat/heatInputKw';
import { nightAh } from '../wiring/nightAh';
import { awgAreaMm2 } from '../../units/awgAreaMm2';
import { bubbleBoreLimitMm } from './bubbleBoreLimitMm';
import { densityKgM3 } from './densityKgM3';
import { gasShare } from './gasShare';
import { lineVolumeMl } from './lineVolumeMl';
import { peakFlowMlS, strokeSeconds } from './peakFlowMlS';
import { viscosityMm2S } from './viscosityMm2S';

describe('viscosity (ASTM D341, values from memory)', () => {
  const diesel = [
    [40, 3.0],
    [100, 1.25],
  ] as const;
  test.each([
    [20, 4.69, 2],
    [0, 8.42, 2],
    [-20, 18.6, 1],
  ])('a diesel of 3.0 at 40 and 1.25 at 100 °C: at %d °C %d mm²/s', (t, v, digits) =>
    expect(viscosityMm2S(diesel, t)).toBeCloseTo(v, digits),
  );
  test('an oil of 46 at 40 and 6.8 at 100 °C: 577 at 0 °C', () =>
    expect(
      viscosityMm2S(
        [
          [40, 46],
          [100, 6.8],
        ],
        0,
      ),
    ).toBeCloseTo(577, -0.5));
  test('gives its own two points back', () => diesel.forEach(([t, v]) => expect(viscosityMm2S(diesel, t)).toBeCloseTo(v, 9)));
  test('refuses two points at one temperature', () =>
    expect(() =>
      viscosityMm2S(
        [
          [40, 3],
          [40, 2],
        ],
        0,
      ),
    ).toThrow('two different temperatures'));
});

describe('standard atmosphere (ISO 2533, from memory)', () => {
  test.each([
    [1500, 84556],
    [2200, 77541],
    [3400, 66615],
    [5000, 54020],
  ])('%d m: %d Pa', (h, pa) => expect(ambientPa(h)).toBeCloseTo(pa, -1));
  test('agrees with package psychrolib up to 5,500 m', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let h = 0; h <= 5500; h += 250) expect(ambientPa(h) / psychrolib.GetStandardAtmPressure(h)).toBeCloseTo(1, 4);
  });
});

test.each([
  [14, 2.081],
  [10, 5.261],
  [0, 53.49],
  [-3, 107.2],
])('gauge %d is %d mm² (ASTM B258, from memory)', (gauge, area) => expect(awgAreaMm2(gauge) / area).toBeCloseTo(1, 3));
test('bores under 3.34 mm carry their bubbles (Bretherton 1961: ρ 832, σ 0.027, from memory)', () =>
  expect(bubbleBoreLimitMm(832)).toBeCloseTo(3.34, 2));
test('2 mm bore holds 3.1416 mL/m, 4 mm 12.566 mL/m (geometry)', () =>
  expect([lineVolumeMl(2, 1), lineVolumeMl(4, 1)].map((v) => Number(v.toFixed(4)))).toEqual([3.1416, 12.5664]));
test('5.4 Hz of 0.022 mL road diesel carry 4.24 kW in (definition)', () =>
  expect(heatInputKw({ frequencyHz: 5.4, strokeVolumeMl: 0.022, densityKgM3: 832, heatingValueMJKg: 42.9 })).toBeCloseTo(
    4.24,
    2,
  ));
test('density falls 0.083 % a kelvin from 15 °C (API MPM ch. 11, from memory)', () =>
  expect(densityKgM3(832, 25) / 832).toBeCloseTo(0.9917, 6));
test('half a sine of the peak holds just one stroke', () => {
  let volume = 0;
  const steps = 2000;
  for (let i = 0; i < steps; i += 1)
    volume += peakFlowMlS(0.022) * Math.sin((Math.PI * (i + 0.5)) / steps) * (strokeSeconds / steps);
  expect(volume).toBeCloseTo(0.022, 7);
});
test('gas: none at ambient, a tenth at half of it (Henry, L 0.1), more the lower the pressure', () => {
  expect([gasShare(1e5, 1e5), gasShare(1e5, 5e4), gasShare(1e5, 0)]).toEqual([0, 0.1, Infinity]);
  fc.assert(
    fc.property(
      fc.double({ min: 1e3, max: 1e5, noNaN: true }),
      fc.double({ min: 0.1, max: 0.99, noNaN: true }),
      (p, share) => gasShare(1.1e5, p * share) > gasShare(1.1e5, p),
    ),
  );
});
test('a night of 8 h at 1.25 A takes 10 Ah before the glow plug (common practice, no source)', () =>
  expect(nightAh({ startCurrentA: 0, startMinutes: 2, runCurrentA: 1.25, nightHours: 8 })).toBe(10));
