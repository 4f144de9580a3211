import { dayMin } from '../../units/timeOfDay';
import { within } from '../within';

/** The days on which a start is made; Monday is 0. */
export const timerDays = {
  daily: 'every day',
  workdays: 'Monday to Friday',
  weekend: 'Saturday and Sunday',
  mon: 'Mondays',
  tue: 'Tuesdays',
  wed: 'Wednesdays',
  thu: 'Thursdays',
  fri: 'Fridays',
  sat: 'Saturdays',
  sun: 'Sundays',
} as const;
export type TimerDays = keyof typeof timerDays;
const single = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
/** Whether a start is made on a day, 0 for Monday to 6. */
export const isOn = (days: TimerDays, day: number): boolean =>
  days === 'daily' || (days === 'workdays' ? day < 5 : days === 'weekend' ? day > 4 : single[day] === days);

/** A start as it is set: minutes after midnight, for how long, and on which days. */
export interface StartSet {
  startMin: number;
  /** minutes until it ends by itself; null where somebody ends it */ runMin: number | null;
  days: TimerDays;
  /** lit by hand, whatever the controller’s clock shows */ byHand?: boolean;
}
/** So long the heater is asked to burn: minutes of true time since the midnight before the evening. */
export interface Spell {
  fromMin: number;
  toMin: number;
  /** it ends because its time is up, and not because somebody switches it off */ byItself: boolean;
}
/** Clocks on the wall are put on (1 h) or back (−1 h) at a time of true minutes; a controller's is not. */
export interface ClockChange {
  atMin: number;
  byMin: number;
}
/** What a clock on the wall shows. @param min of true time since the midnight before the evening */
export const wallMin = (min: number, change?: ClockChange): number => min + (change && min >= change.atMin ? change.byMin : 0);
/** When a clock on the wall comes to show so much. A time that is left out is when the clock is put on; one that comes twice is its first. */
export function whenWallShows(wall: number, change?: ClockChange): number {
  if (!change || wall < change.atMin) return wall;
  return Math.max(change.atMin, wall - change.byMin);
}

/**
 * When a heater burns, by what is set.
 * @param evening day of the week of the evening, 0 for Monday
 * @param offMin so far the controller's clock is ahead of the true time, −720 to 720
 * @param offAtMin when, of every day, that which has no end of its own is switched off
 * @returns spells from the midnight before the evening on, in order; those that meet are one
 * @throws RangeError naming quantity, value and bounds
 * @example burnSpells([{ startMin: 1320, runMin: 180, days: 'daily' }], 0, 0, 1860) // [{ fromMin: -120, toMin: 60, byItself: true }, { fromMin: 1320, toMin: 1500, byItself: true }, { fromMin: 2760, toMin: 2940, byItself: true }]
 */
export function burnSpells(starts: readonly StartSet[], evening: number, offMin: number, offAtMin: number): Spell[] {
  within('difference of the controller’s clock', offMin, 'min', { min: -720, max: 720 });
  const all: Spell[] = [];
  for (const { startMin, runMin, days, byHand } of starts)
    // The night before may still burn into this day, and the evening after must not be forgotten where a clock is behind.
    for (const day of [-1, 0, 1]) {
      if (!isOn(days, (((evening + day) % 7) + 7) % 7)) continue;
      const fromMin = day * dayMin + startMin - (byHand ? 0 : offMin);
      // What has no end of its own is switched off the next time that somebody is there to do it.
      const untilOff = (((offAtMin - fromMin) % dayMin) + dayMin) % dayMin || dayMin;
      all.push({ fromMin, toMin: fromMin + (runMin ?? untilOff), byItself: runMin !== null });
    }
  all.sort((a, b) => a.fromMin - b.fromMin);
  const spells: Spell[] = [];
  for (const one of all) {
    const last = spells[spells.length - 1];
    if (last && one.fromMin <= last.toMin) {
      if (one.toMin > last.toMin) Object.assign(last, { toMin: one.toMin, byItself: one.byItself });
    } else if (one.toMin > one.fromMin) spells.push({ ...one });
  }
  return spells;
}
