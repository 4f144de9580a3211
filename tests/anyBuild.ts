import fc from 'fast-check';
import { buildKinds, type Build, type BuildKind } from '../core/build/Build';
import { listIds, lists, type AnyRow, type ListId } from '../core/build/lists';
import { fieldAt, figureAt, figurePaths, type FigurePath } from '../core/build/sheets';
import { anyRow } from './anyRow';
import { id, soundBuild, withValues, type Values } from './soundBuild';

/** Any value of a figure, its bounds among them. */
export const anyValue = (path: FigurePath): fc.Arbitrary<number | string> => {
  const field = fieldAt(path);
  if (field.kind === 'choice') return fc.constantFrom(...Object.keys(field.options));
  const { min, max, decimals } = field;
  const now = Number(figureAt(soundBuild().sheets, path).planned ?? (min + max) / 2);
  return fc
    .oneof(
      fc.constantFrom(min, max),
      fc.double({ min, max, noNaN: true }),
      // Near to what is usual, where the limits lie.
      fc.double({ min: 0.3, max: 2.5, noNaN: true }).map((share) => Math.min(max, Math.max(min, now * share))),
    )
    .map((n) => Math.min(max, Math.max(min, Number(n.toFixed(decimals)) + 0)));
};

/**
 * The sound build with a few figures made anything, a row of a list or two, a few figures unknown, and another kind of thing.
 * @param among the figures that are made anything
 */
export const spoiledBuild = (maxUnknown: number, among: readonly FigurePath[] = figurePaths): fc.Arbitrary<Build> =>
  fc
    .record({
      kind: fc.constantFrom(...(Object.keys(buildKinds) as BuildKind[])),
      changed: fc
        .uniqueArray(fc.constantFrom(...among), { minLength: 1, maxLength: 10 })
        .chain((paths) => fc.tuple(...paths.map((path) => fc.tuple(fc.constant(path), anyValue(path))))),
      unknown: fc.uniqueArray(fc.constantFrom(...figurePaths), { maxLength: maxUnknown }),
      rows: fc.array(
        fc.constantFrom(...listIds).chain((list) => fc.tuple(fc.constant(list), anyRow(list))),
        { maxLength: 2 },
      ),
    })
    .map(({ kind, changed, unknown, rows }) => {
      const values = Object.fromEntries([...changed, ...unknown.map((path) => [path, null] as const)]) as Values;
      const build = withValues(soundBuild(), values);
      const tables = { ...build.lists } as Record<ListId, AnyRow[]>;
      rows.forEach(([list, row], i) => {
        const known = tables[list] ?? [];
        if (known.length < lists[list].max) tables[list] = [...known, { ...row, id: id(8000 + i) }];
      });
      return { ...build, identity: { ...build.identity, kind }, lists: tables };
    });
