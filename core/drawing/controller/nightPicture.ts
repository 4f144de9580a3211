import type { Build } from '../../build/Build';
import { knownOrAssumed } from '../../figures/knownOrAssumed';
import { nightSettingsOf, nightsBy, worstOfWeek, type ComingNight, type NightKind } from '../../model/controller/comingNight';
import { wallMin, type ClockChange } from '../../physics/time/burnSpells';
import type { NotMeasured } from '../../reading/NotMeasured';
import { dayMin, timeText } from '../../units/timeOfDay';

/** The nights in which clocks on the wall are changed, by the true minutes since the midnight before. From memory: an hour on at two, an hour back at three. */
export const clockChanges = {
  none: null,
  forward: { atMin: dayMin + 120, byMin: 60 },
  back: { atMin: dayMin + 180, byMin: -60 },
} as const satisfies Record<string, ClockChange | null>;
export type ClockChangeId = keyof typeof clockChanges;

/** Something that happens in a night, and when by the clock on the wall. */
export interface NightEvent {
  kind: 'lit' | 'ends' | 'off' | 'coldest' | 'up';
  min: number;
  time: string;
  airC: number;
}
export interface NightPicture {
  night: ComingNight;
  /** the other evenings of the week that differ, the worst first */ all: ComingNight[];
  events: NightEvent[];
  /** null at a fixed rate */ targetC: number | null;
  maxKw: number;
  /** some of it rests on what is only assumed */ assumed: boolean;
  change: ClockChange | undefined;
}

/** Two things nearer than this are one, min. */
const sameMin = 10;
function eventsOf({ spells, points, lowest, wakeMin, warmedMin }: ComingNight, change?: ClockChange): NightEvent[] {
  const [first, last] = [points[0]?.min ?? 0, points[points.length - 1]?.min ?? 0];
  const at = (kind: NightEvent['kind'], min: number): NightEvent[] => {
    const point = points[Math.round(min - first)];
    return point && min >= first && min < last ? [{ kind, min, time: timeText(wallMin(min, change)), airC: point.airC }] : [];
  };
  const all = [
    ...spells.flatMap(({ fromMin, toMin, byItself }) => [...at('lit', fromMin), ...at(byItself ? 'ends' : 'off', toMin)]),
    // Coldest as the judging begins: it only gets warmer, and nothing is to be told.
    ...(Math.abs(lowest.min - wakeMin) < sameMin || lowest.min - warmedMin < sameMin ? [] : at('coldest', lowest.min)),
    ...at('up', wakeMin),
  ];
  return all.sort((a, b) => a.min - b.min);
}

/**
 * The coming night as the controller is set, for a drawing.
 * @param evening which of the evenings that differ; the worst where nothing is said
 * @returns what is missing where it can't be told
 */
export function nightPicture(
  build: Build,
  { kind, change: id, evening = 0 }: { kind: NightKind; change: ClockChangeId; evening?: number },
): NightPicture | { missing: NotMeasured } {
  const change = clockChanges[id] ?? undefined;
  const found = knownOrAssumed(build, (read) => {
    const settings = nightSettingsOf(read);
    const nights = nightsBy(read, kind, settings, change);
    const worst = worstOfWeek(nights);
    return { all: [worst, ...nights.filter((one) => one !== worst)], settings };
  });
  if ('missing' in found) return found;
  const { all, settings } = found.value;
  const night = all[evening] ?? worstOfWeek(all);
  const { targetC, maxKw } = settings.regulation;
  return { night, all, events: eventsOf(night, change), targetC, maxKw, assumed: found.assumed, change };
}
