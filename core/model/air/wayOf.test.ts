import { id, soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { RowOf } from '../../build/lists';
import { readerOf } from '../../figures/readerOf';
import { computeOrMissing } from '../../reading/NotMeasured';
import { breathFull, breatherOf, burningIdle, excessAirHigh, breathLow, waterKgS } from './breath';
import { exhaustHeat, lowPoints, timberMm } from './hotPieces';
import { bendsDeg, conduitsOf, fallMm, lengthM, wayOf, type Way } from './wayOf';

const piece = (n: number, more: Partial<RowOf<'pipes'>> = {}): RowOf<'pipes'> => ({
  id: id(400 + n),
  name: `p${n}`,
  of: 'exhaust',
  kind: 'pipe',
  lengthM: 0.3,
  riseMm: -30,
  boreMm: 24,
  bends: 1,
  bendDeg: 90,
  order: n,
  ...more,
});
const withPipes = (...pipes: RowOf<'pipes'>[]): Build => ({ ...soundBuild(), lists: { ...soundBuild().lists, pipes } });
const read = (build: Build) => readerOf(build);
const lacks = (build: Build, compute: () => unknown): string[] => {
  const done = computeOrMissing(compute);
  return 'missing' in done ? done.missing.labels : [];
};

describe('a pipe as it is reckoned with', () => {
  test('by its rough figures it is one piece, whose bends are right angles', () => {
    const way = wayOf(read(soundBuild()), 'exhaust');
    expect([way.own, lengthM(way), fallMm(way), bendsDeg(way)]).toEqual([false, 0.8, 90, 180]);
  });
  test('piece by piece, in its order, it goes before what is said of the whole', () => {
    const way = wayOf(read(withPipes(piece(2), piece(1, { bendDeg: 45 }), piece(3, { of: 'intake' }))), 'exhaust');
    expect([way.own, way.pieces.map(({ name }) => name), bendsDeg(way)]).toEqual([true, ['p1', 'p2'], 135]);
  });
  test('what a piece lacks is told with its name', () => {
    const build = withPipes(piece(1, { boreMm: undefined }), piece(2, { bends: undefined }));
    expect(lacks(build, () => wayOf(read(build), 'exhaust'))).toEqual(['bore of “p1”', 'count the bends of “p2”']);
  });
  test('its losses, summed by hand: two flexible bends of r/d 1.5, a muffler, an end into the open', () => {
    const way: Way = {
      own: true,
      pieces: [
        { ...piece(1, { bends: 2 }), name: 'a', lengthM: 0.3, riseMm: 0, boreMm: 24, bends: 2 },
        { ...piece(2), name: 'm', kind: 'muffler', lengthM: 0.2, riseMm: 0, boreMm: 24, bends: 0, wall: 'smooth' },
      ],
    };
    // Bends: 0.2 × 0.6/0.35 each; muffler 3 is assumed; exit 1 (Idelchik, from memory). Corrugated pipe rubs 3 times as much.
    const [a, m] = conduitsOf(way, 'exhaust', 0);
    expect(a?.zeta).toBeCloseTo(2 * 0.2 * (0.6 / 0.35), 6);
    expect([m?.zeta, a?.frictionTimes, m?.frictionTimes]).toEqual([4, 3, 1]);
  });
  test('an intake’s open end costs half a speed head (Idelchik, from memory)', () => {
    const way = wayOf(read(withValues(soundBuild(), { 'pipes.intakeBendsDeg': 0 })), 'intake');
    expect(conduitsOf(way, 'intake', 0)[0]?.zeta).toBeCloseTo(0.5, 9);
  });
  test('a low point is where a fall turns into a rise, and a level end is none', () => {
    const at = (...rises: number[]) =>
      lowPoints(read(withPipes(...rises.map((riseMm, i) => piece(i + 1, { riseMm }))))).map(({ name }) => name);
    expect([at(-30, -20), at(-30, 20), at(-30, 20, -10, 40), at(-30, 4), at(20, -30)]).toEqual([
      [],
      ['p1'],
      ['p1', 'p3'],
      [],
      [],
    ]);
  });
  test('timber is as thick as said, else as the floor’s timber', () => {
    expect(timberMm(read(soundBuild()))).toBe(12);
    expect(timberMm(read(withValues(soundBuild(), { 'pipes.timberMm': 40 })))).toBe(40);
  });
});

describe('how a build breathes', () => {
  const at = (values: Values = {}) => read(withValues(soundBuild(), values));
  test('gas leaves the burner at 200 to 450 °C, as is met (common practice)', () => {
    const { spigotC } = breathFull(at());
    expect(spigotC > 200 && spigotC < 450).toBe(true);
  });
  test('with the kit’s own pipes it has the excess of air that its maker tells', () => {
    const kit: Values = {
      'air.intakeLengthM': 0.5,
      'pipes.intakeBoreMm': 25,
      'pipes.intakeBendsDeg': 90,
      'air.exhaustLengthM': 0.6,
      'pipes.exhaustBoreMm': 24,
      'pipes.exhaustBendsDeg': 180,
    };
    const build = { ...withValues(soundBuild(), kit), maker: { excessAirFull: 1.8 } };
    // The day on which it is told is colder by ten kelvin than the warm one on which it is judged.
    expect(breathFull(read(build)).excessAir).toBeCloseTo(1.8 * (288.15 / 298.15), 1);
  });
  test('a blocked filter takes air, a missing one gives some', () => {
    const air = (silencer: 'clean' | 'none' | 'blocked') => breathFull(at({ 'pipes.silencer': silencer })).excessAir;
    expect(air('blocked')).toBeLessThan(air('clean') - 0.1);
    expect(air('none')).toBeGreaterThan(air('clean'));
  });
  test('at the lowest more is left over than at full, and at height less', () => {
    expect(burningIdle(at()).excessAir).toBeGreaterThan(breathFull(at()).excessAir);
    // ISO 2533, from memory: 77,541 Pa at 2,200 m.
    expect(excessAirHigh(at({ 'heater.altitudeM': 2200 })) / breathFull(at()).excessAir).toBeCloseTo(77541 / 101325, 4);
  });
  test('a muffler that is known to be missing costs nothing', () => {
    expect([breatherOf(at()).muffler, breatherOf(at({ 'air.mufflerHole': 'noMuffler' })).muffler]).toEqual([true, false]);
  });
  test('paraffinic fuel is lighter and wants more air a kilogram: by hand a stroke of it leaves 4 % more over', () => {
    const ratio = breathFull(at({ 'heater.fuelGrade': 'paraffinic' })).excessAir / breathFull(at()).excessAir;
    // 832 / 780 by density (EN 590, EN 15940, from memory), 14.56 / 14.95 by the air that each wants
    expect(ratio).toBeCloseTo((832 / 780) * (14.56 / 14.95), 2);
  });
  test('a long bare exhaust holds water on the coldest night; a short one of a hot heater holds none', () => {
    const long = withPipes(piece(1, { lengthM: 5, bends: 3 }), piece(2, { of: 'intake', boreMm: 25 }));
    expect(waterKgS(breathLow(read(withValues(long, { 'survey.coldestC': -20 }))))).toBeGreaterThan(0);
    expect(waterKgS(breathLow(at()))).toBe(0);
  });
  test('a sleeve makes the outside cooler than wrap does, and wrap cooler than nothing', () => {
    const outside = (cover: 'bare' | 'wrap' | 'sleeve') => exhaustHeat(at({ 'pipes.cover': cover }))[0]?.surfaceC ?? NaN;
    expect(outside('wrap')).toBeLessThan(outside('bare') - 40);
    expect(outside('sleeve')).toBeLessThan(outside('wrap') - 20);
  });
});
