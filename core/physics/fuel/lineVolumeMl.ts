import { within } from '../within';
/**
 * What a length of line holds: π d² L / 4.
 * @param boreMm inner diameter, mm, above 0
 * @param lengthM length, m, 0 or more
 * @returns volume, mL (a 2.0 mm bore holds 3.1416 mL/m)
 * @throws RangeError naming quantity, value and bounds
 * @example lineVolumeMl(2, 3.5) // 10.996
 * @source geometry
 */
export function lineVolumeMl(boreMm: number, lengthM: number): number {
  within('bore', boreMm, 'mm', { above: 0 });
  within('length', lengthM, 'm', { min: 0 });
  return (Math.PI * boreMm ** 2 * lengthM) / 4;
}
