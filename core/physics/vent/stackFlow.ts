import { gravityMS2 } from '../fuel/gravityMS2';
import { molarKg } from '../gas/burning';
import { gasDensity } from '../gas/gasProperties';
import { within } from '../within';

/** What a sharp opening lets through of what its area would. ASHRAE Fundamentals (from memory): 0.65. */
export const dischargeShare = 0.65;

/**
 * Air that warmth alone drives in at low openings and out at high ones, without wind and without gaps.
 * @param lowMm2 free area, 0 and more @param highMm2 the same @param riseM from the middle of the low ones to that of the high ones, 0 to 10
 * @param insideC −40 to 60 @param outsideC −40 to 60
 * @returns m³/h of the air inside; 0 where it is no warmer inside
 * @throws RangeError naming quantity, value and bounds
 * @source orifice and stack effect, both openings in a row (first principles)
 */
export function stackFlowM3H(lowMm2: number, highMm2: number, riseM: number, insideC: number, outsideC: number): number {
  const area = { min: 0, max: 1e8 };
  const low = within('free area of low openings', lowMm2, 'mm²', area) * 1e-6;
  const high = within('free area of high openings', highMm2, 'mm²', area) * 1e-6;
  within('rise between the openings', riseM, 'm', { min: 0, max: 10 });
  if (low === 0 || high === 0 || insideC <= outsideC) return 0;
  const [inside, outside] = [gasDensity(insideC, 101_325, molarKg.dryAir), gasDensity(outsideC, 101_325, molarKg.dryAir)];
  const drivingPa = gravityMS2 * riseM * (outside - inside);
  const kgS = dischargeShare * Math.sqrt((2 * drivingPa) / (1 / (outside * low ** 2) + 1 / (inside * high ** 2)));
  return (kgS / inside) * 3600;
}
