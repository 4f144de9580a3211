import type { StartRun } from '../../build/Build';
import { play, shortestWay, type Played, type TrainerAct } from '../../model/trainer/play';
import type { TrainerCase } from '../../model/trainer/TrainerCase';
import { startOf } from '../../model/trainer/truth';

export interface TrainerAsk {
  of: TrainerCase;
  seed: number;
  acts: readonly TrainerAct[];
  /** the learner gives up, or it is right: what it was may be told */ ended: boolean;
}
export interface TrainerView {
  played: Played;
  /** the start that was made last, as the bench heater had it */ start: Pick<StartRun, 'events' | 'readings'> | null;
  /** what Lorbet itself would have done; null while the case goes on */ shortest: Played | null;
}

/** A case as it stands after what a learner did. */
export function trainerView({ of, seed, acts, ended }: TrainerAsk): TrainerView {
  const played = play(of, seed, acts);
  const lastStart = acts.findLastIndex(({ does }) => does === 'start');
  const left = lastStart < 0 ? [] : play(of, seed, acts.slice(0, lastStart), false).left;
  return {
    played,
    start: lastStart < 0 ? null : startOf(left, seed),
    shortest: ended || played.over ? play(of, seed, shortestWay(of, seed)) : null,
  };
}
