import { createHash, generateKeyPairSync, sign } from 'node:crypto';
import { proofOf, sealed } from '../app/lib/certify';
import { nextRow, type LedgerRow } from '../core/ledger/chain';
import { keyIdOf } from '../core/proof/statement';
import { canonicalJson } from '../core/record/canonicalJson';
import { writeCertificate } from '../formats/certificate/writeCertificate';
import { writeLedgerLines } from '../formats/ledgerLines';
import { soundBuild } from './soundBuild';

const hash = (text: string): string => createHash('sha256').update(text).digest('hex');

/** A certificate of a build with so many rows, sealed with a key that no workshop has. */
export async function longCertificate(count: number): Promise<Buffer> {
  const build = soundBuild();
  const documentHash = hash(canonicalJson(build));
  const rows: LedgerRow[] = [];
  for (let i = 0; i < count; i += 1)
    rows.push(
      nextRow(rows.at(-1) ?? null, {
        buildId: build.id,
        at: '2026-11-20T10:00:00.000Z',
        by: 'Test Fitter',
        role: 'fitter',
        kind: 'figures',
        body: { changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: i % 90 }], documentHash, findings: [] },
      }),
    );
  const { privateKey } = generateKeyPairSync('ed25519');
  const publicKey = Buffer.from(privateKey.export({ format: 'jwk' }).x ?? '', 'base64url').toString('hex');
  const signer = {
    publicKey,
    keyId: keyIdOf(publicKey),
    sign: (text: string) => sign(null, Buffer.from(text), privateKey).toString('base64url'),
  };
  const verification = { rows: count, lastHash: rows.at(-1)?.hash ?? '', broken: null };
  const madeAt = new Date('2026-11-20T12:00:00.000Z');
  const facts = { build, rows, verification, lines: writeLedgerLines(rows), workshop: 'Test Shed', madeAt, origin: '' };
  const pdf = await writeCertificate(build, {
    ...facts,
    rows: [],
    demo: false,
    origins: {},
    madeAt: madeAt.toISOString(),
    proof: proofOf(signer, facts),
  });
  return Buffer.from(sealed(signer, pdf));
}
