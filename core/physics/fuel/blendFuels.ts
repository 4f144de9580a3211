import { lowerFirst } from '../../units/formatNumber';
import type { Fuel } from './fuels';
import { viscosityMm2S } from './viscosityMm2S';

/** Viscosity blending number, 14.534 ln ln(ν + 0.8) + 10.975. Source: Refutas; ASTM D7152 has the like (from memory). */
const vbn = (viscosity: number) => 14.534 * Math.log(Math.log(viscosity + 0.8)) + 10.975;
const fromVbn = (n: number) => Math.exp(Math.exp((n - 10.975) / 14.534)) - 0.8;
const curve = (fuel: Fuel) =>
  [
    [40, fuel.viscosityMm2SAt40C],
    [100, fuel.viscosityMm2SAt100C],
  ] as const;
const warmer = (a: number | null, b: number | null) => (a === null || b === null ? null : Math.max(a, b));

/**
 * Two fuels in one tank: density by volume, heat and viscosity by mass.
 * How far down a blend flows nobody can compute from its parts, so the worse of the two plugging points counts.
 * @param share volume of `other` in the whole, 0 to 1
 * @returns a fuel of its own; at 0 `fuel` itself
 * @source mixing by volume and mass; viscosity by the Refutas index (from memory)
 * @throws RangeError where share is not within 0 to 1
 */
export function blendFuels(fuel: Fuel, other: Fuel, share: number): Fuel {
  if (!(share >= 0 && share <= 1)) throw new RangeError(`The share of the other fuel is ${share}; allowed is 0 to 1.`);
  if (share === 0) return fuel;
  const density = fuel.densityKgM3At15C * (1 - share) + other.densityKgM3At15C * share;
  const byMass = (share * other.densityKgM3At15C) / density;
  const mix = (a: number, b: number) => a * (1 - byMass) + b * byMass;
  const viscosity = (temperatureC: number) =>
    fromVbn(mix(vbn(viscosityMm2S(curve(fuel), temperatureC)), vbn(viscosityMm2S(curve(other), temperatureC))));
  return {
    label: `${fuel.label} with ${Math.round(share * 100)} % ${lowerFirst(other.label)}`,
    densityKgM3At15C: density,
    viscosityMm2SAt40C: viscosity(40),
    viscosityMm2SAt100C: viscosity(100),
    heatingValueMJKg: mix(fuel.heatingValueMJKg, other.heatingValueMJKg),
    cfppC: warmer(fuel.cfppC, other.cfppC),
    cloudC: warmer(fuel.cloudC, other.cloudC),
    ...(fuel.askFirst || other.askFirst ? { askFirst: true } : {}),
    source: `${fuel.source}; ${other.source}; blend by volume and mass, viscosity by the Refutas index (from memory)`,
  };
}
