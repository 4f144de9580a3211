import { Workspace } from 'epanet-js';
import fc from 'fast-check';
import { epanetDropsPa } from '../../../tests/epanetDropsPa';
import { lineDropPa, reynolds, type LineFlow } from './lineDropPa';

const epanetDropPa = (workspace: Workspace, line: LineFlow): number =>
  epanetDropsPa(workspace, [line], line.flowMlS, line)[0] ?? NaN;

describe('lineDropPa', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());

  test('Hagen–Poiseuille worked by hand: 2 m of 2 mm, 3.5 mm²/s, 832 kg/m³, 0.5 mL/s', () => {
    // 128 × (3.5e-6 × 832) × 2 × 0.5e-6 / (π × 0.002⁴) = 7415 Pa
    expect(lineDropPa({ lengthM: 2, boreMm: 2, flowMlS: 0.5, viscosityMm2S: 3.5, densityKgM3: 832 })).toBeCloseTo(7415, -0.5);
  });

  const laminar = fc.record({
    lengthM: fc.double({ min: 0.2, max: 10, noNaN: true }),
    boreMm: fc.double({ min: 1, max: 6, noNaN: true }),
    flowMlS: fc.double({ min: 0.05, max: 1.5, noNaN: true }),
    viscosityMm2S: fc.double({ min: 1.5, max: 20, noNaN: true }),
    densityKgM3: fc.double({ min: 760, max: 900, noNaN: true }),
  });
  const turbulent = fc.record({
    lengthM: fc.double({ min: 0.5, max: 10, noNaN: true }),
    boreMm: fc.double({ min: 2, max: 8, noNaN: true }),
    flowMlS: fc.double({ min: 20, max: 400, noNaN: true }),
    viscosityMm2S: fc.double({ min: 1, max: 3, noNaN: true }),
    densityKgM3: fc.double({ min: 760, max: 900, noNaN: true }),
  });

  test.each([
    ['laminar, 200 generated lines, within 0.5 %', laminar, (re: number) => re < 1990, 200, 0.005],
    ['turbulent, 50 generated lines, within 2 %', turbulent, (re: number) => re > 4050 && re < 1e5, 50, 0.02],
  ] as const)('agrees with the EPANET engine: %s', (_name, lines, inRange, runs, share) => {
    let worst = 0;
    for (const line of fc.sample(
      lines.filter((l) => inRange(reynolds(l))),
      { numRuns: runs, seed: 7 },
    ))
      worst = Math.max(worst, Math.abs(lineDropPa(line) / epanetDropPa(workspace, line) - 1));
    expect(worst).toBeLessThan(share);
  });

  test('rises with flow everywhere, through the transition too', () => {
    fc.assert(
      fc.property(
        laminar,
        fc.double({ min: 1.01, max: 50, noNaN: true }),
        (line, more) => lineDropPa({ ...line, flowMlS: line.flowMlS * more }) > lineDropPa(line),
      ),
    );
  });
});
