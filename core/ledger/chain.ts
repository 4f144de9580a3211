import { canonicalJson } from '../record/canonicalJson';
import { sha256Hex } from '../record/sha256Hex';

/** One row of a build's ledger, without its hashes. */
export interface LedgerContent {
  buildId: string;
  seq: number;
  at: string;
  by: string;
  role: string;
  kind: string;
  body: unknown;
}
export interface LedgerRow extends LedgerContent {
  prevHash: string;
  hash: string;
}

export const firstHash = '0'.repeat(64);

/** Hash of a row: SHA-256 over the hash of the row before, a line feed, and the row's content as canonical JSON. */
export function rowHash(prevHash: string, content: LedgerContent, hash: (text: string) => string = sha256Hex): string {
  return hash(`${prevHash}\n${contentText(content)}`);
}
/** The content of a row to the letter, as it is hashed. */
export const contentText = ({ buildId, seq, at, by, role, kind, body }: LedgerContent): string =>
  canonicalJson({ buildId, seq, at, by, role, kind, body });

export function nextRow(last: Pick<LedgerRow, 'seq' | 'hash'> | null, content: Omit<LedgerContent, 'seq'>): LedgerRow {
  const prevHash = last?.hash ?? firstHash;
  const row = { ...content, seq: (last?.seq ?? 0) + 1 };
  return { ...row, prevHash, hash: rowHash(prevHash, row) };
}

/**
 * Finds the first row that does not follow from the one before it; null where the whole chain holds.
 * @param textOf what of a row was hashed: made anew from it, or the very text that it was read from
 */
export function firstBreak<R extends LedgerRow>(
  rows: readonly R[],
  hash: (text: string) => string = sha256Hex,
  textOf: (row: R) => string = contentText,
): { seq: number; why: string } | null {
  let prevHash = firstHash;
  for (const [i, row] of rows.entries()) {
    if (row.seq !== i + 1)
      return { seq: i + 1, why: `row ${i + 1} is missing or out of order: row ${row.seq} stands in its place` };
    if (row.prevHash !== prevHash) return { seq: row.seq, why: `row ${row.seq} does not follow row ${i}` };
    if (row.hash !== hash(`${prevHash}\n${textOf(row)}`))
      return { seq: row.seq, why: `row ${row.seq} was altered after it was written` };
    prevHash = row.hash;
  }
  return null;
}
