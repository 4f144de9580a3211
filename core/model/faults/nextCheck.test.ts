import { sampleOf } from '../../../tests/seed';
import {
  byWorth,
  drawFaults,
  handbooksOrder,
  hundredth,
  knownOf,
  seek,
  twoSteps,
  type Sought,
} from '../../../tests/simulatedFaults';
import { jointOf, marginalOf } from './belief';
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
import { expectedOfAll } from './expected';
import { believe, causeFound, checksOf, contradictions, costOf, nextChecks, outcomesOf, type Found } from './nextCheck';

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
  const told = expectedOfAll(belief.joint, checksOf(network));
  const entropy = (table: Float64Array) => -table.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0);
  for (const id of ['fuseLook', 'glowAmps', 'code', 'fanTurns', 'newPlug'] as const) {
    const after = outcomesOf(network, belief, id).reduce(
      (sum, { answer, chance }) => sum + chance * entropy(believe(network, { ...found, [id]: answer }).joint.table),
      0,
    );
    expect(told.get(id)?.bits).toBeCloseTo(entropy(belief.joint.table) - after, 3);
  }
});
test('the chances of the answers to each check add up to 1, and what they would show agrees with what is believed now', () => {
  const belief = believe(network, notLit);
  for (const id of ['smoke', 'dose', 'restVolts'] as const) {
    const node = network.find((one) => one.id === id);
    const outcomes = outcomesOf(network, belief, id);
    expect(outcomes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
    const plug = outcomes.reduce(
      (sum, { answer, chance }) => sum + chance * believe(network, { ...notLit, [id]: answer }).causes.plugOpen,
      0,
    );
    expect(plug).toBeCloseTo(belief.causes.plugOpen, 9);
    expect(node?.states).toEqual(faultChecks[id].answers);
  }
});
/** What is found where a cause shows what it most likely shows, and what is asked is what tells most. */
function soughtFor(cause: CauseId): CauseId | null | undefined {
  const medium = cause.startsWith('coolant') ? 'coolant' : 'air';
  const own = faultNetwork(weightsFor(medium));
  const row = (causeIds.indexOf(cause) + 1) * causeStates.length;
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
  return causeFound(believe(own, found));
}
test('each cause is found by what it surely shows, where its likeliest answers are given one after the other', () => {
  expect(causeIds.filter((cause) => soughtFor(cause) !== cause)).toEqual([]);
});
// The handbook, appendix, “Faults, roughly how often and what told them”: common practice, no source.
test.each<[string, CauseId]>([
  ['a dry line', 'lineNotPrimed'],
  ['fuel below the pickup', 'belowPickup'],
  ['a tank too empty', 'tankEmpty'],
  ['a kinked hose behind the tank', 'kinkedHose'],
  ['a pump that lies flat', 'pumpFlat'],
  ['a gap in a joint', 'jointGap'],
  ['a reversed filter', 'filterReversed'],
  ['a reversed pump', 'pumpReversed'],
  ['a pump lead that is not through', 'pumpLeadOpen'],
  ['a thin feed, or one from a panel', 'feedWeak'],
  ['a battery under 12 V at rest', 'batteryLow'],
  ['plug leads that are crossed or touch', 'plugLeadsCrossed'],
  ['a controller in the wrong mode', 'controllerSet'],
  ['soot after long low running', 'sooted'],
  ['a filter broken at its spigot', 'suctionLeak'],
  ['water in a rising exhaust', 'waterInExhaust'],
  ['a leak into the floor', 'fuelWeeps'],
  ['smoke of new wrap', 'newWrap'],
  ['white smoke after an over-prime', 'flooded'],
  ['black smoke that stays', 'intakeBlocked'],
])('%s, as the handbook has met it, is found', (_mistake, cause) => expect(soughtFor(cause)).toBe(cause));
describe('faults drawn as often as they are met, with answers that err as often as the tables say', () => {
  const all = drawFaults(sampleOf(1000, 80), 21);
  const known = all.map((one) => seek(one, byWorth, knownOf(one)));
  const checksOf = (some: readonly Sought[]) => some.map(({ checks }) => checks);
  const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length;
  test('on a build that is recorded half are found in at most 6 checks and 95 of 100 in at most 10', () => {
    expect(hundredth(checksOf(known), 0.5)).toBeLessThanOrEqual(6);
    expect(hundredth(checksOf(known), 0.95)).toBeLessThanOrEqual(10);
  }, 400_000);
  test('nine of ten of what is found is the cause', () => {
    const found = known.filter((one) => one.found);
    expect(found.length / known.length).toBeGreaterThan(0.9);
    expect(found.filter(({ right }) => right).length / found.length).toBeGreaterThan(0.9);
  });
  test('with nothing recorded half are found in at most 6 checks, and in less than half the minutes of the handbook’s fixed order', () => {
    const some = all.slice(0, sampleOf(1000, 20));
    const [ours, theirs] = [some.map((one) => seek(one, byWorth)), some.map((one) => seek(one, handbooksOrder))];
    expect(hundredth(checksOf(ours), 0.5)).toBeLessThanOrEqual(6);
    const minutes = (sought: readonly Sought[]) => mean(sought.map((one) => one.minutes));
    expect(minutes(ours)).toBeLessThan(minutes(theirs) / 2);
  }, 400_000);
  test('it is never more than a fifth worse than looking two steps ahead, in checks and in what they cost', () => {
    const some = all.slice(0, sampleOf(200, 4));
    const [one, two] = [some.map((it) => seek(it, byWorth, knownOf(it))), some.map((it) => seek(it, twoSteps, knownOf(it)))];
    expect(mean(checksOf(one))).toBeLessThan(mean(checksOf(two)) * 1.2);
    expect(mean(one.map(({ cost }) => cost))).toBeLessThan(mean(two.map(({ cost }) => cost)) * 1.2);
  }, 2_000_000);
});
test('what is dangerous is asked only where nothing else tells', () => {
  const dangerous = faultCheckIds.filter((id) => faultChecks[id].danger === 2);
  const belief = believe(network, {
    symptom: answerOf('symptom', 'it lights and goes out'),
    smoke: answerOf('smoke', 'black smoke'),
    fuelSmell: answerOf('fuelSmell', 'like diesel'),
    mouths: answerOf('mouths', 'well apart'),
  });
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
  expect(contradictions(network, found, believe(network, found))).toContain('fanTurns');
  const fits: Found = { ...notLit, plugOhms: answerOf('plugOhms', 'open') };
  expect(contradictions(network, fits, believe(network, fits))).toEqual([]);
});
test('an answer is pointed at just where all that was found is thirty times less likely with it than without it', () => {
  const found: Found = { ...notLit, glowAmps: 2, plugOhms: 1, fanTurns: 2, code: 3, smoke: 4, restVolts: 0 };
  const chanceOf = (some: Found) => {
    const evidence = Object.entries(some).map(([id, answer]) => {
      const states = network.find((one) => one.id === id)?.states ?? [];
      return [id, states.map((_, k) => (k === answer ? 1 : 0))] as const;
    });
    return jointOf(network, Object.fromEntries(evidence), [firstCause])?.chance ?? 0;
  };
  const odd = (Object.keys(found) as FaultCheckId[]).filter((id) => {
    const { [id]: _own, ...others } = found;
    return chanceOf(found) < 0.03 * chanceOf(others);
  });
  expect(odd.length).toBeGreaterThan(0);
  expect(contradictions(network, found, believe(network, found))).toEqual(odd);
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
