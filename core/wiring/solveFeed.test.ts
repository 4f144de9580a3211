import type { Simulation } from 'eecircuit-engine';
import fc from 'fast-check';
import { runModule } from '../../tests/runModule';
import { ampacityA } from './ampacityA';
import { copperOhmPerKm } from './copperOhmPerKm';
import { solveFeed } from './solveFeed';

const spice = `import { Simulation } from 'eecircuit-engine'; import { readFileSync } from 'node:fs';
const sim = new Simulation(); await sim.start(); sim.setNetList(readFileSync(0, 'utf8')); process.stdout.write(JSON.stringify((await sim.runSim()).data), () => process.exit(0));`;
type Columns = Awaited<ReturnType<Simulation['runSim']>>['data'];

describe('solveFeed', () => {
  test.each([
    [2.5, 0.638],
    [4, 0.396],
    [6, 0.264],
  ])('4 m apart, 10 A, %d mm²: %d V (Ohm, IEC 60228 from memory)', (area, drop) => {
    expect(
      solveFeed({ restV: 12, batteryMohm: 0, lengthM: 4, ohmPerKm: copperOhmPerKm(area, 20), jointsMohm: 0, currentA: 10 }).dropV,
    ).toBeCloseTo(drop, 3);
  });

  test('agrees with the SPICE engine over 100 generated circuits: battery, both cables, joints, load', () => {
    const feeds = fc.sample(
      fc.record({
        restV: fc.double({ min: 10, max: 29, noNaN: true }),
        batteryMohm: fc.double({ min: 1, max: 80, noNaN: true }),
        lengthM: fc.double({ min: 0.3, max: 15, noNaN: true }),
        ohmPerKm: fc.double({ min: 1, max: 26, noNaN: true }),
        jointsMohm: fc.double({ min: 1, max: 60, noNaN: true }),
        currentA: fc.double({ min: 0.5, max: 25, noNaN: true }),
      }),
      { numRuns: 100, seed: 11 },
    );
    // All circuits stand side by side in one netlist: one run of the engine solves them together.
    const net = feeds
      .map(
        (f, i) =>
          `V${i} a${i} 0 ${f.restV}\nRb${i} a${i} b${i} ${f.batteryMohm / 1000}\nRp${i} b${i} c${i} ${(f.lengthM * f.ohmPerKm) / 1000}\nRj${i} c${i} d${i} ${f.jointsMohm / 1000}\nI${i} d${i} e${i} ${f.currentA}\nRm${i} e${i} 0 ${(f.lengthM * f.ohmPerKm) / 1000}`,
      )
      .join('\n');
    const result = runModule<Columns>(spice, `feeds\n${net}\n.op\n.end`);
    const at = (name: string): number => {
      const column = result.find((d) => d.name.toLowerCase() === `v(${name})`);
      return column ? Number(column.values[0]) : NaN;
    };
    feeds.forEach((feed, i) => expect(at(`d${i}`) - at(`e${i}`)).toBeCloseTo(solveFeed(feed).heaterV, 4));
  });
});

describe('copper', () => {
  test('a hot cable resists more: 0.00393 /K (IEC 60028, from memory)', () =>
    expect(copperOhmPerKm(2.5, 60) / copperOhmPerKm(2.5, 20)).toBeCloseTo(1.1572, 4));
  test('an American gauge lies near its area’s share: 14 AWG (2.081 mm²) at about 9.59 Ω/km', () =>
    expect(copperOhmPerKm(2.081, 20)).toBeCloseTo(9.587, 2));
  test.each([
    [0.75, 70, 10],
    [1.5, 90, 21],
    [2.5, 70, 25],
    [4, 105, 45],
    [10, 90, 70],
    [2.081, 90, 21],
    [0.5, 105, 0],
  ] as const)('%d mm² at %d °C may carry %d A (ISO 10133 Annex A, from memory)', (area, insulation, amps) =>
    expect(ampacityA(area, insulation)).toBe(amps),
  );
});
