import { infer, inferences, type INetwork } from 'bayesjs';
import fc from 'fast-check';
import { sampleOf } from '../../../tests/seed';
import { seeded } from '../../random/seeded';
import { jointOf, marginalOf, type BeliefNode } from './belief';
import { causeIds } from './causes';
import { causeStates, faultCheckIds, faultNetwork, firstCause, otherCause, usualWeights } from './faultNetwork';

const node = (id: string, states: string[], parents: string[], table: number[]): BeliefNode => ({
  id,
  states,
  parents,
  table: Float64Array.from(table),
});
const yesNo = ['yes', 'no'];
// By hand: rain 0.2; sprinkler on 0.01 in rain, 0.4 without; grass wet 0.99, 0.8, 0.9, 0.
const garden = [
  node('rain', yesNo, [], [0.2, 0.8]),
  node('sprinkler', yesNo, ['rain'], [0.01, 0.99, 0.4, 0.6]),
  node('wet', yesNo, ['sprinkler', 'rain'], [0.99, 0.01, 0.9, 0.1, 0.8, 0.2, 0, 1]),
];

describe('the worked example of rain, sprinkler and grass (from memory, a common textbook example; sums by hand)', () => {
  test('wet grass makes rain 0.3577 likely', () => {
    const found = jointOf(garden, { wet: [1, 0] }, ['rain']);
    // 0.2 (0.01 · 0.99 + 0.99 · 0.8) = 0.16038; 0.8 · 0.4 · 0.9 = 0.288
    expect(found?.joint.table[0]).toBeCloseTo(0.16038 / 0.44838, 12);
    expect(found?.chance).toBeCloseTo(0.44838, 12);
  });
  test('a sprinkler that is seen to run explains the wet grass away', () => {
    const found = jointOf(garden, { wet: [1, 0], sprinkler: [1, 0] }, ['rain']);
    expect(found?.joint.table[0]).toBeCloseTo((0.2 * 0.01 * 0.99) / (0.2 * 0.01 * 0.99 + 0.8 * 0.4 * 0.9), 12);
  });
  test('what is only likely seen counts by as much', () => {
    const found = jointOf(garden, { rain: [3, 1] }, ['rain']);
    expect(found?.joint.table[0]).toBeCloseTo(0.6 / 1.4, 12);
  });
  test('dry grass under a sprinkler in no rain that always wets it can’t be', () => {
    const always = [...garden.slice(0, 2), node('wet', yesNo, ['sprinkler', 'rain'], [1, 0, 1, 0, 1, 0, 0, 1])];
    expect(jointOf(always, { wet: [0, 1], sprinkler: [1, 0] }, ['rain'])).toBeNull();
  });
  test('evidence of another length than its states is refused in one sentence', () => {
    expect(() => jointOf(garden, { wet: [1] }, ['rain'])).toThrow('Evidence of wet has 1 figures; its states are 2.');
  });
});

/** A network of up to six nodes, each with up to three parents before it. */
const someNetwork = fc.integer({ min: 1, max: 1e9 }).map((seed) => {
  const draw = seeded(seed);
  const made: BeliefNode[] = [];
  for (let i = 0; i < 6; i += 1) {
    const states = Array.from({ length: 2 + Math.floor(draw() * 2) }, (_, k) => `s${k}`);
    const parents = made
      .filter(() => draw() < 0.45)
      .slice(0, 3)
      .map(({ id }) => id);
    const rows = parents.reduce((all, id) => all * (made.find((one) => one.id === id)?.states.length ?? 1), 1);
    const table = Array.from({ length: rows }, () => {
      const raw = states.map(() => 0.05 + draw());
      const sum = raw.reduce((a, b) => a + b, 0);
      return raw.map((one) => one / sum);
    }).flat();
    made.push(node(`n${i}`, states, parents, table));
  }
  return made;
});
/** The same network as the library wants it. */
function asBayes(network: readonly BeliefNode[]): INetwork {
  const byId = new Map(network.map((one) => [one.id, one]));
  const entries = network.map(({ id, states, parents, table }) => {
    const row = (at: number) => Object.fromEntries(states.map((state, k) => [state, table[at * states.length + k] ?? 0]));
    const sizes = parents.map((parent) => byId.get(parent)?.states.length ?? 1);
    const rows = sizes.reduce((a, b) => a * b, 1);
    const cpt =
      parents.length === 0
        ? row(0)
        : Array.from({ length: rows }, (_, at) => {
            let rest = at;
            const when: Record<string, string> = {};
            for (let i = parents.length - 1; i >= 0; i -= 1) {
              const size = sizes[i] ?? 1;
              when[parents[i] ?? ''] = byId.get(parents[i] ?? '')?.states[rest % size] ?? '';
              rest = Math.floor(rest / size);
            }
            return { when, then: row(at) };
          });
    const it: INetwork[string] = { id, states: [...states], parents: [...parents], cpt };
    return [id, it] as const;
  });
  return Object.fromEntries(entries);
}
test('networks of any shape are answered as bayesjs answers them, to a thousand-millionth', () => {
  fc.assert(
    fc.property(
      someNetwork,
      fc.integer({ min: 0, max: 5 }),
      fc.integer({ min: 0, max: 5 }),
      fc.integer({ min: 0, max: 5 }),
      (network, seen, also, asked) => {
        const given: Record<string, string> = {};
        for (const i of [seen, also]) if (i !== asked) given[`n${i}`] = network[i]?.states[0] ?? '';
        const wanted = network[asked];
        if (!wanted) return;
        const evidence = Object.fromEntries(
          Object.keys(given).map((id) => [
            id,
            (network.find((one) => one.id === id)?.states ?? []).map((_, k) => (k === 0 ? 1 : 0)),
          ]),
        );
        const ours = jointOf(network, evidence, [wanted.id]);
        const library = asBayes(network);
        wanted.states.forEach((state, k) => {
          expect(ours?.joint.table[k]).toBeCloseTo(infer(library, { [wanted.id]: state }, given), 9);
        });
      },
    ),
    { numRuns: 60 },
  );
});

/** The heater's own network with some of its causes and some of its checks: the tables are its own. */
function partOf(network: readonly BeliefNode[], causes: readonly number[], checks: readonly string[]): BeliefNode[] {
  const size = causeStates.length;
  const kept = [0, ...causes].sort((a, b) => a - b);
  const names = kept.map((i) => causeStates[i] ?? '');
  const share = (row: readonly number[]) => {
    const sum = row.reduce((a, b) => a + b, 0);
    return row.map((one, k) => (sum > 0 ? one / sum : k === 0 ? 1 : 0));
  };
  const table = (id: string) => network.find((one) => one.id === id)?.table ?? new Float64Array();
  const [first, other] = [table(firstCause), table(otherCause)];
  return [
    node(firstCause, names, [], share(kept.map((i) => first[i] ?? 0))),
    node(
      otherCause,
      names,
      [firstCause],
      kept.flatMap((i) => share(kept.map((j) => other[i * size + j] ?? 0))),
    ),
    ...checks.map((id) => {
      const states = (network.find((one) => one.id === id)?.states ?? []).map((_, k) => `s${k}`);
      const rows = kept.flatMap((i) => kept.map((j) => (i * size + j) * states.length));
      return node(
        id,
        states,
        [firstCause, otherCause],
        rows.flatMap((at) => [...table(id).slice(at, at + states.length)]),
      );
    }),
  ];
}
test('the heater’s own tables, eight causes and three checks at a time, are answered as bayesjs answers them', () => {
  const network = faultNetwork(usualWeights);
  const draw = seeded(31);
  const some = <T>(all: readonly T[], n: number) => [...all].sort(() => draw() - 0.5).slice(0, n);
  let worst = 0;
  for (let round = 0; round < sampleOf(300, 20); round += 1) {
    const causes = some(
      causeIds.map((_, i) => i + 1),
      8,
    );
    const checks = some(faultCheckIds, 3);
    const part = partOf(network, causes, checks);
    const seen = part.slice(2).map(({ id, states }) => ({ id, states, at: Math.floor(draw() * states.length) }));
    const evidence = Object.fromEntries(seen.map(({ id, states, at }) => [id, states.map((_, k) => (k === at ? 1 : 0))]));
    const given = Object.fromEntries(seen.map(({ id, at }) => [id, `s${at}`]));
    const asked = 1 + Math.floor(draw() * 8);
    const ours = jointOf(part, evidence, [firstCause])?.joint.table[asked] ?? NaN;
    const library = inferences.enumeration.infer(asBayes(part), { [firstCause]: part[0]?.states[asked] ?? '' }, given);
    worst = Math.max(worst, Math.abs(ours - library));
  }
  expect(worst).toBeLessThan(1e-9);
}, 200_000);

test('the network of a heater’s faults, by evidence drawn at random, is as the product of its tables summed by hand', () => {
  const network = faultNetwork(usualWeights);
  const [first, other] = [network[0], network[1]];
  const draw = seeded(20);
  const size = causeStates.length;
  for (let round = 0; round < sampleOf(300, 60); round += 1) {
    const evidence: Record<string, number[]> = {};
    for (let i = 0; i < 1 + Math.floor(draw() * 8); i += 1) {
      const id = faultCheckIds[Math.floor(draw() * faultCheckIds.length)] ?? 'symptom';
      const states = network.find((one) => one.id === id)?.states ?? [];
      const seen = Math.floor(draw() * states.length);
      evidence[id] = states.map((_, k) => (k === seen ? 1 : 0));
    }
    const found = jointOf(network, evidence, [firstCause, otherCause]);
    const raw = Array.from({ length: size * size }, (_, i) => {
      const prior = (first?.table[Math.floor(i / size)] ?? 0) * (other?.table[i] ?? 0);
      return Object.entries(evidence).reduce((product, [id, seen]) => {
        const it = network.find((one) => one.id === id);
        return product * (it?.table[i * seen.length + seen.indexOf(1)] ?? 0);
      }, prior);
    });
    const sum = raw.reduce((a, b) => a + b, 0);
    let worst = 0;
    found?.joint.table.forEach((p, i) => (worst = Math.max(worst, Math.abs(p - (raw[i] ?? 0) / sum))));
    expect(worst).toBeLessThan(1e-9);
    expect(found && marginalOf(found.joint, firstCause).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  }
});
test('each table of the heater’s network gives chances: none below nought, each row 1', () => {
  for (const { states, table } of faultNetwork(usualWeights)) {
    let [least, off] = [Infinity, 0];
    for (let at = 0; at < table.length; at += states.length) {
      const row = table.slice(at, at + states.length);
      least = Math.min(least, ...row);
      off = Math.max(off, Math.abs(row.reduce((a, b) => a + b, 0) - 1));
    }
    expect(least).toBeGreaterThanOrEqual(0);
    expect(off).toBeLessThan(1e-9);
  }
});
