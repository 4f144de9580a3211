import Papa from 'papaparse';
import type { Column } from '../core/build/field';
import { columnsOf, lists, type AnyRow, type CellValue, type ListId } from '../core/build/lists';
import { cellProblem } from '../core/commands/changeRows';
import { parseQuantity } from '../core/units/parseQuantity';

export const rowsCsvMaxBytes = 200_000;
/** Columns that a table of plain cells can hold. */
const plain = (list: ListId, only?: readonly string[]): [string, Column][] =>
  Object.entries(columnsOf(list)).filter(
    ([name, column]) => column.kind !== 'layers' && !('fixed' in column && column.fixed) && (!only || only.includes(name)),
  );

/** Rows of a list as CSV: a column each, choices in words. What a spreadsheet would take for a formula is marked as text. */
export function writeRowsCsv(list: ListId, rows: readonly Omit<AnyRow, 'id'>[], only?: readonly string[]): string {
  const columns = plain(list, only);
  const cell = (column: Column, value: CellValue | undefined): string | number => {
    if (value === undefined || typeof value === 'object') return '';
    return column.kind === 'choice' ? ((column.options as Record<string, string>)[value] ?? value) : value;
  };
  const data = rows.map((row) => columns.map(([name, column]) => cell(column, row[name])));
  return `${Papa.unparse({ fields: columns.map(([name]) => name), data }, { newline: '\n', escapeFormulae: true })}\n`;
}

export type RowsCsv = { ok: true; rows: Record<string, CellValue>[] } | { ok: false; errors: string[] };

/**
 * Reads rows from CSV whose first line names columns of the list, in any order. Empty cells are left out.
 * Any nonsense refuses the whole file, each error with its line.
 */
export function readRowsCsv(list: ListId, text: string, only?: readonly string[]): RowsCsv {
  if (text.length > rowsCsvMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${rowsCsvMaxBytes} are allowed.`] };
  const columns = new Map(plain(list, only));
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim(),
  });
  const fields = table.meta.fields ?? [];
  const strange = fields.filter((name) => !columns.has(name));
  if (fields.length === 0 || !fields.includes('name') || strange.length > 0)
    return {
      ok: false,
      errors: [
        `The first line names ${fields.join(', ').slice(0, 80) || 'nothing'}; it must name name, and may name ${[...columns.keys()].filter((n) => n !== 'name').join(', ')}.`,
      ],
    };
  if (table.data.length > lists[list].max)
    return { ok: false, errors: [`The file holds ${table.data.length} rows; allowed is ${lists[list].max}.`] };
  const errors: string[] = [];
  const rows = table.data.map((cells, i) => {
    const row: Record<string, CellValue> = {};
    for (const [name, raw = ''] of Object.entries(cells)) {
      const column = columns.get(name);
      const typed = String(raw)
        .trim()
        .replace(/^'(?=[=+\-@\t\r])/, '');
      if (!column || typed === '') continue;
      const number = column.kind === 'number' ? parseQuantity(typed, column.unit) : null;
      if (number && !number.ok) {
        // What could be read two ways is asked back; anything else is told with what is allowed.
        const asked = /two ways|of which there are/.test(number.reason);
        errors.push(
          `Line ${i + 2}: ${asked ? `${lists[list].label}, ${column.label.toLowerCase()}: “${typed.slice(0, 30)}” ${number.reason}.` : cellProblem(list, name, typed)}`,
        );
        continue;
      }
      const value = number ? number.value : column.kind === 'choice' ? choiceOf(column.options, typed) : typed;
      const problem = cellProblem(list, name, value);
      if (problem) errors.push(`Line ${i + 2}: ${problem}`);
      else row[name] = value;
    }
    if (row.name === undefined) errors.push(`Line ${i + 2}: the name is missing.`);
    return row;
  });
  if (rows.length === 0) errors.push('The file holds no rows.');
  return errors.length > 0 ? { ok: false, errors: errors.slice(0, 20) } : { ok: true, rows };
}

/** A choice by its key or by its words, in any letters. */
function choiceOf(options: Readonly<Record<string, string>>, typed: string): string {
  const wanted = typed.toLowerCase();
  return (
    Object.entries(options).find(([key, label]) => key.toLowerCase() === wanted || label.toLowerCase() === wanted)?.[0] ?? typed
  );
}
