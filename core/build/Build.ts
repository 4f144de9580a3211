import type { LimitKey } from '../schools/limits';
import type { Schools } from '../schools/schools';
import type { ListValues } from './lists';
import type { SheetValues } from './sheets';

export const formatName = 'lorbet-build';
export const formatVersion = 1;

/** Steps that can't be undone and have a gate; hand-over has the signature. */
export const gateMoments = { cutting: 1, bolting: 1, closing: 1, power: 1, fire: 1 } as const;
export type GateMoment = keyof typeof gateMoments;

export const buildKinds = { road: 'road vehicle', trailer: 'trailer', boat: 'boat', building: 'building' } as const;
export type BuildKind = keyof typeof buildKinds;

export interface Identity {
  name: string;
  /** What it is, in a few words: "travelling library". */
  what: string;
  kind: BuildKind;
  place: string;
  heaterSerial: string;
  /** True for demo data: everything in it is made up. */
  invented: boolean;
}

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
}

export const startEvents = {
  on: 'button on',
  glow: 'glow plug on',
  pump: 'pump clicks',
  flame: 'flame',
  full: 'full output',
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
  bench?: true;
}

export const coPlaces = { pillow: 'pillow', floor: 'floor', outlet: 'outlet', return: 'return', outside: 'outside' } as const;
export interface CoReading {
  id: string;
  at: string;
  by: string;
  ppm: number;
  place: keyof typeof coPlaces;
}

/** One step that can't be undone, taken by a named person who had read what stood open before it. */
export interface GatePassed {
  moment: GateMoment;
  by: string;
  at: string;
  /** Ids of the calls that stood at "put right" or "not measured" then; a stop lets nobody through. */
  open: string[];
}

/** A lead's reasoned acceptance of one call at level fix, bound to what the call said then. */
export interface Waiver {
  callId: string;
  says: string;
  reason: string;
  by: string;
  at: string;
}
export interface Signature {
  by: string;
  role: 'fitter' | 'lead';
  typedName: string;
  at: string;
  /** SVG path in a box of 600 × 200 */ drawn: string;
  /** hash of the build as it stood, signatures aside */ buildHash: string;
}

/** One heater in one vehicle, boat or building: the open, versioned document (docs/build-format.md). */
export interface Build {
  format: typeof formatName;
  version: typeof formatVersion;
  id: string;
  identity: Identity;
  schools: Schools;
  maker: Partial<Record<LimitKey, number>>;
  sheets: SheetValues;
  primingRuns: PrimingRun[];
  starts: StartRun[];
  coReadings: CoReading[];
  waivers: Waiver[];
  signatures: Signature[];
  /** The last passing of each gate; absent where none was passed. */
  gates?: GatePassed[];
  /** Lists of rows: surfaces, parts, photographs, what lies below the floor. Absent where there are none. */
  lists?: ListValues;
}
