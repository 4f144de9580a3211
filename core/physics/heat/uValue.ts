import { materials, type MaterialId } from './materials';

export interface Layer {
  material: MaterialId;
  thicknessMm: number;
}
/** Which way heat leaves through a surface. */
export type HeatFlow = 'horizontal' | 'up' | 'down';

/** Surface resistance inside, m²K/W, by the way heat leaves; outside 0.04. Source: ISO 6946 (from memory). */
const insideM2KW: Record<HeatFlow, number> = { horizontal: 0.13, up: 0.1, down: 0.17 };
const outsideM2KW = 0.04;

/**
 * Thermal transmittance of a wall made of layers: 1/U = Rsi + Σ d/λ + Rse.
 * Frames and cold bridges are not in it; a ribbed steel body loses more than its panels say.
 * @param layers from inside to outside; none is a bare surface
 * @returns W/(m² K)
 * @throws RangeError where a thickness is not above 0 and up to 1,000 mm
 * @example uValueWM2K([{ material: 'plywood', thicknessMm: 9 }, { material: 'pir', thicknessMm: 30 }], 'horizontal') // 0.695
 * @source ISO 6946 (from memory)
 */
export function uValueWM2K(layers: readonly Layer[], flow: HeatFlow): number {
  let resistanceM2KW = insideM2KW[flow] + outsideM2KW;
  for (const { material, thicknessMm } of layers) {
    if (!(thicknessMm > 0 && thicknessMm <= 1000))
      throw new RangeError(`Thickness of ${materials[material].label} is ${thicknessMm} mm; allowed is above 0 to 1000 mm.`);
    resistanceM2KW += thicknessMm / 1000 / materials[material].lambdaWMK;
  }
  return 1 / resistanceM2KW;
}
