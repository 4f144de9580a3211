import { params, room } from '../room';

/** English. */
export const stages = room('stages', {
  combustionAirInExhaustOutBoth: 'Combustion air in, exhaust out; both apart from the air that people breathe.',
  exhaustGasKillsWithoutASmell: params(
    'Exhaust gas kills without a smell. Every joint sealed, every hole closed; pipes stay hot long after it stops. {manualFirst}',
  ),
});
