import { within } from '../within';
/**
 * Air pressure of the standard atmosphere: 101,325 (1 − 2.25577e−5 h)^5.25588.
 * @param altitudeM m above sea level, −1,000 to 20,000; the standard's lowest layer ends at 11,000
 * @returns Pa
 * @example ambientPa(1500) // 84556
 * @throws RangeError naming quantity, value and bounds
 * @source ISO 2533 (from memory); tested against package psychrolib
 */
export function ambientPa(altitudeM: number): number {
  within('altitude', altitudeM, 'm', { min: -1000, max: 20000 });
  return 101325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}
