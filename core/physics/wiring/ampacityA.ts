const areas = [0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25, 35, 50, 70] as const;
/** Single conductor, 30 °C round it. Source: ISO 10133 / ISO 13297, Annex A (from memory). */
const ampacities = {
  70: [10, 14, 18, 25, 35, 45, 65, 90, 120, 160, 210, 265],
  90: [12, 18, 21, 30, 40, 50, 70, 100, 140, 185, 230, 285],
  105: [16, 20, 25, 35, 45, 60, 90, 130, 170, 210, 270, 330],
} as const;
export type InsulationC = keyof typeof ampacities;

/** From here up such insulation carries nothing: that of 85 to 90 °C may be of 85. */
const nothingFromC = { 70: 70, 90: 85, 105: 105 } as const;
/** What is left at 60 °C. Source: ISO 10133, Annex A (from memory). */
const shareAt60C = { 70: 0.75, 90: 0.82, 105: 0.86 } as const;

/**
 * Current that a single conductor may carry for good, in air of 30 °C.
 * Between two sizes of the table straight between; below its first size in proportion to the area; above its last that of the last.
 * @param areaMm2 mm², above 0
 * @param insulationC 70, 90 (85 to 90) or 105 °C insulation
 * @returns A, above 0
 * @source ISO 10133 / ISO 13297, Annex A (from memory). A straight line lies below the true course between two sizes: the safe side.
 */
export function ampacityA(areaMm2: number, insulationC: InsulationC): number {
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 is ${areaMm2}; allowed is above 0 mm².`);
  const amps = ampacities[insulationC];
  const at = areas.findIndex((area) => area >= areaMm2);
  if (at === -1) return amps[amps.length - 1] ?? 0;
  const [a1, i1] = [areas[at] ?? 0, amps[at] ?? 0];
  const [a0, i0] = at === 0 ? [0, 0] : [areas[at - 1] ?? 0, amps[at - 1] ?? 0];
  return i0 + ((i1 - i0) * (areaMm2 - a0)) / (a1 - a0);
}

/** What a wire may still carry where it is warmer than 30 °C round it: by the table, and by its own heat balance. Shares, 0 to 1. */
export interface AmbientShare {
  table: number;
  balance: number;
}
/**
 * @param ambientC round the cable, °C
 * @example ambientShare(60, 70) // { table: 0.75, balance: 0.5 }
 * @source ISO 10133, Annex A, at 60 °C, straight between 30 and 60 °C, no more than the heat balance above (from memory);
 *   balance √((T rated − T) / (T rated − 30)): steady heat given off in proportion to the difference
 */
export function ambientShare(ambientC: number, insulationC: InsulationC): AmbientShare {
  if (ambientC >= nothingFromC[insulationC]) return { table: 0, balance: 0 };
  if (ambientC <= 30) return { table: 1, balance: 1 };
  const balance = Math.sqrt((insulationC - ambientC) / (insulationC - 30));
  const between = 1 - ((1 - shareAt60C[insulationC]) * (ambientC - 30)) / 30;
  return { table: ambientC <= 60 ? between : Math.min(shareAt60C[insulationC], balance), balance };
}

/** What is left where loaded conductors lie in one bundle. Source: ISO 10133; ABYC E-11 (from memory). */
export const bundleShare = (conductors: number): number =>
  conductors < 4 ? 1 : conductors < 7 ? 0.7 : conductors < 25 ? 0.6 : 0.5;
