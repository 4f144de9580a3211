import { floorMm } from './siting';
import { kindOfShape } from './survey';
import type { Answers, Distance } from './Answers';
import { about, mostly, type Usual } from './usual';

/** Feed, battery and controller as they are usually done. @param supplyV of the unit */
export function usualWiring({ shape, batteryAway }: Answers, supplyV: 12 | 24): Usual {
  const lengthM = floorMm({ shape }).length / 1000;
  const feed: Record<Distance, number> = { near: 1, middle: Math.max(2.2, lengthM * 0.6), far: lengthM + 1 };
  const twice = supplyV / 12;
  return {
    ...mostly(
      'wiring.feedSource',
      'leisure',
      ['leisure', 'panel', 'socket', 'starter', 'mains'],
      kindOfShape[shape] === 'building' ? 'a battery on a charger' : 'straight from the leisure battery',
    ),
    ...mostly('wiring.batteryKind', 'agm', ['agm', 'flooded', 'lithium'], 'most are'),
    ...about('wiring.batteryCapacityAh', 100, 35, 300, 'one leisure battery'),
    ...about('wiring.batteryRestV', 12.6 * twice, 11.9 * twice, 12.9 * twice, 'a charged battery at rest'),
    ...about('wiring.batteryMohm', 12, 4, 40, 'a sound battery of this size'),
    ...about('wiring.feedLengthM', feed[batteryAway], 0.3, 11, 'leads of 0.3 to 11 m are met'),
    ...about('wiring.cableAreaMm2', 2.5, 1, 10, 'a kit’s harness'),
    ...mostly('wiring.insulationC', 'c70', ['c70', 'c90', 'c105'], 'cable with nothing printed on it'),
    ...about('wiring.jointsMohm', 10, 3, 60, 'a fuse holder and four crimps'),
    ...about('wiring.fuseA', 15, 0, 30, 'a kit’s holder; 15, 20 and 25 A are met'),
    ...mostly('wiring.looks', 'good', ['good', 'swapped', 'earth', 'joints', 'way'], 'as it ought to be done'),
    ...mostly(
      'controller.looks',
      'good',
      ['good', 'clock', 'mode', 'limits', 'timer', 'lead', 'upsideDown', 'outOfView', 'sensor'],
      'as it ought to be left',
    ),
    ...about('wiring.fuseFromBatteryMm', 150, 0, 2000, 'as near to the post as its holder allows'),
  };
}
