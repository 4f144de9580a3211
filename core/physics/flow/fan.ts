import { within } from '../within';

/**
 * What a fan or blower gives at its stated speed, in air of its stated density: so much pressure against a shut end, falling with the square of the
 * flow until it blows freely. A curve that rises has no one answer and is refused where cards are read.
 */
export interface Fan {
  /** Pa at no flow, above 0 */ shutPa: number;
  /** m³/s against no pressure, above 0 */ freeM3S: number;
  /** kg/m³ at which both were told */ densityKgM3: number;
}

/**
 * Pressure of a fan at another speed and density.
 * @param speedShare over the stated speed, above 0
 * @returns Pa; below 0 where more flows than the fan moves by itself
 * @example fanPa({ shutPa: 200, freeM3S: 0.03, densityKgM3: 1.2 }, 0.015, 1, 1.2) // 150
 * @source affinity laws: flow ∝ n, pressure ∝ n² and ρ; the parabola is Lorbet's own assumption
 */
export function fanPa({ shutPa, freeM3S, densityKgM3 }: Fan, flowM3S: number, speedShare: number, density: number): number {
  within('pressure of the fan against a shut end', shutPa, 'Pa', { above: 0 });
  within('free flow of the fan', freeM3S, 'm³/s', { above: 0 });
  within('speed of the fan', speedShare, 'times its stated one', { above: 0 });
  within('flow', flowM3S, 'm³/s', { min: 0 });
  const flow = flowM3S / speedShare;
  return shutPa * speedShare ** 2 * (density / densityKgM3) * (1 - (flow / freeM3S) ** 2);
}

/**
 * The flow at which a fan meets what stands against it, m³/s. What is lost goes about with the square of the flow: so it is taken for this
 * round, and put right in the next, until nothing changes.
 * @param againstPa pressure that the flow costs; it must not fall with more flow
 * @param begin a flow near it, m³/s, where one is known: it is found sooner
 * @throws RangeError naming quantity, value and bounds
 */
export function meets(
  { shutPa, freeM3S, densityKgM3 }: Fan,
  speedShare: number,
  density: number,
  againstPa: (flowM3S: number) => number,
  begin?: number,
): number {
  const shut =
    within('pressure of the fan against a shut end', shutPa, 'Pa', { above: 0 }) * speedShare ** 2 * (density / densityKgM3);
  const free =
    within('free flow of the fan', freeM3S, 'm³/s', { above: 0 }) *
    within('speed of the fan', speedShare, 'times its stated one', { above: 0 });
  let flow = begin ?? free / 2;
  for (let i = 0; i < 80; i += 1) {
    const next = Math.sqrt(shut / (againstPa(flow) / flow ** 2 + shut / free ** 2));
    if (Math.abs(next - flow) <= flow * 1e-6) return next;
    flow = next;
  }
  return flow;
}
