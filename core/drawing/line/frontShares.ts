import type { Build } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { drawnFrom } from '../../figures/readerOf';
import { fillChambers } from '../../model/priming/fillChambers';
import { dryMedian } from '../../physics/fuel/strokesToFill';

/**
 * How far the fuel has come after so many strokes: the filled share of what lies before the pump and of what lies after it.
 * Null where a length, a bore or the dose is missing.
 * @source geometry
 */
export function frontShares(build: Build, strokes: number): { suction: number; line: number } | null {
  const shares = drawnFrom(build, (read) => {
    let pumped = strokes * read.derived('fuel.doseMl');
    let syringe = valueAt(build.sheets, 'priming.preFilledMl') ?? 0;
    // The drawing shows line; what a filter or a gap takes holds the front back there.
    const shown = { suction: { filled: 0, whole: 0 }, pressure: { filled: 0, whole: 0 } };
    for (const { side, volumeMl, trapMl, isLine } of fillChambers(read)) {
      const takes = volumeMl - trapMl;
      const given = Math.min(syringe, takes);
      syringe -= given;
      // Before the pump it draws dry: the same share as in the count of strokes.
      const share = side === 'suction' ? dryMedian : 1;
      const drawn = Math.min(pumped * share, takes - given);
      pumped -= (takes - given) / share;
      const filled = given + Math.max(0, drawn);
      if (!isLine) continue;
      shown[side].filled += filled;
      shown[side].whole += takes;
    }
    const share = ({ filled, whole }: { filled: number; whole: number }) => (whole > 0 ? filled / whole : 1);
    return { suction: share(shown.suction), line: share(shown.pressure) };
  });
  return 'missing' in shares ? null : shares;
}
