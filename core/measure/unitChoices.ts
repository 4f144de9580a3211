import type { UnitId } from '../units/units';

/** Units that a number pad offers for a kept unit, the kept one first; others are typed in the sheets. */
const offered: Partial<Record<UnitId, readonly string[]>> = {
  mm: ['mm', 'cm', 'in'],
  m: ['m', 'mm', 'ft'],
  '°C': ['°C', '°F'],
  mL: ['mL', 'L'],
  L: ['L', 'mL'],
  kg: ['kg', 'g', 'lb'],
  V: ['V', 'mV'],
  A: ['A', 'mA'],
  'm²': ['m²', 'sqft'],
  'm³': ['m³', 'cuft'],
};
/** What the unit key of a number pad goes through. @example unitChoices('mm') // ["mm", "cm", "in"] */
export const unitChoices = (unit: UnitId): readonly string[] => offered[unit] ?? [unit === 'deg' ? '°' : unit];

/** What a key of a number pad makes of what is typed so far. @example pressKey('-6', '0') // "-60" */
export function pressKey(typed: string, key: string): string {
  if (key === '⌫') return typed.slice(0, -1);
  if (key === '−') return typed.startsWith('-') ? typed.slice(1) : `-${typed}`;
  if (key === '.' && typed.includes('.')) return typed;
  return typed.length >= 9 ? typed : `${typed}${key === '.' && (typed === '' || typed === '-') ? '0.' : key}`;
}
