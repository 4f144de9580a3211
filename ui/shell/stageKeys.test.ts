import { stageIds } from '../../core/build/stages';
import { keyOfStage, stageOfKey } from './stageKeys';

test('each stage has a key of its own, and the key leads to it', () => {
  expect(stageIds.map((_, i) => stageOfKey(keyOfStage(i)))).toEqual(stageIds);
  expect([stageOfKey('x'), stageOfKey('12'), stageOfKey('')]).toEqual([undefined, undefined, undefined]);
});
