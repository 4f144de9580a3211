import { day } from '../../core/drawing/tokens';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import PDFDocument from 'pdfkit';
import type { Level } from '../../core/checks/Finding';
import { pdfBytes } from '../pdfBytes';

export const { ink } = day;
export const { soft } = day;
export const { hair } = day;
export const levelInk: Record<Level, string> = { stop: day.stop, fix: day.fix, watch: day.watch, open: ink, sound: day.sound };
const margin = 46;
/** between columns, pt */
const gutter = 16;

const fontFile = (file: string) => readFileSync(path.join(process.cwd(), 'node_modules', file));
// TTF throughout, since the PDF library unpacks a WOFF anew for each glyph, which takes seconds.
const own = (family: 'Next' | 'Mono', weight: '400Regular' | '700Bold') =>
  `@expo-google-fonts/atkinson-hyperlegible-${family.toLowerCase()}/${weight}/AtkinsonHyperlegible${family}_${weight}.ttf`;
const wide = (name: string) => `dejavu-fonts-ttf/ttf/${name}.ttf`;

export type Face = 'text' | 'bold' | 'mono' | 'monobold';
const faces: Record<Face, { own: string; wide: string }> = {
  text: { own: own('Next', '400Regular'), wide: wide('DejaVuSans') },
  bold: { own: own('Next', '700Bold'), wide: wide('DejaVuSans-Bold') },
  mono: { own: own('Mono', '400Regular'), wide: wide('DejaVuSansMono') },
  monobold: { own: own('Mono', '700Bold'), wide: wide('DejaVuSansMono-Bold') },
};
/** The app's own faces hold Windows-1252 and the minus; Greek letters and names from elsewhere are set in a wider face. */
const ownHolds = /^[\x20-\x7e\xa0-\xff\n–—‘’“”•…€−]*$/;

/** Gives a document the app's own faces, each with its wider one. */
export function registerFaces(doc: PDFKit.PDFDocument): void {
  for (const [face, files] of Object.entries(faces))
    doc.registerFont(face, fontFile(files.own)).registerFont(`${face} wide`, fontFile(files.wide));
}
/** The face in which a text can be set without a gap; where a letter is wanting, the whole text gets the wider face. */
export const faceFor = (face: Face, text: string): string => (ownHolds.test(text) ? face : `${face} wide`);

/** A document with the app's own faces and a few ways to set text; every page gets a foot when it is closed. */
export class CertificatePage {
  readonly doc: PDFKit.PDFDocument;
  /** where the column begins in which is written, and how wide it is; pt */ left = margin;
  width: number;
  /** how many columns there are, in which one it writes, where they begin on this page, and how large letters are beside those of a whole page */
  private columns = { count: 1, at: 0, top: margin, scale: 1 };
  readonly margin = margin;
  private readonly begins: { title: string; page: number }[] = [];

  constructor(
    title: string,
    private readonly foot: string,
    size: 'A4' | 'LETTER' = 'A4',
    layout: 'portrait' | 'landscape' = 'portrait',
    private readonly pageOf: (n: number, of: number) => string = (n, of) => `page ${n} of ${of}`,
  ) {
    this.doc = new PDFDocument({
      size,
      layout,
      margins: { top: margin, left: margin, right: margin, bottom: 56 },
      bufferPages: true,
      info: { Title: title, Producer: 'Lorbet', Creator: 'Lorbet' },
    });
    registerFaces(this.doc);
    this.width = this.doc.page.width - 2 * margin;
    this.doc.font('text').fontSize(9.5).fillColor(ink);
  }

  face(face: Face, text: string): PDFKit.PDFDocument {
    return this.doc.font(faceFor(face, text));
  }

  private get bottom(): number {
    return this.doc.page.height - 60;
  }

  /** Begins a new column, or a new page, where less than so much is left. */
  room(points: number): void {
    if (this.doc.y + points > this.bottom) this.go();
    this.doc.x = this.left;
  }

  private go(): void {
    const { columns } = this;
    columns.at += 1;
    if (columns.at >= columns.count) {
      this.doc.addPage();
      Object.assign(columns, { at: 0, top: margin });
    }
    this.left = margin + columns.at * (this.width + gutter);
    this.doc.y = columns.top;
  }

  /** How many pages there are so far. */
  get pages(): number {
    return this.doc.bufferedPageRange().count;
  }

  /** Goes on in the next column, on the next page after the last one. */
  nextColumn(): void {
    this.go();
  }

  /** Begins a page, unless nothing stands on this one. */
  nextPage(): void {
    if (this.doc.y > margin + 1 || this.columns.at > 0) {
      this.columns.at = this.columns.count;
      this.go();
    }
  }

  /** From here on it writes in so many columns, in smaller letters. */
  inColumns(count: number, scale: number): void {
    this.columns = { count, at: 0, top: this.doc.y, scale };
    this.width = (this.doc.page.width - 2 * margin - (count - 1) * gutter) / count;
  }

  /** Size of letters here, pt, where a whole page would have so many. */
  private size(points: number): number {
    return points * this.columns.scale;
  }

  /** Titles of what came, and on which pages they begin. */
  get contents(): readonly { title: string; page: number }[] {
    return this.begins;
  }

  heading(text: string): void {
    this.room(this.size(60));
    this.begins.push({ title: text, page: this.doc.bufferedPageRange().count });
    this.doc
      .moveDown(0.7 * this.columns.scale)
      .font('bold')
      .fontSize(this.size(12))
      .fillColor(ink)
      .text(text, this.left, this.doc.y, { width: this.width });
    const { y } = this.doc;
    this.doc
      .moveTo(this.left, y + 1)
      .lineTo(this.left + this.width, y + 1)
      .lineWidth(1)
      .strokeColor(ink)
      .stroke();
    this.doc.y = y + 5 * this.columns.scale;
    this.doc.font('text').fontSize(this.size(9.5));
  }

  paragraph(text: string, options: { bold?: boolean; colour?: string; size?: number; indent?: number } = {}): void {
    const indent = options.indent ?? 0;
    this.face(options.bold ? 'bold' : 'text', text)
      .fontSize(this.size(options.size ?? 9.5))
      .fillColor(options.colour ?? ink);
    this.room(this.doc.heightOfString(text, { width: this.width - indent }) + 2);
    this.doc.text(text, this.left + indent, this.doc.y, { width: this.width - indent });
    this.doc.font('text').fontSize(this.size(9.5)).fillColor(ink).moveDown(0.2);
  }

  /** A row of cells at given shares of the width; the row is as high as its highest cell. */
  row(
    cells: readonly { text: string; share: number; bold?: boolean; mono?: boolean; right?: boolean; colour?: string }[],
    line = true,
  ): void {
    const set = (cell: (typeof cells)[number]) =>
      this.face(cell.mono ? (cell.bold ? 'monobold' : 'mono') : cell.bold ? 'bold' : 'text', cell.text)
        .fontSize(this.size(9))
        .fillColor(cell.colour ?? ink);
    const height = Math.max(
      ...cells.map((cell) => set(cell).heightOfString(cell.text || ' ', { width: cell.share * this.width - 6 })),
    );
    const apart = this.size(2);
    this.room(height + 2.5 * apart);
    const top = this.doc.y;
    let x = this.left;
    for (const cell of cells) {
      set(cell).text(cell.text, x, top + apart, { width: cell.share * this.width - 6, align: cell.right ? 'right' : 'left' });
      x += cell.share * this.width;
    }
    const y = top + height + 2 * apart;
    if (line)
      this.doc
        .moveTo(this.left, y)
        .lineTo(this.left + this.width, y)
        .lineWidth(0.4)
        .strokeColor(hair)
        .stroke();
    this.doc.x = this.left;
    this.doc.y = y;
    this.doc.font('text').fontSize(this.size(9.5)).fillColor(ink);
  }

  /** Closes the document: the foot and "page n of m" on each page. @returns its bytes */
  close(): Promise<Buffer> {
    const { start, count } = this.doc.bufferedPageRange();
    const wide = this.doc.page.width - 2 * margin;
    for (let i = start; i < start + count; i += 1) {
      this.doc.switchToPage(i);
      const y = this.doc.page.height - 40;
      // Writing below the bottom margin would begin a page of its own.
      this.doc.page.margins.bottom = 0;
      this.doc
        .font('mono')
        .fontSize(6.5)
        .fillColor(soft)
        .text(this.foot, margin, y, { width: wide - 70, lineBreak: false });
      this.doc.text(this.pageOf(i + 1, count), margin + wide - 70, y, { width: 70, align: 'right', lineBreak: false });
    }
    return pdfBytes(this.doc);
  }
}
