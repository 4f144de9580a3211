/** One thing that may be in one of several states, by chance and by what it hangs on. */
export interface BeliefNode {
  id: string;
  states: readonly string[];
  parents: readonly string[];
  /** chance of each state for each combination of the parents' states: the node's own state counts fastest, then the last parent's */ table: Float64Array;
}
/** What is known of nodes: how likely each state makes what was seen; one of 1 among noughts where the state itself was seen. */
export type Evidence = Readonly<Record<string, readonly number[]>>;
/** A table over several nodes: the last one's state counts fastest. */
export interface Factor {
  over: readonly string[];
  sizes: readonly number[];
  table: Float64Array;
}

const product = (sizes: readonly number[]): number => sizes.reduce((all, one) => all * one, 1);
/** How far one step of each node of `over` goes in a factor; 0 where it does not hang on it. */
const stridesIn = (factor: Factor, over: readonly string[]): number[] =>
  over.map((id) => {
    const place = factor.over.indexOf(id);
    return place < 0 ? 0 : product(factor.sizes.slice(place + 1));
  });

function multiplied(factors: readonly Factor[], sizeOf: (id: string) => number): Factor {
  const over = [...new Set(factors.flatMap((factor) => factor.over))];
  const sizes = over.map(sizeOf);
  const table = new Float64Array(product(sizes)).fill(1);
  for (const factor of factors) {
    if (factor.over.length === over.length && factor.over.every((id, i) => id === over[i])) {
      const own = factor.table;
      for (let i = 0; i < table.length; i += 1) table[i] = (table[i] ?? 0) * (own[i] ?? 0);
      continue;
    }
    const strides = stridesIn(factor, over);
    const at = over.map(() => 0);
    let from = 0;
    for (let i = 0; i < table.length; i += 1) {
      table[i] = (table[i] ?? 0) * (factor.table[from] ?? 0);
      for (let k = over.length - 1; k >= 0; k -= 1) {
        const next = (at[k] ?? 0) + 1;
        if (next < (sizes[k] ?? 0)) {
          at[k] = next;
          from += strides[k] ?? 0;
          break;
        }
        at[k] = 0;
        from -= (strides[k] ?? 0) * ((sizes[k] ?? 0) - 1);
      }
    }
  }
  return { over, sizes, table };
}
/** A node is done with: its states are added up. */
function summedOut(factor: Factor, id: string): Factor {
  const place = factor.over.indexOf(id);
  const [size = 1] = factor.sizes.slice(place, place + 1);
  const inner = product(factor.sizes.slice(place + 1));
  const table = new Float64Array(factor.table.length / size);
  for (let i = 0; i < factor.table.length; i += 1)
    table[Math.floor(i / (inner * size)) * inner + (i % inner)] =
      (table[Math.floor(i / (inner * size)) * inner + (i % inner)] ?? 0) + (factor.table[i] ?? 0);
  return { over: factor.over.filter((one) => one !== id), sizes: factor.sizes.filter((_, i) => i !== place), table };
}
/** A node was seen in one of its states: only that part of a table is left. */
function seenIn(factor: Factor, id: string, state: number): Factor {
  const place = factor.over.indexOf(id);
  if (place < 0) return factor;
  const size = factor.sizes[place] ?? 1;
  const inner = product(factor.sizes.slice(place + 1));
  const table = new Float64Array(factor.table.length / size);
  if (inner === 1) for (let i = 0; i < table.length; i += 1) table[i] = factor.table[i * size + state] ?? 0;
  else
    for (let i = 0; i < table.length; i += 1)
      table[i] = factor.table[Math.floor(i / inner) * inner * size + state * inner + (i % inner)] ?? 0;
  return { over: factor.over.filter((one) => one !== id), sizes: factor.sizes.filter((_, i) => i !== place), table };
}
function ordered(factor: Factor, over: readonly string[], sizeOf: (id: string) => number): Factor {
  const ones: Factor = { over, sizes: over.map(sizeOf), table: new Float64Array(product(over.map(sizeOf))).fill(1) };
  return multiplied([ones, factor], sizeOf);
}

/**
 * The chance of all states of some nodes together, given what is known of others; exact.
 * @param wanted nodes asked for, in the order in which the answer counts them
 * @returns their table, which adds up to 1, and the chance of the evidence itself; null where the evidence can't be
 * @throws RangeError for a node that is not in the network, or evidence of another length than its states
 * @source variable elimination, the node whose table is smallest first; a general method
 */
export function jointOf(
  network: readonly BeliefNode[],
  evidence: Evidence,
  wanted: readonly string[],
): { joint: Factor; chance: number } | null {
  const nodes = new Map(network.map((node) => [node.id, node]));
  const node = (id: string): BeliefNode => {
    const found = nodes.get(id);
    if (!found) throw new RangeError(`${id} is no node of this network.`);
    return found;
  };
  const sizeOf = (id: string): number => node(id).states.length;
  // What neither is asked for nor known, nor leads to such, tells nothing.
  const needed = new Set<string>();
  const reach = (id: string): void => {
    if (needed.has(id)) return;
    needed.add(id);
    node(id).parents.forEach(reach);
  };
  [...wanted, ...Object.keys(evidence)].forEach(reach);
  let factors: Factor[] = [...needed].map((id) => {
    const { parents, table } = node(id);
    const over = [...parents, id];
    return { over, sizes: over.map(sizeOf), table };
  });
  const seen = new Set<string>();
  for (const [id, likelihood] of Object.entries(evidence)) {
    if (likelihood.length !== sizeOf(id))
      throw new RangeError(`Evidence of ${id} has ${likelihood.length} figures; its states are ${sizeOf(id)}.`);
    const only = likelihood.findIndex((one) => one > 0);
    if (likelihood[only] === 1 && likelihood.every((one, i) => i === only || one === 0) && !wanted.includes(id)) {
      factors = factors.map((factor) => seenIn(factor, id, only));
      seen.add(id);
    } else factors.push({ over: [id], sizes: [likelihood.length], table: Float64Array.from(likelihood) });
  }
  const open = new Set([...needed].filter((id) => !wanted.includes(id) && !seen.has(id)));
  while (open.size > 0) {
    const cost = (id: string): number =>
      product([...new Set(factors.filter(({ over }) => over.includes(id)).flatMap(({ over }) => over))].map(sizeOf));
    const next = [...open].reduce((best, id) => (cost(id) < cost(best) ? id : best));
    open.delete(next);
    const touched = factors.filter(({ over }) => over.includes(next));
    factors = [...factors.filter(({ over }) => !over.includes(next)), summedOut(multiplied(touched, sizeOf), next)];
  }
  const joint = ordered(multiplied(factors, sizeOf), wanted, sizeOf);
  const chance = joint.table.reduce((sum, one) => sum + one, 0);
  return chance > 0 ? { joint: { ...joint, table: joint.table.map((one) => one / chance) }, chance } : null;
}

/** The chance of each state of one node of a joint table. */
export function marginalOf({ over, sizes, table }: Factor, id: string): number[] {
  const place = over.indexOf(id);
  const size = sizes[place] ?? 0;
  const inner = product(sizes.slice(place + 1));
  const marginal = new Array<number>(size).fill(0);
  for (let i = 0; i < table.length;) {
    const state = Math.floor(i / inner) % size;
    let sum = 0;
    for (const end = i + inner; i < end; i += 1) sum += table[i] ?? 0;
    marginal[state] = (marginal[state] ?? 0) + sum;
  }
  return marginal;
}
