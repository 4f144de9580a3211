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
export const dropPa = (conduit: Conduit, medium: Medium, massKgS: number): number => dropOf(conduit, medium)(massKgS);

/** The same as a function of the flow of mass, kg/s: what does not change with it is checked and worked out once. */
export function dropOf(
  { lengthM, boreMm, roughnessMm, frictionTimes = 1, zeta }: Conduit,
  medium: Medium,
): (massKgS: number) => number {
  within('length', lengthM, 'm', { min: 0 });
  within('roughness', roughnessMm, 'mm', { min: 0 });
  within('loss of the fittings', zeta, 'times ρ v²/2', { min: 0 });
  const viscosity = within('viscosity', medium.viscosityPaS, 'Pa s', { above: 0 });
  within('friction', frictionTimes, 'times a smooth pipe’s', { min: 1 });
  const density = within('density', medium.densityKgM3, 'kg/m³', { above: 0 });
  const boreM = within('bore', boreMm, 'mm', { above: 0 }) / 1000;
  const area = (Math.PI * boreM ** 2) / 4;
  const [perReynolds, longs, rough] = [boreM / (area * viscosity), lengthM / boreM, roughnessMm / boreMm];
  return (massKgS) => {
    const v = within('flow of mass', massKgS, 'kg/s', { min: 0 }) / (density * area);
    return (frictionTimes * frictionFactor(massKgS * perReynolds, rough) * longs + zeta) * ((density * v ** 2) / 2);
  };
}
