import fc from 'fast-check';
import { withValues } from '../../tests/soundBuild';
import { startedBuild } from '../../tests/startedBuild';
import { fallMm } from '../physics/angle/fallMm';
import { byLevel, isLevelled } from './byLevel';

const build = withValues(startedBuild(), { 'air.exhaustLengthM': 1, 'air.intakeLengthM': 0.5 });

// By hand: a metre at 30° down falls by half a metre; sin 6° = 0.1045.
it.each([
  [1, -30, 500],
  [1, -6, 104.528463],
  [0.5, 90, -500],
  [2, 0, 0],
])('a pipe of %d m at %d° falls by %d mm', (lengthM, deg, mm) => {
  expect(fallMm(lengthM, deg)).toBeCloseTo(mm, 4);
});
it('falls as much as it rises the other way, and never more than its length', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 20, noNaN: true }), fc.double({ min: -90, max: 90, noNaN: true }), (lengthM, deg) => {
      expect(fallMm(lengthM, deg)).toBeCloseTo(-fallMm(lengthM, -deg), 5);
      expect(Math.abs(fallMm(lengthM, deg))).toBeLessThanOrEqual(lengthM * 1000 + 1e-6);
    }),
  );
});
it.each([
  [-1, 0, 'length'],
  [1, 91, 'rise'],
])('a length of %d at %d° is refused by its name', (lengthM, deg, name) => {
  expect(() => fallMm(lengthM, deg)).toThrow(new RegExp(name));
});
it('the phone gives pump angle and both falls', () => {
  expect(byLevel(build, 'fuel.pumpAngleDeg', 24.4)).toBe(24);
  expect(byLevel(build, 'air.exhaustFallMm', -6)).toBe(105);
  expect(byLevel(build, 'air.intakeFallMm', 6)).toBe(-52);
});
it('says nothing where an angle alone does not tell', () => {
  const { assumed: _assumed, ...unknown } = withValues(startedBuild(), { 'air.exhaustLengthM': null });
  expect(byLevel(unknown, 'air.exhaustFallMm', -6)).toBeNull();
});
it('knows which figures it can give', () => {
  // How a heater lies one angle does not tell: it takes two (lieOf).
  expect([isLevelled('fuel.pumpAngleDeg'), isLevelled('siting.heaterLies')]).toEqual([true, false]);
});
