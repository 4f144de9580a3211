import type { Medium } from '../flow/dropPa';
import { within } from '../within';

/** J/(kmol K) */
const gasConstant = 8314.46;
export const kelvin = (celsius: number): number => celsius + 273.15;
const ranged = (temperatureC: number): number => within('temperature of the gas', temperatureC, '°C', { min: -60, max: 1200 });

/**
 * Density of a gas. @param molarMassKg kg/kmol; dry air 28.965
 * @example gasDensity(20, 101325, 28.965) // 1.204
 * @source ideal gas
 */
export function gasDensity(temperatureC: number, pressurePa: number, molarMassKg: number): number {
  within('pressure', pressurePa, 'Pa', { above: 0 });
  within('molar mass', molarMassKg, 'kg/kmol', { above: 0 });
  return (pressurePa * molarMassKg) / (gasConstant * kelvin(ranged(temperatureC)));
}
/** Dynamic viscosity of air, Pa s; exhaust gas of diesel lies within a few percent of it. @source Sutherland 1893, constants from memory. @example Math.round(gasViscosity(20) * 1e8) // 1813 */
export const gasViscosity = (temperatureC: number): number =>
  (1.458e-6 * kelvin(ranged(temperatureC)) ** 1.5) / (kelvin(temperatureC) + 110.4);
/** Heat conducted by air, W/(m K). @source fit of the U.S. Standard Atmosphere 1976, from memory. @example gasConductivity(20) // 0.0257 */
export const gasConductivity = (temperatureC: number): number =>
  (2.646e-3 * kelvin(ranged(temperatureC)) ** 1.5) / (kelvin(temperatureC) + 245.4 * 10 ** (-12 / kelvin(temperatureC)));
/** Specific heat of exhaust gas, J/(kg K): 1.05 kJ/(kg K) at 100 °C, 1.15 at 500 °C. @source handbooks, from memory */
export const exhaustCp = (temperatureC: number): number => 1025 + 0.25 * ranged(temperatureC);
/** Air or gas where it flows. */
export const gasAt = (temperatureC: number, pressurePa: number, molarMassKg = 28.965): Medium => ({
  densityKgM3: gasDensity(temperatureC, pressurePa, molarMassKg),
  viscosityPaS: gasViscosity(temperatureC),
});
