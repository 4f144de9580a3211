import type { LimitKey } from '../../practices/limits';
import type { harnessEnds, loomWires } from '../listKinds';
import type { RowOf } from '../lists';
import type { SettingKey } from '../sheetTables/controller';
import type { FigurePath } from '../sheets';

export const cardFormat = 'lorbet-unit-card';
export const cardVersion = 1;
export const families = { air: 'air heater', coolant: 'coolant heater' } as const;
export type Family = keyof typeof families;
/** Where a figure of a card comes from. */
export const cardSources = {
  plate: 'its data plate',
  manual: 'its manual',
  measured: 'measured',
  assumed: 'assumed',
} as const;
export type CardSource = keyof typeof cardSources;

interface OwnFigure {
  label: string;
  unit: string;
  min: number;
  max: number;
  decimals: number;
  as?: FigurePath;
}
/** Figures of a unit under a name of the card’s own; where a build has come to have a place for one, it is named. */
export const cardOwn = {
  'unit.fanMinRpm': { label: 'Fan, slowest', unit: 'rpm', min: 100, max: 20000, decimals: 0, as: 'heater.fanMinRpm' },
  'unit.fanMaxRpm': { label: 'Fan, fastest', unit: 'rpm', min: 100, max: 20000, decimals: 0, as: 'heater.fanMaxRpm' },
  'unit.massKg': { label: 'Weighs', unit: 'kg', min: 0.2, max: 60, decimals: 1 },
  'unit.glowColdOhm': { label: 'Glow plug, cold', unit: 'Ω', min: 0.05, max: 20, decimals: 2, as: 'heater.glowColdOhm' },
  'unit.lockAfter': { label: 'Locks after so many starts without a flame', unit: 'pieces', min: 1, max: 20, decimals: 0 },
  'unit.controllerLeadM': { label: 'Controller’s lead', unit: 'm', min: 0.1, max: 20, decimals: 1, as: 'controller.leadM' },
} as const satisfies Record<string, OwnFigure>;
export type CardKey = FigurePath | `maker.${LimitKey}` | keyof typeof cardOwn;

/** One figure of a card, and where it comes from; an assumed one has the range in which it is met. */
export interface CardFigure {
  value: number | string;
  source: CardSource;
  /** page of the manual, or who measured it */ where?: string;
  low?: number;
  high?: number;
  /** of an answer: the others that are met */ among?: string[];
}
/** What the codes of any controller say, in the words in which it is asked for. */
export const codeKinds = {
  noFlame: 'no flame',
  flameLost: 'flame lost',
  tooHot: 'too hot',
  glowPlug: 'glow plug',
  voltage: 'voltage',
  fuelPump: 'fuel pump',
  fan: 'fan',
  sensor: 'sensor',
  controller: 'controller or unit',
  locked: 'locked',
} as const;
export type CodeKind = keyof typeof codeKinds;
export interface CardFault {
  code: string;
  meaning: string;
  /** which of the usual things it says */ tells?: CodeKind;
  /** the controller that shows it so, where the unit is sold with several */ controller?: string;
}
/** A wire of the harness that comes with it: what it is called, its colour, what it carries, and where it is led. */
export interface CardWire {
  name: string;
  colour: string;
  wire: keyof typeof loomWires;
  to: keyof typeof harnessEnds;
  areaMm2?: number;
  lengthM?: number;
}
export interface CardSetting {
  setting: SettingKey;
  code: string;
}
/** A step of the start-up course, in seconds after the button. */
export interface CardStep {
  event: string;
  fromS: number;
  toS: number;
}
/** What a workshop knows of one kind of heater. */
export interface UnitCard {
  format: typeof cardFormat;
  version: typeof cardVersion;
  id: string;
  name: string;
  family: Family;
  /** goes up by one with every correction */ edition: number;
  note: string;
  figures: { [K in CardKey]?: CardFigure };
  holes: Omit<RowOf<'holes'>, 'id'>[];
  faults: CardFault[];
  /** how it is let out of a lock-out, in the manual's words or the workshop's own */ wayOut?: string;
  /** the wires that come with it */ harness?: CardWire[];
  /** which settings its controller has, and what its maker calls them */ settings?: CardSetting[];
  course: CardStep[];
}
