import fc from 'fast-check';
import { spoken } from '../../../tests/spoken';
import { id, soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import { add, withRows, type Change } from '../../../tests/withRows';
import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { readerOf } from '../../figures/readerOf';
import { betterSetting } from '../../model/controller/betterSetting';
import { assess } from '../assess';
import type { Level } from '../Finding';

// Limits checked here are common practice without a published source, or Lorbet's own choice.
const findingOn = (build: Build, id: string) => {
  const found = assess(build).find((c) => c.id === id);
  if (!found) throw new Error(`no finding ${id}`);
  return spoken(found);
};
const betterOf = (build: Build) => betterSetting(readerOf(build));
const fan: Values = { 'heater.fanMinRpm': 1500, 'heater.fanMaxRpm': 4500 };
const pump: Values = { 'controller.pumpMinHz': 1.2, 'controller.pumpMaxHz': 4 };
const asleep: Values = { 'people.asleep': 2, 'controller.mode': 'target', 'controller.targetC': 18 };
const timer = (values: Record<string, unknown>): Change => ({
  timers: add({ name: 'evening', days: 'daily', by: 'clock', ...values }),
});

const cases: [string, Values, Change, Level, RegExp][] = [
  ['controller.mode', { 'controller.looks': null }, {}, 'open', /Controller, gone through/],
  ['controller.mode', { 'controller.looks': 'mode' }, {}, 'fix', /the other of its two ways/],
  [
    'controller.mode',
    { 'controller.mode': 'fixed', 'controller.rateHz': 5.4 },
    {},
    'fix',
    /fixed 5\.4 Hz; its pump runs from 1\.2 Hz to 4 Hz/,
  ],
  ['controller.mode', { 'controller.mode': 'fixed' }, {}, 'open', /fixed rate off the panel/],
  // 55.2 W/K by hand (checks.test.ts): 1.51 kW hold 27 K over a usual night of 0 °C and an evening of 8.
  [
    'controller.mode',
    { 'controller.mode': 'fixed', 'controller.rateHz': 2.4 },
    {},
    'watch',
    /fixed 2\.4 Hz it gives 1\.51 kW.*usual night, 1\d °C on the coldest/,
  ],
  // A third step of five is the middle of 1.2 to 4 Hz.
  ['controller.mode', { 'controller.mode': 'fixed', 'controller.step': 3, 'controller.steps': 5 }, {}, 'watch', /fixed 2\.6 Hz/],
  [
    'controller.mode',
    { 'found.mode': 'fixed', 'controller.mode': 'target', 'controller.targetC': 19 },
    {},
    'sound',
    /temperature, set to 19 °C/,
  ],
  ['controller.pump.range', { 'controller.looks': 'limits' }, {}, 'fix', /something is set wrong/],
  [
    'controller.pump.range',
    { 'controller.pumpMaxHz': 4.8 },
    {},
    'fix',
    /up to 4\.8 Hz; its maker has 4 Hz: 3\.02 kW in place of 2\.51 kW/,
  ],
  ['controller.pump.range', { 'controller.pumpMinHz': 1 }, {}, 'fix', /down to 1 Hz; its maker has 1\.2 Hz/],
  ['controller.pump.range', { 'controller.pumpMinHz': 4, 'controller.pumpMaxHz': 3 }, {}, 'fix', /from 4 Hz to 3 Hz/],
  ['controller.pump.range', { 'controller.pumpMinHz': 1.2, 'controller.pumpMaxHz': 3.2 }, {}, 'watch', /less than its maker’s/],
  ['controller.pump.range', { 'controller.doseMl': 0.028 }, {}, 'fix', /0\.028 mL a stroke; the pump gives 0\.022 mL/],
  [
    'controller.pump.range',
    { 'found.pumpMaxHz': 4.8, 'controller.pumpMaxHz': 4, 'controller.pumpMinHz': 1.2 },
    {},
    'sound',
    /as its maker has it/,
  ],
  ['controller.fan.range', { 'controller.fanMinRpm': 1300 }, {}, 'open', /Combustion fan, slowest/],
  [
    'controller.fan.range',
    { ...fan, 'controller.fanMinRpm': 1300 },
    {},
    'fix',
    /1300 rpm at its slowest; its maker has 1500 rpm/,
  ],
  [
    'controller.fan.range',
    { ...fan, 'controller.fanMinRpm': 1500, 'controller.fanMaxRpm': 4900 },
    {},
    'watch',
    /4900 rpm at its fastest/,
  ],
  [
    'controller.fan.range',
    { ...fan, 'controller.fanMinRpm': 3000, 'controller.fanMaxRpm': 2000 },
    {},
    'fix',
    /from 3000 rpm to 2000 rpm/,
  ],
  [
    'controller.air.fuel',
    { ...fan, 'controller.fanMaxRpm': 2800 },
    {},
    'fix',
    /flame 0\.\d+ times the air its fuel needs at 4 Hz and 500 m; at least 1\.25/,
  ],
  [
    'controller.air.fuel',
    { ...fan, ...pump, 'controller.fanMinRpm': 4000, 'controller.fanMaxRpm': 4500 },
    {},
    'watch',
    /at 1\.2 Hz; over 3 it may go out/,
  ],
  [
    'controller.air.fuel',
    { ...fan, ...pump, 'controller.fanMinRpm': 1500, 'controller.fanMaxRpm': 4500 },
    {},
    'sound',
    /1\.\d+ to \d\.\d+ times/,
  ],
  ['controller.voltage', { 'controller.supply': 'v24' }, {}, 'fix', /set for 24 V; the heater stands on 12 V/],
  ['controller.voltage', { 'found.supply': 'v24', 'controller.supply': 'auto' }, {}, 'sound', /finds out by itself/],
  [
    'controller.altitude',
    { 'controller.altitude': 'set', 'controller.altitudeM': 0, 'heater.altitudeM': 1800 },
    {},
    'fix',
    /set for 0 m and will run up to 1800 m/,
  ],
  [
    'controller.altitude',
    { 'controller.altitude': 'set', 'controller.altitudeM': 2000 },
    {},
    'watch',
    /less fuel than it may have/,
  ],
  ['controller.altitude', { 'controller.altitude': 'set' }, {}, 'open', /Set for an altitude of/],
  ['controller.altitude', { 'controller.altitude': 'none', 'heater.altitudeM': 500 }, {}, 'sound', /needs none: at 500 m/],
  [
    'controller.altitude',
    { 'controller.altitude': 'none', 'heater.altitudeM': 3000 },
    {},
    'watch',
    /at 3000 m the flame gets 1\.\d+ times/,
  ],
  // Cleared by doing what it says.
  [
    'controller.altitude',
    { 'controller.altitude': 'none', 'heater.altitudeM': 3000, 'controller.pumpMinHz': 0.9, 'controller.pumpMaxHz': 3 },
    {},
    'sound',
    /needs none/,
  ],
  ['controller.clock', { 'controller.looks': 'clock' }, {}, 'fix', /clock is wrong, or is lost/],
  [
    'controller.clock',
    { 'controller.clockOffMin': 65 },
    timer({ startAt: '05:30' }),
    'fix',
    /ahead by 65 min: what is set for 05:30 begins at 04:25/,
  ],
  [
    'controller.clock',
    { 'controller.clockOffMin': -65 },
    timer({ startAt: '23:30' }),
    'fix',
    /behind by 65 min: what is set for 23:30 begins at 00:35/,
  ],
  ['controller.clock', { 'controller.clockOffMin': 65 }, {}, 'watch', /no start goes by it/],
  ['controller.clock', { 'controller.clockKeeps': 'loses' }, timer({ startAt: '05:30' }), 'watch', /clock is lost/],
  [
    'controller.clock',
    { 'controller.clockKeeps': 'none' },
    timer({ startAt: '05:30' }),
    'fix',
    /no clock, and a start is set by one/,
  ],
  ['controller.timer', { 'controller.looks': 'timer' }, {}, 'fix', /ends while people sleep/],
  [
    'controller.timer',
    { ...asleep, 'controller.runForH': 3 },
    {},
    'fix',
    /At 02:00 it ends by itself; on a usual night it is \d °C inside at 07:00, and would be 1\d °C/,
  ],
  ['controller.timer', asleep, timer({ startAt: '22:10', runForH: 3 }), 'fix', /At 01:10 it ends by itself/],
  [
    'controller.timer',
    asleep,
    timer({ startAt: '05:30', runForH: 2 }),
    'fix',
    /not lit before 05:\d\d, and it is \d °C inside then/,
  ],
  ['controller.timer', asleep, timer({ startAt: '22:00' }), 'sound', /never under 1\d °C inside on a usual night/],
  ['controller.timer', { ...asleep, 'people.asleep': 0 }, timer({ startAt: '05:30', runForH: 2 }), 'sound', /Nobody sleeps/],
  ['controller.timer', asleep, timer({}), 'open', /at what time “evening” begins/],
  ['controller.orientation', { 'controller.panelLies': 'upsideDown' }, {}, 'fix', /upside down/],
  ['controller.orientation', { 'controller.looks': 'outOfView' }, {}, 'watch', /can’t be seen/],
  ['controller.sensor', { 'controller.sensorAt': 'outlet' }, {}, 'fix', /outlet’s stream/],
  ['controller.sensor', { 'controller.sensorAt': 'sun' }, {}, 'watch', /in the sun/],
  ['controller.sensor', { 'controller.sensor': 'own' }, {}, 'watch', /its own intake/],
  [
    'controller.sensor',
    { 'controller.sensor': 'own', 'controller.mode': 'fixed', 'controller.rateHz': 2 },
    {},
    'sound',
    /by no sensor/,
  ],
  ['wiring.controller.reach', { 'controller.looks': 'lead' }, {}, 'fix', /does not reach/],
  ['wiring.controller.reach', { 'controller.panelXMm': 200, 'controller.panelYMm': 300 }, {}, 'open', /lead, with extensions/],
  // 1,300 + 500 mm along the sides, and half a metre more.
  [
    'wiring.controller.reach',
    { 'controller.panelXMm': 200, 'controller.panelYMm': 300, 'controller.leadM': 2 },
    {},
    'fix',
    /1\.8 m along the sides.*2\.3 m; its lead has 2\.0 m: 0\.3 m too short/,
  ],
  [
    'wiring.controller.reach',
    { 'controller.panelXMm': 200, 'controller.panelYMm': 300, 'controller.leadM': 2.3 },
    {},
    'sound',
    /1\.8 m/,
  ],
];
test.each(cases)('%s with %j %j is %s', (id, values, change, level, words) => {
  const found = findingOn(withRows(values, change), id);
  expect([found.level, found.message]).toEqual([level, expect.stringMatching(words)]);
});

test.each([
  [400, 'fix', /400 mm from the outlet “desk”/],
  [1000, 'sound', /hangs well/],
] as const)('a sensor %i mm from an outlet of the floor is %s', (apart, level, words) => {
  const outlet = { name: 'desk', end: 'open', xMm: 1000, yMm: 500, lengthM: 1, boreMm: 75 };
  const build = withRows(
    { 'controller.sensorXMm': 1000 + apart, 'controller.sensorYMm': 500 },
    { ducts: () => [{ id: id(99), ...outlet }] },
  );
  const found = findingOn(build, 'controller.sensor');
  expect([found.level, found.message]).toEqual([level, expect.stringMatching(words)]);
});

test.each<[string, string, Values]>([
  ['one end of the pump', 'controller.pump.range', { 'controller.pumpMinHz': 1.2 }],
  ['one end of the fan', 'controller.fan.range', { ...fan, 'controller.fanMaxRpm': 4500 }],
  ['the pump without the fan', 'controller.air.fuel', { ...fan, ...pump }],
  ['a number without its way of working', 'controller.mode', { 'controller.rateHz': 2.4 }],
  ['a height without whether it is gone by', 'controller.altitude', { 'controller.altitudeM': 900 }],
  ['half a place of the panel', 'wiring.controller.reach', { 'controller.panelXMm': 200, 'controller.leadM': 2 }],
  ['half a place of the sensor', 'controller.sensor', { 'controller.sensorYMm': 200 }],
])('of settings that belong together one alone is not enough, whatever was found by going through: %s', (_what, id, values) => {
  const found = findingOn(soundBuild(values), id);
  expect([found.level, found.needs.length > 0]).toEqual(['open', true]);
});
test('going through it names the worst alone: of the rest nothing is known until that is mended', () => {
  const told = assess(soundBuild({ 'controller.looks': 'timer' })).filter(({ stage }) => stage === 'controller');
  expect(told.filter(({ level }) => level === 'sound')).toEqual([]);
  expect(told.filter(({ level }) => level === 'fix').map(({ id }) => id)).toEqual(['controller.timer']);
});

describe('the setting that serves better', () => {
  const set = (build: Build): Build => {
    const better = betterOf(build);
    if (!better) throw new Error('nothing better');
    const runs = new Map(better.timers.map(({ row, runForH }) => [row.id, runForH]));
    const timers = rowsOf(build.lists, 'timers').map((row) => ({
      ...row,
      ...(runs.has(row.id) ? { runForH: runs.get(row.id) ?? 0 } : {}),
    }));
    return withValues({ ...build, lists: { ...build.lists, timers } }, better.settings as Values);
  };
  test.each<[string, Values, Change]>([
    ['three hours by the controller', { 'controller.runForH': 3 }, {}],
    ['three hours by a timer', {}, timer({ startAt: '22:10', runForH: 3 })],
    ['three hours by a timer whose clock is ahead', { 'controller.clockOffMin': 65 }, timer({ startAt: '22:10', runForH: 3 })],
  ])('clears a night that ends too soon: %s', (_what, values, change) => {
    const build = withRows({ ...asleep, ...values }, change);
    expect([findingOn(build, 'controller.timer').level, findingOn(set(build), 'controller.timer').level]).toEqual([
      'fix',
      'sound',
    ]);
  });
  test('a fixed rate that roasts becomes one that does not, and there is nothing better then', () => {
    const build = soundBuild({ 'controller.mode': 'fixed', 'controller.rateHz': 3.6 });
    const after = set(build);
    expect([findingOn(build, 'controller.mode').level, findingOn(after, 'controller.mode').level]).toEqual(['watch', 'sound']);
    expect(betterOf(after)).toBeNull();
  });
  test('no proposal makes the night of people asleep colder than it is and under what is wanted', () => {
    fc.assert(
      fc.property(
        fc.record({
          'controller.mode': fc.constantFrom('target' as const, 'fixed' as const),
          'controller.targetC': fc.integer({ min: 8, max: 30 }),
          'controller.rateHz': fc.integer({ min: 12, max: 40 }).map((n) => n / 10),
          'controller.runForH': fc.constantFrom(0, 2, 3, 6),
          'survey.usualNightC': fc.integer({ min: -6, max: 8 }),
        }),
        (values) => {
          const better = betterOf(soundBuild({ ...values, 'people.asleep': 2 }));
          if (!better) return;
          const [now, then] = [better.now.usual.lowest.airC, better.nights.usual.lowest.airC];
          expect(then).toBeGreaterThan(Math.min(now, 18 - 3) - 0.01);
        },
      ),
      { numRuns: 40 },
    );
  });
});
