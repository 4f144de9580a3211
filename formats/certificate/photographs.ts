import { lists, rowsOf } from '../../core/build/lists';
import { ink, soft } from './CertificatePage';
import type { Section } from './Section';

/** Photographs that were chosen for the paper, two beside each other, each with its fingerprint. */
export const photographs: Section = (page, { build, pictures = new Map<string, Buffer>() }) => {
  const chosen = rowsOf(build.lists, 'photos').filter((row) => row.printed === 'yes' && row.sha256 !== undefined);
  if (chosen.length === 0) return;
  const { doc } = page;
  const [gap, high] = [14, 190];
  // The heading stays with its first pictures.
  page.room(high + 100);
  page.heading('Photographs');
  const wide = (page.width - gap) / 2;
  for (let i = 0; i < chosen.length; i += 2) {
    page.room(high + 44);
    const top = doc.y;
    chosen.slice(i, i + 2).forEach((row, k) => {
      const x = page.left + k * (wide + gap);
      const bytes = pictures.get(row.sha256 ?? '');
      const caption = row.caption ?? (row.about ? lists.photos.columns.about.options[row.about] : 'photograph');
      if (bytes) doc.image(bytes, x, top, { fit: [wide, high], align: 'center', valign: 'center' });
      else
        doc
          .font('text')
          .fontSize(9)
          .fillColor(soft)
          .text('The picture itself is not in this Lorbet.', x, top + high / 2, { width: wide });
      page
        .face('text', caption)
        .fontSize(9)
        .fillColor(ink)
        .text(caption, x, top + high + 4, { width: wide, lineBreak: false });
      doc
        .font('mono')
        .fontSize(5.5)
        .fillColor(soft)
        .text(`sha-256 ${row.sha256 ?? ''}`, x, top + high + 18, { width: wide, lineBreak: false });
    });
    doc.x = page.left;
    doc.y = top + high + 34;
    doc.font('text').fontSize(9.5).fillColor(ink);
  }
};
