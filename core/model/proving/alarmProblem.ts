import type { Build } from '../../build/Build';
import { lists, type RowOf } from '../../build/lists';
import { fittedStarts } from '../startup/fittedStarts';

export type AlarmProblem =
  | { problem: 'quiet' | 'unmade' | 'forHomes' }
  | { problem: 'ended'; day: string }
  | { problem: 'height'; atMm: number; fromMm: number; toMm: number }
  | { problem: 'near'; atMm: number; awayMm: number };

/** What has to be known of an alarm before it can be told sound. */
const told = ['made', 'sounds', 'endsAt', 'aboveFloorMm', 'wantsFromMm', 'wantsToMm', 'fromHeaterMm', 'wantsAwayMm'] as const;
/** Labels of what is not known of an alarm yet. */
export const alarmLacks = (row: RowOf<'alarms'>): string[] =>
  told.filter((column) => row[column] === undefined).map((column) => lists.alarms.columns[column].label.toLowerCase());

/**
 * What is wrong with one alarm by its own manual and date, the worst of it; null where nothing is known to be.
 */
export function alarmProblem(build: Build, row: RowOf<'alarms'>): AlarmProblem | null {
  if (row.sounds === 'no') return { problem: 'quiet' };
  const litAt = fittedStarts(build).at(-1)?.at;
  if (row.endsAt !== undefined && litAt !== undefined && Date.parse(row.endsAt) < Date.parse(litAt))
    return { problem: 'ended', day: row.endsAt.slice(0, 10) };
  const { aboveFloorMm: atMm } = row;
  const [fromMm, toMm] = [row.wantsFromMm ?? 0, row.wantsToMm ?? lists.alarms.columns.wantsToMm.max];
  if (atMm !== undefined && (atMm < fromMm || atMm > toMm)) return { problem: 'height', atMm, fromMm, toMm };
  if (row.fromHeaterMm !== undefined && row.wantsAwayMm !== undefined && row.fromHeaterMm < row.wantsAwayMm)
    return { problem: 'near', atMm: row.fromHeaterMm, awayMm: row.wantsAwayMm };
  if (row.made === 'none') return { problem: 'unmade' };
  return row.made === 'home' && build.identity.kind !== 'building' ? { problem: 'forHomes' } : null;
}

/** The day on which the first alarm runs out, YYYY-MM-DD; null where none is entered. */
export function alarmEndsDay(build: Build): string | null {
  const days = (build.lists?.alarms ?? []).flatMap(({ endsAt }) => (endsAt === undefined ? [] : [endsAt.slice(0, 10)]));
  return days.sort()[0] ?? null;
}
