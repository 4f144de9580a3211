import { within } from '../within';
import { gasDensity, gasViscosity, kelvin } from './gasProperties';
import { naturalHc } from './pipeHeat';

/** ∫ f′φ dη across a laminar plume over a line, air (Pr 0.7): of the boundary layer’s equations, solved anew in the test. */
export const plumeIntegral = 1.2117;
const airCpJkgK = 1006;

/**
 * The middle of the air that rises from a long level pipe, so far above its axis.
 * @param heightMm from the pipe’s axis, above 0
 * @returns °C, never more than the pipe’s surface
 * @throws RangeError naming quantity, value and bounds
 * @source laminar plume over a line: T − T∞ = (Q⁴ / (64 g β ρ² μ² c⁴ I⁴))^⅕ x^(−⅗), Gebhart, Pera & Schorr 1970 (from memory); it is laminar
 * as far up as a floor lies above an exhaust
 * @example plumeC({ surfaceC: 250, outsideMm: 26, ambientC: 15, heightMm: 100 }) // 72.4
 */
export function plumeC({
  surfaceC,
  outsideMm,
  ambientC,
  heightMm,
}: {
  surfaceC: number;
  outsideMm: number;
  ambientC: number;
  heightMm: number;
}): number {
  within('height above the pipe’s axis', heightMm, 'mm', { above: 0 });
  if (surfaceC <= ambientC) return ambientC;
  const risesWM = naturalHc(surfaceC, ambientC, outsideMm) * ((Math.PI * outsideMm) / 1000) * (surfaceC - ambientC);
  const density = gasDensity(ambientC, 101325, 28.965);
  const perLine =
    64 * (9.80665 / kelvin(ambientC)) * (density * gasViscosity(ambientC)) ** 2 * airCpJkgK ** 4 * plumeIntegral ** 4;
  return Math.min(surfaceC, ambientC + (risesWM ** 4 / perLine) ** 0.2 * (heightMm / 1000) ** -0.6);
}
