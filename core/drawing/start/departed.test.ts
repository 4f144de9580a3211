import { soundBuild, soundStart } from '../../../tests/soundBuild';
import { startEvents, type StartEvent, type StartEventKind, type StartReading } from '../../build/Build';
import { BenchHeater } from '../../physics/bench/benchHeater';
import type { BenchFaultId } from '../../physics/bench/faults';
import { departed } from './departed';
import { rehearsed } from './rehearsed';

const build = soundBuild();
const expected = rehearsed(build);
/** A start of this build on the bench heater, as its log would have it. */
function startWith(fault?: BenchFaultId) {
  if (!('facts' in expected)) throw new Error(expected.missing.join());
  const heater = new BenchHeater(expected.facts, { seed: 5 });
  if (fault) heater.setFaults([{ id: fault, strength: 0.8, fromS: 0, growsS: 0 }]);
  heater.press(true);
  const events: StartEvent[] = [];
  const readings: StartReading[] = [];
  for (let s = 1; s <= 400; s += 1) {
    heater.run(1);
    for (const { kind } of heater.takeEvents())
      if (Object.hasOwn(startEvents, kind)) events.push({ event: kind as StartEventKind, atS: heater.s });
    for (const quantity of ['volts', 'amps', 'hertz', 'outletC'] as const)
      readings.push({ atS: s, quantity, value: heater.readings[quantity] });
  }
  return soundStart({ events, readings });
}
const leaves = (run: ReturnType<typeof soundStart>, of = build) =>
  departed({ build: of, run }).map(({ quantity, side }) => `${quantity} ${side}`);

test('a start as the build should show leaves its course nowhere', () => expect(leaves(startWith())).toEqual([]));
test('one with its outlet blocked runs hotter than it should', () =>
  expect(leaves(startWith('outletBlocked'))).toContain('outletC over'));
test('one whose pump is set too high runs faster than it should', () =>
  expect(leaves(startWith('pumpSetHigh'))).toContain('hertz over'));
test('a dry run, or a build of which something is only assumed, is compared with nothing', () => {
  const run = startWith('outletBlocked');
  expect(leaves({ ...run, dryRun: true })).toEqual([]);
  const assumed = { basis: 'a van', figures: { 'heater.startCurrentA': { value: 10, why: 'usual' } } };
  const guessed = { ...soundBuild({ 'heater.startCurrentA': null }), assumed };
  expect(leaves(run, guessed)).toEqual([]);
});
