import type { Build, CoReading, StartRun } from '../../build/Build';
import type { Fault, FaultRepair, FaultStep } from '../../build/faults';
import { firstAt } from '../../build/startFacts';
import { codeKinds } from '../../build/unit/UnitCard';
import { valueAt } from '../../build/sheets';
import type { BeliefNode } from './belief';
import { faultCauses, symptoms, type CauseId, type SymptomId } from './causes';
import { faultChecks, faultNetwork, weightsFor, type CauseWeights, type FaultCheckId } from './faultNetwork';
import type { Belief, Found } from './nextCheck';
import { believeAfter, type Mended } from './story';

export const isSymptom = (id: string): id is SymptomId => Object.hasOwn(symptoms, id);
export const isCause = (id: string): id is CauseId => Object.hasOwn(faultCauses, id);
/** What can be looked at; what it does is told when the fault is opened. */
export const isFaultCheck = (id: string): id is FaultCheckId => id !== 'symptom' && Object.hasOwn(faultChecks, id);

/** Whether it warms air or coolant: by its card, else by what the build says it warms, else air. */
export function mediumOf(build: Pick<Build, 'unitCard' | 'sheets'>): 'air' | 'coolant' {
  if (build.unitCard) return build.unitCard.family;
  return valueAt(build.sheets, 'warmth.way') === 'loop' ? 'coolant' : 'air';
}

/** Answers of steps by the place they have in the tables of today; what is no longer asked, or was not known, says nothing. */
function foundIn(steps: readonly FaultStep[]): Found {
  const found: Found = {};
  for (const { check, found: said } of steps) {
    if (!isFaultCheck(check)) continue;
    const place = said === null ? -1 : faultChecks[check].answers.indexOf(said);
    if (place >= 0) found[check] = place;
    else delete found[check];
  }
  return found;
}
/** What was known, found and mended in a fault, in the order in which it was. @param known what the build answers by itself: the person’s own word goes before it */
export function storyOf({ symptom, code, steps, repairs }: Fault, known: Found): { before: Mended[]; now: Found } {
  const first: Found = { ...known };
  if (isSymptom(symptom)) first.symptom = faultChecks.symptom.answers.indexOf(symptoms[symptom]);
  if (code?.tells) first.code = faultChecks.code.answers.indexOf(codeKinds[code.tells]);
  const before: Mended[] = [];
  let from = 0;
  for (const { cause, afterSteps } of repairs) {
    if (!isCause(cause)) continue;
    before.push({ found: { ...(from === 0 ? first : {}), ...foundIn(steps.slice(from, afterSteps)) }, mended: cause });
    from = afterSteps;
  }
  return { before, now: { ...(before.length === 0 ? first : {}), ...foundIn(steps.slice(from)) } };
}
/** What need not be asked any more: what is known, was answered, or could not be said since the last repair. */
export function askedIn(fault: Fault, now: Found): Set<FaultCheckId> {
  const from = fault.repairs.at(-1)?.afterSteps ?? 0;
  const tried = fault.steps.slice(from).map(({ check }) => check);
  return new Set<FaultCheckId>(['symptom', ...(Object.keys(now) as FaultCheckId[]), ...tried.filter(isFaultCheck)]);
}

/** What is believed of a fault as it stands. */
export function believeFault(
  fault: Fault,
  known: Found,
  medium: 'air' | 'coolant',
  weights?: CauseWeights,
): { network: readonly BeliefNode[]; belief: Belief; now: Found } {
  const { before, now } = storyOf(fault, known);
  return { ...believeAfter(faultNetwork(weightsFor(medium, weights)), before, now), now };
}

/** The start that is most likely complained of: the last one, where it did not go well. */
export function startComplainedOf({ starts }: Pick<Build, 'starts'>): StartRun | null {
  const last = starts.filter(({ dryRun }) => !dryRun).at(-1);
  if (!last) return null;
  const at = firstAt(last);
  return at.flame === undefined || at.out !== undefined || at.cut !== undefined ? last : null;
}

/** Whether something was mended that does what was told of: what smells is answered by a cause that can smell alone. */
export const isMended = ({ symptom, repairs }: Pick<Fault, 'symptom' | 'repairs'>): boolean =>
  symptom === 'smells' ? repairs.some(({ cause }) => isCause(cause) && 'smells' in faultCauses[cause].shows) : repairs.length > 0;

/** Causes that carbon monoxide proves, besides a start. */
const gas: readonly string[] = ['exhaustLeak', 'burnerGasket', 'drawnBack'];
/** Whether a fault is proven only by a reading of carbon monoxide besides its start. */
export const needsCo = ({ symptom, repairs }: Pick<Fault, 'symptom' | 'repairs'>): boolean =>
  symptom === 'smells' || repairs.some(({ cause }) => gas.includes(cause));
/** Whether a start shows that it is right: in its place, after the repair, at full output, and its flame not lost. */
export function provesRepair(run: StartRun, repair: FaultRepair): boolean {
  const at = firstAt(run);
  return (
    !run.dryRun &&
    Date.parse(run.at) > Date.parse(repair.at) &&
    at.full !== undefined &&
    at.out === undefined &&
    at.cut === undefined
  );
}
/** Whether a reading shows that no exhaust comes in: nothing, inside, at full output, after the repair. */
export const provesAir = ({ at, ppm, place, state }: CoReading, repair: FaultRepair): boolean =>
  Date.parse(at) > Date.parse(repair.at) && ppm === 0 && place !== 'outside' && state === 'full';
