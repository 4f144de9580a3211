import { freeAreaMm2 } from './freeAreaMm2';
import { leisureVents } from './leisureVents';

describe('free areas, by hand', () => {
  test.each([
    ['four drilled holes of 30 mm', { shape: 'round', diaMm: 30, pieces: 4, cover: 'open' }, 4 * 706.858],
    [
      'a grille of 100 by 150 under a mesh of 6 mm',
      { shape: 'square', widthMm: 100, heightMm: 150, pieces: 1, cover: 'mesh6' },
      10_500,
    ],
    ['louvres leave half', { shape: 'square', widthMm: 100, heightMm: 100, pieces: 1, cover: 'louvre' }, 5000],
    [
      'a fly screen behind louvres leaves a quarter',
      { shape: 'square', widthMm: 100, heightMm: 100, pieces: 1, cover: 'louvreFly' },
      2500,
    ],
    ['two of a stated area, whatever their cover', { shape: 'stated', eachMm2: 4000, pieces: 2, cover: 'fly' }, 8000],
  ] as const)('%s', (_what, hole, area) => expect(freeAreaMm2(hole)).toBeCloseTo(area, 0));
  test('a hole of nothing is refused in one sentence', () =>
    expect(() => freeAreaMm2({ shape: 'round', diaMm: 0, pieces: 1, cover: 'open' })).toThrow(
      'The hole is 0 mm; allowed is 1 up to 3000 mm.',
    ));
});
// EN 721 (from memory).
test.each([
  [0.5, 7500, 1000],
  [5, 7500, 1000],
  [5.01, 10_000, 1500],
  [10, 10_000, 1500],
  [15, 12_500, 2000],
  [20, 15_000, 3000],
  [20.01, 20_000, 5000],
  [60, 20_000, 5000],
])('a floor of %d m² takes %d mm² high and %d low', (floor, highMm2, lowMm2) =>
  expect(leisureVents(floor)).toEqual({ highMm2, lowMm2 }),
);
