import { within } from '../within';

/** What joins two nodes: a resistance, and a source within it where there is one. */
export interface Branch {
  id: string;
  from: string;
  to: string;
  /** Ω, 0 or more; what costs nothing counts as a thousandth of a milliohm */ ohm: number;
  /** V by which its source lifts `to` over `from`; 0 where there is none */ emfV?: number;
}
/** What draws a current, whatever its volts are. */
export interface Draw {
  from: string;
  to: string;
  /** A */ amps: number;
}
export interface Circuit {
  branches: readonly Branch[];
  draws: readonly Draw[];
  /** the node that counts as 0 V */ ground: string;
}
export interface Solved {
  /** V over the ground; nothing of what no branch joins to it */ volts: ReadonlyMap<string, number>;
  /** A from `from` to `to` */ amps: ReadonlyMap<string, number>;
}
/** Ω: what costs nothing has to cost something, or its current could not be told. */
export const leastOhm = 1e-6;

/** Ω and V as what joins a node to others, and what is fed into it. */
class Node {
  /** S to each node next to it */ readonly next = new Map<Node, number>();
  /** A fed in */ fed = 0;
  volts: number | null = null;
}

/** Nodes that branches join to the ground. */
function joined(ground: Node): Set<Node> {
  const found = new Set([ground]);
  for (const node of found) for (const other of node.next.keys()) found.add(other);
  return found;
}

/**
 * Volts of every node that hangs together with the ground: one node after the other is taken out, and what it joined is joined without it
 * (star to mesh); then they are put back in turn. Where wires mostly run in rows, as in a loom, no node has many neighbours, and nothing is
 * ever taken off: no figure loses its digits.
 */
function settle(ground: Node): void {
  const left = joined(ground);
  left.delete(ground);
  const out: { node: Node; next: [Node, number][]; sum: number }[] = [];
  while (left.size > 0) {
    let node: Node | null = null;
    for (const one of left) {
      if (!node || one.next.size < node.next.size) node = one;
      if (node.next.size <= 2) break;
    }
    if (!node) break;
    const next = [...node.next];
    const sum = next.reduce((all, [, siemens]) => all + siemens, 0);
    next.forEach(([one, g], i) => {
      one.next.delete(node);
      one.fed += (node.fed * g) / sum;
      for (const [other, h] of next.slice(i + 1)) {
        const more = (g * h) / sum;
        one.next.set(other, (one.next.get(other) ?? 0) + more);
        other.next.set(one, (other.next.get(one) ?? 0) + more);
      }
    });
    out.push({ node, next, sum });
    left.delete(node);
  }
  ground.volts = 0;
  for (const { node, next, sum } of out.reverse())
    node.volts = (node.fed + next.reduce((all, [one, g]) => all + g * (one.volts ?? 0), 0)) / sum;
}

/**
 * Volts at every node and amps in every branch of a circuit of direct current, by nodal analysis.
 * @returns what nothing joins to the ground has no volts, and no current
 * @throws RangeError naming quantity, value and bounds
 * @source Kirchhoff; star-mesh transformation (Rosen 1924, from memory)
 * @example solveCircuit({ ground: '0', branches: [{ id: 'cell', from: '0', to: 'a', ohm: 1, emfV: 10 }, { id: 'r', from: 'a', to: '0', ohm: 4 }], draws: [] }).volts.get('a') // 8
 */
export function solveCircuit({ branches, draws, ground }: Circuit): Solved {
  const nodes = new Map<string, Node>([[ground, new Node()]]);
  const nodeOf = (name: string): Node => {
    const known = nodes.get(name);
    if (known) return known;
    const made = new Node();
    nodes.set(name, made);
    return made;
  };
  const ohmOf = ({ ohm }: Branch) => Math.max(leastOhm, within('resistance', ohm, 'Ω', { min: 0 }));
  for (const branch of branches) {
    if (branch.from === branch.to) continue;
    const [from, to, siemens] = [nodeOf(branch.from), nodeOf(branch.to), 1 / ohmOf(branch)];
    from.next.set(to, (from.next.get(to) ?? 0) + siemens);
    to.next.set(from, (to.next.get(from) ?? 0) + siemens);
    to.fed += (branch.emfV ?? 0) * siemens;
    from.fed -= (branch.emfV ?? 0) * siemens;
  }
  const reached = joined(nodeOf(ground));
  for (const { from, to, amps } of draws) {
    const [a, b] = [nodes.get(from), nodes.get(to)];
    if (!a || !b || !reached.has(a) || !reached.has(b)) continue;
    a.fed -= amps;
    b.fed += amps;
  }
  settle(nodeOf(ground));
  const volts = new Map(
    [...nodes].flatMap(([name, node]): [string, number][] => (node.volts === null ? [] : [[name, node.volts]])),
  );
  const amps = new Map(
    branches.map((branch) => {
      const [a, b] = [volts.get(branch.from), volts.get(branch.to)];
      const none = a === undefined || b === undefined || branch.from === branch.to;
      return [branch.id, none ? 0 : (a - b + (branch.emfV ?? 0)) / ohmOf(branch)];
    }),
  );
  return { volts, amps };
}
