/** A joint that is watched for leaks: wiped dry, looked at warm, looked at after a night. */
export interface LeakCheck {
  id: string;
  name?: string;
  wipedAt?: string;
  warmFound?: string;
  nightFound?: string;
}
export const warmAfterH = 1;
export const nightAfterH = 10;
export type LeakLook = 'wipe' | 'warm' | 'night';

/** What is next to be done at a joint, and from when on; null where all is seen. Times: common practice ("warm", "after a night"); the hours are Lorbet's own choice. */
export function nextLook(check: LeakCheck): { look: LeakLook; dueMs: number | null } | null {
  if (check.wipedAt === undefined) return { look: 'wipe', dueMs: null };
  const wiped = Date.parse(check.wipedAt);
  if (check.warmFound === undefined) return { look: 'warm', dueMs: wiped + warmAfterH * 3600_000 };
  if (check.nightFound === undefined) return { look: 'night', dueMs: wiped + nightAfterH * 3600_000 };
  return null;
}

/** The look that is due first among all joints, and at how many joints it is due; null where none waits for a time. */
export function leakDue(checks: readonly LeakCheck[]): { look: LeakLook; dueMs: number; joints: number } | null {
  const waiting = checks.flatMap((check) => {
    const next = nextLook(check);
    return next && next.dueMs !== null ? [{ look: next.look, dueMs: next.dueMs }] : [];
  });
  const first = waiting.sort((a, b) => a.dueMs - b.dueMs)[0];
  return first ? { ...first, joints: waiting.filter(({ look }) => look === first.look).length } : null;
}
