import { params, room } from '../room';

/** English. */
export const heater = room('heater', {
  makersFigure: params('{label}, maker’s figure'),
  kind: 'Kind',
  fromTheDataPlateTheManual: 'From the data plate, the manual and the owner.',
  heaterAndConditions: 'Heater and conditions',
  whereTheManualGivesOneIt: 'Where the manual gives one, it goes before the workshop’s rule.',
  workshops: 'workshop’s',
  makers: 'maker’s',
});
