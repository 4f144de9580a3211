import { bisector } from 'd3';
import { within } from '../within';

/** Carbon monoxide at a time; between two of them it goes straight from one to the other. */
export interface CoAt {
  min: number;
  ppm: number;
}

/** A course in order of time. @throws RangeError for two at one time or out of order, or a reading below 0 */
export function asCourse(course: readonly CoAt[]): readonly CoAt[] {
  course.forEach(({ min, ppm }, i) => {
    within('carbon monoxide', ppm, 'ppm', { min: 0, max: 100_000 });
    const before = course[i - 1]?.min;
    within('time of a reading', min, 'min', before === undefined ? {} : { above: before });
  });
  return course;
}
const byTime = bisector(({ min }: CoAt) => min);
/** The reading at a time within a course or after it, and the one before it. */
export function aroundMin(course: readonly CoAt[], min: number): { i: number; from: CoAt | undefined; to: CoAt | undefined } {
  const i = byTime.left(course, min);
  return { i, from: course[i - 1], to: course[i] };
}
/** What a course stands at, at a time within it, ppm. */
export function ppmAt(course: readonly CoAt[], min: number): number {
  const { from, to } = aroundMin(course, min);
  if (!to) return from?.ppm ?? 0;
  return from ? from.ppm + ((to.ppm - from.ppm) * (min - from.min)) / (to.min - from.min) : to.ppm;
}
