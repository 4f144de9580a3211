import { id, soundBuild, soundStart, type Values } from '../../../tests/soundBuild';
import type { Build, CoLog, CoLogged } from '../../build/Build';
import { applyCommand } from '../../commands/applyCommand';
import { airOf, coNights, leakOf, rateLog, slopePpmH } from '../../model/proving/coNight';
import { ppmOfMgM3 } from '../../physics/co/mgM3OfPpm';
import { assess } from '../assess';
import { messageOf, remedyOf } from '../findingText';

const evening = '2026-11-20T21:00:00.000Z';
const flat = (ppm: number, minutes = 480, everyMin = 10): CoLogged[] =>
  Array.from({ length: minutes / everyMin + 1 }, (_, i) => ({ min: i * everyMin, ppm }));
const log = (readings: CoLogged[], more: Partial<CoLog> = {}): CoLog => ({
  id: id(70),
  at: evening,
  by: 'A',
  place: 'pillow',
  state: 'low',
  doors: 'closed',
  meter: 'meter 2',
  readings,
  ...more,
});
const logged = (logs: CoLog[], more: Partial<Build> = {}, values: Values = { 'people.asleep': 2 }): Build => ({
  ...soundBuild(values),
  coLogs: logs,
  ...more,
});
const found = (build: Build, check: 'co.exposure' | 'co.trend' = 'co.exposure') => {
  const finding = assess(build).find((one) => one.id === check);
  if (!finding) throw new Error(check);
  return { level: finding.level, code: finding.code, says: messageOf(finding), remedy: remedyOf(finding) };
};
const repaired = (checkId: string, at = '2026-11-21T09:00:00.000Z') => [
  { id: id(71), checkId, at, by: 'A', found: '12 ppm', cause: 'joint open', repair: 'made anew' },
];
const litAnew = (at = '2026-11-21T10:00:00.000Z') => [soundStart(), soundStart({ id: id(72), at })];
const nextNight = (readings: CoLogged[]) => log(readings, { id: id(73), at: '2026-11-21T21:00:00.000Z' });

// WHO 2010 and 2021 (from memory): 100 mg/m³ 15 min, 35 over 1 h, 10 over 8 h, 4 over 24 h.
describe.each([
  [15, 100],
  [60, 35],
  [480, 10],
  [1440, 4],
])('a mean over %d min of %d mg/m³', (spanMin, mgM3) => {
  const at = (share: number) =>
    rateLog(log(flat(ppmOfMgM3(mgM3) * share, spanMin, 5))).means.find((mean) => mean.spanMin === spanMin);
  test('is over by a hundredth more, and not by a hundredth less', () => {
    const [over, under] = [at(1.01), at(0.99)];
    expect(over?.ppm).toBeGreaterThan(over?.limitPpm ?? Infinity);
    expect(under?.ppm).toBeLessThan(under?.limitPpm ?? 0);
  });
});
test('a quarter of an hour at 100 ppm within a clean night is a stop, by that span', () => {
  const spike = flat(0, 480, 5).map(({ min }) => ({ min, ppm: min >= 100 && min <= 115 ? 100 : 0 }));
  const { level, says } = found(logged([log(spike)]));
  expect(level).toBe('stop');
  expect(says).toMatch(/^Over 15 min the air at the pillow stood at 100 ppm/);
});
test('9 ppm all night is over the guideline of 8 h though no alarm need sound', () => {
  expect(found(logged([log(flat(9))]))).toMatchObject({ level: 'stop', code: 'over' });
});
test('2 ppm all night is a leak that is to be found', () => {
  expect(found(logged([log(flat(2), { zeroBeforePpm: 0 })]))).toMatchObject({ level: 'fix', code: 'adds' });
  const unzeroed = found(logged([log(flat(2))]));
  expect(unzeroed).toMatchObject({ level: 'fix', code: 'addsUnzeroed' });
  expect(unzeroed.remedy).toContain('read its zero outside');
});
test('a clean night of eight hours is sound; one of three is watched, with how long a night is', () => {
  expect(found(logged([log(flat(0))]))).toMatchObject({ level: 'sound', code: 'clean' });
  const short = found(logged([log(flat(0, 180))]));
  expect(short).toMatchObject({ level: 'watch', code: 'short' });
  expect(short.says).toContain('8 h');
});
test('no log is watched where people sleep, and nothing where nobody does', () => {
  expect(found(logged([]))).toMatchObject({ level: 'watch', code: 'none' });
  expect(found(logged([], {}, { 'people.asleep': 0 }))).toMatchObject({ level: 'sound', code: 'nobody' });
});
test('outside is no place where anybody sleeps', () =>
  expect(coNights(logged([log(flat(40), { place: 'outside' })])).logs).toEqual([]));

describe('a meter whose zero was read before and after', () => {
  test('is taken by the lower of both, so that a drift hides nothing', () => {
    expect(airOf(log(flat(6), { zeroBeforePpm: 5, zeroAfterPpm: 1 }))[0]?.ppm).toBe(5);
    expect(airOf(log(flat(3), { zeroBeforePpm: 5 }))[0]?.ppm).toBe(0);
  });
  test('and moved by more than two ppm is no proof, however clean the night looks', () => {
    const drifted = log(flat(3), { zeroBeforePpm: 3, zeroAfterPpm: 5.1 });
    expect(found(logged([drifted]))).toMatchObject({ level: 'fix', code: 'drifts' });
    expect(found(logged([log(flat(3), { zeroBeforePpm: 3, zeroAfterPpm: 5 })]))).toMatchObject({ level: 'sound' });
  });
});
describe('a night that was bad', () => {
  const bad = log(flat(12));
  test('stands though a clean one follows it: only a repair answers it', () => {
    expect(found(logged([bad, nextNight(flat(0))], { starts: litAnew() })).level).toBe('stop');
  });
  test('stands after its repair, as bad as it was, until it is lit anew and a good night was logged there', () => {
    const mended = { repairs: repaired('co.exposure') };
    expect(found(logged([bad], mended))).toMatchObject({ level: 'stop', code: 'again' });
    expect(found(logged([bad, nextNight(flat(0))], mended)).level).toBe('stop');
    const elsewhere = { ...nextNight(flat(0)), place: 'floor' as const };
    expect(found(logged([bad, elsewhere], { ...mended, starts: litAnew() })).level).toBe('stop');
    expect(found(logged([bad, nextNight(flat(0))], { ...mended, starts: litAnew() }))).toMatchObject({ level: 'sound' });
  });
  test('is no proof any more once the exhaust was worked on', () => {
    const build = logged([log(flat(0))], { worked: { exhaust: '2026-11-22T08:00:00.000Z' } });
    expect(found(build)).toMatchObject({ level: 'watch', code: 'none' });
  });
});
test('a leak is as large as what filled the space, and comes to twice as much where half the air changes', () => {
  const build = soundBuild({ 'survey.volumeM3': 14, 'survey.airChangesH': 2 });
  const leak = leakOf(build, rateLog(log(flat(20))));
  // By hand: at rest S = n V C = 2 · 14 · 20 · 10⁻³ L/h.
  expect(leak?.litresH).toBeCloseTo(0.56, 3);
  expect(leak?.shutPpm).toBeCloseTo(40 * (1 - Math.exp(-8)), 1);
  expect(leakOf(soundBuild({ 'survey.volumeM3': null }), rateLog(log(flat(20))))).toBeNull();
});
describe('what still rises', () => {
  const ramp = (perHour: number, minutes = 120) => flat(0, minutes).map(({ min }) => ({ min, ppm: (min / 60) * perHour }));
  test('has the slope that it was given, however its readings lie', () => {
    const uneven = [0, 1, 2, 3, 50, 51, 90, 120].map((min) => ({ min, ppm: 1 + (min / 60) * 2.5 }));
    expect(slopePpmH(uneven)).toBeCloseTo(2.5, 9);
  });
  test('is told with what it would come to after a night', () => {
    const { level, says } = found(logged([log(ramp(1))]), 'co.trend');
    expect(level).toBe('fix');
    // 2 ppm after two hours, six more at 1 ppm an hour.
    expect(says).toContain('8 ppm after a night of 8 h');
  });
  test('by less than a ppm in its second half is level, and so is what has filled the space by then', () => {
    const filled = flat(0).map(({ min }) => ({ min, ppm: 12 * (1 - Math.exp(-min / 20)) }));
    expect(found(logged([log(filled)]), 'co.trend')).toMatchObject({ level: 'sound', code: 'level' });
    expect(found(logged([log(ramp(0.9))]), 'co.trend')).toMatchObject({ level: 'sound', code: 'level' });
  });
  test('by a quarter of a ppm an hour through a day is told, by a seventh is not', () => {
    expect(found(logged([log(ramp(0.25, 1440))]), 'co.trend')).toMatchObject({ code: 'rises' });
    expect(found(logged([log(ramp(1 / 7, 1440))]), 'co.trend')).toMatchObject({ code: 'level' });
  });
  test('and was repaired stands until a log shows that it does not', () => {
    const mended = { repairs: repaired('co.exposure'), starts: litAnew() };
    expect(found(logged([log(ramp(1))], mended), 'co.trend')).toMatchObject({ level: 'fix', code: 'again' });
    expect(found(logged([log(ramp(1)), nextNight(flat(0))], mended), 'co.trend').level).toBe('sound');
  });
});
test.each<[string, CoLogged[], string, RegExp]>([
  [
    'readings out of order',
    [
      { min: 0, ppm: 0 },
      { min: 5, ppm: 0 },
      { min: 4, ppm: 0 },
    ],
    evening,
    /readings\[2\] is at 4 min, after one at 5 min; readings must be in order of time/,
  ],
  ['a single reading', [{ min: 0, ppm: 0 }], evening, /holds 1 readings; allowed is 2 and more/],
  ['a log that ends later than now', flat(0), '2026-11-21T07:00:00.000Z', /nothing can have been read later than now/],
  [
    'more than a meter shows',
    [
      { min: 0, ppm: 0 },
      { min: 5, ppm: 2001 },
    ],
    evening,
    /2001/,
  ],
])('%s is refused in a sentence', (_what, readings, readAt, sentence) => {
  const { at: _at, by: _by, ...rest } = log(readings);
  const author = { name: 'A', role: 'fitter' as const, at: '2026-11-21T08:00:00.000Z' };
  const applied = applyCommand(soundBuild(), { kind: 'coLog', log: rest, readAt }, author);
  expect(applied.ok ? '' : applied.errors.join(' ')).toMatch(sentence);
});
