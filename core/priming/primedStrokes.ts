import type { PrimingRun } from '../build/Build';

/** Strokes pumped since the line was last empty, and the last run of them. */
export function primedStrokes(runs: readonly PrimingRun[]): { strokes: number; last: PrimingRun | null } {
  let strokes = 0;
  for (const run of runs) strokes = run.fromEmpty ? run.strokes : strokes + run.strokes;
  return { strokes, last: runs[runs.length - 1] ?? null };
}
