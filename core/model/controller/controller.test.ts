import fc from 'fast-check';
import { soundBuild, type Values } from '../../../tests/soundBuild';
import { readerOf } from '../../figures/readerOf';
import { breatherOf, breathFull, burningWith, meansOf, warmC } from '../air/breath';
import { airMap } from './airMap';
import { comingNight, heatedThrough } from './comingNight';
import { numberMeans } from './numberMeans';
import { hzOfStep } from './settings';

const on = (values: Values) => readerOf(soundBuild(values));

describe('what a number on the panel means, worked by hand', () => {
  const meanings = (shown: number, values: Values = {}) =>
    numberMeans(on(values), shown).map(({ as, hz, kw, litresH, can }) => [
      as,
      hz === null ? null : Number(hz.toFixed(2)),
      kw === null ? null : Number(kw.toFixed(2)),
      litresH === null ? null : Number(litresH.toFixed(3)),
      can,
    ]);
  // 2.4 × 0.022 mL × 3,600 s = 190 mL an hour; 2.51 kW at 4 Hz makes 1.51 at 2.4.
  test('2.4 is hertz, and no temperature', () =>
    expect(meanings(2.4)).toEqual([
      ['hertz', 2.4, 1.51, 0.19, true],
      ['degrees', null, null, null, false],
    ]));
  test('18 is degrees: no pump beats so fast', () => expect(meanings(18)).toEqual([['degrees', null, null, null, true]]));
  test('5 may be a step of six, or degrees; as hertz this pump can’t', () =>
    expect(meanings(5, { 'controller.steps': 6 })).toEqual([
      ['step', 3.44, 2.16, 0.272, true],
      ['degrees', null, null, null, true],
      ['hertz', 5, 3.14, 0.396, false],
    ]));
  test.each([
    [1, 6, 1.4, 5.4, 1.4],
    [6, 6, 1.4, 5.4, 5.4],
    [3, 6, 1.4, 5.4, 3],
  ])('step %i of %i between %f and %f Hz is %f Hz', (step, steps, min, max, hz) =>
    expect(hzOfStep(step, steps, min, max)).toBeCloseTo(hz, 9),
  );
});

describe('air against fuel', () => {
  test('at every point of a border the flame gets just what it is the border of', () => {
    fc.assert(
      fc.property(
        fc.record({
          'air.exhaustLengthM': fc.integer({ min: 3, max: 20 }).map((n) => n / 10),
          'pipes.exhaustBendsDeg': fc.constantFrom(0, 180, 360),
          'heater.altitudeM': fc.integer({ min: 0, max: 3000 }),
        }),
        (values) => {
          const read = on(values);
          const map = airMap(read);
          const breather = breatherOf(read);
          const gasC = meansOf(breathFull(read).spots, breather.exhaust);
          for (const [border, wanted, altitudeM] of [
            [map.smoke, map.leastExcess, map.highestM],
            [map.blowOut, map.mostExcess, map.lowestM],
          ] as const)
            for (const { hz, speedShare } of border.slice(2))
              expect(burningWith(breather, { hz, airC: warmC, altitudeM }, speedShare, gasC).excessAir).toBeCloseTo(wanted, 2);
        },
      ),
      { numRuns: 25 },
    );
  });
  test('a faster fan, a slower pump and a lower place give more air, never less', () => {
    const at = (values: Values) => {
      const { set } = airMap(on({ 'heater.fanMinRpm': 1500, 'heater.fanMaxRpm': 4500, 'heater.altitudeM': 1500, ...values }));
      return set[set.length - 1]?.highExcess ?? NaN;
    };
    const now = at({ 'controller.fanMaxRpm': 4000, 'controller.pumpMaxHz': 4 });
    expect(at({ 'controller.fanMaxRpm': 4200, 'controller.pumpMaxHz': 4 })).toBeGreaterThan(now);
    expect(at({ 'controller.fanMaxRpm': 4000, 'controller.pumpMaxHz': 3.6 })).toBeGreaterThan(now);
    expect(at({ 'controller.fanMaxRpm': 4000, 'controller.pumpMaxHz': 4, 'heater.altitudeM': 500 })).toBeGreaterThan(now);
  });
});

describe('the coming night of a build', () => {
  const set: Values = { 'controller.mode': 'target', 'controller.targetC': 18, 'people.asleep': 1 };
  test('as the room is held, what is burnt is what the space loses, within a tenth', () => {
    const night = heatedThrough(on(set), 'usual');
    // Held from two hours on: loss by the survey's own sum, less 72 W of the sleeper (ISO 8996, from memory); the shell takes little by then.
    const held = night.points.filter(({ min }) => min >= night.warmedMin + 120 && min < night.wakeMin);
    const mean = (of: (one: (typeof held)[number]) => number) => held.reduce((sum, one) => sum + of(one), 0) / held.length;
    const lostKw = (mean(({ airC, outsideC }) => airC - outsideC) * on(set).derived('survey.lossWK')) / 1000 - 0.072;
    expect(mean(({ kw }) => kw) / lostKw).toBeGreaterThan(0.9);
    expect(mean(({ kw }) => kw) / lostKw).toBeLessThan(1.15);
  });
  test('fuel is what the pump gives: at a fixed rate hertz × dose × seconds', () => {
    const night = comingNight(on({ ...set, 'controller.mode': 'fixed', 'controller.rateHz': 2 }), 'usual');
    expect(night.fuelL).toBeCloseTo((2 * 0.022 * night.burnHours * 3600) / 1000, 6);
  });
  test('amp-hours are those of fan and pump, and of two glows for each start', () => {
    const night = comingNight(on(set), 'usual');
    const on8h = 8 * 1.4 + (night.starts * 2 * 10 * 2) / 60;
    expect(night.ampHours).toBeCloseTo(on8h, 1);
  });
  test('it should be warm two hours after it was lit', () => {
    const { warmedMin, litMin } = comingNight(on(set), 'usual');
    expect(warmedMin - litMin).toBe(120);
  });
  test('it is never warmer for having ended sooner', () => {
    const lows = [1, 2, 3, 5, 7].map((h) => comingNight(on({ ...set, 'controller.runForH': h }), 'coldest').lowest.airC);
    expect([...lows].sort((a, b) => a - b)).toEqual(lows);
  });
  test('a timer of work-days alone leaves one evening worse than the others, and that one is told', () => {
    const build = soundBuild(set);
    const timers = [{ id: build.id, startAt: '22:00', days: 'workdays' as const, by: 'clock' as const }];
    const night = comingNight(readerOf({ ...build, lists: { ...build.lists, timers } }), 'usual');
    expect(night.days).toEqual([5, 6]);
  });
});
