import { BenchHeater } from '../../physics/bench/benchHeater';
import { usualBench } from '../../physics/bench/BenchFacts';
import type { BenchFaultId } from '../../physics/bench/faults';
import { startEvents, type StartEvent, type StartEventKind, type StartReading, type StartRun } from '../../build/Build';
import { seeded } from '../../random/seeded';
import { causeIds, type CauseId } from '../faults/causes';
import { causeStates, faultChecks, faultNetwork, weightsFor, type FaultCheckId } from '../faults/faultNetwork';
import type { TrainerCase } from './TrainerCase';

/** What a cause does to the bench heater; one that is not here shows in looks alone. */
const onBench: Partial<Record<CauseId, readonly [BenchFaultId, number]>> = {
  tankEmpty: ['tankEmpty', 1], belowPickup: ['belowPickup', 1], suctionLeak: ['suctionLeak', 1], jointGap: ['gapInJoint', 1], kinkedHose: ['kinkedHose', 0.8], filterBlocked: ['filterBlocked', 0.9], filterReversed: ['filterReversed', 1], pumpReversed: ['pumpReversed', 1], pumpWorn: ['pumpWorn', 1], pumpTooBig: ['anotherPump', 1], pumpSeized: ['pumpSticks', 1], pumpLeadOpen: ['pumpLeadOpen', 1], pumpFlat: ['pumpFlat', 1], fuelGelled: ['fuelGelled', 1],
  waterInFuel: ['waterInFuel', 1], flooded: ['overPrimed', 1], feedWeak: ['thinFeed', 1], looseTerminal: ['looseFeed', 1], badEarth: ['earthOnPaint', 1], batteryLow: ['emptyBattery', 1], overVolts: ['overCharged', 1], plugOpen: ['plugOpen', 1], plugLeadOff: ['plugOpen', 1], plugShort: ['plugShort', 1], plugLeadsCrossed: ['plugShort', 0.6], plugWorn: ['plugWorn', 1], screenClogged: ['sootOnPlug', 0.8],
  exhaustBlocked: ['exhaustBlocked', 0.9], waterInExhaust: ['exhaustWater', 1], intakeBlocked: ['intakeBlocked', 0.8], drawnBack: ['windOnExhaust', 1], altitude: ['highUp', 1], sooted: ['sootInBurner', 1], exhaustLeak: ['exhaustLeaks', 1], outletBlocked: ['outletBlocked', 1], ventsShut: ['outletBlocked', 1], returnBlocked: ['returnBlocked', 1], fanStuck: ['fanStuck', 1], fanWorn: ['fanDrags', 1],
  hotSensor: ['outletSensor', 1], flameSensor: ['flameSensor', 1], roomSensor: ['roomSensor', 1], controllerLead: ['controllerLead', 1], fuseBlown: ['controllerLead', 1], feedReversed: ['controllerLead', 1], controllerSet: ['pumpSetHigh', 1],
}; // prettier-ignore

const networks = { air: faultNetwork(weightsFor('air')), coolant: faultNetwork(weightsFor('coolant')) };
export const networkOf = (medium: 'air' | 'coolant') => networks[medium];

/** A whole number that a seed and a word make. */
function mixed(seed: number, word: string): number {
  let sum = seed >>> 0;
  for (const letter of word) sum = (Math.imul(sum ^ letter.charCodeAt(0), 0x01000193) + 0x9e3779b9) >>> 0;
  return sum;
}

/**
 * What a look at a heater finds with these causes left in it: the same whenever it is looked at.
 * @param seed whole number; another one draws other errors of looks, at levels 2 and 3
 */
export function foundOf(it: TrainerCase, left: readonly CauseId[], check: FaultCheckId, seed: number): number {
  const fixed = it.answers?.[check];
  const { answers } = faultChecks[check];
  if (fixed !== undefined && left.length === it.causes.length) return answers.indexOf(fixed);
  const node = networks[it.medium].find(({ id }) => id === check);
  const [a = 0, b = 0] = left.map((cause) => causeIds.indexOf(cause) + 1).sort((one, other) => one - other);
  const row = left.length < 2 ? a * causeStates.length : a * causeStates.length + b;
  const chances = [...(node?.table.slice(row * answers.length, (row + 1) * answers.length) ?? [])];
  if (it.level === 1) return chances.indexOf(Math.max(...chances));
  let rest = seeded(mixed(seed, `${it.id}/${check}/${left.join()}`))();
  const at = chances.findIndex((one) => (rest -= one) < 0);
  return at < 0 ? answers.length - 1 : at;
}

/** A start of the bench heater is let run so long after the button, and read so often, s. */
const [runsS, everyS] = [600, 2];
const read = ['volts', 'amps', 'hertz', 'outletC'] as const;
/** A start of the bench heater with these causes left in it, as its log. */
export function startOf(left: readonly CauseId[], seed: number): Pick<StartRun, 'events' | 'readings'> {
  const heater = new BenchHeater(usualBench, { seed: 1 + (seed % 1000), filled: !left.includes('lineNotPrimed') });
  heater.setFaults(
    left.flatMap((cause) => {
      const fault = onBench[cause];
      return fault ? [{ id: fault[0], strength: fault[1], fromS: 0, growsS: 0 }] : [];
    }),
  );
  const events: StartEvent[] = [];
  const readings: StartReading[] = [];
  heater.press(true);
  while (heater.s < runsS) {
    heater.step();
    for (const event of heater.takeEvents()) {
      const { kind } = event;
      if (event.kind === 'code' && event.code === 'flameOut') events.push({ event: 'out', atS: heater.s });
      if (Object.hasOwn(startEvents, kind)) events.push({ event: kind as StartEventKind, atS: heater.s });
    }
    const second = Math.round(heater.s * 10);
    if (second % (everyS * 10) === 0)
      for (const quantity of read)
        readings.push({ atS: heater.s, quantity, value: Math.round(heater.readings[quantity] * 100) / 100 });
  }
  return { events, readings };
}
