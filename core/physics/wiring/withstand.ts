import { within } from '../within';
import type { InsulationC } from './ampacityA';

/**
 * Of a short: A √s / mm², and by how much the copper may get hotter than its rating meanwhile, K: PVC from 70 to 160 °C, cross-linked from 90
 * to 250 °C; of 105 °C as of 90. Source: IEC 60364-4-43 (from memory).
 */
const limits: Record<InsulationC, { k: number; overK: number }> = {
  70: { k: 115, overK: 90 },
  90: { k: 143, overK: 160 },
  105: { k: 143, overK: 160 },
};
/** Air round a cable by which its steady current is told. Source: ISO 10133, Annex A (from memory) */
const ratedAroundC = 30;

/**
 * How much of a short a copper cable bears before its insulation is spoilt, A² s, while its heat has no time to leave it.
 * @param areaMm2 mm², above 0
 * @throws RangeError naming quantity, value and bounds
 * @source adiabatic: I² t = k² S², IEC 60364-4-43 (from memory)
 * @example cableBearsA2S(2.5, 70) // 82656
 */
export const cableBearsA2S = (areaMm2: number, insulationC: InsulationC): number =>
  (limits[insulationC].k * within('area', areaMm2, 'mm²', { above: 0 })) ** 2;

/** A current, and for how long: Infinity where nothing ends it. */
export interface Pulse {
  amps: number;
  seconds: number;
}
/**
 * How far currents one after the other spoil a cable that is at work: as share of the heat that it bears above its rating.
 * Short ones heat it as fast as its copper takes it up, long ones up to where it gives off as much as it gets.
 * @param carriesA what it may carry for good, A, above 0
 * @returns 0 and more; from 1 on its insulation is spoilt
 * @throws RangeError naming quantity, value and bounds
 * @source heating of the first order between the adiabatic limit of IEC 60364-4-43 and the steady current of ISO 10133, Annex A (both from memory)
 */
export function spoiltShare(
  { areaMm2, insulationC, carriesA }: { areaMm2: number; insulationC: InsulationC; carriesA: number },
  pulses: readonly Pulse[],
): number {
  within('current that it may carry', carriesA, 'A', { above: 0 });
  const { overK } = limits[insulationC];
  const perA2 = (insulationC - ratedAroundC) / carriesA ** 2;
  const constantS = (perA2 * cableBearsA2S(areaMm2, insulationC)) / overK;
  let overs = 0;
  let most = 0;
  for (const { amps, seconds } of pulses) {
    const settled = (perA2 * amps ** 2) / overK;
    overs = settled + (overs - settled) * Math.exp(-seconds / constantS);
    most = Math.max(most, overs);
  }
  return most;
}
