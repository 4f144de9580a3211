import { within } from '../within';
import { molarKg } from './burning';
import { kelvin } from './gasProperties';

/**
 * Pressure of saturated water vapour over water, Pa.
 * @param temperatureC −40 to 100 °C
 * @throws RangeError naming quantity, value and bounds
 * @example saturationPa(20) // 2333
 * @source Magnus' form after Alduchov & Eskridge 1996 (from memory); tested against package psychrolib: within 1 % to 60 °C, 3 % at 100 °C
 */
export const saturationPa = (temperatureC: number): number => {
  const t = within('temperature', temperatureC, '°C', { min: -40, max: 100 });
  return 610.94 * Math.exp((17.625 * t) / (t + 243.04));
};
/** Dew point of a gas that holds so much water by volume, °C. @param waterShare above 0 @example dewPointC(0.09, 101325) // 44.0 */
export function dewPointC(waterShare: number, pressurePa: number): number {
  within('share of water', waterShare, 'by volume', { above: 0, max: 1 });
  const ln = Math.log((waterShare * pressurePa) / 610.94);
  return (243.04 * ln) / (17.625 - ln);
}
/** Water in a volume of gas at so much vapour pressure, kg/m³. @source ideal gas */
export const vapourKgM3 = (vapourPa: number, temperatureC: number): number =>
  (vapourPa * molarKg.water) / (8314.46 * kelvin(temperatureC));
/** Heat that condensing water gives, J/kg, at about 30 °C. @source steam tables, from memory */
export const condensingJKg = 2.43e6;
/** Where Antoine’s constants are good enough here, Pa. */
export const boilingPa = { min: 40_000, max: 500_000 } as const;
/**
 * Temperature at which water boils, °C. Glycol boils higher: so much is on the safe side for a mix.
 * @param pressurePa absolute, 40,000 to 500,000
 * @throws RangeError naming quantity, value and bounds
 * @example boilsC(101325) // 99.8
 * @source Antoine's form with the usual constants above 99 °C (from memory); tested against package psychrolib: within 0.6 K
 */
export const boilsC = (pressurePa: number): number =>
  1810.94 / (8.14019 - Math.log10(within('pressure', pressurePa, 'Pa', boilingPa) / 133.322)) - 244.485;
