import type { Build } from '../core/build/Build';
import type { LoomDrawing } from '../core/drawing/wiring/layoutLoom';
import { CertificatePage, soft } from './certificate/CertificatePage';
import { drawLoom } from './certificate/drawLoom';
import type { Paper } from './templatePdf';

/** The loom on one sheet across, as large as it goes on it. */
export function writeLoomPdf(build: Build, drawing: LoomDrawing, paper: Paper): Promise<Buffer> {
  const title = `Loom, ${build.identity.name}`;
  const page = new CertificatePage(title, build.id, paper === 'A4' ? 'A4' : 'LETTER', 'landscape');
  page.paragraph(title, { bold: true, size: 14 });
  page.paragraph('Under glow. A wire is as wide as its amps; dotted: signals, and what is not needed.', { colour: soft });
  const { doc } = page;
  const top = doc.y + 6;
  const scale = Math.min(page.width / drawing.width, (doc.page.height - doc.page.margins.bottom - top) / drawing.height, 1);
  drawLoom(page, drawing, { left: page.left, top, scale });
  return page.close();
}
