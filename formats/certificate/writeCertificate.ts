import QRCode from 'qrcode';
import type { Build } from '../../core/build/Build';
import { buildHash } from '../../core/build/buildHash';
import { assess } from '../../core/checks/assess';
import { air } from './air';
import { warmth } from './warmth';
import { annex } from './annex';
import { cautions } from './cautions';
import { CertificatePage } from './CertificatePage';
import { controller } from './controller';
import { decisions } from './decisions';
import { figures } from './figures';
import { findings } from './findings';
import { fuel } from './fuel';
import { head } from './head';
import { kit } from './kit';
import { loom } from './loom';
import { photographs } from './photographs';
import { record } from './record';
import { run } from './run';
import type { CertificateFacts, Section } from './Section';
import { signatures } from './signatures';
import { standing } from './standing';
import { tests } from './tests';

/** The parts of the certificate, in the order in which they stand; a new one is one entry here. */
export const sections: readonly Section[] = [
  head,
  standing,
  run,
  signatures,
  decisions,
  cautions,
  photographs,
  kit,
  fuel,
  air,
  warmth,
  loom,
  controller,
  findings,
  figures,
  tests,
  record,
  annex,
];

/**
 * The certificate of a build: A4, made from the same findings as the screen shows. A build that is not signed as it stands gives a draft that says so.
 * @returns the bytes of a PDF
 */
export async function writeCertificate(build: Build, facts: CertificateFacts): Promise<Buffer> {
  const hash = buildHash(build);
  const { lastHash } = facts.verification;
  const page = new CertificatePage(`Heater installation, ${build.identity.name}`, `${build.id}  ledger ${lastHash.slice(0, 32)}`);
  const code = await QRCode.toBuffer(`lorbet-build:${build.id}?build=${hash}&ledger=${lastHash}`, {
    errorCorrectionLevel: 'M',
    margin: 1,
    width: 320,
  });
  page.doc.image(code, page.left + page.width - 92, 40, { width: 92 });
  const all = { ...facts, build, hash, findings: assess(build) };
  for (const section of sections) section(page, all);
  return page.close();
}
