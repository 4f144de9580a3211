import { sha256Hex } from '../record/sha256Hex';

/** How a build stood when its certificate was made. */
export const standings = ['draft', 'signed', 'corrected', 'withdrawn', 'imported', 'broken'] as const;
export type Standing = (typeof standings)[number];

/** What a workshop's key signs: which build, in which state, after which row of its ledger. */
export interface Statement {
  buildId: string;
  /** SHA-256 of the build without its signatures, as canonical JSON */ buildHash: string;
  /** how many rows the ledger had */ rows: number;
  /** hash of the last of them */ ledgerHead: string;
  /** ms since 1970, UTC */ madeAtMs: number;
  keyId: string;
  standing: Standing;
}
/** A statement and what the key made of it: as it stands in the code on page 1. */
export interface SignedStatement {
  statement: Statement;
  /** Ed25519 over the statement's text, base64url without padding */ signature: string;
}

/** Short name of a public key: the first 16 hex digits of SHA-256 over its hex. */
export const keyIdOf = (publicKey: string): string => sha256Hex(publicKey).slice(0, 16);

/** The text that is signed: fields with full stops between, none of which holds one. */
export const statementText = (s: Statement): string =>
  ['lorbet1', s.buildId, s.buildHash, s.rows, s.ledgerHead, s.madeAtMs, s.keyId, s.standing].join('.');
export const signedText = ({ statement, signature }: SignedStatement): string => `${statementText(statement)}.${signature}`;

const pattern =
  /^lorbet1\.([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})\.([0-9a-f]{64})\.([1-9]\d{0,8})\.([0-9a-f]{64})\.(\d{1,15})\.([0-9a-f]{16})\.([a-z]+)\.([A-Za-z0-9_-]{86})$/;

/**
 * Reads a signed statement as a code or a file holds it; does not look whether the signature is good.
 * @returns null for any other text
 */
export function readSignedStatement(text: string): SignedStatement | null {
  const [, buildId, buildHash, rows, ledgerHead, madeAtMs, keyId, word, signature] = pattern.exec(text) ?? [];
  const standing = standings.find((known) => known === word);
  if (!buildId || !buildHash || !ledgerHead || !keyId || !signature || !standing) return null;
  const statement = { buildId, buildHash, rows: Number(rows), ledgerHead, madeAtMs: Number(madeAtMs), keyId, standing };
  return { statement, signature };
}

/** The text that is signed over the whole file: SHA-256 of all bytes before the seal. */
export const sealText = (fileSha256: string): string => `lorbet-paper1.${fileSha256}`;
/** The text by which an older key names the one that follows it. */
export const successionText = (next: string, atMs: number): string => `lorbet-key1.${next}.${atMs}`;
