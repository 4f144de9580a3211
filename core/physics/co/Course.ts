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
