import type { LearnerRecord } from '../../../core/model/trainer/learner';
import type { TrainerCase } from '../../../core/model/trainer/TrainerCase';
import type { Signed } from '../../../core/people/Who';

/** A record, and whose it is. */
export interface LearnersRecord extends LearnerRecord {
  personId: string;
  person: string;
  /** it is that of whoever looks */ mine: boolean;
}
/** What the page of the trainer is told: cases of the workshop’s own, and records. */
export interface Training extends Signed {
  cases: TrainerCase[];
  records: LearnersRecord[];
}
