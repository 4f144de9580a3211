import { holdPointIds } from '../build/stages';
import { releasableHoldPoints, type Build, type ReleasableHoldPoint, type Release } from '../build/Build';
import { type Finding } from './Finding';
import { isStanding } from './progress';

export interface HoldPointState {
  holdPoint: ReleasableHoldPoint;
  /** Dangers that stand at this step or at one before it: nobody releases it. */
  stops: Finding[];
  /** What else stands at this step: to be fixed, not measured, or sound only on assumed figures. It may be released, and the ledger says with what open. */
  open: Finding[];
  /** Who released it, and when; null while it is held. */
  release: Release | null;
}

export const releasableIds = Object.keys(releasableHoldPoints) as ReleasableHoldPoint[];
export const isReleasable = (holdPoint: string): holdPoint is ReleasableHoldPoint =>
  Object.hasOwn(releasableHoldPoints, holdPoint);

/** The hold point before a step that can't be undone: what holds it, what stands open at it, and who has released it. */
export function holdPointState(build: Build, findings: readonly Finding[], holdPoint: ReleasableHoldPoint): HoldPointState {
  const upTo = holdPointIds.indexOf(holdPoint);
  const standing = findings.filter((c) => isStanding(c) && c.stage !== 'signoff');
  return {
    holdPoint,
    stops: standing.filter((c) => c.level === 'stop' && holdPointIds.indexOf(c.holdPoint) <= upTo),
    open: standing.filter((c) => c.level !== 'stop' && c.holdPoint === holdPoint),
    release: build.releases?.find((release) => release.holdPoint === holdPoint) ?? null,
  };
}
