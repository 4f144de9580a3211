import { within } from '../within';
import { asCourse, type CoAt } from './Course';

/**
 * How fast blood takes it up, by how hard somebody breathes: 1/D + 713 mmHg/V, where D is what the lungs let through, mL/(min mmHg), and V the air that they
 * change, mL/min. Heavy work as the alarm standard takes it; asleep by 30 mL/(min mmHg) and 6 L/min, from memory.
 */
export const breathing = { heavyWork: 0.0404, asleep: 1 / 30 + 713 / 6000 } as const;
/** What the blood of one who does not smoke carries anyway, %. From memory. */
export const usualBloodPercent = 0.7;

/**
 * Haemoglobin bound by carbon monoxide after a time in still air of one strength.
 * @param ppm 0 to 10,000 @param min 0 and more @param fromPercent what blood carried before, 0 to 100 @param b by how hard somebody breathes
 * @returns %
 * @throws RangeError naming quantity, value and bounds
 * @source Coburn, Forster and Kane 1965, in the form used by UL 2034 (from memory): COHb₀ e^(−t/(2398 B)) + 218 (1 − e^(−t/(2398 B))) (0.0003 + ppm/1316)
 * @example bloodAfter(70, 240) // 10.7
 */
export function bloodAfter(ppm: number, min: number, fromPercent = 0, b: number = breathing.heavyWork): number {
  within('carbon monoxide', ppm, 'ppm', { min: 0, max: 10_000 });
  within('time', min, 'min', { min: 0 });
  within('carboxyhaemoglobin', fromPercent, '%', { min: 0, max: 100 });
  const left = Math.exp(-min / (2398 * b));
  return fromPercent * left + 218 * (1 - left) * (0.0003 + ppm / 1316);
}

/**
 * The same through a course of readings, at the time of each.
 * @returns %, one for each reading
 * @source the equation over each stretch at its mean strength, in steps of at most a minute
 */
export function bloodThrough(
  readings: readonly CoAt[],
  fromPercent = usualBloodPercent,
  b: number = breathing.heavyWork,
): number[] {
  const course = asCourse(readings);
  let percent = fromPercent;
  return course.map((to, i) => {
    const from = course[i - 1];
    if (!from) return percent;
    const steps = Math.max(1, Math.ceil(to.min - from.min));
    for (let k = 0; k < steps; k += 1) {
      const ppm = from.ppm + ((to.ppm - from.ppm) * (k + 0.5)) / steps;
      percent = bloodAfter(ppm, (to.min - from.min) / steps, percent, b);
    }
    return percent;
  });
}
