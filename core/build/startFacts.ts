import type { QuantityId, StartEventKind, StartFacts, StartReading, StartRun } from './Build';

export type FirstAt = Partial<Record<StartEventKind, number>>;
/** When each thing first happened, s on the run's clock. */
export function firstAt(run: Pick<StartRun, 'events'>): FirstAt {
  const at: FirstAt = {};
  for (const { event, atS } of [...run.events].sort((a, b) => a.atS - b.atS)) at[event] ??= atS;
  return at;
}

/** The first of several moments, s; undefined where none of them came. */
const firstOf = (...moments: readonly (number | undefined)[]): number | undefined => {
  const came = moments.filter((s) => s !== undefined);
  return came.length > 0 ? Math.min(...came) : undefined;
};
/** When the flame of a start was no more: by its button, by itself, or by its power. */
export const flameEndS = ({ out, off, end, cut }: FirstAt): number | undefined => firstOf(out, off, end, cut);
/** When a start was at full output no more: turned down, or its flame at its end. */
export const fullEndS = (at: FirstAt): number | undefined => firstOf(at.low, flameEndS(at));

/** So long a plug takes to warm, s. Common practice, no source. */
const coldPlugS = 20;

const max = (values: readonly number[]): number | null =>
  values.reduce<number | null>((m, v) => (m === null || v > m ? v : m), null);
const min = (values: readonly number[]): number | null =>
  values.reduce<number | null>((m, v) => (m === null || v < m ? v : m), null);

/** The last second of which a start tells anything. */
export function lastSecond({ events, readings }: Pick<StartRun, 'events' | 'readings'>): number {
  let lastS = 0;
  for (const { atS } of events) lastS = Math.max(lastS, atS);
  for (const { atS } of readings) lastS = Math.max(lastS, atS);
  return lastS;
}

/**
 * What the readings of a start tell, in whatever order they stand.
 * Volts under glow are read from the glow plug on (from the button, where nobody saw it) to the flame; running current from "full output" on,
 * without that event from 60 s after the flame, when the glow plug is off; to the button off, or until it is turned down or goes out.
 * @source definition; 60 s: Lorbet's own choice, no source
 */
export function startFacts(run: Pick<StartRun, 'events' | 'readings'>): StartFacts {
  const at = firstAt(run);
  const lastS = lastSecond(run);
  // Sorted by what they are once: a log has up to 20,000, and each thing told looks at one quantity only.
  const all: Partial<Record<QuantityId, StartReading[]>> = {};
  let unordered = false;
  for (const reading of run.readings) {
    const same = (all[reading.quantity] ??= []);
    unordered ||= reading.atS < (same.at(-1)?.atS ?? -Infinity);
    same.push(reading);
  }
  const values = (quantity: QuantityId, fromS: number, toS: number) =>
    (all[quantity] ?? []).filter((r) => r.atS >= fromS && r.atS <= toS);
  const numbers = (quantity: QuantityId, fromS: number, toS: number) => values(quantity, fromS, toS).map(({ value }) => value);
  const newest = (quantity: QuantityId, fromS: number, toS: number): number | null =>
    values(quantity, fromS, toS).reduce<{ atS: number; value: number } | null>(
      (last, reading) => (last === null || reading.atS >= last.atS ? reading : last),
      null,
    )?.value ?? null;
  const on = at.on ?? 0;
  const off = at.off ?? lastS;
  const steadyFrom = at.full ?? (at.flame === undefined ? undefined : at.flame + 60);
  // Over time: a reading stands until the next, so that where they lie close they count no more.
  const mean = (all: readonly { atS: number; value: number }[], toS: number): number | null => {
    const inOrder = [...all].sort((a, b) => a.atS - b.atS);
    const only = inOrder[0];
    if (!only) return null;
    let [sum, time] = [0, 0];
    for (const [i, { atS, value }] of inOrder.entries()) {
      const stands = Math.max(0, (inOrder[i + 1]?.atS ?? toS) - atS);
      sum += value * stands;
      time += stands;
    }
    return time > 0 ? sum / time : only.value;
  };
  // A cold plug draws more than a hot one: its first seconds are left out where there is more.
  const under = (quantity: QuantityId) => {
    if (at.glow === undefined) return null;
    const until = at.pump ?? at.flame ?? off;
    const warm = values(quantity, at.glow + coldPlugS, until);
    return mean(warm.length > 0 ? warm : values(quantity, at.glow, until), until);
  };
  const fullUntil = Math.min(fullEndS(at) ?? off, off);
  const runA = steadyFrom === undefined ? [] : values('amps', steadyFrom, fullUntil);
  return {
    readings: run.readings.length,
    lastS,
    unordered,
    restV: newest('volts', 0, on),
    lowestStartV: min(numbers('volts', at.glow ?? on, at.flame ?? off)),
    maxV: max(numbers('volts', 0, Infinity)),
    glowA: under('amps'),
    glowV: under('volts'),
    offA: at.off === undefined ? null : max(numbers('amps', at.off, at.off + 60)),
    runningA: mean(runA, fullUntil),
    maxHz: max(numbers('hertz', 0, Infinity)),
    maxOutletC: max(numbers('outletC', 0, Infinity)),
    fullOutletC: steadyFrom === undefined ? null : newest('outletC', steadyFrom, fullUntil),
    fullReturnC: steadyFrom === undefined ? null : newest('returnC', steadyFrom, fullUntil),
  };
}

/** The facts of a start, whether its readings stand in the build or in a log beside it. */
export const factsOf = (run: StartRun): StartFacts => run.log?.facts ?? startFacts(run);
