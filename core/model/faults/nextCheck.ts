import { jointOf, marginalOf, type BeliefNode, type Evidence, type Factor } from './belief';
import { causeIds, type CauseId } from './causes';
import { expectedOfAll, foundAt, type Expected } from './expected';
import { faultCheckIds, faultChecks, firstCause, otherCause, type FaultCheckId } from './faultNetwork';
import type { FaultCheck } from './FaultCheck';
import { lightsIt, mustNotBeLit } from './mustNotBeLit';

/** What has been found so far: of each check the place of its answer. */
export type Found = Partial<Record<FaultCheckId, number>>;
export type Chances = Readonly<Record<CauseId, number>>;

export interface Belief {
  /** chance that each cause is there; of two at once both count */ causes: Chances;
  /** that nothing is wrong */ nothing: number;
  joint: Factor;
}
export interface Outcome {
  /** place of the answer */ answer: number;
  chance: number;
  /** how likely each cause would be then, the likeliest first */ then: { cause: CauseId; chance: number }[];
}
/** A check worth going to; its safety is 0 while nothing speaks against lighting it. */
export interface RankedCheck extends Expected {
  id: FaultCheckId;
  /** what it costs, as minutes */ cost: number;
}

/** A check that is expected to tell less is not worth going to, bits. Lorbet’s own choice, no source. */
export const leastBits = 0.01;
/** To turn to any check takes so long, min; what is taken apart and what is dangerous counts as so many more. Lorbet’s own choice, no source. */
const [turnMin, apartMin, dangerMin] = [4, 4, 3];

export const costOf = ({ minutes, parts, apart, danger }: FaultCheck): number =>
  turnMin + minutes + parts + apartMin * apart + dangerMin * danger;

const evidenceOf = (found: Found): Evidence =>
  Object.fromEntries(
    Object.entries(found).map(([id, answer]) => [
      id,
      faultChecks[id as FaultCheckId].answers.map((_, i) => (i === answer ? 1 : 0)),
    ]),
  );

/** How likely each cause is, given what was found. @throws RangeError for an answer that the check has not */
export function believe(network: readonly BeliefNode[], found: Found): Belief {
  for (const [id, answer] of Object.entries(found)) {
    const { answers } = faultChecks[id as FaultCheckId];
    if (answers[answer] === undefined) throw new RangeError(`${id} is ${answer}; allowed is 0 to ${answers.length - 1}.`);
  }
  const known = jointOf(network, evidenceOf(found), [firstCause, otherCause]);
  if (!known) throw new RangeError('What was found can’t all be so.');
  return beliefOf(known.joint);
}
function beliefOf(joint: Factor): Belief {
  // A cause is there as the one or as the other, never as both.
  const [one, other] = [marginalOf(joint, firstCause), marginalOf(joint, otherCause)];
  return {
    causes: Object.fromEntries(causeIds.map((id, i) => [id, (one[i + 1] ?? 0) + (other[i + 1] ?? 0)])) as Chances,
    nothing: joint.table[0] ?? 0,
    joint,
  };
}

/** Causes by chance, the likeliest first. */
export const likeliest = ({ causes }: Pick<Belief, 'causes'>): { cause: CauseId; chance: number }[] =>
  causeIds.map((cause) => ({ cause, chance: causes[cause] })).sort((a, b) => b.chance - a.chance);
/** The cause that is found; null while none stands high enough. */
export function causeFound(belief: Pick<Belief, 'causes'>): CauseId | null {
  const [first] = likeliest(belief);
  return first && first.chance >= foundAt ? first.cause : null;
}

/** To have found it is worth so many bits. Lorbet’s own choice, no source. */
const foundBits = 3;

/** While it must not be lit, what is told of whether it may be counts so many times over. Lorbet’s own choice, no source. */
const safetyFirst = 4;

const worth = ({ bits, finds, safety, cost }: RankedCheck): number =>
  (bits + foundBits * finds + safetyFirst * safety) / Math.sqrt(cost);

/** All that can be looked at: what is left of a network without what is wrong. */
export const checksOf = (network: readonly BeliefNode[]): BeliefNode[] =>
  network.filter(({ id }) => id !== firstCause && id !== otherCause);

/**
 * What to look at next: most told for its cost first, and of two as good the one that takes less apart. What is dangerous comes only where nothing else tells;
 * nothing asks to light it while what may poison or burn is not ruled out.
 * @param left checks that are not asked: skipped, not known, or not to be had here
 */
export function nextChecks(
  network: readonly BeliefNode[],
  belief: Belief,
  medium: 'air' | 'coolant',
  left: ReadonlySet<FaultCheckId>,
): RankedCheck[] {
  const told = expectedOfAll(belief.joint, checksOf(network));
  const cold = mustNotBeLit(belief);
  const all = faultCheckIds.flatMap((id): RankedCheck[] => {
    const it = faultChecks[id];
    const expected = told.get(id);
    if (left.has(id) || !expected || (it.only && it.only !== medium) || (cold && lightsIt(id))) return [];
    const { bits, finds, safety } = expected;
    return bits < leastBits ? [] : [{ id, bits, finds, safety: cold ? safety : 0, cost: costOf(it) }];
  });
  const safe = all.filter(({ id }) => faultChecks[id].danger < 2);
  return (safe.length > 0 ? safe : all).sort(
    (a, b) => worth(b) - worth(a) || faultChecks[a.id].apart - faultChecks[b.id].apart || a.id.localeCompare(b.id),
  );
}

/** What each answer to a check would show, where this is believed now. */
export function outcomesOf(network: readonly BeliefNode[], { joint }: Belief, id: FaultCheckId): Outcome[] {
  const { table: chances, answers } = tableOf(network, id);
  return Array.from({ length: answers }, (_, answer) => {
    const both = joint.table.map((p, i) => p * (chances[i * answers + answer] ?? 0));
    const chance = both.reduce((sum, p) => sum + p, 0);
    const then = beliefOf({ ...joint, table: both.map((p) => p / chance) });
    return { answer, chance, then: likeliest(then).slice(0, 3) };
  });
}
function tableOf(network: readonly BeliefNode[], id: FaultCheckId): { table: Float64Array; answers: number } {
  const node = network.find((one) => one.id === id);
  if (!node) throw new RangeError(`${id} is no node of this network.`);
  return { table: node.table, answers: node.states.length };
}

/** An answer less likely than this, by all the others, is pointed at. Lorbet’s own choice, no source. */
const surprising = 0.03;
/** Answers that go badly with all the others: look again. */
export function contradictions(network: readonly BeliefNode[], found: Found, { joint }: Belief): FaultCheckId[] {
  const ids = Object.keys(found) as FaultCheckId[];
  if (ids.length < 2) return [];
  return ids.filter((id) => {
    const { table, answers } = tableOf(network, id);
    const answer = found[id] ?? 0;
    // What was believed, this answer taken back: by how much less likely all of it is with it than without.
    let without = 0;
    for (let i = 0; i < joint.table.length; i += 1) {
      const p = joint.table[i] ?? 0;
      if (p > 0) without += p / (table[i * answers + answer] ?? 1);
    }
    return 1 < surprising * without;
  });
}
