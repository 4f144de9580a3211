import type { DerivedKey } from './derived';

/** Computed figures that belong under each sheet, in the order in which they are read. */
export const stageFigures: Readonly<Record<string, readonly DerivedKey[]>> = {
  heater: [
    'heater.outputMaxKw',
    'heater.outputMinKw',
    'heater.inputMaxKw',
    'heater.fuelMaxLH',
    'heater.nightMinL',
    'heater.nightMaxL',
  ],
  fuel: [
    'priming.expectedStrokes',
    'fuel.suctionKPa',
    'fuel.goodDownToC',
    'fuel.gasPercent',
    'fuel.suctionDropPeakKPa',
    'fuel.suctionDropMeanKPa',
    'fuel.peakFlow',
    'fuel.suctionReynolds',
    'fuel.viscosity',
    'fuel.bubbleBoreMm',
    'fuel.lineVolumeMl',
    'fuel.riseMm',
  ],
  air: [],
  wiring: [
    'wiring.startV',
    'wiring.dropStartV',
    'wiring.dropRunV',
    'wiring.loopMohm',
    'wiring.ampacityA',
    'wiring.nightAh',
    'wiring.usableAh',
  ],
  startup: ['start.ignitionS', 'start.lowestV', 'start.runningA', 'start.afterrunS'],
  priming: ['priming.toFillMl', 'priming.expectedStrokes', 'priming.lowStrokes', 'priming.highStrokes', 'priming.expectedS'],
};
