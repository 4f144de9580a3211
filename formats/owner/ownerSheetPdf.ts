import type { OwnerFacts } from '../../core/drawing/handover/ownerFacts';
import { CertificatePage, levelInk, soft } from '../certificate/CertificatePage';
import { languages, type Language } from './texts/languages';
import type { OwnerTexts, Passage } from './texts/OwnerTexts';

/** The four leaves of a sheet folded once, each a list of passages: front, inside left, inside right, back. */
export function leavesOf(
  t: OwnerTexts,
  facts: OwnerFacts,
  workshop: string,
): Record<'front' | 'left' | 'right' | 'back', Passage[]> {
  const { dates } = t;
  const never = { ...t.never, lines: [t.inside[facts.kind], ...t.never.lines] };
  const dueLines = facts.dues.map(({ kind, firstDay, everyMonths }) => dates.due(t.dues[kind], t.day(firstDay), everyMonths));
  const when = facts.handedOver === null ? [dates.none] : [dates.handedOver(t.day(facts.handedOver)), ...dueLines];
  return {
    front: [never, t.alarm],
    left: [t.light(facts), t.stop(facts), t.burnHot],
    right: [t.signs, ...(facts.codes.length > 0 ? [t.codes(facts.codes.slice(0, codesMax))] : [])],
    back: [
      t.fuel(facts),
      t.spares(facts.spares.slice(0, sparesMax)),
      { title: dates.title, lines: when },
      t.call({ workshop, signedBy: facts.signedBy }),
    ],
  };
}
/** More than these don't fit on their leaf; the controller's own manual has all of its codes. */
const [codesMax, sparesMax] = [14, 6];

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
