import { params, room } from '../room';

/** English. */
export const eye = room('eye', {
  readSerial: 'Read the serial number with the camera',
  title: 'Serial number',
  hold: 'Hold the bar code or QR code of the plate in the picture. Only its letters are kept.',
  opening: 'Opening the camera',
  refused: 'This browser was told not to use the camera. Allow it for this page, or type the number.',
  none: 'No camera can be opened here. Type the number.',
  torch: 'Torch on',
  torchOff: 'Torch off',
  take: params('Keep {text}'),
  again: 'Look again',
  nothing: 'Nothing read yet',
  tooLong: params('The code holds {n} characters; a serial number has at most 60. Read another one, or type it.'),
});
