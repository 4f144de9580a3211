import { figures } from './figures';
import type { FigureId } from '../reading/figureIds';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { soundBuild } from '../../tests/soundBuild';
import { emptyBuild } from '../build/emptyBuild';
import type { Build } from '../build/Build';
import { figureIds } from './figures';
import { explain, whence } from './explain';
import { stageFigures } from './stageFigures';

const valueOf = (key: FigureId, build: Build = soundBuild()) => explain(build, key).value ?? NaN;

/**
 * The sound build worked by hand, with the formulas of the sources named in each figure.
 * 0.022 mL a stroke, 1.2 to 4 Hz, EN 590 diesel of 832 kg/m³ and 42.9 MJ/kg (from memory), −8 °C (outside, as the coldest night), 500 m.
 */
const byHand: [FigureId, number, number][] = [
  // 4 Hz × 0.022 mL × 832 kg/m³ × 42.9 MJ/kg = 3.141 kW; 80 % of it reaches the air
  ['heater.inputMaxKw', 3.1409, 3],
  ['heater.outputMaxKw', 2.5127, 3],
  ['heater.outputMinKw', 0.7538, 3],
  // 4 × 0.022 × 3.6 = 0.3168 L/h; 8 h
  ['heater.fuelMaxLH', 0.3168, 6],
  ['heater.nightMinL', 0.76032, 6],
  ['heater.nightMaxL', 2.5344, 6],
  ['fuel.meanFlow', 0.088, 9],
  // π/2 × 0.022 mL / 0.06 s
  ['fuel.peakFlow', 0.57596, 4],
  // 0.088 + half of (0.57596 − 0.088)
  ['fuel.peakInLine', 0.33198, 4],
  ['fuel.coldestC', -8, 9],
  // 4 Q / (π d ν) = 4 × 0.33198e-6 / (π × 0.002 × 11.2e-6)
  ['fuel.suctionReynolds', 18.9, 0],
  // 2 mm line: (0.6 + 2.8) m × 3.1416 mL/m
  ['fuel.lineVolumeMl', 10.6814, 3],
  // and 0.5 mL of filter, and 150 mm of standpipe of 4 mm above the fuel (290 − 140): 1.885 mL
  ['priming.toFillMl', 13.0664, 3],
  // (1.885 + 0.5 + 1.885) / 0.908 + 8.796 = 13.498 mL of 0.022 mL; 4 Hz
  ['priming.expectedStrokes', 614, 0],
  ['priming.expectedS', 153.5, 1],
  // 13.066 × 0.95 / 0.0242, and (4.270 / 0.75 + 8.796) × 1.05 / 0.0198
  ['priming.lowStrokes', 512, 0],
  ['priming.highStrokes', 769, 0],
  // 2 × 2.5 m × 4.95 Ω/km + 5 mΩ
  ['wiring.loopMohm', 29.75, 6],
  ['wiring.dropStartV', 0.2975, 6],
  ['wiring.dropRunV', 0.04165, 6],
  // 12.7 V − 10 A × (10 + 29.75) mΩ
  ['wiring.startV', 12.3025, 6],
  ['wiring.ampacityA', 40, 9],
  // 2 × 10 A × 2 min + 1.4 A × 8 h
  ['wiring.nightAh', 11.8667, 3],
  // 100 Ah × (0.85 − 0.25 × 8/18) at −8 °C × (1 − 0.5)
  ['wiring.usableAh', 36.944, 2],
  ['wiring.chargePercent', 100, 9],
  ['wiring.startsNight', 1, 9],
  // 1 − 11.867 / 73.889 = 0.839 left: 12.539 V; 10 A × (10 mΩ × (1 + 33/43) + 29.75 mΩ) off
  ['wiring.morningV', 12.0648, 3],
];
test.each(byHand)('%s is %d, worked by hand', (key, value, digits) => {
  expect(valueOf(key)).toBeCloseTo(value, digits);
});

test('the suction pressure is air, column, friction and the column’s own mass put together', () => {
  // ISO 2533 at 500 m: 95,461 Pa; pump 30 mm above the pickup; friction as explained beside it.
  const rho = 832 * (1 - 0.00083 * -23);
  // Half a sine: friction is worst with sin, speeding the column up with cos; together √(R² + I²).
  const worst = Math.hypot(valueOf('fuel.suctionDropPeakKPa'), valueOf('fuel.suctionPushKPa')) * 1000;
  // ρ L/A × (π/2)(V/t)(π/t), half of it left by rubber and gas: Newton, worked by hand.
  const push = ((0.5 * (rho * 0.6)) / (Math.PI * 0.001 ** 2)) * ((Math.PI / 2) * (0.022e-6 / 0.06)) * (Math.PI / 0.06);
  expect(valueOf('fuel.suctionPushKPa') * 1000).toBeCloseTo(push, 0);
  const expected = 95461 - rho * 9.80665 * 0.03 - worst;
  expect(valueOf('fuel.suctionKPa') * 1000).toBeCloseTo(expected, -1);
  const gas = 0.1 * (95461 / expected - 1);
  expect(valueOf('fuel.gasPercent')).toBeCloseTo((100 * gas) / (1 + gas), 2);
});

test('“good down to” is where the gas reaches its limit: a degree warmer holds, a degree colder does not', () => {
  const long = soundBuild({ 'fuel.suctionLengthM': 6 });
  const border = valueOf('fuel.goodDownToC', long);
  const gasAt = (coldest: number) =>
    valueOf(
      'fuel.gasPercent',
      soundBuild({ 'fuel.suctionLengthM': 6, 'heater.coldestFuelC': coldest, 'survey.coldestC': Math.round(coldest) }),
    );
  expect(border).toBeGreaterThan(-45);
  expect([gasAt(border + 1) < 10, gasAt(border - 1) > 10]).toEqual([true, true]);
});

test('friction grows with cold, length and a narrower bore, and a higher place leaves less pressure', () => {
  const sound = valueOf('fuel.suctionKPa');
  for (const worse of [
    { 'heater.coldestFuelC': -20 },
    { 'fuel.suctionLengthM': 1.2 },
    { 'fuel.suctionBoreMm': 1.5 },
    { 'fuel.pumpAboveTankFloorMm': 400 },
    { 'heater.altitudeM': 2500 },
  ] as const) {
    expect(valueOf('fuel.suctionKPa', soundBuild(worse))).toBeLessThan(sound);
  }
});

describe('explain', () => {
  test('tells formula, source, and each input with where it came from', () => {
    const build = soundBuild();
    build.sheets.wiring.feedLengthM.fitted = null;
    const told = explain(build, 'wiring.startV');
    expect(told.formula).toContain('U rest');
    expect(told.source).toMatch(/Ohm.*IEC 60228/);
    expect(told.inputs).toEqual(
      expect.arrayContaining([
        { path: 'wiring.feedLengthM', label: 'Feed, one way', value: 2.5, unit: 'm', origin: 'planned' },
        { path: 'wiring.batteryRestV', label: 'Battery at rest', value: 12.7, unit: 'V', origin: 'as fitted' },
        { path: 'heater.startCurrentA', label: 'Current while starting', value: 10, unit: 'A', origin: 'given' },
      ]),
    );
  });
  test('names the rule that went in', () => {
    const build = { ...soundBuild(), maker: { efficiencyPercent: 70 } };
    expect(explain(build, 'heater.outputMaxKw').rules).toEqual([
      expect.objectContaining({ key: 'efficiencyPercent', value: 70, origin: 'maker' }),
    ]);
  });
  test('gives no value but names what is missing, where something is', () => {
    const empty = emptyBuild(soundBuild().id, soundBuild().identity);
    for (const key of figureIds) {
      const told = explain(empty, key);
      expect([key, told.value, told.missing.length > 0]).toEqual([key, null, true]);
    }
  });
  test('every figure under a sheet exists, with a label, a formula and a source', () => {
    for (const key of Object.values(stageFigures).flat()) {
      const { label, formula, source } = explain(soundBuild(), key);
      expect([label, formula, source].every((text) => text.length > 2)).toBe(true);
    }
  });
});

test('every computed figure says in which file it is computed, and that file computes it', () => {
  for (const key of figureIds) {
    const { code } = figures[key];
    expect(readFileSync(path.resolve(__dirname, '../..', code), 'utf8')).toContain(`'${key}'`);
  }
});
test('inputs tell who put them in and when, at every depth; a maker’s figure too', () => {
  const origins = {
    '*': { by: 'A', at: '2026-11-20T08:00:00.000Z', file: true },
    'fuel.suctionLengthM/fitted': { by: 'B', at: '2026-11-20T09:00:00.000Z' },
    'maker/efficiencyPercent': { by: 'C', at: '2026-11-20T10:00:00.000Z' },
  };
  const told = explain({ ...soundBuild(), lists: {} }, 'fuel.lineVolumeMl', origins).inputs.map(
    (input) => `${input.path}: ${whence(input, (iso) => iso.slice(11, 16))}`,
  );
  expect(told).toContain('fuel.suctionLengthM: measured as fitted by B, 09:00');
  expect(told).toContain('fuel.suctionBoreMm: measured as fitted, in a file imported by A, 08:00');
  const rule = explain({ ...soundBuild(), maker: { efficiencyPercent: 80 } }, 'heater.outputMaxKw', origins).rules[0];
  expect(rule).toMatchObject({ origin: 'maker', value: 80, from: { by: 'C' } });
});
