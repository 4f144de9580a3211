import type { Build } from '../core/build/Build';
import { columnsOf, rowsOf } from '../core/build/lists';
import { cableName, loomName } from '../core/model/wiring/loomOf';
import { formatShort } from '../core/units/formatNumber';
import { CertificatePage, hair, ink, soft } from './certificate/CertificatePage';
import type { Paper } from './templatePdf';

const columns = 3;
/** pt: a flag that is folded round the wire in its middle, both halves alike. */
const label = { high: 58, apart: 6 } as const;

/** A label for each end of each wire, to print, cut out and fold round it; the numbers are those of the wire list. */
export function writeWireLabelsPdf(build: Build, paper: Paper): Promise<Buffer> {
  const title = `Wire labels, ${build.identity.name}`;
  const page = new CertificatePage(title, build.id, paper === 'A4' ? 'A4' : 'LETTER');
  const { doc } = page;
  page.paragraph(title, { bold: true, size: 14 });
  page.paragraph('Two of each wire, one for each end; numbered as in the wire list. Cut along the lines, fold round the wire.', {
    colour: soft,
  });
  const [parts, cables] = [rowsOf(build.lists, 'loomParts'), rowsOf(build.lists, 'cables')];
  const { wire: carries } = columnsOf('cables');
  const named = (id: string | undefined): string => {
    const i = parts.findIndex((part) => part.id === id);
    const part = parts[i];
    return part ? loomName(part, i) : '';
  };
  const told = (key: string | undefined): string =>
    key !== undefined && carries?.kind === 'choice' ? ((carries.options as Record<string, string>)[key] ?? key) : '';
  const wide = (page.width - (columns - 1) * label.apart) / columns;
  const labels = cables.flatMap((row, i) =>
    [named(row.fromId), named(row.toId)].map((at) => ({
      number: String(i + 1),
      name: cableName(row, parts),
      at: `at ${at}`,
      laid: [
        told(row.wire),
        row.areaMm2 === undefined ? '' : `${formatShort(row.areaMm2)} mm²`,
        row.colour ?? '',
        row.pin === undefined ? '' : `pin ${row.pin}`,
      ]
        .filter(Boolean)
        .join(', '),
    })),
  );
  let top = doc.y + 4;
  labels.forEach(({ number, name, at, laid }, i) => {
    const column = i % columns;
    if (column === 0 && i > 0) top += label.high + label.apart;
    if (column === 0) {
      doc.y = top;
      page.room(label.high + label.apart);
      top = doc.y;
    }
    const left = page.left + column * (wide + label.apart);
    doc.rect(left, top, wide, label.high).lineWidth(0.5).strokeColor(hair).stroke();
    page
      .face('bold', number)
      .fontSize(20)
      .fillColor(ink)
      .text(number, left + 6, top + 6, { width: 34, lineBreak: false });
    const line = (text: string, down: number, bold = false) =>
      page
        .face(bold ? 'bold' : 'text', text)
        .fontSize(8)
        .fillColor(ink)
        .text(text, left + 42, top + down, { width: wide - 46, height: bold ? 20 : 10, ellipsis: true });
    line(name, 7, true);
    line(at, 29);
    line(laid, 42);
  });
  return page.close();
}
