import type { Call, Judge } from './Call';
import { unmeasuredFigures } from '../model/unmeasuredFigures';

const trade = 'Lorbet’s own rule: a build is signed on what was measured.';
const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

/** What stands between a build and its signature. Judged last, over all other calls. */
export const signoffCalls: readonly Judge[] = [
  {
    id: 'signoff.waiver',
    stage: 'signoff',
    moment: 'handover',
    part: 'heater',
    why: 'A waiver accepts one finding as it was read; it does not carry over to a worse one, and none sets aside a danger.',
    todo: 'A lead looks again: waive what the call says now, or take the waiver back.',
    source: trade,
    judge(read) {
      const { waivers } = read.build;
      for (const waiver of waivers) {
        const call = read.others.find((c) => c.id === waiver.callId);
        if (call?.level === 'stop')
          return {
            level: 'stop',
            says: `A waiver by ${waiver.by} stands on ${waiver.callId}, which is at stop now: a stop can’t be waived.`,
          };
        if (call?.level === 'fix' && call.says !== waiver.says)
          return { level: 'fix', says: `${waiver.by} waived “${waiver.says}”, but ${waiver.callId} says something else now.` };
      }
      if (waivers.length === 0) return { level: 'sound', says: 'Nothing was waived.' };
      const used = read.others.filter((c) => c.waived).length;
      return {
        level: 'watch',
        says: `${count(used, 'finding')} waived by a lead, with a reason each${used < waivers.length ? `; ${count(waivers.length - used, 'waiver')} no longer needed` : ''}.`,
        todo: 'The certificate shows each waiver with its reason.',
      };
    },
  },
  {
    id: 'signoff.open',
    stage: 'signoff',
    moment: 'handover',
    part: 'heater',
    why: 'A certificate says that each thing was measured and holds; what was not measured can’t be signed for.',
    todo: 'Mend, measure, or have a lead waive what is at “put right”; a stop has to be mended.',
    source: trade,
    judge(read) {
      const standing = whatStands(read.others);
      const planned = unmeasuredFigures(read.build);
      const counts = [
        standing.stop.length > 0 && `${count(standing.stop.length, 'stop')}`,
        standing.fix.length > 0 && `${count(standing.fix.length, 'thing')} to put right`,
        standing.open.length > 0 && `${count(standing.open.length, 'call')} not measured`,
        planned.length > 0 && `${count(planned.length, 'figure')} planned but not entered as fitted`,
      ].filter(Boolean);
      if (counts.length === 0) return { level: 'sound', says: 'Nothing stands in the way of the signature.' };
      return { level: standing.stop.length > 0 ? 'stop' : 'fix', says: `In the way of the signature: ${counts.join(', ')}.` };
    },
  },
];

/** Calls that keep a build from being signed, by level. The sign-off's own summary is not one of them. */
export function whatStands(calls: readonly Call[]): Record<'stop' | 'fix' | 'open', Call[]> {
  const at = (level: Call['level']) => calls.filter((c) => c.level === level && !c.waived && c.id !== 'signoff.open');
  return { stop: at('stop'), fix: at('fix'), open: at('open') };
}
