import fc from 'fast-check';
import { soundBuild } from '../../tests/soundBuild';
import { summarizeStart } from '../startup/summarizeStart';
import { soundStart } from '../../tests/soundBuild';
import { frontShares } from './frontShares';
import { primedStrokes } from './primedStrokes';
import { strokesCounted } from './strokesCounted';
import { strokesToFill } from './strokesToFill';

test('11 mL at 0.022 mL a stroke fills in 500, between 431 and 584 with both tolerances at their worst', () =>
  expect(strokesToFill(11, 0.022)).toEqual({ expected: 500, low: 431, high: 584 }));
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
  expect(primedStrokes([run, { ...run, strokes: 30, fromEmpty: false }]).strokes).toBe(530);
  expect(primedStrokes([run, { ...run, strokes: 30, fromEmpty: true }]).strokes).toBe(30);
});
test('the front fills the suction line first, holds at the filter, and reaches the heater with the expected stroke', () => {
  const build = soundBuild();
  // suction 0.6 m holds 1.885 mL: 86 strokes of 0.022 mL
  expect(frontShares(build, 43)).toEqual({ suction: expect.closeTo(0.502, 2), line: 0 });
  expect(frontShares(build, 100)).toEqual({ suction: 1, line: 0 });
  const full = strokesToFill(Math.PI * (0.6 + 2.8) + 0.5, 0.022).expected;
  expect(frontShares(build, full)?.line).toBeCloseTo(1, 2);
});
test('a start tells its figures from events and readings in any order', () => {
  const run = soundStart();
  const shuffled = { ...run, events: [...run.events].reverse(), readings: [...run.readings].reverse() };
  expect(summarizeStart(shuffled)).toMatchObject({ ignitionS: 115, lowestStartV: 11.7, runningA: 1.4, afterrunS: 180 });
  expect(summarizeStart(run).phases.map((p) => p.name)).toEqual(['purge', 'glow', 'fuel', 'flame', 'full', 'after-run']);
});
