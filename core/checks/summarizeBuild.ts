import type { Build } from '../build/Build';
import { leakDue, type LeakLook } from '../model/fuel/leakDue';
import { levels, stageIds, type Call, type Level, type Moment, type StageId } from './Call';
import { isStanding, nextMoment, signState, wettedStages } from './progress';

/** What the bay shows of a build; kept beside it, so that a bay of thousands need not judge them all. */
export interface BuildSummary {
  name: string;
  what: string;
  place: string;
  invented: boolean;
  /** stages proven from the first on */ wet: number;
  signed: 'unsigned' | 'signed' | 'corrected';
  counts: Record<'stop' | 'fix' | 'open', number>;
  /** The worst call; among calls not measured, the one that guards the next step. */
  worst: { level: Level; says: string; stage: StageId } | null;
  moment: Moment | null;
  waitsFor: StageId | null;
  /** the look at a joint that is due first; absent in summaries kept before there were any */
  leak?: { look: LeakLook; dueMs: number; joints: number } | null;
}

const severity = (a: Call, b: Call) => levels.indexOf(a.level) - levels.indexOf(b.level);

export function summarizeBuild(build: Build, calls: readonly Call[]): BuildSummary {
  const standing = calls.filter((c) => isStanding(c) && c.stage !== 'signoff').sort(severity);
  const moment = nextMoment(build);
  const wet = wettedStages(build, calls);
  const [first] = standing;
  const worst = first?.level === 'open' ? (standing.find((c) => c.moment === moment) ?? first) : first;
  const count = (level: Level) => standing.filter((c) => c.level === level).length;
  const { name, what, place, invented } = build.identity;
  return {
    name,
    what,
    place,
    invented,
    wet,
    signed: signState(build),
    counts: { stop: count('stop'), fix: count('fix'), open: count('open') },
    worst: worst ? { level: worst.level, says: worst.says, stage: worst.stage } : null,
    moment,
    waitsFor: stageIds[wet] ?? null,
    leak: leakDue(build),
  };
}
