import type { RowChange } from '../../commands/changeRows';

/** A row of a list whose rows follow each other: a segment of the line, a piece of a pipe. */
interface Ordered {
  readonly id: string;
  readonly order?: number;
}
type OrderedList = 'segments' | 'pipes' | 'loop';
/** Places begin this far apart, so that there is room between two. */
export const step = 1000;

const toPlace = (list: OrderedList, row: Ordered, to: number): RowChange[] =>
  row.order === to ? [] : [{ list, row: row.id, action: 'set', column: 'order', from: row.order ?? null, to }];

/** A place behind one of the rows, or new places for every row where there is no room left. */
export function placeAfter(list: OrderedList, rows: readonly Ordered[], i: number): { order: number; moves: RowChange[] } {
  const orders = rows.map((row, k) => row.order ?? (k + 1) * step);
  const [here, next] = [orders[i] ?? 0, orders[i + 1]];
  const order = next === undefined ? here + step : Math.floor((here + next) / 2);
  const rising = orders.every((at, k) => k === 0 || at > (orders[k - 1] ?? 0));
  const known = rows.every((row) => row.order !== undefined);
  if (known && rising && (next === undefined || (order > here && order < next))) return { order, moves: [] };
  return { order: (i + 1.5) * step, moves: rows.flatMap((row, k) => toPlace(list, row, (k + 1) * step)) };
}

/**
 * Brings rows into a wanted order by moving one of them, or by giving every row a new place where there is no room.
 * @param row the one that was moved
 */
export function putInOrder(list: OrderedList, rows: readonly Ordered[], wanted: readonly Ordered[], row: Ordered): RowChange[] {
  const at = wanted.indexOf(row);
  const [before, after] = [wanted[at - 1]?.order ?? 0, wanted[at + 1]?.order ?? (wanted[at - 1]?.order ?? 0) + 2 * step];
  const middle = Math.floor((before + after) / 2);
  if (rows.every(({ order }) => order !== undefined) && middle > before && middle < after) return toPlace(list, row, middle);
  return wanted.flatMap((one, k) => toPlace(list, one, (k + 1) * step));
}
