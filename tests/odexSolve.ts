/** Package odex ships its sources, which do not pass our stricter types: it is told only what is used of it. */
const { Solver } = jest.requireActual<{
  Solver: new (n: number) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    maxSteps: number;
    solve(f: (x: number, y: number[]) => number[], x0: number, y0: number[], xEnd: number): { y: number[] };
  };
}>('odex');

/** A system of ordinary differential equations integrated from 0 by package odex. */
export function odexSolve(
  derivative: (x: number, y: number[]) => number[],
  start: readonly number[],
  end: number,
  tolerance = 1e-9,
): number[] {
  const solver = Object.assign(new Solver(start.length), {
    absoluteTolerance: tolerance,
    relativeTolerance: tolerance,
    maxSteps: 200000,
  });
  return solver.solve(derivative, 0, [...start], end).y;
}
