import fc from 'fast-check';
import { sampleStandardDeviation, mean } from 'simple-statistics';
import { blendFuels } from '../../physics/fuel/blendFuels';
import { dipChart } from '../../physics/fuel/dipChart';
import { doseTest } from './doseTest';
import { fuels, type FuelId } from '../../physics/fuel/fuels';
import { soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { leakDue, nextLook as lookAfter, type LeakCheck, type LeakProof } from './leakDue';
import { provingStart } from '../startup/fittedStarts';
import { cutStandpipe, drillFor, holeFit, usualDrillsMm } from '../../physics/fuel/standpipe';
import { dipsFlaw, levelForMm, tankHeightMm, volumeL, type TankShape } from '../../physics/fuel/tankVolume';
import { viscosityMm2S } from '../../physics/fuel/viscosityMm2S';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** A star-shaped outline round a middle: no side crosses another. */
const outline = fc.array(mm(40, 300), { minLength: 3, maxLength: 9 }).map((radii) =>
  radii.map((r, i) => ({
    alongMm: 400 + r * Math.cos((2 * Math.PI * i) / radii.length),
    upMm: 400 + r * Math.sin((2 * Math.PI * i) / radii.length),
  })),
);
const anyTank: fc.Arbitrary<TankShape> = fc.oneof(
  fc.record({ kind: fc.constant('box' as const), lengthMm: mm(50, 2000), widthMm: mm(20, 2000), heightMm: mm(50, 1000) }),
  fc.record({ kind: fc.constant('upright' as const), diameterMm: mm(50, 2000), heightMm: mm(50, 1000) }),
  fc.record({ kind: fc.constant('lying' as const), diameterMm: mm(50, 1000), lengthMm: mm(50, 2000) }),
  fc.record({ kind: fc.constant('prism' as const), outline, widthMm: mm(20, 2000) }),
);

/** How wide the tank is at a height, mm² of level surface: worked out again, by scanning and not by the volume's own way. */
function surfaceMm2(tank: TankShape, h: number): number {
  switch (tank.kind) {
    case 'box':
      return tank.lengthMm * tank.widthMm;
    case 'upright':
      return (Math.PI * tank.diameterMm ** 2) / 4;
    case 'lying':
      return 2 * Math.sqrt(Math.max(0, (tank.diameterMm / 2) ** 2 - (tank.diameterMm / 2 - h) ** 2)) * tank.lengthMm;
    case 'prism': {
      const z = h + Math.min(...tank.outline.map(({ upMm }) => upMm));
      const crossings = tank.outline
        .flatMap((a, i) => {
          const b = tank.outline[(i + 1) % tank.outline.length] ?? a;
          return a.upMm <= z === b.upMm <= z ? [] : [a.alongMm + ((z - a.upMm) / (b.upMm - a.upMm)) * (b.alongMm - a.alongMm)];
        })
        .sort((p, q) => p - q);
      let across = 0;
      for (let i = 0; i + 1 < crossings.length; i += 2) across += (crossings[i + 1] ?? 0) - (crossings[i] ?? 0);
      return across * tank.widthMm;
    }
    case 'dips':
      return 0;
  }
}

test('every shape holds what its level surfaces add up to, by numerical integration (midpoint rule, 4,000 slices)', () => {
  fc.assert(
    fc.property(anyTank, fc.double({ min: 0.02, max: 1, noNaN: true }), (tank, share) => {
      const level = tankHeightMm(tank) * share;
      const slices = 4000;
      let sum = 0;
      for (let i = 0; i < slices; i += 1) sum += surfaceMm2(tank, ((i + 0.5) * level) / slices);
      const litres = (sum * level) / slices / 1e6;
      expect(Math.abs(volumeL(tank, level) - litres)).toBeLessThan(Math.max(0.0005 * litres, 1e-6));
    }),
    { numRuns: 80 },
  );
  // r 150 mm, filled to 100 mm: 0.020626 m² (reference, geometry), a metre long
  expect(volumeL({ kind: 'lying', diameterMm: 300, lengthMm: 1000 }, 100)).toBeCloseTo(20.626, 3);
});
test('level and volume are each other’s inverse; a dip chart rises, and leaves 5 % for expansion', () => {
  fc.assert(
    fc.property(anyTank, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (tank, share) => {
      const full = volumeL(tank, Infinity);
      expect(volumeL(tank, levelForMm(tank, full * share)) / full).toBeCloseTo(share, 6);
      const chart = dipChart(tank, 20);
      expect(chart.limitL).toBeCloseTo(0.95 * full, 9);
      const levels = chart.marks.map(({ levelMm }) => levelMm);
      expect(levels.every((at, i) => i === 0 || at > (levels[i - 1] ?? 0))).toBe(true);
      expect(chart.marks.filter(({ major }) => major).length).toBeLessThanOrEqual(25);
    }),
    { numRuns: 60 },
  );
});
test('a dip table is read in straight lines, and one that does not rise is refused', () => {
  const dips = [
    { levelMm: 50, litres: 4 },
    { levelMm: 100, litres: 10 },
  ];
  expect([0, 25, 75, 100, 400].map((level) => volumeL({ kind: 'dips', dips }, level))).toEqual([0, 2, 7, 10, 10]);
  expect(dipsFlaw(dips)).toBeNull();
  expect(dipsFlaw([...dips, { levelMm: 150, litres: 9 }])).toEqual({ before: dips[1], after: { levelMm: 150, litres: 9 } });
  expect(dipsFlaw([])).toEqual({ rows: 0 });
});
test('a standpipe is cut so that its clearance stays within the tolerance', () => {
  expect(cutStandpipe({ depthMm: 236, stackMm: 8, clearMm: 30, toleranceMm: 2 })).toEqual({
    cutMm: 214,
    minClearMm: 28,
    maxClearMm: 32,
  });
  fc.assert(
    fc.property(mm(50, 900), mm(0, 60), mm(0, 40), mm(0, 10), (depthMm, stackMm, clearMm, toleranceMm) => {
      const cut = cutStandpipe({ depthMm, stackMm, clearMm, toleranceMm });
      expect(cut.minClearMm).toBeLessThanOrEqual(clearMm + 0.5 - toleranceMm);
      expect(cut.maxClearMm).toBeGreaterThanOrEqual(clearMm - 0.5 + toleranceMm);
    }),
  );
});
test('holes and fittings: of the drills to hand the smallest that lets it through; too tight and too loose are told', () => {
  expect([holeFit(7.8, 7.8), holeFit(8, 7.8), holeFit(7.5, 7.8), holeFit(8.5, 7.8)]).toEqual(['snug', 'snug', 'tight', 'loose']);
  expect(drillFor(7.8, usualDrillsMm)).toEqual({ drillMm: 7.8, fit: 'snug' });
  expect(drillFor(7.8, [7, 9, 8.5])).toEqual({ drillMm: 8.5, fit: 'loose' });
  expect(drillFor(30, usualDrillsMm)).toBeNull();
});
test('dose and scatter agree with simple-statistics; a longer run weighs more', () => {
  const run = fc
    .record({ strokes: fc.integer({ min: 20, max: 2000 }), dose: mm(0.01, 0.05) })
    .map(({ strokes, dose }) => ({ strokes, volumeMl: strokes * dose }));
  fc.assert(
    fc.property(fc.array(run, { minLength: 2, maxLength: 9 }), (runs) => {
      const each = runs.map(({ strokes, volumeMl }) => volumeMl / strokes);
      const test_ = doseTest(runs);
      expect(test_?.scatterPercent).toBeCloseTo((sampleStandardDeviation(each) / mean(each)) * 100, 8);
      expect(test_?.doseMl).toBeCloseTo(runs.reduce((s, r) => s + r.volumeMl, 0) / runs.reduce((s, r) => s + r.strokes, 0), 12);
    }),
  );
  expect(doseTest([])).toBeNull();
  expect(doseTest([{ strokes: 200, volumeMl: 4.4 }])).toMatchObject({ doseMl: expect.closeTo(0.022, 9), scatterPercent: null });
});
// By hand from the double logarithm of ν + 0.8 (Refutas, from memory): ln ln 2.8 = 0.029188, ln ln 8.8 = 0.776914, half way 0.403051.
test('half by mass of 2 and of 8 mm²/s gives 3.666 mm²/s', () => {
  const of = (viscosity: number) => ({ ...fuels.roadF, viscosityMm2SAt40C: viscosity, viscosityMm2SAt100C: viscosity / 2 });
  expect(blendFuels(of(2), of(8), 0.5).viscosityMm2SAt40C).toBeCloseTo(3.666, 2);
});
test('a blend: mass adds up, viscosity lies between its parts, the worse plugging point counts, and all of one is that one', () => {
  const some = fc.constantFrom(...(Object.keys(fuels) as FuelId[]));
  fc.assert(
    fc.property(some, some, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (a, b, share) => {
      const [one, other] = [fuels[a], fuels[b]];
      const blend = blendFuels(one, other, share);
      // A litre of the blend weighs what its two parts weigh.
      expect(blend.densityKgM3At15C).toBeCloseTo(one.densityKgM3At15C * (1 - share) + other.densityKgM3At15C * share, 9);
      const heat =
        one.heatingValueMJKg * one.densityKgM3At15C * (1 - share) + other.heatingValueMJKg * other.densityKgM3At15C * share;
      expect(blend.heatingValueMJKg * blend.densityKgM3At15C).toBeCloseTo(heat, 6);
      for (const [t, key] of [
        [40, 'viscosityMm2SAt40C'],
        [100, 'viscosityMm2SAt100C'],
      ] as const) {
        const [low, high] = [one[key], other[key]].sort((p, q) => p - q);
        expect(blend[key]).toBeGreaterThanOrEqual((low ?? 0) - 1e-9);
        expect(blend[key]).toBeLessThanOrEqual((high ?? 0) + 1e-9);
        expect(
          viscosityMm2S(
            [
              [40, blend.viscosityMm2SAt40C],
              [100, blend.viscosityMm2SAt100C],
            ],
            t,
          ),
        ).toBeCloseTo(blend[key], 9);
      }
      if (one.cfppC !== null && other.cfppC !== null) expect(blend.cfppC).toBe(Math.max(one.cfppC, other.cfppC));
    }),
  );
  expect(blendFuels(fuels.roadF, fuels.biodiesel, 0)).toBe(fuels.roadF);
  expect(() => blendFuels(fuels.roadF, fuels.biodiesel, 1.2)).toThrow(/is 1\.2; allowed is 0 to 1/);
  // EN 590 (from memory): temperate grades five kelvin apart, arctic classes with a cloud point ten kelvin above the plugging point.
  expect((['roadA', 'roadB', 'roadC', 'roadD', 'roadE', 'roadF'] as const).map((grade) => fuels[grade].cfppC)).toEqual([
    5, 0, -5, -10, -15, -20,
  ]);
  for (const grade of ['arctic0', 'arctic1', 'arctic2', 'arctic3', 'arctic4'] as const)
    expect(fuels[grade].cloudC - fuels[grade].cfppC).toBe(10);
});
test('a joint is wiped, then looked at warm after an hour, then after a night; the look due first is told', () => {
  const wiped = '2026-11-20T09:00:00.000Z';
  const at = (iso: string) => Date.parse(iso);
  const [start] = [provingStart(soundBuild())];
  if (!start) throw new Error('the sound build was lit');
  // It began at 9:00 on the 20th, reached full output at 9:04:20, and its fan stopped at 9:28.
  const proof = { start, workedMs: -Infinity };
  const nextLook = (check: LeakCheck, more: Partial<LeakProof> = {}) => lookAfter(check, { ...proof, ...more });
  expect(nextLook({ id: 'a' })).toEqual({ look: 'wipe', dueMs: null });
  expect(nextLook({ id: 'a', wipedAt: wiped })).toEqual({ look: 'warm', dueMs: at('2026-11-20T10:00:00Z') });
  const warm = { id: 'a', wipedAt: wiped, warmFound: 'dry', warmAt: '2026-11-20T10:05:00.000Z' };
  expect(nextLook(warm)).toEqual({ look: 'night', dueMs: at('2026-11-20T19:28:00Z') });
  const night = { ...warm, nightFound: 'dry', nightAt: '2026-11-20T20:00:00.000Z' };
  expect(nextLook(night)).toBeNull();
  // Looked at before there was a fire, or with no start at all, or before the line was worked on: it counts for nothing.
  expect(nextLook({ ...night, warmAt: '2026-11-19T10:05:00.000Z' })).toMatchObject({ look: 'warm' });
  expect(nextLook(night, { start: null })).toEqual({ look: 'warm', dueMs: null });
  expect(nextLook(night, { workedMs: at('2026-11-20T12:00:00Z') })).toEqual({ look: 'wipe', dueMs: null });
  // Wiped when the fan had stopped: it has not been warm since.
  expect(nextLook({ ...night, wipedAt: '2026-11-20T09:40:00.000Z' })).toEqual({ look: 'warm', dueMs: null });
  const due = (...leaks: LeakCheck[]) => leakDue({ ...soundBuild(), lists: { leaks } } as Build);
  expect(due(warm, { id: 'b', wipedAt: wiped }, { id: 'c' })).toEqual({
    look: 'warm',
    dueMs: at('2026-11-20T10:00:00Z'),
    joints: 1,
  });
  expect(due({ id: 'c' })).toBeNull();
  // Dry after three hours is no night.
  expect(nextLook({ ...night, nightAt: '2026-11-20T12:00:00.000Z' })?.look).toBe('night');
});
