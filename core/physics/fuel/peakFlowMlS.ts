import { within } from '../within';
/** How long a solenoid pump may take to draw in one stroke, s: likely, and the least and most that are plausible. Assumption of ours: common practice, no source. */
export const strokeSeconds = 0.06;
export const plausibleStrokeS = [0.04, 0.06, 0.1] as const;

/**
 * Flow at the height of one stroke, if the stroke is drawn in as half a sine: (π/2) V / t.
 * @param strokeVolumeMl mL
 * @param strokeS how long it draws, s
 * @returns mL/s
 * @throws RangeError naming quantity, value and bounds
 * @example peakFlowMlS(0.022, 0.06) // 0.576
 * @source geometry of a half sine; the length of the stroke is an assumption where nobody has measured it
 */
export function peakFlowMlS(strokeVolumeMl: number, strokeS: number = strokeSeconds): number {
  within('dose', strokeVolumeMl, 'mL', { min: 0 });
  within('time of a stroke', strokeS, 's', { above: 0 });
  return (Math.PI / 2) * (strokeVolumeMl / strokeS);
}

/**
 * What of that peak reaches the line: rubber and gas take part of each swing about the mean.
 * @param softening share of the swing that is left over, 0 to 1
 * @throws RangeError naming quantity, value and bounds
 * @example peakInLineMlS(0.1, 0.5, 0.5) // 0.3
 */
export const peakInLineMlS = (meanMlS: number, peakMlS: number, softening: number): number =>
  meanMlS + within('softening', softening, 'of 1', { min: 0, max: 1 }) * Math.max(0, peakMlS - meanMlS);
