import fc from 'fast-check';
import { soundBuild, type Values } from '../../../tests/soundBuild';
import type { PrimingRun } from '../../build/Build';
import { explain } from '../../figures/explain';
import { summarizeStart } from '../startup/summarizeStart';
import { soundStart } from '../../../tests/soundBuild';
import { frontShares } from '../../drawing/line/frontShares';
import { primedStrokes } from './primedStrokes';
import { strokesCounted } from '../../physics/fuel/strokesCounted';
import { strokesToFill } from '../../physics/fuel/strokesToFill';

// The dry pump's middle is 0.75 + √(0.5 × 0.25 × 0.2) = 0.908 of a dose: median of a triangle, by hand.
test.each([
  [0, 11, { expected: 500, low: 431, high: 584 }],
  [11, 0, { expected: 551, low: 431, high: 778 }],
])(
  '%d mL before and %d mL after the pump, 0.022 mL a stroke: the count and its band, all doubts at their worst',
  (suctionMl, pressureMl, band) => expect(strokesToFill({ suctionMl, pressureMl }, 0.022)).toEqual(band),
);
test('a standpipe of 4 mm that stands 230 mm above the fuel holds 2.9 mL: 131 strokes of 0.022 mL', () => {
  const at = (values: Values) => explain(soundBuild(values), 'priming.toFillMl').value ?? NaN;
  const pipe = at({ 'fuel.fuelLevelMm': 60 }) - at({ 'fuel.pickupKind': 'sideOutlet', 'fuel.fuelLevelMm': 60 });
  expect(pipe).toBeCloseTo(Math.PI * 0.2 ** 2 * 23, 3);
  expect(Math.round(pipe / 0.022)).toBe(131);
});
test('strokes follow the clock alone: a gap while the screen slept is counted, a pause is not', () => {
  expect(
    strokesCounted(
      [
        { startMs: 0, stopMs: 10000 },
        { startMs: 60000, stopMs: null },
      ],
      4,
      100000,
    ),
  ).toBe(200);
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 100000 }), { minLength: 1, maxLength: 10 }), (steps) => {
      // However often it is looked at or paused for no time, the count at the end is the same.
      let t = 0;
      const spells = steps.map((ms) => ({ startMs: t, stopMs: (t += ms) }));
      return strokesCounted(spells, 4, t) === strokesCounted([{ startMs: 0, stopMs: null }], 4, t);
    }),
  );
});
test('runs add up until the line is emptied', () => {
  const run = soundBuild().primingRuns[0];
  if (!run) throw new Error('the sound build has a run');
  const counted = (...primingRuns: PrimingRun[]) => primedStrokes({ primingRuns }).strokes;
  expect(counted(run, { ...run, strokes: 30, fromEmpty: false })).toBe(630);
  expect(counted(run, { ...run, strokes: 30, fromEmpty: true })).toBe(30);
});
test('the front fills the suction line first, holds at the filter, and reaches the heater with the expected stroke', () => {
  const build = soundBuild();
  // the standpipe takes 1.885 mL at 0.908 of 0.022 mL a stroke, 94.4 strokes; the suction line as much again
  expect(frontShares(build, 94)).toEqual({ suction: 0, line: 0 });
  expect(frontShares(build, 142)).toEqual({ suction: expect.closeTo(0.504, 2), line: 0 });
  expect(frontShares(build, 200)).toEqual({ suction: 1, line: 0 });
  expect(frontShares(build, 614)?.line).toBeCloseTo(1, 2);
});
test('a start tells its figures from events and readings in any order', () => {
  const run = soundStart();
  const shuffled = { ...run, events: [...run.events].reverse(), readings: [...run.readings].reverse() };
  expect(summarizeStart(shuffled)).toMatchObject({ ignitionS: 115, lowestStartV: 11.7, runningA: 1.4, afterrunS: 180 });
  expect(summarizeStart(run).phases.map((p) => p.name)).toEqual(['purge', 'glow', 'fuel', 'flame', 'full', 'after-run']);
});
