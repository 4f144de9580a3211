import type { Part } from '../../build/field';
import { faultCauses, type CauseId, type FaultSystem } from './causes';

const partOf: Readonly<Record<FaultSystem, Part>> = {
  fuel: 'tank',
  pump: 'pump',
  glow: 'heater',
  feed: 'battery',
  air: 'exhaust',
  chamber: 'heater',
  fan: 'heater',
  warm: 'cabin',
  sensor: 'heater',
  control: 'cabin',
  sound: 'exhaust',
};
/** Causes that sit elsewhere than what they belong to. */
const elsewhere: Partial<Record<CauseId, Part>> = {
  belowPickup: 'pickup',
  suctionLeak: 'suction',
  jointGap: 'suction',
  kinkedHose: 'suction',
  filterBlocked: 'filter',
  filterReversed: 'filter',
  lineNotPrimed: 'line',
  intakeBlocked: 'intake',
  roomSensor: 'cabin',
  mainBoard: 'heater',
  pumpMount: 'pump',
  fuelWeeps: 'line',
};
/** The part of the run at which a cause sits: it is drawn there, and what was proven of it is stale once it was mended. */
export const partOfCause = (cause: CauseId): Part => elsewhere[cause] ?? partOf[faultCauses[cause].system];
