import { within } from '../within';

/** Share of its rating, and within which time a blade fuse opens, s. Source: ISO 8820-3 (from memory). */
const band: readonly (readonly [share: number, leastS: number, mostS: number])[] = [
  [1.35, 0.75, 600],
  [1.6, 0.25, 50],
  [2, 0.15, 5],
  [3.5, 0.04, 0.5],
  [6, 0.02, 0.1],
];
/** At so much it holds for over a hundred hours. Source: ISO 8820-3 (from memory). */
const holdsAt = 1.1;

/**
 * How soon a blade fuse opens.
 * @param share of its rating, 0 or more
 * @returns seconds within which it opens: at the soonest, and at the latest; Infinity where it may not open at all. Between two points of the
 * standard's table by straight lines on logarithmic axes; above six times its rating as at six times.
 * @throws RangeError naming quantity, value and bounds
 * @source ISO 8820-3 (from memory)
 * @example fuseOpens(2) // { leastS: 0.15, mostS: 5 }
 */
export function fuseOpens(share: number): { leastS: number; mostS: number } {
  within('share of the rating', share, '', { min: 0 });
  const [first, last] = [band[0], band[band.length - 1]];
  if (!first || !last || share <= holdsAt) return { leastS: Infinity, mostS: Infinity };
  if (share < first[0]) return { leastS: first[1], mostS: Infinity };
  const i = band.findIndex(([at]) => at >= share);
  if (i === -1) return { leastS: last[1], mostS: last[2] };
  const [to, from] = [band[i] ?? last, band[Math.max(0, i - 1)] ?? first];
  const part = to[0] === from[0] ? 0 : Math.log(share / from[0]) / Math.log(to[0] / from[0]);
  const between = (k: 1 | 2) => from[k] * (to[k] / from[k]) ** part;
  return { leastS: between(1), mostS: between(2) };
}
