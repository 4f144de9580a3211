import type { Reader } from '../checks/Finding';
import { fuelFigures } from './fuelFigures';
import { heaterFigures } from './heaterFigures';
import { primingFigures } from './primingFigures';
import { sitingFigures } from './sitingFigures';
import { startFigures } from './startFigures';
import { surveyFigures } from './surveyFigures';
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

type Group = Record<string, Derived>;
const inFile = <G extends Group>(file: string, group: G) =>
  Object.fromEntries(
    Object.entries(group).map(([key, figure]) => [key, { ...figure, code: `core/figures/${file}.ts` }]),
  ) as Record<keyof G & string, Derived & { code: string }>;

/** Every computed figure, by key, with the file in which it is computed. Judges, screens and the certificate all read it here. */
export const derived = {
  ...inFile('surveyFigures', surveyFigures),
  ...inFile('sitingFigures', sitingFigures),
  ...inFile('heaterFigures', heaterFigures),
  ...inFile('fuelFigures', fuelFigures),
  ...inFile('wiringFigures', wiringFigures),
  ...inFile('primingFigures', primingFigures),
  ...inFile('startFigures', startFigures),
};
export type DerivedKey =
  | keyof typeof surveyFigures
  | keyof typeof sitingFigures
  | keyof typeof heaterFigures
  | keyof typeof fuelFigures
  | keyof typeof wiringFigures
  | keyof typeof primingFigures
  | keyof typeof startFigures;
export const derivedKeys = Object.keys(derived) as DerivedKey[];
export const isDerivedKey = (key: string): key is DerivedKey => Object.hasOwn(derived, key);
