/**
 * Kinematic viscosity at a temperature, from two known points.
 * log₁₀ log₁₀(ν + 0.7) = A − B log₁₀ T, T in kelvin.
 * @param points two (temperature °C, viscosity mm²/s) pairs, at different temperatures, viscosity above 0.3
 * @param temperatureC wanted temperature, °C; good from about −40 to 150
 * @returns viscosity, mm²/s
 * @example viscosityMm2S([[40, 3.0], [100, 1.25]], 0) // 8.42
 * @throws RangeError where the points share a temperature or a viscosity is not above 0.3
 * @source ASTM D341 (from memory); below 2 mm²/s the standard's small correction is left out
 */
export function viscosityMm2S(
  points: readonly [readonly [number, number], readonly [number, number]],
  temperatureC: number,
): number {
  const [[t1, v1], [t2, v2]] = points;
  if (t1 === t2 || v1 <= 0.3 || v2 <= 0.3)
    throw new RangeError('Two viscosities above 0.3 mm²/s at two different temperatures are needed.');
  const x1 = Math.log10(t1 + 273.15);
  const x2 = Math.log10(t2 + 273.15);
  const y1 = Math.log10(Math.log10(v1 + 0.7));
  const y2 = Math.log10(Math.log10(v2 + 0.7));
  const slope = (y1 - y2) / (x2 - x1);
  const y = y1 + slope * (x1 - Math.log10(temperatureC + 273.15));
  return 10 ** (10 ** y) - 0.7;
}
