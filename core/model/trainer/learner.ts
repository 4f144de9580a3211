import { faultCauses, faultSystems, type FaultSystem } from '../faults/causes';
import type { TrainerCase } from './TrainerCase';

/** One case that a learner ended: what it took, beside what Lorbet itself would have taken. */
export interface LearnerRecord {
  caseId: string;
  seed: number;
  at: string;
  over: boolean;
  minutes: number;
  parts: number;
  dangers: number;
  wrongly: number;
  checks: number;
  shortestMinutes: number;
}
export interface Competence {
  ended: number;
  solved: number;
  /** without danger, without mending what was sound */ clean: number;
  dangers: number;
  /** minutes over those of the shortest way, of what was solved; null where nothing was */ timesShortest: number | null;
  /** parts of the heater in which less than half was solved cleanly */ weak: FaultSystem[];
}

/** What a learner can do, by what they ended; of a case that was tried again the last try counts. */
export function competenceOf(records: readonly LearnerRecord[], cases: readonly TrainerCase[]): Competence {
  const last = [
    ...new Map([...records].sort((a, b) => Date.parse(a.at) - Date.parse(b.at)).map((one) => [one.caseId, one])).values(),
  ];
  const clean = (one: LearnerRecord) => one.over && one.dangers === 0 && one.wrongly === 0;
  const solved = last.filter(({ over }) => over);
  const byId = new Map(cases.map((one) => [one.id, one]));
  const tried = new Map<FaultSystem, { all: number; clean: number }>();
  for (const one of last)
    for (const system of new Set((byId.get(one.caseId)?.causes ?? []).map((cause) => faultCauses[cause].system))) {
      const sum = tried.get(system) ?? { all: 0, clean: 0 };
      tried.set(system, { all: sum.all + 1, clean: sum.clean + (clean(one) ? 1 : 0) });
    }
  const minutes = solved.reduce((sum, one) => sum + one.minutes, 0);
  const shortest = solved.reduce((sum, one) => sum + one.shortestMinutes, 0);
  return {
    ended: last.length,
    solved: solved.length,
    clean: last.filter(clean).length,
    dangers: last.reduce((sum, one) => sum + one.dangers, 0),
    timesShortest: shortest > 0 ? minutes / shortest : null,
    weak: (Object.keys(faultSystems) as FaultSystem[]).filter((system) => {
      const sum = tried.get(system);
      return sum !== undefined && sum.clean < sum.all / 2;
    }),
  };
}
