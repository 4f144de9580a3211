import { within } from '../within';

/** g/mol, and m³ Pa/(mol K). */
const [molarMass, gasConstant] = [28.0101, 8.314462618];

/**
 * Carbon monoxide by mass in a volume of air.
 * @param ppm by volume, 0 to 1,000,000 @param airC −50 to 60 @param airPa 30,000 to 110,000
 * @returns mg/m³
 * @throws RangeError naming quantity, value and bounds
 * @source ideal gas
 * @example mgM3OfPpm(8.6) // 10.014
 */
export function mgM3OfPpm(ppm: number, airC = 20, airPa = 101_325): number {
  within('carbon monoxide', ppm, 'ppm', { min: 0, max: 1e6 });
  within('temperature of the air', airC, '°C', { min: -50, max: 60 });
  within('pressure of the air', airPa, 'Pa', { min: 30_000, max: 110_000 });
  return (ppm * 1e-3 * molarMass * airPa) / (gasConstant * (airC + 273.15));
}
/** The same the other way. @returns ppm @example ppmOfMgM3(10) // 8.588 */
export const ppmOfMgM3 = (mgM3: number, airC = 20, airPa = 101_325): number => mgM3 / mgM3OfPpm(1, airC, airPa);
