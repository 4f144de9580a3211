import fc from 'fast-check';
import type { Column } from '../core/build/field';
import { columnsOf, listIds, lists, type AnyRow, type CellValue, type ListId, type ListValues } from '../core/build/lists';
import { materials, type MaterialId } from '../core/physics/heat/materials';
import { timeText } from '../core/units/timeOfDay';
import { id } from './soundBuild';

/** Any value that a column may hold. */
export function anyCell(column: Column): fc.Arbitrary<CellValue> {
  switch (column.kind) {
    case 'number':
      return column.unit === 'pieces' || column.unit === 'px'
        ? fc.integer({ min: column.min, max: column.max })
        : fc
            .double({ min: column.min, max: column.max, noNaN: true })
            .map((n) => Number(n.toFixed(column.decimals)) + 0)
            .filter((n) => n >= column.min && n <= column.max);
    case 'choice':
      return fc.constantFrom(...Object.keys(column.options));
    case 'text':
      if (column.time) return fc.integer({ min: 0, max: 1439 }).map(timeText);
      return fc
        .string({ minLength: 1, maxLength: column.max, unit: 'grapheme' })
        .map((s) => s.slice(0, column.max))
        .filter((s) => !/\p{Cc}/u.test(s) && s.trim() === s && s !== '');
    case 'instant':
      return fc.integer({ min: 1.6e12, max: 1.9e12 }).map((ms) => new Date(ms).toISOString());
    case 'layers':
      return fc.array(
        fc.record({
          material: fc.constantFrom(...(Object.keys(materials) as MaterialId[])),
          thicknessMm: fc.integer({ min: 1, max: 900 }),
        }),
        { maxLength: column.max },
      );
  }
}

/** Any row of a list, whole or in part, without its id. */
export const anyRow = (list: ListId): fc.Arbitrary<Record<string, CellValue>> =>
  fc.record(Object.fromEntries(Object.entries(columnsOf(list)).map(([name, column]) => [name, anyCell(column)])), {
    requiredKeys: [],
  }) as fc.Arbitrary<Record<string, CellValue>>;

/** Any lists at all, a few rows each. */
export const anyLists: fc.Arbitrary<ListValues> = fc
  .tuple(...listIds.map((list) => fc.array(anyRow(list), { maxLength: Math.min(5, lists[list].max) })))
  .map(
    (all) =>
      Object.fromEntries(
        listIds.map((list, i) => [list, (all[i] ?? []).map((row, k): AnyRow => ({ ...row, id: id(1000 + i * 10 + k) }))]),
      ) as ListValues,
  );
