import fc from 'fast-check';
import { effectiveness, passedWK, uaOfRating, type Passing } from './exchanger';

const ntu = fc.double({ min: 0, max: 8, noNaN: true });
const ratio = fc.double({ min: 0, max: 1, noNaN: true });

// Kays and London, tables of effectiveness, from memory.
test.each([
  ['counter', 1, 0, 0.632],
  ['counter', 1, 0.5, 0.565],
  ['counter', 2, 0.5, 0.775],
  ['counter', 1, 1, 0.5],
  ['counter', 3, 1, 0.75],
  ['cross', 1, 0, 0.632],
  ['cross', 1, 1, 0.476],
  ['cross', 2, 0.5, 0.735],
  ['still', 2, 1, 0.865],
] as [Passing, number, number, number][])('%sflow of %d units at a ratio of %d passes %d of the most (Kays and London)', (passing, units, at, share) => {
  // The crossflow form is an approximation: 0.469 where the table has 0.476.
  expect(Math.abs(effectiveness(passing, units, at) - share)).toBeLessThan(passing === 'cross' ? 0.01 : 0.001);
}); // prettier-ignore

test('counterflow against a second solution: the two streams stepped along each other, met by halving', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 4, noNaN: true }), fc.double({ min: 0.05, max: 0.98, noNaN: true }), (units, r) => {
      // Hot stream (smaller heat flow) enters at 1, cold one from the other end at 0; the cold one’s leaving temperature is guessed.
      const steps = 4000;
      const along = (coldOut: number): { cold: number; hot: number } => {
        let [hot, cold] = [1, coldOut];
        for (let i = 0; i < steps; i += 1) {
          const slope = (h: number, c: number) => (units * (h - c)) / steps;
          const half = slope(hot, cold) / 2;
          const q = slope(hot - half, cold - r * half);
          hot -= q;
          cold -= r * q;
        }
        return { cold, hot };
      };
      let [low, high] = [0, 1];
      for (let i = 0; i < 50; i += 1) {
        const middle = (low + high) / 2;
        if (along(middle).cold < 0) low = middle;
        else high = middle;
      }
      expect(effectiveness('counter', units, r)).toBeCloseTo(1 - along((low + high) / 2).hot, 4);
    }),
    { numRuns: 30 },
  );
});
test('nothing is passed by nothing, never more than all, more by more surface, and counterflow is the best', () => {
  fc.assert(
    fc.property(ntu, ratio, (units, r) => {
      const [counter, cross] = [effectiveness('counter', units, r), effectiveness('cross', units, r)];
      expect(effectiveness('counter', 0, r)).toBe(0);
      expect(counter).toBeLessThanOrEqual(1);
      expect(effectiveness('counter', units + 0.1, r)).toBeGreaterThanOrEqual(counter);
      // The crossflow form is an approximation.
      expect(cross).toBeLessThanOrEqual(counter + 0.01);
    }),
  );
});
test('a rating is given back by the exchanger that it makes', () => {
  const passing = fc.constantFrom<Passing>('counter', 'cross', 'still');
  const flow = fc.double({ min: 20, max: 3000, noNaN: true });
  fc.assert(
    fc.property(passing, flow, flow, fc.double({ min: 0.05, max: 0.6, noNaN: true }), (how, coolantWK, other, share) => {
      const otherWK = how === 'still' ? Infinity : other;
      // Of crossflow of like streams no surface gives more than about 0.6 of the most that is asked here.
      const rated = share * 0.9 * Math.min(coolantWK, otherWK);
      expect(
        passedWK({ passing: how, uaWK: uaOfRating(how, rated, coolantWK, otherWK), otherWK }, coolantWK) / rated,
      ).toBeCloseTo(1, 5);
    }),
  );
});
test('where the coolant stands nothing is passed', () => {
  expect(passedWK({ passing: 'cross', uaWK: 100, otherWK: 60 }, 0)).toBe(0);
});
