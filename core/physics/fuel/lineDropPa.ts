import { within } from '../within';
export interface LineFlow {
  /** m, 0 or more */ lengthM: number;
  /** inner diameter, mm, above 0 */ boreMm: number;
  /** mL/s, 0 or more */ flowMlS: number;
  /** mm²/s, above 0 */ viscosityMm2S: number;
  /** kg/m³ */ densityKgM3: number;
  /** wall roughness, m; drawn plastic about 1.5e-6 (Moody 1944, from memory) */ roughnessM?: number;
}

/**
 * Reynolds number of the flow in a round line, v d / ν.
 * @throws RangeError naming quantity, value and bounds
 * @example reynolds({ boreMm: 2, flowMlS: 0.5, viscosityMm2S: 3.5 }) // 90.9
 * @source definition
 */
export function reynolds({ boreMm, flowMlS, viscosityMm2S }: Pick<LineFlow, 'boreMm' | 'flowMlS' | 'viscosityMm2S'>): number {
  within('bore', boreMm, 'mm', { above: 0 });
  within('flow', flowMlS, 'mL/s', { min: 0 });
  within('viscosity', viscosityMm2S, 'mm²/s', { above: 0 });
  return (4 * flowMlS * 1e-6) / (Math.PI * (boreMm / 1000) * viscosityMm2S * 1e-6);
}

/**
 * Darcy friction factor.
 * Laminar below 2000 (64/Re); Colebrook–White above 4000, solved by iteration from Swamee–Jain;
 * between them, where nobody can tell, a straight line in Re from one to the other.
 * @param re 0 or more; at 0 nothing flows and the factor is 0
 * @example frictionFactor(100000, 0.0001) // 0.0185
 * @source Hagen–Poiseuille; Colebrook 1939; Swamee & Jain 1976; limits from Moody 1944 (from memory)
 */
export function frictionFactor(re: number, relativeRoughness: number): number {
  if (re <= 0) return 0;
  if (re <= 2000) return 64 / re;
  if (re < 4000) {
    const share = (re - 2000) / 2000;
    return (64 / 2000) * (1 - share) + frictionFactor(4000, relativeRoughness) * share;
  }
  // In x = 1 / √f each round is one logarithm.
  let x = -2 * Math.log10(relativeRoughness / 3.7 + 5.74 / re ** 0.9);
  for (let i = 0; i < 8; i += 1) {
    const next = -2 * Math.log10(relativeRoughness / 3.7 + (2.51 * x) / re);
    const done = Math.abs(next - x) <= 1e-9;
    x = next;
    if (done) break;
  }
  return 1 / (x * x);
}

/**
 * Pressure lost to friction along a round line (Darcy–Weisbach; in laminar flow 128 μ L Q / π d⁴).
 * @returns Pa
 * @throws RangeError naming quantity, value and bounds
 * @example lineDropPa({ lengthM: 2, boreMm: 2, flowMlS: 0.5, viscosityMm2S: 3.5, densityKgM3: 832 }) // 7415
 * @source Hagen–Poiseuille, Darcy–Weisbach; tested against the EPANET engine
 */
export function lineDropPa(line: LineFlow): number {
  within('length', line.lengthM, 'm', { min: 0 });
  within('density', line.densityKgM3, 'kg/m³', { above: 0 });
  const re = reynolds(line);
  const boreM = line.boreMm / 1000;
  const speedMS = (line.flowMlS * 1e-6) / ((Math.PI * boreM ** 2) / 4);
  const f = frictionFactor(re, (line.roughnessM ?? 1.5e-6) / boreM);
  return (f * line.lengthM * line.densityKgM3 * speedMS ** 2) / (2 * boreM);
}
