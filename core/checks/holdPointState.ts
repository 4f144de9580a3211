import { releasableHoldPoints, type Build, type ReleasableHoldPoint, type Release } from '../build/Build';
import { holdPointIds, type Finding } from './Finding';
import { isStanding } from './progress';

export interface HoldPointState {
  holdPoint: ReleasableHoldPoint;
  /** Dangers that stand at this step or at one before it: nobody passes. */
  stops: Finding[];
  /** What else stands at this step: to be put right, or not measured. It may be passed, and the ledger says with what open. */
  open: Finding[];
  passed: Release | null;
}

export const releasableIds = Object.keys(releasableHoldPoints) as ReleasableHoldPoint[];
export const isReleasable = (holdPoint: string): holdPoint is ReleasableHoldPoint =>
  Object.hasOwn(releasableHoldPoints, holdPoint);

/** The gate before a step that can't be undone: what keeps it shut, what stands open at it, and who has passed it. */
export function holdPointState(build: Build, findings: readonly Finding[], holdPoint: ReleasableHoldPoint): HoldPointState {
  const upTo = holdPointIds.indexOf(holdPoint);
  const standing = findings.filter((c) => isStanding(c) && c.stage !== 'signoff');
  return {
    holdPoint,
    stops: standing.filter((c) => c.level === 'stop' && holdPointIds.indexOf(c.holdPoint) <= upTo),
    open: standing.filter((c) => c.level !== 'stop' && c.holdPoint === holdPoint),
    passed: build.releases?.find((release) => release.holdPoint === holdPoint) ?? null,
  };
}
