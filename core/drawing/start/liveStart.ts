import type { BenchCode } from '../../physics/bench/benchStates';
import {
  departuresOf,
  phaseAt,
  type CourseEvents,
  type CoursePhase,
  type CourseReading,
  type Departure,
} from '../../physics/start/departures';
import { coursed, type Coursed, type ExpectedCourse } from '../../physics/start/expectedCourse';
import { findPhases, type FoundPhase, type Series } from '../../physics/start/findPhases';
import { valueAt } from './traceColumns';

/** What a device has told so far: times on its own clock. */
export interface Heard {
  nowS: number;
  series: Partial<Record<string, Series>>;
  events: readonly { s: number; event: string; code?: BenchCode }[];
}
/** A start as it runs. Times are seconds after its button, or after the first reading where nobody saw one. */
export interface LiveStart {
  beganS: number;
  sinceS: number;
  phase: CoursePhase | 'off';
  events: CourseEvents & { end?: number };
  /** found from the signals alone */ found: FoundPhase[];
  departures: Departure[];
  /** codes that it gave, newest last */ codes: BenchCode[];
  bubbles: number;
  smoke: 'none' | 'white' | 'black';
  /** what is read now */ now: Partial<Record<string, number>>;
}
/** So much of the smoke's index is seen. */
const seenSmoke = 0.2;
/** Between readings that are looked at, s: quicker ones tell nothing more of a course. */
const everyS = 1;

/** Readings of a quantity from a time on, thinned. */
function thinned(series: Series | undefined, fromS: number): Series {
  const kept = { s: [] as number[], value: [] as number[] };
  if (!series) return kept;
  let last = -Infinity;
  for (let i = 0; i < series.s.length; i += 1) {
    const at = series.s[i] ?? 0;
    if (at < fromS || at - last < everyS - 1e-6) continue;
    last = at;
    kept.s.push(at - fromS);
    kept.value.push(series.value[i] ?? 0);
  }
  return kept;
}

/** The last press of the button, and all that followed it; null where it was never pressed and nothing shows a start. */
export function liveStart({ nowS, series, events }: Heard, course: ExpectedCourse | null): LiveStart | null {
  const pressed = events.findLast(({ event }) => event === 'on');
  const firstS = Math.min(...Object.values(series).map((one) => one?.s[0] ?? Infinity));
  if (!pressed && !Number.isFinite(firstS)) return null;
  const beganS = pressed?.s ?? firstS;
  const after = events.filter(({ s }) => s >= beganS);
  const at = (event: string): number | undefined => {
    const found = after.find((one) => one.event === event);
    return found && found.s - beganS;
  };
  const of = Object.fromEntries(coursed.map((quantity) => [quantity, thinned(series[quantity], beganS)])) as Record<
    Coursed,
    Series
  >;
  const heat = thinned(series.exhaustC ?? series.outletC, beganS);
  const found = findPhases({ amps: of.amps, volts: of.volts, hertz: of.hertz, heat });
  const foundAt = (event: string) => found.find((one) => one.event === event)?.atS;
  // A heater that tells what it does is believed; of one that says no more than its button, the readings tell.
  const tells = after.some(({ event }) => event !== 'on');
  const known: LiveStart['events'] = {};
  for (const event of ['glow', 'pump', 'flame', 'full', 'off', 'end'] as const) {
    const s = at(event) ?? (tells && event !== 'glow' ? undefined : foundAt(event));
    if (s !== undefined) known[event] = s;
  }
  const codes = after.flatMap(({ code }) => (code ? [code] : []));
  const failedS = after.find(({ code }) => code)?.s;
  if (known.off === undefined && failedS !== undefined) known.off = failedS - beganS;
  const readings = coursed.flatMap((quantity): CourseReading[] =>
    of[quantity].s.map((s, i) => ({ s, quantity, value: of[quantity].value[i] ?? 0 })),
  );
  const now = Object.fromEntries(
    Object.entries(series).flatMap(([quantity, one]) => {
      const value = one && valueAt(one, nowS);
      return value === null || value === undefined ? [] : [[quantity, value]];
    }),
  );
  const sinceS = nowS - beganS;
  return {
    beganS,
    sinceS,
    phase: known.end !== undefined ? 'off' : phaseAt(known, sinceS),
    events: known,
    found,
    departures: course ? departuresOf(course, readings, known) : [],
    codes,
    bubbles: after.filter(({ event }) => event === 'bubbles').length,
    smoke: (now.blackSmoke ?? 0) > seenSmoke ? 'black' : (now.whiteSmoke ?? 0) > seenSmoke ? 'white' : 'none',
    now,
  };
}
