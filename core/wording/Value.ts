import type { Clause, Name, Quantity, Several, Term, Value, Values } from '../record/Value';
import type { TermTable } from './terms';

export type { Clause, Name, Quantity, Several, Term, Value, Values };

export const quantity = (unit: string, n: number, decimals = 0): Quantity => ({ n: [n], unit, decimals });
export const shortQuantity = (unit: string, n: number, decimals = 2): Quantity => ({ n: [n], unit, decimals, short: true });
const fixedIn =
  (unit: string) =>
  (n: number, decimals = 0): Quantity =>
    quantity(unit, n, decimals);
const shortIn =
  (unit: string) =>
  (n: number, decimals = 2): Quantity =>
    shortQuantity(unit, n, decimals);

export const mm = fixedIn('mm');
export const shortMm = shortIn('mm');
export const metres = fixedIn('m');
export const shortM = shortIn('m');
export const celsius = fixedIn('°C');
export const volts = fixedIn('V');
export const shortV = shortIn('V');
export const amps = fixedIn('A');
export const ohms = fixedIn('Ω');
export const shortA = shortIn('A');
export const percent = fixedIn('%');
export const shortPercent = shortIn('%');
export const litres = fixedIn('L');
export const kg = fixedIn('kg');
export const kW = fixedIn('kW');
export const shortKw = shortIn('kW');
export const hours = fixedIn('h');
export const shortH = shortIn('h');
export const minutes = fixedIn('min');
export const seconds = fixedIn('s');
export const kPa = fixedIn('kPa');
export const ms = fixedIn('ms');
export const ampHours = fixedIn('Ah');
export const shortHz = shortIn('Hz');
export const shortMl = shortIn('mL');
/** Of a cable: it is told by its gauge where a person likes that. */
export const shortMm2 = shortIn('mm²');
/** Of an opening. @example cm2(4750) // quantity('cm²', 47.5, 1) */
export const cm2 = (mm2: number): Quantity => quantity('cm²', mm2 / 100, 1);
/** A difference of temperatures. */
export const kelvin = fixedIn('K');
/** A level of sound. */
export const decibels = fixedIn('dB(A)');
export const litresAMinute = fixedIn('L/min');
export const shortDeg = shortIn('°');
export const shortPpm = shortIn('ppm');
/** A time of day, by minutes after a midnight. @example timeOfDay(1510) // { n: [1510], unit: 'clock', decimals: 0 } */
export const timeOfDay = (min: number): Quantity => quantity('clock', Math.round(min));
/** A bare number: a count, a share, so many times. */
export const count = fixedIn('');
export const times = shortIn('');

/** Two numbers of one unit; one where both are shown alike. @example rangeOf(mm(15), mm(35)) // { n: [15, 35], unit: 'mm', decimals: 0, join: 'to' } */
export function rangeOf(from: Quantity, to: Quantity): Quantity {
  const [a, b] = [from.n[0] ?? 0, to.n[0] ?? 0];
  return a.toFixed(from.decimals) === b.toFixed(to.decimals) ? from : { ...from, n: [a, b], join: 'to' };
}
/** Measures of one thing. @example by(mm(400), mm(250)) // { n: [400, 250], unit: 'mm', decimals: 0, join: 'by' } */
export const by = (...all: readonly Quantity[]): Quantity => ({
  unit: '',
  decimals: 0,
  ...all[0],
  n: all.flatMap(({ n }) => n),
  join: 'by',
});
export const name = (given: string): Name => ({ name: given });
export const person = (given: string): Name => ({ name: given, person: true });
export const term = (table: TermTable, key: string): Term => ({ term: `${table}/${key}` });
export const several = (all: readonly Value[], most?: number): Several => ({
  several: all,
  ...(most === undefined ? {} : { most }),
});
/** Names, of more than three the first. */
export const names = (given: readonly string[], most = 3): Several => several(given.map(name), most);

const sameNumbers = (a: Quantity, b: Quantity): boolean =>
  a.unit === b.unit &&
  a.n.length === b.n.length &&
  a.n.every((n, i) => n === b.n[i] || Math.abs(n - (b.n[i] ?? Infinity)) <= 0.5 * 10 ** -a.decimals);

/**
 * Whether two values say the same. Numbers agree within half of the last place that was shown, so that neither rounding nor
 * another number of decimals makes a difference.
 */
export function sameValue(a: Value | undefined, b: Value | undefined): boolean {
  if (a == null || b == null) return a == b;
  if ('n' in a) return 'n' in b && sameNumbers(a, b);
  if ('name' in a) return 'name' in b && a.name === b.name;
  if ('term' in a) return 'term' in b && a.term === b.term;
  if ('code' in a) return 'code' in b && a.code === b.code && sameValues(a.values, b.values);
  return 'several' in b && a.several.length === b.several.length && a.several.every((one, i) => sameValue(one, b.several[i]));
}
export const sameValues = (a: Values, b: Values): boolean =>
  [...new Set([...Object.keys(a), ...Object.keys(b)])].every((key) => sameValue(a[key], b[key]));
