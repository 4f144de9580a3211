import type { Part } from '../../build/field';
import { causeIds, type CauseId } from './causes';
import type { CauseWeights } from './faultNetwork';

/** What is on record of this build makes causes likelier than they are elsewhere, before anything is asked. */
export interface Leaning {
  /** a finding at fault; a cause mended here before; a part worked on since it last ran well; how the start left its course, in a sentence */
  why: { finding: string } | { mended: CauseId } | { worked: Part } | { departed: string };
  /** by how many times each is likelier beside the others; 1 or more */ times: Partial<Record<CauseId, number>>;
}
/** However much speaks for a cause on record, it counts at most so many times: what is asked has to decide. Lorbet’s own choice, no source. */
export const leansAtMost = 8;

/** How many times likelier each cause is by all that leans to it. */
export function leansTo(leanings: readonly Leaning[]): Partial<Record<CauseId, number>> {
  const all: Partial<Record<CauseId, number>> = {};
  for (const { times } of leanings)
    for (const [id, by] of Object.entries(times) as [CauseId, number][]) all[id] = Math.min(leansAtMost, (all[id] ?? 1) * by);
  return all;
}
/** How often causes are met, leaned to by what is on record of this build; what this heater can’t have stays at nought. */
export function leanedWeights(weights: CauseWeights, leanings: readonly Leaning[]): CauseWeights {
  const by = leansTo(leanings);
  return Object.fromEntries(causeIds.map((id) => [id, weights[id] * (by[id] ?? 1)])) as CauseWeights;
}
