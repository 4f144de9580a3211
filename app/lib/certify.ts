import { createHash } from 'node:crypto';
import type { Build } from '../../core/build/Build';
import { buildHash } from '../../core/build/buildHash';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Verification } from '../../core/ledger/verifyLedger';
import { sealText, signedText, statementText, type SignedStatement } from '../../core/proof/statement';
import { canonicalJson } from '../../core/record/canonicalJson';
import type { CertificateProof } from '../../formats/certificate/Section';
import { standingOf } from '../../formats/certificate/standing';
import { attached } from '../../formats/proof/readPaper';
import { withSeal } from '../../formats/proof/seal';
import type { Signer } from '../../store/keys';

interface Certified {
  build: Build;
  rows: readonly LedgerRow[];
  verification: Verification;
  /** the ledger as a file */ lines: string;
  workshop: string;
  madeAt: Date;
  /** how the app is reached */ origin: string;
}

/** What the workshop's key says of a build, and what goes along with it inside the certificate. */
export function proofOf(signer: Signer, certified: Certified): CertificateProof {
  const { build, rows, verification, lines, workshop, madeAt, origin } = certified;
  const statement = {
    buildId: build.id,
    buildHash: buildHash(build),
    rows: verification.rows,
    ledgerHead: verification.lastHash,
    madeAtMs: madeAt.getTime(),
    keyId: signer.keyId,
    standing: standingOf(build, rows, verification.broken !== null),
  };
  const signed: SignedStatement = { statement, signature: signer.sign(statementText(statement)) };
  const proof = { signed: signedText(signed), publicKey: signer.publicKey, workshop };
  return {
    keyId: signer.keyId,
    address: `${origin}/verify`,
    // After the hash, so that it stands in no server's log.
    code: `${origin}/verify#${signedText(signed)}`,
    attached: [
      { name: attached.proof, text: JSON.stringify(proof, null, 1), about: 'What the workshop’s key signed' },
      { name: attached.build, text: canonicalJson(build), about: 'The build that the certificate is of' },
      { name: attached.ledger, text: lines, about: 'Its ledger, row by row' },
    ],
  };
}

/** The file as it is handed out: with the key's signature over all of it behind its end. */
export const sealed = (signer: Signer, pdf: Uint8Array): Uint8Array<ArrayBuffer> =>
  withSeal(pdf, signer.sign(sealText(createHash('sha256').update(pdf).digest('hex'))));
