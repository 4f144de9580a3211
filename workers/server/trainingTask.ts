import type { LearnerRecord } from '../../core/model/trainer/learner';
import { play, shortestWay, type TrainerAct } from '../../core/model/trainer/play';
import type { TrainerCase } from '../../core/model/trainer/TrainerCase';

export interface TrainingTask {
  kind: 'training';
  of: TrainerCase;
  seed: number;
  acts: readonly TrainerAct[];
}
/** Plays again what a learner did, and what Lorbet itself would have done. */
export function trainingTask({ of, seed, acts }: TrainingTask): Omit<LearnerRecord, 'at'> {
  const { over, minutes, parts, dangers, wrongly, acts: played } = play(of, seed, acts, false);
  return {
    caseId: of.id,
    seed,
    over,
    minutes,
    parts,
    dangers,
    wrongly,
    checks: played.filter(({ act }) => act.does === 'look').length,
    shortestMinutes: play(of, seed, shortestWay(of, seed), false).minutes,
  };
}
