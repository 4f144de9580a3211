import fc from 'fast-check';
import { Feed } from './Feed';

const reading = (t: number) => ({ line: 'reading' as const, t, values: { volts: 12 } });
test('whoever was away is told all that followed, in order and once, or which numbers are gone', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 400 }),
      fc.integer({ min: 0, max: 500 }),
      fc.integer({ min: 5, max: 60 }),
      (said, since, holds) => {
        const feed = new Feed(holds);
        for (let i = 1; i <= said; i += 1) feed.say(reading(i));
        const told = feed.since(since);
        const after = since >= feed.next ? 0 : since;
        const numbers = told.flatMap((line) =>
          line.line === 'lost'
            ? Array.from({ length: line.to - line.from + 1 }, (_, i) => line.from + i)
            : 'n' in line
              ? [line.n]
              : [],
        );
        expect(numbers).toEqual(Array.from({ length: said - after }, (_, i) => after + 1 + i));
        expect(told.filter(({ line }) => line !== 'lost').length).toBeGreaterThanOrEqual(Math.min(holds, said - after));
      },
    ),
  );
});
test('who asks from now on is told nothing of before', () => {
  const feed = new Feed();
  feed.say(reading(1));
  expect(feed.since(Number.MAX_SAFE_INTEGER - 1)).toEqual([]);
});
