/** Metric threads: pitch ISO 261; nut height ISO 4032; washer ISO 7089 (each from memory). mm */
export const threads = {
  M5: { majorMm: 5, pitchMm: 0.8, nutMm: 4.7, washerMm: 1 },
  M6: { majorMm: 6, pitchMm: 1, nutMm: 5.2, washerMm: 1.6 },
  M8: { majorMm: 8, pitchMm: 1.25, nutMm: 6.8, washerMm: 1.6 },
  M10: { majorMm: 10, pitchMm: 1.5, nutMm: 8.4, washerMm: 2 },
} as const;
export type ThreadId = keyof typeof threads;

/** Lengths in which studs and screws are sold, mm. Source: ISO 888 (from memory). */
const soldMm = [12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 90, 100, 110, 120, 130, 140, 150];
/** The shortest sold that is at least so long; null where none is. */
export const nextSold = (minMm: number): number | null => soldMm.find((length) => length >= minMm) ?? null;
/** The longest sold that is at most so long; null where none is. */
export const longestSold = (maxMm: number): number | null => [...soldMm].reverse().find((length) => length <= maxMm) ?? null;

/** What a stud must show below the floor: washer, nut, and one turn of thread beyond it, mm. */
export const threadNeededMm = (id: ThreadId): number => threads[id].washerMm + threads[id].nutMm + threads[id].pitchMm;

/**
 * Share of a full thread that a tapped hole has.
 * @param drillMm drill used before the tap
 * @returns %, below 0 where the drill is wider than the thread
 * @example tapEngagementPercent('M8', 6.8) // 89
 * @source ISO 68-1 geometry, 5H/8 basis (from memory); tapping drills ISO 2306
 */
export const tapEngagementPercent = (id: ThreadId, drillMm: number): number =>
  ((threads[id].majorMm - drillMm) / (1.0825 * threads[id].pitchMm)) * 100;
