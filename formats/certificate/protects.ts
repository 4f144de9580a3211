import { countedLevel, levelText } from '../../core/checks/Finding';
import { messageOf } from '../../core/checks/findingText';
import { levelInk } from './CertificatePage';
import type { Section } from './Section';

/** What keeps people from poison and fire, by check: told on the first page. */
const first = [
  'co.reading',
  'co.exposure',
  'co.alarm',
  'exhaust.end.underneath',
  'exhaust.end.opening',
  'exhaust.clearance',
  'exhaust.joint',
  'vent.area.low',
  'leak.fuel',
  'fuel.suction.pressure',
  'wiring.fuse.place',
  'wiring.fuse.rating',
  'start.ignition',
  'start.hotspots',
  'signoff.evidence',
] as const;

/** The checks that matter most, each in its line; how many others there are, and how they stand. */
export const protects: Section = (page, { findings }) => {
  page.heading('What protects people');
  for (const id of first) {
    const finding = findings.find((c) => c.id === id);
    if (!finding) continue;
    page.row([
      {
        text: finding.waived ? 'waived' : levelText(finding),
        share: 0.14,
        bold: true,
        colour: levelInk[countedLevel(finding)],
      },
      { text: messageOf(finding), share: 0.86 },
    ]);
  }
  const at = (level: string) => findings.filter((c) => countedLevel(c) === level).length;
  page.paragraph(
    `Of all ${findings.length} checks ${at('sound')} are sound, ${at('watch')} to be watched (waived ones among them), ${at('open')} not measured, ${at('fix')} to fix, ${at('stop')} at stop; each stands in the annex.`,
  );
};
