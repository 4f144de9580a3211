import { within } from '../within';
/**
 * Air come out of solution, volume for volume of fuel: L (p₀/p − 1), with Ostwald coefficient L about 0.1.
 * Fuel that stood in air at p₀ is saturated at p₀; at a lower pressure p it gives the difference off.
 * @param ambientPa Pa, above 0
 * @param suctionPa absolute, Pa
 * @returns 0 and up (volume of gas at p per volume of fuel); Infinity where suctionPa is 0 or less
 * @throws RangeError naming quantity, value and bounds
 * @example gasShare(101325, 50000) // 0.103
 * @source Henry's law; coefficient after ASTM D2779 (from memory)
 */
export function gasShare(ambientPa: number, suctionPa: number): number {
  within('pressure of the air', ambientPa, 'Pa', { above: 0 });
  if (suctionPa <= 0) return Infinity;
  return Math.max(0, 0.1 * (ambientPa / suctionPa - 1));
}

/**
 * Share of a stroke that is gas: g / (1 + g), never more than all of it.
 * @returns 0 to 1
 * @throws RangeError naming quantity, value and bounds
 * @example gasOfStroke(101325, 50000) // 0.093
 * @source definition; Henry's law by `gasShare`
 */
export function gasOfStroke(ambientPa: number, suctionPa: number): number {
  const gas = gasShare(ambientPa, suctionPa);
  return Number.isFinite(gas) ? gas / (1 + gas) : 1;
}
