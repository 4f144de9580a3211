import { params, room } from '../room';

/** English. */
export const frame = room('frame', {
  thereIsNoWayThroughTo:
    'There is no connection to the server, and this part is not on this device yet. Open the page again once you are connected.',
  opening: 'Opening',
  theServerRefusedThisWithoutA: 'The server refused this without a reason.',
  noWayThroughToTheServer: 'No connection to the server.',
  thisIsHowItWasSeen: 'This is how it was seen last on this device.',
  noWayThroughToTheServer2: 'No connection to the server',
  thisPageNeedsItAndHas: 'This page needs it, and has not been opened on this device before.',
  notForYou: 'Not for you',
  brightTheme: 'Bright theme',
  nightTheme: 'Night theme',
  tryAgain: 'Try again',
  toTheBay: 'To the bay',
  bay: 'Bay',
  inventedDemo: 'invented demo',
  people: 'People',
  settings: 'Settings',
  trainer: 'Trainer',
  signOutOnEveryDevice: 'Sign out on every device',
  signOut: 'Sign out',
  waived: 'WAIVED',
  ifAsAssumed: params('{level}, IF AS ASSUMED'),
  theServerCantBeReachedWhat: 'The server can’t be reached; what you typed is still here, try again.',
  theServerCantBeReachedTry: 'The server can’t be reached; try again once you are connected.',
});
