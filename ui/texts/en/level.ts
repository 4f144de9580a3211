import { params, room } from '../room';

/** English. */
export const level = room('level', {
  measureWithThePhone: 'Measure the angle with this phone',
  layItAlongThePump: 'Lay a long edge of the phone along the pump’s barrel, its top towards the outlet. Up is plus.',
  mayNotListen:
    'This browser was told not to give the angle. Allow motion sensors for this page, or measure it with a protractor.',
  tellsNoAngle: 'This device tells no angle. Measure it with a protractor on the pump’s barrel and type it.',
  listening: 'Waiting for the sensor',
  degrees: params('{deg}°'),
  liesStill: 'Lies still. Taken: lift the phone.',
  again: 'Once more',
  says: params('{label}: {value}'),
  saysNothing: 'This angle alone does not say it; choose or type it.',
  exhaustWithThePhone: 'Measure the exhaust’s fall with this phone',
  intakeWithThePhone: 'Measure the intake’s fall with this phone',
  layItAlongThePipe:
    'Lay a long edge of the phone along the pipe, its top towards the pipe’s end. Where it falls the angle is minus.',
  pieceWithThePhone: params('Level “{name}” with this phone'),
  layItAlongThePiece:
    'Lay a long edge of the phone along the piece, its top towards the far end. Where it falls the angle is minus.',
  layItAlongTheLine:
    'Lay a long edge of the phone along the line, its top towards the heater. Where it falls the angle is minus.',
  itRises: params('Rises by {mm} mm'),
  lieWithThePhone: 'See with this phone how the heater lies',
  layItOnTheHeater: 'Lay the back of the phone on the heater’s top, as its maker calls it, a long edge along the heater.',
  liesFlat: 'Flat',
  liesOnItsSide: 'On its side',
  liesOnEnd: 'On end',
  liesUpsideDown: 'Upside down',
  leans: 'It leans',
  whichSideIsUp: 'Which side is up the phone can’t see: look where the fuel inlet and the glow plug are.',
  leansHint: 'That is neither flat nor on a side. Set it right, or choose how it lies.',
  noLieYet: 'Nothing to take yet',
  tellsNoLie: 'This device tells no angle. Look how the heater lies, and choose it.',
  holdItStill: 'Hold it still for two seconds.',
  zeroHint: 'Vehicle not level? Lay the phone on its floor, pointing the same way, and touch “Zero here” first.',
  zeroHere: 'Zero here',
  backToTrueLevel: 'Back to true level',
  noAngleYet: 'No angle yet',
  take: params('Take {deg}°'),
});
