import { day } from '../core/drawing/tokens';
import PDFDocument from 'pdfkit';
import type { Template } from '../core/drawing/floor/templateShapes';
import { faceFor, registerFaces } from './certificate/CertificatePage';
import { pdfBytes } from './pdfBytes';

export const papers = { A4: { width: 210, height: 297 }, Letter: { width: 215.9, height: 279.4 } } as const;
export type Paper = keyof typeof papers;
const pt = (mm: number) => (mm * 72) / 25.4;
const edgeMm = 12;
const overlapMm = 8;
const inks = { holes: day.heat, outline: day.ink, datums: day.air, words: day.ink } as const;

/** How a template falls on pages: so many across and down, each showing a window of it, mm. */
export function tilesOf(template: Pick<Template, 'width' | 'height'>, paper: Paper) {
  const { width, height } = papers[paper];
  const window = { width: width - 2 * edgeMm, height: height - 2 * edgeMm - 8 };
  const fit = (whole: number, one: number) => Math.max(1, Math.ceil((whole - overlapMm) / (one - overlapMm)));
  // Turned where that takes fewer sheets.
  const upright = fit(template.width, window.width) * fit(template.height, window.height);
  const across = { width: height - 2 * edgeMm, height: width - 2 * edgeMm - 8 };
  const lying = fit(template.width, across.width) * fit(template.height, across.height);
  const landscape = lying < upright;
  const used = landscape ? across : window;
  return { landscape, window: used, columns: fit(template.width, used.width), rows: fit(template.height, used.height) };
}

/**
 * The template at true scale, over as many sheets as it takes, with register marks where the sheets overlap by 8 mm.
 * Print without scaling and measure the check bar.
 */
export function writeTemplatePdf(template: Template, paper: Paper): Promise<Buffer> {
  const { landscape, window, columns, rows } = tilesOf(template, paper);
  const doc = new PDFDocument({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    layout: landscape ? 'landscape' : 'portrait',
    margin: 0,
    autoFirstPage: false,
    info: { Title: template.title, Creator: 'Lorbet' },
  });
  registerFaces(doc);
  const top = template.bottom + template.height;
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      doc.addPage();
      const [fromX, fromY] = [column * (window.width - overlapMm), row * (window.height - overlapMm)];
      const x = (mm: number) => pt(mm - template.left - fromX + edgeMm);
      const y = (mm: number) => pt(top - mm - fromY + edgeMm);
      doc.save().rect(pt(edgeMm), pt(edgeMm), pt(window.width), pt(window.height)).clip();
      for (const shape of template.shapes) {
        doc.lineWidth(0.6).strokeColor(inks[shape.layer]);
        if (shape.kind === 'circle') doc.circle(x(shape.x), y(shape.y), pt(shape.radius)).stroke();
        else if (shape.kind === 'line') doc.moveTo(x(shape.x1), y(shape.y1)).lineTo(x(shape.x2), y(shape.y2)).stroke();
        else
          doc
            .font(faceFor('text', shape.text))
            .fontSize(pt(shape.sizeMm))
            .fillColor(inks.words)
            .text(shape.text, x(shape.x), y(shape.y) - pt(shape.sizeMm), { lineBreak: false });
      }
      doc.restore();
      // Register marks lie on the corners of the overlap, so that those of two sheets cover each other.
      doc.lineWidth(0.5).strokeColor(day.ink);
      for (const mx of [overlapMm / 2, window.width - overlapMm / 2])
        for (const my of [overlapMm / 2, window.height - overlapMm / 2]) {
          const [cx, cy] = [pt(edgeMm + mx), pt(edgeMm + my)];
          doc
            .moveTo(cx - 8, cy)
            .lineTo(cx + 8, cy)
            .moveTo(cx, cy - 8)
            .lineTo(cx, cy + 8)
            .circle(cx, cy, 4)
            .stroke();
        }
      doc
        .font(faceFor('text', template.title))
        .fontSize(8)
        .fillColor(day.ink)
        .text(
          `${template.title} · sheet ${row * columns + column + 1} of ${rows * columns}${rows * columns > 1 ? `, row ${row + 1}, column ${column + 1}` : ''} · print at 100 %, not “fit to page”`,
          pt(edgeMm),
          pt(edgeMm + window.height + 3),
          { lineBreak: false },
        );
    }
  return pdfBytes(doc);
}
