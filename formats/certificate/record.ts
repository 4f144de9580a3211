import { day, type Section } from './Section';

/** The ledger that stands behind it, and both hashes. */
export const record: Section = (page, { verification, hash, madeAt, proof }) => {
  const { doc } = page;
  const { broken, lastHash } = verification;
  page.heading('Record');
  page.paragraph(
    `Ledger: ${verification.rows} rows, ${broken === null ? 'each following from the one before, and the build as the last one left it' : `BROKEN: ${broken.why}`}. Last row’s hash:`,
  );
  doc.font('mono').fontSize(8).text(lastHash, page.left).font('text').fontSize(9.5);
  page.paragraph('Hash of the build without its signatures (SHA-256 over canonical JSON):');
  doc.font('mono').fontSize(8).text(hash, page.left).font('text').fontSize(9.5);
  page.paragraph(
    proof
      ? `Made ${day(madeAt)}. This file holds the build, its ledger and a proof, signed with the workshop’s key ${proof.keyId} (Ed25519); the code on page 1 holds the proof as well. Whether paper, build and ledger agree anybody can see at ${proof.address}, or by the script in Lorbet’s documents (docs/certificate.md). Whose key it is, ask the workshop.`
      : `Made ${day(madeAt)}. It is not signed with a key of the workshop, so it proves nothing by itself. The code at the top of page 1 holds the build’s id and both hashes.`,
  );
};
