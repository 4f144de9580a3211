import QRCode from 'qrcode';
import type { Build } from '../../core/build/Build';
import { buildHash } from '../../core/build/buildHash';
import { assess } from '../../core/checks/assess';
import { air } from './air';
import { warmth } from './warmth';
import { annex } from './annex';
import { cautions } from './cautions';
import { CertificatePage, soft } from './CertificatePage';
import { controller } from './controller';
import { decisions, waivers } from './decisions';
import { evidence } from './evidence';
import { figures } from './figures';
import { findings } from './findings';
import { fuel } from './fuel';
import { codePt, head } from './head';
import { kit } from './kit';
import { loom } from './loom';
import { photographs } from './photographs';
import { record } from './record';
import { run } from './run';
import type { CertificateFacts, Section } from './Section';
import { protects } from './protects';
import { signatures } from './signatures';
import { standing } from './standing';
import { tests } from './tests';

/** Sections, and how they are set: a new one is one entry here. */
interface Leaf {
  /** begins on a page of its own */ apart: boolean;
  columns: number;
  /** size of letters beside those of a letter */ scale: number;
  sections: readonly Section[];
}
/** The parts of the certificate, in the order in which they stand: all that matters on one page, how it was built, then every finding and figure. */
export const leaves: readonly Leaf[] = [
  { apart: false, columns: 1, scale: 0.8, sections: [head, standing, run, signatures, protects, waivers, cautions] },
  {
    apart: true,
    columns: 1,
    scale: 0.72,
    sections: [decisions, photographs, kit, fuel, air, warmth, loom, controller, tests, record],
  },
  { apart: true, columns: 2, scale: 0.55, sections: [evidence, findings, figures, annex] },
];
/** All parts, in their order. */
export const sections: readonly Section[] = leaves.flatMap((leaf) => leaf.sections);
/** pt: where the list of what follows stands, above the foot of page 1. */
const contentsPt = 78;

/** On page 1, above its foot: on which page what begins. */
function writeContents(page: CertificatePage): void {
  const { doc, contents } = page;
  const later = contents.filter((entry, i) => entry.page > 1 && contents.findIndex(({ title }) => title === entry.title) === i);
  if (later.length === 0) return;
  doc.switchToPage(0);
  const text = later.map((entry) => `${entry.title.replace(/^Annex: /, '')} ${entry.page}`).join(' · ');
  page
    .face('text', text)
    .fontSize(7.5)
    .fillColor(soft)
    .text(`On page: ${text}`, page.margin, doc.page.height - contentsPt, {
      width: doc.page.width - 2 * page.margin,
      height: 30,
      ellipsis: true,
    });
}

/**
 * The certificate of a build: A4, made from the same findings as the screen shows. A build that is not signed as it stands gives a draft that says so.
 * Build, ledger and proof are attached where they are given, so that the paper proves itself.
 * @returns the bytes of a PDF
 */
export async function writeCertificate(build: Build, facts: CertificateFacts): Promise<Buffer> {
  const hash = buildHash(build);
  const { lastHash } = facts.verification;
  const { proof } = facts;
  const page = new CertificatePage(
    `Heater installation, ${build.identity.name}`,
    `${build.id}  ledger ${lastHash.slice(0, 24)}${proof ? `  key ${proof.keyId}` : ''}`,
  );
  const code = await QRCode.toBuffer(proof?.code ?? `lorbet-build:${build.id}?build=${hash}&ledger=${lastHash}`, {
    errorCorrectionLevel: 'L',
    margin: 1,
    width: 480,
  });
  page.doc.image(code, page.left + page.width - codePt, 36, { width: codePt });
  const all = { ...facts, build, hash, findings: assess(build) };
  for (const leaf of leaves) {
    if (leaf.apart) page.nextPage();
    page.inColumns(leaf.columns, leaf.scale);
    for (const section of leaf.sections) section(page, all);
  }
  writeContents(page);
  if (proof) for (const { name, text, about } of proof.attached) attach(page, facts.madeAt, { name, text, about });
  return page.close();
}

/** Puts a file into the PDF, as PDF/A-3 has it: named, dated, told to be the source of what is printed. */
function attach(
  page: CertificatePage,
  madeAt: string,
  { name, text, about }: { name: string; text: string; about: string },
): void {
  const at = new Date(madeAt);
  // The library knows it; its types don't yet.
  const options: PDFKit.Mixins.PDFAttachmentOptions & { relationship: string } = {
    name,
    description: about,
    type: name.endsWith('.json') ? 'application/json' : 'application/x-ndjson',
    relationship: 'Source',
    creationDate: at,
    modifiedDate: at,
  };
  page.doc.file(Buffer.from(text), options);
}
