import { licensedTrades } from '../../core/people/licences';
import { signatureBox } from '../../core/signature/strokes';
import { ink, soft } from './CertificatePage';
import { halfSignedBy } from '../../core/checks/progress';
import { day, type Section } from './Section';

/** Who signed, as what and when, with the drawn line and what it was signed over. */
export const signatures: Section = (page, { build }) => {
  const { doc } = page;
  page.heading('Signatures');
  if (build.signatures.length === 0) page.paragraph('None.');
  const half = halfSignedBy(build);
  if (half !== null)
    page.paragraph(`${half} has signed. The rule pack asks for a second person; it is not signed yet.`, { bold: true });
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
      .text(
        [
          `${signature.role}, ${day(signature.at)}`,
          ...(signature.reset
            ? [
                `${signature.reset.by} had given this person a new password, or taken the second step away, on ${day(signature.reset.at)}, before this signature`,
              ]
            : []),
          ...(signature.licences ?? []).map(({ trade, number }) => `${licensedTrades[trade]} ${number}`),
        ].join('; '),
        page.left + 190,
      );
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
