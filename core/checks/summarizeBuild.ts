import { stageIds, type HoldPoint, type StageId } from '../build/stages';
import type { Build } from '../build/Build';
import { nextDue, type NextDue } from '../model/handover/dues';
import { fittedStarts } from '../model/startup/fittedStarts';
import { leakDue, type LeakLook } from '../model/fuel/leakDue';
import { countedLevel, levels, toldOf, type Finding, type Level, type Told } from './Finding';
import { isStanding, nextHoldPoint, signState, wettedStages } from './progress';

/** What the bay shows of a build; kept beside it, so that a bay of thousands need not check them all. */
export interface BuildSummary {
  name: string;
  what: string;
  place: string;
  invented: boolean;
  /** stages proven from the first on */ wet: number;
  signed: 'unsigned' | 'signed' | 'corrected';
  counts: Record<'stop' | 'fix' | 'open', number>;
  /** The worst finding; among those not measured, the one at the next hold point. */
  worst: (Told & { stage: StageId }) | null;
  holdPoint: HoldPoint | null;
  waitsFor: StageId | null;
  /** the look at a joint that is due first; absent in summaries kept before there were any */
  leak?: { look: LeakLook; dueMs: number; joints: number } | null;
  /** what is due next after hand-over; absent in summaries kept before it was told */ due?: NextDue | null;
  /** when the heater was lit last where it is fitted; absent in summaries kept before it was told */ lastStartAt?: string | null;
}

const severity = (a: Finding, b: Finding) => levels.indexOf(countedLevel(a)) - levels.indexOf(countedLevel(b));

export function summarizeBuild(build: Build, findings: readonly Finding[]): BuildSummary {
  const standing = findings.filter((c) => isStanding(c) && c.stage !== 'signoff').sort(severity);
  const holdPoint = nextHoldPoint(build);
  const wet = wettedStages(build, findings);
  const [first] = standing;
  const worst = first && countedLevel(first) === 'open' ? (standing.find((c) => c.holdPoint === holdPoint) ?? first) : first;
  const count = (level: Level) => standing.filter((c) => countedLevel(c) === level).length;
  const { name, what, place, invented } = build.identity;
  return {
    name,
    what,
    place,
    invented,
    wet,
    signed: signState(build),
    counts: { stop: count('stop'), fix: count('fix'), open: count('open') },
    worst: worst ? { ...toldOf(worst), stage: worst.stage } : null,
    holdPoint,
    waitsFor: stageIds[wet] ?? null,
    leak: leakDue(build),
    due: nextDue(build),
    lastStartAt: fittedStarts(build).at(-1)?.at ?? null,
  };
}
