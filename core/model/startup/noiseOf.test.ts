import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build, NoiseReading } from '../../build/Build';
import { atNeighbour } from './noiseOf';

const heard = (...noises: Partial<NoiseReading>[]): Build => ({
  ...soundBuild(),
  noises: noises.map((one, i) => ({
    id: id(800 + i),
    at: `2026-11-20T09:${10 + i}:00.000Z`,
    by: 'Test Fitter',
    place: 'pump',
    state: 'low',
    levelDb: 60,
    awayM: 1,
    with: 'meter',
    ...one,
  })),
});
// By hand: 64.5 at 1 m is 50.5 at 5 m; 60.9 is 46.9; together 52.1. With 3.6 dB off the louder, 46.9 and 46.9 make 49.9.
test('pump and exhaust at the neighbour’s, and what lagging the louder would leave', () =>
  expect(atNeighbour(heard({ levelDb: 64.5 }, { place: 'exhaust', levelDb: 60.9 }), 'low')).toMatchObject({
    awayM: 5,
    assumedM: true,
    sumDb: expect.closeTo(52.1, 1),
    laggedDb: expect.closeTo(49.9, 1),
  }));
test('the last reading of a source counts, at the distance that was said for the neighbour', () =>
  expect(
    atNeighbour(heard({ levelDb: 70 }, { levelDb: 60 }, { place: 'neighbour', levelDb: 42, awayM: 10 }), 'low'),
  ).toMatchObject({ assumedM: false, readDb: 42, sumDb: expect.closeTo(40, 1) }));
test('what nobody read near by, or nobody said from how far, tells of no source', () =>
  expect(atNeighbour(heard({ awayM: 4 }, { place: 'exhaust', awayM: undefined }), 'low')).toBeNull());
