import type { PumpingSpell } from './strokesCounted';

/** The longest that a pump ran without a pause, ms; a pause of less than the rest it wants is none. */
export function longestSpellMs(spells: readonly PumpingSpell[], nowMs: number, restMs: number): number {
  let [longest, beganMs, stoppedMs] = [0, -Infinity, -Infinity];
  for (const { startMs, stopMs } of spells) {
    if (startMs - stoppedMs >= restMs) beganMs = startMs;
    stoppedMs = Math.max(startMs, stopMs ?? nowMs);
    longest = Math.max(longest, stoppedMs - beganMs);
  }
  return longest;
}

/** What a pump that draws dry wants now. */
export type PumpRest =
  | { kind: 'runs'; leftMs: number }
  /** it has run for so long that it wants a rest */
  | { kind: 'due' }
  /** it rests, and for how long still */
  | { kind: 'rests'; leftMs: number };

/**
 * Whether a pump that is not yet wetted wants its rest.
 * @param spells when it ran, in order, ms
 * @param onEndMs how long it may run dry on end; restMs how long it then rests
 * @source the limits: Lorbet's own choice, no source; the maker's figure goes before them
 */
export function pumpRest(spells: readonly PumpingSpell[], nowMs: number, onEndMs: number, restMs: number): PumpRest {
  const last = spells.at(-1);
  if (!last) return { kind: 'runs', leftMs: onEndMs };
  let beganMs = last.startMs;
  for (let i = spells.length - 1; i > 0; i -= 1) {
    const [before, here] = [spells[i - 1], spells[i]];
    if (!before || !here || here.startMs - (before.stopMs ?? here.startMs) >= restMs) break;
    beganMs = before.startMs;
  }
  if (last.stopMs === null) {
    const leftMs = onEndMs - (nowMs - beganMs);
    return leftMs > 0 ? { kind: 'runs', leftMs } : { kind: 'due' };
  }
  const restedMs = nowMs - last.stopMs;
  return restedMs < restMs && last.stopMs - beganMs >= onEndMs
    ? { kind: 'rests', leftMs: restMs - restedMs }
    : { kind: 'runs', leftMs: restedMs >= restMs ? onEndMs : onEndMs - (last.stopMs - beganMs) };
}
