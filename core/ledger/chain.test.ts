import fc from 'fast-check';
import { canonicalJson } from '../record/canonicalJson';
import { firstBreak, nextRow, type LedgerRow } from './chain';
import { sha256Hex } from '../record/sha256Hex';

const rows = (n: number): LedgerRow[] =>
  Array.from({ length: n }).reduce<LedgerRow[]>(
    (done, _, i) => [
      ...done,
      nextRow(done[i - 1] ?? null, {
        buildId: 'b',
        at: '2026-11-20T09:00:00.000Z',
        by: 'A',
        role: 'lead',
        kind: 'note',
        body: { text: `row ${i}` },
      }),
    ],
    [],
  );

test('SHA-256 of "abc" is that of FIPS 180-4', () =>
  expect(sha256Hex('abc')).toBe('ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'));
test('the same value gives the same text whatever the order of its keys', () => {
  expect(canonicalJson({ b: [1, null], a: { d: 'ü', c: undefined } })).toBe('{"a":{"d":"ü"},"b":[1,null]}');
  fc.assert(
    fc.property(
      fc.jsonValue(),
      (value) => JSON.stringify(JSON.parse(canonicalJson(value))).length === JSON.stringify(value).length,
    ),
  );
  expect(() => canonicalJson({ a: NaN })).toThrow('no place in JSON');
});
test('a whole chain holds; any altered, missing, added or moved row is found', () => {
  const chain = rows(8);
  expect(firstBreak(chain)).toBeNull();
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 7 }),
      fc.constantFrom<keyof LedgerRow>('at', 'by', 'role', 'kind', 'hash', 'prevHash', 'buildId'),
      (i, key) => firstBreak(chain.map((row, j) => (j === i ? { ...row, [key]: 'x' } : row))) !== null,
    ),
  );
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 6 }),
      (i) =>
        firstBreak(chain.filter((_, j) => j !== i)) !== null &&
        firstBreak([...chain.slice(0, i), chain[i + 1] as LedgerRow, chain[i] as LedgerRow, ...chain.slice(i + 2)]) !== null &&
        firstBreak([...chain.slice(0, i), chain[i] as LedgerRow, ...chain.slice(i)]) !== null,
    ),
  );
  expect(firstBreak(chain.map((row) => (row.seq === 3 ? { ...row, body: { text: 'other' } } : row)))).toMatchObject({
    seq: 3,
    why: expect.stringMatching(/altered/),
  });
});
