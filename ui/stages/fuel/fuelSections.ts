/** The sections of the fuel sheet, each with a script of its own: the drawings and pictures of one are nothing to the others. */
export const fuelSections = {
  source: () => import('./SourceSection').then((m) => m.SourceSection),
  tank: () => import('./TankSection').then((m) => m.TankSection),
  pickup: () => import('./PickupSection').then((m) => m.PickupSection),
  line: () => import('./LineSection').then((m) => m.LineSection),
  pump: () => import('./PumpSection').then((m) => m.PumpSection),
  pressure: () => import('./PressureSection').then((m) => m.PressureSection),
  fill: () => import('./FirstFillView').then((m) => m.FirstFillView),
  dose: () => import('./DoseTest').then((m) => m.DoseTest),
  leaks: () => import('./LeaksSection').then((m) => m.LeaksSection),
};
