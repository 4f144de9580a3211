import { holdPointSteps } from '../../core/build/stages';
import { waiverText } from '../../core/checks/findingText';
import { describeRow } from '../../core/ledger/describeRow';
import { claimLines } from '../../core/wording/claimLines';
import { levelInk, soft } from './CertificatePage';
import { day, type Section } from './Section';

/** How many waivers stand on the first page; all of them stand with their findings. */
const waiversShown = 4;

/** What a lead accepted, and why. */
export const waivers: Section = (page, { build }) => {
  page.heading('Waivers');
  if (build.waivers.length === 0) page.paragraph('None.');
  for (const w of build.waivers.slice(0, waiversShown))
    page.paragraph(`${w.checkId}: ${waiverText(w, build.identity.kind)} Waived by ${w.by}, ${day(w.at)}: ${w.reason}`);
  const more = build.waivers.length - waiversShown;
  if (more > 0) page.paragraph(`And ${more} more, each with its finding in the annex.`, { bold: true });
};

/** What people decided: hold points, corrections; and what a file claims that they did. */
export const decisions: Section = (page, { build, rows }) => {
  if (build.releases && build.releases.length > 0) {
    page.heading('Hold points');
    for (const release of build.releases)
      page.paragraph(
        `${holdPointSteps[release.holdPoint]}: released by ${release.by}, ${day(release.at)}${release.open.length > 0 ? `, with ${release.open.join(', ')} open` : ''}`,
      );
  }
  for (const claim of build.claims ?? []) {
    page.heading('Claimed in a file, not seen here');
    page.paragraph(
      `Imported by ${claim.by}, ${day(claim.at)}. Nobody of this workshop has seen any of it; it counts for nothing here.`,
      { bold: true, colour: levelInk.stop },
    );
    for (const line of claimLines(claim)) page.paragraph(`• ${line}`, { colour: soft });
  }
  const corrections = rows.filter((row) => typeof (row.body as { reason?: unknown }).reason === 'string' && row.kind !== 'waive');
  if (corrections.length > 0) {
    page.heading('Corrections after a signature');
    for (const row of corrections) page.paragraph(`${day(row.at)}, ${row.by}: ${describeRow(row)}`);
  }
};
