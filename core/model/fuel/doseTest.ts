import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import type { Reader } from '../../reading/Reader';
import { fuelOf } from './runFacts';

/** One counted run of the pump into a measuring glass. */
export interface DoseRun {
  strokes: number;
  volumeMl: number;
}
export interface DoseTest {
  runs: number;
  strokes: number;
  /** All volume over all strokes, mL. */
  doseMl: number;
  /** Scatter of the runs: sample standard deviation over their mean, %; null for a single run. */
  scatterPercent: number | null;
}

/**
 * What a pump gives a stroke, by counted strokes into a glass.
 * @returns null where there is no run
 * @example doseTest([{ strokes: 200, volumeMl: 4.4 }, { strokes: 200, volumeMl: 4.6 }]) // { runs: 2, strokes: 400, doseMl: 0.0225, scatterPercent: 3.14 }
 * @source definition; sample standard deviation
 */
export function doseTest(runs: readonly DoseRun[]): DoseTest | null {
  if (runs.length === 0) return null;
  const strokes = runs.reduce((sum, run) => sum + run.strokes, 0);
  const each = runs.map(({ volumeMl, strokes: n }) => volumeMl / n);
  const mean = each.reduce((sum, dose) => sum + dose, 0) / each.length;
  const variance = each.reduce((sum, dose) => sum + (dose - mean) ** 2, 0) / (each.length - 1);
  return {
    runs: runs.length,
    strokes,
    doseMl: runs.reduce((sum, run) => sum + run.volumeMl, 0) / strokes,
    scatterPercent: runs.length > 1 ? (Math.sqrt(variance) / mean) * 100 : null,
  };
}

/** mL of a fuel by its mass: at the temperature that was read, else at 15 °C. Source: definition; API MPM tables ch. 11 (from memory). */
export const volumeByMassMl = (massG: number, densityKgM3At15C: number, fuelC = 15): number =>
  (massG / densityKgM3(densityKgM3At15C, fuelC)) * 1000;

/** The runs of a build that are whole: by the glass, or by the scale and the density of the fuel at its temperature. */
export const doseRuns = (read: Reader): DoseRun[] =>
  read.rows('doseTests').flatMap(({ strokes, volumeMl, massG, fuelC }) => {
    if (strokes === undefined) return [];
    if (volumeMl !== undefined) return [{ strokes, volumeMl }];
    if (massG === undefined) return [];
    return [{ strokes, volumeMl: volumeByMassMl(massG, fuelOf(read).densityKgM3At15C, fuelC) }];
  });
