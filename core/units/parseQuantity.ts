import { awgAreaMm2 } from './awgAreaMm2';
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
  const digits = (parts[2] ?? '').trim();
  const mark = decimalMark(digits);
  if (mark === 'unclear')
    return {
      ok: false,
      reason: `could be read two ways; write ${digits.replace(/[.,\s']/g, '')} or ${digits.replace(',', '.')} with no thousands mark`,
    };
  if (mark === 'broken') return { ok: false, reason: 'is not a number' };
  const magnitude = Number(digits.replace(',', '.'));
  const value = /[-−–]/.test(parts[1] ?? '') ? -magnitude : magnitude;
  const word = (parts[3] ?? '').trim().toLowerCase().replace(/\.$/, '');
  if (word === '') return { ok: true, value };
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

/** One comma or point is the decimal mark, unless it has just three digits after a whole group: then nobody can tell. */
function decimalMark(digits: string): 'clear' | 'unclear' | 'broken' {
  if (/^\d*[.,]?\d+$/.test(digits)) return /^[1-9]\d{0,2},\d{3}$/.test(digits) ? 'unclear' : 'clear';
  if (/^\d+[.,]$/.test(digits)) return 'clear';
  return /^\d{1,3}([.,\s']\d{3})+([.,]\d+)?$/.test(digits) ? 'unclear' : 'broken';
}

/** Takes off the last binary dust of a conversion (609.5999999999999), far below any tape measure. */
const round = (value: number): number => Number(value.toPrecision(12));
