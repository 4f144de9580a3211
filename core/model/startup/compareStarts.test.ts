import fc from 'fast-check';
import { linearRegression, mean, sampleStandardDeviation } from 'simple-statistics';
import { soundBuild, soundStart } from '../../../tests/soundBuild';
import { comparedStarts, trendOf, type ComparedStart } from './compareStarts';

const start = (at: string, ignitionS: number | null): ComparedStart => ({
  at,
  by: '',
  number: 1,
  ignitionS,
  toFullS: null,
  lowestStartV: null,
  runningA: null,
  riseK: null,
  afterrunS: null,
});
const yearMs = 365.25 * 24 * 3600_000;

test('mean, scatter and drift are those of simple-statistics', () => {
  const day = fc.integer({ min: 0, max: 3000 });
  fc.assert(
    fc.property(
      fc.uniqueArray(day, { minLength: 3, maxLength: 30 }).filter((days) => Math.max(...days) - Math.min(...days) > 31),
      fc.infiniteStream(fc.integer({ min: 40, max: 300 })),
      (days, times) => {
        const starts = days.map((d) => start(new Date(Date.UTC(2020, 0, 1 + d)).toISOString(), times.next().value as number));
        const values = starts.map(({ ignitionS }) => ignitionS ?? 0);
        const { m } = linearRegression(
          starts.map(({ at, ignitionS }) => [(Date.parse(at) - Date.UTC(2020, 0, 1)) / yearMs, ignitionS ?? 0]),
        );
        const trend = trendOf(starts, 'ignitionS');
        expect(trend).toMatchObject({ n: days.length, mean: expect.closeTo(mean(values), 6) });
        expect(trend?.scatter).toBeCloseTo(sampleStandardDeviation(values), 6);
        expect((trend?.aYear ?? NaN) / Math.max(1, Math.abs(m))).toBeCloseTo(m / Math.max(1, Math.abs(m)), 6);
      },
    ),
  );
});
test('a start that lies over twice the scatter of those before it stands out; with fewer than three before it none does', () => {
  const at = (month: number) => `2026-${String(month).padStart(2, '0')}-01T09:00:00.000Z`;
  const of = (...times: number[]) =>
    trendOf(
      times.map((s, i) => start(at(i + 1), s)),
      'ignitionS',
    )?.lastStandsOut;
  expect([of(100, 110, 105, 150), of(100, 110, 105, 112), of(100, 150)]).toEqual([true, false, false]);
});
test('starts of one month tell of no drift', () =>
  expect(
    trendOf(
      [1, 9, 30].map((day) => start(`2026-01-${String(day).padStart(2, '0')}T09:00:00.000Z`, 100 + day)),
      'ignitionS',
    )?.aYear,
  ).toBeNull());
test('what was not read is not compared', () => {
  expect(trendOf([start('2026-01-01T09:00:00.000Z', null)], 'ignitionS')).toBeNull();
  expect(comparedStarts({ ...soundBuild(), starts: [soundStart()] })[0]).toMatchObject({
    number: 1,
    ignitionS: 115,
    toFullS: 255,
    runningA: 1.4,
    riseK: null,
  });
});
