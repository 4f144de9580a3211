import type { ListId } from './lists';
import { figurePaths, type FigurePath } from './sheets';

/** A part of a sheet that fits in a window or two: its figures by group, its lists, and the checks that are told there. */
export interface Section {
  label: string;
  /** figures by the caption of their group */ figures: Readonly<Record<string, readonly FigurePath[]>>;
  lists: readonly ListId[];
  /** ids of checks, or how they begin */ checks: readonly string[];
}

/** Those that some group names. */
const named = new Set<FigurePath>();
/** Figures of a sheet by their names. */
export const of = <S extends string>(sheet: S, names: string): FigurePath[] => {
  const paths = names.split(' ').map((name) => `${sheet}.${name}` as FigurePath);
  for (const path of paths) named.add(path);
  return paths;
};
/** The figures of a sheet that no group names: a new one is asked for there, without being entered here. */
export const rest = (...sheets: string[]): FigurePath[] =>
  figurePaths.filter((path) => !named.has(path) && sheets.includes(path.split('.')[0] ?? ''));
/** All figures of a sheet. */
export const sheet = (name: string): FigurePath[] => figurePaths.filter((path) => path.startsWith(`${name}.`));
type Groups = Section['figures'];
/** A section by its label and what it holds. */
export const section = <const F extends Groups = Record<never, readonly FigurePath[]>>(
  label: string,
  { figures, lists = [], checks = [] }: { figures?: F; lists?: readonly ListId[]; checks?: readonly string[] } = {},
): Section & { readonly figures: F } => ({ label, figures: figures ?? ({} as F), lists, checks });
