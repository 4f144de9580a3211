import { noteOrigins } from './noteOrigins';
import { originAt, type Origins } from '../record/Origin';
import fc from 'fast-check';
import { nextRow, type LedgerRow } from './chain';
import { verifyLedger } from './verifyLedger';

const documentHash = 'd'.repeat(64);
function chain(n: number): LedgerRow[] {
  const rows: LedgerRow[] = [];
  for (let i = 0; i < n; i += 1)
    rows.push(
      nextRow(rows[i - 1] ?? null, {
        buildId: '00000000-0000-4000-8000-000000000001',
        at: `2026-11-20T10:00:0${i % 10}.000Z`,
        by: 'A Fitter',
        role: 'fitter',
        kind: 'note',
        body: { text: `entry ${i}`, documentHash },
      }),
    );
  return rows;
}
const kept = (rows: readonly LedgerRow[]) => ({
  lastSeq: rows.length,
  lastHash: rows[rows.length - 1]?.hash ?? '',
  documentHash,
});
const where = (rows: readonly LedgerRow[], state = kept(rows)) => verifyLedger(rows, state).broken;

const whole = chain(9);
test('a whole ledger holds; an empty one too', () => {
  expect([where(whole), where([])]).toEqual([null, null]);
});
test.each<[string, (rows: LedgerRow[]) => LedgerRow[], number, RegExp]>([
  ['altered body', (r) => r.map((row) => (row.seq === 4 ? { ...row, body: { text: 'other' } } : row)), 4, /altered/],
  ['altered person', (r) => r.map((row) => (row.seq === 9 ? { ...row, by: 'Somebody' } : row)), 9, /altered/],
  ['altered time', (r) => r.map((row) => (row.seq === 1 ? { ...row, at: '2026-01-01T00:00:00.000Z' } : row)), 1, /altered/],
  [
    'altered and its own hash made anew',
    (r) => r.map((row, i) => (i === 3 ? nextRow(r[2] ?? null, { ...row, body: { text: 'other' } }) : row)),
    5,
    /does not follow/,
  ],
  ['first missing', (r) => r.slice(1), 1, /missing/],
  ['middle missing', (r) => r.filter((row) => row.seq !== 5), 5, /missing/],
  ['last missing', (r) => r.slice(0, -1), 9, /row 9 is missing$/],
  ['last three missing', (r) => r.slice(0, -3), 7, /row 7 is missing, and all up to row 9/],
  [
    'one added at the end, properly chained',
    (r) => [...r, nextRow(r[8] ?? null, { ...(r[0] as LedgerRow), body: { text: 'forged' } })],
    10,
    /row 10 was added/,
  ],
  ['one added in the middle', (r) => [...r.slice(0, 4), r[3] as LedgerRow, ...r.slice(4)], 5, /missing or out of order/],
  ['two changed places', (r) => [...r.slice(0, 2), r[3] as LedgerRow, r[2] as LedgerRow, ...r.slice(4)], 3, /out of order/],
  [
    'the whole made anew from row 6 on',
    (r) =>
      chain(9)
        .map((row, i) => (i < 5 ? (r[i] as LedgerRow) : row))
        .reduce<LedgerRow[]>(
          (done, row, i) => [...done, i < 5 ? row : nextRow(done[i - 1] ?? null, { ...row, by: 'Forger' })],
          [],
        ),
    9,
    /its hash is another/,
  ],
])('%s is found', (_name, tamper, seq, why) => {
  const broken = where(tamper(chain(9)), kept(whole));
  expect(broken).toMatchObject({ seq, why: expect.stringMatching(why) as string });
});
test('a build that was changed behind its ledger’s back is found', () => {
  expect(where(whole, { ...kept(whole), documentHash: 'e'.repeat(64) })?.why).toMatch(/figures are not those that row 9 left/);
});
test('any one changed letter anywhere in any row is found', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 8 }),
      fc.constantFrom('at', 'by', 'role', 'kind', 'hash', 'prevHash', 'buildId') as fc.Arbitrary<'at'>,
      fc.nat(),
      (i, field, at) => {
        const rows = chain(9);
        const row = rows[i] as LedgerRow;
        const text = row[field];
        const k = at % text.length;
        rows[i] = { ...row, [field]: `${text.slice(0, k)}${text[k] === '0' ? '1' : '0'}${text.slice(k + 1)}` };
        return where(rows, kept(whole)) !== null;
      },
    ),
  );
});

test('origins are a fold over the ledger: the last to change a value is who it is from', () => {
  const row = (kind: string, body: object, by: string, at = '2026-11-20T10:00:00.000Z') => ({ kind, body, by, at });
  const figure = (by: string, madeAt?: string) =>
    row(
      'figures',
      { changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 1, to: 2 }], ...(madeAt ? { madeAt } : {}) },
      by,
    );
  const rows = [
    row('imported', {}, 'Lead'),
    figure('A'),
    row('maker', { changes: [{ key: 'fuseA' }] }, 'B'),
    row('note', { text: 'x' }, 'C'),
    figure('D', '2026-11-20T08:00:00.000Z'),
  ];
  const origins = rows.reduce<Origins>(noteOrigins, {});
  expect(originAt(origins, 'fuel.pumpAngleDeg/fitted')).toEqual({ by: 'D', at: '2026-11-20T08:00:00.000Z' });
  expect(originAt(origins, 'maker/fuseA')?.by).toBe('B');
  expect(originAt(origins, 'fuel.tankLengthMm/fitted')).toMatchObject({ by: 'Lead', file: true });
});
