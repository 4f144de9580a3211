export const gravityMS2 = 9.80665;

/**
 * Absolute pressure at the pump's inlet: p₀ + ρ g (fuel surface − pump) − friction.
 * @param p.ambientPa air pressure on the fuel, Pa (the tank is vented)
 * @param p.surfaceAbovePumpM height of the fuel's surface above the pump, m; negative where the pump must lift
 * @param p.densityKgM3 kg/m³
 * @param p.frictionPa loss in the suction line, Pa
 * @returns Pa, absolute; below 0 no liquid could follow
 * @source hydrostatics
 */
export function suctionPressurePa(p: {
  ambientPa: number;
  surfaceAbovePumpM: number;
  densityKgM3: number;
  frictionPa: number;
}): number {
  return p.ambientPa + p.densityKgM3 * gravityMS2 * p.surfaceAbovePumpM - p.frictionPa;
}
