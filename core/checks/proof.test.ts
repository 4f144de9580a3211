import { spoken } from '../../tests/spoken';
import { messageOf, remedyOf } from './findingText';
import type { Author } from '../commands/define';
import type { Command } from '../commands/allCommands';
import { whatStands } from './signoff/signoff';
import { id, soundBuild, soundStart } from '../../tests/soundBuild';
import { set, withRows } from '../../tests/withRows';
import type { Build, CoReading, HotLook, StartRun } from '../build/Build';
import { rowsOf } from '../build/lists';
import { applyCommand } from '../commands/applyCommand';
import { assess, assessOne } from './assess';

// What counts as proof, and how a danger that was fixed is cleared: Lorbet's own rules, no source.
// The sound build was lit at 9:00 on the 20th, at full output from 9:04:20, its fan stopped at 9:28.
const on = (day: number, time: string) => `2026-11-${day}T${time}:00.000Z`;
const author = (at: string): Author => ({ name: 'Test Fitter', role: 'fitter', at });
function done(build: Build, command: Command, at: string): Build {
  const applied = applyCommand(build, command, author(at));
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  return applied.build;
}
const refused = (build: Build, command: Command, at: string): string => {
  const applied = applyCommand(build, command, author(at));
  return applied.ok ? '' : applied.errors.join(' ');
};
let next = 600;
const read = (
  build: Build,
  at: string,
  ppm: number,
  place: CoReading['place'] = 'pillow',
  more: Partial<CoReading> = {},
): Build => done(build, { kind: 'co', reading: { id: id((next += 1)), ppm, place, ...more } }, at);
const lit = (build: Build, at: string, run: Partial<StartRun> = {}): Build => {
  const { events, readings } = soundStart(run);
  return done(build, { kind: 'start', id: id((next += 1)), events, readings, source: 'csv', beganAt: at }, on(28, '20:00'));
};
const repair = (checkId: string, subject?: string): Command => ({
  kind: 'repair',
  repair: { id: id((next += 1)), checkId, ...(subject ? { subject } : {}), cause: 'clamp loose', repair: 'new clamp, sealed' },
});
const told = (build: Build, checkId: string) => {
  const finding = assessOne(build, checkId);
  return [finding?.level, finding && messageOf(finding)];
};
const unread = (): Build => ({ ...soundBuild(), coReadings: [] });

describe('carbon monoxide', () => {
  test.each([
    ['ten days before the only start', on(10, '09:00')],
    ['before it had reached full output', on(20, '09:02')],
  ])('a reading %s proves nothing', (_name, at) =>
    expect(told(read(unread(), at, 0), 'co.reading')).toEqual([
      'open',
      expect.stringMatching(/once start 1 has reached full output/),
    ]),
  );
  test('with no start, or with one that never reached full output, it proves nothing', () => {
    for (const starts of [
      [],
      [
        soundStart({
          events: [
            { atS: 5, event: 'on' },
            { atS: 120, event: 'flame' },
          ],
        }),
      ],
    ])
      expect(told({ ...read(unread(), on(20, '10:00'), 0), starts }, 'co.reading')).toEqual([
        'open',
        expect.stringMatching(/Light it in its place, let it reach full output/),
      ]);
  });
  test('a later start takes the place of the one before: what was read at that one counts no more', () =>
    expect(told(lit(soundBuild(), on(22, '09:00')), 'co.reading')).toEqual(['open', expect.stringMatching(/once start 2 has/)]));
  test('doors open, or the heater off, is no reading at the pillow that counts', () => {
    for (const more of [{ doors: 'open' }, { state: 'off' }] as const)
      expect(told(read(unread(), on(20, '09:15'), 0, 'pillow', more), 'co.reading')[0]).toBe('open');
  });
  test('a change of exhaust or intake after the start makes it stale; a figure that was only written down late does not', () => {
    const changed = done(
      soundBuild(),
      { kind: 'figures', changes: [{ path: 'air.exhaustLengthM', slot: 'fitted', from: 0.8, to: 0.9 }] },
      on(21, '10:00'),
    );
    expect(told(changed, 'co.reading')).toEqual(['open', expect.stringMatching(/Light it anew.*worked on since/)]);
    const late = soundBuild();
    late.sheets.air.exhaustLengthM.fitted = null;
    const written = done(
      late,
      { kind: 'figures', changes: [{ path: 'air.exhaustLengthM', slot: 'fitted', from: null, to: 0.8 }] },
      on(21, '10:00'),
    );
    expect(told(written, 'co.reading')[0]).toBe('sound');
  });
  test.each([
    // outside, inside, the meter's step: rise over outside, by a whole step
    [0, 0, 1, 'sound'],
    [2, 2, 1, 'sound'],
    [0, 2, 1, 'fix'],
    [2, 4, 5, 'sound'],
    [3, 2, 1, 'sound'],
    [0, 0.4, 0.1, 'fix'],
    [0, 9, 1, 'stop'],
    // 10 mg/m³ is 8.6 ppm (WHO 2010, from memory): air that bad is bad wherever it comes from
    [9, 9, 1, 'stop'],
  ] as const)('outside %d ppm, inside %d ppm by a meter of %d ppm: %s', (outside, inside, resolutionPpm, level) => {
    const aired = read(unread(), on(20, '09:10'), outside, 'outside', { resolutionPpm });
    expect(told(read(aired, on(20, '09:15'), inside, 'pillow', { resolutionPpm }), 'co.reading')[0]).toBe(level);
  });
  test('air read outside hours before tells nothing of the air now', () =>
    expect(told(read(read(unread(), on(20, '05:00'), 3, 'outside'), on(20, '09:15'), 3), 'co.reading')[0]).toBe('fix'));

  test('12 ppm, repaired and proven by three good readings after a new start, is sound again, and both stay in the record', () => {
    const found = read(soundBuild(), on(20, '09:20'), 12, 'floor');
    expect(told(found, 'co.reading')).toEqual([
      'stop',
      expect.stringMatching(/^12 ppm of carbon monoxide were read at the floor/),
    ]);
    // Good readings alone do not answer it, however many.
    const again = lit(found, on(21, '09:00'));
    const more = ['09:10', '09:12', '09:14', '09:16'].reduce((b, t) => read(b, on(21, t), 0), again);
    expect(told(more, 'co.reading')[0]).toBe('stop');
    const repaired = done(found, repair('co.reading'), on(20, '12:00'));
    expect(told(repaired, 'co.reading')).toEqual(['stop', expect.stringMatching(/has to be lit and read anew/)]);
    let proving = lit(repaired, on(21, '09:00'));
    for (const [time, place] of [
      ['09:10', 'pillow'],
      ['09:12', 'outlet'],
      ['09:14', 'return'],
    ] as const) {
      expect(told(proving, 'co.reading')[0]).toBe('stop');
      proving = read(proving, on(21, time), 0, place);
    }
    // Not where it was bad.
    expect(told(proving, 'co.reading')).toEqual(['stop', expect.stringMatching(/3 of 3 good readings.*none at the floor/)]);
    proving = read(proving, on(21, '09:16'), 0, 'floor');
    expect(told(proving, 'co.reading')).toEqual([
      'sound',
      expect.stringMatching(
        /rest on start 2\. 12 ppm of carbon monoxide at the floor before; “new clamp, sealed” \(Test Fitter\)\.$/,
      ),
    ]);
    expect([proving.coReadings.filter(({ ppm }) => ppm === 12).length, proving.repairs?.[0]?.found]).toEqual([
      1,
      expect.stringMatching(/12 ppm/),
    ]);
    // Bad once more: the repair before it answers nothing.
    expect(told(read(proving, on(21, '09:20'), 3, 'floor'), 'co.reading')[0]).toBe('fix');
  });
});

describe('hot spots', () => {
  // The sound build was at full output from 9:04:20 until 9:25; a surface tells from 9:19:20 until 9:30.
  const felt = (
    build: Build,
    readAt: string,
    surfaceC: number,
    place: HotLook['place'] = 'plate',
    touches: HotLook['touches'] = 'timber',
  ): Build => done(build, { kind: 'hot', look: { id: id((next += 1)), place, touches, surfaceC }, readAt }, on(28, '20:00'));
  const unfelt = (): Build => {
    const { hotLooks: _none, ...rest } = soundBuild();
    return rest;
  };
  const all = (build: Build, day: number): Build =>
    (['floor', 'plate', 'body'] as const).reduce((b, place) => felt(b, on(day, '09:22'), 40, place), build);

  test('a surface counts from a quarter of an hour at full output until it has been off for five minutes', () => {
    const counts = (time: string) => {
      const two = felt(felt(unfelt(), on(20, '09:22'), 40, 'floor'), on(20, '09:22'), 40, 'body');
      return told(felt(two, on(20, time), 40), 'start.hotspots')[0];
    };
    expect(['09:02', '09:19', '09:20', '09:29', '09:31'].map(counts)).toEqual(['open', 'open', 'sound', 'sound', 'open']);
  });
  test('never lit, or lit anew since, nothing is proven of it', () => {
    expect(told({ ...soundBuild(), starts: [] }, 'start.hotspots')).toEqual([
      'open',
      expect.stringMatching(/Light it in its place/),
    ]);
    expect(told(lit(soundBuild(), on(22, '09:00')), 'start.hotspots')).toEqual(['open', expect.stringMatching(/in start 2/)]);
  });
  test('floor, plate and body are each wanted', () =>
    expect(told(felt(felt(unfelt(), on(20, '09:22'), 40), on(20, '09:22'), 40, 'other'), 'start.hotspots')).toEqual([
      'open',
      expect.stringMatching(/floor or shelf, body round the exhaust’s hole/),
    ]));
  test('a change of the exhaust after the start makes it stale', () =>
    expect(
      told(
        done(
          soundBuild(),
          { kind: 'figures', changes: [{ path: 'air.exhaustLengthM', slot: 'fitted', from: 0.8, to: 0.9 }] },
          on(21, '10:00'),
        ),
        'start.hotspots',
      ),
    ).toEqual(['open', expect.stringMatching(/worked on since/)]));
  test.each([
    // handbooks, order of magnitude (from memory): timber 77, PE 60 to 80, PP 90, PVC cable 70, EPDM 120, silicone 200 °C in long contact
    ['timber', 76, 'watch'],
    ['timber', 77, 'stop'],
    ['timber', 61, 'sound'],
    ['polyethylene', 60, 'stop'],
    ['polypropylene', 90, 'stop'],
    ['polypropylene', 70, 'sound'],
    ['cable', 70, 'stop'],
    ['epdm', 119, 'watch'],
    ['epdm', 120, 'stop'],
    ['silicone', 150, 'sound'],
    ['silicone', 200, 'stop'],
    // ISO 13732-1 (from memory): bare metal burns within a second from about 65 °C on; a hand can be kept off it
    ['bare', 64, 'watch'],
    ['bare', 65, 'fix'],
  ] as const)('%s at %d °C: %s', (touches, surfaceC, level) =>
    expect(told(felt(soundBuild(), on(20, '09:23'), surfaceC, 'plate', touches), 'start.hotspots')[0]).toBe(level),
  );
  test('too hot, repaired and read cool in a new start at every place, it is sound again; both stay in the record', () => {
    const found = felt(soundBuild(), on(20, '09:24'), 95, 'other');
    expect(told(found, 'start.hotspots')).toEqual([
      'stop',
      expect.stringMatching(/^95 °C at another place \(timber.*at most 77 °C/),
    ]);
    expect(told(all(lit(found, on(21, '09:00')), 21), 'start.hotspots')[0]).toBe('stop');
    const repaired = done(found, repair('start.hotspots'), on(20, '12:00'));
    expect(told(repaired, 'start.hotspots')).toEqual(['stop', expect.stringMatching(/yet to be proven by a new start/)]);
    const again = all(lit(repaired, on(21, '09:00')), 21);
    expect(told(again, 'start.hotspots')).toEqual(['stop', expect.stringMatching(/in start 2: another place;/)]);
    const proven = felt(again, on(21, '09:23'), 44, 'other');
    expect(told(proven, 'start.hotspots')).toEqual([
      'sound',
      expect.stringMatching(/rest on start 2\. 95 °C at another place .* before; “new clamp, sealed”/),
    ]);
    expect(proven.hotLooks?.filter(({ surfaceC }) => surfaceC === 95)).toHaveLength(1);
  });
  test('a surface is marked on a photograph of this build alone', () => {
    const photo = 'a'.repeat(64);
    const look = { id: id(9), place: 'plate', touches: 'timber', surfaceC: 40, on: { photo, xShare: 0.5, yShare: 0.5 } } as const;
    expect(refused(soundBuild(), { kind: 'hot', look }, on(26, '09:00'))).toBe('look.on.photo is no photograph of this build.');
    const lists = { ...soundBuild().lists, photos: [{ id: id(77), sha256: photo }] };
    expect(done({ ...soundBuild(), lists }, { kind: 'hot', look }, on(26, '09:00')).hotLooks?.at(-1)?.on).toEqual(look.on);
  });
  test('nothing can have been read later than now', () =>
    expect(
      refused(
        soundBuild(),
        { kind: 'hot', look: { id: id(9), place: 'plate', touches: 'timber', surfaceC: 40 }, readAt: on(27, '09:00') },
        on(26, '09:00'),
      ),
    ).toMatch(/nothing can have been read or seen later than now/));
});

describe('leaks', () => {
  test.each([
    ['before any fire', { warmAt: on(18, '12:00') }],
    ['the night before it was lit', { nightAt: on(20, '05:00') }],
    ['too soon after it was off', { nightAt: on(20, '15:00') }],
  ])('a dry look %s counts for nothing', (_name, looks) =>
    expect(told(withRows({}, { leaks: set(0, looks) }), 'leak.fuel')[0]).toBe('open'),
  );
  test('looked at, and never lit: nothing is proven', () =>
    expect(told({ ...soundBuild(), starts: [] }, 'leak.fuel')).toEqual(['open', expect.stringMatching(/Light it in its place/)]));
  test('the looks say on which start they rest', () =>
    expect(told(soundBuild(), 'leak.fuel')[1]).toMatch(/The looks rest on start 1\.$/));
  test('a segment of the line changed after the looks makes them stale', () => {
    const row = rowsOf(soundBuild().lists, 'segments')[1];
    const changed = done(
      soundBuild(),
      { kind: 'rows', changes: [{ list: 'segments', row: row?.id ?? '', action: 'set', column: 'clips', from: 7, to: 8 }] },
      on(22, '10:00'),
    );
    expect(told(changed, 'leak.fuel')).toEqual(['open', expect.stringMatching(/Wipe dry/)]);
  });
  test('a drip can’t be written over; repaired, wiped and looked at anew it is sound, and the record holds both', () => {
    const joint = id(93);
    const write = (column: string, from: string | null, to: string | null): Command => ({
      kind: 'rows',
      changes: [{ list: 'leaks', row: joint, action: 'set', column, from, to }],
    });
    const wet = withRows({}, { leaks: set(0, { nightFound: 'drips' }) });
    expect(told(wet, 'fuel.leak')[0]).toBe('stop');
    for (const command of [
      write('nightFound', 'drips', 'dry'),
      write('nightFound', 'drips', null),
      { kind: 'rows', changes: [{ list: 'leaks', row: joint, action: 'remove' }] } as Command,
    ])
      expect(refused(wet, command, on(22, '10:00'))).toMatch(/at the pump was found drips; record its cause and repair first/);
    let mended = done(wet, repair('fuel.leak', joint), on(22, '10:00'));
    expect([told(mended, 'fuel.leak')[0], told(mended, 'leak.fuel')[0]]).toEqual(['open', 'open']);
    mended = done(mended, write('wipedAt', null, on(22, '10:05')), on(22, '10:05'));
    expect(told(mended, 'fuel.leak')).toEqual(['sound', expect.stringMatching(/Mended before: “new clamp, sealed”/)]);
    mended = lit(mended, on(22, '11:00'));
    for (const [look, at] of [
      ['warm', on(22, '12:00')],
      ['night', on(23, '08:00')],
    ] as const)
      mended = done(done(mended, write(`${look}Found`, null, 'dry'), at), write(`${look}At`, null, at), at);
    expect(told(mended, 'leak.fuel')).toEqual(['sound', expect.stringMatching(/rest on start 2/)]);
    expect(mended.repairs?.[0]).toMatchObject({ checkId: 'fuel.leak', subject: joint, found: 'Fuel drips: “at the pump”.' });
  });
});

describe('an over-prime and failed starts', () => {
  const primed = (strokes: number, outcome: Build['primingRuns'][number]['outcome']): Build => ({
    ...soundBuild(),
    primingRuns: soundBuild().primingRuns.map((run) => ({ ...run, strokes, outcome, at: on(20, '08:00') })),
    starts: [],
  });
  test('a burner that was flooded and drained is told as drained; pumped on past the heater once more it is a stop again', () => {
    const flooded = primed(900, 'overrun');
    expect(told(flooded, 'priming.over')[0]).toBe('stop');
    const drained = done(flooded, repair('priming.over'), on(20, '08:30'));
    expect(told(drained, 'priming.over')).toEqual([
      'sound',
      expect.stringMatching(/900 strokes were pumped; fixed since: “new clamp/),
    ]);
    const run = { id: id((next += 1)), strokes: 10, frequencyHz: 4, fromEmpty: false, outcome: 'overrun' as const };
    expect(told(done(drained, { kind: 'priming', run }, on(20, '08:40')), 'priming.over')[0]).toBe('stop');
  });
  test('an overrun is a stop whether or not the filter’s volume is known', () =>
    expect(
      told({ ...primed(520, 'overrun'), sheets: soundBuild({ 'priming.filterVolumeMl': null }).sheets }, 'priming.over')[0],
    ).toBe('stop'));
  const failed = (n: number, at = (i: number) => on(20, `1${i}:00`)): StartRun[] =>
    Array.from({ length: n }, (_, i) =>
      soundStart({
        id: id(300 + i),
        at: at(i),
        events: [
          { atS: 5, event: 'on' },
          { atS: 200, event: 'off' },
        ],
        readings: [],
      }),
    );
  test.each([
    [1, 'watch', /1 start in a row/],
    [2, 'stop', /2 starts in a row without a flame, with fuel at the heater: the burner is flooded.*lock out.*glow plug/],
    [4, 'stop', /4 starts in a row/],
  ] as const)('%d failed starts on a full line: %s', (n, level, message) =>
    expect(told({ ...soundBuild(), starts: failed(n) }, 'priming.lockout')).toEqual([level, expect.stringMatching(message)]),
  );
  test('four on a dry line are told as lock-out, flood and wear; and no fifth is helped along once the burner is flooded', () => {
    expect(told({ ...soundBuild(), primingRuns: [], starts: failed(4) }, 'priming.lockout')).toEqual([
      'fix',
      expect.stringMatching(/4 starts in a row without a flame: the unit may lock out, the glow plug wears/),
    ]);
    const flooded = { ...soundBuild(), starts: failed(4) };
    const start: Command = { kind: 'start', id: id((next += 1)), events: [], readings: [], source: 'live' };
    expect(refused(flooded, start, on(20, '15:00'))).toMatch(/must not be lit\. priming\.lockout/);
    const answered = done(flooded, repair('priming.lockout'), on(20, '15:10'));
    expect(told(answered, 'priming.lockout')[0]).toBe('sound');
    expect(refused(answered, start, on(20, '15:20'))).toBe('');
  });
  test('a flame ends the row', () =>
    expect(told({ ...soundBuild(), starts: [...failed(3, (i) => on(19, `1${i}:00`)), soundStart()] }, 'priming.lockout')[0]).toBe(
      'sound',
    ));
  test('what is cleared by entering what was done needs no record of a repair', () =>
    expect(refused(soundBuild({ 'wiring.fuseA': 0 }), repair('wiring.fuse.rating'), on(20, '10:00'))).toMatch(
      /needs no record of a repair/,
    ));
});

describe('logs that can’t be, or alarm', () => {
  const with_ = (more: Partial<StartRun>): Build => ({ ...soundBuild(), starts: [soundStart(more)] });
  const reading = (quantity: StartRun['readings'][number]['quantity'], value: number, atS = 600) => ({ atS, quantity, value });
  const sound = soundStart().readings;
  test.each([
    ['start.figures', [reading('volts', 23.6)], 'fix', /23\.6 V were read on a system of 12 V; over 15\.6 V/],
    ['start.figures', [reading('hertz', 9)], 'fix', /read at 9 Hz; 4 Hz is its highest/],
    ['start.figures', [reading('outletC', 20, 700), reading('returnC', 30, 700)], 'fix', /20 °C came out and 30 °C went in/],
    ['start.figures', [reading('volts', 12.1, 900), reading('volts', 12.2, 800)], 'fix', /out of order in time/],
    ['start.outlet.temperature', [reading('outletC', 130)], 'fix', /up to 130 °C; 126 °C is the most met/],
    ['start.outlet.temperature', [reading('outletC', 170)], 'stop', /it overheats/],
  ] as const)('%s on %j: %s', (checkId, readings, level, message) =>
    expect(told(with_({ readings: [...sound, ...readings] }), checkId)).toEqual([level, expect.stringMatching(message)]),
  );
  test('a flame before the button, a full output before the flame', () =>
    expect(
      told(
        with_({
          events: [
            { atS: 50, event: 'on' },
            { atS: 20, event: 'flame' },
            { atS: 260, event: 'full' },
          ],
        }),
        'start.figures',
      ),
    ).toEqual(['fix', expect.stringMatching(/the flame at 20 s and the button only at 50 s/)]));
  test('a sag that was read before the glow plug was on is no sag', () => {
    const early = with_({ readings: [reading('volts', 9.8, 10), reading('volts', 11.7, 30)] });
    expect(told(early, 'start.voltage.sag')).toEqual(['sound', expect.stringMatching(/11\.70 V/)]);
    expect(told(with_({ readings: [reading('volts', 9.8, 10)] }), 'start.voltage.sag')[0]).toBe('open');
  });
  test('another start, well logged, clears what the last log told', () => {
    const bad = with_({ readings: [...sound, reading('volts', 23.6)] });
    expect(told({ ...bad, starts: [...bad.starts, soundStart({ id: id(77) })] }, 'start.figures')[0]).toBe('sound');
  });
});

describe('boats and buildings', () => {
  const as = (kind: Build['identity']['kind'], values: Parameters<typeof soundBuild>[0]): Build => {
    const build = soundBuild(values);
    return { ...build, identity: { ...build.identity, kind } };
  };
  test('a hole in the exhaust drains a lorry, and poisons a cabin: a closed trap is what a hull wants', () => {
    const drilled = { 'air.exhaustLowPoint': 'drilled', 'air.mufflerHole': 'closed' } as const;
    expect(told(as('road', drilled), 'exhaust.drain')[0]).toBe('sound');
    for (const kind of ['boat', 'building'] as const) {
      const finding = assessOne(as(kind, drilled), 'exhaust.drain');
      expect([finding?.level, finding && remedyOf(finding)]).toEqual([
        'stop',
        expect.stringMatching(/closed trap with a valve, drained to outside/),
      ]);
      // What stands in a trap freezes: where it never does, it is sound, else it is watched and holds nothing up.
      const trap = (coldestC: number) =>
        told(as(kind, { ...drilled, 'air.exhaustLowPoint': 'trap', 'survey.coldestC': coldestC }), 'exhaust.drain')[0];
      expect([trap(1), trap(-5)]).toEqual(['sound', 'watch']);
      expect(told(as(kind, { ...drilled, 'air.exhaustLowPoint': 'drilledOut' }), 'exhaust.drain')[0]).toBe('sound');
    }
    expect(told(as('boat', {}), 'exhaust.drain')).toEqual([
      'stop',
      expect.stringMatching(/Muffler has an open drain hole: in a hull/),
    ]);
  });
  test('no sentence on a boat or a building speaks of a vehicle or a crash', () => {
    for (const kind of ['boat', 'building'] as const)
      for (const values of [
        {},
        { 'tank.restraint': 'none', 'tank.place': 'vehicle', 'tank.vent': 'vehicle', 'tank.paper': 'vehicle' },
        { 'tank.restraint': 'vehicle', 'survey.fuelFrom': 'vehicle', 'tank.way': 'standpipe', 'air.exhaustPastOutlineMm': -5 },
      ] as const)
        for (const { id: checkId, message, remedy } of assess(as(kind, values)).map(spoken))
          expect([checkId, `${message} ${remedy}`]).not.toEqual([checkId, expect.stringMatching(/\bvehicle|\bcrash|underneath/)]);
  });
});

test('whatever the faults: a build with one of them is never signed, and a build without is', () => {
  expect(whatStands(assess(soundBuild()))).toEqual({ stop: [], fix: [], open: [] });
  for (const build of [unread(), { ...soundBuild(), starts: [] }])
    expect(refused(build, { kind: 'sign', typedName: 'Test Fitter', drawn: 'M10 10L300 150' }, on(22, '10:00'))).toMatch(
      /co\.reading/,
    );
});
