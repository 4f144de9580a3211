import { within } from '../within';
import { gravityMS2 } from './gravityMS2';

/**
 * Widest upright bore in which a long bubble can't rise by itself, so that the fuel carries it along: ρ g r²/σ < 0.842.
 * @param densityKgM3 kg/m³
 * @param surfaceTensionNM N/m; diesel about 0.027 (handbooks, from memory)
 * @returns bore, mm
 * @throws RangeError naming quantity, value and bounds
 * @example bubbleBoreLimitMm(832) // 3.34
 * @source Bretherton 1961, J. Fluid Mech. 10:166 (from memory)
 */
export function bubbleBoreLimitMm(densityKgM3: number, surfaceTensionNM = 0.027): number {
  within('density', densityKgM3, 'kg/m³', { above: 0 });
  within('surface tension', surfaceTensionNM, 'N/m', { above: 0 });
  return 2000 * Math.sqrt((0.842 * surfaceTensionNM) / (densityKgM3 * gravityMS2));
}
