import type { Build } from '../../core/build/Build';
import type { Finding } from '../../core/checks/Finding';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Verification } from '../../core/ledger/verifyLedger';
import type { Origins } from '../../core/record/Origin';
import type { CertificatePage } from './CertificatePage';

/** What a workshop's key says of this certificate, and what goes along inside it. */
export interface CertificateProof {
  keyId: string;
  /** what the code on page 1 holds */ code: string;
  /** where anybody can have it verified */ address: string;
  attached: readonly { name: string; text: string; about: string }[];
}
export interface CertificateFacts {
  workshop: string;
  demo: boolean;
  rows: readonly LedgerRow[];
  verification: Verification;
  origins: Origins;
  madeAt: string;
  /** absent where the workshop has no key that can be opened here */ proof?: CertificateProof;
  /** bytes of photographs by fingerprint, as far as they are here */ pictures?: ReadonlyMap<string, Buffer>;
}
/** All that a section may tell of. */
export interface SectionFacts extends CertificateFacts {
  build: Build;
  findings: readonly Finding[];
  /** SHA-256 of the build without its signatures */ hash: string;
}
/** A part of the certificate; it writes nothing where there is nothing to tell. */
export type Section = (page: CertificatePage, facts: SectionFacts) => void;

export const day = (iso: string): string => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;
