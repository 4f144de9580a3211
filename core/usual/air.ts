import { fromSideMm } from './siting';
import { kindOfShape } from './survey';
import type { Answers } from './Answers';
import { about, mostly, type Usual } from './usual';

/** A kit's exhaust pipe, m, and what its bends leave of its length. Common practice, no source. */
const exhaustM = 0.6;
const straightShare = 0.8;

/** Combustion air and exhaust as they are usually done. */
export function usualAir({ shape, place }: Answers): Usual {
  const kind = kindOfShape[shape];
  const moves = kind === 'road' || kind === 'trailer';
  const timberFloor = shape === 'cabin' || shape === 'narrowBoat';
  // From the heater to the side of the body, and what of the pipe is left beyond it.
  const beyond = exhaustM * straightShare * 1000 - fromSideMm - 150;
  return {
    ...mostly('air.intakeFrom', 'outside', ['outside', 'locker', 'cabin'], 'as it ought to be done'),
    ...about('air.intakeLengthM', 0.5, 0.15, 1.5, 'the kit’s pipe'),
    ...about('air.intakeFallMm', 50, -100, 250, 'down to its end, through the floor'),
    ...about('air.endsApartMm', 550, 80, 1500, 'two pipes of about half a metre, led apart'),
    ...mostly('air.endsFacing', 'opposite', ['opposite', 'sameWay', 'towards'], 'as they ought to point'),
    ...about('air.exhaustLengthM', exhaustM, 0.3, 2.5, 'the kit’s pipe'),
    ...about('air.exhaustFallMm', 80, -150, 300, 'down to its end'),
    ...about(
      'air.exhaustPastOutlineMm',
      moves ? beyond : 40,
      -600,
      200,
      moves ? 'the kit’s pipe is too short to reach beyond the outline' : 'through a wall fitting',
    ),
    ...mostly('air.exhaustLowPoint', 'fallsAll', ['fallsAll', 'drilled', 'undrilled'], 'as it ought to be done'),
    ...mostly(
      'air.mufflerHole',
      kind === 'boat' ? 'closed' : 'lowest',
      ['lowest', 'notLowest', 'closed', 'noMuffler'],
      'as it ought to be done',
    ),
    ...mostly('ends.exhaustPoints', 'away', ['away', 'rearward', 'down', 'forward'], 'sideways, away from the body'),
    ...about('ends.exhaustOpeningMm', 900, 150, 3000, 'a window or a door is seldom farther off'),
    ...about(
      'ends.exhaustHighMm',
      kind === 'building' ? 600 : kind === 'boat' ? 350 : 300,
      60,
      1500,
      'at the height of a sill or a wall fitting',
    ),
    ...mostly('ends.intakePoints', 'down', ['down', 'rearward', 'away', 'forward'], 'down, as the kit’s hose hangs'),
    ...mostly('ends.intakeBlocked', 'nothing', ['nothing', 'snow', 'leaves', 'spray'], 'as it ought to be placed'),
    ...about('pipes.exhaustBendsDeg', 180, 90, 360, 'two bends, one below the floor and one to the side'),
    ...mostly('pipes.cover', 'bare', ['bare', 'wrap', 'sleeve'], 'a kit brings no wrap'),
    ...mostly(
      'pipes.near',
      timberFloor ? 'timber' : 'cable',
      ['nothing', 'timber', 'polyethylene', 'cable'],
      'what lies under most floors',
    ),
    ...about('pipes.nearMm', 80, 5, 400, 'brackets hold it off by about a hand'),
    ...mostly(
      'pipes.through',
      place === 'under' ? 'none' : kind === 'boat' ? 'metal' : 'turret',
      ['turret', 'timber', 'metal', 'none'],
      place === 'under' ? 'below the floor it passes nothing' : 'as it ought to be done',
    ),
    ...about('pipes.gapMm', place === 'under' ? 0 : 38, 2, 60, 'a turret’s hole of 100 mm round a pipe of 25'),
    ...about('pipes.supportsApartMm', 400, 150, 900, 'brackets of a kit'),
    ...mostly(
      'pipes.burnerJoint',
      'band',
      ['band', 'worm', 'spring', 'pushed'],
      'as it ought to be done; a kit’s clip is often weak',
    ),
    ...mostly('pipes.reach', 'no', ['no', 'guarded', 'yes'], 'below the floor nobody reaches it'),
    ...mostly('pipes.silencer', 'clean', ['clean', 'none', 'blocked'], 'a kit brings one'),
  };
}
