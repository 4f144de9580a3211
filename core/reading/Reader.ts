import type { Build } from '../build/Build';
import type { ListId, RowOf } from '../build/lists';
import type { FigurePath, ValueAt } from '../build/sheets';
import type { LimitKey } from '../practices/limits';
import type { Rule } from '../practices/ruleFor';
import type { Origin } from '../record/Origin';
import type { FigureId } from './figureIds';

/** A figure that went into a finding or a computed figure, and where it came from. */
export interface Input {
  path: string;
  label: string;
  value: number | string;
  unit: string;
  origin: 'as fitted' | 'planned' | 'given' | 'assumed' | 'computed' | 'recorded';
  /** who and when, where it is known */ from?: Origin;
}

/** All that was read on the way to a finding or a computed figure. */
export interface Trail {
  inputs: Input[];
  rules: Rule[];
}

/** Something that a person has still to do before a check can tell: measure a figure, enter one that is given, choose an answer, or do a piece of work. */
export interface Need {
  act: 'measure' | 'enter' | 'choose' | 'do';
  /** the label of a figure of a sheet, which is quoted; else a phrase: “the size of the roof”, “log a start” */ what: string;
  /** of a figure of a sheet: where it is entered */ path?: FigurePath;
}

/** A figure that is computed, with all that a person may ask about it. */
export interface Derived {
  label: string;
  unit: string;
  decimals: number;
  formula: string;
  source: string;
  compute: (read: Reader) => number;
}

/** What a check or a computed figure sees of a build: every read is noted, so that it can be shown what a result rests on. */
export interface Reader {
  readonly build: Build;
  /** Values of several figures. @throws NotMeasured naming all that are missing */
  all<const T extends Record<string, FigurePath>>(paths: T): { [K in keyof T]: ValueAt<T[K]> };
  /** A value that may be missing. */
  maybe<P extends FigurePath>(path: P): ValueAt<P> | null;
  /** The rows of a list, noted as an input by their number. */
  rows<L extends ListId>(list: L): readonly RowOf<L>[];
  /** A computed figure. @throws NotMeasured where something is missing for it */
  derived(id: FigureId): number;
  /** Something that much rests on, worked out once a build; what it read is noted by each who asks. */
  shared<T>(key: string, compute: (read: Reader) => T): T;
  /** A limit by maker, practice or default, noted as the rule applied. */
  limit(key: LimitKey): Rule;
  /** Notes something recorded (a reading, a run) as an input. */
  note(label: string, value: number | string, unit: string, from?: Origin): void;
  /** Ends it with what a person has still to do. @throws NotMeasured */
  missing(...needs: readonly Need[]): never;
}
