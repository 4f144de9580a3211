import type { RowOf } from '../../build/lists';
import type { RowChange } from '../../commands/changeRows';
import { piecesOf, wayOf, type WayId } from '../../model/air/wayOf';
import type { Reader } from '../../reading/Reader';
import { placeAfter, putInOrder, step } from './rowOrder';

type Row = RowOf<'pipes'>;

/** Moves a piece to another place of its own way. @returns changes for one command; none where it stands there already */
export function movePiece(all: readonly Row[], way: WayId, id: string, to: number): RowChange[] {
  const rows = piecesOf(all, way);
  const row = rows.find((one) => one.id === id);
  if (!row) return [];
  const rest = rows.filter((one) => one.id !== id);
  const wanted = [...rest.slice(0, to), row, ...rest.slice(to)];
  return wanted.every((one, k) => one.id === rows[k]?.id) ? [] : putInOrder('pipes', rows, wanted, row);
}

/** A new piece behind another one, or at the end of its way. */
export function addPiece(all: readonly Row[], way: WayId, after: string | null, newId: string): RowChange[] {
  const rows = piecesOf(all, way);
  const i = after === null ? rows.length - 1 : rows.findIndex(({ id }) => id === after);
  const { order, moves } = rows.length > 0 ? placeAfter('pipes', rows, i) : { order: step, moves: [] };
  const near = rows[i];
  return [
    ...moves,
    {
      list: 'pipes',
      row: newId,
      action: 'add',
      values: {
        name: `piece ${rows.length + 1}`,
        of: way,
        kind: 'pipe',
        order,
        bends: 0,
        ...(near?.boreMm === undefined ? {} : { boreMm: near.boreMm }),
        ...(near?.wall === undefined ? {} : { wall: near.wall }),
      },
    },
  ];
}

/** What is said of a pipe as a whole, as its first piece: what it passes and what holds it stays to be told of each piece. */
export const firstPiece = (read: Reader, way: WayId): Omit<Row, 'id'>[] =>
  wayOf(read, way).pieces.map(({ lengthM, riseMm, boreMm, bends, cover, coverM }) => {
    const whole = Math.ceil(bends);
    return {
      name: way === 'exhaust' ? 'from the burner' : 'from the fan',
      of: way,
      kind: 'pipe',
      lengthM,
      riseMm,
      boreMm,
      bends: whole,
      ...(whole > 0 ? { bendDeg: Math.round((bends * 90) / whole) } : {}),
      ...(cover !== undefined && cover !== 'bare' ? { cover, coverM } : {}),
      order: step,
    };
  });
