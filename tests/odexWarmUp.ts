import { odexSolve } from './odexSolve';
import type { Temperatures, TwoNodes } from '../core/physics/heat/warmUp';

/** The two-node warm-up integrated by package odex, knowing nothing of the closed form. */
export function odexWarmUp(
  nodes: TwoNodes,
  outsideC: number,
  powerW: number,
  seconds: number,
  start: Temperatures = { airC: outsideC, shellC: outsideC },
): Temperatures {
  const derivative = (_t: number, [a = 0, s = 0]: number[]) => [
    (powerW - nodes.airToShellWK * (a - s) - nodes.airToOutsideWK * (a - outsideC)) / nodes.airJK,
    (nodes.airToShellWK * (a - s) - nodes.shellToOutsideWK * (s - outsideC)) / nodes.shellJK,
  ];
  const y = odexSolve(derivative, [start.airC, start.shellC], seconds);
  return { airC: y[0] ?? NaN, shellC: y[1] ?? NaN };
}
