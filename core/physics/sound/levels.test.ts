import fc from 'fast-check';
import { atDistanceDb, sumDb, withoutRestDb } from './levels';

// Acoustics, by hand: 74.0 with 60.9 dB make 74.2; two alike 3.0 more; twice as far 6.0 less.
test.each([
  [[74.0, 60.9], 74.2],
  [[60, 60], 63.0],
  [[50], 50],
])('%j dB together are %d dB', (levels, sum) => expect(sumDb(levels)).toBeCloseTo(sum, 1));
test('twice as far off in the open it is 6.0 dB less, ten times 20', () => {
  expect(atDistanceDb(64.5, 1, 2)).toBeCloseTo(58.48, 2);
  expect(atDistanceDb(64.5, 0.5, 5)).toBeCloseTo(44.5, 6);
});
test('taken apart, two sounds are what they were, where the one is 3 dB or more over the other', () => {
  const level = fc.double({ min: 20, max: 100, noNaN: true });
  fc.assert(
    fc.property(level, level, (one, other) => {
      const left = withoutRestDb(sumDb([one, other]), other);
      if (left === null) return sumDb([one, other]) - other < 3;
      expect(left).toBeCloseTo(one, 6);
      return true;
    }),
  );
});
test('no sound is no sum', () => expect(() => sumDb([])).toThrow(RangeError));
