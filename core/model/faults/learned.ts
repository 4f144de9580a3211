import { isOpenFault, type Fault } from '../../build/faults';
import { causeIds, type CauseId } from './causes';
import { isCause } from './faultCase';
import { usualWeights, weightsFor, type CauseWeights } from './faultNetwork';

/** How often each cause was proven in a workshop. */
export type CauseCounts = Readonly<Partial<Record<CauseId, number>>>;
/** What is taken as usual counts as much as so many cases of a workshop’s own. Lorbet’s own choice, no source. */
export const usualCases = 60;

/** The causes that a fault was proven to have: of all that was mended the last; null where it counts for nothing. */
export function provenCause(fault: Fault): CauseId | null {
  if (isOpenFault(fault) || !fault.proof || fault.aside) return null;
  const cause = fault.repairs.at(-1)?.cause ?? '';
  return isCause(cause) ? cause : null;
}
export function countCauses(faults: readonly Fault[]): CauseCounts {
  const counts: Partial<Record<CauseId, number>> = {};
  for (const fault of faults) {
    const cause = provenCause(fault);
    if (cause) counts[cause] = (counts[cause] ?? 0) + 1;
  }
  return counts;
}

/**
 * How often each cause is met, by what is usual and what a workshop has counted.
 * @param counts whole numbers, none below 0
 * @throws RangeError for a count below 0 or one that is no number
 * @source mean of a Dirichlet distribution: what is usual as its parameters, adding up to `usualCases`, and the counts added to them
 */
export function learnedWeights(medium: 'air' | 'coolant', counts: CauseCounts): CauseWeights {
  for (const [id, n] of Object.entries(counts))
    if (!(n >= 0 && Number.isFinite(n))) throw new RangeError(`The count of ${id} is ${n}; allowed is 0 or more.`);
  const usual = weightsFor(medium, usualWeights);
  const all = causeIds.reduce((sum, id) => sum + usual[id], 0);
  // What this heater can’t have stays at nought, whatever was counted.
  return Object.fromEntries(
    causeIds.map((id) => [id, usual[id] === 0 ? 0 : (usual[id] / all) * usualCases + (counts[id] ?? 0)]),
  ) as CauseWeights;
}
