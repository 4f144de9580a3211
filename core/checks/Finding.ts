import type { Build } from '../build/Build';
import type { Part } from '../build/field';
import type { ListId, RowOf } from '../build/lists';
import type { FigurePath, ValueAt } from '../build/sheets';
import type { Rule } from '../practices/ruleFor';
import type { LimitKey } from '../practices/limits';
import type { DerivedKey } from '../figures/derived';
import type { Origin } from '../ledger/origins';

/** Stages that exist so far, in working order. */
export const stages = {
  survey: 'Survey',
  kit: 'Kit',
  siting: 'Siting',
  fuel: 'Fuel',
  air: 'Air',
  wiring: 'Wiring',
  priming: 'Priming',
  startup: 'First start',
  proving: 'Proving',
  signoff: 'Sign-off',
} as const;
export type StageId = keyof typeof stages;
export const stageIds = Object.keys(stages) as StageId[];

/** Irreversible steps, in the order in which they come. */
export const holdPoints = {
  cutting: 'before cutting',
  bolting: 'before bolting',
  closing: 'before closing up',
  power: 'before power',
  fire: 'before first fire',
  handover: 'before hand-over',
} as const;
export type HoldPoint = keyof typeof holdPoints;
export const holdPointIds = Object.keys(holdPoints) as HoldPoint[];
/** The step itself, as it is named on a build that waits for it. */
export const holdPointSteps: Record<HoldPoint, string> = {
  cutting: 'the first hole',
  bolting: 'bolting the heater down',
  closing: 'the tank goes back up',
  power: 'the fuse goes in',
  fire: 'the first fire',
  handover: 'hand-over',
};

/** Worst first. */
export const levels = ['stop', 'fix', 'open', 'watch', 'sound'] as const;
export type Level = (typeof levels)[number];
export const levelWords: Record<Level, string> = {
  stop: 'STOP',
  fix: 'PUT RIGHT',
  open: 'NOT MEASURED',
  watch: 'WATCH',
  sound: 'SOUND',
};

/** A figure that went into a judgement or a computed figure, and where it came from. */
export interface Input {
  path: string;
  label: string;
  value: number | string;
  unit: string;
  origin: 'as fitted' | 'planned' | 'given' | 'computed' | 'recorded';
  /** who and when, where it is known */ from?: Origin;
}

export interface Finding {
  id: string;
  stage: StageId;
  holdPoint: HoldPoint;
  part: Part;
  level: Level;
  /** The sentence, with this build's own numbers. */
  message: string;
  why: string;
  remedy: string;
  source: string;
  rules: Rule[];
  inputs: Input[];
  /** Labels of what still has to be measured; only at level open. */
  missing: string[];
  /** A lead's acceptance of exactly this sentence. */
  waived: { reason: string; by: string } | null;
}

/** What a judge sees: every read is noted, so that the call can show what it rests on. */
export interface Reader {
  build: Build;
  /** Values of several figures; where any is missing the call is open and names them all. */
  all<const T extends Record<string, FigurePath>>(paths: T): { [K in keyof T]: ValueAt<T[K]> };
  /** A value that may be missing. */
  maybe<P extends FigurePath>(path: P): ValueAt<P> | null;
  /** The rows of a list, noted as an input by their number. */
  rows<L extends ListId>(list: L): readonly RowOf<L>[];
  derived(key: DerivedKey): number;
  /** Something that many calls rest on, worked out once a build; what it read is noted by each. */
  shared<T>(key: string, compute: (read: Reader) => T): T;
  /** A limit by maker, school or default, noted as the rule applied. */
  limit(key: LimitKey): Rule;
  /** Notes something recorded (a reading, a run) as an input. */
  note(label: string, value: number | string, unit: string, from?: Origin): void;
  /** Ends the judgement as open. */
  missing(...labels: string[]): never;
  /** Calls judged before this one; filled only for the sign-off. */
  others: readonly Finding[];
}

export interface Verdict {
  level: Exclude<Level, 'open'>;
  message: string;
  remedy?: string;
  why?: string;
}

export interface Check {
  id: string;
  stage: StageId;
  holdPoint: HoldPoint;
  part: Part;
  /** Why it matters, in one or two sentences. */
  why: string;
  /** What to do when it does not hold. */
  remedy: string;
  /** Where the rule comes from. */
  source: string;
  /** It is cleared by a recorded cause, a repair and a new proof, not by writing over what was found. */
  answered?: true;
  check(read: Reader): Verdict;
}
