import { originKey } from '../record/Origin';
import { ValidationError } from 'yup';
import type { Build } from '../build/Build';
import { cellSchema } from '../build/schemaParts';
import type { Column } from '../build/field';
import { columnAt, isListId, listIds, lists, rowsOf, type AnyRow, type CellValue, type ListId } from '../build/lists';
import { canonicalJson } from '../record/canonicalJson';
import { isWet, wetness } from '../model/fuel/leakDue';
import { materials } from '../physics/heat/materials';
import { formatShort } from '../units/formatNumber';

/** One change of a list: a row more, one cell of a row, a row less. `from` is what the person saw. */
export type RowChange =
  | { list: ListId; row: string; action: 'add'; values: Readonly<Record<string, CellValue>> }
  | { list: ListId; row: string; action: 'set'; column: string; from: CellValue | null; to: CellValue | null }
  | { list: ListId; row: string; action: 'remove' };

export interface RowClash {
  key: string;
  label: string;
  theirs: number | string | null;
  yours: number | string | null;
  /** Theirs as it is kept, of a cell that is shown in words. */
  held?: CellValue | null;
}
export type RowsChanged = { ok: true; build: Build } | { ok: false; errors: string[]; clashes: RowClash[] };

const same = (a: unknown, b: unknown) => canonicalJson(a ?? null) === canonicalJson(b ?? null);

const plain = (value: unknown): string =>
  typeof value === 'string' ? value : typeof value === 'number' ? String(value) : (JSON.stringify(value) ?? typeof value);

/** A cell in words. @example cellText({ kind: 'number', unit: 'mm' }, 12) // "12 mm" */
export function cellText(column: Column | undefined, value: unknown): string {
  if (value === null || value === undefined) return 'empty';
  if (Array.isArray(value))
    return value.length === 0
      ? 'none'
      : (value as { material: keyof typeof materials; thicknessMm: number }[])
          .map(({ material, thicknessMm }) => `${materials[material]?.label ?? material} ${formatShort(thicknessMm, 1)} mm`)
          .join(', ');
  if (column?.kind === 'number')
    return column.unit === 'pieces' ? formatShort(Number(value)) : `${formatShort(Number(value), 3)} ${column.unit}`;
  if (column?.kind === 'instant') return `${plain(value).slice(0, 16).replace('T', ' ')} UTC`;
  if (column?.kind === 'choice') return (column.options as Record<string, string>)[plain(value)] ?? plain(value);
  return plain(value);
}

/** What a row is called: its name, or what it is. */
export function rowName(list: ListId, row: AnyRow | Readonly<Record<string, unknown>>): string {
  const kind = columnAt(list, 'kind');
  for (const name of ['name', 'caption'] as const) if (typeof row[name] === 'string') return row[name];
  return kind && row.kind !== undefined ? cellText(kind, row.kind) : lists[list].one;
}

/** Why a value can't stand in a cell, as one sentence; null where it can. */
export function cellProblem(list: ListId, name: string, value: unknown): string | null {
  const column = columnAt(list, name);
  if (!column) return `${lists[list].label} have no column ${name.slice(0, 40)}.`;
  try {
    cellSchema(column).validateSync(value, { strict: true });
    return null;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const shown = plain(value).slice(0, 60);
    const about = `${lists[list].label}, ${column.label.toLowerCase()}`;
    switch (column.kind) {
      case 'number': {
        const whole = column.unit === 'pieces' || column.unit === 'px';
        return `${about} is ${shown}${typeof value === 'number' && !whole ? ` ${column.unit}` : ''}; allowed is ${whole ? 'a whole number from ' : ''}${column.min} to ${column.max}${whole ? '' : ` ${column.unit}`}.`;
      }
      case 'choice':
        return `${about} is ${shown}; allowed is one of: ${Object.values(column.options).join(', ')}.`;
      case 'text':
        if (column.time) return `${about} is “${shown}”; allowed is a time of day, 00:00 to 23:59.`;
        return `${about} is “${shown}”; allowed is plain text of 1 to ${column.max} characters.`;
      case 'instant':
        return `${about} is ${shown}; allowed is a time such as 2026-11-24T08:30:00Z.`;
      case 'layers': {
        const bad = Array.isArray(value)
          ? (value as { material?: unknown; thicknessMm?: unknown }[]).find(
              (l) =>
                !(typeof l?.thicknessMm === 'number' && l.thicknessMm >= 0.1 && l.thicknessMm <= 1000) ||
                !Object.hasOwn(materials, String(l.material)),
            )
          : undefined;
        return bad
          ? `${about}: ${Object.hasOwn(materials, String(bad.material)) ? materials[bad.material as keyof typeof materials].label : String(bad.material).slice(0, 30)} is ${String(bad.thicknessMm).slice(0, 20)} mm thick; allowed is a known material of 0.1 to 1000 mm.`
          : `${about} is ${shown}; allowed is up to ${column.max} layers of a known material.`;
      }
    }
  }
}

/** What each changed row was called before: the ledger tells of it long after the row is gone. */
export const rowNames = (build: Build, changes: readonly RowChange[]): string[] =>
  changes.map(({ list, row }) => {
    const known = rowsOf(build.lists, list).find((r) => r.id === row);
    return known ? rowName(list, known) : '';
  });

/** Why a joint that was found wet can't be made dry by writing over it; null where that is not done. */
function wetProblem(row: AnyRow, change: RowChange): string | null {
  if (!isWet(row)) return null;
  const wet = (value: unknown): value is string => typeof value === 'string' && wetness.includes(value);
  const dries = (column: string, to: unknown) =>
    column === 'wipedAt' || ((column === 'warmFound' || column === 'nightFound') && wet(row[column]) && !wet(to));
  const clears = change.action === 'remove' || (change.action === 'set' && dries(change.column, change.to));
  if (!clears) return null;
  const found = [row.nightFound, row.warmFound].find(wet) ?? '';
  return `${rowName('leaks', row)} was found ${found}; record its cause and repair first, then wipe it and look anew.`;
}

/**
 * Adds, changes and removes rows; all of it, or nothing.
 * A cell that somebody else has changed since is a clash; removing a row that is gone already is no error.
 */
export function changeRows(build: Build, changes: readonly RowChange[]): RowsChanged {
  const tables: Partial<Record<ListId, AnyRow[]>> = {};
  for (const id of listIds) {
    const rows = build.lists?.[id];
    if (rows) tables[id] = [...(rows as unknown as AnyRow[])];
  }
  const errors: string[] = [];
  const clashes: RowClash[] = [];
  for (const change of changes) {
    if (!isListId(change.list)) {
      errors.push(`${String(change.list).slice(0, 40)} is no list of a build.`);
      continue;
    }
    const { list, row: id } = change;
    const { one, label, max } = lists[list];
    const rows = (tables[list] ??= []);
    const at = rows.findIndex((row) => row.id === id);
    const known = rows[at];
    const wet = known && list === 'leaks' ? wetProblem(known, change) : null;
    if (wet) {
      errors.push(wet);
      continue;
    }
    if (change.action === 'remove') {
      if (known) rows.splice(at, 1);
      continue;
    }
    if (change.action === 'add') {
      const problems = Object.entries(change.values).flatMap(([name, value]) => cellProblem(list, name, value) ?? []);
      if (known && !same(known, { ...change.values, id }))
        problems.push(`${label}: there is a ${one} with the id ${id} already.`);
      if (!known && rows.length >= max) problems.push(`${label}: ${rows.length + 1} rows; allowed is ${max}.`);
      errors.push(...problems);
      if (problems.length === 0 && !known) rows.push({ ...change.values, id });
      continue;
    }
    if (!known) {
      errors.push(
        `The ${one} whose ${columnAt(list, change.column)?.label.toLowerCase() ?? 'cell'} was to be changed is no longer there.`,
      );
      continue;
    }
    const column = columnAt(list, change.column);
    const problem =
      column && 'fixed' in column && column.fixed
        ? `${label}, ${column.label.toLowerCase()} can’t be changed.`
        : change.to === null && column
          ? null
          : cellProblem(list, change.column, change.to);
    if (problem) {
      errors.push(problem);
      continue;
    }
    const now = known[change.column];
    if (!same(now, change.from) && !same(now, change.to)) {
      const told = (v: unknown) => (typeof v === 'number' ? v : v === null || v === undefined ? null : cellText(column, v));
      clashes.push({
        key: originKey.row(list, id, change.column),
        label: `${rowName(list, known)}, ${column?.label.toLowerCase() ?? change.column}`,
        theirs: told(now),
        yours: told(change.to),
        held: now ?? null,
      });
      continue;
    }
    const { [change.column]: _was, ...rest } = known;
    rows[at] = (change.to === null ? rest : { ...rest, [change.column]: change.to }) as AnyRow;
  }
  if (errors.length > 0 || clashes.length > 0) return { ok: false, errors, clashes };
  const full = Object.fromEntries(Object.entries(tables).filter(([, rows]) => rows.length > 0));
  const { lists: _lists, ...bare } = build;
  return { ok: true, build: Object.keys(full).length > 0 ? { ...bare, lists: full } : bare };
}
