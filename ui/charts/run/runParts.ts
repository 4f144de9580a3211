import type { Part } from '../../../core/build/field';
import type { SheetId } from '../../../core/build/sections';
import type { Place } from '../../../core/build/places';
import { runParts as names } from '../../texts/en/runParts';

/** The section that a part of the run opens. */
export const placeOfPart: Record<Part, Place> = {
  tank: { sheet: 'fuel', section: 'tank' },
  pickup: { sheet: 'fuel', section: 'pickup' },
  suction: { sheet: 'fuel', section: 'line' },
  filter: { sheet: 'fuel', section: 'pump' },
  pump: { sheet: 'fuel', section: 'pump' },
  line: { sheet: 'fuel', section: 'line' },
  heater: { sheet: 'heater', section: 'unit' },
  intake: { sheet: 'air', section: 'air' },
  exhaust: { sheet: 'air', section: 'air' },
  battery: { sheet: 'wiring', section: 'wiring' },
  cabin: { sheet: 'proving', section: 'co' },
};
export const partNames: Readonly<Record<Part, string>> = names;
export const runParts = Object.keys(placeOfPart) as Part[];
/** The part that a sheet is about. */
const partOfSheet: Record<SheetId, Part> = {
  fuel: 'tank',
  air: 'exhaust',
  warmth: 'cabin',
  wiring: 'battery',
  priming: 'line',
  controller: 'heater',
  startup: 'heater',
  proving: 'cabin',
  signoff: 'tank',
  heater: 'heater',
  measure: 'tank',
  survey: 'cabin',
  kit: 'heater',
  siting: 'heater',
};
/** The part that a section is about. */
export const partOfPlace = (sheet: SheetId, section: string): Part =>
  runParts.find((part) => placeOfPart[part].sheet === sheet && placeOfPart[part].section === section) ?? partOfSheet[sheet];
