import { id, soundBuild, soundStart } from '../../../tests/soundBuild';
import { faultChecks, faultNetwork, weightsFor } from '../../model/faults/faultNetwork';
import { believe, type Found } from '../../model/faults/nextCheck';
import { assess } from '../assess';
import { knownSigns, signsOfFindings, signsOfRecord, signsOfStart, type KnownSign } from './knownSigns';

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
    const checks = knownSigns(glowed, [], glowed.starts[0]?.id).map(({ check }) => check);
    expect(checks).not.toContain('glowVolts');
    expect(knownSigns({ ...glowed, sheets: soundBuild().sheets }, [], glowed.starts[0]?.id).map(({ check }) => check)).toContain(
      'glowVolts',
    );
  });
});
