import type { Build } from '../core/build/Build';
import type { AnyRow, ListId } from '../core/build/lists';
import { id, soundBuild, type Values } from './soundBuild';

export type Change = Partial<Record<ListId, (rows: AnyRow[]) => AnyRow[]>>;
/** The sound build with some figures changed, and some rows. */
export function withRows(values: Values, change: Change): Build {
  const build = soundBuild(values);
  const lists: Record<string, AnyRow[]> = { ...(build.lists as Record<string, AnyRow[]>) };
  for (const [list, edit] of Object.entries(change)) lists[list] = edit(lists[list] ?? []);
  return { ...build, lists };
}
export const set =
  (at: number, values: Record<string, unknown>) =>
  (rows: AnyRow[]): AnyRow[] =>
    rows.map((row, i) => (i === at ? ({ ...row, ...values } as AnyRow) : row));
export const add =
  (values: Record<string, unknown>) =>
  (rows: AnyRow[]): AnyRow[] => [...rows, { id: id(99), ...values }];
export const none = (): AnyRow[] => [];
export const without =
  (at: number) =>
  (rows: AnyRow[]): AnyRow[] =>
    rows.filter((_, i) => i !== at);
