import { within } from '../within';
import { ambientPa } from './ambientPa';

/**
 * Density of dry air over that at sea level and 15 °C: what a fan of constant speed moves, as mass.
 * @param altitudeM 0 to 5,500 m
 * @param airC temperature of the air; by default that of the standard atmosphere at that height
 * @throws RangeError naming quantity, value and bounds
 * @example airDensityRatio(1500) // 0.8637
 * @source ISO 2533 (from memory); ideal gas
 */
export function airDensityRatio(altitudeM: number, airC = 15 - 0.0065 * altitudeM): number {
  within('temperature of the air', airC, '°C', { above: -273.15 });
  return (ambientPa(altitudeM) / ambientPa(0)) * (288.15 / (airC + 273.15));
}

export interface BurningAtAltitude {
  /** Air over what the fuel needs, with the pump as it is set at sea level. */
  excessAir: number;
  /** Share of the fuel at which the air is enough as it was at sea level. */
  fuelShare: number;
}

/**
 * What thin air does to a burner whose fan and pump know nothing of it.
 * @param excessAirSeaLevel air over what the fuel needs at sea level, 1.2 to 3
 * @source definition of excess air, combustion handbooks (from memory)
 * @example burningAt(2200, 1.6).fuelShare // 0.81
 */
export function burningAt(altitudeM: number, excessAirSeaLevel: number): BurningAtAltitude {
  const ratio = airDensityRatio(altitudeM);
  return { excessAir: excessAirSeaLevel * ratio, fuelShare: ratio };
}
