/**
 * Air pressure of the standard atmosphere: 101,325 (1 − 2.25577e−5 h)^5.25588.
 * @param altitudeM m above sea level, −500 to 11,000
 * @returns Pa
 * @example ambientPa(1500) // 84,556
 * @source ISO 2533 (from memory); tested against package psychrolib
 */
export function ambientPa(altitudeM: number): number {
  return 101325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}
