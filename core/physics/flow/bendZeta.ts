import { within } from '../within';

/** ζ of a smooth bend of 90° by radius over bore; between them straight. Idelchik, ASHRAE, from memory. */
const smooth90: readonly (readonly [number, number])[] = [
  [0.5, 1.1],
  [1, 0.35],
  [1.5, 0.2],
  [3, 0.15],
];
/** A flexible duct's bend costs so many times a smooth one's (0.6 over 0.35 at r/d 1). Idelchik, from memory. */
export const flexibleTimes = 0.6 / 0.35;

/**
 * Loss of a bend, ζ of ρ v²/2: that of 90° by its radius, in proportion to its angle.
 * @param angleDeg 0 to 180; @param radiusOverBore of its middle line, 0.5 (a sharp elbow) and more
 * @throws RangeError naming quantity, value and bounds
 * @example bendZeta(90, 1) // 0.35
 * @source Idelchik; ASHRAE (from memory); the proportion to the angle is usual and rough
 */
export function bendZeta(angleDeg: number, radiusOverBore: number, corrugated = false): number {
  within('angle of the bend', angleDeg, 'deg', { min: 0, max: 180 });
  within('radius over bore', radiusOverBore, 'times', { min: 0.5 });
  const last = smooth90[smooth90.length - 1] as readonly [number, number];
  let zeta = last[1];
  for (let i = 1; i < smooth90.length; i += 1) {
    const [a, b] = [smooth90[i - 1], smooth90[i]] as const;
    if (!a || !b || radiusOverBore > b[0]) continue;
    zeta = a[1] + ((b[1] - a[1]) * (radiusOverBore - a[0])) / (b[0] - a[0]);
    break;
  }
  return ((zeta * angleDeg) / 90) * (corrugated ? flexibleTimes : 1);
}
