import { buildKinds } from '../../core/build/Build';
import { ink, levelInk, soft } from './CertificatePage';
import type { Section } from './Section';

/** Whose heater, in what, fitted by whom. */
export const head: Section = (page, { build, workshop, demo }) => {
  const { doc } = page;
  doc.font('text').fontSize(9.5).fillColor(soft).text('Record of a diesel heater installation', page.left, 46);
  page
    .face('bold', build.identity.name)
    .fontSize(22)
    .fillColor(ink)
    .text(build.identity.name, { width: page.width - 110 });
  for (const line of [
    [build.identity.what, buildKinds[build.identity.kind], build.identity.place].filter(Boolean).join(' · '),
    `Fitted by ${workshop}${build.identity.heaterSerial ? ` · heater serial ${build.identity.heaterSerial}` : ''}`,
  ])
    page
      .face('text', line)
      .fontSize(11)
      .text(line, { width: page.width - 110 });
  if (build.identity.invented || demo)
    page.paragraph('DEMO: workshop, people, vehicle and figures are all invented.', { bold: true, colour: levelInk.stop });
  doc.y = Math.max(doc.y, 138);
};
