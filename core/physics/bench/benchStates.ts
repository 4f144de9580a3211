/** s of one step of it. */
export const benchStepS = 0.1;

export const benchStates = {
  off: 'off',
  check: 'looks at itself',
  purge: 'blows out',
  glow: 'glows',
  light: 'lights',
  ramp: 'goes up',
  run: 'runs',
  after: 'runs on after the flame',
  locked: 'locked',
  dead: 'without power',
} as const;
export type BenchStateId = keyof typeof benchStates;
export const benchCodes = {
  noFlame: 'no flame',
  flameOut: 'flame out',
  lowVolts: 'volts too low',
  highVolts: 'volts too high',
  plug: 'glow plug’s circuit',
  fan: 'fan does not turn',
  overheat: 'too hot',
  sensor: 'a sensor shows what can’t be',
  locked: 'locked after failed starts',
} as const;
export type BenchCode = keyof typeof benchCodes;

/** What can be seen and measured of it from outside. */
export interface BenchReadings {
  volts: number;
  amps: number;
  hertz: number;
  outletC: number;
  returnC: number;
  caseC: number;
  exhaustC: number;
  roomC: number;
  noiseDb: number;
  coPpm: number;
  /** fuel that has left the tank, g */ drawnG: number;
  /** 0 to 1 */ whiteSmoke: number;
  blackSmoke: number;
  batteryV: number;
}
export type BenchEvent =
  | { kind: 'on' | 'glow' | 'glowOff' | 'pump' | 'flame' | 'full' | 'off' | 'end' | 'cut' | 'fuelHere' | 'retry' | 'bubbles' }
  | { kind: 'code'; code: BenchCode };

/** Sums over all of its time, by which its books are checked. */
export interface BenchSums {
  chargeAs: number;
  pumpedKg: number;
  burntKg: number;
  unburntKg: number;
  heatJ: number;
  gasJ: number;
  mediumJ: number;
  caseJ: number;
}
