import { params, room } from '../room';

/** English. */
export const sync = room('sync', {
  thereIsNoSuchBuildIn: 'There is no such build in this workshop.',
  theServerRefusedItWithoutA: 'the server refused it without a reason.',
  wasNotSentTheServerCant: params(
    '{name} was not sent: the server can’t be reached, and this device has no room to keep it. Choose it again once you are connected.',
  ),
  theServerRefusedThisWithoutA: 'The server refused this without a reason.',
  setAside: 'Your second step was not given, so this was not sent. Enter it again when you have it at hand.',
});
