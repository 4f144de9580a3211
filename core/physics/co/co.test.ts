import fc from 'fast-check';
import { alarmMust } from './alarmMust';
import { bloodAfter, bloodThrough, breathing } from './carboxyhaemoglobin';
import type { CoAt } from './Course';
import { highestMean } from './highestMean';
import { mgM3OfPpm, ppmOfMgM3 } from './mgM3OfPpm';
import { mixedAfter, sourceOfRise } from './mixedRoom';

describe('parts by volume and by mass (ideal gas; factors as commonly printed)', () => {
  test.each([
    [20, 1.164],
    [25, 1.145],
  ])('at %d °C a ppm is %d mg/m³', (airC, factor) => expect(mgM3OfPpm(1, airC)).toBeCloseTo(factor, 3));
  test('8.6 ppm is the guideline of 10 mg/m³ over 8 h', () => expect(ppmOfMgM3(10)).toBeCloseTo(8.59, 2));
  test('what is no strength is refused in one sentence', () =>
    expect(() => mgM3OfPpm(-1)).toThrow('The carbon monoxide is -1 ppm; allowed is 0 up to 1000000 ppm.'));
});

describe('carboxyhaemoglobin (Coburn, Forster and Kane 1965; check values of UL 2034, from memory)', () => {
  test.each([
    [70, 240, 10.7],
    [150, 50, 10.0],
    [400, 15, 9.5],
  ])('%d ppm over %d min of heavy work bind %d %%', (ppm, min, percent) => expect(bloodAfter(ppm, min)).toBeCloseTo(percent, 1));
  test('asleep in clean air half of it is gone in four to five hours (from memory: 4 to 5 h at rest)', () => {
    const half = Math.log(2) * 2398 * breathing.asleep;
    expect(half).toBeGreaterThan(240);
    expect(half).toBeLessThan(300);
  });
  test('through a course of one strength it is as in still air, however it is cut', () => {
    const course = [0, 7, 31, 32, 100].map((min) => ({ min, ppm: 150 }));
    expect(bloodThrough(course, 0).at(-1)).toBeCloseTo(bloodAfter(150, 100), 9);
  });
  test('through a rise it is what a fine numerical step gives', () => {
    const course = [
      { min: 0, ppm: 0 },
      { min: 240, ppm: 200 },
    ];
    let percent = 0.7;
    const dt = 0.002;
    // dC/dt = (218 (0.0003 + ppm/1316) − C)/(2398 B), by Euler’s steps.
    for (let t = 0; t < 240; t += dt)
      percent += (dt * (218 * (0.0003 + ((t + dt / 2) * 200) / 240 / 1316) - percent)) / (2398 * breathing.heavyWork);
    expect(bloodThrough(course, 0.7).at(-1)).toBeCloseTo(percent, 3);
  });
});

describe('the highest mean over a span', () => {
  test('of a peak between two readings it is where both ends of the span stand alike', () => {
    const peak = [
      { min: 0, ppm: 0 },
      { min: 10, ppm: 100 },
      { min: 30, ppm: 0 },
    ];
    // By hand: 10 t = 100 − 5 (t + 15 − 10) at t = 5.
    const by = highestMean(peak, 15);
    expect(by?.fromMin).toBeCloseTo(5, 9);
    // Trapezes 50 to 100 over 5 min and 100 to 50 over 10 min: 375 + 750.
    expect(by?.ppm).toBeCloseTo(1125 / 15, 9);
  });
  const courses = fc
    .array(fc.record({ gap: fc.integer({ min: 1, max: 40 }), ppm: fc.integer({ min: 0, max: 300 }) }), {
      minLength: 2,
      maxLength: 25,
    })
    .map((all) => {
      let min = 0;
      return all.map(({ gap, ppm }): CoAt => ({ min: (min += gap), ppm }));
    });
  test('no span of a fine search is higher', () => {
    fc.assert(
      fc.property(courses, fc.integer({ min: 5, max: 60 }), (course, span) => {
        const [from, to] = [course[0]?.min ?? 0, course.at(-1)?.min ?? 0];
        const found = highestMean(course, span);
        expect(found === null).toBe(to - from < span);
        if (!found) return;
        const at = (min: number): number => {
          const i = course.findIndex((one) => one.min >= min);
          const [a, b] = [course[Math.max(0, i - 1)], course[i]];
          if (!a || !b || a === b) return b?.ppm ?? 0;
          return a.ppm + ((b.ppm - a.ppm) * (min - a.min)) / (b.min - a.min);
        };
        for (let begin = from; begin <= to - span; begin += 0.5) {
          let sum = 0;
          for (let k = 0; k < span * 4; k += 1) sum += at(begin + (k + 0.5) / 4) / 4;
          expect(sum / span).toBeLessThanOrEqual(found.ppm + 0.5);
        }
      }),
      { numRuns: 60 },
    );
  });
  test('a course shorter than the span has none', () =>
    expect(
      highestMean(
        [
          { min: 0, ppm: 30 },
          { min: 14, ppm: 30 },
        ],
        15,
      ),
    ).toBeNull());
  test('readings out of order are refused in one sentence', () =>
    expect(() =>
      highestMean(
        [
          { min: 5, ppm: 1 },
          { min: 5, ppm: 2 },
        ],
        1,
      ),
    ).toThrow('The time of a reading is 5 min; allowed is above 5 min.'));
});

describe('a mixed space', () => {
  const space = { volumeM3: 12, airChangesH: 1.5, sourceLH: 0.4, outsidePpm: 0.5 };
  test('by closed form is as by small steps', () => {
    let ppm = 3;
    const dt = 1e-4;
    for (let h = 0; h < 2; h += dt)
      ppm += dt * ((space.sourceLH / space.volumeM3) * 1000 - space.airChangesH * (ppm - space.outsidePpm));
    expect(mixedAfter(space, 3, 2)).toBeCloseTo(ppm, 2);
  });
  test('comes to S/(n V) over the air outside', () =>
    expect(mixedAfter(space, 0, 100)).toBeCloseTo(0.5 + (0.4 / (1.5 * 12)) * 1000, 9));
  test('what must have come in for a rise is what made it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.double({ min: 0.05, max: 12, noNaN: true }),
        (volumeM3, airChangesH, sourceLH, h) => {
          const rise = mixedAfter({ volumeM3, airChangesH, sourceLH, outsidePpm: 0 }, 0, h);
          fc.pre(rise <= 1e6);
          expect(sourceOfRise({ volumeM3, airChangesH }, rise, h)).toBeCloseTo(sourceLH, 6);
        },
      ),
    );
  });
  test('tight for ever is refused in one sentence', () =>
    expect(() => sourceOfRise({ volumeM3: 12, airChangesH: 0 }, 5, Infinity)).toThrow(
      'The air changes are 0 /h; allowed is above 0 where it has risen for ever.',
    ));
});

describe('what an alarm must do (EN 50291, UL 2034, from memory)', () => {
  test.each([
    ['en50291', 29, null, Infinity],
    ['en50291', 30, null, 120],
    ['en50291', 50, 90, 60],
    ['en50291', 99, 90, 60],
    ['en50291', 100, 40, 10],
    ['en50291', 300, 3, 0],
    ['ul2034', 69, null, Infinity],
    ['ul2034', 70, 240, 60],
    ['ul2034', 150, 50, 10],
    ['ul2034', 400, 15, 4],
  ] as const)('%s at %d ppm: by %s min, not before %s min', (standard, ppm, byMin, notBeforeMin) =>
    expect(alarmMust(standard, ppm)).toEqual({ byMin, notBeforeMin }),
  );
  test('where an alarm of UL 2034 must have sounded, blood has bound no more than 11 %', () => {
    for (const ppm of [70, 150, 400]) expect(bloodAfter(ppm, alarmMust('ul2034', ppm).byMin ?? Infinity)).toBeLessThan(11);
  });
});
