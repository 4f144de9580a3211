import type { Reader } from '../../reading/Reader';
import type { RowOf } from '../../build/lists';
import type { RowChange } from '../../commands/changeRows';
import { inOrder, routeOf, segmentName } from '../../model/fuel/routeOf';
import { placeAfter, putInOrder, step } from './rowOrder';

type Row = RowOf<'segments'>;
/**
 * Cuts a segment of the line in two at a share of its length: rise and clips are shared out, the far end stays with the second.
 * @param share 0 to 1 @param newId id of the second half
 * @returns changes for one command; none where the row is not there or has no length
 */
export function splitSegment(all: readonly Row[], id: string, share: number, newId: string): RowChange[] {
  const rows = inOrder(all);
  const i = rows.findIndex((row) => row.id === id);
  const row = rows[i];
  if (!row || row.lengthM === undefined || row.lengthM < 0.02) return [];
  const lengthM = Math.min(row.lengthM - 0.01, Math.max(0.01, Number((row.lengthM * share).toFixed(2))));
  const kept = lengthM / row.lengthM;
  const { order, moves } = placeAfter('segments', rows, i);
  const { id: _id, order: _order, ...values } = row;
  const riseMm = row.riseMm === undefined ? undefined : Math.round(row.riseMm * kept);
  const clips = row.clips === undefined ? undefined : Math.round(row.clips * kept);
  const set = (column: 'lengthM' | 'riseMm' | 'clips' | 'end' | 'gapMm', to: number | string | null | undefined): RowChange[] =>
    to === undefined || to === (row[column] ?? null)
      ? []
      : [{ list: 'segments', row: id, action: 'set', column, from: row[column] ?? null, to }];
  return [
    ...moves,
    ...set('lengthM', lengthM),
    ...set('riseMm', riseMm),
    ...set('clips', clips),
    ...set('end', row.end === undefined ? undefined : 'on'),
    ...set('gapMm', row.gapMm === undefined ? undefined : null),
    {
      list: 'segments',
      row: newId,
      action: 'add',
      values: {
        ...values,
        name: `${segmentName(row, i).slice(0, 54)}, on`,
        order,
        lengthM: Number((row.lengthM - lengthM).toFixed(2)),
        ...(row.riseMm === undefined || riseMm === undefined ? {} : { riseMm: row.riseMm - riseMm }),
        ...(row.clips === undefined || clips === undefined ? {} : { clips: row.clips - clips }),
      },
    },
  ];
}

/**
 * Moves a segment to another place of the line, within its own side of the pump.
 * @param to place in the order of flow, 0 and up
 * @returns changes for one command; none where it stands there already
 */
export function moveSegment(all: readonly Row[], id: string, to: number): RowChange[] {
  const rows = inOrder(all);
  const row = rows.find((one) => one.id === id);
  if (!row) return [];
  const rest = rows.filter((one) => one.id !== id);
  const wanted = inOrderOfFlow([...rest.slice(0, to), row, ...rest.slice(to)]);
  if (wanted.every((one, k) => one.id === rows[k]?.id)) return [];
  return putInOrder('segments', rows, wanted, row);
}
/** Suction first, then pressure; within a side as given. */
const inOrderOfFlow = (rows: readonly Row[]): Row[] => [
  ...rows.filter(({ side }) => side === 'suction'),
  ...rows.filter(({ side }) => side !== 'suction'),
];

/** A new segment behind another one, or at the end of its side. */
export function addSegment(all: readonly Row[], after: string | null, newId: string): RowChange[] {
  const rows = inOrder(all);
  const i = after === null ? rows.length - 1 : rows.findIndex((row) => row.id === after);
  const { order, moves } = rows.length > 0 ? placeAfter('segments', rows, i) : { order: step, moves: [] };
  const near = rows[i];
  return [
    ...moves,
    {
      list: 'segments',
      row: newId,
      action: 'add',
      values: {
        name: `segment ${rows.length + 1}`,
        side: near?.side ?? 'suction',
        order,
        ...(near?.boreMm === undefined ? {} : { boreMm: near.boreMm }),
      },
    },
  ];
}

/** The rough lengths as two segments to begin with; their clips and what they pass stay to be measured. */
export const firstSegments = (read: Reader): Omit<Row, 'id'>[] =>
  routeOf(read).segments.map(({ name, side, lengthM, riseMm, boreMm, end }, i) => ({
    name,
    side,
    lengthM,
    riseMm,
    boreMm,
    end,
    order: (i + 1) * step,
  }));
