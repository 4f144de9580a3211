import { createHash } from 'node:crypto';
import type { LedgerRow } from '../../core/ledger/chain';
import { verifyLedger, type Verification } from '../../core/ledger/verifyLedger';

export interface VerifyTask {
  kind: 'verifyRows';
  rows: LedgerRow[];
  state: Parameters<typeof verifyLedger>[1];
}
const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Goes through every row of a ledger. */
export const verifyTask = ({ rows, state }: VerifyTask): Verification => verifyLedger(rows, state, hashText);
