import { stageIds } from '../../core/build/stages';
import { levelText } from '../../core/checks/Finding';
import { messageOf } from '../../core/checks/findingText';
import { levelInk, soft } from './CertificatePage';
import type { Section } from './Section';

/** Every finding, by stage, each with its level and its check. */
export const findings: Section = (page, { findings: all }) => {
  page.heading('Measured against limits: every finding');
  for (const stage of stageIds) {
    for (const finding of all.filter((c) => c.stage === stage)) {
      const level = finding.waived ? 'watch' : finding.level;
      page.row([
        { text: finding.waived ? 'WAIVED' : levelText(finding), share: 0.15, bold: true, colour: levelInk[level] },
        {
          text: `${messageOf(finding)}${finding.waived ? `\nWaived by ${finding.waived.by}: ${finding.waived.reason}` : ''}`,
          share: 0.47,
        },
        { text: finding.id, share: 0.38, mono: true, colour: soft },
      ]);
    }
  }
};
