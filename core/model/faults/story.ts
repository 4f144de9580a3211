import type { BeliefNode } from './belief';
import { causeIds, type CauseId } from './causes';
import { causeStates, withCases } from './faultNetwork';
import { believe, type Belief, type Found } from './nextCheck';

/** What was found, and the cause that was mended then, though it was not right after. */
export interface Mended {
  found: Found;
  mended: CauseId;
}

/** Chances of what is left once a cause was mended and it is not right yet: another that was there besides, or another that it was all along. */
function leftAfter({ joint }: Belief, mended: CauseId): Float64Array {
  const size = causeStates.length;
  const gone = causeIds.indexOf(mended) + 1;
  const left = new Float64Array(joint.table.length);
  joint.table.forEach((p, i) => {
    const [a, b] = [Math.floor(i / size), i % size];
    const [one, two] = [a === gone ? 0 : a, b === gone ? 0 : b];
    if (one === 0 && two === 0) return;
    const at = one === 0 ? two * size : one * size + two;
    left[at] = (left[at] ?? 0) + p;
  });
  const sum = left.reduce((all, one) => all + one, 0);
  return left.map((one) => one / sum);
}

/**
 * What is believed after causes were mended one after the other and it was still not right: each time what is left begins anew from what was known then,
 * and what is found after it stands by itself.
 * @returns the belief, and the network as it stands now, for what to look at next
 */
export function believeAfter(
  network: readonly BeliefNode[],
  before: readonly Mended[],
  now: Found,
): { network: readonly BeliefNode[]; belief: Belief } {
  let left = network;
  for (const { found, mended } of before) left = withCases(left, leftAfter(believe(left, found), mended));
  return { network: left, belief: believe(left, now) };
}
