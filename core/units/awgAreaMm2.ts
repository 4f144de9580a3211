/**
 * Cross-section of a round conductor of an American wire gauge.
 * d = 0.127 mm × 92^((36−n)/39); area = π d²/4.
 * @param gauge whole gauge number, −3 (written 4/0) to 40
 * @returns area in mm²
 * @example awgAreaMm2(14) // 2.081
 * @throws RangeError outside −3 to 40
 * @source ASTM B258 (from memory)
 */
export function awgAreaMm2(gauge: number): number {
  if (!Number.isInteger(gauge) || gauge < -3 || gauge > 40)
    throw new RangeError(`Gauge ${gauge} is not a whole number from -3 to 40.`);
  const diameterMm = 0.127 * 92 ** ((36 - gauge) / 39);
  return (Math.PI * diameterMm ** 2) / 4;
}
