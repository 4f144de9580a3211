import { params, room } from '../room';

/** English. */
export const ear = room('ear', {
  listen: 'Count by ear as well',
  listenHint: 'The phone listens for clicks. Nothing is recorded or sent; the count goes on by the clock.',
  stop: 'Stop listening',
  opening: 'Opening the microphone',
  refused: 'This browser was told not to listen. Allow the microphone for this page, or count by the clock.',
  none: 'This device has no microphone. The count goes on by the clock.',
  cannot: 'This browser can’t listen here. The count goes on by the clock.',
  silent: 'Nothing clicks. Hold the phone to the pump.',
  unsure: 'Something clicks, but no single pump can be made out: the clock counts.',
  irregular: 'The beat wanders or skips: air in the line, or low voltage.',
  byEar: params('by ear {clicks}, {hz} Hz'),
  byEarNoBeat: params('by ear {clicks}'),
  clockSays: params('the clock says {strokes}, the controller {hz} Hz'),
  parted: params('Ear and clock have parted: {ear} heard, {clock} by the clock. The pump runs at {hz} Hz, not at {claimed}.'),
  takeEar: params('Go on from {strokes}, at {hz} Hz'),
  tapTen: 'Count ten with me',
  tap: params('Tap with each click: {n} of 10'),
  tapped: params('Tapped {hz} Hz.'),
  uneven: 'Those taps are too uneven to be a beat; try again.',
  stripLabel: 'The last clicks',
});
