import type { Series } from '../../physics/start/findPhases';
import { columnInto, firstFrom, type TraceColumn } from './traceColumns';

interface KeptColumns {
  fromS: number;
  toS: number;
  width: number;
  /** the first reading, by which a series that was cut is known */ firstS: number | undefined;
  /** readings taken so far */ upTo: number;
  columns: TraceColumn[];
}
interface KeptRange {
  fromS: number;
  firstS: number | undefined;
  upTo: number;
  low: number;
  high: number;
}

/** Traces that grow while they are looked at: what was worked out for a picture is kept, and only what is new is added. The same to the last column as `traceColumns`. */
export class KeptTraces {
  readonly #columns = new WeakMap<Series, KeptColumns>();
  readonly #ranges = new WeakMap<Series, KeptRange>();

  /** As `traceColumns`; what is returned is grown in place by the next call for the same window. */
  columns(series: Series, fromS: number, toS: number, width: number): readonly TraceColumn[] {
    const { s } = series;
    let kept = this.#columns.get(series);
    if (
      !kept ||
      kept.fromS !== fromS ||
      kept.toS !== toS ||
      kept.width !== width ||
      kept.firstS !== s[0] ||
      kept.upTo > s.length
    ) {
      const begin = Math.max(0, firstFrom(s, fromS) - 1);
      kept = { fromS, toS, width, firstS: s[0], upTo: begin, columns: [] };
      this.#columns.set(series, kept);
    }
    const end = Math.min(s.length, firstFrom(s, toS) + 1);
    for (; kept.upTo < end; kept.upTo += 1) columnInto(kept.columns, series, kept.upTo, fromS, toS, width);
    return kept.columns;
  }

  /** The least and the most that was read from a time on; null where nothing was. */
  range(series: Series, fromS: number): readonly [number, number] | null {
    const { s, value } = series;
    let kept = this.#ranges.get(series);
    if (!kept || kept.fromS !== fromS || kept.firstS !== s[0] || kept.upTo > s.length) {
      kept = { fromS, firstS: s[0], upTo: firstFrom(s, fromS), low: Infinity, high: -Infinity };
      this.#ranges.set(series, kept);
    }
    for (; kept.upTo < s.length; kept.upTo += 1) {
      const at = value[kept.upTo] ?? 0;
      if (at < kept.low) kept.low = at;
      if (at > kept.high) kept.high = at;
    }
    return kept.low <= kept.high ? [kept.low, kept.high] : null;
  }
}
