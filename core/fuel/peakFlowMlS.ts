/** How long a solenoid pump takes to draw in one stroke, s. Assumption of ours: common practice, no source. */
export const strokeSeconds = 0.06;

/**
 * Flow at the height of one stroke, if the stroke is drawn in as half a sine: (π/2) V / t.
 * @param strokeVolumeMl mL
 * @returns mL/s
 * @source geometry of a half sine; the length of the stroke is an assumption (`strokeSeconds`)
 */
export function peakFlowMlS(strokeVolumeMl: number): number {
  return (Math.PI / 2) * (strokeVolumeMl / strokeSeconds);
}
