import type { Series } from '../../physics/start/findPhases';

/** One column of a trace: where it enters, its least and most, and where it leaves. */
export interface TraceColumn {
  x: number;
  first: number;
  low: number;
  high: number;
  last: number;
}
/** The first place in rising numbers that is not below `wanted`. */
export function firstFrom(rising: readonly number[], wanted: number): number {
  let [low, high] = [0, rising.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if ((rising[mid] ?? Infinity) < wanted) low = mid + 1;
    else high = mid;
  }
  return low;
}

/** Takes one reading more into the columns of a picture; readings come in the order of time. */
export function columnInto(
  columns: TraceColumn[],
  { s, value }: Series,
  i: number,
  fromS: number,
  toS: number,
  width: number,
): void {
  const scale = width / Math.max(1e-9, toS - fromS);
  const x = Math.min(width, Math.max(0, Math.floor(((s[i] ?? 0) - fromS) * scale)));
  const at = value[i] ?? 0;
  const current = columns[columns.length - 1];
  if (current && current.x === x) {
    if (at < current.low) current.low = at;
    if (at > current.high) current.high = at;
    current.last = at;
  } else columns.push({ x, first: at, low: at, high: at, last: at });
}

/**
 * A trace for a picture so many points wide: for each of them the least and the most that was read in it, so that no spike is lost however many readings there are.
 * @param fromS what stands at the left edge @param toS at the right
 * @example traceColumns({ s: [0, 1, 2], value: [5, 9, 5] }, 0, 4, 1).length // 1
 */
export function traceColumns(series: Series, fromS: number, toS: number, width: number): TraceColumn[] {
  const columns: TraceColumn[] = [];
  const { s } = series;
  // One to the left of the window, so that the line comes in from the edge.
  const begin = Math.max(0, firstFrom(s, fromS) - 1);
  const end = Math.min(s.length, firstFrom(s, toS) + 1);
  for (let i = begin; i < end; i += 1) columnInto(columns, series, i, fromS, toS, width);
  return columns;
}
/** The last reading not after a time; null where there is none. */
export function valueAt({ s, value }: Series, atS: number): number | null {
  const i = firstFrom(s, atS + 1e-9) - 1;
  return i >= 0 ? (value[i] ?? null) : null;
}
