import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Paper, ReadRow } from '../../core/proof/judgePaper';
import { readSignedStatement } from '../../core/proof/statement';
import { partSeal } from './seal';

/** The largest certificate that is read, bytes. */
export const paperMaxBytes = 60 * 1024 * 1024;
/** Names of what is attached. */
export const attached = { proof: 'proof.json', build: 'build.json', ledger: 'ledger.jsonl' } as const;
/** What a file has attached, by name; rejects where the bytes are no PDF. */
export type AttachmentsOf = (pdf: Uint8Array) => Promise<ReadonlyMap<string, Uint8Array>>;

function json(bytes: Uint8Array | undefined): Record<string, unknown> | null {
  if (!bytes) return null;
  try {
    const value: unknown = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
    return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Record<string, unknown>) : null;
  } catch {
    return null;
  }
}

/** Rows of a ledger file; null where a line is none. Whether they hold is not looked at here. */
export function readLedgerLines(text: string): ReadRow[] | null {
  try {
    return text
      .split('\n')
      .filter((line) => line !== '')
      .map((line) => {
        const { prevHash, content, hash } = JSON.parse(line) as { prevHash: string; content: string; hash: string };
        const row = JSON.parse(content) as LedgerRow;
        const { at, by, kind, body } = row;
        if ([at, by, kind].some((text) => typeof text !== 'string') || typeof body !== 'object' || body === null)
          throw new SyntaxError('no row');
        return { ...row, content, prevHash, hash };
      });
  } catch {
    return null;
  }
}

/** What the attached proof says; null where it is none. Quickly read, so that its workshop can be asked meanwhile. */
export function readProof(bytes: Uint8Array | undefined): Paper['proof'] {
  const proof = json(bytes);
  const signed = typeof proof?.signed === 'string' ? readSignedStatement(proof.signed) : null;
  return signed && typeof proof?.publicKey === 'string' && typeof proof.workshop === 'string'
    ? { signed, publicKey: proof.publicKey, workshop: proof.workshop.slice(0, 80) }
    : null;
}

/** Takes a certificate apart. Whether anything in it is true is for `judgePaper`. */
export async function readPaper(file: Uint8Array, attachmentsOf: AttachmentsOf): Promise<Paper> {
  const { sealed, seal } = partSeal(file);
  // The reader of PDF takes the bytes for itself.
  const fileSha256 = bytesToHex(sha256(sealed));
  const found = await attachmentsOf(sealed.slice());
  const ledger = found.get(attached.ledger);
  return {
    fileSha256,
    seal,
    proof: readProof(found.get(attached.proof)),
    build: json(found.get(attached.build)),
    rows: ledger ? readLedgerLines(new TextDecoder().decode(ledger)) : null,
  };
}
