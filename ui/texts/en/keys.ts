import { params, room } from '../room';

/** English. */
export const keys = room('keys', {
  title: 'Keys that sign certificates',
  intro:
    'Each certificate is signed with the key in use. Tell your customers its name by a way that they trust, so that they know a certificate of yours.',
  inUse: params('in use since {since}'),
  wasChanged: params('from {since} to {until}; signed for the one after it'),
  wasLost: params('from {since} to {until}; lost or stolen'),
  cantOpen:
    'The key in use can’t be opened on this machine, so certificates are not signed. Bring back its LORBET_SEAL_SECRET, or say that it is lost.',
  change: 'Change the key',
  lost: 'It is lost or stolen',
  changeMeans: 'A new key is made, and the old one signs for it. What the old one signed stays good.',
  lostMeans:
    'A new key is made, and the old one signs nothing more. Each certificate that it signed is shown with a warning from now on; make them anew.',
  make: 'Make a new key',
  leave: 'Leave it',
  made: 'A new key is in use.',
  witness: 'Export the chain of heads',
});
