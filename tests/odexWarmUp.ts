import type { Temperatures, TwoNodes } from '../core/physics/heat/warmUp';

/** Package odex ships its sources, which do not pass our stricter types: it is told only what is used of it. */
const { Solver } = jest.requireActual<{
  Solver: new (n: number) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    maxSteps: number;
    solve(f: (x: number, y: number[]) => number[], x0: number, y0: number[], xEnd: number): { y: number[] };
  };
}>('odex');

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
  const solver = Object.assign(new Solver(2), { absoluteTolerance: 1e-9, relativeTolerance: 1e-9, maxSteps: 200000 });
  const { y } = solver.solve(derivative, 0, [start.airC, start.shellC], seconds);
  return { airC: y[0] ?? NaN, shellC: y[1] ?? NaN };
}
