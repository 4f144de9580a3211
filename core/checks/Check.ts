import type { Part } from '../build/field';
import type { HoldPoint, StageId } from '../build/stages';
import type { Reader } from '../reading/Reader';
import type { KindSlot, Slots } from '../wording/render';
import type { Clause, Value, Values } from '../wording/Value';
import type { Finding, Verdict } from './Finding';

type Sentences = Readonly<Record<string, string>>;
interface Card {
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
}

export interface Check extends Card {
  /** Sentences by code, and parts of sentences, with slots for values. */
  messages: Sentences;
  /** Remedies by code, where it is not the check's own. */
  remedies: Sentences;
  /** Sentences as they were before they were bettered, so that a waiver kept with one is known again. */
  formerly: Readonly<Record<string, readonly string[]>>;
  /** @param others findings before this one; given to the checks of the sign-off alone */
  assess: (read: Reader, others: readonly Finding[]) => Verdict;
}

type Filled<T extends string> = Exclude<Slots<T>, KindSlot>;
type ValuesFor<M extends Sentences, R extends Sentences, C extends keyof M & string> = {
  [K in Filled<M[C]> | (C extends keyof R ? Filled<R[C]> : never)]: Value;
};
type Args<V> = keyof V extends never ? [] : [values: V];
/** Makes verdicts of one check: only with a code of its own, and all the values of that sentence. */
export type Say<M extends Sentences, R extends Sentences> = {
  [L in Verdict['level']]: <C extends keyof M & string>(code: C, ...values: Args<ValuesFor<M, R, C>>) => Verdict;
} & { clause: <C extends keyof M & string>(code: C, ...values: Args<ValuesFor<M, R, C>>) => Clause };

const at =
  (level: Verdict['level']) =>
  (code: string, values: Values = {}): Verdict => ({ level, code, values });
const say = {
  stop: at('stop'),
  fix: at('fix'),
  watch: at('watch'),
  sound: at('sound'),
  clause: (code: string, values: Values = {}): Clause => ({ code, values }),
};

/** A check with its sentences beside what it asks; the compiler holds each verdict to the slots of its sentence. */
export function defineCheck<
  const M extends Sentences,
  const R extends { readonly [K in keyof M]?: string } = Record<never, string>,
>({
  remedies,
  formerly = {},
  assess,
  ...card
}: Card & {
  messages: M;
  remedies?: R;
  formerly?: { readonly [K in keyof M]?: readonly string[] };
  assess: (read: Reader, say: Say<M, R & Sentences>, others: readonly Finding[]) => Verdict;
}): Check {
  return {
    ...card,
    remedies: (remedies ?? {}) as Sentences,
    formerly: formerly as Check['formerly'],
    assess: (read, others) => assess(read, say, others),
  };
}
