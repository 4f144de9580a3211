import { choice, number, type FieldTable } from '../field';

/** Ducts and coolant. */
export const warmthSheets = {
  warmth: {
    way: choice({ label: 'The heater warms', options: { ducts: 'air, led by ducts', loop: 'coolant in a loop' }, part: 'cabin', given: true }),
    blowerM3H: number({ label: 'Warm air at full, blowing freely', unit: 'm³/h', min: 5, max: 2000, decimals: 0, part: 'heater', given: true, optional: true, hint: 'from its manual; 42 m³/h a kW of its output where nothing is given' }),
    blowerPa: number({ label: 'Blower against a shut end', unit: 'Pa', min: 20, max: 3000, decimals: 0, part: 'heater', given: true, optional: true, hint: 'from its manual; 250 Pa where nothing is given' }),
    airFrom: choice({ label: 'The air it warms comes from', options: { inside: 'inside, round and round', mixed: 'inside and outside', outside: 'outside' }, part: 'cabin', given: true, optional: true, hint: 'from inside where nothing is given' }),
    pumpKPa: number({ label: 'Circulation pump against a shut end', unit: 'kPa', min: 1, max: 200, decimals: 1, part: 'heater', given: true, optional: true, hint: 'from its manual; 15 kPa where nothing is given' }),
    pumpLMin: number({ label: 'Circulation pump, running freely', unit: 'L/min', min: 1, max: 200, decimals: 1, part: 'heater', given: true, optional: true, hint: 'from its manual; 25 L/min where nothing is given' }),
    glycol: choice({ label: 'Coolant is', options: { ethylene: 'ethylene glycol and water', propylene: 'propylene glycol and water', water: 'water alone', unknown: 'nobody knows' }, part: 'heater', found: true, optional: true }),
    glycolPercent: number({ label: 'Glycol in it, by volume', unit: '%', min: 0, max: 100, decimals: 0, part: 'heater', found: true, optional: true, hint: 'by a refractometer, or by what was poured' }),
    partsHoldL: number({ label: 'Engine, matrix and other parts hold', unit: 'L', min: 0, max: 100, decimals: 1, part: 'heater', given: true, optional: true, hint: 'without the hoses, which are counted by length and bore' }),
    tankFreeMl: number({ label: 'Room in the expansion tank, cold', unit: 'mL', min: 0, max: 20000, decimals: 0, part: 'heater', found: true, optional: true }),
    capKPa: number({ label: 'Cap of the expansion tank opens at', unit: 'kPa', min: 0, max: 200, decimals: 0, part: 'heater', given: true, optional: true, hint: 'as printed on it, over the air’s; 0 where nothing is given' }),
    engineKg: number({ label: 'Engine block weighs', unit: 'kg', min: 10, max: 3000, decimals: 0, part: 'heater', given: true, optional: true }),
  },
} as const satisfies Record<string, FieldTable>;
