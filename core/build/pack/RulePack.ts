import type { BuildKind } from '../buildKinds';
import type { FigurePath } from '../sheets';
import type { LicensedTrade } from '../../people/licences';
import type { PaperKind, PhotoAbout } from './proofKinds';

export const packFormat = 'lorbet-rule-pack';
export const packVersion = 1;
/** Who may say of a rule that it was looked at, or that it is not called for here. */
export const ruleSigners = { fitter: 'a fitter', lead: 'a lead' } as const;
export type RuleSigner = keyof typeof ruleSigners;

/** One thing that shows a rule kept; a rule asks for all of its own. */
export type Proof =
  /** a check, or all whose id begins so: what was measured, against its limit */
  | { check: string }
  /** a figure that is entered; of a choice, where it is one of these */
  | { figure: FigurePath; is?: string[] }
  | { photo: PhotoAbout }
  | { paper: PaperKind }
  /** somebody of this trade, by name and number */
  | { licensed: LicensedTrade }
  /** what a person looks at, in words */
  | { seen: string };
export const proofKinds = ['check', 'figure', 'photo', 'paper', 'licensed', 'seen'] as const;

export interface PackRule {
  number: string;
  /** The code that it is paraphrased from: “UN Regulation 122, Annex 7”. */
  code: string;
  /** In substance, in our words. */
  says: string;
  fromMemory: boolean;
  proof: Proof[];
  signs: RuleSigner;
  /** It is called for only where this figure is one of these. */
  only?: { figure: FigurePath; is: string[] };
}

/**
 * What those who inspect one kind of conversion ask for, and what would show it. A pack lists evidence and gaps; what is allowed is
 * the inspector's to say.
 */
export interface RulePack {
  format: typeof packFormat;
  version: typeof packVersion;
  id: string;
  name: string;
  /** goes up by one with every correction */ edition: number;
  /** what it is about, and on what it rests */ about: string;
  kinds: BuildKind[];
  /** so many people sign a build under it */ signatures: 1 | 2;
  /** trades in which everybody who signs holds a licence or was trained */ signers: LicensedTrade[];
  rules: PackRule[];
}

/** That a person answers for a rule where its proof is not there. It stands for the words of the rule as they were read. */
export const ruleAnswers = {
  seen: 'looked at, and it is so',
  notHere: 'not called for here',
  inspector: 'left to the inspector',
} as const;
export interface RuleAnswer {
  id: string;
  at: string;
  by: string;
  pack: string;
  rule: string;
  /** the rule as it was read */ says: string;
  answer: keyof typeof ruleAnswers;
  why: string;
}
