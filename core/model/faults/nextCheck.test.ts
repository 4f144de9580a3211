import { seeded } from '../../random/seeded';
import { marginalOf } from './belief';
import { causeIds, faultCauses, type CauseId } from './causes';
import {
  causeStates,
  faultCheckIds,
  faultChecks,
  faultNetwork,
  firstCause,
  weightsFor,
  type CauseWeights,
  type FaultCheckId,
} from './faultNetwork';
import {
  believe,
  causeFound,
  contradictions,
  costOf,
  expectedOf,
  likeliest,
  nextChecks,
  outcomesOf,
  type Found,
} from './nextCheck';

const network = faultNetwork(weightsFor('air'));
const answerOf = (id: FaultCheckId, text: string): number => {
  const at = faultChecks[id].answers.findIndex((one) => one === text);
  if (at < 0) throw new Error(`${id} has no answer “${text}”`);
  return at;
};
const notLit: Found = { symptom: answerOf('symptom', 'it starts, and does not light') };
const asked = (found: Found): Set<FaultCheckId> => new Set(Object.keys(found) as FaultCheckId[]);

test('what a check is expected to tell is what an enumeration of its answers gives', () => {
  const found: Found = { ...notLit, pumpClicks: answerOf('pumpClicks', 'it is silent') };
  const belief = believe(network, found);
  const entropy = (table: Float64Array) => -table.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0);
  for (const id of ['fuseLook', 'glowAmps', 'code', 'fanTurns', 'newPlug'] as const) {
    const node = network.find((one) => one.id === id);
    if (!node) throw new Error(id);
    const after = outcomesOf(network, found, id).reduce(
      (sum, { answer, chance }) => sum + chance * entropy(believe(network, { ...found, [id]: answer }).joint.table),
      0,
    );
    expect(expectedOf(belief.joint, node).bits).toBeCloseTo(entropy(belief.joint.table) - after, 3);
  }
});
test('the chances of the answers to each check add up to 1, and what they would show agrees with what is believed now', () => {
  const belief = believe(network, notLit);
  for (const id of ['smoke', 'dose', 'restVolts'] as const) {
    const node = network.find((one) => one.id === id);
    const outcomes = outcomesOf(network, notLit, id);
    expect(outcomes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
    const plug = outcomes.reduce(
      (sum, { answer, chance }) => sum + chance * believe(network, { ...notLit, [id]: answer }).causes.plugOpen,
      0,
    );
    expect(plug).toBeCloseTo(belief.causes.plugOpen, 9);
    expect(node?.states).toEqual(faultChecks[id].answers);
  }
});
test('each cause is found by what it surely shows, where its likeliest answers are given one after the other', () => {
  const missed: string[] = [];
  for (const [i, cause] of causeIds.entries()) {
    const medium = cause.startsWith('coolant') ? 'coolant' : 'air';
    const own = faultNetwork(weightsFor(medium));
    const row = (i + 1) * causeStates.length;
    const likely = (id: FaultCheckId): number => {
      const states = faultChecks[id].answers.length;
      const table = own.find((one) => one.id === id)?.table ?? new Float64Array();
      const chances = [...table.slice(row * states, (row + 1) * states)];
      return chances.indexOf(Math.max(...chances));
    };
    const found: Found = { symptom: likely('symptom') };
    for (let n = 0; n < 25 && causeFound(believe(own, found)) === null; n += 1) {
      const [next] = nextChecks(own, believe(own, found), medium, asked(found));
      if (!next) break;
      found[next.id] = likely(next.id);
    }
    if (causeFound(believe(own, found)) !== cause) missed.push(`${cause}: ${likeliest(believe(own, found))[0]?.cause}`);
  }
  expect(missed).toEqual([]);
});
test('of faults drawn as they are met, with answers that err as they do, half are found in at most 6 checks, and nine of ten of what is found is the cause', () => {
  const cases = process.env.LORBET_WHOLE === '1' ? 1000 : 60;
  const draw = seeded(11);
  const pick = (chances: readonly number[]): number => {
    let rest = draw();
    const at = chances.findIndex((one) => (rest -= one) < 0);
    return at < 0 ? chances.length - 1 : at;
  };
  const weights = weightsFor('air');
  const all = causeIds.reduce((sum, id) => sum + weights[id], 0);
  const nodes = new Map(network.map((one) => [one.id, one]));
  const checks: number[] = [];
  let [right, wrong] = [0, 0];
  for (let n = 0; n < cases; n += 1) {
    const at = pick(causeIds.map((id) => weights[id] / all));
    const row = (at + 1) * causeStates.length;
    const answer = (id: FaultCheckId): number => {
      const node = nodes.get(id);
      const states = node?.states.length ?? 0;
      return pick([...(node?.table.slice(row * states, (row + 1) * states) ?? [])]);
    };
    const found: Found = { symptom: answer('symptom') };
    let count = 0;
    for (; count < 25; count += 1) {
      const belief = believe(network, found);
      const it = causeFound(belief);
      if (it) {
        if (it === causeIds[at]) right += 1;
        else wrong += 1;
        break;
      }
      const [next] = nextChecks(network, belief, 'air', asked(found));
      if (!next) break;
      found[next.id] = answer(next.id);
    }
    checks.push(count);
  }
  expect(checks.sort((a, b) => a - b)[cases / 2]).toBeLessThanOrEqual(6);
  expect(right / (right + wrong)).toBeGreaterThan(0.9);
  expect(right / cases).toBeGreaterThan(0.85);
}, 400_000);
test('what is dangerous is asked only where nothing else tells', () => {
  const dangerous = faultCheckIds.filter((id) => faultChecks[id].danger === 2);
  const belief = believe(network, { symptom: answerOf('symptom', 'it smokes'), smoke: answerOf('smoke', 'black smoke') });
  const usual = nextChecks(network, belief, 'air', new Set());
  expect(usual.some(({ id }) => dangerous.includes(id))).toBe(false);
  const last = nextChecks(network, belief, 'air', new Set(faultCheckIds.filter((id) => !dangerous.includes(id))));
  expect(last.map(({ id }) => id)).toEqual(dangerous);
});
test('each check with danger says what the danger is', () => {
  expect(faultCheckIds.filter((id) => faultChecks[id].danger > 0 && !faultChecks[id].caution)).toEqual([]);
});
test('of two checks that tell as much, the one that costs less comes first', () => {
  const ranked = nextChecks(network, believe(network, notLit), 'air', new Set());
  for (const a of ranked)
    for (const b of ranked)
      if (a.bits > b.bits && a.finds >= b.finds && a.cost <= b.cost) expect(ranked.indexOf(a)).toBeLessThan(ranked.indexOf(b));
});
test('what is taken apart, costs parts or may hurt costs more than minutes alone', () => {
  const plain = { ...faultChecks.fuseLook, minutes: 5, parts: 0, apart: 0, danger: 0 } as const;
  for (const more of [{ parts: 3 }, { apart: 1 }, { danger: 1 }] as const)
    expect(costOf({ ...plain, ...more })).toBeGreaterThan(costOf(plain));
});
test('an answer that goes badly with the others is pointed at', () => {
  const found: Found = {
    ...notLit,
    glowAmps: answerOf('glowAmps', 'none'),
    plugOhms: answerOf('plugOhms', 'open'),
    fanTurns: answerOf('fanTurns', 'it stands still'),
  };
  expect(contradictions(network, found)).toContain('fanTurns');
  expect(contradictions(network, { ...notLit, plugOhms: answerOf('plugOhms', 'open') })).toEqual([]);
});
test('an answer that the check does not have is refused in one sentence', () => {
  expect(() => believe(network, { fuseLook: 4 })).toThrow('fuseLook is 4; allowed is 0 to 1.');
});
test('a heater of warm air is never told that its coolant stands still', () => {
  const hot = believe(network, { symptom: answerOf('symptom', 'it stops by itself, hot') });
  expect(hot.causes.coolantPump + hot.causes.coolantAir).toBe(0);
});
test('a new plug does not light a heater whose tank is empty besides', () => {
  const node = network.find(({ id }) => id === 'newPlug');
  const at = (a: CauseId | 'none', b: CauseId | 'none') =>
    node?.table[(causeStates.indexOf(a) * causeStates.length + causeStates.indexOf(b)) * 2] ?? NaN;
  expect(at('plugOpen', 'none')).toBeGreaterThan(0.9);
  expect(at('tankEmpty', 'plugOpen')).toBeLessThan(0.05);
});
test('two causes at once make one case of ten, never in the same part of the heater', () => {
  const { joint } = believe(network, {});
  const size = causeStates.length;
  let two = 0;
  joint.table.forEach((p, i) => {
    const [a, b] = [Math.floor(i / size) - 1, (i % size) - 1];
    if (a < 0 || b < 0) return;
    two += p;
    const [one, other] = [causeIds[a], causeIds[b]];
    if (one && other && faultCauses[one].system === faultCauses[other].system) expect(p).toBe(0);
  });
  expect(two).toBeCloseTo(0.1, 9);
  expect(marginalOf(joint, firstCause)[0]).toBeCloseTo(0.03, 9);
});
test('weights that are all nought are refused in one sentence', () => {
  const none = Object.fromEntries(causeIds.map((id) => [id, 0])) as CauseWeights;
  expect(() => faultNetwork(none)).toThrow('All weights of causes are 0; allowed is at least one above 0.');
});
test.each([
  [0.899, null],
  [0.9, 'plugOpen'],
] as const)('a cause at %s counts as found: %s', (chance, found) => {
  const causes = { ...Object.fromEntries(causeIds.map((id) => [id, 0])), plugOpen: chance } as CauseWeights;
  expect(causeFound({ causes })).toBe(found);
});
