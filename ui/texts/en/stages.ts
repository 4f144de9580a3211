import { params, room } from '../room';

/** English. */
export const stages = room('stages', {
  combustionAirInExhaustOutBoth: 'Combustion air in, exhaust out; both apart from the air that people breathe.',
  exhaustGasKillsWithoutASmell: params(
    'Exhaust gas kills without a smell. Every joint sealed, every hole closed; pipes stay hot long after it stops. {manualFirst}',
  ),
  fuseOutUntilEverythingIsConnected: 'Fuse out until everything is connected.',
  wiringSheet: 'Wiring sheet',
  aBatteryCanBurnHandsAnd: params(
    'A battery can burn hands and cable: rings off, fuse out, earth first to leave and last to return. Never stop a hot heater by its fuse or isolator. {manualFirst}',
  ),
});
