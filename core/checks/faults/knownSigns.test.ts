import type { Build, StartRun } from '../../build/Build';
import type { Fault } from '../../build/faults';
import { id, soundBuild, soundStart } from '../../../tests/soundBuild';
import { faultChecks, faultNetwork, weightsFor } from '../../model/faults/faultNetwork';
import { believe, type Found } from '../../model/faults/nextCheck';
import { assess } from '../assess';
import { knownSigns, signsOfAge, signsOfFindings, signsOfRecord, signsOfStart, type KnownSign } from './knownSigns';

const said = (signs: readonly KnownSign[]) =>
  Object.fromEntries(signs.map(({ check, answer }) => [check, faultChecks[check].answers[answer]]));
const asFound = (signs: readonly KnownSign[]): Found => Object.fromEntries(signs.map(({ check, answer }) => [check, answer]));

test('a sound build answers without a touch all that its figures tell and that does not change by itself', () => {
  expect(said(signsOfFindings(assess(soundBuild())))).toEqual({
    pumpAngle: 'outlet up',
    pumpArrow: 'yes',
    pumpHang: 'yes',
    filterArrow: 'to the pump',
    exhaustFall: 'it falls',
    pipeLength: 'within it',
    mouths: 'well apart',
    settings: 'as on the card',
    sensorPlace: 'where people are',
    earthLook: 'to the battery’s own post',
    polarity: 'yes',
    feedLook: 'within the loss',
  });
});
test('an exhaust that does not fall counts as such though its drain is sound', () => {
  expect(said(signsOfFindings(assess(soundBuild({ 'air.exhaustFallMm': -100 })))).exhaustFall).toBe('it rises or sags');
});
test('a pump that lies flat in the build makes a flat pump likelier than before, and a reversed one no likelier', () => {
  const network = faultNetwork(weightsFor('air'));
  const flat = signsOfFindings(assess(soundBuild({ 'fuel.pumpAngleDeg': 0 })));
  expect(said(flat).pumpAngle).toBe('flat or outlet down');
  const [before, after] = [believe(network, {}), believe(network, asFound(flat))];
  expect(after.causes.pumpFlat).toBeGreaterThan(before.causes.pumpFlat * 3);
  expect(after.causes.pumpReversed).toBeLessThan(before.causes.pumpReversed);
});
test('summer fuel in the cold that is looked for, and bubbles seen, are answered; fuel that passes says nothing of what was bought since', () => {
  const summer = said(signsOfFindings(assess(soundBuild({ 'heater.fuelGrade': 'roadB', 'heater.coldestFuelC': -12 }))));
  expect(summer.fuelBought).toBe('summer fuel in frost');
  expect(said(signsOfFindings(assess(soundBuild()))).fuelBought).toBeUndefined();
  const build = soundBuild();
  const sights = (build.sights ?? []).map((one) => (one.sees === 'noBubbles' ? { ...one, sees: 'steady' as const } : one));
  const seen = { ...build, sights };
  expect(said(signsOfFindings(assess(seen))).bubbles).toBe('a chain of bubbles');
});
test('what is not measured answers nothing', () => {
  const signs = signsOfFindings(assess(soundBuild({ 'fuel.pumpAngleDeg': null })));
  expect(said(signs).pumpAngle).toBeUndefined();
});
const glowing = (volts: number, amps: number, rest = 12.7) =>
  soundStart({
    events: [
      { atS: 0, event: 'on' },
      { atS: 30, event: 'glow' },
      { atS: 100, event: 'off' },
    ],
    readings: [
      { atS: 0, quantity: 'volts', value: rest },
      ...[55, 70, 90].flatMap((atS) => [
        { atS, quantity: 'volts' as const, value: volts },
        { atS, quantity: 'amps' as const, value: amps },
      ]),
    ],
  });
test.each([
  [11.6, 9.5, 12.7, { restVolts: '12.4 V or more', glowVolts: '11 V or more', glowAmps: '8 to 12 A' }],
  [9.4, 5, 12.1, { restVolts: 'under 12.4 V', glowVolts: 'under 10 V', glowAmps: 'under 6 A' }],
  [10.5, 0.3, 15.4, { restVolts: 'over 15 V', glowVolts: '10 to 11 V', glowAmps: 'none' }],
  [9.9, 18, 12.6, { glowVolts: 'under 10 V', glowAmps: 'over 15 A' }],
])('a start of %s V and %s A under glow answers what a meter would', (volts, amps, rest, expected) => {
  expect(said(signsOfStart(glowing(volts, amps, rest), 12))).toMatchObject(expected);
});
test('a start at 24 V answers nothing of what is asked for 12 V', () => expect(signsOfStart(glowing(23, 5), 24)).toEqual([]));

describe('what the record answers beside the start that is complained of', () => {
  const on = { atS: 0, event: 'on' as const };
  const glow = { atS: 30, event: 'glow' as const };
  const start = (n: number, hour: number, ...events: { atS: number; event: 'flame' | 'full' | 'out' | 'off' }[]) =>
    soundStart({ id: id(50 + n), at: `2026-11-20T${String(hour).padStart(2, '0')}:00:00.000Z`, events: [on, glow, ...events] });
  const unlit = (n: number, hour: number) => start(n, hour, { atS: 300, event: 'off' });
  const well = start(0, 6, { atS: 120, event: 'flame' }, { atS: 240, event: 'full' }, { atS: 900, event: 'off' });
  const record = (starts: ReturnType<typeof start>[], outcome?: 'reached' | 'overrun' | 'stopped') => {
    const primingRuns = outcome
      ? [{ id: id(60), at: '2026-11-20T05:00:00.000Z', by: 'A', strokes: 600, frequencyHz: 4, fromEmpty: true, outcome }]
      : [];
    return said(signsOfRecord({ starts, primingRuns }, starts.at(-1) ?? null));
  };
  test('one start that ran well says that it ran well in this place; the first of all that it never did', () => {
    expect(record([well, unlit(1, 8)]).newFit).toBe('yes');
    expect(record([unlit(1, 8)]).newFit).toBe('never, it is new');
    expect(record([unlit(1, 7), unlit(2, 8)]).newFit).toBeUndefined();
  });
  test('three starts in a day without a flame are many in a row, two are not', () => {
    expect(record([unlit(1, 7), unlit(2, 8)]).starts).toBe('once or twice');
    expect(record([unlit(1, 7), unlit(2, 8), unlit(3, 9)]).starts).toBe('three times or more');
  });
  test.each([
    [
      [
        { atS: 120, event: 'flame' as const },
        { atS: 239, event: 'out' as const },
      ],
      'warm for a while',
    ],
    [
      [
        { atS: 120, event: 'flame' as const },
        { atS: 240, event: 'out' as const },
      ],
      'hot',
    ],
    [[{ atS: 300, event: 'off' as const }], 'cold'],
    [[{ atS: 60, event: 'off' as const }], undefined],
  ])('by %o the exhaust grew: %s', (events, warm) => expect(record([start(1, 8, ...events)]).exhaustWarm).toBe(warm));
  test.each([
    ['overrun', 'yes'],
    ['reached', 'no'],
    ['stopped', undefined],
  ] as const)('a priming run that %s: primed too far is answered %s', (outcome, answer) =>
    expect(record([unlit(1, 8)], outcome).overPrimed).toBe(answer),
  );
  test('a build without a start or a prime answers nothing of them, nor does one whose voltage is not known of its volts', () => {
    expect(signsOfRecord({ starts: [], primingRuns: [] }, null)).toEqual([]);
    const dark = soundBuild({ 'heater.supplyV': null });
    const glowed = { ...dark, starts: [glowing(9.4, 5)] };
    const told = { at: '2026-12-24T08:00:00.000Z', start: glowed.starts[0]?.id ?? '' };
    const checksOf = (build: Build) => knownSigns(build, [], told).map(({ check }) => check);
    expect(checksOf(glowed)).not.toContain('glowVolts');
    expect(checksOf({ ...glowed, sheets: soundBuild().sheets })).toContain('glowVolts');
  });
});

describe('what the time on record answers', () => {
  const burned = (at: string, hours: number, lowFromH?: number) =>
    ({
      ...soundStart({
        events: [
          { atS: 0, event: 'on' },
          { atS: 200, event: 'flame' },
          ...(lowFromH === undefined ? [] : [{ atS: 200 + lowFromH * 3600, event: 'low' as const }]),
          { atS: 200 + hours * 3600, event: 'off' },
        ],
        readings: [],
      }),
      at,
    }) satisfies StartRun;
  const mended = (cause: string, at: string): Fault => ({
    id: id(9),
    at,
    by: 'A',
    symptom: 'notLit',
    steps: [],
    repairs: [{ at, by: 'A', cause, did: 'a new one', parts: '', afterSteps: 0 }],
  });
  const aged = (starts: StartRun[], faults: Fault[] = []) => said(signsOfAge({ starts, faults }, '2026-12-24T08:00:00.000Z'));
  test.each<[string, StartRun[], Fault[], Record<string, string>]>([
    ['a first start last winter says nothing: the unit may have run elsewhere', [burned('2025-12-24T08:00:00.000Z', 2)], [], {}],
    [
      'a first start three winters ago makes plug, screen and filter old',
      [burned('2023-12-01T08:00:00.000Z', 2)],
      [],
      { hours: 'two winters or more', filterAge: 'older, or nobody knows' },
    ],
    [
      'a new plug this autumn makes them new, and the filter stays old',
      [burned('2023-12-01T08:00:00.000Z', 2)],
      [mended('plugWorn', '2026-10-01T08:00:00.000Z')],
      { hours: 'under a winter', filterAge: 'older, or nobody knows' },
    ],
    [
      'a new filter this autumn is new',
      [burned('2025-12-01T08:00:00.000Z', 2)],
      [mended('filterBlocked', '2026-10-01T08:00:00.000Z')],
      { filterAge: 'under two years' },
    ],
    [
      '600 hours on record are two winters',
      [burned('2026-01-01T08:00:00.000Z', 300), burned('2026-02-01T08:00:00.000Z', 300)],
      [],
      { hours: 'two winters or more' },
    ],
    ['599 hours are not', [burned('2026-01-01T08:00:00.000Z', 599)], [], {}],
    [
      'twenty hours, twelve of them turned down, were run low',
      [burned('2026-01-01T08:00:00.000Z', 20, 8)],
      [],
      { lowRuns: 'yes' },
    ],
    ['twenty hours, eight of them turned down, were not', [burned('2026-01-01T08:00:00.000Z', 20, 12)], [], {}],
    ['nine hours on record are too few to say', [burned('2026-01-01T08:00:00.000Z', 9, 0)], [], {}],
    ['a start after it counts for nothing', [burned('2027-01-01T08:00:00.000Z', 700)], [], {}],
  ])('%s', (_what, starts, faults, expected) => expect(aged(starts, faults)).toEqual(expected));
});
