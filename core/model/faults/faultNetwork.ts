import type { BeliefNode } from './belief';
import { causeIds, faultCauses, symptoms, type CauseId } from './causes';
import { measuredChecks } from './checks/measured';
import { seenChecks } from './checks/seen';
import { triedChecks } from './checks/tried';
import { check, type FaultCheck } from './FaultCheck';

const symptomIds = Object.keys(symptoms) as (keyof typeof symptoms)[];
/** Of what is missing to 1, so much is spread over all that may be shown; the rest over what it shows anyway. Lorbet’s own choice, no source. */
const oddly = 0.2;
/** What brings somebody to it is told like any other check, and comes first. */
const symptom = check(
  'heater',
  0,
  'What does it do?',
  Object.values(symptoms),
  Object.fromEntries(causeIds.map((id) => [id, shownBy(id)])),
  { otherwise: symptomIds.map((_, i) => (i === 0 ? 0.91 : 0.01)) },
);
function shownBy(id: CauseId): number[] {
  const shows: Partial<Record<string, number>> = faultCauses[id].shows;
  const all = Object.values(shows).reduce<number>((sum, one) => sum + (one ?? 0), 0);
  const odd = ((1 - all) * oddly) / symptomIds.length;
  return symptomIds.map((one) => ((shows[one] ?? 0) / all) * (1 - odd * symptomIds.length) + odd);
}
const every = { symptom, ...seenChecks, ...measuredChecks, ...triedChecks };
export type FaultCheckId = keyof typeof every;
export const faultChecks: Readonly<Record<FaultCheckId, FaultCheck>> = every;
export const faultCheckIds = Object.keys(every) as FaultCheckId[];

/** Two nodes name what is wrong: one cause, and in one case of ten another in another part of the heater. Their first state is that there is none. */
export const [firstCause, otherCause] = ['cause', 'otherCause'] as const;
export const causeStates: readonly string[] = ['none', ...causeIds];
/** Of all cases: with nothing wrong, and with two causes at once. Common practice, no source. */
const [nothingShare, twoShare] = [0.03, 0.1];
/** No answer is quite impossible: whoever looks may err. Lorbet’s own choice, no source. */
const errs = 0.005;

/** Chances of the answers where a cause is there; null where the check says nothing of it. */
function chancesOf({ answers, when, otherwise }: FaultCheck, id: CauseId | null): readonly number[] | null {
  const told = id === null ? otherwise : when[id];
  if (told === undefined) return null;
  const chances = typeof told === 'number' ? [1 - told, told] : told;
  if (chances.length !== answers.length || Math.abs(chances.reduce((sum, one) => sum + one, 0) - 1) > 1e-6)
    throw new RangeError(
      `Chances of ${id ?? 'otherwise'} at “${answers.join(', ')}” are ${chances.join(', ')}; allowed is one for each answer, 1 in all.`,
    );
  return chances.map((one) => (1 - errs) * one + errs / answers.length);
}
/** Of two that act at once, the worse is found: chances that both stay below are multiplied. */
function worseOf(a: readonly number[], b: readonly number[]): number[] {
  let [sumA, sumB, before] = [0, 0, 0];
  return a.map((one, i) => {
    sumA += one;
    sumB += b[i] ?? 0;
    const upTo = sumA * sumB;
    const chance = upTo - before;
    before = upTo;
    return chance;
  });
}

function checkNode(id: string, it: FaultCheck): BeliefNode {
  const otherwise = chancesOf(it, null) ?? [];
  const own = [null, ...causeIds.map((one) => chancesOf(it, one))];
  const size = causeStates.length;
  const table = new Float64Array(size * size * it.answers.length);
  let at = 0;
  for (const [i, a] of own.entries())
    for (const [j, b] of own.entries()) {
      // What is made good for a try leaves the other cause as it was; else what says nothing of a check changes nothing of it.
      const [one, two] = it.tries ? [i > 0 ? (a ?? otherwise) : null, j > 0 ? (b ?? otherwise) : null] : [a, b];
      table.set(one && two ? worseOf(one, two) : (one ?? two ?? otherwise), at);
      at += it.answers.length;
    }
  return { id, states: it.answers, parents: [firstCause, otherCause], table };
}
const checkNodes = (): BeliefNode[] => faultCheckIds.map((id) => checkNode(id, faultChecks[id]));
let madeNodes: readonly BeliefNode[] | null = null;

/** How often each cause is met beside the others, before anything is known of a case; 0 where this heater can’t have it. */
export type CauseWeights = Readonly<Record<CauseId, number>>;
export const usualWeights = Object.fromEntries(causeIds.map((id) => [id, faultCauses[id].often])) as CauseWeights;
/** What only one kind of heater has. */
const onlyAir: readonly CauseId[] = ['returnBlocked', 'outletBlocked', 'ventsShut', 'ductTooLong'];
const onlyCoolant: readonly CauseId[] = ['coolantAir', 'coolantPump'];
export function weightsFor(medium: 'air' | 'coolant', weights: CauseWeights = usualWeights): CauseWeights {
  const not = medium === 'air' ? onlyCoolant : onlyAir;
  return { ...weights, ...Object.fromEntries(not.map((id) => [id, 0])) };
}

/**
 * The belief network of a heater that does not do what it should: what is wrong, and all that can be looked at, heard, measured or tried.
 * @param weights at least one above 0
 * @source the network’s shape is Lorbet’s own; chances are common practice, no source
 */
export function faultNetwork(weights: CauseWeights): BeliefNode[] {
  const all = causeIds.reduce((sum, id) => sum + weights[id], 0);
  if (!(all > 0)) throw new RangeError(`All weights of causes are ${all}; allowed is at least one above 0.`);
  const share = causeIds.map((id) => weights[id] / all);
  const size = causeStates.length;
  const pairs = new Float64Array(size * size);
  let pairSum = 0;
  for (const [i, a] of causeIds.entries())
    for (const [j, b] of causeIds.entries()) {
      if (j <= i || faultCauses[a].system === faultCauses[b].system) continue;
      const both = (share[i] ?? 0) * (share[j] ?? 0);
      pairs[(i + 1) * size + j + 1] = both;
      pairSum += both;
    }
  if (pairSum > 0) for (let i = 0; i < pairs.length; i += 1) pairs[i] = ((pairs[i] ?? 0) / pairSum) * twoShare;
  pairs[0] = nothingShare;
  const single = 1 - nothingShare - (pairSum > 0 ? twoShare : 0);
  for (const [i, one] of share.entries()) pairs[(i + 1) * size] = one * single;
  madeNodes ??= checkNodes();
  return [...caseNodes(pairs), ...madeNodes];
}
/** The two nodes of what is wrong, from the chance of each case: a row a first cause, a column another one, none first. */
function caseNodes(cases: Float64Array): BeliefNode[] {
  const size = causeStates.length;
  const first = causeStates.map((_, i) => cases.slice(i * size, (i + 1) * size).reduce((sum, one) => sum + one, 0));
  const other = cases.map((one, i) => {
    const sum = first[Math.floor(i / size)] ?? 0;
    return sum > 0 ? one / sum : i % size === 0 ? 1 : 0;
  });
  return [
    { id: firstCause, states: causeStates, parents: [], table: Float64Array.from(first) },
    { id: otherCause, states: causeStates, parents: [firstCause], table: other },
  ];
}
/** The same network with other chances of what is wrong. @param cases as `joint` of a belief; adds up to 1 */
export const withCases = (network: readonly BeliefNode[], cases: Float64Array): BeliefNode[] => [
  ...caseNodes(cases),
  ...network.filter(({ id }) => id !== firstCause && id !== otherCause),
];
