import { bandAt, type Coursed, type ExpectedCourse } from './expectedCourse';

/** A reading with its time after the button. */
export interface CourseReading {
  s: number;
  quantity: Coursed;
  value: number;
}
export interface Departure {
  quantity: Coursed;
  side: 'under' | 'over';
  /** from when, s after the button */ fromS: number;
  /** the last reading of it, s */ toS: number;
  /** it lasts still, as far as is known */ open: boolean;
  /** the farthest from its band, in its unit */ by: number;
  phase: CoursePhase;
}
export type CoursePhase = 'rest' | 'glow' | 'light' | 'ramp' | 'full' | 'after';

/** How far past its band a reading has to lie, in its unit; and for how long, s. Meters err and courses wander: Lorbet’s own choice, no source. */
const beyond: Readonly<Record<Coursed, number>> = { volts: 0.12, amps: 0.6, hertz: 0.25, outletC: 5, returnC: 5, caseC: 8 };
const lastsS = 4;
/** A course may run so much earlier or later than the band's edge. */
const slackS = 6;

/** Events of a start, s after the button, as they are known so far. */
export interface CourseEvents {
  glow?: number;
  pump?: number;
  flame?: number;
  full?: number;
  off?: number;
}
/** What it is doing at a time. */
export function phaseAt({ glow, pump, flame, full, off }: CourseEvents, s: number): CoursePhase {
  if (off !== undefined && s >= off) return 'after';
  if (full !== undefined && s >= full) return 'full';
  if (flame !== undefined && s >= flame) return 'ramp';
  if (pump !== undefined && s >= pump) return 'light';
  return glow !== undefined && s >= glow ? 'glow' : 'rest';
}

/**
 * Where readings leave the band of what should be, spell by spell. After the button off nothing is expected any more.
 * @param readings of each quantity in order of time, one quantity after the other or mixed
 * @returns in the order in which they began
 */
export function departuresOf(course: ExpectedCourse, readings: readonly CourseReading[], events: CourseEvents): Departure[] {
  const running = new Map<Coursed, Departure>();
  const done: Departure[] = [];
  const close = (quantity: Coursed) => {
    const spell = running.get(quantity);
    running.delete(quantity);
    if (spell && spell.toS - spell.fromS >= lastsS) done.push({ ...spell, open: false });
  };
  for (const { s, quantity, value } of readings) {
    if (events.off !== undefined && s >= events.off) {
      close(quantity);
      continue;
    }
    const band = bandAt(course, quantity, s, slackS);
    const past = band ? (value < band.low ? value - band.low : value > band.high ? value - band.high : 0) : 0;
    if (Math.abs(past) <= beyond[quantity]) {
      close(quantity);
      continue;
    }
    const side = past < 0 ? 'under' : 'over';
    const spell = running.get(quantity);
    if (spell && spell.side === side) {
      spell.toS = s;
      spell.by = Math.max(spell.by, Math.abs(past));
    } else {
      close(quantity);
      running.set(quantity, { quantity, side, fromS: s, toS: s, open: true, by: Math.abs(past), phase: phaseAt(events, s) });
    }
  }
  for (const spell of running.values()) if (spell.toS - spell.fromS >= lastsS) done.push(spell);
  return done.sort((a, b) => a.fromS - b.fromS);
}
