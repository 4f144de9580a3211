import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import { drawnFrom } from '../../figures/readerOf';
import type { Need } from '../../reading/Reader';
import { cutList, type CutList } from '../../physics/fuel/cutList';
import { routeOf, segmentRows } from '../../model/fuel/routeOf';

/** The cut list of a build, the kit's own parts taken off; or what is missing, or why not. */
export function cutListOf(build: Build): CutList | { missing: readonly Need[] } | { problem: string } {
  try {
    return drawnFrom(build, (read) => {
      const route = routeOf(read);
      const parts = rowsOf(build.lists, 'parts');
      const has = (kind: 'joiner' | 'clip') =>
        parts
          .filter((row) => row.kind === kind && (row.state === 'present' || row.state === 'replaced'))
          .reduce((sum, row) => sum + (row.needed ?? 1), 0);
      const value = (path: 'line.stockM' | 'line.kitLineM' | 'line.kitConduitM' | 'line.kitLineClips') =>
        valueAt(build.sheets, path);
      const rows = segmentRows(build.lists);
      const spacingMm = read.limit('clipSpacingMaxMm').value;
      return cutList({
        route,
        stockMm: (value('line.stockM') ?? 5) * 1000,
        kit: {
          lineMm: (value('line.kitLineM') ?? 0) * 1000,
          joiners: has('joiner'),
          hoseClips: has('clip'),
          lineClips: value('line.kitLineClips') ?? 0,
          conduitMm: (value('line.kitConduitM') ?? 0) * 1000,
        },
        // As entered where it is, else as many as the spacing wants.
        lineClips: route.segments.reduce(
          (sum, { lengthM }, i) => sum + (rows[i]?.clips ?? Math.ceil((lengthM * 1000) / spacingMm)),
          0,
        ),
        conduitMm: rows.reduce((sum, row) => sum + (row.sheath === 'conduit' ? (row.lengthM ?? 0) * 1000 : 0), 0),
      });
    });
  } catch (error) {
    if (error instanceof RangeError) return { problem: error.message };
    throw error;
  }
}
