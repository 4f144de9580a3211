import type { Build, PrimingRun } from '../../build/Build';
import type { Reader } from '../../reading/Reader';
import { dryMedian, volumesToFill } from '../../physics/fuel/strokesToFill';
import { chambersToFill } from './fillChambers';

export interface DryRun {
  run: PrimingRun;
  /** of its strokes, those before fuel was at the pump */ dryStrokes: number;
  /** s of the pump without fuel, in all and without a rest */ dryS: number;
  onEndS: number;
}

const dryFor = (run: PrimingRun, dryStrokes: number): DryRun => {
  const dryS = dryStrokes / run.frequencyHz;
  return { run, dryStrokes, dryS, onEndS: Math.min(dryS, run.longestS ?? dryS) };
};
/** Runs in which no fuel came: dry to their end, whatever the line. */
export const surelyDry = ({ primingRuns }: Pick<Build, 'primingRuns'>): DryRun[] =>
  primingRuns.filter(({ outcome }) => outcome === 'none').map((run) => dryFor(run, run.strokes));

/**
 * How long a pump has run without the fuel that lubricates it, run by run.
 * A run in which no fuel came was dry to its end; any other until the suction line is full, as expected of an empty one; one that
 * goes on from another is dry for what the other left.
 * @throws through the reader where the line is not known
 */
export function dryRunning(read: Reader): DryRun[] {
  const toPump = volumesToFill(chambersToFill(read)).suctionMl / dryMedian / read.derived('fuel.doseMl');
  let since = 0;
  return read.build.primingRuns.map((run) => {
    if (run.fromEmpty) since = 0;
    const before = since;
    since += run.strokes;
    return dryFor(run, run.outcome === 'none' ? run.strokes : Math.max(0, Math.min(run.strokes, toPump - before)));
  });
}
