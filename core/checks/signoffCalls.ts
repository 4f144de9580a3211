import type { Finding, Check } from './Finding';
import { unmeasuredFigures } from '../model/unmeasuredFigures';

const trade = 'Lorbet’s own rule: a build is signed on what was measured.';
const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** What stands between a build and its signature. Judged last, over all other calls. */
export const signoffChecks: readonly Check[] = [
  {
    id: 'signoff.waiver',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A waiver accepts one finding as it was read; it does not carry over to a worse one, and none sets aside a danger.',
    remedy: 'A lead looks again: waive what the call says now, or take the waiver back.',
    source: trade,
    check(read) {
      const { waivers } = read.build;
      for (const waiver of waivers) {
        const finding = read.others.find((c) => c.id === waiver.checkId);
        if (finding?.level === 'stop')
          return {
            level: 'stop',
            message: `A waiver by ${waiver.by} stands on ${waiver.checkId}, which is at stop now: a stop can’t be waived.`,
          };
        if (finding?.level === 'fix' && finding.message !== waiver.message)
          return {
            level: 'fix',
            message: `${waiver.by} waived “${waiver.message}”, but ${waiver.checkId} says something else now.`,
          };
      }
      if (waivers.length === 0) return { level: 'sound', message: 'Nothing was waived.' };
      const used = read.others.filter((c) => c.waived).length;
      return {
        level: 'watch',
        message: `${count(used, 'finding')} waived by a lead, with a reason each${used < waivers.length ? `; ${count(waivers.length - used, 'waiver')} no longer needed` : ''}.`,
        remedy: 'The certificate shows each waiver with its reason.',
      };
    },
  },
  {
    id: 'signoff.open',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A certificate says that each thing was measured and holds; what was not measured can’t be signed for.',
    remedy: 'Mend, measure, or have a lead waive what is at “put right”; a stop has to be mended.',
    source: trade,
    check(read) {
      const standing = whatStands(read.others);
      const planned = unmeasuredFigures(read.build);
      const counts = [
        standing.stop.length > 0 && `${count(standing.stop.length, 'stop')}`,
        standing.fix.length > 0 && `${count(standing.fix.length, 'thing')} to put right`,
        standing.open.length > 0 && `${count(standing.open.length, 'finding')} not measured`,
        planned.length > 0 && `${count(planned.length, 'figure')} planned but not entered as fitted`,
      ].filter(Boolean);
      if (counts.length === 0) return { level: 'sound', message: 'Nothing stands in the way of the signature.' };
      return { level: standing.stop.length > 0 ? 'stop' : 'fix', message: `In the way of the signature: ${counts.join(', ')}.` };
    },
  },
];

/** Calls that keep a build from being signed, by level. The sign-off's own summary is not one of them. */
export function whatStands(findings: readonly Finding[]): Record<'stop' | 'fix' | 'open', Finding[]> {
  const at = (level: Finding['level']) => findings.filter((c) => c.level === level && !c.waived && c.id !== 'signoff.open');
  return { stop: at('stop'), fix: at('fix'), open: at('open') };
}
