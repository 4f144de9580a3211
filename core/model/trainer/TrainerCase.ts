import type { CauseId, SymptomId } from '../faults/causes';
import type { FaultCheckId } from '../faults/faultNetwork';

export const casesFormat = 'lorbet-trainer-cases';
export const casesVersion = 1;
export const caseLevels = { 1: 'plain', 2: 'as it is met', 3: 'hard' } as const;
export type CaseLevel = keyof typeof caseLevels;

/** A heater of the bench with something wrong with it that nobody tells. */
export interface TrainerCase {
  /** small letters, figures and hyphens */ id: string;
  title: string;
  /** what its owner says */ told: string;
  /** 1: every look tells what it surely shows; 2: looks err as they do; 3: as 2, and a start is not told by the owner’s word alone */ level: CaseLevel;
  medium: 'air' | 'coolant';
  symptom: SymptomId;
  /** what is wrong: nothing, one thing, or two */ causes: readonly CauseId[];
  /** answers that this case gives whatever the tables say */ answers?: Readonly<Partial<Record<FaultCheckId, string>>>;
  /** the case that comes before it */ after?: string;
}
/** Cases as a file, which a workshop can write itself. */
export interface CaseFile {
  format: typeof casesFormat;
  version: typeof casesVersion;
  cases: TrainerCase[];
}
