/**
 * Density of a diesel fuel at a temperature: ρ = ρ₁₅ (1 − 0.00083 (T − 15)).
 * @param densityKgM3At15C density at 15 °C, kg/m³, 700 to 950
 * @param temperatureC fuel temperature, °C, −50 to 80
 * @returns density, kg/m³
 * @source API MPM tables ch. 11, order of magnitude (from memory)
 */
export function densityKgM3(densityKgM3At15C: number, temperatureC: number): number {
  return densityKgM3At15C * (1 - 0.00083 * (temperatureC - 15));
}
