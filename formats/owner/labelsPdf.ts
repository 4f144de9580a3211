import type { OwnerFacts } from '../../core/drawing/handover/ownerFacts';
import { day } from '../../core/drawing/tokens';
import { CertificatePage, ink, soft } from '../certificate/CertificatePage';
import { languages, type Language } from './texts/languages';
import type { OwnerTexts } from './texts/OwnerTexts';

const mm = 72 / 25.4;
export interface Label {
  wMm: number;
  hMm: number;
  /** large, and small under it */ text: readonly [string, string];
  ground: 'paper' | 'stop';
}
/** The length of the bar by which a print is checked, mm. */
export const barMm = 100;

/** Labels for this heater, in the sizes in which they are stuck on. */
export function labelsOf(t: OwnerTexts, { afterrunS, fuseA }: Pick<OwnerFacts, 'afterrunS' | 'fuseA'>): Label[] {
  const minutes = afterrunS === null ? 5 : Math.max(1, Math.ceil(afterrunS / 60));
  return [
    { wMm: 90, hMm: 40, text: t.labels.refuel, ground: 'stop' },
    { wMm: 90, hMm: 40, text: t.labels.stop(minutes), ground: 'paper' },
    ...(fuseA === null ? [] : [{ wMm: 60, hMm: 22, text: t.labels.fuse(fuseA), ground: 'paper' as const }]),
    { wMm: 60, hMm: 22, text: t.labels.isolator, ground: 'paper' },
    { wMm: 60, hMm: 30, text: t.labels.hot, ground: 'stop' },
    { wMm: 60, hMm: 30, text: t.labels.hot, ground: 'stop' },
  ];
}

/** Labels at true scale on one page, with a bar to measure the print by. */
export function writeLabels(facts: OwnerFacts, language: Language, size: 'A4' | 'LETTER'): Promise<Buffer> {
  const t: OwnerTexts = languages[language];
  const page = new CertificatePage(`${t.title}, ${facts.name}`, facts.name, size);
  const { doc } = page;
  let [x, y, row] = [page.left, page.margin, 0];
  for (const label of labelsOf(t, facts)) {
    const [w, h] = [label.wMm * mm, label.hMm * mm];
    if (x + w > page.left + page.width + 1) [x, y, row] = [page.left, y + row + 4 * mm, 0];
    doc.rect(x, y, w, h).lineWidth(1);
    if (label.ground === 'stop') doc.fillAndStroke(day.stop, ink);
    else doc.stroke(ink);
    const colour = label.ground === 'stop' ? day.field : ink;
    const [large, small] = label.text;
    const inner = w - 6 * mm;
    // As large as goes on one line, and never higher than half of it.
    let points = Math.min(0.34 * h, 30);
    while (points > 7 && page.face('bold', large).fontSize(points).widthOfString(large) > inner) points -= 0.5;
    doc.fillColor(colour).text(large, x + 3 * mm, y + 0.16 * h, { width: inner, align: 'center', lineBreak: false });
    page
      .face('text', small)
      .fontSize(Math.max(8, points * 0.45))
      .text(small, x + 3 * mm, y + 0.55 * h, { width: inner, align: 'center' });
    x += w + 4 * mm;
    row = Math.max(row, h);
  }
  y += row + 12 * mm;
  doc.rect(page.left, y, barMm * mm, 3 * mm).fill(ink);
  page
    .face('text', t.labels.scale)
    .fontSize(9)
    .fillColor(soft)
    .text(t.labels.scale, page.left, y + 5 * mm);
  return page.close();
}
