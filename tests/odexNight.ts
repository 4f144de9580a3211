import { odexSolve } from './odexSolve';
import type { NightOfHeat } from '../core/physics/heat/heatedNight';
import type { Temperatures, TwoNodes } from '../core/physics/heat/warmUp';

/** The same night by a general solver of differential equations: output follows the room at every moment. For a thermostat that slows. */
export function odexNight(
  nodes: TwoNodes,
  { fromMin, toMin, outsideC, freeW, spells, regulation, begin }: NightOfHeat,
): Temperatures[] {
  const { targetC, minKw, maxKw, bandK, lightingMin } = regulation;
  const { airJK, shellJK, airToShellWK: h, shellToOutsideWK: gs, airToOutsideWK: ga } = nodes;
  const points: Temperatures[] = [begin];
  let at = begin;
  for (let min = fromMin; min < toMin; min += 1) {
    // Where it is lit or put out the right side jumps: a minute is solved by itself.
    const burns = spells.some((one) => one.fromMin + lightingMin <= min && min < one.toMin);
    const watts = (airC: number) =>
      (burns && targetC !== null ? minKw + (maxKw - minKw) * Math.min(1, Math.max(0, (targetC - airC) / bandK)) : 0) * 1000 +
      freeW(min);
    const y = odexSolve(
      (_t, [air = 0, shell = 0]) => [
        (watts(air) - h * (air - shell) - ga * (air - outsideC(min))) / airJK,
        (h * (air - shell) - gs * (shell - outsideC(min))) / shellJK,
      ],
      [at.airC, at.shellC],
      60,
    );
    at = { airC: y[0] ?? NaN, shellC: y[1] ?? NaN };
    points.push(at);
  }
  return points;
}
