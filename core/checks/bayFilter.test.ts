import fc from 'fast-check';
import { stageIds } from '../build/stages';
import { bayQuery, readBayFilter, type BayFilter } from './bayFilter';

const anyFilter: fc.Arbitrary<BayFilter> = fc.record({
  find: fc.string({ maxLength: 80 }),
  mine: fc.boolean(),
  stop: fc.boolean(),
  due: fc.constantFrom('', 'now', 'week'),
  waits: fc.constantFrom('', ...stageIds),
});

test('any filter comes back from its address as it went in', () => {
  fc.assert(
    fc.property(anyFilter, (filter) =>
      expect(readBayFilter(new URLSearchParams(bayQuery(filter)))).toEqual({ filter, errors: [] }),
    ),
  );
});

test('a stage that is none is told with those that are', () => {
  const { errors, filter } = readBayFilter(new URLSearchParams('waits=lunch&due=someday'));
  expect(errors).toEqual([
    'due is “someday”; allowed is now or week.',
    expect.stringMatching(/^waits is “lunch”; allowed is one of: survey, kit, .*signoff\.$/),
  ]);
  expect([filter.waits, filter.due]).toEqual(['', '']);
});
