import { within } from '../within';
import { aroundMin, asCourse, ppmAt, type CoAt } from './Course';

/** What a course comes to in all from its beginning to a time within it, ppm min. */
function sumsOf(course: readonly CoAt[]): (min: number) => number {
  const upTo = [0];
  course.forEach((to, i) => {
    const from = course[i - 1];
    if (from) upTo.push((upTo[i - 1] ?? 0) + ((from.ppm + to.ppm) / 2) * (to.min - from.min));
  });
  return (min) => {
    const { i, from } = aroundMin(course, min);
    return from ? (upTo[i - 1] ?? 0) + ((from.ppm + ppmAt(course, min)) / 2) * (min - from.min) : 0;
  };
}

/**
 * The highest mean of a course over any span of a length.
 * @param course readings in order of time; between them it goes straight @param spanMin above 0
 * @returns ppm, and when the span begins, min; null where the course is shorter than the span
 * @throws RangeError for readings out of order
 * @source definition: the mean is highest at a reading's time, or where the course stands as high at the span's beginning as at its end
 * @example highestMean([{ min: 0, ppm: 10 }, { min: 30, ppm: 10 }], 15) // { ppm: 10, fromMin: 0 }
 */
export function highestMean(readings: readonly CoAt[], spanMin: number): { ppm: number; fromMin: number } | null {
  within('span', spanMin, 'min', { above: 0 });
  const course = asCourse(readings);
  const [first, last] = [course[0]?.min, course.at(-1)?.min];
  if (first === undefined || last === undefined || last - first < spanMin - 1e-9) return null;
  const begins = [...new Set([...course.map(({ min }) => min), ...course.map(({ min }) => min - spanMin), last - spanMin])]
    .filter((min) => min >= first && min <= last - spanMin + 1e-9)
    .sort((a, b) => a - b);
  // Between two such times both ends go straight: where they cross, the mean is at its height.
  const crossings = begins.slice(1).flatMap((to, i) => {
    const from = begins[i] ?? to;
    const apart = (min: number) => ppmAt(course, min + spanMin) - ppmAt(course, min);
    const [a, b] = [apart(from), apart(to)];
    return a > 0 && b < 0 ? [from + ((to - from) * a) / (a - b)] : [];
  });
  const sumTo = sumsOf(course);
  return [...begins, ...crossings]
    .map((fromMin) => ({ fromMin, ppm: (sumTo(fromMin + spanMin) - sumTo(fromMin)) / spanMin }))
    .reduce<{ ppm: number; fromMin: number } | null>((best, one) => (best && best.ppm >= one.ppm - 1e-12 ? best : one), null);
}
