import type { BuildKind } from '../build/Build';
import type { Part } from '../build/field';
import type { ListId } from '../build/lists';
import type { FigurePath } from '../build/sheets';
import type { HoldPoint, StageId } from '../build/stages';
import type { Rule } from '../practices/ruleFor';
import type { Input, Need } from '../reading/Reader';
import type { Values } from '../wording/Value';

/** Worst first. */
export const levels = ['stop', 'fix', 'open', 'watch', 'sound'] as const;
export type Level = (typeof levels)[number];
export const levelWords: Record<Level, string> = {
  stop: 'STOP',
  fix: 'FIX',
  open: 'NOT MEASURED',
  watch: 'WATCH',
  sound: 'SOUND',
};

/** What a check makes of a build, as data: the sentence is rendered from it (`findingText`). */
export interface Verdict {
  level: Exclude<Level, 'open'>;
  /** which of the check's sentences */ code: string;
  values: Values;
}

/** A figure or a list that a finding takes as it usually is. */
export type AssumedInput = { path: FigurePath; value: number | string } | { list: ListId };

/** What was found, to the last word of its sentence; small enough to be kept in a record. */
export interface Told extends Omit<Verdict, 'level'> {
  id: string;
  level: Level;
  kind: BuildKind;
  /** What a person has still to do; only at level open. */
  needs: readonly Need[];
  /** It holds whatever this one unknown figure may be; told for the mildest that it may be. */
  supposed?: { path: FigurePath; value: number | string };
  /** What it rests on that nobody has measured: it is so if these are as assumed. Absent where it rests on nothing assumed. */
  assumed?: readonly AssumedInput[];
  /** The milder fault that is known for certain, where a worse one is told on assumed figures. */
  knownAlready?: Verdict;
}

export interface Finding extends Told {
  stage: StageId;
  holdPoint: HoldPoint;
  part: Part;
  source: string;
  rules: Rule[];
  inputs: Input[];
  /** A lead's acceptance of this very finding. */
  waived: { reason: string; by: string } | null;
}

/**
 * The level at which a finding counts: a waived one is watched; what holds only if something is as assumed is not measured.
 * What is bad on assumed figures counts as bad.
 */
export function countedLevel({ level, waived, assumed }: Pick<Finding, 'level' | 'waived' | 'assumed'>): Level {
  if (waived) return 'watch';
  return assumed && (level === 'sound' || level === 'watch') ? 'open' : level;
}

/** A level in words, for paper and for those who hear it: what holds only as assumed is never told as if it held. */
export const levelText = ({ level, assumed }: Pick<Told, 'level' | 'assumed'>): string =>
  assumed ? `${levelWords[level]}, IF AS ASSUMED` : levelWords[level];

/** As much of a finding as its sentence needs. */
export const toldOf = ({ id, level, code, values, kind, needs, supposed, assumed, knownAlready }: Finding): Told => ({
  id,
  level,
  code,
  values,
  kind,
  needs,
  ...(supposed ? { supposed } : {}),
  ...(assumed ? { assumed } : {}),
  ...(knownAlready ? { knownAlready } : {}),
});
