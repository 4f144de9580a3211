import { unmeasuredFigures } from '../../model/unmeasuredFigures';
import { count, person, several, term, type Value } from '../../wording/Value';
import { defineCheck } from '../Check';
import { countedLevel, type Finding } from '../Finding';

const own = 'Lorbet’s own rule: a build is signed on what was measured.';

/** Findings that keep a build from being signed, by level. The sign-off's own summary is not one of them. */
export function whatStands(findings: readonly Finding[]): Record<'stop' | 'fix' | 'open', Finding[]> {
  const at = (level: Finding['level']) => findings.filter((c) => countedLevel(c) === level && c.id !== 'signoff.open');
  return { stop: at('stop'), fix: at('fix'), open: at('open') };
}

/** What stands between a build and its signature. Checked last, over all other findings. */
export const signoffChecks = [
  defineCheck({
    id: 'signoff.waiver',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A waiver accepts one finding as it was read; it does not carry over to a worse one, and none sets aside a danger.',
    remedy: 'A lead looks again: waive what is found now, or withdraw the waiver.',
    source: own,
    messages: {
      stop: 'A waiver by {person} stands on {check}, which is at stop now: a stop can’t be waived.',
      other: '{person} waived {check}, and it is not what was found then: its figures have changed.',
      none: 'Nothing was waived.',
      used: '{n} {n|finding|findings} waived by a lead, with a reason each.',
      unused: '{n} {n|finding|findings} waived by a lead, with a reason each; {more} {more|waiver|waivers} no longer needed.',
    },
    remedies: {
      used: 'The certificate shows each waiver with its reason.',
      unused: 'The certificate shows each waiver with its reason.',
    },
    assess(read, say, others) {
      const { waivers } = read.build;
      for (const waiver of waivers) {
        const finding = others.find((c) => c.id === waiver.checkId);
        const values = { person: person(waiver.by), check: term('check', waiver.checkId) };
        if (finding?.level === 'stop') return say.stop('stop', values);
        if (finding?.level === 'fix' && !finding.waived) return say.fix('other', values);
      }
      if (waivers.length === 0) return say.sound('none');
      const used = others.filter((c) => c.waived).length;
      return used < waivers.length
        ? say.watch('unused', { n: count(used), more: count(waivers.length - used) })
        : say.watch('used', { n: count(used) });
    },
  }),
  defineCheck({
    id: 'signoff.open',
    stage: 'signoff',
    holdPoint: 'handover',
    part: 'heater',
    why: 'A certificate says that each thing was measured and holds; what was not measured can’t be signed for.',
    remedy: 'Mend, measure, or have a lead waive what is at “fix”; a stop has to be mended.',
    source: own,
    messages: {
      none: 'Nothing stands in the way of the signature.',
      stand: 'In the way of the signature: {what}.',
      stops: '{n} {n|stop|stops}',
      fixes: '{n} {n|thing|things} to fix',
      open: '{n} {n|check|checks} not measured',
      planned: '{n} {n|figure|figures} planned but not entered as fitted',
    },
    assess(read, say, others) {
      const standing = whatStands(others);
      const planned = unmeasuredFigures(read.build).length;
      const told = (
        [
          ['stops', standing.stop.length],
          ['fixes', standing.fix.length],
          ['open', standing.open.length],
          ['planned', planned],
        ] as const
      ).flatMap(([code, n]): Value[] => (n > 0 ? [say.clause(code, { n: count(n) })] : []));
      if (told.length === 0) return say.sound('none');
      return say[standing.stop.length > 0 ? 'stop' : 'fix']('stand', { what: several(told) });
    },
  }),
];
