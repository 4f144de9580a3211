import { parseQuantity, type Parsed } from './parseQuantity';
import { inUnit, type UnitPreferences } from './inUnits';
import type { UnitId } from './units';

/** The unit in which a cell shows its figure, and takes a bare number. An empty cable cell of a person who likes gauges takes a gauge. */
export function cellUnit(value: number | null, unit: UnitId, unitPreferences: UnitPreferences): string {
  if (value === null && unit === 'mm²' && unitPreferences.wire === 'awg') return 'AWG';
  return inUnit(value ?? 0, unit, unitPreferences).unit;
}

/**
 * Reads what was typed into a cell that shows `shownUnit`: a bare number is taken in that unit, one with a unit of its own in its own.
 * @returns the value in `unit`, or the reason why not
 * @example parseTyped('2', 'mm', 'in') // { ok: true, value: 50.8 }
 */
export function parseTyped(text: string, unit: UnitId, shownUnit: string): Parsed {
  const bare = /^\s*[+−–-]?\s*[\d.,'\s]+$/u.test(text.normalize('NFKC'));
  return parseQuantity(bare && shownUnit !== unit ? `${text} ${shownUnit}` : text, unit);
}
