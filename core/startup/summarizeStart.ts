import type { QuantityId, StartEventKind, StartRun } from '../build/Build';

export interface StartSummary {
  /** Seconds on the run's clock at which each thing first happened. */
  at: Partial<Record<StartEventKind, number>>;
  /** Button to flame, s. */
  ignitionS: number | null;
  /** Lowest volts from button to flame (or to the last reading before it), V. */
  lowestStartV: number | null;
  /** Volts before the button, V. */
  restV: number | null;
  /** Mean current once at full output and before the button off, A. */
  runningA: number | null;
  /** Button off to fan stopped, s. */
  afterrunS: number | null;
  /** The phases for a picture, in order. */
  phases: { name: string; fromS: number; toS: number }[];
}

/**
 * What one start tells, from its events and readings (in any order).
 * Running current is read from "full output" on; without that event, from 60 s after the flame, when the glow plug is off.
 */
export function summarizeStart(run: StartRun): StartSummary {
  const at: StartSummary['at'] = {};
  for (const { event, atS } of [...run.events].sort((a, b) => a.atS - b.atS)) at[event] ??= atS;
  const values = (quantity: QuantityId, fromS: number, toS: number) =>
    run.readings.filter((r) => r.quantity === quantity && r.atS >= fromS && r.atS <= toS).map((r) => r.value);
  const last = Math.max(0, ...run.events.map((e) => e.atS), ...run.readings.map((r) => r.atS));
  const on = at.on ?? 0;
  const off = at.off ?? last;
  const startV = values('volts', on, at.flame ?? off);
  const before = values('volts', 0, on);
  const steadyFrom = at.full ?? (at.flame === undefined ? undefined : at.flame + 60);
  const runA = steadyFrom === undefined ? [] : values('amps', steadyFrom, off);
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
    lowestStartV: startV.length > 0 ? Math.min(...startV) : null,
    restV: before.length > 0 ? (before[before.length - 1] ?? null) : null,
    runningA: runA.length > 0 ? runA.reduce((sum, a) => sum + a, 0) / runA.length : null,
    afterrunS: between(at.off, at.end),
    phases: known
      .map(([name, fromS], i) => ({ name, fromS, toS: known[i + 1]?.[1] ?? Math.max(fromS, last) }))
      .filter((phase) => phase.name !== ''),
  };
}
