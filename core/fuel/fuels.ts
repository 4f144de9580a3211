/**
 * Fuels that a fitter meets. Two viscosities fix the whole curve (see `viscosityMm2S`).
 * Limits of density and viscosity: EN 590, EN 15940, EN 14214; CFPP: EN 590 grades (all from memory).
 * The viscosity at 100 °C is typical of such a fuel, not a limit of any standard (common practice, no source).
 */
export interface Fuel {
  label: string;
  densityKgM3At15C: number;
  viscosityMm2SAt40C: number;
  viscosityMm2SAt100C: number;
  /** Lower heating value, MJ/kg. */
  heatingValueMJKg: number;
  /** Cold filter plugging point, °C; null where the standard leaves it to the country. */
  cfppC: number | null;
  source: string;
}

const road = { densityKgM3At15C: 832, viscosityMm2SAt40C: 3.0, viscosityMm2SAt100C: 1.25, heatingValueMJKg: 42.9 };
const en590 = 'EN 590 (from memory); viscosity curve typical, common practice';

export const fuels = {
  roadB: { ...road, label: 'Road diesel, grade B (summer)', cfppC: 0, source: en590 },
  roadD: { ...road, label: 'Road diesel, grade D', cfppC: -10, source: en590 },
  roadF: { ...road, label: 'Road diesel, grade F (winter)', cfppC: -20, source: en590 },
  arctic2: { ...road, densityKgM3At15C: 820, viscosityMm2SAt40C: 2.0, viscosityMm2SAt100C: 0.95, label: 'Road diesel, arctic class 2', cfppC: -32, source: en590 },
  paraffinic: { label: 'Paraffinic diesel', densityKgM3At15C: 780, viscosityMm2SAt40C: 2.9, viscosityMm2SAt100C: 1.22, heatingValueMJKg: 44, cfppC: -20, source: 'EN 15940 (from memory); viscosity curve and CFPP typical, common practice' },
  biodiesel: { label: 'Biodiesel (FAME), unblended', densityKgM3At15C: 883, viscosityMm2SAt40C: 4.5, viscosityMm2SAt100C: 1.7, heatingValueMJKg: 37.5, cfppC: null, source: 'EN 14214 (from memory); viscosity curve typical, common practice' },
} as const satisfies Record<string, Fuel>;

export type FuelId = keyof typeof fuels;
