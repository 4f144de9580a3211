/**
 * Numbers from 0 to below 1 that look random and are the same for the same seed: mulberry32, period 2³².
 * Good enough to draw lengths and temperatures; of no use to guard a secret.
 * @source T. Ettinger, public domain (from memory)
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
