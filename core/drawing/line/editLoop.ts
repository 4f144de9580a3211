import type { RowOf } from '../../build/lists';
import type { RowChange } from '../../commands/changeRows';
import { placeAfter, putInOrder, step } from './rowOrder';

type Row = RowOf<'loop'>;
/** The rows as kept, in the order of flow. */
export const inOrder = (rows: readonly Row[]): Row[] =>
  rows
    .map((row, i) => ({ row, i }))
    .sort((a, b) => (a.row.order ?? Infinity) - (b.row.order ?? Infinity) || a.i - b.i)
    .map(({ row }) => row);

/** Moves a part of the loop to another place. @returns changes for one command; none where it stands there already */
export function movePart(all: readonly Row[], id: string, to: number): RowChange[] {
  const rows = inOrder(all);
  const row = rows.find((one) => one.id === id);
  if (!row) return [];
  const rest = rows.filter((one) => one.id !== id);
  const wanted = [...rest.slice(0, to), row, ...rest.slice(to)];
  return wanted.every((one, k) => one.id === rows[k]?.id) ? [] : putInOrder('loop', rows, wanted, row);
}

/** A new part behind another one, or at the end: behind a part comes a hose, behind a hose a part. */
export function addPart(all: readonly Row[], after: string | null, newId: string): RowChange[] {
  const rows = inOrder(all);
  const i = after === null ? rows.length - 1 : rows.findIndex(({ id }) => id === after);
  const { order, moves } = rows.length > 0 ? placeAfter('loop', rows, i) : { order: step, moves: [] };
  const near = rows[i];
  const values = {
    kind: near && near.kind !== 'hose' ? 'hose' : 'matrix',
    limb: near?.limb ?? 'main',
    bends: 0,
    ...(near?.boreMm === undefined ? {} : { boreMm: near.boreMm }),
    order,
  };
  return [...moves, { list: 'loop', row: newId, action: 'add', values }];
}

/** A loop to begin with: heater, matrix, tank and pump, a hose after each; what has to be measured is left open. */
export const firstLoop = (): Omit<Row, 'id'>[] =>
  (
    [
      ['heater', 'heater'],
      ['heater to matrix', 'hose'],
      ['matrix', 'matrix'],
      ['matrix to tank', 'hose'],
      ['tank', 'tank'],
      ['tank to pump', 'hose'],
      ['pump', 'pump'],
      ['pump to heater', 'hose'],
    ] as const
  ).map(([name, kind], i) => ({
    name,
    kind,
    limb: 'main',
    ...(kind === 'hose' ? { bends: 0 } : {}),
    order: (i + 1) * step,
  }));
