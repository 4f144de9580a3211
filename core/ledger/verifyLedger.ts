import { firstBreak, type LedgerRow } from './chain';
import { sha256Hex } from '../record/sha256Hex';

/** What is kept beside the ledger, and has to agree with its last row. */
export interface KeptState {
  lastSeq: number;
  lastHash: string;
  /** SHA-256 of the build document as canonical JSON. */
  documentHash: string;
}
export interface Verification {
  rows: number;
  lastHash: string;
  /** null where every row follows from the one before it and the build is what the last row left */
  broken: { seq: number; why: string } | null;
}

/**
 * Finds a row that was altered, removed, added or moved, and a build document that is not what its ledger left.
 * What it can't find: a ledger whose every hash was made anew together with the build's row; an older certificate or export tells that one.
 * @param rows all rows of one build, oldest first
 * @param hash SHA-256 of a text in hex; a faster one than our own may be passed in
 */
export function verifyLedger(
  rows: readonly LedgerRow[],
  kept: KeptState,
  hash: (text: string) => string = sha256Hex,
): Verification {
  const last = rows[rows.length - 1];
  const result = (broken: Verification['broken']): Verification => ({ rows: rows.length, lastHash: last?.hash ?? '', broken });
  const found = firstBreak(rows, hash);
  if (found) return result(found);
  if (rows.length < kept.lastSeq)
    return result({
      seq: rows.length + 1,
      why: `row ${rows.length + 1} is missing${kept.lastSeq > rows.length + 1 ? `, and all up to row ${kept.lastSeq}` : ''}`,
    });
  if (rows.length > kept.lastSeq)
    return result({ seq: kept.lastSeq + 1, why: `row ${kept.lastSeq + 1} was added behind the last one, row ${kept.lastSeq}` });
  if (last && last.hash !== kept.lastHash)
    return result({ seq: last.seq, why: `row ${last.seq} is not the one that was written: its hash is another` });
  const left = (last?.body as { documentHash?: unknown } | undefined)?.documentHash;
  if (typeof left === 'string' && left !== kept.documentHash)
    return result({ seq: last?.seq ?? 0, why: `the build’s figures are not those that row ${last?.seq} left` });
  return result(null);
}
