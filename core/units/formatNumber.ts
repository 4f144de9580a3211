/** A figure for reading: fixed decimals, a true minus, thousands parted by a thin space. @example formatFixed(-12.345, 1) // "−12.3" */
export function formatFixed(value: number, decimals = 0): string {
  if (!Number.isFinite(value)) return value > 0 ? 'beyond all measure' : '—';
  const [whole = '', fraction] = Math.abs(value).toFixed(decimals).split('.');
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, '\u2009') : whole;
  const digits = fraction === undefined ? grouped : `${grouped}.${fraction}`;
  return value < 0 && Number(value.toFixed(decimals)) !== 0 ? `−${digits}` : digits;
}

/** At most so many decimals, none for show: 2, 2.5, 2.08. */
export const formatShort = (value: number, decimals = 2): string =>
  formatFixed(value, decimals)
    .replace(/(\.\d*?)0+$/, '$1')
    .replace(/\.$/, '');

/** A name where there is room for so many letters. @example shorten('over the cross-member', 10) // "over the …" */
export const shorten = (text: string, letters: number): string =>
  text.length > letters ? `${text.slice(0, Math.max(1, letters - 1))}…` : text;

/** Within a sentence: the first letter small, the rest as it is. @example lowerFirst('Road diesel, grade B') // "road diesel, grade B" */
export const lowerFirst = (text: string): string => text.replace(/^\p{Lu}(?![\p{Lu}\d])/u, (letter) => letter.toLowerCase());

/** At the beginning of a sentence: the first letter large. @example upperFirst('road diesel') // "Road diesel" */
export const upperFirst = (text: string): string => text.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase());
