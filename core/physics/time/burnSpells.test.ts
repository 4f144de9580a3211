import fc from 'fast-check';
import { dayMin, minutesOf, readTimeOfDay, timeText } from '../../units/timeOfDay';
import { burnSpells, timerDays, wallMin, whenWallShows, type StartSet, type TimerDays } from './burnSpells';

const off = 7 * 60 + dayMin;
const start = (at: string, runH: number | null, days: TimerDays = 'daily', more: Partial<StartSet> = {}): StartSet => ({
  startMin: minutesOf(at) ?? NaN,
  runMin: runH === null ? null : runH * 60,
  days,
  ...more,
});
/** Those of one night, as times of day. */
const night = (starts: StartSet[], evening = 0, offMin = 0) =>
  burnSpells(starts, evening, offMin, off)
    .filter(({ fromMin, toMin }) => toMin > 20 * 60 && fromMin < off)
    .map(({ fromMin, toMin }) => `${timeText(fromMin)}–${timeText(toMin)}`);

describe('when a heater burns by its starts, worked by hand', () => {
  test.each<[string, StartSet[], number, number, string[]]>([
    ['a start of three hours ends past midnight', [start('22:10', 3)], 0, 0, ['22:10–01:10']],
    ['one without an end burns until it is switched off', [start('22:10', null)], 0, 0, ['22:10–07:00']],
    ['a clock that is ahead by 65 min begins sooner', [start('22:10', 3)], 0, 65, ['21:05–00:05']],
    ['a clock that is behind begins later', [start('22:10', 3)], 0, -65, ['23:15–02:15']],
    ['what is lit by hand asks no clock', [start('22:10', 3, 'daily', { byHand: true })], 0, 65, ['22:10–01:10']],
    ['two that overlap are one', [start('22:00', 3), start('23:30', 4)], 0, 0, ['22:00–03:30']],
    [
      'a second one in the morning stands by itself',
      [start('22:00', 2), start('05:30', 1)],
      0,
      0,
      ['22:00–00:00', '05:30–06:30'],
    ],
    ['on a Friday evening what is set for work-days does not come at dawn', [start('05:30', 1, 'workdays')], 4, 0, []],
    ['on a Sunday evening it does', [start('05:30', 1, 'workdays')], 6, 0, ['05:30–06:30']],
    ['a clock just past midnight moves a start to the day before', [start('00:10', 1)], 0, 30, ['23:40–00:40']],
  ])('%s', (_what, starts, evening, offMin, expected) => expect(night(starts, evening, offMin)).toEqual(expected));

  test('spells come in order, never meet, and none lasts longer than its starts together', () => {
    const any = fc.record({
      startMin: fc.integer({ min: 0, max: dayMin - 1 }),
      runMin: fc.option(fc.integer({ min: 1, max: dayMin }), { freq: 5 }),
      days: fc.constantFrom(...(Object.keys(timerDays) as TimerDays[])),
    });
    fc.assert(
      fc.property(fc.array(any, { maxLength: 6 }), fc.nat(6), fc.integer({ min: -720, max: 720 }), (starts, evening, offMin) => {
        const spells = burnSpells(starts, evening, offMin, off);
        for (const [i, { fromMin, toMin }] of spells.entries()) {
          expect(toMin).toBeGreaterThan(fromMin);
          if (i > 0) expect(fromMin).toBeGreaterThan(spells[i - 1]?.toMin ?? Infinity);
        }
        const sum = spells.reduce((all, { fromMin, toMin }) => all + toMin - fromMin, 0);
        expect(sum).toBeLessThanOrEqual(starts.reduce((all, { runMin }) => all + 3 * (runMin ?? dayMin), 0));
      }),
    );
  });
});

describe('the night in which clocks are changed, worked by hand', () => {
  const forward = { atMin: dayMin + 120, byMin: 60 };
  const back = { atMin: dayMin + 180, byMin: -60 };
  test.each([
    ['put on, seven comes after an hour less', forward, 6 * 60 + dayMin],
    ['put back, after an hour more', back, 8 * 60 + dayMin],
  ])('%s', (_what, change, min) => expect(whenWallShows(off, change)).toBe(min));
  test('half past two is never shown as they are put on: it is taken as three', () =>
    expect(timeText(wallMin(whenWallShows(dayMin + 150, forward), forward))).toBe('03:00'));
  test('what a clock shows comes back to when it shows it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 * dayMin }), fc.constantFrom(forward, back), (min, change) => {
        const shown = wallMin(min, change);
        // An hour comes twice as they are put back; then it is the first.
        expect([min, min - 60]).toContain(whenWallShows(shown, change));
      }),
    );
  });
  test('a controller that knows nothing of it starts an hour late by the wall', () => {
    const [spell] = burnSpells([start('05:30', 1)], 0, 0, off).filter(({ fromMin }) => fromMin > dayMin);
    expect(timeText(wallMin(spell?.fromMin ?? 0, forward))).toBe('06:30');
  });
});

test.each([
  ['6:30', '06:30'],
  ['6.30 pm', '18:30'],
  ['0630', '06:30'],
  ['22', '22:00'],
  ['12 am', '00:00'],
  ['24:00', null],
  ['6:75', null],
  ['13 pm', null],
  ['soon', null],
])('a time typed as %s is %s', (typed, kept) => expect(readTimeOfDay(typed)).toBe(kept));
