import { id, soundBuild, soundStart } from '../../../tests/soundBuild';
import type { Fault, FaultRepair } from '../../build/faults';
import { causeIds } from './causes';
import { codeMeaning, codeOnCard } from './codeMeaning';
import { askedIn, believeFault, mediumOf, needsCo, provesAir, provesRepair, startComplainedOf, storyOf } from './faultCase';
import { faultChecks, faultNetwork, weightsFor, type CauseWeights, type FaultCheckId } from './faultNetwork';
import { countCauses, learnedWeights, provenCause, usualCases } from './learned';
import { lightsIt, mustNotBeLit, unsafeCauses } from './mustNotBeLit';
import { believe, nextChecks } from './nextCheck';
import { unitClassOf } from './unitClass';

const at = '2026-11-20T10:00:00.000Z';
const repair = (cause: string, afterSteps: number, more: Partial<FaultRepair> = {}): FaultRepair => ({
  at,
  by: 'A',
  cause,
  did: 'mended',
  parts: '',
  afterSteps,
  ...more,
});
const fault = (more: Partial<Fault> = {}): Fault => ({
  id: id(8),
  at,
  by: 'A',
  symptom: 'notLit',
  steps: [],
  repairs: [],
  ...more,
});
const step = (check: FaultCheckId, answer: number | null) => ({
  at,
  by: 'A',
  check,
  found: answer === null ? null : (faultChecks[check].answers[answer] ?? null),
});

describe('what was found', () => {
  test('a cause that was mended, though it does not run yet, is out; what is left adds up to 1 with nothing wrong', () => {
    const steps = [step('plugOhms', 1), step('glowAmps', 2)];
    const before = believeFault(fault({ steps }), {}, 'air').belief;
    expect(before.causes.plugOpen).toBeGreaterThan(0.9);
    const after = believeFault(fault({ steps, repairs: [repair('plugOpen', 2)] }), {}, 'air').belief;
    expect(after.causes.plugOpen).toBe(0);
    expect(after.joint.table.reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 9);
    expect(Math.max(...causeIds.map((one) => after.causes[one]))).toBeLessThan(0.5);
  });
  test('what is left after a repair is what was believed before it, of those cases in which something else is wrong', () => {
    const steps = [step('fuelMoves', 2), step('tankLevel', 0)];
    const { joint } = believeFault(fault({ steps }), {}, 'air').belief;
    const after = believeFault(fault({ steps, repairs: [repair('pumpReversed', 2)] }), {}, 'air').belief;
    // By hand: each case without the mended cause as it was, each pair with it as its other cause alone.
    const size = causeIds.length + 1;
    const gone = causeIds.indexOf('pumpReversed') + 1;
    const seized = causeIds.indexOf('pumpSeized') + 1;
    let [all, own] = [0, 0];
    joint.table.forEach((p, i) => {
      const pair = [Math.floor(i / size), i % size].filter((k) => k !== gone && k !== 0);
      if (pair.length === 0) return;
      all += p;
      if (pair.includes(seized)) own += p;
    });
    expect(after.causes.pumpSeized).toBeCloseTo(own / all, 9);
  });
  test('what was found before a repair says nothing twice: the same check may be asked again after it', () => {
    const story = fault({ steps: [step('plugOhms', 1)], repairs: [repair('plugOpen', 1)] });
    const { before, now } = storyOf(story, {});
    expect([before[0]?.found.plugOhms, now.plugOhms]).toEqual([1, undefined]);
    expect(askedIn(story, now).has('plugOhms')).toBe(false);
  });
  test('the person’s own word goes before what the build knows', () =>
    expect(storyOf(fault({ steps: [step('pumpAngle', 1)] }), { pumpAngle: 0 }).now.pumpAngle).toBe(1));
  test('“don’t know” tells nothing, takes back what was said, and is not asked again', () => {
    const story = fault({ steps: [step('fuseLook', 1), step('fuseLook', null)] });
    const { now } = storyOf(story, {});
    expect(now.fuseLook).toBeUndefined();
    expect(askedIn(story, now).has('fuseLook')).toBe(true);
  });
  test('an answer in words of before, and a check that is no longer asked, say nothing', () => {
    const steps = [
      { at, by: 'A', check: 'fuseLook', found: 'melted' },
      { at, by: 'A', check: 'goneCheck', found: 'yes' },
    ];
    expect(Object.keys(storyOf(fault({ steps }), {}).now)).toEqual(['symptom']);
  });
  test('a code is evidence, and not the answer', () => {
    const plug = believeFault(fault(), {}, 'air').belief.causes.plugOpen;
    const coded = believeFault(fault({ code: { shown: 'E1', tells: 'glowPlug' } }), {}, 'air').belief.causes.plugOpen;
    expect(coded).toBeGreaterThan(plug * 2);
    expect(coded).toBeLessThan(0.9);
  });
});

describe('it must not be lit to find out', () => {
  test('while exhaust inside, weeping fuel or petrol is not ruled out, nothing is asked for which it is started', () => {
    const network = faultNetwork(weightsFor('air'));
    for (const symptom of ['smells', 'smokes'] as const) {
      const { belief } = believeFault(fault({ symptom }), {}, 'air');
      expect(mustNotBeLit(belief)).toBe(true);
      expect(nextChecks(network, belief, 'air', new Set()).filter(({ id: check }) => lightsIt(check))).toEqual([]);
    }
  });
  test('once all that is unsafe was looked at cold and is sound, it may be started again', () => {
    const cold = [step('fuelSmell', 0), step('soapTest', 0), step('dampJoints', 0), step('mouths', 0), step('smell', 0)];
    expect(mustNotBeLit(believeFault(fault({ symptom: 'smokes', steps: cold }), {}, 'air').belief)).toBe(false);
  });
  test('cold checks alone rule out each unsafe cause, or find it', () => {
    for (const cause of unsafeCauses) {
      const tells = Object.entries(faultChecks).some(([check, { when, otherwise }]) => {
        const chance = when[cause];
        const sound = typeof otherwise === 'number' ? 1 - otherwise : (otherwise[0] ?? 0);
        const bad = chance === undefined ? 0 : typeof chance === 'number' ? chance : 1 - (chance[0] ?? 1);
        return !lightsIt(check as FaultCheckId) && sound > 0.9 && bad > 0.6;
      });
      expect([cause, tells]).toEqual([cause, true]);
    }
  });
});

describe('what proves it', () => {
  const mended = repair('suctionLeak', 0, { at: '2026-11-19T06:00:00.000Z' });
  const good = soundStart({});
  test('a start at full output after the repair does', () =>
    expect(provesRepair({ ...good, at: '2026-11-19T07:00:00.000Z' }, mended)).toBe(true));
  test.each([
    ['before the repair', { at: '2026-11-19T05:00:00.000Z' }],
    ['on the bench', { dryRun: true as const }],
    ['that went out', { events: [...good.events, { atS: 400, event: 'out' as const }] }],
    ['whose power was cut', { events: [...good.events, { atS: 400, event: 'cut' as const }] }],
    ['that never reached full output', { events: good.events.filter(({ event }) => event !== 'full') }],
  ])('a start %s does not', (_what, more) =>
    expect(provesRepair({ ...good, at: '2026-11-19T07:00:00.000Z', ...more }, mended)).toBe(false),
  );
  const reading = { id: id(9), at: '2026-11-19T08:00:00.000Z', by: 'A', ppm: 0, place: 'pillow', state: 'full' } as const;
  test.each([
    [{}, true],
    [{ ppm: 1 }, false],
    [{ place: 'outside' as const }, false],
    [{ state: 'off' as const }, false],
    [{ at: '2026-11-19T05:59:00.000Z' }, false],
  ])('of carbon monoxide a reading with %o proves it: %s', (more, proves) =>
    expect(provesAir({ ...reading, ...more }, mended)).toBe(proves),
  );
  test('what smelled, and what lets exhaust in, wants a reading besides', () => {
    expect(needsCo(fault({ symptom: 'smells' }))).toBe(true);
    expect(needsCo(fault({ repairs: [repair('burnerGasket', 0)] }))).toBe(true);
    expect(needsCo(fault({ repairs: [repair('suctionLeak', 0)] }))).toBe(false);
  });
  test('the last start is complained of where it did not light, and a good one is not', () => {
    const build = soundBuild();
    expect(startComplainedOf(build)).toBeNull();
    const dead = soundStart({ events: [{ atS: 0, event: 'on' }] });
    expect(startComplainedOf({ starts: [...build.starts, dead] })).toBe(dead);
  });
});

describe('codes', () => {
  const card = {
    faults: [
      { code: 'E1', meaning: 'no flame', tells: 'noFlame' as const },
      { code: 'E1', meaning: 'plug', tells: 'glowPlug' as const, controller: 'dial' },
    ],
  };
  test('the same code means what it does on the controller that shows it', () => {
    expect(codeOnCard(card, 'e1 ', 'Dial')?.meaning).toBe('plug');
    expect(codeOnCard(card, 'E1')?.meaning).toBe('no flame');
    expect(codeOnCard(card, 'E9')).toBeNull();
  });
  test('a code that its card does not know means what somebody read before, here or at another build', () => {
    const build = { faults: [fault({ code: { shown: 'E7', meaning: 'low volts', tells: 'voltage' } })] };
    expect(codeMeaning(build, [], 'e7')?.tells).toBe('voltage');
    expect(codeMeaning({}, [{ shown: 'E8', meaning: 'fan' }], 'E8')?.meaning).toBe('fan');
    expect(codeMeaning({}, [{ shown: 'E8' }], 'E8')).toBeNull();
  });
});

describe('what a workshop has counted', () => {
  const proof = { at, by: 'A', start: id(2), told: '' };
  test('a proven fault counts for its last cause; an open one, one set aside and a withdrawn one for none', () => {
    const told = { repairs: [repair('plugOpen', 0), repair('feedWeak', 0)] };
    expect(provenCause(fault({ ...told, proof }))).toBe('feedWeak');
    expect(provenCause(fault(told))).toBeNull();
    expect(provenCause(fault({ ...told, proof, aside: true }))).toBeNull();
    expect(countCauses([fault({ ...told, proof }), fault({ ...told, proof }), fault()])).toEqual({ feedWeak: 2 });
  });
  test('ten faults of one cause beside sixty usual ones make it as likely as the mean of a Dirichlet distribution, by hand', () => {
    const weights = learnedWeights('air', { feedWeak: 10 });
    const all = causeIds.reduce((sum, one) => sum + weights[one], 0);
    const air = weightsFor('air');
    const usual = air.feedWeak / causeIds.reduce((sum, one) => sum + air[one], 0);
    expect(weights.feedWeak / all).toBeCloseTo((usual * usualCases + 10) / (usualCases + 10), 12);
  });
  test('nothing counted leaves what is usual', () => {
    const network = (weights: CauseWeights) => believe(faultNetwork(weights), {}).causes.feedWeak;
    expect(network(learnedWeights('air', {}))).toBeCloseTo(network(weightsFor('air')), 12);
  });
  test('what a heater can’t have stays at nought, whatever was counted; a count below nought is refused', () => {
    expect(learnedWeights('air', { coolantPump: 5 }).coolantPump).toBe(0);
    expect(() => learnedWeights('air', { feedWeak: -1 })).toThrow('The count of feedWeak is -1; allowed is 0 or more.');
  });
  test('small and large ones, and those that warm coolant, are classes of their own', () => {
    const build = soundBuild();
    const of = (kw: number, more = {}) => unitClassOf(soundBuild({ 'heater.claimedOutputKw': kw, ...more }));
    expect(mediumOf(build)).toBe('air');
    expect(new Set([of(2), of(5), of(5, { 'warmth.way': 'loop' })]).size).toBe(3);
    expect(of(3.5)).toBe(of(2));
  });
});
