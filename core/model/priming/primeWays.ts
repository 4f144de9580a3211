import { pumpSet } from '../controller/settings';
import { usualBench, usualTimes } from '../../physics/bench/BenchFacts';
import { dryMedian, strokesToFill, volumesToFill } from '../../physics/fuel/strokesToFill';
import type { Reader } from '../../reading/Reader';
import { chambersToFill } from './fillChambers';

/** The three ways in which a line is filled, worked out for this one. */
export interface PrimeWays {
  /** by the controller’s priming mode, the pump alone */ mode: { strokes: number; seconds: number; dryS: number };
  /** filter and line by a syringe first: up to the pump, and up to the heater; what the pump then has left */
  syringe: { toPumpMl: number; toHeaterMl: number; strokesAfterPump: number };
  /** by starting it again and again: strokes that one press gives, presses until fuel comes, and after how many without a flame it locks */
  starts: { strokesAPress: number; presses: number; lockAfter: number; lockAssumed: boolean; locks: boolean };
}

/**
 * What each way takes on this line. A press gives the pump's lighting frequency for as long as a controller waits for a flame, twice.
 * @throws through the reader where line, dose or frequency is not known
 * @source definition; times of a press: a usual controller, common practice, no source
 */
export function primeWays(read: Reader): PrimeWays {
  const { hz } = read.all({ hz: 'priming.primingHz' });
  const chambers = chambersToFill(read);
  const doseMl = read.derived('fuel.doseMl');
  const volumes = volumesToFill(chambers);
  const whole = strokesToFill(volumes, doseMl).expected;
  const lightHz = Math.max(0.3, pumpSet(read).minHz * 0.9);
  const strokesAPress = Math.floor(usualBench.tries * usualTimes.light * lightHz);
  const presses = Math.max(1, Math.ceil(whole / Math.max(1, strokesAPress)));
  const told = Number(read.build.unitCard?.figures['unit.lockAfter']?.value ?? NaN);
  const lockAssumed = !Number.isFinite(told);
  const lockAfter = lockAssumed ? usualBench.lockAfter : told;
  return {
    mode: { strokes: whole, seconds: whole / hz, dryS: volumes.suctionMl / dryMedian / doseMl / hz },
    syringe: {
      toPumpMl: volumes.suctionMl,
      toHeaterMl: volumes.suctionMl + volumes.pressureMl,
      strokesAfterPump: strokesToFill({ suctionMl: 0, pressureMl: volumes.pressureMl }, doseMl).expected,
    },
    // The press that brings the fuel lights; those before it count as failed.
    starts: { strokesAPress, presses, lockAfter, lockAssumed, locks: presses - 1 >= lockAfter },
  };
}
