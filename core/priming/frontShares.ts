import type { Build } from '../build/Build';
import { valueAt } from '../build/sheets';
import { makeReader, NotMeasured } from '../calls/reader';
import { fillChambers } from './fillChambers';

/**
 * How far the fuel has come after so many strokes: the filled share of what lies before the pump and of what lies after it.
 * Null where a length, a bore or the dose is missing.
 * @source geometry
 */
export function frontShares(build: Build, strokes: number): { suction: number; line: number } | null {
  const read = makeReader(build, { inputs: [], rules: [] });
  try {
    const chambers = fillChambers(read);
    const whole = (side: 'suction' | 'pressure') =>
      chambers.reduce((sum, chamber) => sum + (chamber.side === side ? chamber.volumeMl - chamber.trapMl : 0), 0);
    const pumped = strokes * read.derived('fuel.doseMl') + (valueAt(build.sheets, 'priming.preFilledMl') ?? 0);
    const share = (ml: number, all: number) => Math.min(1, Math.max(0, ml / Math.max(all, 1e-9)));
    return { suction: share(pumped, whole('suction')), line: share(pumped - whole('suction'), whole('pressure')) };
  } catch (error) {
    if (error instanceof NotMeasured) return null;
    throw error;
  }
}
