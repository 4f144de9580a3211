/** How far the true stroke and the true volume may be from the stated ones. Assumptions of ours: common practice, no source. */
export const doseTolerance = 0.1;
export const volumeTolerance = 0.05;

export interface Strokes {
  expected: number;
  low: number;
  high: number;
}

/**
 * Strokes that bring fuel from the tank to the heater, with the band in which the true count should lie.
 * strokes = volume / stroke volume; the band takes both tolerances at their worst together.
 * @param volumeMl to be filled, mL
 * @param strokeVolumeMl mL
 * @returns whole strokes
 * @example strokesToFill(11.0, 0.022).expected // 500
 * @source definition
 */
export function strokesToFill(volumeMl: number, strokeVolumeMl: number): Strokes {
  const strokes = volumeMl / strokeVolumeMl;
  return {
    expected: Math.round(strokes),
    low: Math.floor((strokes * (1 - volumeTolerance)) / (1 + doseTolerance)),
    high: Math.ceil((strokes * (1 + volumeTolerance)) / (1 - doseTolerance)),
  };
}
