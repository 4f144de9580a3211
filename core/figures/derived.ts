import type { Reader } from '../calls/Call';
import { fuelFigures } from './fuelFigures';
import { heaterFigures } from './heaterFigures';
import { primingFigures } from './primingFigures';
import { wiringFigures } from './wiringFigures';

/** A figure that is computed, with all that a person may ask about it. */
export interface Derived {
  label: string;
  unit: string;
  decimals: number;
  formula: string;
  source: string;
  compute: (read: Reader) => number;
}

/** Every computed figure, by key. Judges, screens and the certificate all read it here. */
export const derived = { ...heaterFigures, ...fuelFigures, ...wiringFigures, ...primingFigures } satisfies Record<
  string,
  Derived
>;
export type DerivedKey =
  keyof typeof heaterFigures | keyof typeof fuelFigures | keyof typeof wiringFigures | keyof typeof primingFigures;
export const derivedKeys = Object.keys(derived) as DerivedKey[];
