import type { StartRun } from '../../build/Build';
import { factsOf, firstAt, type FirstAt } from '../../build/startFacts';

export interface StartSummary {
  /** Seconds on the run's clock at which each thing first happened. */
  at: FirstAt;
  /** Button to flame, s. */
  ignitionS: number | null;
  /** Lowest volts from the glow plug on to the flame (or to the last reading before it), V. */
  lowestStartV: number | null;
  /** Volts before the button, V. */
  restV: number | null;
  /** Mean current once at full output and before the button off, A. */
  runningA: number | null;
  /** Button off to fan stopped, s. */
  afterrunS: number | null;
  readings: number;
  /** The phases for a picture, in order. */
  phases: { name: string; fromS: number; toS: number }[];
}

/** What one start tells, from its events and readings (in any order). */
export function summarizeStart(run: StartRun): StartSummary {
  const at = firstAt(run);
  const { lowestStartV, restV, runningA, lastS, readings } = factsOf(run);
  const between = (a: number | undefined, b: number | undefined) => (a === undefined || b === undefined || b < a ? null : b - a);
  const marks: [string, number | undefined][] = [
    ['purge', at.on],
    ['glow', at.glow],
    ['fuel', at.pump],
    ['flame', at.flame],
    ['full', at.full],
    ['after-run', at.off],
    ['', at.end],
  ];
  const known = marks.filter((mark): mark is [string, number] => mark[1] !== undefined).sort((a, b) => a[1] - b[1]);
  return {
    at,
    ignitionS: between(at.on, at.flame),
    lowestStartV,
    restV,
    runningA,
    afterrunS: between(at.off, at.end),
    readings,
    phases: known
      .map(([name, fromS], i) => ({ name, fromS, toS: known[i + 1]?.[1] ?? Math.max(fromS, lastS) }))
      .filter((phase) => phase.name !== ''),
  };
}
