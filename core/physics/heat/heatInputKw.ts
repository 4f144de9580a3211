import { within } from '../within';
/**
 * Heat in the fuel that the pump delivers: frequency × dose × density × lower heating value.
 * @param p.frequencyHz strokes a second
 * @param p.strokeVolumeMl mL
 * @param p.densityKgM3 kg/m³
 * @param p.heatingValueMJKg MJ/kg
 * @returns kW
 * @throws RangeError naming quantity, value and bounds
 * @example heatInputKw({ frequencyHz: 5.4, strokeVolumeMl: 0.022, densityKgM3: 832, heatingValueMJKg: 42.9 }) // 4.24
 * @source definition
 */
export function heatInputKw(p: {
  frequencyHz: number;
  strokeVolumeMl: number;
  densityKgM3: number;
  heatingValueMJKg: number;
}): number {
  within('frequency', p.frequencyHz, 'Hz', { min: 0 });
  within('dose', p.strokeVolumeMl, 'mL', { min: 0 });
  within('density', p.densityKgM3, 'kg/m³', { above: 0 });
  within('heating value', p.heatingValueMJKg, 'MJ/kg', { above: 0 });
  // mL/s × kg/m³ = 1e-6 kg/s; × MJ/kg = W; ÷ 1000 = kW
  return (p.frequencyHz * p.strokeVolumeMl * p.densityKgM3 * p.heatingValueMJKg) / 1000;
}
