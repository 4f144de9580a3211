import { signatureBox } from '../../core/signature/strokes';
import { ink, soft } from './CertificatePage';
import { day, type Section } from './Section';

/** Who signed, as what and when, with the drawn line and what it was signed over. */
export const signatures: Section = (page, { build }) => {
  const { doc } = page;
  page.heading('Signatures');
  if (build.signatures.length === 0) page.paragraph('None.');
  for (const signature of build.signatures) {
    page.room(62);
    const top = doc.y;
    // Whatever is drawn stays within its box.
    doc
      .save()
      .translate(page.left, top)
      .scale(0.28)
      .rect(0, 0, signatureBox.width, signatureBox.height)
      .clip()
      .path(signature.drawn)
      .lineWidth(4)
      .strokeColor(ink)
      .stroke()
      .restore();
    page
      .face('bold', signature.typedName)
      .text(signature.typedName, page.left + 190, top + 6)
      .font('text')
      .text(`${signature.role}, ${day(signature.at)}`, page.left + 190);
    doc
      .font('mono')
      .fontSize(7)
      .fillColor(soft)
      .text(`signed over build ${signature.formerHash ?? signature.buildHash}`, page.left + 190)
      .font('text')
      .fontSize(9.5)
      .fillColor(ink);
    doc.x = page.left;
    doc.y = top + 60;
  }
};
