import type { BeliefNode, Factor } from './belief';
import { causeStates } from './faultNetwork';
import { unsafeCauses } from './mustNotBeLit';

/** What the answer to a check is expected to tell. */
export interface Expected {
  /** of what is wrong, bits */ bits: number;
  /** chance that a cause is found by it */ finds: number;
  /** of whether what may poison or burn is there, bits */ safety: number;
}
/** A cause that stands over this is taken to be it. */
export const foundAt = 0.9;
/** Cases less likely than this change nothing of which check is next. */
const negligible = 1e-6;

export const plogp = (p: number): number => (p > 0 ? p * Math.log2(p) : 0);

/** The tables of many checks side by side, a row a case: all that one case says lies together. */
interface Rows {
  /** where the answers of each check begin in a row, and where the last ends */ starts: Int32Array;
  chances: Float64Array;
  /** how unsure each case leaves the answer to each check, bits */ unsure: Float64Array;
}
const rows = new WeakMap<BeliefNode, Rows>();
/** Made once for checks that come together, known by the first of them. */
function rowsOf(nodes: readonly BeliefNode[]): Rows {
  const [first] = nodes;
  const kept = first && rows.get(first);
  if (kept && kept.starts.length === nodes.length + 1) return kept;
  const starts = new Int32Array(nodes.length + 1);
  nodes.forEach(({ states }, n) => (starts[n + 1] = (starts[n] ?? 0) + states.length));
  const columns = starts.at(-1) ?? 0;
  const cases = causeStates.length ** 2;
  const made = { starts, chances: new Float64Array(cases * columns), unsure: new Float64Array(cases * nodes.length) };
  for (const [n, { table, states }] of nodes.entries())
    for (let i = 0; i < cases; i += 1) {
      let bits = 0;
      for (let k = 0; k < states.length; k += 1) {
        const chance = table[i * states.length + k] ?? 0;
        made.chances[i * columns + (starts[n] ?? 0) + k] = chance;
        bits -= plogp(chance);
      }
      made.unsure[i * nodes.length + n] = bits;
    }
  if (first) rows.set(first, made);
  return made;
}
const isUnsafe = causeStates.map((id) => (unsafeCauses as readonly string[]).includes(id));

/** Adds some numbers, each so many times, to others. Each index lies within its array, and this runs through millions: it is not asked. */
function addTimes(to: Float64Array, toAt: number, from: Float64Array, fromAt: number, n: number, times: number): void {
  for (let k = 0; k < n; k += 1) to[toAt + k] = (to[toAt + k] as number) + times * (from[fromAt + k] as number);
}

/**
 * What the answer to each of many checks is expected to tell, by id.
 * @param nodes checks, always the same ones in one order for the same first one
 * @source mutual information: what the answer is unsure by, less what it would be where the case were known
 */
export function expectedOfAll(joint: Factor, nodes: readonly BeliefNode[]): Map<string, Expected> {
  const size = causeStates.length;
  const { starts, chances, unsure } = rowsOf(nodes);
  const columns = starts.at(-1) ?? 0;
  const [bad, known] = [new Float64Array(columns), new Float64Array(nodes.length)];
  const [first, other] = [new Float64Array(size * columns), new Float64Array(size * columns)];
  let [unsafe, all] = [0, 0];
  for (let i = 0; i < joint.table.length; i += 1) {
    const p = joint.table[i] ?? 0;
    if (p < negligible) continue;
    const [a, b] = [Math.floor(i / size), i % size];
    all += p;
    addTimes(known, 0, unsure, i * nodes.length, nodes.length, p);
    addTimes(first, a * columns, chances, i * columns, columns, p);
    if (b > 0) addTimes(other, b * columns, chances, i * columns, columns, p);
    if (isUnsafe[a] !== true && isUnsafe[b] !== true) continue;
    unsafe += p;
    addTimes(bad, 0, chances, i * columns, columns, p);
  }
  // Every case has one first cause, or none.
  const sums = new Float64Array(columns);
  for (let at = 0; at < first.length; at += 1) sums[at % columns] = (sums[at % columns] ?? 0) + (first[at] ?? 0);
  const told = new Map<string, Expected>();
  for (const [n, { id }] of nodes.entries()) {
    let [bits, finds, safety] = [-(known[n] ?? 0), 0, -plogp(unsafe) - plogp(all - unsafe)];
    for (let c = starts[n] ?? 0; c < (starts[n + 1] ?? 0); c += 1) {
      const [sum, unsafeSum] = [sums[c] ?? 0, bad[c] ?? 0];
      bits -= plogp(sum);
      safety += plogp(unsafeSum) + plogp(sum - unsafeSum) - plogp(sum);
      // The first state is that there is no cause.
      for (let cause = 1; cause < size; cause += 1)
        if ((first[cause * columns + c] ?? 0) + (other[cause * columns + c] ?? 0) >= foundAt * sum) {
          finds += sum;
          break;
        }
    }
    told.set(id, { bits: Math.max(0, bits), finds, safety: Math.max(0, safety) });
  }
  return told;
}
