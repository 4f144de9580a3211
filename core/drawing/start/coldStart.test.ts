import { soundBuild, type Values } from '../../../tests/soundBuild';
import { emptyBuild } from '../../build/emptyBuild';
import { coldStart } from './coldStart';

const cold = (values: Values = {}) => coldStart(soundBuild(values));
const labels = (start: ReturnType<typeof coldStart>) => (start?.events ?? []).map(({ label }) => label);

test('a sound build lights on its coldest night, thing after thing', () => {
  const start = cold({ 'survey.coldestC': -8 });
  expect(start).toMatchObject({ outsideC: -8, lights: true, fuelStops: false, codes: [] });
  expect(labels(start)).toEqual(['button on', 'glow plug on', 'pump clicks', 'flame', 'full output']);
});
test('one with a long thin feed does not, and what would be seen is told: the volts and the code', () => {
  const start = cold({ 'survey.coldestC': -5, 'wiring.cableAreaMm2': 0.75, 'wiring.feedLengthM': 9 });
  expect(start).toMatchObject({ lights: false, codes: ['lowVolts'] });
  expect(start?.lowestV).toBeLessThan(9);
});
test('summer fuel in a frost of twenty degrees stops: clicks, and no flame', () => {
  const start = cold({ 'survey.coldestC': -20, 'heater.fuelGrade': 'roadA' });
  expect(start).toMatchObject({ lights: false, fuelStops: true });
  expect(labels(start)).toContain('pump clicks');
  expect(labels(start)).not.toContain('full output');
});
test('the build itself is left as it was', () => {
  const build = soundBuild({ 'survey.coldestC': -20 });
  const before = JSON.stringify(build);
  coldStart(build);
  expect(JSON.stringify(build)).toBe(before);
});
test('where the coldest night is not known, nothing is told', () => {
  const { id, identity } = soundBuild();
  expect(coldStart(emptyBuild(id, identity))).toBeNull();
});
