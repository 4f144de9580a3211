import type { Build, PrimingRun, Repair } from '../../build/Build';
import { repairsOf } from '../proving/stale';

export interface Primed {
  strokes: number;
  last: PrimingRun | null;
  /** Recorded after the last run: the burner was drained, or what drew air was mended. */
  answered: Repair | null;
}

/** Strokes pumped since the line was last empty, or since what went wrong with them was fixed; and the last run of them. */
export function primedStrokes(build: Pick<Build, 'primingRuns' | 'repairs'>): Primed {
  const repair = repairsOf(build, 'priming.over').at(-1) ?? null;
  const since = build.primingRuns.filter((run) => repair === null || Date.parse(run.at) > Date.parse(repair.at));
  const counted = since.length > 0 ? since : build.primingRuns;
  let strokes = 0;
  for (const run of counted) strokes = run.fromEmpty ? run.strokes : strokes + run.strokes;
  return { strokes, last: counted[counted.length - 1] ?? null, answered: since.length > 0 ? null : repair };
}
