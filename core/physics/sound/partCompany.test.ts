import fc from 'fast-check';
import { partCompany, tappedHz } from './partCompany';

describe('whether ear and clock have parted', () => {
  it.each([
    [100, 102, false],
    [6, 0, false],
    [7, 0, true],
    [300, 306, false],
    [300, 313, true],
    [313, 300, true],
  ])('%d by ear and %d by the clock: %s', (ear, clock, parted) => {
    expect(partCompany(ear, clock)).toBe(parted);
  });
  it('is the same whichever is ahead, and never for the same count', () => {
    const strokes = fc.integer({ min: 0, max: 5000 });
    fc.assert(
      fc.property(strokes, strokes, (a, b) => {
        expect(partCompany(a, b)).toBe(partCompany(b, a));
        expect(partCompany(a, a)).toBe(false);
      }),
    );
  });
  it('refuses a count below nothing by its name', () => {
    expect(() => partCompany(-1, 0)).toThrow(/strokes by ear/);
    expect(() => partCompany(0, Number.NaN)).toThrow(/strokes by the clock/);
  });
});

describe('a beat that was tapped', () => {
  const even = (hz: number, n = 10) => Array.from({ length: n }, (_, i) => (i * 1000) / hz);
  it.each([1, 2.5, 4, 8])('ten taps at %d Hz are that', (hz) => {
    expect(tappedHz(even(hz))).toBeCloseTo(hz, 9);
  });
  it('a hand that wanders by a tenth is understood', () => {
    expect(tappedHz(even(4).map((at, i) => at + (i % 2) * 25))).toBeCloseTo(4, 0);
  });
  it.each<[string, number[]]>([
    ['too few', even(4, 4)],
    ['one missed', [0, 250, 500, 1000, 1250, 1500]],
    ['all at once', [5, 5, 5, 5, 5, 5]],
    ['none', []],
  ])('%s are no beat', (_name, taps) => {
    expect(tappedHz(taps)).toBeNull();
  });
});
