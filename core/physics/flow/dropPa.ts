import { frictionFactor } from '../fuel/lineDropPa';
import { within } from '../within';

/** What flows, at its temperature and pressure there. */
export interface Medium {
  /** kg/m³, above 0 */ densityKgM3: number;
  /** dynamic viscosity, Pa s, above 0 */ viscosityPaS: number;
}
/** One length of round pipe, hose or duct, with what sits on it. */
export interface Conduit {
  /** m, 0 or more */ lengthM: number;
  /** inner diameter, mm, above 0 */ boreMm: number;
  /** wall roughness, mm, 0 or more */ roughnessMm: number;
  /** how many times a smooth pipe’s friction, 1 or more; corrugated pipe 2 to 4 (Idelchik, from memory) */ frictionTimes?: number;
  /** sum of the local losses, ζ of ρ v²/2, 0 or more */ zeta: number;
}

/** Speed in a round conduit, m/s. @example speedMS(0.001, 1.2, 50) // 0.424 */
export function speedMS(massKgS: number, densityKgM3: number, boreMm: number): number {
  within('flow of mass', massKgS, 'kg/s', { min: 0 });
  within('density', densityKgM3, 'kg/m³', { above: 0 });
  within('bore', boreMm, 'mm', { above: 0 });
  return massKgS / densityKgM3 / ((Math.PI * (boreMm / 1000) ** 2) / 4);
}

/**
 * Pressure lost in a conduit: Darcy–Weisbach for its length, ζ for what sits on it.
 * @returns Pa
 * @throws RangeError naming quantity, value and bounds
 * @example dropPa({ lengthM: 2, boreMm: 75, roughnessMm: 1, zeta: 1 }, { densityKgM3: 1.2, viscosityPaS: 1.8e-5 }, 0.03) // 41.5
 * @source Darcy–Weisbach with Colebrook 1939; tested against the EPANET engine
 */
export function dropPa(
  { lengthM, boreMm, roughnessMm, frictionTimes = 1, zeta }: Conduit,
  medium: Medium,
  massKgS: number,
): number {
  within('length', lengthM, 'm', { min: 0 });
  within('roughness', roughnessMm, 'mm', { min: 0 });
  within('loss of the fittings', zeta, 'times ρ v²/2', { min: 0 });
  within('viscosity', medium.viscosityPaS, 'Pa s', { above: 0 });
  within('friction', frictionTimes, 'times a smooth pipe’s', { min: 1 });
  const v = speedMS(massKgS, medium.densityKgM3, boreMm);
  const boreM = boreMm / 1000;
  const f = frictionTimes * frictionFactor((medium.densityKgM3 * v * boreM) / medium.viscosityPaS, roughnessMm / boreMm);
  return ((f * lengthM) / boreM + zeta) * ((medium.densityKgM3 * v ** 2) / 2);
}
