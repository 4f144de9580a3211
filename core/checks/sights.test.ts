import { messageOf } from './findingText';
import { id, soundBuild, soundStart } from '../../tests/soundBuild';
import { spoken } from '../../tests/spoken';
import type { Build, NoiseReading, PrimingRun, Sight, StartRun } from '../build/Build';
import { applyCommand } from '../commands/applyCommand';
import { assessOne } from './assess';

// What smoke, bubbles, sound and dry strokes are called by is common practice without a source, but where a case names one.
// The sound build was primed and lit at 9:00 on the 20th; its flame came at 9:02, full output at 9:04:20, off at 9:25.
const on = (day: number, time: string) => `2026-11-${day}T${time}:00.000Z`;
const by = 'Test Fitter';
let n = 700;
const saw = (at: string, sees: Sight['sees']): Sight => ({ id: id((n += 1)), at, by, sees });
const seen = (...sights: Sight[]): Build => ({ ...soundBuild(), sights });
const told = (build: Build, check: string): [string, string] => {
  const finding = assessOne(build, check);
  if (!finding) throw new Error(`no finding ${check}`);
  const { level, message } = spoken(finding);
  return [level, message];
};
const levelOf = (build: Build, check: string): string => told(build, check)[0];
const again = (at: string): StartRun => soundStart({ id: id((n += 1)), at });

describe('smoke', () => {
  test.each([
    // Five or six minutes after the flame it is new paint and wrap.
    [saw(on(20, '09:07'), 'white'), 'open'],
    [saw(on(20, '09:09'), 'white'), 'fix'],
    [saw(on(20, '09:09'), 'black'), 'fix'],
    [saw(on(20, '09:09'), 'blue'), 'fix'],
    [saw(on(20, '09:09'), 'steam'), 'sound'],
    [saw(on(20, '09:09'), 'clear'), 'sound'],
    // Before the flame, or once it was off, a clear exhaust tells nothing; smoke without a flame is fuel that does not burn.
    [saw(on(20, '09:01'), 'clear'), 'open'],
    [saw(on(20, '09:26'), 'clear'), 'open'],
    [saw(on(19, '09:00'), 'white'), 'fix'],
  ] as const)('%o is at %s', (sight, level) => expect(levelOf(seen(sight), 'start.smoke')).toBe(level));
  test('smoke that stayed is cleared by a clear exhaust at full output, and by nothing that is not looked at', () => {
    const smoked = saw(on(20, '09:15'), 'black');
    expect(told(seen(smoked), 'start.smoke')).toEqual(['fix', expect.stringMatching(/^Black smoke 13 min after the flame/)]);
    const lit: Build = { ...seen(smoked), starts: [soundStart(), again(on(21, '09:00'))] };
    expect(levelOf(lit, 'start.smoke')).toBe('fix');
    const early = { ...lit, sights: [smoked, saw(on(21, '09:05'), 'clear')] };
    expect(levelOf(early, 'start.smoke')).toBe('fix');
    // A cold exhaust is always clear: it tells of nothing.
    for (const at of [on(20, '09:40'), on(22, '09:00')])
      expect(levelOf({ ...lit, sights: [smoked, saw(at, 'clear')] }, 'start.smoke')).toBe('fix');
    const clear = { ...lit, sights: [smoked, saw(on(21, '09:20'), 'clear')] };
    expect(told(clear, 'start.smoke')).toEqual(['sound', expect.stringMatching(/18 min after the flame\. Smoke before that/)]);
  });
});

describe('bubbles', () => {
  test.each([
    ['noBubbles', 'sound'],
    ['passing', 'watch'],
    ['unseen', 'watch'],
    ['steady', 'fix'],
  ] as const)('%s while it runs is at %s, and so it is while it is primed', (sees, level) => {
    expect(levelOf(seen(saw(on(20, '09:15'), sees)), 'start.bubbles')).toBe(level);
    expect(levelOf(seen(saw(on(20, '08:59'), sees)), 'priming.air')).toBe(level);
  });
  test('bubbles that kept coming are answered by a look that finds none, not by a line that can’t be seen through', () => {
    const steady = saw(on(20, '09:15'), 'steady');
    expect(levelOf(seen(steady, saw(on(20, '09:16'), 'unseen')), 'start.bubbles')).toBe('fix');
    expect(levelOf(seen(steady, saw(on(20, '10:00'), 'noBubbles')), 'start.bubbles')).toBe('fix');
    expect(levelOf(seen(steady, saw(on(20, '09:17'), 'noBubbles')), 'start.bubbles')).toBe('sound');
  });
  test('a line that was emptied since is looked at anew; what was seen bad before stands until then', () => {
    const [run] = soundBuild().primingRuns as [PrimingRun];
    const emptied = { primingRuns: [run, { ...run, id: id((n += 1)), at: on(22, '09:00') }] };
    expect(levelOf({ ...seen(saw(on(20, '08:59'), 'noBubbles')), ...emptied }, 'priming.air')).toBe('open');
    expect(levelOf({ ...seen(saw(on(20, '08:59'), 'steady')), ...emptied }, 'priming.air')).toBe('fix');
  });
});

describe('sound', () => {
  const heard = (...noises: Omit<NoiseReading, 'id' | 'at' | 'by'>[]): Build => ({
    ...soundBuild(),
    noises: noises.map((one, i) => ({ ...one, id: id((n += 1)), by, at: on(20, `09:${20 + i}`) })),
  });
  const pillow = (levelDb: number, more: Partial<NoiseReading> = {}) =>
    ({ place: 'pillow', state: 'low', levelDb, with: 'meter', ...more }) as const;
  test.each([
    // WHO 1999 and 2009 (from memory): 30 dB(A) at the pillow, 40 outside at night
    [[pillow(30)], 'sound'],
    [[pillow(31)], 'watch'],
    [[pillow(29), { ...pillow(41), place: 'neighbour' }], 'watch'],
    [[pillow(29), { ...pillow(40), place: 'neighbour' }], 'sound'],
    // 33 dB(A) where 32 stand without it: less than 3 dB over the rest tells nothing of the heater.
    [[pillow(33), pillow(32, { state: 'off' })], 'sound'],
    [[pillow(50, { with: 'phone' })], 'watch'],
    [[pillow(50, { with: 'phone' }), pillow(45, { with: 'phone', state: 'off' })], 'sound'],
    [[pillow(50, { with: 'phone' }), pillow(44, { with: 'phone', state: 'off' })], 'watch'],
    [[{ ...pillow(20), state: 'full' }], 'watch'],
  ] as const)('%j is at %s', (noises, level) => expect(levelOf(heard(...noises), 'start.noise')).toBe(level));
});

test('what was read loud is told though no start was logged; read by nobody, it is open until there was one', () => {
  const loud = { id: id((n += 1)), at: on(20, '09:20'), by, place: 'pillow', state: 'low', levelDb: 40, with: 'meter' } as const;
  expect(levelOf({ ...soundBuild(), starts: [], noises: [loud] }, 'start.noise')).toBe('watch');
  expect(levelOf({ ...soundBuild(), starts: [], noises: [] }, 'start.noise')).toBe('open');
  expect(levelOf({ ...soundBuild(), noises: [] }, 'start.noise')).toBe('watch');
  expect(told({ ...soundBuild(), noises: [{ ...loud, place: 'neighbour', levelDb: 55 }] }, 'start.noise')).toEqual([
    'watch',
    expect.stringMatching(/^55 dB\(A\) at the neighbour/),
  ]);
});

describe('a dry pump', () => {
  const [run] = soundBuild().primingRuns as [PrimingRun];
  const primed = (...runs: Partial<PrimingRun>[]): Build => ({
    ...soundBuild(),
    primingRuns: runs.map((one, i) => ({ ...run, id: id((n += 1)), at: on(20, `08:${10 + i}`), ...one })),
  });
  // At 4 Hz, 1,200 strokes are five minutes, 4,800 are twenty.
  test.each([
    [[{ strokes: 1200, outcome: 'none' }], 'sound'],
    [[{ strokes: 1204, outcome: 'none' }], 'watch'],
    [[{ strokes: 1204, outcome: 'none', longestS: 280 }], 'sound'],
    [
      [
        { strokes: 2400, outcome: 'none', longestS: 280 },
        { strokes: 2400, outcome: 'none', longestS: 280 },
      ],
      'sound',
    ],
    [
      [
        { strokes: 2400, outcome: 'none', longestS: 280 },
        { strokes: 2404, outcome: 'none', longestS: 280 },
      ],
      'fix',
    ],
    // Fuel was at the pump after some 190 strokes: the rest of them are not dry.
    [[{ strokes: 6000, outcome: 'overrun' }], 'sound'],
  ] as const)('%j is at %s', (runs, level) => expect(levelOf(primed(...runs), 'priming.dry')).toBe(level));
  test('what is known dry is told where the line is not known, and a dose test made since answers it', () => {
    const dry = primed({ strokes: 5000, outcome: 'none' });
    const { lists: _lists, ...bare } = dry;
    expect(levelOf(bare, 'priming.dry')).toBe('fix');
    const tested = (testedAt: string): Build => ({
      ...dry,
      lists: { ...dry.lists, doseTests: [{ id: id(91), strokes: 200, volumeMl: 4.4, testedAt }] },
    });
    expect(levelOf(tested(on(20, '08:05')), 'priming.dry')).toBe('fix');
    expect(told(tested(on(20, '10:00')), 'priming.dry')).toEqual(['sound', expect.stringMatching(/dry for 20\.8 min in all/)]);
  });
});

test('heat by air and by fuel that lie far apart are told, with both figures', () => {
  const warmed = (back: number): Build => {
    const run = soundStart();
    return { ...soundBuild(), starts: [{ ...run, readings: [...run.readings, { atS: 600, quantity: 'returnC', value: back }] }] };
  };
  expect(told(warmed(10), 'start.outlet.temperature')).toEqual([
    'sound',
    expect.stringMatching(/carries \d\.\d\d kW, and the fuel/),
  ]);
  expect(told(warmed(65), 'start.outlet.temperature')[0]).toBe('watch');
});

test('what is seen and heard is kept with its hour, by who saw it', () => {
  const at = on(28, '20:00');
  const applied = applyCommand(
    soundBuild(),
    { kind: 'sight', look: { id: id(9), sees: 'steady' }, readAt: on(28, '19:00') },
    { name: by, role: 'fitter', at },
  );
  expect(applied.ok && applied.build.sights?.at(-1)).toEqual({ id: id(9), sees: 'steady', at: on(28, '19:00'), by });
  expect(messageOf(assessOne(soundBuild(), 'start.smoke') as never)).toMatch(/clear 14 min after the flame/);
});

describe('joints of the exhaust', () => {
  const found = (...all: Sight[]) => levelOf(seen(...all), 'leak.exhaust');
  test('that nobody went round are not measured', () => expect(found()).toBe('open'));
  test('are tight where they were gone round at full output', () =>
    expect(found(saw(on(20, '09:16'), 'tightSmoke'))).toBe('sound'));
  test('prove nothing where it was not at full output', () => expect(found(saw(on(20, '09:01'), 'tightSoap'))).toBe('open'));
  test('that leak stop the hand-over, whatever was seen before', () =>
    expect(found(saw(on(20, '09:15'), 'tightSoap'), saw(on(20, '09:17'), 'leaking'))).toBe('stop'));
  test('that leaked are cleared by going round them at full output of a later start, and by no look in the same one', () => {
    const leak = saw(on(20, '09:15'), 'leaking');
    const lit = { ...soundBuild(), starts: [soundStart(), again(on(21, '09:00'))] };
    const after = (...all: Sight[]) => levelOf({ ...lit, sights: [leak, ...all] }, 'leak.exhaust');
    expect(found(leak, saw(on(20, '09:17'), 'tightMeter'))).toBe('stop');
    expect(after(saw(on(21, '09:03'), 'tightMeter'))).toBe('stop');
    expect(after(saw(on(21, '09:17'), 'tightMeter'))).toBe('sound');
  });
  test('are to be gone round anew once the exhaust was worked on', () => {
    const worked = { ...seen(saw(on(20, '09:16'), 'tightSoap')), worked: { exhaust: '2026-11-21T09:00:00.000Z' } };
    expect(levelOf(worked, 'leak.exhaust')).toBe('open');
  });
});
