import { BenchHeater } from '../bench/benchHeater';
import { usualBench } from '../bench/BenchFacts';
import type { BenchFaultId } from '../bench/faults';
import { departureText } from '../../wording/departureText';
import { departuresOf, type CourseEvents, type CourseReading, type Departure } from './departures';
import { bandAt, coursed, expectedCourse, type ExpectedCourse } from './expectedCourse';

const course = expectedCourse(usualBench, { forS: 420, courses: 12 });
/** A start of the bench heater as it would be read, once a second. */
function readOf(faults: [BenchFaultId, number][], seed = 77): { readings: CourseReading[]; events: CourseEvents } {
  const heater = new BenchHeater(usualBench, { seed });
  heater.setFaults(faults.map(([id, strength]) => ({ id, strength, fromS: 0, growsS: 0 })));
  heater.press(true);
  const readings: CourseReading[] = [];
  const events: Record<string, number> = {};
  for (let s = 1; s <= 400; s += 1) {
    heater.run(1);
    for (const { kind } of heater.takeEvents()) events[kind] ??= heater.s;
    for (const quantity of coursed) readings.push({ s, quantity, value: heater.readings[quantity] });
  }
  return { readings, events };
}
const departs = (...faults: [BenchFaultId, number][]): Departure[] => {
  const { readings, events } = readOf(faults);
  return departuresOf(course, readings, events);
};

test('a sound start leaves its band nowhere', () => expect(departs()).toEqual([]));
test.each([
  ['thinFeed', 0.5, 'volts', 'under'],
  ['oldBattery', 1, 'volts', 'under'],
  ['plugWorn', 0.4, 'amps', 'under'],
  ['fanDrags', 1, 'amps', 'over'],
  ['pumpSetHigh', 0.6, 'hertz', 'over'],
  ['outletBlocked', 0.7, 'outletC', 'over'],
  ['pumpWorn', 1, 'outletC', 'under'],
  ['returnBlocked', 0.8, 'caseC', 'over'],
] as const)('%s of %d shows as %s %s its course', (id, strength, quantity, side) => {
  expect(departs([id, strength])).toContainEqual(expect.objectContaining({ quantity, side }));
});
test('what departs is told as it begins: four seconds are enough', () => {
  const { readings, events } = readOf([['thinFeed', 0.6]]);
  const began = departuresOf(course, readings, events)[0]?.fromS ?? NaN;
  const early = departuresOf(
    course,
    readings.filter(({ s }) => s <= began + 5),
    events,
  );
  expect(early).toEqual([expect.objectContaining({ quantity: 'volts', side: 'under', fromS: began, open: true })]);
});
test('after the button off nothing is expected', () => {
  const { readings, events } = readOf([]);
  expect(
    departuresOf(
      course,
      readings.map((r) => (r.s > 300 ? { ...r, value: 0 } : r)),
      { ...events, off: 300 },
    ),
  ).toEqual([]);
});
test('the band holds what a course with other figures in range shows, and is no wider at rest than a meter errs', () => {
  const rest = bandAt(course, 'volts', 4);
  expect((rest?.high ?? 9) - (rest?.low ?? 0)).toBeLessThan(0.3);
  expect(bandAt(course, 'volts', -1)).toBeNull();
  expect(bandAt(course, 'volts', 5000)).toBeNull();
});
test('every departure has its words, and none tells anybody to take the power from a hot heater', () => {
  const phases = ['rest', 'glow', 'light', 'ramp', 'full', 'after'] as const;
  const all = coursed.flatMap((quantity) => (['under', 'over'] as const).flatMap((side) => phases.map((phase) => departureText({ quantity, side, phase, fromS: 65, toS: 80, by: 1, open: true })))); // prettier-ignore
  for (const { now, what } of all) {
    expect(what).toContain('since 1:05');
    expect(now.replace(/Never cut its power now\./g, '')).not.toMatch(/cut|fuse|isolator|power|disconnect/i);
  }
});
test('a course that never lights is told as such', () => {
  const dead: ExpectedCourse = expectedCourse(
    { ...usualBench, feed: { ...usualBench.feed, feedOhm: 0.4 } },
    { forS: 300, courses: 4 },
  );
  expect(dead.litShare).toBe(0);
});
