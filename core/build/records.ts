import type { Part } from './field';

/** What is recorded of the work as it is done: runs of the pump, starts, readings and looks, each by whom and when. */

export const primingOutcomes = {
  reached: 'fuel seen at the heater',
  stopped: 'stopped before fuel was seen',
  overrun: 'ran on past the heater',
  none: 'no fuel came',
} as const;
export interface PrimingRun {
  id: string;
  at: string;
  by: string;
  strokes: number;
  frequencyHz: number;
  /** The line was empty when this run began; runs after it add up. */
  fromEmpty: boolean;
  outcome: keyof typeof primingOutcomes;
  /** the longest that the pump ran without a rest, s; absent where nobody timed it */ longestS?: number;
}

export const startEvents = {
  on: 'button on',
  glow: 'glow plug on',
  pump: 'pump clicks',
  flame: 'flame',
  full: 'full output',
  low: 'set to its lowest',
  out: 'flame went out',
  off: 'button off',
  end: 'fan stopped',
  cut: 'power cut while hot',
} as const;
export type StartEventKind = keyof typeof startEvents;
export const quantities = {
  volts: { label: 'Volts at the heater', unit: 'V', min: 0, max: 40 },
  amps: { label: 'Amps', unit: 'A', min: 0, max: 60 },
  hertz: { label: 'Pump', unit: 'Hz', min: 0, max: 20 },
  outletC: { label: 'Warm air out', unit: '°C', min: -40, max: 250 },
  returnC: { label: 'Air in', unit: '°C', min: -40, max: 100 },
  caseC: { label: 'Heater’s case', unit: '°C', min: -40, max: 400 },
  noiseDb: { label: 'Sound', unit: 'dB', min: 10, max: 130 },
} as const;
export type QuantityId = keyof typeof quantities;
export interface StartReading {
  atS: number;
  quantity: QuantityId;
  value: number;
}
export interface StartEvent {
  atS: number;
  event: StartEventKind;
}
/** One press of the button, with all that was read until the fan stopped. Seconds count from the moment it was begun. */
export interface StartRun {
  id: string;
  at: string;
  by: string;
  events: StartEvent[];
  readings: StartReading[];
  /** A dry run on the bench, before anything is cut; it proves the unit and says nothing of how it is fitted. */
  dryRun?: true;
  /** Where the readings are too many to stand here: the fingerprint of their log, which is kept beside the build, and what it tells. */
  log?: StartLogRef;
}
export interface StartLogRef {
  sha256: string;
  facts: StartFacts;
}
/** What the readings of a start tell, worked out once: all that is checked of them. */
export interface StartFacts {
  readings: number;
  /** last second of which anything is known */ lastS: number;
  /** a reading stands after a later one of the same quantity */ unordered: boolean;
  /** volts before the button, under glow at the least, and the most of all */ restV: number | null;
  lowestStartV: number | null;
  maxV: number | null;
  /** mean amps and volts under glow, before a stroke is given; a log kept before they were told has none */ glowA?:
    number | null;
  glowV?: number | null;
  /** the most amps in the first minute after the button off */ offA?: number | null;
  /** mean amps at full output */ runningA: number | null;
  maxHz: number | null;
  maxOutletC: number | null;
  /** at full output: the outlet's last temperature, and the return's */ fullOutletC: number | null;
  fullReturnC: number | null;
}

export const coStates = {
  off: 'heater off',
  starting: 'while starting',
  full: 'at full output',
  low: 'at its lowest',
  after: 'after shut-down',
} as const;
export const doorStates = { closed: 'doors closed', open: 'doors open' } as const;
export const winds = { still: 'no wind', exhaust: 'wind on the exhaust’s side', other: 'wind from elsewhere' } as const;
export const coPlaces = { pillow: 'pillow', floor: 'floor', outlet: 'outlet', return: 'return', outside: 'outside' } as const;
export interface CoReading {
  id: string;
  at: string;
  by: string;
  ppm: number;
  place: keyof typeof coPlaces;
  state?: keyof typeof coStates;
  doors?: keyof typeof doorStates;
  wind?: keyof typeof winds;
  /** the smallest step that the meter shows, ppm; 1 where nobody has said */ resolutionPpm?: number;
}
/** Carbon monoxide by a meter that was left there, at its own times. */
export interface CoLog {
  id: string;
  /** when its first reading was taken */ at: string;
  by: string;
  place: keyof typeof coPlaces;
  state?: keyof typeof coStates;
  doors?: keyof typeof doorStates;
  /** which meter, as it is called */ meter: string;
  /** what it showed in air outside, before and after, ppm */ zeroBeforePpm?: number;
  zeroAfterPpm?: number;
  readings: CoLogged[];
}
export interface CoLogged {
  /** since the first */ min: number;
  ppm: number;
}

export const hotPlaces = {
  floor: 'floor or shelf',
  plate: 'mounting plate',
  body: 'body round the exhaust’s hole',
  other: 'another place',
} as const;
/** What takes the heat at a place: of several things there, the one that bears least. */
export const heatTakers = {
  timber: 'timber or plywood',
  polyethylene: 'polyethylene tank or pipe',
  polypropylene: 'polypropylene',
  cable: 'cable with PVC insulation',
  epdm: 'EPDM hose or grommet',
  silicone: 'silicone seal or hose',
  bare: 'bare metal, stone or brick only',
} as const;
/** A surface by thermometer while the heater runs at full output. */
export interface HotLook {
  id: string;
  /** when it was read, which may be earlier than it was written down */ at: string;
  by: string;
  place: keyof typeof hotPlaces;
  touches: keyof typeof heatTakers;
  surfaceC: number;
  /** where on a photograph of the build it was read: its fingerprint, and shares of its width and height from the top left */ on?: {
    photo: string;
    xShare: number;
    yShare: number;
  };
}

/** What is seen of a heater that runs, at its exhaust and in the clear line. */
export const exhaustSights = {
  clear: 'exhaust clear',
  steam: 'steam that is gone within a step',
  white: 'white smoke',
  black: 'black smoke',
  blue: 'blue smoke',
} as const;
export const lineSights = {
  noBubbles: 'no bubbles in the line',
  passing: 'single bubbles that pass',
  steady: 'bubbles that keep coming',
  unseen: 'line that can’t be seen through',
} as const;
/** What a leak check of the exhaust's joints told, and by what it was made. */
export const jointSights = {
  tightSoap: 'exhaust joints tight, by soap water',
  tightSmoke: 'exhaust joints tight, by smoke',
  tightMeter: 'exhaust joints tight, by a meter at each',
  leaking: 'an exhaust joint that leaks',
} as const;
export const sights = { ...exhaustSights, ...lineSights, ...jointSights } as const;
export interface Sight {
  id: string;
  /** when it was seen, which may be earlier than it was written down */ at: string;
  by: string;
  sees: keyof typeof sights;
}

export const noisePlaces = {
  pillow: 'pillow or seat',
  neighbour: 'neighbour’s place, outside',
  exhaust: 'exhaust’s end',
  intake: 'intake’s end',
  pump: 'pump',
  outlet: 'warm outlet',
} as const;
export const noiseStates = { off: 'heater off', low: 'at its lowest', full: 'at full output' } as const;
export const soundMeters = { meter: 'sound meter', phone: 'phone' } as const;
/** A level of sound by meter. */
export interface NoiseReading {
  id: string;
  /** when it was read, which may be earlier than it was written down */ at: string;
  by: string;
  place: keyof typeof noisePlaces;
  state: keyof typeof noiseStates;
  /** dB(A) */ levelDb: number;
  /** from what makes the sound, m; absent where nobody has said */ awayM?: number;
  with: keyof typeof soundMeters;
}

/** What is done at a visit after hand-over, each at intervals of its own. */
export const visitWorks = {
  leaks: 'fuel joints gone round',
  exhaust: 'exhaust, clamps and air gone round',
  alarm: 'alarm tested',
  service: 'service: filter, screen, plug, soot',
} as const;
export const soots = { none: 'none', light: 'a light film', heavy: 'thick, or flakes' } as const;
export const visitStates = { sound: 'all sound', watch: 'to be watched', bad: 'something has to be mended' } as const;
/** A visit after hand-over: what was done and found, and what was read beside the first start. */
export interface Visit {
  id: string;
  at: string;
  by: string;
  did: (keyof typeof visitWorks)[];
  found: keyof typeof visitStates;
  note: string;
  /** on its counter, where it has one */ hours?: number;
  soot?: keyof typeof soots;
  /** volts at the heater under glow, at the least */ glowV?: number;
  /** amps at full output */ runA?: number;
  /** °C out at full output */ outletC?: number;
  /** what was changed: proofs of these parts are stale */ changed?: Part[];
}
