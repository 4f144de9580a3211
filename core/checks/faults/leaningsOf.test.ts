import { id, soundBuild, soundStart, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { Fault } from '../../build/faults';
import { causeIds, type CauseId } from '../../model/faults/causes';
import { faultNetwork, weightsFor } from '../../model/faults/faultNetwork';
import { leanedWeights, leansAtMost, leansTo } from '../../model/faults/leaning';
import { believe } from '../../model/faults/nextCheck';
import type { Departure } from '../../physics/start/departures';
import { coursed } from '../../physics/start/expectedCourse';
import { departureText } from '../../wording/departureText';
import { assess } from '../assess';
import { leaningFindings, leaningsOf } from './leaningsOf';

const told = { id: id(50), at: '2026-12-24T08:00:00.000Z' };
const leans = (build: Build, departures: readonly Departure[] = []) => leaningsOf(build, assess(build), told, departures);
const whys = (build: Build) => leans(build).map(({ why }) => why);
const mended = (cause: string, at = '2026-11-01T08:00:00.000Z', more: Partial<Fault> = {}): Fault => ({
  id: id(51),
  at,
  by: 'A',
  symptom: 'notLit',
  steps: [],
  repairs: [{ at, by: 'A', cause, did: 'made anew', parts: '', afterSteps: 0 }],
  ...more,
});

test('a sound build with nothing mended leans to no cause', () => expect(leans(soundBuild())).toEqual([]));
test.each<[string, CauseId, Values]>([
  ['what the pump draws against on the coldest night', 'fuelGelled', { 'fuel.suctionLengthM': 12, 'heater.coldestFuelC': -40 }],
  ['a suction line that is too long', 'suctionLeak', { 'fuel.suctionLengthM': 6 }],
  ['a battery that does not last the night', 'batteryLow', { 'wiring.batteryCapacityAh': 10 }],
])('%s makes %s likelier', (_what, cause, values) => {
  expect(leansTo(leans(soundBuild(values)))[cause]).toBeGreaterThan(1);
});
test('each finding that leans is a check of ours', () => {
  const ours = new Set(assess(soundBuild()).map((one) => one.id));
  expect(leaningFindings.filter((one) => !ours.has(one))).toEqual([]);
});
test('what is only assumed leans to nothing', () => {
  const findings = assess(soundBuild({ 'fuel.suctionLengthM': 6 }));
  const sure = leaningsOf(soundBuild(), findings, told, []);
  expect(sure.length).toBeGreaterThan(0);
  const guessed = findings.map((one) => ({ ...one, assumed: [] }));
  expect(leaningsOf(soundBuild(), guessed, told, [])).toEqual([]);
});
test('what was mended here before comes back; what was told later, withdrawn, or is this fault itself does not count', () => {
  const build = soundBuild();
  expect(whys({ ...build, faults: [mended('plugOpen')] })).toEqual([{ mended: 'plugOpen' }]);
  expect(whys({ ...build, faults: [mended('plugOpen', '2027-01-01T08:00:00.000Z')] })).toEqual([]);
  expect(whys({ ...build, faults: [mended('plugOpen', undefined, { id: told.id })] })).toEqual([]);
  const withdrawn = { at: told.at, by: 'A', reason: 'none' };
  expect(whys({ ...build, faults: [mended('plugOpen', undefined, { withdrawn })] })).toEqual([]);
});
test('a part worked on since it last ran well makes its own causes likelier, and no others', () => {
  const build: Build = {
    ...soundBuild(),
    starts: [soundStart({ at: '2026-12-01T08:00:00.000Z' })],
    worked: { pump: '2026-12-10T08:00:00.000Z', exhaust: '2026-11-10T08:00:00.000Z' },
  };
  expect(whys(build)).toEqual([{ worked: 'pump' }]);
  const by = leansTo(leans(build));
  expect(by.pumpReversed).toBe(2);
  expect(by.exhaustBlocked).toBeUndefined();
  expect(whys({ ...build, starts: [] })).toEqual([]);
});
test('a start hotter than its course speaks for what holds its air back, in the words of its trace', () => {
  const departure: Departure = { quantity: 'outletC', side: 'over', fromS: 200, toS: 300, open: false, by: 20, phase: 'full' };
  const [leaning] = leans(soundBuild(), [departure]);
  expect(leaning?.why).toEqual({ departed: departureText(departure).what });
  expect(leaning?.times.outletBlocked).toBeGreaterThan(1);
});
test('volts and amps under glow, which are read off the start itself, do not count twice', () => {
  const under = { side: 'under', fromS: 20, toS: 60, open: false, by: 2, phase: 'glow' } as const;
  expect(leans(soundBuild(), [{ ...under, quantity: 'amps' }])).toEqual([]);
});
test('each departure with a meaning of its own after it is lit leans to something', () => {
  const silent = coursed.flatMap((quantity) =>
    (['under', 'over'] as const).flatMap((side) => {
      const departure: Departure = { quantity, side, fromS: 300, toS: 400, open: false, by: 9, phase: 'full' };
      return leans(soundBuild(), [departure]).length > 0 ? [] : [`${quantity} ${side}`];
    }),
  );
  // A battery that sags at full, and air drawn in colder than the room, point at nothing of the heater’s own.
  expect(silent).toEqual(['volts under', 'returnC under']);
});
test('what leans to a cause makes it likelier by just so many times beside the others, however often it is said not over eight', () => {
  const usual = weightsFor('air');
  const leaned = leanedWeights(usual, [
    { why: { mended: 'sooted' }, times: { sooted: 3 } },
    { why: { mended: 'sooted' }, times: { sooted: 4 } },
    { why: { worked: 'pump' }, times: { pumpWorn: 2 } },
  ]);
  expect(leaned.sooted / usual.sooted).toBe(leansAtMost);
  expect(leaned.pumpWorn / usual.pumpWorn).toBe(2);
  expect(causeIds.filter((id) => leaned[id] !== usual[id])).toEqual(['pumpWorn', 'sooted']);
  const [before, after] = [believe(faultNetwork(usual), {}).causes, believe(faultNetwork(leaned), {}).causes];
  // Among two causes at once those of one part are left out, so that the share of pairs is not quite the same.
  expect(after.pumpWorn / after.plugOpen / (before.pumpWorn / before.plugOpen)).toBeCloseTo(2, 0);
});
test('what this heater can’t have stays out, whatever speaks for it', () => {
  const leaned = leanedWeights(weightsFor('air'), [{ why: { finding: 'coolant.air' }, times: { coolantAir: 3 } }]);
  expect(leaned.coolantAir).toBe(0);
});
