import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { workedMs } from '../proving/stale';
import { provingStart, type ProvingStart } from '../startup/fittedStarts';

/** A joint that is watched for leaks: wiped dry, looked at warm, looked at after a night. */
export interface LeakCheck {
  readonly id: string;
  readonly name?: unknown;
  readonly wipedAt?: unknown;
  readonly warmFound?: unknown;
  readonly warmAt?: unknown;
  readonly nightFound?: unknown;
  readonly nightAt?: unknown;
}
/** How long after wiping a look counts, and the night after the heater was off, h. "Warm" and "after a night" are common practice; the hours are Lorbet's own choice. */
export const looksAfterH = { warm: 1, night: 10 } as const;
export type LeakLook = 'wipe' | keyof typeof looksAfterH;
/** What a joint was found as that is not dry. */
export const wetness: readonly string[] = ['damp', 'drips'];
export const isWet = ({ warmFound, nightFound }: LeakCheck): boolean =>
  wetness.includes(String(warmFound)) || wetness.includes(String(nightFound));

/** What a look at a joint rests on: the start at which it was warm, and when the line was last worked on. */
export interface LeakProof {
  start: ProvingStart | null;
  workedMs: number;
}
export const leakProof = (build: Build): LeakProof => ({ start: provingStart(build), workedMs: workedMs(build, 'leak') });

const hourMs = 3600_000;
const time = (at: unknown): number | null => (typeof at === 'string' ? Date.parse(at) : null);

/**
 * What is next to be done at a joint, and from when on; `dueMs` null where it waits for a start that reaches full output.
 * A look counts from the start on at which the joint was warm, and the one after a night once the heater was off for so long;
 * a look made earlier, or before the line was worked on, counts for nothing.
 * @returns null where all is seen
 */
export function nextLook(check: LeakCheck, { start, workedMs }: LeakProof): { look: LeakLook; dueMs: number | null } | null {
  const wiped = time(check.wipedAt);
  if (wiped === null || wiped < workedMs) return { look: 'wipe', dueMs: null };
  // Wiped when the fan had stopped, it was not warm since: the next start tells.
  const warmFrom = start === null || (start.endMs !== null && start.endMs < wiped) ? null : start.fullMs;
  const nightFrom = warmFrom === null || start === null || start.endMs === null ? null : start.endMs;
  const due = {
    warm: warmFrom === null ? null : Math.max(wiped + looksAfterH.warm * hourMs, warmFrom),
    night: nightFrom === null ? null : Math.max(wiped, nightFrom) + looksAfterH.night * hourMs,
  };
  for (const look of ['warm', 'night'] as const) {
    const dueMs = due[look];
    const at = time(check[`${look}At`]);
    if (check[`${look}Found`] === undefined || dueMs === null || at === null || at < dueMs) return { look, dueMs };
  }
  return null;
}

/** The look that is due first among all joints, and at how many joints it waits; null where none waits for a time. */
export function leakDue(build: Build): { look: LeakLook; dueMs: number; joints: number } | null {
  const proof = leakProof(build);
  const waiting = rowsOf(build.lists, 'leaks').flatMap((check) => {
    const next = nextLook(check, proof);
    return next && next.dueMs !== null ? [{ look: next.look, dueMs: next.dueMs }] : [];
  });
  const first = waiting.sort((a, b) => a.dueMs - b.dueMs)[0];
  return first ? { ...first, joints: waiting.filter(({ look }) => look === first.look).length } : null;
}
