import { soundBuild, withValues } from '../../../tests/soundBuild';
import { explain } from '../../figures/explain';
import { airPicture, type AirPicture } from './airPicture';

const pictureOf = (build = soundBuild()): AirPicture => {
  const picture = airPicture(build);
  if ('missing' in picture) throw new Error('missing');
  return picture;
};

test('more air than at full is left over at the lowest, as pot burners have it (common practice, no source)', () => {
  const { band } = pictureOf();
  expect(band[0]?.excessAir).toBeGreaterThan(band[band.length - 1]?.excessAir ?? NaN);
});
test('of the whole band the beginning is the figure that is told of the lowest', () => {
  const { band } = pictureOf();
  expect(band[0]?.excessAir).toBeCloseTo(explain(soundBuild(), 'air.excessLow').value ?? NaN, 6);
});
test('of the whole band the end is what the findings tell of full', () => {
  const { band } = pictureOf();
  expect(band[band.length - 1]?.excessAir).toBeCloseTo(1.53, 1);
});
test('pipe, bend, filter, height and heat take air; cold air brings some', () => {
  const { band, ifs } = pictureOf();
  const full = band[band.length - 1]?.excessAir ?? NaN;
  for (const { id, excessAir } of ifs) expect([id, excessAir < full]).toEqual([id, id !== 'cold']);
});
test('at 2,000 m the air is thinner by 18 %, and with it what the flame gets (ISO 2533, from memory)', () => {
  const { band, ifs } = pictureOf();
  const high = ifs.find(({ id }) => id === 'high')?.excessAir ?? NaN;
  // At one temperature density goes with pressure: 79,495 Pa over 101,325.
  expect(high / (band[band.length - 1]?.excessAir ?? NaN)).toBeCloseTo(79495 / 101325, 2);
});
test('what it lacks is told by its name', () => {
  const picture = airPicture(withValues(soundBuild(), { 'pipes.exhaustBoreMm': null }));
  expect('missing' in picture && picture.missing.map(({ what }) => what)).toEqual(['Exhaust’s bore']);
});
