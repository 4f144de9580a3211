import type { Build } from '../build/Build';
import { valueAt } from '../build/sheets';
import { lineVolumeMl } from '../fuel/lineVolumeMl';

/**
 * How far the fuel has come after so many strokes: the filled share of the suction line and of the line to the heater.
 * The filter is filled where it sits. Null where a length, a bore or the dose is missing.
 * @source geometry
 */
export function frontShares(build: Build, strokes: number): { suction: number; line: number } | null {
  const value = (
    path: 'fuel.suctionLengthM' | 'fuel.suctionBoreMm' | 'fuel.pressureLengthM' | 'fuel.pressureBoreMm' | 'heater.strokeVolumeMl',
  ) => valueAt(build.sheets, path);
  const [sl, sb, pl, pb, dose] = [
    value('fuel.suctionLengthM'),
    value('fuel.suctionBoreMm'),
    value('fuel.pressureLengthM'),
    value('fuel.pressureBoreMm'),
    value('heater.strokeVolumeMl'),
  ];
  if (sl === null || sb === null || pl === null || pb === null || dose === null) return null;
  const filter = valueAt(build.sheets, 'priming.filterVolumeMl') ?? 0;
  const before = valueAt(build.sheets, 'fuel.filterPlace') === 'afterPump' ? 0 : filter;
  const pumped = strokes * dose + (valueAt(build.sheets, 'priming.preFilledMl') ?? 0);
  const share = (ml: number, whole: number) => Math.min(1, Math.max(0, ml / whole));
  const suctionMl = lineVolumeMl(sb, sl);
  return { suction: share(pumped, suctionMl), line: share(pumped - suctionMl - before, lineVolumeMl(pb, pl) + filter - before) };
}
