import type { AssumedFigure } from './Assumption';
import type { Build } from './Build';
import type { Figure } from './field';
import { listIds, rowsOf, type ListId } from './lists';
import { figureAt, type FigurePath, type SheetId, type SheetValues } from './sheets';

/** The assumption that stands for a figure; null where there is none, or somebody has planned or measured it. */
export function assumedAt(build: Build, path: FigurePath): AssumedFigure | null {
  const assumed = build.assumed?.figures[path];
  if (!assumed) return null;
  const { planned, fitted } = figureAt(build.sheets, path);
  return planned === null && fitted === null ? assumed : null;
}

/** Whether the rows of a list are assumed: nobody has made one. */
export const isListAssumed = (build: Build, list: ListId): boolean =>
  rowsOf(build.lists, list).length === 0 && rowsOf(build.assumed?.lists, list).length > 0;

/** Whether a list of a build in which assumptions are taken is one of them. */
export const isTakenList = (taken: Build, list: ListId): boolean => {
  const rows = taken.lists?.[list];
  return rows !== undefined && rows.length > 0 && rows === taken.assumed?.lists?.[list];
};

/** Figures whose assumption stands. */
export const assumedPaths = (build: Build): FigurePath[] =>
  (Object.keys(build.assumed?.figures ?? {}) as FigurePath[]).filter((path) => assumedAt(build, path) !== null);
/** Lists whose assumption stands. */
export const assumedLists = (build: Build): ListId[] => listIds.filter((list) => isListAssumed(build, list));

/** The sheets with figures put in for those that nobody has said; each is marked, so that whoever reads it knows. */
export function withSupposed(sheets: SheetValues, values: Readonly<Partial<Record<FigurePath, number | string>>>): SheetValues {
  const next: Record<string, Record<string, Figure<number | string>>> = { ...sheets };
  const own = new Set<string>();
  for (const [path, value] of Object.entries(values) as [FigurePath, number | string][]) {
    const [sheet, name] = path.split('.') as [SheetId, string];
    if (!own.has(sheet)) {
      next[sheet] = { ...next[sheet] };
      own.add(sheet);
    }
    (next[sheet] as Record<string, Figure<number | string>>)[name] = { planned: value, fitted: null, assumed: true };
  }
  return next as unknown as SheetValues;
}

const views = new WeakMap<Build, Build>();
/** The build as it would be if all that is assumed were so. Only for judging and drawing: it is never kept. */
export function takeAssumed(build: Build): Build {
  if (!build.assumed) return build;
  const known = views.get(build);
  if (known) return known;
  const values = Object.fromEntries(assumedPaths(build).map((path) => [path, build.assumed?.figures[path]?.value]));
  const taken = assumedLists(build);
  const view: Build = {
    ...build,
    sheets: withSupposed(build.sheets, values),
    ...(taken.length > 0
      ? { lists: { ...build.lists, ...Object.fromEntries(taken.map((list) => [list, build.assumed?.lists?.[list]])) } }
      : {}),
  };
  views.set(build, view);
  return view;
}
