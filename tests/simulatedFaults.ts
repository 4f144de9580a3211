import { causeIds } from '../core/model/faults/causes';
import type { BeliefNode } from '../core/model/faults/belief';
import {
  causeStates,
  faultCheckIds,
  faultChecks,
  faultNetwork,
  weightsFor,
  type FaultCheckId,
} from '../core/model/faults/faultNetwork';
import { expectedOfAll, type Expected } from '../core/model/faults/expected';
import { believe, causeFound, checksOf, costOf, nextChecks, type Belief, type Found } from '../core/model/faults/nextCheck';
import { seeded } from '../core/random/seeded';

/** One fault, and what each check finds of it: drawn once, so that whoever looks in whatever order finds the same. */
export interface DrawnFault {
  at: number;
  finds: Readonly<Record<FaultCheckId, number>>;
}
export const network: readonly BeliefNode[] = faultNetwork(weightsFor('air'));
const checks = checksOf(network);
const nodes = new Map(network.map((one) => [one.id, one]));

/** Faults as often as they are met, with answers that err as often as the tables say. */
export function drawFaults(cases: number, seed: number): DrawnFault[] {
  const draw = seeded(seed);
  const pick = (chances: readonly number[]): number => {
    let rest = draw();
    const at = chances.findIndex((one) => (rest -= one) < 0);
    return at < 0 ? chances.length - 1 : at;
  };
  const weights = weightsFor('air');
  const all = causeIds.reduce((sum, id) => sum + weights[id], 0);
  return Array.from({ length: cases }, () => {
    const at = pick(causeIds.map((id) => weights[id] / all));
    const row = (at + 1) * causeStates.length;
    const found = (id: FaultCheckId): number => {
      const states = nodes.get(id)?.states.length ?? 0;
      return pick([...(nodes.get(id)?.table.slice(row * states, (row + 1) * states) ?? [])]);
    };
    return { at, finds: Object.fromEntries(faultCheckIds.map((id) => [id, found(id)])) as DrawnFault['finds'] };
  });
}

/** What a build whose figures are measured answers by itself, as `knownSigns` does; of a start that was logged besides where there was one. */
const ofBuild = 'pumpAngle pumpArrow pumpHang filterArrow exhaustFall pipeLength mouths settings sensorPlace earthLook polarity feedLook newFit starts overPrimed'.split(' '); // prettier-ignore
const ofStart = ['restVolts', 'glowVolts', 'glowAmps', 'exhaustWarm'];
const startsTried = ['it lights and goes out', 'it starts, and does not light'];
export function knownOf({ finds }: DrawnFault): Found {
  const symptom = faultChecks.symptom.answers[finds.symptom] ?? '';
  const ids = [...ofBuild, ...(startsTried.includes(symptom) ? ofStart : [])] as FaultCheckId[];
  return Object.fromEntries(ids.map((id) => [id, finds[id]]));
}

/** What to look at next. @returns null where nothing tells any more */
export type Order = (belief: Belief, found: Found) => FaultCheckId | null;
export const byWorth: Order = (belief, found) =>
  nextChecks(network, belief, 'air', new Set(Object.keys(found) as FaultCheckId[]))[0]?.id ?? null;

/** The handbook’s telling checks, cheapest first, as they stand there; what it does not name after them, the quickest first. */
const named = 'code tankLevel pumpClicks fuelMoves bubbles glowVolts dose exhaustMouth intakeMouth exhaustThrough plugOhms plugPulled'.split(' '); // prettier-ignore
const rest = faultCheckIds
  .filter((id) => id !== 'symptom' && !named.includes(id))
  .sort((a, b) => faultChecks[a].minutes - faultChecks[b].minutes);
export const handbooksOrder: Order = (_belief, found) =>
  ([...named, ...rest] as FaultCheckId[]).find((id) => found[id] === undefined) ?? null;

export interface Sought {
  checks: number;
  minutes: number;
  /** it took so much, parts and what is taken apart counted in minutes */ cost: number;
  found: boolean;
  right: boolean;
}
/** At most so many checks; nobody looks on for longer. */
const patience = 25;
/** Looks for a fault in an order until a cause is found or nothing tells. @param known what need not be asked */
export function seek({ at, finds }: DrawnFault, order: Order, known: Found = {}): Sought {
  const found: Found = { ...known, symptom: finds.symptom };
  let [checks, minutes, cost] = [0, 0, 0];
  for (; checks < patience; checks += 1) {
    const belief = believe(network, found);
    const cause = causeFound(belief);
    if (cause) return { checks, minutes, cost, found: true, right: cause === causeIds[at] };
    const next = order(belief, found);
    if (!next) break;
    found[next] = finds[next];
    minutes += faultChecks[next].minutes;
    cost += costOf(faultChecks[next]);
  }
  return { checks, minutes, cost, found: false, right: false };
}
/** The value below which a share of them lies. */
export const hundredth = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? NaN;

const gain = ({ bits, finds, safety }: Expected): number => bits + 3 * finds + 4 * safety;
/**
 * Looks two steps ahead over all checks of either step: the check which, with the best that could follow each of its answers, is expected to tell most for
 * what both cost.
 */
export const twoSteps: Order = (belief, found) => {
  const asked = new Set(Object.keys(found) as FaultCheckId[]);
  const ranked = nextChecks(network, belief, 'air', asked);
  const costs = new Map(ranked.map(({ id, cost }) => [id, cost]));
  let best: { id: FaultCheckId; worth: number } | null = null;
  for (const first of ranked) {
    const node = nodes.get(first.id);
    if (!node) continue;
    const answers = node.states.length;
    let worth = 0;
    for (let a = 0; a < answers; a += 1) {
      const table = belief.joint.table.map((p, i) => p * (node.table[i * answers + a] ?? 0));
      const chance = table.reduce((sum, p) => sum + p, 0);
      if (chance < 1e-4) continue;
      const then = expectedOfAll({ ...belief.joint, table: table.map((p) => p / chance) }, checks);
      let second = gain(first) / Math.sqrt(first.cost);
      for (const [id, cost] of costs) {
        const told = then.get(id);
        if (id === first.id || !told) continue;
        second = Math.max(second, (gain(first) + gain({ ...told, safety: 0 })) / Math.sqrt(first.cost + cost));
      }
      worth += chance * second;
    }
    if (best === null || worth > best.worth) best = { id: first.id, worth };
  }
  return best?.id ?? null;
};
