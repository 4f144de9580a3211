import { day } from '../../core/drawing/tokens';
import { layoutRun } from '../../core/drawing/run/layoutRun';
import type { Mark } from '../../core/drawing/run/marks';
import { hair, ink, soft, type CertificatePage } from './CertificatePage';
import type { Section } from './Section';

const fills = { ...day, paper: day.field, fuel: day['fuel-fill'] };

const flowInk = { fuel: day.fuel, air: day.air, heat: day.heat, ink } as const;

/** Draws the run across the page. */
export function drawRun(page: CertificatePage, marks: readonly Mark[], drawing: { width: number; height: number }): void {
  const { doc } = page;
  const scale = page.width / drawing.width;
  page.room(drawing.height * scale + 12);
  const top = doc.y;
  doc.save().translate(page.left, top).scale(scale);
  doc.rect(0, 0, drawing.width, drawing.height).lineWidth(1.5).strokeColor(ink).stroke();
  for (const mark of marks) {
    if (mark.kind === 'text') {
      page
        .face(mark.strong ? 'bold' : 'text', mark.text)
        .fontSize(14)
        .fillColor(mark.part === null ? soft : flowInk[mark.flow]);
      const width = doc.widthOfString(mark.text);
      doc.text(mark.text, mark.x - (mark.anchor === 'middle' ? width / 2 : mark.anchor === 'end' ? width : 0), mark.y - 11, {
        lineBreak: false,
      });
      continue;
    }
    if (mark.d === '') continue;
    if (mark.fill && mark.fill !== 'ground') doc.path(mark.d).fill(fills[mark.fill]);
    if (mark.width === 0) continue;
    doc
      .path(mark.d)
      .lineWidth(mark.width)
      .strokeColor(mark.name === 'grid' ? day.grid : mark.name === 'hatch' ? hair : flowInk[mark.flow]);
    if (mark.ink === 'planned') doc.dash(7, { space: 5 });
    else if (mark.ink === 'unknown') doc.dash(2, { space: 5 });
    doc.stroke().undash();
  }
  doc.restore();
  doc.x = page.left;
  doc.y = top + drawing.height * scale + 6;
}

export const run: Section = (page, { build, findings }) => {
  const drawing = layoutRun(build, findings, 1100, 300);
  drawRun(page, drawing.marks, drawing);
  page.paragraph(
    'Broken lines are planned, full ones fitted, heavy ones proven. Lengths are to scale; bodies may be drawn larger.',
    { size: 8, colour: soft },
  );
};
