const areas = [0.75, 1, 1.5, 2.5, 4, 6, 10] as const;
/** Single conductor, 30 °C round it. Source: ISO 10133 / ISO 13297, Annex A (from memory). */
const ampacities = {
  70: [10, 14, 18, 25, 35, 45, 65],
  90: [12, 18, 21, 30, 40, 50, 70],
  105: [16, 20, 25, 35, 45, 60, 90],
} as const;
export type InsulationC = keyof typeof ampacities;

/**
 * Current that a single conductor may carry for good, in air of 30 °C.
 * A size between two of the table counts as the smaller one; above 10 mm² the table ends and 10 mm² is used.
 * @param areaMm2 mm²; below 0.75 mm² the answer is 0: not to be used as a feed
 * @param insulationC 70, 90 or 105 °C insulation
 * @returns A
 * @source ISO 10133 / ISO 13297, Annex A (from memory). Bundles, hot places and long glands lower it: not counted here.
 */
export function ampacityA(areaMm2: number, insulationC: InsulationC): number {
  let found = 0;
  areas.forEach((area, i) => {
    // 2 % lets a 14 AWG wire (2.08 mm²) stay below 2.5 while forgiving a rounded 2.49.
    if (areaMm2 >= area * 0.98) found = ampacities[insulationC][i] ?? found;
  });
  return found;
}
