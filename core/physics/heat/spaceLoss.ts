import { within } from '../within';
export interface Surface {
  areaM2: number;
  uWM2K: number;
}
/** Heat that a cubic metre of air takes, J/(m³ K) over 3,600 s/h: W h/(m³ K). Source: EN 12831 gives 0.34, the reference 0.335 (from memory). */
export const airWhM3K = 0.335;

/**
 * Heat lost through surfaces, W for each kelvin.
 * @throws RangeError naming quantity, value and bounds
 * @example fabricLossWK([{ areaM2: 14, uWM2K: 1.2 }, { areaM2: 2, uWM2K: 5.7 }]) // 28.2
 * @source definition of U
 */
export const fabricLossWK = (surfaces: readonly Surface[]): number =>
  surfaces.reduce(
    (sum, { areaM2, uWM2K }) => sum + within('area', areaM2, 'm²', { min: 0 }) * within('U-value', uWM2K, 'W/(m² K)', { min: 0 }),
    0,
  );

/**
 * Heat lost with the air that changes, W for each kelvin.
 * @param airChangesH how often an hour the air of the space is replaced, 0.2 to 10
 * @throws RangeError naming quantity, value and bounds
 * @example airLossWK(1, 14) // 4.69
 * @source EN 12831 (from memory)
 */
export const airLossWK = (airChangesH: number, volumeM3: number): number =>
  airWhM3K * within('air change', airChangesH, '/h', { min: 0 }) * within('volume', volumeM3, 'm³', { min: 0 });

/** Heat needed to hold a space, kW; none where it is warmer outside. @example demandKw(60, 20, -10) // 1.8 */
export const demandKw = (lossWK: number, insideC: number, outsideC: number): number =>
  (Math.max(0, insideC - outsideC) * within('heat lost for each kelvin', lossWK, 'W/K', { min: 0 })) / 1000;
