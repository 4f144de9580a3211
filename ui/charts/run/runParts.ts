import type { Part } from '../../../core/build/field';

/** Whose sheet a part of the run opens. */
export const sheetOf: Record<Part, string> = {
  tank: 'fuel',
  pickup: 'fuel',
  suction: 'fuel',
  filter: 'fuel',
  pump: 'fuel',
  line: 'fuel',
  heater: 'heater',
  intake: 'air',
  exhaust: 'air',
  battery: 'wiring',
  cabin: 'proving',
};
export const partNames: Record<Part, string> = {
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
};
export const runParts = Object.keys(sheetOf) as Part[];
/** The part that a sheet is about. */
export const partOfStage: Record<string, Part> = {
  fuel: 'tank',
  air: 'exhaust',
  wiring: 'battery',
  priming: 'line',
  startup: 'heater',
  proving: 'cabin',
  signoff: 'tank',
  heater: 'heater',
  survey: 'cabin',
  kit: 'heater',
  siting: 'heater',
};
