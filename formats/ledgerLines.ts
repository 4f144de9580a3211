import { contentText, type LedgerRow } from '../core/ledger/chain';

/**
 * A ledger as JSON lines that a stranger can verify (docs/ledger.md): each line holds the hash before, the content to the letter, and the hash.
 */
export const writeLedgerLines = (rows: readonly LedgerRow[]): string =>
  rows.map((row) => `${JSON.stringify({ prevHash: row.prevHash, content: contentText(row), hash: row.hash })}\n`).join('');
