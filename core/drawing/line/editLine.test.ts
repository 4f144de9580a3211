import fc from 'fast-check';
import type { RowOf } from '../../build/lists';
import { inOrder } from '../../model/fuel/routeOf';
import { moveSegment } from './editLine';

type Row = RowOf<'segments'>;
const anyLine: fc.Arbitrary<Row[]> = fc
  .array(
    fc.record({
      side: fc.constantFrom('suction' as const, 'pressure' as const),
      order: fc.option(fc.nat({ max: 5000 }), { nil: undefined }),
    }),
    {
      minLength: 2,
      maxLength: 12,
    },
  )
  .map((rows) => rows.map(({ side, order }, i) => ({ id: `s${i}`, side, ...(order === undefined ? {} : { order }) })));

/** The line after a move. */
function moved(rows: readonly Row[], id: string, to: number): Row[] {
  const orders = new Map(moveSegment(rows, id, to).map((change) => [change.row, 'to' in change ? Number(change.to) : NaN]));
  return inOrder(rows.map((row) => ({ ...row, ...(orders.has(row.id) ? { order: orders.get(row.id) ?? 0 } : {}) })));
}
const ids = (rows: readonly Row[]) => rows.map(({ id }) => id);

test('a moved segment stands where it was put, as far as its side of the pump goes', () => {
  fc.assert(
    fc.property(anyLine, fc.nat(), fc.nat(), (rows, a, b) => {
      const before = inOrder(rows);
      const row = before[a % rows.length] as Row;
      const to = b % rows.length;
      const own = before.filter(({ side }) => side === row.side).length;
      const first = row.side === 'suction' ? 0 : before.length - own;
      const wanted = Math.min(first + own - 1, Math.max(first, to));
      expect(ids(moved(rows, row.id, to)).indexOf(row.id)).toBe(wanted);
    }),
    { numRuns: 400 },
  );
});

test('the others keep their order among themselves', () => {
  fc.assert(
    fc.property(anyLine, fc.nat(), fc.nat(), (rows, a, b) => {
      const { id } = inOrder(rows)[a % rows.length] as Row;
      const others = (all: readonly Row[]) => ids(all).filter((one) => one !== id);
      expect(others(moved(rows, id, b % rows.length))).toEqual(others(inOrder(rows)));
    }),
    { numRuns: 400 },
  );
});

test('where there is room between two places one change is enough', () => {
  const rows: Row[] = [1000, 2000, 3000].map((order, i) => ({ id: `s${i}`, side: 'suction', order }));
  expect(moveSegment(rows, 's2', 1)).toEqual([
    { list: 'segments', row: 's2', action: 'set', column: 'order', from: 3000, to: 1500 },
  ]);
  expect(moveSegment(rows, 's1', 1)).toEqual([]);
});
