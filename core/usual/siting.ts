import { bodyShapes } from '../model/heat/bodyShapes';
import type { Answers } from './Answers';
import { about, mostly, type Usual } from './usual';

/** Size of the floor, mm, of a body of that shape. */
export const floorMm = ({ shape }: Pick<Answers, 'shape'>) => ({
  length: bodyShapes[shape].lengthM * 1000,
  width: bodyShapes[shape].widthM * 1000,
});
/** The heater's middle is so far from the side of the body at which its exhaust leaves, mm. Lorbet's own choice, no source. */
export const fromSideMm = 350;

const yesMostly = (
  path: 'siting.openingSide' | 'siting.loomGrommet' | 'siting.pumpLeadThreaded' | 'siting.hosesOn',
  reason: string,
) => mostly(path, 'yes', ['yes', 'no'], reason);

/** Where the heater stands and how it is bolted down, as it is usually done. */
export function usualSiting({ shape, place }: Answers): Usual {
  const { length, width } = floorMm({ shape });
  const under = place === 'under';
  const near = 'beside the wall at which the exhaust leaves, halfway along';
  return {
    ...about('siting.floorLengthMm', length, length * 0.6, length * 1.4, `a ${bodyShapes[shape].label} is about this long`),
    ...about('siting.floorWidthMm', width, width * 0.75, width * 1.25, `a ${bodyShapes[shape].label} is about this wide`),
    ...about('siting.heaterXMm', length * 0.45, 300, length - 300, near),
    ...about('siting.heaterYMm', width - fromSideMm, 200, width - 200, near),
    ...about('siting.heaterTurnDeg', 0, 0, 270, 'hot end to the rear'),
    ...mostly('siting.heaterLies', 'flat', ['flat', 'sideUp', 'onEnd'], 'flat is always right'),
    ...about('siting.inletClearMm', 150, 20, 600, 'what a bench or a locker leaves'),
    ...about('siting.hotClearMm', 220, 60, 600, 'what a bench or a locker leaves'),
    ...about('siting.liftOutMm', 300, 80, 600, 'what a bench or a locker leaves'),
    ...yesMostly('siting.openingSide', 'a lid or a door leads to it'),
    ...mostly('siting.boxed', 'yes', ['yes', 'no'], 'below the floor it sits in a box'),
    ...about('siting.boxRoundMm', under ? 25 : 0, 0, 80, under ? 'most boxes leave this much' : 'no box'),
    ...yesMostly('siting.loomGrommet', 'a kit brings its grommets'),
    ...about('siting.screwLengthMm', 16, 0, 35, 'screws of a kit'),
    ...mostly('siting.tapThread', 'none', ['none', 'M6'], 'most are bolted through'),
    ...yesMostly('siting.pumpLeadThreaded', 'before the plate goes down'),
    ...yesMostly('siting.hosesOn', 'before the plate goes down'),
    ...mostly('siting.clampHeads', 'clear', ['clear', 'foul'], 'as they ought to be turned'),
    ...mostly(
      'siting.cutEdges',
      shape === 'cabin' ? 'notSteel' : 'painted',
      ['painted', 'deburred', 'bare', 'notSteel'],
      'as it ought to be done',
    ),
  };
}
