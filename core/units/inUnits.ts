import { awgAreaMm2 } from './awgAreaMm2';
import { formatShort } from './formatNumber';

/** How a person likes figures: what is kept stays metric, only what is shown changes. */
export interface UnitPreferences {
  system: 'metric' | 'imperial';
  wire: 'mm2' | 'awg';
}
export const metric: UnitPreferences = { system: 'metric', wire: 'mm2' };
export const unitPreferenceOptions = {
  system: { metric: 'metric: mm, m, °C, kPa', imperial: 'imperial: in, ft, °F, psi' },
  wire: { mm2: 'cable in mm²', awg: 'cable by American gauge' },
} as const;

/** shown = kept × factor + offset. Exact by definition; kPa to psi by the pound-force of 1959, kW by the international table Btu. */
const imperial: Record<string, { unit: string; factor: number; offset: number; decimals: number }> = {
  mm: { unit: 'in', factor: 1 / 25.4, offset: 0, decimals: 2 },
  m: { unit: 'ft', factor: 1 / 0.3048, offset: 0, decimals: 2 },
  '°C': { unit: '°F', factor: 9 / 5, offset: 32, decimals: 0 },
  kPa: { unit: 'psi', factor: 1 / 6.894757293168, offset: 0, decimals: 2 },
  kW: { unit: 'Btu/h', factor: 3412.141633, offset: 0, decimals: 0 },
  L: { unit: 'US gal', factor: 1 / 3.785411784, offset: 0, decimals: 2 },
  kg: { unit: 'lb', factor: 1 / 0.45359237, offset: 0, decimals: 1 },
  // A difference of temperatures, which has no zero of its own.
  K: { unit: '°F', factor: 9 / 5, offset: 0, decimals: 0 },
  'cm²': { unit: 'in²', factor: 1 / 6.4516, offset: 0, decimals: 1 },
  'm³/h': { unit: 'cfm', factor: 1 / 1.699010796, offset: 0, decimals: 0 },
  'L/min': { unit: 'US gal/min', factor: 1 / 3.785411784, offset: 0, decimals: 1 },
  'L/h': { unit: 'US gal/h', factor: 1 / 3.785411784, offset: 0, decimals: 3 },
};

/** The American gauge whose area lies within 3 % of this one; null where there is none. Source: ASTM B258 (from memory); 3 % is Lorbet's own choice. */
export function nearGauge(areaMm2: number): number | null {
  for (let gauge = 0; gauge <= 30; gauge += 1) if (Math.abs(awgAreaMm2(gauge) / areaMm2 - 1) < 0.03) return gauge;
  return null;
}

export interface Shown {
  value: number;
  unit: string;
  /** decimals to show, where the unit has its own */ decimals?: number;
}

/**
 * A kept value in the unit that a person likes.
 * @param value in `unit` @returns the same quantity, in another unit where there is one
 * @example inUnit(25.4, 'mm', { system: 'imperial', wire: 'mm2' }) // { value: 1, unit: 'in', decimals: 2 }
 */
export function inUnit(value: number, unit: string, unitPreferences: UnitPreferences): Shown {
  const gauge = unit === 'mm²' && unitPreferences.wire === 'awg' ? nearGauge(value) : null;
  if (gauge !== null) return { value: gauge, unit: 'AWG', decimals: 0 };
  const to = unitPreferences.system === 'imperial' && Object.hasOwn(imperial, unit) ? imperial[unit] : undefined;
  return to ? { value: value * to.factor + to.offset, unit: to.unit, decimals: to.decimals } : { value, unit };
}

const digits = '[−-]?\\d[\\d\u2009]*(?:\\.\\d+)?';
// A number, a range of two or a size of three, and a unit behind it that is not the beginning of a longer word or of a power.
const quantity = new RegExp(
  `(?<![\\w.#])(${digits}(?:(?: to | and | by )${digits})*) (cm²|mm²|m³/h|mm|m|°C|kPa|kW|kg|K|L/min|L/h|L)(?![\\p{L}\\p{N}_²³/])`,
  'gu',
);
const read = (text: string) => Number(text.replace('−', '-').replace(/\u2009/g, ''));

/**
 * A sentence with its quantities in the units that a person likes. For what is said outside findings: lines of the ledger, labels of drawings, problems of a form. Findings are rendered from their values (`core/wording`).
 * @example inUnits('Fuel stands at 36 mm.', { system: 'imperial', wire: 'mm2' }) // "Fuel stands at 1.42 in."
 */
export function inUnits(sentence: string, unitPreferences: UnitPreferences): string {
  if (unitPreferences.system === 'metric' && unitPreferences.wire === 'mm2') return sentence;
  return sentence.replace(quantity, (whole, numbers: string, unit: string) => {
    const words = numbers.split(/( to | and | by )/);
    const shown = words.map((word, i) => (i % 2 === 1 ? null : inUnit(read(word), unit, unitPreferences)));
    const to = shown[0]?.unit ?? unit;
    // A row of figures stays as it is where one of them has no such unit: a gauge beside an area, say.
    if (to === unit || shown.some((one) => one !== null && one.unit !== to)) return whole;
    // Small figures keep three digits that tell, or a bore would lose its meaning.
    const text = (one: Shown) => formatShort(one.value, Math.abs(one.value) < 1 ? 3 : (one.decimals ?? 2));
    return `${words.map((word, i) => (shown[i] ? text(shown[i]) : word)).join('')} ${to}`;
  });
}
