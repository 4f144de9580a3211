import type { Build } from '../../build/Build';
import { knownOrAssumed } from '../../figures/knownOrAssumed';
import { benchOf } from '../../model/startup/benchOf';
import type { BenchFacts } from '../../physics/bench/BenchFacts';
import { coldStart, type ColdStart } from './coldStart';
import { expectedCourse, type ExpectedCourse } from '../../physics/start/expectedCourse';

/** What a start of this build should show, and what the bench heater is told of it; or what is still to be measured or assumed for it. */
export type Rehearsed =
  | {
      facts: BenchFacts;
      course: ExpectedCourse;
      /** the same start on the coldest night; null where that is not known */ cold: ColdStart | null;
      /** some of it rests on what is only assumed */ assumed: boolean;
    }
  | { missing: string[] };

/** Assumed figures are taken where nothing else is known. */
export function rehearsed(build: Build): Rehearsed {
  const found = knownOrAssumed(build, benchOf);
  if ('missing' in found) return { missing: found.missing.labels };
  return { facts: found.value, course: expectedCourse(found.value), cold: coldStart(build), assumed: found.assumed };
}
