/** The longest that an entry may have waited on a device, ms. Lorbet's own choice, no source. */
export const longestWaitMs = 60 * 24 * 3600 * 1000;
/** Clocks that differ by less are taken as one, ms. Lorbet's own choice, no source. */
const sameMs = 60_000;

/** These bear the server's time alone: nobody signs, clears or withdraws in the past. */
const serverTimed: ReadonlySet<string> = new Set(['waive', 'sign', 'withdraw']);

export interface EntryTime {
  /** when it was entered, as far as that is believed, ms */ atMs: number;
  /** kept beside the server's time in the row: what the device said, believed (`madeAt`) or not (`deviceAt`) */
  told: { madeAt?: string; deviceAt?: string };
}

/**
 * When an entry was made. A device without coverage says it by its own clock, which may be wrong or set back by hand:
 * it is believed between the earliest moment at which the entry was possible and now, and kept as it was said in any case.
 * @param kind of the command
 * @param saidMs by the device's clock
 * @param earliestMs before this it can't have been: the build's beginning, or the hold point before
 * @example entryTime('note', 0, 1000000, 5000).told // { deviceAt: '1970-01-01T00:00:00.000Z' }
 */
export function entryTime(kind: string, saidMs: number, nowMs: number, earliestMs: number): EntryTime {
  const possible = saidMs >= earliestMs && saidMs <= nowMs && nowMs - saidMs < longestWaitMs && !serverTimed.has(kind);
  const atMs = possible ? saidMs : nowMs;
  if (Math.abs(nowMs - saidMs) <= sameMs) return { atMs, told: {} };
  const said = new Date(saidMs).toISOString();
  return { atMs, told: possible ? { madeAt: said } : { deviceAt: said } };
}

/**
 * Whether an entry is said to be older than one that the same person had made before it: a device sends in the order of entry,
 * so this is a clock that was put back, a second device, or a test that is put before its hold point. It is told, not refused.
 * @param ownBeforeMs when the person's entry before it was made, as it is believed; null where there is none
 */
export const isBeforeOwn = (atMs: number, ownBeforeMs: number | null): ownBeforeMs is number =>
  ownBeforeMs !== null && ownBeforeMs - atMs > sameMs;
