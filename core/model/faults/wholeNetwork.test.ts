import webppl from 'webppl';
import { sampleOf } from '../../../tests/seed';
import { seeded } from '../../random/seeded';
import { jointOf, marginalOf } from './belief';
import { causeStates, faultCheckIds, faultNetwork, firstCause, otherCause, usualWeights } from './faultNetwork';

/** The network told as a program: a cause, another one, and what was found of each; checks that nobody made tell nothing of either. */
const program = `
map(function(set) {
  var cases = Infer({ method: 'enumerate', model: function() {
    var one = sample(Discrete({ ps: ofCauses }));
    var other = sample(Discrete({ ps: ofOthers[one] }));
    map(function(it) { observe(Discrete({ ps: ofChecks[it.id][one * ofCauses.length + other] }), it.seen) }, set);
    return one * ofCauses.length + other;
  } });
  return map(function(at) { return Math.exp(cases.score(at)) }, _.range(ofCauses.length * ofCauses.length));
}, setsSeen)`;
const size = causeStates.length;
const network = faultNetwork(usualWeights);
const rowsOf = (id: string): number[][] => {
  const { states, table } = network.find((one) => one.id === id) ?? { states: [], table: new Float64Array() };
  return Array.from({ length: table.length / states.length }, (_, at) => [
    ...table.slice(at * states.length, (at + 1) * states.length),
  ]);
};

test('the whole network, by evidence drawn at random, is answered as webppl enumerates it, to a thousand-millionth', () => {
  const draw = seeded(20);
  const sets = Array.from({ length: sampleOf(300, 12) }, () => {
    const ids = new Set(
      Array.from(
        { length: 1 + Math.floor(draw() * 8) },
        () => faultCheckIds[Math.floor(draw() * faultCheckIds.length)] ?? 'symptom',
      ),
    );
    return [...ids].map((id) => ({ id, seen: Math.floor(draw() * rowsOf(id)[0]!.length) }));
  });
  Object.assign(globalThis, {
    ofCauses: rowsOf(firstCause)[0],
    ofOthers: rowsOf(otherCause),
    ofChecks: Object.fromEntries(sets.flat().map(({ id }) => [id, rowsOf(id)])),
    setsSeen: sets,
  });
  let library: number[][] = [];
  webppl.run(program, (_store, value) => (library = value as number[][]));
  expect(library).toHaveLength(sets.length);
  let worst = 0;
  for (const [n, set] of sets.entries()) {
    const evidence = set.map(({ id, seen }) => [id, rowsOf(id)[0]!.map((_, k) => (k === seen ? 1 : 0))] as const);
    const found = jointOf(network, Object.fromEntries(evidence), [firstCause, otherCause]);
    library[n]?.forEach((p, at) => (worst = Math.max(worst, Math.abs(p - (found?.joint.table[at] ?? NaN)))));
    expect(found && marginalOf(found.joint, firstCause).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  }
  expect(worst).toBeLessThan(1e-9);
  expect(library[0]).toHaveLength(size * size);
}, 900_000);
