import QRCode from 'qrcode';
import type { Build } from '../core/build/Build';
import { fieldAt } from '../core/build/sheets';
import { holdPoints } from '../core/build/stages';
import { assess } from '../core/checks/assess';
import { layoutRun } from '../core/drawing/run/layoutRun';
import { showFigure } from '../core/figures/showFigure';
import type { NextMeasurement } from '../core/measure/nextMeasurements';
import { tools, toolOf, walkPlaces } from '../core/measure/stands';
import type { WalkStop } from '../core/measure/walkRound';
import { nameOf, rangeText } from '../core/measure/whyText';
import { cellUnit } from '../core/units/parseTyped';
import type { UnitPreferences } from '../core/units/inUnits';
import { CertificatePage, ink, soft } from './certificate/CertificatePage';
import { drawRun } from './certificate/run';
import type { Paper } from './templatePdf';

const codeWide = 74;
const box = { wide: 110, high: 19 };

/** One figure with its box to pencil in. */
function line(page: CertificatePage, n: number, item: NextMeasurement, units: UnitPreferences): void {
  const { doc } = page;
  page.room(box.high + 8);
  const top = doc.y;
  const path = 'path' in item.at ? item.at.path : null;
  const field = path ? fieldAt(path) : null;
  const at = page.left + page.width - box.wide;
  // An answer is written out; of a number the range is told as well.
  const range = field?.kind === 'number' ? `\n${rangeText(item, units) ?? ''}` : '';
  const usual = path && item.assumed ? `usual ${showFigure(path, item.assumed.value, units)}${range}` : '';
  const write = (text: string, x: number, width: number, bold = false, colour: string = ink) =>
    page
      .face(bold ? 'bold' : 'text', text)
      .fontSize(bold ? 10 : 8)
      .fillColor(colour)
      .text(text, x, top + (bold || text.includes('\n') ? 3 : 6), { width, ellipsis: true, height: box.high + 3 });
  write(String(n), page.left, 22, true);
  write(nameOf(item), page.left + 24, 196, true);
  write(path ? tools[toolOf(path)] : 'look it through', page.left + 224, 84, false, soft);
  write(usual, page.left + 312, at - page.left - 316, false, soft);
  doc
    .rect(at, top + 2, box.wide, box.high)
    .lineWidth(1)
    .strokeColor(ink)
    .stroke();
  if (field?.kind === 'number') {
    const unit = cellUnit(null, field.unit, units);
    write(unit === 'deg' ? '°' : unit, at + box.wide - 32, 30, false, soft);
  }
  doc.x = page.left;
  doc.y = top + box.high + 6;
}

/**
 * The walk-round on paper: the run as it is known, then place by place each figure with its tool, its usual value and a box. The numbers are
 * those of the page into which it is entered, to which the code leads.
 */
export async function writeWalkPdf(
  build: Build,
  stops: readonly WalkStop[],
  { paper, units, link }: { paper: Paper; units: UnitPreferences; link: string },
): Promise<Buffer> {
  const title = `Walk-round, ${build.identity.name}`;
  const page = new CertificatePage(title, build.id, paper === 'A4' ? 'A4' : 'LETTER');
  const code = await QRCode.toBuffer(link, { errorCorrectionLevel: 'M', margin: 1, width: 240 });
  page.doc.image(code, page.left + page.width - codeWide, 40, { width: codeWide });
  page.paragraph(title, { bold: true, size: 16 });
  const n = stops.reduce((sum, { items }) => sum + items.length, 0);
  page.paragraph(`${n} to measure, numbered as on the page to which the code leads: enter them there.`);
  page.paragraph('Dotted lines are assumed: usual, and not measured. The maker’s manual and the local code go first.', {
    colour: soft,
  });
  page.doc.y = Math.max(page.doc.y, 40 + codeWide + 6);
  const drawing = layoutRun(build, assess(build), 1100, 300);
  drawRun(page, drawing.marks, drawing);
  let count = 0;
  for (const { place, items } of stops) {
    page.heading(walkPlaces[place]);
    for (const item of items) {
      count += 1;
      line(page, count, item, units);
    }
  }
  if (n === 0) page.paragraph(`Nothing is left to measure ${holdPoints.handover}.`);
  return page.close();
}
