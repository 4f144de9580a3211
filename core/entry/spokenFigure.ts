import { everyUnitWord } from '../units/units';

const ones: Readonly<Record<string, number>> = {
  zero: 0, nought: 0, oh: 0, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11,
  twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19, twenty: 20,
  thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90,
}; // prettier-ignore
/** Spoken units by what a number pad writes for them. */
const spokenUnits: Readonly<Record<string, string>> = {
  millimetre: 'mm', millimeter: 'mm', centimetre: 'cm', centimeter: 'cm', metre: 'm', meter: 'm', inch: 'in', inche: 'in', foot: 'ft', feet: 'ft',
  volt: 'V', millivolt: 'mV', amp: 'A', ampere: 'A', milliamp: 'mA', litre: 'L', liter: 'L', millilitre: 'mL', milliliter: 'mL',
  kilo: 'kg', kilogram: 'kg', gram: 'g', pound: 'lb', degree: '°', hertz: 'Hz', percent: '%', hour: 'h', minute: 'min',
  milliohm: 'mΩ', kilowatt: 'kW',
}; // prettier-ignore

/** What was said, as a number pad would hold it. */
export interface SpokenFigure {
  /** digits, with a minus before and a point within where they were said */ typed: string;
  /** the unit that was said, as a number pad writes it; null where none was */ unit: string | null;
}

/** A whole number below ten thousand from its words; null where these make none. */
function wholeOf(words: readonly string[]): number | null {
  let [total, part, last] = [0, 0, Infinity];
  let any = false;
  for (const word of words) {
    if (word === 'and' && any) continue;
    if (word === 'hundred' || word === 'thousand') {
      const by = word === 'hundred' ? 100 : 1000;
      if (!any || part === 0 || (by === 1000 && total > 0) || (by === 100 && part > 99)) return null;
      if (by === 1000) [total, part] = [part * 1000, 0];
      else part *= 100;
      last = by;
      continue;
    }
    const value = ones[word];
    // "forty two" is one number, "two forty" is not: nobody knows whether 42 or 240 was meant.
    if (value === undefined || (any && value >= last) || (last < 100 && (last < 20 || value === 0 || value > 9))) return null;
    part += value;
    last = Math.max(value, 1);
    any = true;
  }
  return any ? total + part : null;
}

/**
 * Reads what a device understood of a spoken figure: "minus forty two point five", "2.4 metres". What may be meant in two ways is refused, never guessed.
 * @returns null where it is no figure
 * @example spokenFigure('two point four metres') // { typed: "2.4", unit: "m" }
 */
export function spokenFigure(said: string): SpokenFigure | null {
  const words = said
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[−–]/g, '-')
    .replace(/(\d)\s*(°?[a-zµω%°]+)/g, '$1 $2')
    .replace(/([a-z])-([a-z])/g, '$1 $2')
    .replace(/^-\s*/, 'minus ')
    .split(/\s+/)
    .filter((word) => word !== '');
  const minus = words[0] === 'minus' || words[0] === 'negative';
  const rest = minus ? words.slice(1) : words;
  const end = rest.length - 1;
  const lastWord = (rest[end] ?? '').replace(/\.$/, '');
  const singular = lastWord.replace(/s$/, '');
  const unit =
    spokenUnits[lastWord] ??
    spokenUnits[singular] ??
    (everyUnitWord.has(lastWord) && ones[lastWord] === undefined ? lastWord : null);
  const number = unit === null ? rest : rest.slice(0, end);
  const sign = minus ? '-' : '';
  if (number.length === 1 && /^\d+([.,]\d+)?$/.test(number[0] ?? ''))
    return { typed: `${sign}${number[0]?.replace(',', '.')}`, unit };
  const point = number.indexOf('point');
  const whole = wholeOf(point < 0 ? number : number.slice(0, point));
  if (whole === null) return null;
  if (point < 0) return { typed: `${sign}${whole}`, unit };
  const decimals = number
    .slice(point + 1)
    .map((word) => (/^\d+$/.test(word) ? word : (ones[word] ?? 10) < 10 ? String(ones[word]) : null));
  if (decimals.length === 0 || decimals.includes(null)) return null;
  return { typed: `${sign}${whole}.${decimals.join('')}`, unit };
}
