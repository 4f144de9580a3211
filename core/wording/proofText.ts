import { licensedTrades } from '../people/licences';
import type { Proof, RuleAnswer } from '../build/pack/RulePack';
import { ruleAnswers } from '../build/pack/RulePack';
import { paperKinds, photoAbouts } from '../build/pack/proofKinds';
import { fieldAt } from '../build/sheets';

/** What would show a rule kept, in words; of a check its id. @example proofText({ photo: 'filler' }) // 'photograph: filler and its notice' */
export function proofText(proof: Proof): string {
  if ('check' in proof) return `check: ${proof.check}`;
  if ('figure' in proof) {
    const field = fieldAt(proof.figure);
    const words = field.kind === 'choice' ? field.options : {};
    const answers = (proof.is ?? []).map((one) => words[one] ?? one);
    return `figure: ${field.label}${answers.length > 0 ? `: ${answers.join(' or ')}` : ''}`;
  }
  if ('photo' in proof) return `photograph: ${photoAbouts[proof.photo]}`;
  if ('paper' in proof) return `paper: ${paperKinds[proof.paper]}`;
  if ('licensed' in proof) return `licensed person: ${licensedTrades[proof.licensed]}`;
  return `looked at: ${proof.seen}`;
}
/** What a person answered for, with the reason, who and when. */
export const answerText = ({ answer, why, by, at }: RuleAnswer): string =>
  `${ruleAnswers[answer]}: ${why} (${by}, ${at.slice(0, 10)})`;
/** How a rule stands. */
export const ruleStateWords = {
  against: 'AGAINST',
  gap: 'MISSING',
  answered: 'ANSWERED',
  waived: 'ON A WAIVER',
  there: 'THERE',
  notCalled: 'NOT CALLED FOR',
} as const;
