import type { Chamber } from './firstFill';

/** How far the true stroke and the true volume may be from the stated ones. Assumptions of ours: common practice, no source. */
export const doseTolerance = 0.1;
export const volumeTolerance = 0.05;
/** What a stroke moves while the pump is dry, as a share of its dose: surely between these, likeliest in between. Assumption of ours, no source. */
export const dryShares = { min: 0.75, likely: 0.95, max: 1 } as const;
/** The middle of that triangle: as often less as more. */
export const dryMedian = dryShares.min + Math.sqrt(0.5 * (dryShares.max - dryShares.min) * (dryShares.likely - dryShares.min));

export interface Strokes {
  expected: number;
  low: number;
  high: number;
}

/** Volumes that still have to be filled before the pump, which draws them dry, and after it, mL; what is trapped is not filled. */
export function volumesToFill(chambers: readonly Chamber[]): { suctionMl: number; pressureMl: number } {
  const of = (side: Chamber['side']) =>
    chambers.filter((c) => c.side === side).reduce((sum, { volumeMl, trapMl }) => sum + Math.max(0, volumeMl - trapMl), 0);
  return { suctionMl: of('suction'), pressureMl: of('pressure') };
}

/**
 * Strokes that bring fuel from the tank to the heater, with the band in which the true count should lie.
 * Until fuel is at the pump each stroke moves only a share of its dose; the band takes all three doubts at their worst together.
 * @param suctionMl before the pump, pressureMl after it, mL
 * @param strokeVolumeMl mL
 * @returns whole strokes
 * @example strokesToFill({ suctionMl: 0, pressureMl: 11 }, 0.022).expected // 500
 * @source definition, the same model as the simulation of the first fill; the doubts are assumptions, common practice, no source
 */
export function strokesToFill(
  { suctionMl, pressureMl }: { suctionMl: number; pressureMl: number },
  strokeVolumeMl: number,
): Strokes {
  const strokes = (dryShare: number) => (suctionMl / dryShare + pressureMl) / strokeVolumeMl;
  return {
    expected: Math.round(strokes(dryMedian)),
    low: Math.floor((strokes(dryShares.max) * (1 - volumeTolerance)) / (1 + doseTolerance)),
    high: Math.ceil((strokes(dryShares.min) * (1 + volumeTolerance)) / (1 - doseTolerance)),
  };
}
