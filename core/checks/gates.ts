import { gateMoments, type Build, type GateMoment, type GatePassed } from '../build/Build';
import { momentIds, type Call } from './Call';
import { isStanding } from './progress';

export interface Gate {
  moment: GateMoment;
  /** Dangers that stand at this step or at one before it: nobody passes. */
  stops: Call[];
  /** What else stands at this step: to be put right, or not measured. It may be passed, and the ledger says with what open. */
  open: Call[];
  passed: GatePassed | null;
}

export const gateIds = Object.keys(gateMoments) as GateMoment[];
export const isGate = (moment: string): moment is GateMoment => Object.hasOwn(gateMoments, moment);

/** The gate before a step that can't be undone: what keeps it shut, what stands open at it, and who has passed it. */
export function gateOf(build: Build, calls: readonly Call[], moment: GateMoment): Gate {
  const upTo = momentIds.indexOf(moment);
  const standing = calls.filter((c) => isStanding(c) && c.stage !== 'signoff');
  return {
    moment,
    stops: standing.filter((c) => c.level === 'stop' && momentIds.indexOf(c.moment) <= upTo),
    open: standing.filter((c) => c.level !== 'stop' && c.moment === moment),
    passed: build.gates?.find((gate) => gate.moment === moment) ?? null,
  };
}
