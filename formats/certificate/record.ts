import { day, type Section } from './Section';

/** The ledger that stands behind it, and both hashes. */
export const record: Section = (page, { verification, hash, madeAt }) => {
  const { doc } = page;
  const { broken, lastHash } = verification;
  page.heading('Record');
  page.paragraph(
    `Ledger: ${verification.rows} rows, ${broken === null ? 'each following from the one before, and the build as the last one left it' : `BROKEN: ${broken.why}`}. Last row’s hash:`,
  );
  doc.font('mono').fontSize(8).text(lastHash, page.left).font('text').fontSize(9.5);
  page.paragraph('Hash of the build without its signatures (SHA-256 over canonical JSON):');
  doc.font('mono').fontSize(8).text(hash, page.left).font('text').fontSize(9.5);
  page.paragraph(`Made ${day(madeAt)}. The code at the top of page 1 holds the build’s id and both hashes.`);
};
