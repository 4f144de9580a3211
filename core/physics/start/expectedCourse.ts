import { seeded } from '../../random/seeded';
import { BenchHeater } from '../bench/benchHeater';
import { type BenchEvent } from '../bench/benchStates';
import type { BenchFacts } from '../bench/BenchFacts';
import { within } from '../within';

/** What of a course a band is told of. */
export const coursed = ['volts', 'amps', 'hertz', 'outletC', 'returnC', 'caseC'] as const;
export type Coursed = (typeof coursed)[number];
export interface Band {
  low: number[];
  high: number[];
}
/** What a start of this heater in this build should show, from the button on. */
export interface ExpectedCourse {
  everyS: number;
  bands: Record<Coursed, Band>;
  /** between when each thing should happen, s after the button; absent where it never did in any */
  events: Partial<Record<BenchEvent['kind'], { fromS: number; toS: number }>>;
  /** of the courses tried, those that reached full output */ litShare: number;
}
/** How far what a build is told to be may be off, as shares; and a controller’s own times. Lorbet’s own assumption, no source. */
const off = { dose: 0.08, air: 0.12, feed: 0.2, plug: 0.1, efficiency: 0.05, medium: 0.15, times: 0.25 } as const;
const roomK = 3;
const restV = 0.08;

/**
 * The band in which a start should run: the simulated heater with the figures of a build, lit many times with each of them drawn within what it may be off.
 * @param forS s after the button @param everyS between two points @param courses how many are tried
 * @throws RangeError naming quantity, value and bounds
 * @source Monte Carlo over the bench heater; how far figures are off: assumption, no source
 */
export function expectedCourse(facts: BenchFacts, { forS = 480, everyS = 2, courses = 16, seed = 1 } = {}): ExpectedCourse {
  within('length of the course', forS, 's', { above: 0, max: 7200 });
  const points = Math.floor(forS / everyS) + 1;
  const bands = Object.fromEntries(
    coursed.map((quantity) => [
      quantity,
      { low: new Array<number>(points).fill(Infinity), high: new Array<number>(points).fill(-Infinity) },
    ]),
  ) as Record<Coursed, Band>;
  const events: ExpectedCourse['events'] = {};
  let reached = 0;
  for (let k = 0; k < courses; k += 1) {
    const draw = seeded(seed * 1000 + k);
    // The first is as the build has it.
    const by = (share: number) => (k === 0 ? 1 : 1 + share * (2 * draw() - 1));
    const times = by(off.times);
    const roomC = facts.room.beginC + (k === 0 ? 0 : roomK * (2 * draw() - 1));
    const heater = new BenchHeater(
      {
        ...facts,
        feed: {
          ...facts.feed,
          feedOhm: facts.feed.feedOhm * by(off.feed),
          openV: facts.feed.openV + (k === 0 ? 0 : restV * (2 * draw() - 1)),
        },
        plug: { ...facts.plug, coldOhm: facts.plug.coldOhm * by(off.plug), hotOhm: facts.plug.hotOhm * by(off.plug) },
        line: { ...facts.line, doseMl: facts.line.doseMl * by(off.dose) },
        airFullKgS: facts.airFullKgS * by(off.air),
        efficiency: Math.min(0.97, facts.efficiency * by(off.efficiency)),
        medium: { ...facts.medium, fullKgS: facts.medium.fullKgS * by(off.medium) },
        room: { ...facts.room, beginC: roomC },
        times: {
          ...facts.times,
          purge: facts.times.purge * times,
          glow: facts.times.glow * times,
          ramp: facts.times.ramp * by(off.times),
        },
      },
      { seed: seed + k },
    );
    heater.press(true);
    let full = false;
    for (let i = 0; i < points; i += 1) {
      if (i > 0) heater.run(everyS);
      for (const { kind } of heater.takeEvents()) {
        const known = events[kind];
        events[kind] = { fromS: Math.min(known?.fromS ?? Infinity, heater.s), toS: Math.max(known?.toS ?? 0, heater.s) };
        full ||= kind === 'full';
      }
      for (const quantity of coursed) {
        const { low, high } = bands[quantity];
        const value = heater.readings[quantity];
        low[i] = Math.min(low[i] ?? Infinity, value);
        high[i] = Math.max(high[i] ?? -Infinity, value);
      }
    }
    if (full) reached += 1;
  }
  return { everyS, bands, events, litShare: reached / courses };
}

/** Between what a quantity should lie at a time after the button; null before the button and beyond the course. */
export function bandAt(
  { everyS, bands }: ExpectedCourse,
  quantity: Coursed,
  s: number,
  slackS = 0,
): { low: number; high: number } | null {
  const { low, high } = bands[quantity];
  if (s < 0 || s > (low.length - 1) * everyS) return null;
  const [from, to] = [Math.max(0, Math.floor((s - slackS) / everyS)), Math.min(low.length - 1, Math.ceil((s + slackS) / everyS))];
  return { low: Math.min(...low.slice(from, to + 1)), high: Math.max(...high.slice(from, to + 1)) };
}
