import type { Build } from '../../build/Build';
import type { Column, Field } from '../../build/field';
import { columnAt, rowsOf, type ListId } from '../../build/lists';
import { assumedAt } from '../../build/takeAssumed';
import { fieldAt, figureAt, valueAt, type FigurePath } from '../../build/sheets';
import { showFigure } from '../../figures/showFigure';
import { formatShort } from '../../units/formatNumber';
import { metric } from '../../units/inUnits';
import type { Ink } from '../run/runGeometry';

/** What is typed at a place of a drawing: a figure of a sheet, or one cell of a row of a list. */
export type DrawnCell = { readonly path: FigurePath } | { readonly list: ListId; readonly row: string; readonly column: string };

/** One name for each, as the drawing and its tests tell them apart. */
export const cellKey = (cell: DrawnCell): string => ('path' in cell ? cell.path : `${cell.list}/${cell.row}/${cell.column}`);

/** What it may hold. @throws RangeError where a list has no such column */
export function fieldOfCell(cell: DrawnCell): Field | Column {
  if ('path' in cell) return fieldAt(cell.path);
  const column = columnAt(cell.list, cell.column);
  if (!column) throw new RangeError(`${cell.list} has no column ${cell.column}.`);
  return column;
}

/** What it holds; null where nobody has said. */
export function cellValue(build: Build, cell: DrawnCell): number | string | null {
  if ('path' in cell) return valueAt(build.sheets, cell.path);
  const row = rowsOf(build.lists, cell.list).find(({ id }) => id === cell.row);
  const value = (row as Readonly<Record<string, unknown>> | undefined)?.[cell.column];
  return typeof value === 'number' || typeof value === 'string' ? value : null;
}

/** How surely it is known: nobody has said, planned, measured; what is given, or stands in a row, is as good as measured. */
export function inkOfCell(build: Build, cell: DrawnCell): Ink {
  if (!('path' in cell)) return cellValue(build, cell) === null ? 'unknown' : 'fitted';
  const { planned, fitted } = figureAt(build.sheets, cell.path);
  if (fitted !== null || (fieldAt(cell.path).given && planned !== null)) return 'fitted';
  return planned === null ? 'unknown' : 'planned';
}

/** What it holds, in words, metric. */
export function cellInWords(build: Build, cell: DrawnCell): string {
  const value = cellValue(build, cell);
  if (value === null) {
    const assumed = 'path' in cell ? assumedAt(build, cell.path) : null;
    return assumed && 'path' in cell ? `assumed ${showFigure(cell.path, assumed.value, metric)}` : 'not known';
  }
  if ('path' in cell) return showFigure(cell.path, value, metric);
  const field = fieldOfCell(cell);
  return field.kind === 'number' && typeof value === 'number' ? `${formatShort(value)} ${field.unit}` : String(value);
}
