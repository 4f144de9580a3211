import type { Build, CoReading } from '../../build/Build';
import { repairedMs, workedMs } from './stale';

type Place = CoReading['place'];
type State = NonNullable<CoReading['state']>;
/** A reading that is wanted, and the one that answers it. */
export interface CoAsk {
  place: Place;
  state: State;
  doors: NonNullable<CoReading['doors']>;
  /** only where the wind stands on the exhaust’s side */ wind?: 'exhaust';
  /** so long the heater has been in that state first, min */ afterMin: number;
  read: CoReading | null;
}
/** The places as one walks in. Lorbet's own choice, no source. */
const way: readonly Place[] = ['outside', 'return', 'outlet', 'floor', 'pillow'];
/** What is wanted in each state, as a heater goes through them, and after how long. Common practice, no source; how long is Lorbet's own choice. */
const wanted: readonly { state: State; afterMin: number; places: readonly Place[] }[] = [
  { state: 'off', afterMin: 0, places: ['outside', 'pillow'] },
  { state: 'starting', afterMin: 1, places: ['outlet'] },
  { state: 'full', afterMin: 10, places: ['return', 'outlet', 'floor', 'pillow'] },
  { state: 'low', afterMin: 15, places: ['floor', 'pillow'] },
  { state: 'after', afterMin: 3, places: ['outlet', 'pillow'] },
];

/** All readings in the order of the least walking: through each state the way in, or the way out, whichever begins nearer. */
export function plannedAsks(): Omit<CoAsk, 'read'>[] {
  let at = 0;
  const asks = wanted.flatMap(({ state, afterMin, places }) => {
    const inward = [...places].sort((a, b) => way.indexOf(a) - way.indexOf(b));
    const ends = [inward[0], inward.at(-1)].map((place) => Math.abs(way.indexOf(place ?? 'outside') - at));
    const order = (ends[0] ?? 0) <= (ends[1] ?? 0) ? inward : inward.reverse();
    at = way.indexOf(order.at(-1) ?? 'outside');
    return order.map((place) => ({ place, state, doors: 'closed' as const, afterMin }));
  });
  // Where exhaust blows on the body: as it is read at its worst, and with a door open, through which it would come.
  const windy = { place: 'pillow', state: 'full', wind: 'exhaust', afterMin: 10 } as const;
  const afterFull = asks.findLastIndex(({ state }) => state === 'full') + 1;
  return [
    ...asks.slice(0, afterFull),
    { ...windy, doors: 'closed' as const },
    { ...windy, doors: 'open' as const },
    ...asks.slice(afterFull),
  ];
}
/** One name for each reading of the plan. */
export const askKey = ({ state, place, doors, wind }: Pick<CoAsk, 'state' | 'place' | 'doors' | 'wind'>): string =>
  [state, place, doors, wind].filter(Boolean).join('/');
/** How far one walks for readings in an order, steps from place to place. */
export const walkOf = (asks: readonly Pick<CoAsk, 'place'>[]): number =>
  asks.reduce(
    (sum, { place }, i) => sum + Math.abs(way.indexOf(place) - (i === 0 ? 0 : way.indexOf(asks[i - 1]?.place ?? 'outside'))),
    0,
  );

/**
 * How long the heater has still to be in the state of a reading before it counts, ms; never less than 0.
 * @param sinceMs since when it is in that state
 * @example waitMs({ afterMin: 10 }, 0, 4 * 60_000) // 360000
 */
export const waitMs = ({ afterMin }: Pick<CoAsk, 'afterMin'>, sinceMs: number, nowMs: number): number =>
  Math.max(0, afterMin * 60_000 - Math.max(0, nowMs - sinceMs));

/**
 * What is to be read of the air, and what of it was: since heater, air or exhaust was last worked on, and since gas was last found and mended.
 * Outside stands for itself, whatever the doors.
 * @param later what is put off, by `askKey`: it is asked again once all others were read
 */
export function coPlan(
  build: Build,
  later: ReadonlySet<string> = new Set(),
): { asks: CoAsk[]; next: CoAsk | null; done: number } {
  const fromMs = Math.max(workedMs(build, 'co'), repairedMs(build, 'co.reading'), repairedMs(build, 'co.exposure'));
  const counted = build.coReadings.filter(({ at }) => Date.parse(at) >= fromMs);
  const asks = plannedAsks().map((ask) => ({
    ...ask,
    read:
      counted.findLast(
        ({ place, state, doors, wind }) =>
          place === ask.place &&
          state === ask.state &&
          (place === 'outside' || doors === ask.doors) &&
          (ask.wind === undefined || wind === ask.wind),
      ) ?? null,
  }));
  const open = asks.filter(({ read }) => read === null);
  return {
    asks,
    next: open.find((ask) => !later.has(askKey(ask))) ?? open[0] ?? null,
    done: asks.filter(({ read }) => read !== null).length,
  };
}
