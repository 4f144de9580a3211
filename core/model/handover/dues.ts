import { visitWorks, type Build } from '../../build/Build';
import { alarmEndsDay } from '../proving/alarmProblem';
import { provingStart } from '../startup/fittedStarts';

/**
 * What comes round again after hand-over, and every how many months.
 * Common practice, no published source; the intervals are Lorbet’s own choice, and the maker’s manual goes before them. The owner’s sheet says so.
 */
export const dueKinds = {
  /** fuel joints, since what weeps shows in the first weeks */ leaks: { firstMonths: 1, everyMonths: 6 },
  /** clamps, pipe and where it ends */ exhaust: { firstMonths: 6, everyMonths: 6 },
  /** the alarm’s test button, and the date on its back */ alarm: { firstMonths: 1, everyMonths: 1 },
  /** filter, screen, plug, soot */ service: { firstMonths: 12, everyMonths: 12 },
} as const satisfies Record<string, { firstMonths: number; everyMonths: number }>;
/** What comes round, and the one thing that comes once: the day on which the alarm’s date runs out. */
export type DueKind = keyof typeof dueKinds | 'alarmEnds';
/** What each is called in a workshop. */
export const dueWords: Readonly<Record<DueKind, string>> = { ...visitWorks, alarmEnds: 'the alarm’s date runs out' };
export interface Due {
  kind: DueKind;
  /** the first day on which it is due, YYYY-MM-DD */ firstDay: string;
  /** null where it comes once */ everyMonths: number | null;
}

/** A day so many months on; the last of the month where that one is shorter. */
export function monthsOn(day: string, months: number): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  const at = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + 1, 0)).getUTCDate();
  at.setUTCDate(Math.min(date, last));
  return at.toISOString().slice(0, 10);
}

/** The 28th at the latest: a day that each month has, so that what comes round is left out in none. */
const inEachMonth = (day: string): string => (day.slice(8) > '28' ? `${day.slice(0, 8)}28` : day);

/** The day from which all is counted: when it was last signed, else when it last reached full output; null where neither was. */
export function handedOverDay(build: Build): string | null {
  const at = build.signatures.at(-1)?.at ?? provingStart(build)?.run.at;
  return at?.slice(0, 10) ?? null;
}

export interface NextDue {
  kind: DueKind;
  /** YYYY-MM-DD */ day: string;
}
/**
 * What is due next, and on which day: by hand-over, and each thing anew from the visit at which it was done last. The alarm is the owner's to test.
 * @returns null before hand-over
 */
export function nextDue(build: Build): NextDue | null {
  const handedOver = handedOverDay(build);
  if (handedOver === null) return null;
  const ends = alarmEndsDay(build);
  const all: NextDue[] = (['leaks', 'exhaust', 'service'] as const).map((kind) => {
    const done = build.visits?.findLast(({ did }) => did.includes(kind))?.at.slice(0, 10);
    const { firstMonths, everyMonths } = dueKinds[kind];
    return { kind, day: done ? monthsOn(done, everyMonths) : monthsOn(handedOver, firstMonths) };
  });
  if (ends !== null) all.push({ kind: 'alarmEnds', day: ends });
  return all.reduce((first, one) => (one.day < first.day ? one : first));
}

/** What is due after hand-over, and when; null before there was one. */
export function duesOf(build: Build): Due[] | null {
  const day = handedOverDay(build);
  if (day === null) return null;
  const round = (Object.keys(dueKinds) as (keyof typeof dueKinds)[]).map((kind) => ({
    kind,
    firstDay: monthsOn(inEachMonth(day), dueKinds[kind].firstMonths),
    everyMonths: dueKinds[kind].everyMonths,
  }));
  const ends = alarmEndsDay(build);
  return ends === null ? round : [...round, { kind: 'alarmEnds', firstDay: ends, everyMonths: null }];
}
