import { day } from '../../core/drawing/tokens';
import type { LoomDrawing } from '../../core/drawing/wiring/layoutLoom';
import { ink, soft, type CertificatePage } from './CertificatePage';

const inks = { plus: day.copper, minus: ink, signal: soft } as const;

/** The loom as it is drawn on screen, set on a page. */
export function drawLoom(
  page: CertificatePage,
  drawing: LoomDrawing,
  { left, top, scale }: { left: number; top: number; scale: number },
): void {
  const { doc } = page;
  doc.save().translate(left, top).scale(scale);
  for (const { d, wire, thick, spare } of drawing.wires) {
    doc.path(d).lineWidth(thick).strokeColor(inks[wire]);
    if (spare || wire === 'signal') doc.dash(2, { space: 5 });
    doc.stroke().undash();
  }
  const write = (text: string, x: number, y: number, anchor: 'start' | 'middle', bold = false) => {
    page
      .face(bold ? 'bold' : 'text', text)
      .fontSize(12)
      .fillColor(ink);
    doc.text(text, anchor === 'middle' ? x - doc.widthOfString(text) / 2 : x, y - 10, { lineBreak: false });
  };
  for (const { labels } of drawing.wires) for (const { text, x, y, anchor } of labels) write(text, x, y, anchor);
  for (const { x, y, w, h, lines } of drawing.parts) {
    doc
      .rect(x - w / 2, y - h / 2, w, h)
      .lineWidth(1.5)
      .fillAndStroke(day.field, ink);
    lines.forEach((line, i) => write(line, x, y + (lines.length === 1 ? 5 : i * 17 - 3), 'middle', i === 0));
  }
  doc.restore();
}
