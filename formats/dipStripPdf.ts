import { day } from '../core/drawing/tokens';
import PDFDocument from 'pdfkit';
import type { TankPicture } from '../core/drawing/tank/tankPicture';
import { formatFixed } from '../core/units/formatNumber';
import { faceFor, registerFaces } from './certificate/CertificatePage';
import { pdfBytes } from './pdfBytes';
import { papers, type Paper } from './templatePdf';

const pt = (mm: number) => (mm * 72) / 25.4;
const edgeMm = 14;
/** Strip is so wide, mm. */
const wideMm = 34;

/**
 * A dipstick's scale at true size, to be cut out and glued to a stick: lowest level at the foot of each piece.
 * A tank higher than the paper takes several pieces, each beginning where the one before it ended.
 */
export function writeDipStripPdf(tank: TankPicture, title: string, paper: Paper): Promise<Buffer> {
  const page = papers[paper];
  const usable = page.height - 2 * edgeMm - 24;
  const perPage = Math.floor((page.width - 2 * edgeMm) / (wideMm + 8));
  const pieces = Math.max(1, Math.ceil(tank.heightMm / usable));
  const doc = new PDFDocument({
    size: paper === 'A4' ? 'A4' : 'LETTER',
    margin: 0,
    autoFirstPage: false,
    info: { Title: title, Creator: 'Lorbet' },
  });
  registerFaces(doc);
  const write = (text: string, x: number, y: number, size: number) =>
    doc.font(faceFor('text', text)).fontSize(size).fillColor(day.ink).text(text, pt(x), pt(y), { lineBreak: false });
  for (let piece = 0; piece < pieces; piece += 1) {
    const column = piece % perPage;
    if (column === 0) {
      doc.addPage();
      write(`${title}: dip strip`, edgeMm, 6, 11);
      write(`print at 100 %, not “fit to page”; cut along the lines; foot of piece 1 on the tank’s floor`, edgeMm, 11, 8);
      // A bar to measure before anything is cut.
      const barY = page.height - 8;
      doc
        .lineWidth(0.8)
        .strokeColor(day.ink)
        .moveTo(pt(edgeMm), pt(barY))
        .lineTo(pt(edgeMm + 100), pt(barY))
        .stroke();
      write('this bar is 100 mm', edgeMm + 103, barY - 2, 8);
    }
    const [from, to] = [piece * usable, Math.min((piece + 1) * usable, tank.heightMm)];
    const left = edgeMm + column * (wideMm + 8);
    const foot = page.height - edgeMm - 6;
    const y = (mm: number) => foot - (mm - from);
    doc
      .lineWidth(0.8)
      .strokeColor(day.ink)
      .rect(pt(left), pt(y(to)), pt(wideMm), pt(to - from))
      .stroke();
    for (const { levelMm, litres, major } of tank.marks) {
      if (levelMm < from || levelMm > to) continue;
      doc
        .lineWidth(major ? 0.8 : 0.4)
        .moveTo(pt(left), pt(y(levelMm)))
        .lineTo(pt(left + (major ? 12 : 7)), pt(y(levelMm)))
        .stroke();
      if (major) write(`${formatFixed(litres, litres < 10 ? 1 : 0)} L`, left + 14, y(levelMm) - 1.6, 9);
    }
    for (const [mm, what] of [
      [tank.limitMm, 'no higher'],
      [tank.pickupMm, 'pickup'],
    ] as const)
      if (mm >= from && mm <= to) {
        doc
          .lineWidth(1.6)
          .moveTo(pt(left), pt(y(mm)))
          .lineTo(pt(left + wideMm), pt(y(mm)))
          .stroke();
        write(what, left + 15, y(mm) - 4.4, 8);
      }
    if (pieces > 1) write(`piece ${piece + 1} of ${pieces}`, left, foot + 1, 8);
  }
  return pdfBytes(doc);
}
