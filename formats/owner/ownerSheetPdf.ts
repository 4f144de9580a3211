import type { OwnerFacts } from '../../core/drawing/handover/ownerFacts';
import { CertificatePage, levelInk, soft } from '../certificate/CertificatePage';
import { languages, type Language } from './texts/languages';
import { leavesOf } from './leavesOf';
import type { OwnerTexts, Passage } from './texts/OwnerTexts';

/**
 * The owner's sheet: one page of A4 across on both sides, folded once. Outside: back and front; inside: lighting and signs.
 * @returns the bytes of a PDF of two pages
 */
export async function writeOwnerSheet(facts: OwnerFacts, workshop: string, language: Language): Promise<Buffer> {
  const t: OwnerTexts = languages[language];
  const leaves = leavesOf(t, facts, workshop);
  // As large as goes on one sheet: it is read by the light of a torch.
  for (const scale of scales) {
    const page = sheetIn(t, leaves, facts, scale);
    if (page.pages === 2 || scale === scales.at(-1)) return page.close();
  }
  throw new RangeError('There is no size to set the sheet in.');
}
const scales = [1.35, 1.25, 1.15, 1.05, 0.95, 0.85] as const;

function sheetIn(t: OwnerTexts, leaves: ReturnType<typeof leavesOf>, facts: OwnerFacts, scale: number): CertificatePage {
  const page = new CertificatePage(`${t.title}, ${facts.name}`, facts.name, 'A4', 'landscape', t.pageOf);
  const write = (passages: readonly Passage[]) => {
    for (const { title, lines } of passages) {
      page.heading(title);
      for (const line of lines) page.paragraph(`• ${line}`);
    }
  };
  page.inColumns(2, scale);
  write(leaves.back);
  page.paragraph(t.notice, { size: 7, colour: soft });
  page.nextColumn();
  page.paragraph(t.title, { size: 20, bold: true });
  page.paragraph([facts.name, facts.serial && t.serial(facts.serial)].filter(Boolean).join(' · '), { size: 11 });
  if (facts.invented) page.paragraph(t.invented, { bold: true, colour: levelInk.stop });
  write(leaves.front);
  page.nextPage();
  write(leaves.left);
  page.nextColumn();
  write(leaves.right);
  return page;
}
