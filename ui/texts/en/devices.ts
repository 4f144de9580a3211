import { params, room } from '../room';

/** English. */
export const devices = room('devices', {
  devices: 'Phones and other devices',
  pairHint: 'A code, shown here and scanned by the phone, signs it in as you: once, within two minutes.',
  pair: 'Sign a phone in',
  scan: 'Scan this with the phone',
  scanLeft: params('Good for {s} s more, and for one phone.'),
  gone: 'This code is no good any more.',
  lanOff:
    'This Lorbet listens on this machine alone, so no phone can reach it. Start it with “npm start -- --lan” to open it to the workshop’s network.',
  trustFirst: 'A phone that has never been here first has to trust this machine: scan this, and follow its four steps.',
  thisOne: 'this device',
  since: params('since {when}, seen {seen}'),
  end: 'Sign it out',
  endOf: params('Sign out: {agent}'),
  ended: 'Signed out there.',
  unknown: 'a device that says nothing of itself',
  thisPhone: 'Sign this phone in',
  pairing: 'Signing this phone in',
  noCode: 'There is no code in this address. Show one on the PC, under Settings, and scan it.',
  theQr: 'QR code',
});
