/** What faults do to a heater at a moment: factors of 1 and additions of 0 where nothing is wrong. */
export interface Effects {
  /** of a dose, what a stroke gives */ dose: number;
  /** strokes that are given, of those that are told to it */ strokes: number;
  /** of what comes, air in place of fuel */ air: number;
  /** that air comes in slugs of so many strokes; 0 evenly */ slug: number;
  /** mL a stroke that runs back or past */ lostMl: number;
  /** frequency that is told to the pump */ hz: number;
  feedOhm: number;
  ownOhm: number;
  openV: number;
  /** share of the time in which the feed has lost its touch */ loose: number;
  plugOhm: number;
  plugOn: number;
  /** plug bridged by so much, siemens */ bridge: number;
  /** air through the burner */ flow: number;
  /** air that flutters, share of it */ flutter: number;
  fanSpeed: number;
  fanA: number;
  /** heat that passes into the medium */ exchanger: number;
  /** flow of what carries the heat away */ medium: number;
  /** mL of fuel in the chamber before it is lit */ floodMl: number;
  /** of the fuel, water */ water: number;
  /** K that a sensor shows over what is */ outletShownK: number;
  flameShownK: number;
  flameSeen: number;
  roomShownK: number;
  /** controller gives no sign */ silent: number;
  /** of the gas, what leaks into the room */ leak: number;
  /** dB over what it would be */ fanDb: number;
  pumpDb: number;
  /** light kindles so much more slowly */ kindle: number;
}
export const noEffects: Readonly<Effects> = {
  dose: 1, strokes: 1, air: 0, slug: 0, lostMl: 0, hz: 1, feedOhm: 0, ownOhm: 1, openV: 0, loose: 0, plugOhm: 1, plugOn: 1, bridge: 0, flow: 1,
  flutter: 0, fanSpeed: 1, fanA: 1, exchanger: 1, medium: 1, floodMl: 0, water: 0, outletShownK: 0, flameShownK: 0, flameSeen: 1, roomShownK: 0,
  silent: 0, leak: 0, fanDb: 0, pumpDb: 0, kindle: 1,
}; // prettier-ignore

interface Fault {
  label: string;
  /** what it does at a strength of 0 to 1 */ does: (on: Effects, strength: number) => void;
}
const fault = (label: string, does: Fault['does']): Fault => ({ label, does });

/** What can be wrong with a heater or its fitting, each at a strength of 0 to 1. What they do is of their kind; how much is an assumption, no source. */
export const benchFaults = {
  tankEmpty: fault('the tank is empty', (e, s) => void (e.air = Math.max(e.air, s))),
  belowPickup: fault('fuel stands below the pickup, and slops', (e, s) => {
    e.air = Math.max(e.air, 0.85 * s);
    e.slug = 25;
  }),
  suctionLeak: fault('a joint before the pump draws air', (e, s) => {
    e.air = Math.max(e.air, 0.6 * s);
    e.slug = 8;
    e.pumpDb += 5 * s;
  }),
  gapInJoint: fault('a gap in a joint lets a bubble go now and then', (e, s) => {
    e.air = Math.max(e.air, 0.25 * s);
    e.slug = 30;
  }),
  kinkedHose: fault('the hose behind the tank is kinked', (e, s) => {
    e.dose *= 1 - 0.8 * s;
    e.pumpDb += 3 * s;
  }),
  filterBlocked: fault('the filter is blocked', (e, s) => void (e.dose *= 1 - 0.7 * s)),
  filterReversed: fault('the filter stands the wrong way round', (e, s) => void (e.dose *= 1 - 0.4 * s)),
  pumpReversed: fault('the pump stands the wrong way round', (e, s) => void (e.dose *= 1 - s)),
  pumpWorn: fault('the pump gives too little', (e, s) => void (e.dose *= 1 - 0.3 * s)),
  pumpOver: fault('the pump gives too much', (e, s) => void (e.dose *= 1 + 0.35 * s)),
  pumpSticks: fault('the pump sticks and misses strokes', (e, s) => void (e.strokes *= 1 - 0.9 * s)),
  pumpLeadOpen: fault('the pump’s lead is broken', (e, s) => void (e.strokes *= s >= 0.5 ? 0 : 1 - s)),
  pumpFlat: fault('the pump lies flat and keeps its gas', (e, s) => {
    e.air = Math.max(e.air, 0.3 * s);
    e.slug = 12;
    e.pumpDb += 7 * s;
  }),
  anotherPump: fault('a pump of another dose is fitted', (e, s) => void (e.dose *= 1 + 0.45 * s)),
  fuelGelled: fault('the fuel has gelled', (e, s) => {
    e.dose *= 1 - 0.95 * s;
    e.pumpDb += 2 * s;
  }),
  waterInFuel: fault('water stands in the fuel', (e, s) => void (e.water = Math.max(e.water, 0.6 * s))),
  valveLeaks: fault('the pump’s valve leaks back', (e, s) => void (e.lostMl += 0.008 * s)),
  overPrimed: fault('the prime ran on into the burner', (e, s) => void (e.floodMl += 12 * s)),
  thinFeed: fault('the feed is too thin for its length', (e, s) => void (e.feedOhm += 0.25 * s)),
  badCrimp: fault('a crimp has resistance', (e, s) => void (e.feedOhm += 0.12 * s)),
  looseFeed: fault('a terminal is loose and loses its touch', (e, s) => void (e.loose = Math.max(e.loose, 0.3 * s))),
  earthOnPaint: fault('the earth sits on paint', (e, s) => void (e.feedOhm += 0.18 * s)),
  oldBattery: fault('the battery is old', (e, s) => {
    e.ownOhm *= 1 + 14 * s;
    e.openV -= 0.4 * s;
  }),
  emptyBattery: fault('the battery is empty', (e, s) => {
    e.openV -= 1.8 * s;
    e.ownOhm *= 1 + 3 * s;
  }),
  overCharged: fault('a charger drives the volts too high', (e, s) => void (e.openV += 4 * s)),
  plugOpen: fault('the glow plug is burnt through', (e, s) => void (e.plugOn *= s >= 0.5 ? 0 : 1)),
  plugShort: fault('the glow plug’s leads touch', (e, s) => void (e.bridge += 6 * s)),
  plugWorn: fault('the glow plug has aged and glows dull', (e, s) => void (e.plugOhm *= 1 + 1.2 * s)),
  sootOnPlug: fault('soot covers plug and screen', (e, s) => void (e.kindle *= 1 - 0.85 * s)),
  exhaustBlocked: fault('the exhaust is blocked', (e, s) => {
    e.flow *= 1 - 0.95 * s;
    e.fanDb += 2 * s;
  }),
  exhaustWater: fault('water stands in a rising exhaust', (e, s) => {
    e.flow *= 1 - 0.45 * s;
    e.flutter = Math.max(e.flutter, 0.35 * s);
  }),
  intakeBlocked: fault('the combustion air’s intake is blocked', (e, s) => void (e.flow *= 1 - 0.9 * s)),
  windOnExhaust: fault('wind stands on the exhaust', (e, s) => {
    e.flow *= 1 - 0.3 * s;
    e.flutter = Math.max(e.flutter, 0.3 * s);
  }),
  highUp: fault('it stands higher than it is set for', (e, s) => void (e.flow *= 1 - 0.35 * s)),
  sootInBurner: fault('the burner is full of soot', (e, s) => {
    e.flow *= 1 - 0.3 * s;
    e.exchanger *= 1 - 0.35 * s;
    e.kindle *= 1 - 0.5 * s;
  }),
  exhaustLeaks: fault('a joint of the exhaust leaks into the room', (e, s) => void (e.leak = Math.max(e.leak, 0.2 * s))),
  outletBlocked: fault('outlets are closed, or a duct is crushed', (e, s) => void (e.medium *= 1 - 0.9 * s)),
  returnBlocked: fault('the return is blocked', (e, s) => {
    e.medium *= 1 - 0.85 * s;
    e.fanDb += 3 * s;
  }),
  fanStuck: fault('the fan does not turn', (e, s) => {
    e.fanSpeed *= s >= 0.5 ? 0 : 1 - s;
    e.fanA *= 1 + 3 * s;
  }),
  fanDrags: fault('the fan drags', (e, s) => {
    e.fanSpeed *= 1 - 0.35 * s;
    e.fanA *= 1 + 7 * s;
    e.fanDb += 6 * s;
  }),
  outletSensor: fault('the outlet’s sensor shows too much', (e, s) => void (e.outletShownK += 70 * s)),
  flameSensor: fault('the flame’s sensor is broken', (e, s) => void (e.flameSeen *= s >= 0.5 ? 0 : 1 - s)),
  flameSensorHot: fault('the flame’s sensor shows a flame where there is none', (e, s) => void (e.flameShownK += 300 * s)),
  roomSensor: fault('the room’s sensor stands in the warm', (e, s) => void (e.roomShownK += 8 * s)),
  controllerLead: fault('the controller’s lead is broken', (e, s) => void (e.silent = Math.max(e.silent, s >= 0.5 ? 1 : 0))),
  pumpSetHigh: fault('the pump is set too fast', (e, s) => void (e.hz *= 1 + 0.5 * s)),
  fanSetLow: fault('the fan is set too slow', (e, s) => void (e.fanSpeed *= 1 - 0.4 * s)),
} as const satisfies Record<string, Fault>;
export type BenchFaultId = keyof typeof benchFaults;
export const benchFaultIds = Object.keys(benchFaults) as BenchFaultId[];

/** A fault that is set: from when, how much of it at its worst, and in how long it comes. */
export interface SetFault {
  id: BenchFaultId;
  /** 0 to 1 */ strength: number;
  /** s on the heater's clock */ fromS: number;
  /** s in which it grows to its strength */ growsS: number;
}
/** What all that are set do at a moment. */
export function effectsAt(set: readonly SetFault[], s: number): Effects {
  const all = { ...noEffects };
  for (const { id, strength, fromS, growsS } of set) {
    if (s < fromS) continue;
    benchFaults[id].does(all, strength * (growsS > 0 ? Math.min(1, (s - fromS) / growsS) : 1));
  }
  return all;
}
