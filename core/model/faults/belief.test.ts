import { infer, type INetwork } from 'bayesjs';
import fc from 'fast-check';
import { seeded } from '../../random/seeded';
import { jointOf, type BeliefNode } from './belief';
import { faultNetwork, usualWeights } from './faultNetwork';

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
