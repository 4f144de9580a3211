import { createHash } from 'node:crypto';
import type { LedgerRow } from '../../core/ledger/chain';
import { writeLedgerLines } from '../../formats/ledgerLines';
import { verifyLedger, type Verification } from '../../core/ledger/verifyLedger';

export interface VerifyTask {
  kind: 'verifyRows';
  rows: LedgerRow[];
  state: Parameters<typeof verifyLedger>[1];
  /** whether the rows are wanted back as a file */ lines?: boolean;
}
const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Goes through every row of a ledger. */
export const verifyTask = ({ rows, state, lines }: VerifyTask): Verification & { lines?: string } => ({
  ...verifyLedger(rows, state, hashText),
  ...(lines ? { lines: writeLedgerLines(rows) } : {}),
});
