import type { Build } from '../../build/Build';
import { drawnFrom } from '../../figures/readerOf';
import type { Need } from '../../reading/Reader';
import { doseRuns, doseTest } from '../../model/fuel/doseTest';
import type { FillSpreadFacts } from '../../physics/fuel/fillSpread';
import { chambersToFill } from '../../model/priming/fillChambers';
import { dryMedian, dryShares } from '../../physics/fuel/strokesToFill';

/**
 * What the first fill rests on, with how surely each is known; or what is missing.
 * Ranges: dose ± 10 % as stated, or as a dose test scatters; lengths ± 5 %; filter ± 20 %; gaps from half to one and a quarter; a dry pump moves from 75 to 100 %.
 * @source assumptions of ours, common practice, no source
 */
export function fillPicture(build: Build): FillSpreadFacts | { missing: readonly Need[] } {
  return drawnFrom(build, (read) => {
    const chambers = chambersToFill(read);
    const doseMl = read.derived('fuel.doseMl');
    const test = doseTest(doseRuns(read));
    const off = test ? Math.max(0.02, (2 * (test.scatterPercent ?? 5)) / 100) : 0.1;
    const around = (share: number) => ({ min: 1 - share, likely: 1, max: 1 + share });
    return {
      doseMl,
      dryShare: dryMedian,
      gasShare: 0,
      chambers,
      uncertainties: {
        dose: around(Math.min(off, 0.5)),
        lengths: around(0.05),
        filter: around(0.2),
        gaps: { min: 0.5, likely: 1, max: 1.25 },
        dryShare: dryShares,
      },
    };
  });
}
