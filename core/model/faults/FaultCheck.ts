import type { Part } from '../../build/field';
import type { CauseId } from './causes';

/** Something that can be looked at, heard, measured or tried, and what may be found. */
export interface FaultCheck {
  /** what to do, and what to look for */ ask: string;
  /** what may be found, from sound to bad: where two causes act at once, the worse is found */ answers: readonly string[];
  /** chance of what is found where a cause is there: of the second answer, or of each. Common practice, no source. */
  when: Partial<Record<CauseId, number | readonly number[]>>;
  /** the same where none of those is there */ otherwise: number | readonly number[];
  minutes: number;
  /** what is worth of parts, as minutes */ parts: number;
  /** how far something is taken apart: 0 not at all, 1 a lid or plug, 2 a joint or pipe, 3 something that must be proven again */ apart:
    0 | 1 | 2 | 3;
  /** 0 none, 1 with care, 2 only when nothing else tells */ danger: 0 | 1 | 2;
  caution?: string;
  part: Part;
  only?: 'air' | 'coolant';
  /** something is made good for a try: it runs only where nothing else is wrong besides */ tries?: true;
}
type More = Partial<Pick<FaultCheck, 'otherwise' | 'parts' | 'apart' | 'danger' | 'caution' | 'only'>>;

/** A check with two or more answers. */
export const check = (
  part: Part,
  minutes: number,
  ask: string,
  answers: FaultCheck['answers'],
  when: FaultCheck['when'],
  more: More = {},
): FaultCheck => ({ ask, answers, when, minutes, part, otherwise: 0.01, parts: 0, apart: 0, danger: 0, ...more });

/** Something made good for a try. @param cures chance that it is right then, where a cause is there @param answers what is found where it is right then, and where it is as before */
export const trial = (
  part: Part,
  minutes: number,
  ask: string,
  answers: readonly [right: string, asBefore: string],
  cures: Partial<Record<CauseId, number>>,
  more: Omit<More, 'otherwise'> = {},
): FaultCheck => ({
  ...check(
    part,
    minutes,
    ask,
    answers,
    Object.fromEntries(Object.entries(cures).map(([id, chance]) => [id, [chance, 1 - chance]])),
    { ...more, otherwise: [byItself, 1 - byItself] },
  ),
  tries: true,
});
/** It is right though nothing was made good. */
const byItself = 0.01;
