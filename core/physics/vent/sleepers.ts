import { dewPointC, saturationPa, vapourKgM3 } from '../gas/waterVapour';
import { within } from '../within';

/** What one who sleeps gives off an hour. ASHRAE Fundamentals (from memory, order of magnitude): 13 L of CO₂, 40 to 50 g of water. */
export const [sleeperCo2L, sleeperWaterG] = [13, 45];
/** Carbon dioxide outside, ppm. From memory, of these years. */
export const outsideCo2Ppm = 420;
const people = (n: number): number => within('number of sleepers', n, 'people', { min: 0, max: 100 });
const air = (m3H: number): number => within('air', m3H, 'm³/h', { above: 0 });

/**
 * Carbon dioxide at which a space with sleepers comes to rest.
 * @param sleepers 0 to 100 @param airM3H above 0
 * @returns ppm
 * @throws RangeError naming quantity, value and bounds
 * @source first principles: C₀ + S/Q
 * @example sleepersCo2Ppm(2, 26) // 1420
 */
export const sleepersCo2Ppm = (sleepers: number, airM3H: number): number =>
  outsideCo2Ppm + ((people(sleepers) * sleeperCo2L) / air(airM3H)) * 1000;

/**
 * Dew point of that air: what is colder than this runs with water.
 * @param outsideC the air outside, taken as saturated, −40 to 60
 * @returns °C
 * @throws RangeError naming quantity, value and bounds
 * @source ideal gas; Magnus' form; outside saturated: assumption for a cold night, no source
 */
export function sleepersDewC(sleepers: number, airM3H: number, insideC: number, outsideC: number): number {
  const kgM3 = (people(sleepers) * sleeperWaterG) / 1000 / air(airM3H);
  const addedPa = kgM3 / vapourKgM3(1, insideC);
  // Air holds no more than saturates it.
  const vapourPa = Math.min(saturationPa(outsideC) + addedPa, saturationPa(insideC));
  return dewPointC(vapourPa / 101_325, 101_325);
}
