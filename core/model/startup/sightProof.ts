import { exhaustSights, lineSights, type Build, type Sight } from '../../build/Build';
import { firstAt } from '../../build/startFacts';
import { startProof, type StartProof } from '../proving/stale';
import { fittedStarts } from './fittedStarts';

export interface SeenAt {
  sight: Sight;
  atMs: number;
  /** minutes after the flame of the start in which it was seen; null where no flame had been logged by then */ afterFlameMin:
    number | null;
}
export const isOfExhaust = ({ sees }: Sight): boolean => Object.hasOwn(exhaustSights, sees);
export const isOfLine = ({ sees }: Sight): boolean => Object.hasOwn(lineSights, sees);
const smoke = ['white', 'black', 'blue'] as const;
export const isSmoke = ({ sees }: Sight): boolean => (smoke as readonly string[]).includes(sees);

/** What was seen, in the order of time, each with how long the flame had burned by then. */
export function seenInOrder(build: Build, of: (sight: Sight) => boolean): SeenAt[] {
  const starts = fittedStarts(build).map((run) => ({ beganMs: Date.parse(run.at), flameS: firstAt(run).flame }));
  return (build.sights ?? [])
    .filter(of)
    .map((sight) => {
      const atMs = Date.parse(sight.at);
      const flameS = starts.filter(({ beganMs }) => beganMs <= atMs).sort((a, b) => b.beganMs - a.beganMs)[0];
      const burnedMin = flameS?.flameS === undefined ? null : (atMs - flameS.beganMs) / 60_000 - flameS.flameS / 60;
      return { sight, atMs, afterFlameMin: burnedMin !== null && burnedMin >= 0 ? burnedMin : null };
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
  const offS = Math.min(...[at.low, at.out, at.off, at.end, at.cut].filter((s) => s !== undefined));
  return start === null ? Infinity : start.beganMs + offS * 1000;
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
 * a clear exhaust answers it likewise so long after a flame, and proves it while the last start ran at full output.
 */
export function smokeProof(build: Build, harmlessMin: number): SmokeProof {
  const proof = startProof(build, 'smoke', 'start.smoke');
  const seen = seenInOrder(build, isOfExhaust);
  const isLate = ({ afterFlameMin }: SeenAt) => afterFlameMin !== null && afterFlameMin >= harmlessMin;
  const isClear = (one: SeenAt) => !isSmoke(one.sight) && isLate(one);
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
const burns = ({ afterFlameMin }: SeenAt): boolean => afterFlameMin !== null;

export interface BubbleProof extends StartProof {
  /** bubbles that kept coming while it burned, and nobody has seen gone since */ bad: SeenAt | null;
  /** the last look that counts: while the last start ran at full output */ running: SeenAt | null;
}
/** What the looks at the clear line prove while it burns. */
export function bubbleProof(build: Build): BubbleProof {
  const proof = startProof(build, 'bubbles', 'start.bubbles');
  const seen = seenInOrder(build, isOfLine).filter(burns);
  return { ...proof, bad: standing(seen, isSteady, tellsOfNone), running: lastRunning(proof, seen) };
}

/** What a look at the line tells of the prime: bubbles that kept coming and nobody has seen gone; else the last look since the line was last emptied. */
export function primeLook(build: Build): { bad: SeenAt | null; last: SeenAt | null } {
  const seen = seenInOrder(build, isOfLine);
  const emptied = build.primingRuns.findLastIndex(({ fromEmpty }) => fromEmpty);
  const sinceMs = emptied > 0 ? Date.parse(build.primingRuns[emptied - 1]?.at ?? '') : -Infinity;
  return {
    bad: standing(seen, (one) => isSteady(one) && !burns(one), tellsOfNone),
    last: seen.findLast(({ atMs }) => atMs >= sinceMs) ?? null,
  };
}
