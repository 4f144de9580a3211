import { ambientShare, ampacityA, bundleShare } from '../../physics/wiring/ampacityA';
import { fuseOpens } from '../../physics/wiring/fuseOpens';
import { solveCircuit, type Branch } from '../../physics/wiring/solveCircuit';
import { spoiltShare, type Pulse } from '../../physics/wiring/withstand';
import type { Reader } from '../../reading/Reader';
import { insulationOf, loomOf, opens, pole, type Cable, type Loom, type LoomPart } from './loomOf';

/** What a chafed wire touches metal with, Ω. Lorbet’s own choice, no source: a dead short, as nearly as one is met. */
const faultOhm = 0.002;

/** Of two fuses of a family the one of half the rating opens first, however much flows: the band tells nothing of that. Common practice, no source. */
const selects = 2;

/** What guards a part of the loom, since it opens where too much flows. */
const guardsOf = (loom: Loom): LoomPart[] =>
  loom.parts.filter(
    ({ kind, ratingA, open }) => opens.includes(kind) && (kind === 'fuse' || ratingA !== undefined) && open !== 'yes',
  );
const guardBranches = (loom: Loom): ReadonlySet<string> => new Set(guardsOf(loom).map(({ id }) => id));

/** Wires of the plus that nothing guards: they hang on a source whatever opens. */
export function unguarded(loom: Loom): Cable[] {
  const guards = guardBranches(loom);
  const next = new Map<string, string[]>();
  for (const { id, from, to } of loom.branches) {
    if (guards.has(id) || loom.sources.some((source) => source.id === id)) continue;
    next.set(from, [...(next.get(from) ?? []), to]);
    next.set(to, [...(next.get(to) ?? []), from]);
  }
  // A mains supply limits itself; a battery does not.
  const live = new Set(loom.sources.filter(({ kind }) => kind === 'battery').map(({ id }) => pole(id, 'plus')));
  for (const node of live) for (const other of next.get(node) ?? []) live.add(other);
  const ends = new Map(loom.branches.map((branch) => [branch.id, branch]));
  return loom.cables.filter(({ id, wire }) => {
    const branch = ends.get(id);
    return wire === 'plus' && branch !== undefined && (live.has(branch.from) || live.has(branch.to));
  });
}

export interface OpensFirst {
  part: LoomPart;
  /** A through it when it opens */ amps: number;
  leastS: number;
  mostS: number;
}
export interface Short {
  /** the wire at whose far end it is */ cable: Cable;
  /** A at first, before anything opens */ amps: number;
  /** what opens, in the order in which it opens; nothing where nothing does */ opened: OpensFirst[];
  /** something else might open before the first of them */ alsoOpens: LoomPart | null;
  /** of all that its current passes, what has the least rating */ guard: LoomPart | null;
  /** what comes nearest to opening and does not */ holds: LoomPart | null;
  /** A that flow on for ever, once all has opened that will */ flowsOnA: number;
  /** the wire that it harms first, with what it gets over what it bears: above 1 its insulation is spoilt */
  worst: { cable: Cable; share: number } | null;
}

/** A dead short of a node to where it does most harm, the nearest minus. */
function shortAt(loom: Loom, cable: Cable, node: string, free: ReadonlySet<string>): Short {
  const fault: Branch = { id: 'fault', from: node, to: loom.ground, ohm: faultOhm };
  let live = loom.branches;
  const heated = new Map<string, Pulse[]>();
  const opened: OpensFirst[] = [];
  let alsoOpens: LoomPart | null = null;
  let first = 0;
  let flowsOnA = 0;
  let holds: LoomPart | null = null;
  let guard: LoomPart | null = null;
  const guards = guardsOf(loom);
  for (let round = 0; round <= guards.length; round += 1) {
    const { amps } = solveCircuit({ branches: [...live, fault], draws: [], ground: loom.ground });
    const faultA = Math.abs(amps.get('fault') ?? 0);
    if (round === 0) {
      first = faultA;
      const through = Math.abs(amps.get(cable.id) ?? 0);
      const passed = guards.filter(({ id }) => through > 0.1 && Math.abs(amps.get(id) ?? 0) >= through * 0.999);
      guard = passed.sort((a, b) => (a.ratingA ?? 0) - (b.ratingA ?? 0))[0] ?? null;
    }
    flowsOnA = faultA;
    if (faultA < 0.1) break;
    const all = guards
      .filter(({ id }) => !opened.some(({ part }) => part.id === id))
      .map((part) => {
        const throughA = Math.abs(amps.get(part.id) ?? 0);
        return { part, amps: throughA, ...fuseOpens(throughA / (part.ratingA ?? Infinity)) };
      });
    const times = all
      .filter(({ mostS }) => Number.isFinite(mostS))
      .sort((a, b) => a.mostS - b.mostS || (a.part.ratingA ?? 0) - (b.part.ratingA ?? 0));
    const next = times[0];
    const seconds = next?.mostS ?? Infinity;
    for (const { id } of loom.cables) {
      const throughA = Math.abs(amps.get(id) ?? 0);
      if (throughA > 0.1) heated.set(id, [...(heated.get(id) ?? []), { amps: throughA, seconds }]);
    }
    if (!next) {
      const share = ({ part, amps: through }: OpensFirst) => through / (part.ratingA ?? Infinity);
      holds = [...all].sort((a, b) => share(b) - share(a))[0]?.part ?? null;
      break;
    }
    if (round === 0)
      alsoOpens =
        times.slice(1).find(({ part, leastS }) => leastS < next.mostS && (part.ratingA ?? 0) < selects * (next.part.ratingA ?? 0))
          ?.part ?? null;
    opened.push(next);
    live = live.filter(({ id }) => id !== next.part.id && id !== `${next.part.id}:minus`);
  }
  const worst = loom.cables
    // What nothing guards is told apart, by its length.
    .filter(({ id }) => heated.has(id) && !free.has(id))
    .map((one) => {
      const insulationC = insulationOf(one);
      const carriesA = ampacityA(one.areaMm2, insulationC) * bundleShare(one.bundled ?? 1);
      return { cable: one, share: spoiltShare({ areaMm2: one.areaMm2, insulationC, carriesA }, heated.get(one.id) ?? []) };
    })
    .sort((a, b) => b.share - a.share)[0];
  return { cable, amps: first, opened, alsoOpens, guard, holds, flowsOnA, worst: worst ?? null };
}

/** A short at the far end of every wire of the plus that something guards. */
export const loomShorts = (read: Reader): readonly Short[] => read.shared('loom shorts', readShorts);
function readShorts(read: Reader): Short[] {
  const loom = loomOf(read);
  const free = new Set(unguarded(loom).map(({ id }) => id));
  const distance = alongPlus(loom);
  return loom.cables.flatMap((cable) => {
    const branch = loom.branches.find(({ id }) => id === cable.id);
    if (!branch || cable.wire !== 'plus' || free.has(cable.id)) return [];
    const ends = [branch.from, branch.to].filter((node) => distance.has(node));
    const far = ends.sort((a, b) => (distance.get(b) ?? 0) - (distance.get(a) ?? 0))[0];
    return far === undefined ? [] : [shortAt(loom, cable, far, free)];
  });
}

/** Ω from the nearest source to every node of the plus. */
function alongPlus(loom: Loom): Map<string, number> {
  const found = new Map(loom.sources.map(({ id }): [string, number] => [pole(id, 'plus'), 0]));
  const sources = new Set(loom.sources.map(({ id }) => id));
  for (let i = 0; i <= loom.branches.length; i += 1) {
    let changed = false;
    for (const { id, from, to, ohm } of loom.branches) {
      if (sources.has(id)) continue;
      for (const [a, b] of [
        [from, to],
        [to, from],
      ] as const) {
        const reached = (found.get(a) ?? Infinity) + ohm;
        if (reached < (found.get(b) ?? Infinity) - 1e-12) {
          found.set(b, reached);
          changed = true;
        }
      }
    }
    if (!changed) break;
  }
  return found;
}

/** What a wire may carry, and the least of what guards it. */
export interface Carries {
  cable: Cable;
  tableA: number;
  balanceA: number;
  /** null where nothing guards it */ guard: LoomPart | null;
}
/** Every wire of the plus with what it may carry and what guards it: of all that opens behind which it lies, the least. */
export function loomCarries(read: Reader): Carries[] {
  const loom = loomOf(read);
  const around = read.maybe('wiring.cableC') ?? 30;
  const shorts = new Map(loomShorts(read).map((short) => [short.cable.id, short]));
  return loom.cables.flatMap((cable): Carries[] => {
    if (cable.wire !== 'plus') return [];
    const rated = insulationOf(cable);
    const share = ambientShare(cable.ambientC ?? around, rated);
    const plainA = ampacityA(cable.areaMm2, rated) * bundleShare(cable.bundled ?? 1);
    const guard = shorts.get(cable.id)?.guard ?? null;
    return [{ cable, tableA: plainA * share.table, balanceA: plainA * Math.min(share.table, share.balance), guard }];
  });
}
/** The least of what the heater’s current passes; null where nothing on its way opens. */
export function feedGuard(loom: Loom): LoomPart | null {
  const { amps } = loom.at('start');
  const draws = loom.draws.start[0]?.amps ?? 0;
  const passed = guardsOf(loom).filter(({ id }) => Math.abs(amps.get(id) ?? 0) > draws * 0.05);
  return passed.sort((a, b) => (a.ratingA ?? 0) - (b.ratingA ?? 0))[0] ?? null;
}
