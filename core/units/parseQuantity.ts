import { awgAreaMm2 } from './awgAreaMm2';
import { readNumber } from './readNumber';
import { everyUnitWord, units, type UnitId } from './units';

export type Parsed = { ok: true; value: number } | { ok: false; reason: string };

const quantity = /^([+\-−–]?)\s*(\d[\d\s.,']*|[.,]\d+)\s*([^\d\s].*)?$/;

/**
 * Reads what a person typed or pasted as one number in the kept unit.
 * A comma is a decimal mark ("2,5"); a comma or point that could as well part thousands ("1,250") is refused, not guessed.
 * @param text anything
 * @param unit the unit that the figure is kept in; a bare number is taken in this unit
 * @returns the value in `unit`, or the reason why not, as the end of a sentence
 * @example parseQuantity('24 in', 'mm') // { ok: true, value: 609.6 }
 */
export function parseQuantity(text: string, unit: UnitId): Parsed {
  const trimmed = text.normalize('NFKC').trim();
  if (trimmed === '') return { ok: false, reason: 'is empty' };
  const gauge = /^(?:awg\s*(\d{1,2})|(\d{1,2})\s*awg)$/i.exec(trimmed);
  if (gauge && unit === 'mm²') return { ok: true, value: round(awgAreaMm2(Number(gauge[1] ?? gauge[2]))) };
  const parts = quantity.exec(trimmed);
  if (!parts) return { ok: false, reason: 'is not a number' };
  const number = readNumber(`${parts[1] ?? ''}${parts[2] ?? ''}`);
  if (!number.ok) return number;
  const { value } = number;
  const word = (parts[3] ?? '').trim().toLowerCase().replace(/\.$/, '');
  if (word === '') return { ok: true, value };
  if (unit === 'L' && /^gal(lons?)?$/.test(word))
    return { ok: false, reason: 'is in gallons, of which there are two; write US gal or imp gal' };
  const table: Record<string, readonly [number, number]> = units[unit];
  const scale = Object.hasOwn(table, word) ? table[word] : undefined;
  if (!scale) {
    return {
      ok: false,
      reason: everyUnitWord.has(word)
        ? `is in ${parts[3]?.trim()}, which does not fit a figure in ${unit}`
        : `ends in "${parts[3]?.trim()}", which is not a unit known here`,
    };
  }
  return { ok: true, value: round(value * scale[0] + scale[1]) };
}

/** Takes off the last binary dust of a conversion (609.5999999999999), far below any tape measure. */
const round = (value: number): number => Number(value.toPrecision(12));
