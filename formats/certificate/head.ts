import { buildKinds } from '../../core/build/Build';
import { ink, levelInk, soft } from './CertificatePage';
import type { Section } from './Section';

/** pt: side of the code at the top of page 1. */
export const codePt = 108;

/** Whose heater, in what, fitted by whom. */
export const head: Section = (page, { build, workshop, demo }) => {
  const { doc } = page;
  doc.font('text').fontSize(9.5).fillColor(soft).text('Record of a diesel heater installation', page.left, 46);
  page
    .face('bold', build.identity.name)
    .fontSize(20)
    .fillColor(ink)
    .text(build.identity.name, { width: page.width - codePt - 14 });
  for (const line of [
    [build.identity.what, buildKinds[build.identity.kind], build.identity.place].filter(Boolean).join(' · '),
    `Fitted by ${workshop}${build.identity.heaterSerial ? ` · heater serial ${build.identity.heaterSerial}` : ''}`,
  ])
    page
      .face('text', line)
      .fontSize(11)
      .text(line, { width: page.width - codePt - 14 });
  if (build.identity.invented || demo)
    page.paragraph('DEMO: workshop, people, vehicle and figures are all invented.', { bold: true, colour: levelInk.stop });
  doc.y = Math.max(doc.y, 40 + codePt);
};
