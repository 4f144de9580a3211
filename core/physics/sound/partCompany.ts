import { within } from '../within';

/** So many strokes apart, and such a share, before count by ear and by clock are told as parted. Lorbet's own choice, no source. */
const [strokes, share] = [6, 0.04];

/**
 * Whether a count by ear and one by the clock have parted company: not by a stroke or two, which both may be off.
 * @param byEar, byClock strokes since both began, 0 and more
 * @throws RangeError outside these
 * @example partCompany(100, 102) // false
 */
export function partCompany(byEar: number, byClock: number): boolean {
  within('strokes by ear', byEar, 'strokes', { min: 0 });
  within('strokes by the clock', byClock, 'strokes', { min: 0 });
  const apart = Math.abs(byEar - byClock);
  return apart > strokes && apart > share * Math.max(byEar, byClock);
}

/**
 * The beat that a person has tapped; null where the taps are too few or too uneven to be one.
 * @param tapsMs moments of the taps, ms, in order
 * @example tappedHz([0, 250, 500, 750, 1000]) // 4
 */
export function tappedHz(tapsMs: readonly number[]): number | null {
  if (tapsMs.length < 5) return null;
  const gaps = tapsMs.slice(1).map((at, i) => at - (tapsMs[i] ?? 0));
  const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
  if (mean <= 0 || gaps.some((gap) => Math.abs(gap - mean) > 0.45 * mean)) return null;
  return 1000 / mean;
}
