import type { FieldTable, Figure, Sheet, ValueOf } from './field';
import { airSheets } from './sheetTables/air';
import { controllerSheets } from './sheetTables/controller';
import { fuelSheets } from './sheetTables/fuel';
import { sitingSheets } from './sheetTables/siting';
import { surveySheets } from './sheetTables/survey';
import { warmthSheets } from './sheetTables/warmth';
import { wiringSheets } from './sheetTables/wiring';

/**
 * Every figure of a build: its unit, its bounds, where it sits on the run, what the quick-entry line calls it.
 * Types, validation, forms, the quick-entry grammar and the documents are all made from this table.
 * Bounds keep slips of the pen out; they are no judgement (that is what findings are for).
 */
export const sheets = {
  ...surveySheets,
  ...sitingSheets,
  ...fuelSheets,
  ...airSheets,
  ...warmthSheets,
  ...wiringSheets,
  ...controllerSheets,
} as const;

export type Sheets = typeof sheets;
export type SheetId = keyof Sheets;
export type SheetValues = { [S in SheetId]: Sheet<Sheets[S]> };
export type FigurePath = { [S in SheetId]: `${S}.${keyof Sheets[S] & string}` }[SheetId];
export type ValueAt<P extends FigurePath> = P extends `${infer S extends SheetId}.${infer K}`
  ? K extends keyof Sheets[S]
    ? ValueOf<Sheets[S][K]>
    : never
  : never;

export const sheetIds = Object.keys(sheets) as SheetId[];
/** Sheets that came after the first builds were kept: a document without them is whole, and its signature still holds. */
export const laterSheets: readonly SheetId[] = [
  'survey',
  'people',
  'uncertainties',
  'kit',
  'siting',
  'tank',
  'line',
  'ends',
  'pipes',
  'warmth',
  'controller',
  'found',
];
export const figurePaths = sheetIds.flatMap((sheet) =>
  Object.keys(sheets[sheet]).map((name) => `${sheet}.${name}` as FigurePath),
);

/** Each figure's place and table row, looked up once: findings ask for them by the thousand. */
const rows = new Map(
  figurePaths.map((path) => {
    const [sheet, name] = path.split('.') as [SheetId, string];
    return [path, { sheet, name, field: (sheets[sheet] as FieldTable)[name] as FieldTable[string] }] as const;
  }),
);
const blank: Figure<never> = { planned: null, fitted: null };

/** The table row of a figure. Throws where no such figure exists: callers at a boundary ask `isFigurePath` first. */
export function fieldAt(path: FigurePath) {
  const found = rows.get(path);
  if (!found) throw new Error(`No figure is called ${path}.`);
  return found.field;
}

export const isFigurePath = (path: string): path is FigurePath => rows.has(path as FigurePath);

export function figureAt(values: SheetValues, path: FigurePath): Figure<number | string> {
  const at = rows.get(path);
  return (at && (values[at.sheet] as Record<string, Figure<number | string>> | undefined)?.[at.name]) ?? blank;
}

/** What counts now: as fitted where measured, else as planned. */
export function valueAt<P extends FigurePath>(values: SheetValues, path: P): ValueAt<P> | null {
  const figure = figureAt(values, path);
  return (figure.fitted ?? figure.planned) as ValueAt<P> | null;
}
