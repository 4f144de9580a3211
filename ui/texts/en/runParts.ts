import { room } from '../room';

/** English: the parts of the run by their ids. */
export const runParts = room('runParts', {
  tank: 'Tank',
  pickup: 'Pickup',
  suction: 'Suction line',
  filter: 'Filter',
  pump: 'Pump',
  line: 'Line to the heater',
  heater: 'Heater',
  intake: 'Combustion air intake',
  exhaust: 'Exhaust',
  battery: 'Battery and feed',
  cabin: 'Carbon monoxide alarm',
});
