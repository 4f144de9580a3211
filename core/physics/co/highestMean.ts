import { within } from '../within';
import { asCourse, type CoAt } from './Course';

/** What a course stands at, and what it has come to in all, ppm min; asked of times that never go back. */
function walker(course: readonly CoAt[]): (min: number) => { ppm: number; sum: number } {
  let [i, sum] = [0, 0];
  return (min) => {
    for (let to = course[i + 1]; to && to.min <= min; to = course[i + 1]) {
      const from = course[i] ?? to;
      sum += ((from.ppm + to.ppm) / 2) * (to.min - from.min);
      i += 1;
    }
    const [from, to] = [course[i], course[i + 1]];
    if (!from) return { ppm: 0, sum };
    const ppm = to ? from.ppm + ((to.ppm - from.ppm) * (min - from.min)) / (to.min - from.min) : from.ppm;
    return { ppm, sum: sum + ((from.ppm + ppm) / 2) * (min - from.min) };
  };
}

/**
 * The highest mean of a course over any span of a length.
 * @param readings in order of time; between them it goes straight @param spanMin above 0
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
  const latest = Math.max(first, last - spanMin);
  const begins = course
    .flatMap(({ min }) => [min, min - spanMin])
    .filter((min) => min >= first && min <= latest)
    .concat(latest)
    .sort((a, b) => a - b);
  const [atBegin, atEnd] = [walker(course), walker(course)];
  let best = { ppm: -Infinity, fromMin: first };
  const take = (fromMin: number, sum: number) => {
    if (sum / spanMin > best.ppm + 1e-12) best = { ppm: sum / spanMin, fromMin };
  };
  let before: { min: number; apart: number; sum: number } | null = null;
  for (const min of begins) {
    const [begin, end] = [atBegin(min), atEnd(Math.min(last, min + spanMin))];
    const now = { min, apart: end.ppm - begin.ppm, sum: end.sum - begin.sum };
    // Between two such times both ends go straight: where they cross, the mean is at its height, and what it gained is a triangle.
    if (before && before.apart > 0 && now.apart < 0) {
      const on = ((min - before.min) * before.apart) / (before.apart - now.apart);
      take(before.min + on, before.sum + (before.apart * on) / 2);
    }
    take(min, now.sum);
    before = now;
  }
  return best;
}
