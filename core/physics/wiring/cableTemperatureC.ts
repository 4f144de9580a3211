import { within } from '../within';

/**
 * Temperature that a wire comes to if its current goes on: heat made goes with the square of the current, heat given off with the difference to the air.
 * @param amps A, 0 and up @param ampacityA what it may carry for good in air of 30 °C, in its bundle, above 0
 * @param ambientC round it, °C @param ratedC what its insulation bears, °C, above 30
 * @throws RangeError naming quantity, value and bounds
 * @example cableTemperatureC(15, 30, 20, 70) // 30
 * @source steady heat balance about the current that the table of ISO 10133, Annex A, allows (from memory)
 */
export function cableTemperatureC(amps: number, ampacityA: number, ambientC: number, ratedC: number): number {
  within('current', amps, 'A', { min: 0 });
  within('what the wire may carry', ampacityA, 'A', { above: 0 });
  within('what the insulation bears', ratedC, '°C', { above: 30 });
  return ambientC + (ratedC - 30) * (amps / ampacityA) ** 2;
}
