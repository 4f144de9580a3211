import { within } from '../within';
/**
 * Density of a diesel fuel at a temperature: ρ = ρ₁₅ (1 − 0.00083 (T − 15)).
 * @param densityKgM3At15C density at 15 °C, kg/m³, 700 to 950
 * @param temperatureC fuel temperature, °C, −50 to 80
 * @returns density, kg/m³
 * @throws RangeError naming quantity, value and bounds
 * @example densityKgM3(832, -15) // 852.7
 * @source API MPM tables ch. 11, order of magnitude (from memory)
 */
export function densityKgM3(densityKgM3At15C: number, temperatureC: number): number {
  within('density at 15 °C', densityKgM3At15C, 'kg/m³', { above: 0 });
  within('temperature of the fuel', temperatureC, '°C', { min: -100, max: 200 });
  return densityKgM3At15C * (1 - 0.00083 * (temperatureC - 15));
}
