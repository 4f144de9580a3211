import { within } from '../within';

export const glycols = ['ethylene', 'propylene'] as const;
export type Glycol = (typeof glycols)[number];

/** Freezing point by mass share, %, °C. ASHRAE Fundamentals (from memory). */
const freezing: Record<Glycol, readonly (readonly [number, number])[]> = {
  ethylene: [[0, 0], [10, -3.2], [20, -7.8], [30, -14.1], [40, -22.3], [50, -33.8]],
  propylene: [[0, 0], [10, -3.3], [20, -7.1], [30, -12.7], [40, -21.1], [50, -33.5]],
}; // prettier-ignore
/** Density of the glycol itself at 20 °C over that of water. Handbooks, from memory. */
const heavier: Record<Glycol, number> = { ethylene: 1.113, propylene: 1.036 };
/** Half and half by volume: density at 20 and 80 °C, kg/m³; viscosity over that of water at 20 and 80 °C; heat, J/(kg K). ASHRAE, order of magnitude; propylene from memory. */
const half: Record<Glycol, { kgM3: readonly [number, number]; thicker: readonly [number, number]; cp: number }> = {
  ethylene: { kgM3: [1075, 1040], thicker: [4.5, 2.8], cp: 3400 },
  propylene: { kgM3: [1046, 1006], thicker: [6.5, 3.2], cp: 3600 },
};

/** Share by mass, %, of so much by volume. @param volumePercent 0 to 100 @example Math.round(massPercent('ethylene', 50)) // 53 */
export function massPercent(glycol: Glycol, volumePercent: number): number {
  const share = within('glycol', volumePercent, '%', { min: 0, max: 100 }) / 100;
  return (100 * heavier[glycol] * share) / (heavier[glycol] * share + 1 - share);
}

/**
 * Temperature at which the first ice stands in a mix, °C. Beyond 50 % by mass it is told as at 50: stronger mixes freeze higher again.
 * @param byMass 0 to 100 %
 * @example freezingC('ethylene', 30) // -14.1
 * @source ASHRAE Fundamentals (from memory), between its points straight
 */
export function freezingC(glycol: Glycol, byMass: number): number {
  const share = Math.min(50, within('glycol', byMass, '% by mass', { min: 0, max: 100 }));
  const points = freezing[glycol];
  const i = Math.max(
    1,
    points.findIndex(([at]) => at >= share),
  );
  const [a, b] = [points[i - 1] as readonly [number, number], points[i] as readonly [number, number]];
  return a[1] + ((b[1] - a[1]) * (share - a[0])) / (b[0] - a[0]);
}

export interface Coolant {
  densityKgM3: number;
  viscosityPaS: number;
  /** J/(kg K) */ cp: number;
}
/** Water, 0 to 110 °C: density after Kell 1975, viscosity in Vogel’s form, both from memory. */
const water = (c: number) => ({
  densityKgM3:
    (999.83952 + 16.945176 * c - 7.9870401e-3 * c ** 2 - 46.170461e-6 * c ** 3 + 105.56302e-9 * c ** 4 - 280.54253e-12 * c ** 5) /
    (1 + 16.87985e-3 * c),
  viscosityPaS: 2.939e-5 * Math.exp(507.88 / (c + 273.15 - 149.3)),
});

/**
 * A mix of water and glycol: straight by volume between water and half and half, and on beyond; viscosity by its logarithm.
 * @param volumePercent 0 to 100; @param c −40 to 110 °C
 * @throws RangeError naming quantity, value and bounds
 * @example Math.round(coolantAt('ethylene', 50, 20).densityKgM3) // 1075
 * @source ASHRAE Fundamentals, order of magnitude (from memory)
 */
export function coolantAt(glycol: Glycol, volumePercent: number, c: number): Coolant {
  const share = within('glycol', volumePercent, '%', { min: 0, max: 100 }) / 50;
  within('temperature of the coolant', c, '°C', { min: -40, max: 110 });
  // Below freezing water itself is no liquid; its line is carried on for the mixes that are.
  const { densityKgM3, viscosityPaS } = water(Math.max(0, c));
  const { kgM3, thicker, cp } = half[glycol];
  const along = (c - 20) / 60;
  const mixKgM3 = kgM3[0] + (kgM3[1] - kgM3[0]) * along;
  // By 1 / T, as viscosities go.
  const inverse = (1 / (c + 273.15) - 1 / 293.15) / (1 / 353.15 - 1 / 293.15);
  const ln = Math.log(thicker[0]) + Math.log(thicker[1] / thicker[0]) * inverse;
  return {
    densityKgM3: densityKgM3 + (mixKgM3 - densityKgM3) * share,
    viscosityPaS: viscosityPaS * Math.exp(ln * share),
    cp: 4180 + (cp - 4180) * share,
  };
}

/** By how much of its volume a mix swells between two temperatures. @example swells('ethylene', 50, -10, 90) // 0.056 */
export const swells = (glycol: Glycol, volumePercent: number, fromC: number, toC: number): number =>
  coolantAt(glycol, volumePercent, fromC).densityKgM3 / coolantAt(glycol, volumePercent, toC).densityKgM3 - 1;
