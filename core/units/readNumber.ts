export type ReadNumber = { ok: true; value: number } | { ok: false; reason: string };

/**
 * Reads digits as one number, the same way for a cell, a file, a log and the quick-entry line.
 * A comma is a decimal mark ("2,5"); where a comma could as well part thousands ("1,250") it is asked back, not guessed.
 * Powers ("1e3") and numbers to another base ("0x20") are no figures that a person measures.
 * @param text a number without a unit
 * @returns the value, or the reason why not, as the end of a sentence
 * @example readNumber('2,5') // { ok: true, value: 2.5 }
 */
export function readNumber(text: string): ReadNumber {
  const parts = /^([+\-−–]?)\s*(\d[\d\s.,']*|[.,]\d+)$/.exec(text.normalize('NFKC').trim());
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
  return { ok: true, value: /[-−–]/.test(parts[1] ?? '') ? -magnitude : magnitude };
}

/** One comma or point is the decimal mark, unless it has just three digits after a whole group: then nobody can tell. */
function decimalMark(digits: string): 'clear' | 'unclear' | 'broken' {
  if (/^\d*[.,]?\d+$/.test(digits)) return /^[1-9]\d{0,2},\d{3}$/.test(digits) ? 'unclear' : 'clear';
  if (/^\d+[.,]$/.test(digits)) return 'clear';
  return /^\d{1,3}([.,\s']\d{3})+([.,]\d+)?$/.test(digits) ? 'unclear' : 'broken';
}
