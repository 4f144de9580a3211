/** A joint that is watched for leaks: wiped dry, looked at warm, looked at after a night. */
export interface LeakCheck {
  id: string;
  name?: string;
  wipedAt?: string;
  warmFound?: string;
  warmAt?: string;
  nightFound?: string;
  nightAt?: string;
}
/** How long after wiping a look counts, h. "Warm" and "after a night" are common practice; the hours are Lorbet's own choice. */
export const looksAfterH = { warm: 1, night: 10 } as const;
export type LeakLook = 'wipe' | keyof typeof looksAfterH;

/** What is next to be done at a joint, and from when on; null where all is seen. A dry look made too early counts for nothing. */
export function nextLook(check: LeakCheck): { look: LeakLook; dueMs: number | null } | null {
  if (check.wipedAt === undefined) return { look: 'wipe', dueMs: null };
  for (const look of ['warm', 'night'] as const) {
    const dueMs = Date.parse(check.wipedAt) + looksAfterH[look] * 3600_000;
    const [found, at] = [check[`${look}Found`], check[`${look}At`]];
    if (found === undefined || (at !== undefined && Date.parse(at) < dueMs)) return { look, dueMs };
  }
  return null;
}

/** The look that is due first among all joints, and at how many joints it waits; null where none waits for a time. */
export function leakDue(checks: readonly LeakCheck[]): { look: LeakLook; dueMs: number; joints: number } | null {
  const waiting = checks.flatMap((check) => {
    const next = nextLook(check);
    return next && next.dueMs !== null ? [{ look: next.look, dueMs: next.dueMs }] : [];
  });
  const first = waiting.sort((a, b) => a.dueMs - b.dueMs)[0];
  return first ? { ...first, joints: waiting.filter(({ look }) => look === first.look).length } : null;
}
