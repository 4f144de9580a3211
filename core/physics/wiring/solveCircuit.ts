import { LuDecomposition, Matrix } from 'ml-matrix';
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

/** Nodes that branches join to the ground. */
function joined({ branches, ground }: Circuit): string[] {
  const next = new Map<string, string[]>();
  const lead = (a: string, b: string) => next.set(a, [...(next.get(a) ?? []), b]);
  for (const { from, to } of branches) {
    lead(from, to);
    lead(to, from);
  }
  const found = new Set([ground]);
  for (const node of found) for (const other of next.get(node) ?? []) found.add(other);
  return [...found];
}

/**
 * Volts at every node and amps in every branch of a circuit of direct current, by nodal analysis.
 * @returns what nothing joins to the ground has no volts, and no current
 * @throws RangeError naming quantity, value and bounds
 * @source Kirchhoff; LU decomposition by package ml-matrix
 * @example solveCircuit({ ground: '0', branches: [{ id: 'cell', from: '0', to: 'a', ohm: 1, emfV: 10 }, { id: 'r', from: 'a', to: '0', ohm: 4 }], draws: [] }).volts.get('a') // 8
 */
export function solveCircuit(circuit: Circuit): Solved {
  const { branches, draws, ground } = circuit;
  const nodes = joined(circuit).filter((node) => node !== ground);
  const at = new Map(nodes.map((node, i) => [node, i]));
  const known = (node: string) => node === ground || at.has(node);
  const conducts = Matrix.zeros(nodes.length, nodes.length);
  const flows = Matrix.zeros(nodes.length, 1);
  const add = (a: string, b: string, siemens: number) => {
    const [i, j] = [at.get(a), at.get(b)];
    if (i !== undefined) conducts.set(i, i, conducts.get(i, i) + siemens);
    if (i !== undefined && j !== undefined) conducts.set(i, j, conducts.get(i, j) - siemens);
  };
  const feed = (node: string, amps: number) => {
    const i = at.get(node);
    if (i !== undefined) flows.set(i, 0, flows.get(i, 0) + amps);
  };
  const ohmOf = ({ ohm }: Branch) => Math.max(leastOhm, within('resistance', ohm, 'Ω', { min: 0 }));
  for (const branch of branches) {
    if (!known(branch.from) || branch.from === branch.to) continue;
    const siemens = 1 / ohmOf(branch);
    add(branch.from, branch.to, siemens);
    add(branch.to, branch.from, siemens);
    feed(branch.to, (branch.emfV ?? 0) * siemens);
    feed(branch.from, -(branch.emfV ?? 0) * siemens);
  }
  for (const { from, to, amps } of draws) {
    if (!known(from) || !known(to)) continue;
    feed(from, -amps);
    feed(to, amps);
  }
  const found = nodes.length === 0 ? flows : new LuDecomposition(conducts).solve(flows);
  const volts = new Map<string, number>([[ground, 0], ...nodes.map((node, i): [string, number] => [node, found.get(i, 0)])]);
  const amps = new Map(
    branches.map((branch) => {
      const [a, b] = [volts.get(branch.from), volts.get(branch.to)];
      const none = a === undefined || b === undefined || branch.from === branch.to;
      return [branch.id, none ? 0 : (a - b + (branch.emfV ?? 0)) / ohmOf(branch)];
    }),
  );
  return { volts, amps };
}
