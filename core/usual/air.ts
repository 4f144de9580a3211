import { fromSideMm } from './siting';
import { kindOfShape } from './survey';
import type { Answers } from './Answers';
import { about, mostly, type Usual } from './usual';

/** A kit's exhaust pipe, m, and what its bends leave of its length. Common practice, no source. */
const exhaustM = 0.6;
const straightShare = 0.8;

/** Combustion air and exhaust as they are usually done. */
export function usualAir({ shape }: Answers): Usual {
  const kind = kindOfShape[shape];
  const moves = kind === 'road' || kind === 'trailer';
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
  };
}
