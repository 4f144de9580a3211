import { exhaustSights, jointSights, lineSights, type Build, type Sight } from '../../build/Build';
import { firstAt, flameEndS, fullEndS } from '../../build/startFacts';
import { startProof, type StartProof } from '../proving/stale';
import { fittedStarts } from './fittedStarts';

export interface SeenAt {
  sight: Sight;
  atMs: number;
  /** minutes after the flame of the start in which it was seen; null where no flame had been logged by then */ afterFlameMin:
    number | null;
  /** when that start began; null where there was none */ litMs: number | null;
  /** it stood at full output then */ full: boolean;
  /** the flame of that start burned then: only a look at a heater that burns tells of nothing bad */ burned: boolean;
}
export const isOfExhaust = ({ sees }: Sight): boolean => Object.hasOwn(exhaustSights, sees);
export const isOfLine = ({ sees }: Sight): boolean => Object.hasOwn(lineSights, sees);
export const isOfJoints = ({ sees }: Sight): boolean => Object.hasOwn(jointSights, sees);
const smoke = ['white', 'black', 'blue'] as const;
export const isSmoke = ({ sees }: Sight): boolean => (smoke as readonly string[]).includes(sees);

/** What was seen, in the order of time, each with how long the flame had burned by then. */
export function seenInOrder(build: Build, of: (sight: Sight) => boolean): SeenAt[] {
  const starts = fittedStarts(build)
    .map((run) => ({ beganMs: Date.parse(run.at), at: firstAt(run) }))
    .sort((a, b) => a.beganMs - b.beganMs);
  return (build.sights ?? [])
    .filter(of)
    .map((sight) => {
      const atMs = Date.parse(sight.at);
      const lit = starts.findLast(({ beganMs }) => beganMs <= atMs);
      const s = lit ? (atMs - lit.beganMs) / 1000 : 0;
      const flameS = lit?.at.flame;
      const since = flameS !== undefined && s >= flameS ? (s - flameS) / 60 : null;
      return {
        sight,
        atMs,
        afterFlameMin: since,
        litMs: lit?.beganMs ?? null,
        full: lit?.at.full !== undefined && s >= lit.at.full && s <= (fullEndS(lit.at) ?? Infinity),
        burned: since !== null && lit !== undefined && s <= (flameEndS(lit.at) ?? Infinity),
      };
    })
    .sort((a, b) => a.atMs - b.atMs);
}

export interface SmokeProof extends StartProof {
  /** smoke that should have been gone by then, and has not been seen gone since */ bad: SeenAt | null;
  /** the last look at a clear exhaust that counts */ clear: SeenAt | null;
  /** the last smoke of all, whenever it was */ smoked: SeenAt | null;
}
/** When a start was at full output no more, ms; later than any look where it still is. */
function endedMs({ start }: StartProof): number {
  const at = start ? firstAt(start.run) : {};
  const endS = fullEndS(at);
  return start === null || endS === undefined ? Infinity : start.beganMs + endS * 1000;
}
/** The last of the looks made while the last start ran at full output, nothing worked on since. */
const lastRunning = (proof: StartProof, seen: readonly SeenAt[]): SeenAt | null =>
  seen.findLast(({ atMs }) => !proof.stale && proof.start !== null && atMs >= proof.start.fullMs && atMs <= endedMs(proof)) ??
  null;
/** The last bad look, unless a later good one has answered it. */
function standing(seen: readonly SeenAt[], isBad: (one: SeenAt) => boolean, isGood: (one: SeenAt) => boolean): SeenAt | null {
  const bad = seen.findLast(isBad);
  return bad && !seen.some((one) => one.atMs > bad.atMs && isGood(one)) ? bad : null;
}

/**
 * What the looks at the exhaust prove. Smoke counts once the flame has burned for so long, or where no flame had been logged;
 * a clear exhaust answers it likewise so long after a flame that still burns, and proves it while the last start ran at full output.
 */
export function smokeProof(build: Build, harmlessMin: number): SmokeProof {
  const proof = startProof(build, 'smoke', 'start.smoke');
  const seen = seenInOrder(build, isOfExhaust);
  const isLate = ({ afterFlameMin }: SeenAt) => afterFlameMin !== null && afterFlameMin >= harmlessMin;
  const isClear = (one: SeenAt) => !isSmoke(one.sight) && isLate(one) && one.burned;
  return {
    ...proof,
    bad: standing(seen, (one) => isSmoke(one.sight) && (one.afterFlameMin === null || isLate(one)), isClear),
    clear: lastRunning(proof, seen.filter(isClear)),
    smoked: seen.findLast(({ sight }) => isSmoke(sight)) ?? null,
  };
}

const isSteady = ({ sight }: SeenAt): boolean => sight.sees === 'steady';
/** A look that told something, and not of bubbles that keep coming. */
const tellsOfNone = ({ sight }: SeenAt): boolean => sight.sees !== 'steady' && sight.sees !== 'unseen';
const wasLit = ({ afterFlameMin }: SeenAt): boolean => afterFlameMin !== null;

export interface BubbleProof extends StartProof {
  /** bubbles that kept coming while it burned, and nobody has seen gone since */ bad: SeenAt | null;
  /** the last look that counts: while the last start ran at full output */ running: SeenAt | null;
}
/** What the looks at the clear line prove while it burns. */
export function bubbleProof(build: Build): BubbleProof {
  const proof = startProof(build, 'bubbles', 'start.bubbles');
  const seen = seenInOrder(build, isOfLine).filter(wasLit);
  return { ...proof, bad: standing(seen, isSteady, (one) => tellsOfNone(one) && one.burned), running: lastRunning(proof, seen) };
}

export interface JointProof extends StartProof {
  /** a leak that no later start has shown tight */ bad: SeenAt | null;
  /** the last leak check that counts: while the last start ran at full output */ tight: SeenAt | null;
}
/**
 * What leak checks of the exhaust's joints prove. A leak counts whenever it was found, until they were gone round tight at full output
 * in a start that began after it: a joint that is made anew is made cold.
 */
export function jointProof(build: Build): JointProof {
  const proof = startProof(build, 'joints', 'leak.exhaust');
  const seen = seenInOrder(build, isOfJoints);
  const tight = seen.filter(({ sight, full }) => sight.sees !== 'leaking' && full);
  const bad = seen.findLast(({ sight }) => sight.sees === 'leaking');
  const answered = bad !== undefined && tight.some(({ litMs }) => litMs !== null && litMs > bad.atMs);
  return { ...proof, bad: bad && !answered ? bad : null, tight: lastRunning(proof, tight) };
}

/** What a look at the line tells of the prime: bubbles that kept coming and nobody has seen gone; else the last look since the line was last emptied. */
export function primeLook(build: Build): { bad: SeenAt | null; last: SeenAt | null } {
  const seen = seenInOrder(build, isOfLine);
  const emptied = build.primingRuns.findLastIndex(({ fromEmpty }) => fromEmpty);
  const sinceMs = emptied > 0 ? Date.parse(build.primingRuns[emptied - 1]?.at ?? '') : -Infinity;
  return {
    bad: standing(seen, (one) => isSteady(one) && !wasLit(one), tellsOfNone),
    last: seen.findLast(({ atMs }) => atMs >= sinceMs) ?? null,
  };
}
