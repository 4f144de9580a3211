/**
 * Fuels that a fitter meets. Two viscosities fix the whole curve (see `viscosityMm2S`).
 * Limits of density and viscosity: EN 590, EN 15940, EN 14214; CFPP and cloud point: EN 590 grades and classes (all from memory).
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
  /** Cloud point, °C; null where no standard gives one. */
  cloudC: number | null;
  /** Not road fuel: whether it may be burnt here is a question of law. */
  askFirst?: boolean;
  source: string;
}

const road = { densityKgM3At15C: 832, viscosityMm2SAt40C: 3.0, viscosityMm2SAt100C: 1.25, heatingValueMJKg: 42.9, cloudC: null };
const cold = { ...road, densityKgM3At15C: 820, viscosityMm2SAt40C: 2.0, viscosityMm2SAt100C: 0.95 };
const en590 = 'EN 590 (from memory); viscosity curve typical, common practice';

export const fuels = {
  roadA: { ...road, label: 'Road diesel, grade A', cfppC: 5, source: en590 },
  roadB: { ...road, label: 'Road diesel, grade B (summer)', cfppC: 0, source: en590 },
  roadC: { ...road, label: 'Road diesel, grade C', cfppC: -5, source: en590 },
  roadD: { ...road, label: 'Road diesel, grade D', cfppC: -10, source: en590 },
  roadE: { ...road, label: 'Road diesel, grade E', cfppC: -15, source: en590 },
  roadF: { ...road, label: 'Road diesel, grade F (winter)', cfppC: -20, source: en590 },
  arctic0: { ...cold, label: 'Road diesel, arctic class 0', cfppC: -20, cloudC: -10, source: en590 },
  arctic1: { ...cold, label: 'Road diesel, arctic class 1', cfppC: -26, cloudC: -16, source: en590 },
  arctic2: { ...cold, label: 'Road diesel, arctic class 2', cfppC: -32, cloudC: -22, source: en590 },
  arctic3: { ...cold, label: 'Road diesel, arctic class 3', cfppC: -38, cloudC: -28, source: en590 },
  arctic4: { ...cold, label: 'Road diesel, arctic class 4', cfppC: -44, cloudC: -34, source: en590 },
  paraffinic: {
    label: 'Paraffinic diesel',
    densityKgM3At15C: 780,
    viscosityMm2SAt40C: 2.9,
    viscosityMm2SAt100C: 1.22,
    heatingValueMJKg: 44,
    cfppC: -20,
    cloudC: null,
    source: 'EN 15940 (from memory); viscosity curve and CFPP typical, common practice',
  },
  biodiesel: {
    label: 'Biodiesel (FAME), unblended',
    densityKgM3At15C: 883,
    viscosityMm2SAt40C: 4.5,
    viscosityMm2SAt100C: 1.7,
    heatingValueMJKg: 37.5,
    cfppC: null,
    cloudC: null,
    source: 'EN 14214 (from memory); viscosity curve typical, common practice',
  },
  heatingOil: {
    label: 'Heating oil',
    densityKgM3At15C: 845,
    viscosityMm2SAt40C: 3.4,
    viscosityMm2SAt100C: 1.35,
    heatingValueMJKg: 42.6,
    cfppC: -12,
    cloudC: null,
    askFirst: true,
    source: 'figures and CFPP typical, common practice, no source',
  },
} as const satisfies Record<string, Fuel>;

export type FuelId = keyof typeof fuels;
