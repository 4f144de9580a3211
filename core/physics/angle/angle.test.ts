import fc from 'fast-check';
import { edgeElevationDeg, upOf } from './edgeElevationDeg';
import { leanMaxDeg, lieOf } from './lieOf';
import { readSteady, stillMs, type AngleReading } from './readSteady';

type Vector = readonly [number, number, number];
/** Turned about one of the fixed axes, by the right hand: the three elementary rotations of any textbook, written out apart from what is tested. */
const turned = (axis: 'x' | 'y' | 'z', deg: number, [x, y, z]: Vector): Vector => {
  const [c, s] = [Math.cos((deg * Math.PI) / 180), Math.sin((deg * Math.PI) / 180)];
  if (axis === 'x') return [x, c * y - s * z, s * y + c * z];
  if (axis === 'y') return [c * x + s * z, y, -s * x + c * z];
  return [c * x - s * y, s * x + c * y, z];
};
/** Where a vector of the device points in the world: turned about its own z, x and y in that order is about the fixed y, x and z in the other. */
const inWorld = (alpha: number, beta: number, gamma: number, v: Vector): Vector =>
  turned('z', alpha, turned('x', beta, turned('y', gamma, v)));

const turn = fc.record({
  alpha: fc.double({ min: 0, max: 360, noNaN: true }),
  betaDeg: fc.double({ min: -180, max: 180, noNaN: true }),
  gammaDeg: fc.double({ min: -90, max: 90, noNaN: true }),
});

test('an edge rises as its end does in the world, however the device is turned and whichever way it looks', () => {
  fc.assert(
    fc.property(turn, ({ alpha, betaDeg, gammaDeg }) => {
      for (const [edge, along] of [
        ['long', [0, 1, 0]],
        ['short', [1, 0, 0]],
        ['face', [0, 0, 1]],
      ] as const) {
        const [, , high] = inWorld(alpha, betaDeg, gammaDeg, along);
        expect(Math.sin((edgeElevationDeg({ betaDeg, gammaDeg }, edge) * Math.PI) / 180)).toBeCloseTo(high, 9);
      }
      const { x, y, z } = upOf({ betaDeg, gammaDeg });
      expect(Math.hypot(x, y, z)).toBeCloseTo(1, 9);
    }),
  );
});
// By hand: laid on its back, on its face, on its long side, each with the top 30° up; and upright.
test.each([
  [{ betaDeg: 30, gammaDeg: 0 }, 30],
  [{ betaDeg: 150, gammaDeg: 0 }, 30],
  [{ betaDeg: 30, gammaDeg: 90 }, 30],
  [{ betaDeg: -30, gammaDeg: 0 }, -30],
  [{ betaDeg: 90, gammaDeg: 0 }, 90],
])('turned by %j the long edge rises by %d°', (given, deg) => {
  expect(edgeElevationDeg(given, 'long')).toBeCloseTo(deg, 9);
});
test.each([
  { betaDeg: Number.NaN, gammaDeg: 0 },
  { betaDeg: 0, gammaDeg: 91 },
  { betaDeg: -181, gammaDeg: 0 },
])('a turn that no device tells is refused: %j', (given) => {
  expect(() => edgeElevationDeg(given, 'long')).toThrow(/The turn about the (long|short) edge is .* deg; allowed is/);
});

const row = (degs: readonly number[], everyMs = 100): AngleReading[] => degs.map((deg, i) => ({ atMs: i * everyMs, deg }));
describe('whether a thing lies still', () => {
  const quiet = Array.from({ length: 30 }, (_, i) => 25 + 0.2 * Math.sin(i));
  test('it does after two seconds of hardly any movement, and its angle is the mean of these', () => {
    const found = readSteady(row(quiet), 2900);
    expect(found?.still).toBe(true);
    expect(found?.deg).toBeCloseTo(25, 1);
  });
  test('not before these two seconds are over', () => {
    expect(readSteady(row(quiet).slice(0, 15), 1400)?.still).toBe(false);
  });
  test('one jerk within them unsettles it, one before them does not', () => {
    const late = quiet.map((deg, i) => (i === 20 ? deg + 5 : deg));
    const early = quiet.map((deg, i) => (i === 2 ? deg + 5 : deg));
    expect([readSteady(row(late), 2900)?.still, readSteady(row(early), 2900)?.still]).toEqual([false, true]);
  });
  test('a device that tells its angle twice a second says nothing of what was between', () => {
    expect(readSteady(row([25, 25, 25, 25, 25, 25, 25], 500), 3000)?.still).toBe(false);
  });
  test('a sensor that fell silent tells nothing', () => {
    expect(readSteady(row(quiet), 2900 + stillMs + 1)).toBeNull();
    expect(readSteady([], 0)).toBeNull();
  });
});

describe('how a heater lies by a phone on its top', () => {
  /** Which way the heater's top looks and which way its length runs, in the world, once it was turned about its own length and then tipped up. */
  const lieAfter = (rollDeg: number, tipDeg: number) => {
    const [, , face] = turned('x', tipDeg, turned('y', rollDeg, [0, 0, 1]));
    const [, , along] = turned('x', tipDeg, turned('y', rollDeg, [0, 1, 0]));
    const deg = (sine: number) => (Math.asin(Math.max(-1, Math.min(1, sine))) * 180) / Math.PI;
    return lieOf(deg(face), deg(along));
  };
  // By hand: not turned, on either side, over, tipped on either end, and half-way between.
  test.each([
    [0, 0, 'flat'],
    [90, 0, 'side'],
    [-90, 0, 'side'],
    [180, 0, 'upsideDown'],
    [0, 90, 'onEnd'],
    [0, -90, 'onEnd'],
    [45, 0, 'leans'],
    [0, 45, 'leans'],
  ] as const)('rolled by %d° and tipped by %d° it is: %s', (roll, tip, lie) => {
    expect(lieAfter(roll, tip)).toBe(lie);
  });
  test('within the lean that is allowed a right lie stays one, and beyond it is none', () => {
    const small = fc.double({ min: -leanMaxDeg + 0.1, max: leanMaxDeg - 0.1, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom([0, 'flat'], [90, 'side'], [180, 'upsideDown']), small, ([roll, lie], off) => {
        expect(lieAfter(Number(roll) + off, 0)).toBe(lie);
        expect(lieAfter(Number(roll) + Math.sign(off) * (leanMaxDeg + 1), 0)).toBe('leans');
      }),
    );
  });
  test('an angle that can’t be is refused', () => {
    expect(() => lieOf(91, 0)).toThrow(/elevation of the face is 91 deg/);
  });
});
