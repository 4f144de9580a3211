import { causeIds, faultCauses } from '../faults/causes';
import { faultCheckIds, faultChecks } from '../faults/faultNetwork';
import { firstAt } from '../../build/startFacts';
import { builtInCases } from './builtInCases';
import { casesMax, readCaseFile } from './caseFile';
import { competenceOf, type LearnerRecord } from './learner';
import { actsMax, play, readActs, shortestWay, type TrainerAct } from './play';
import { rashActs, rashIds } from './rash';
import type { TrainerCase } from './TrainerCase';
import { foundOf, startOf } from './truth';

const named = (id: string): TrainerCase => {
  const it = builtInCases.find((one) => one.id === id);
  if (!it) throw new Error(id);
  return it;
};

describe('the cases that come with it', () => {
  test('are forty with one thing wrong, twenty with two and five that are harmless, each with an id of its own, at three levels', () => {
    const harmless = builtInCases.filter(({ id }) => id.startsWith('harmless-'));
    const rest = builtInCases.filter((one) => !harmless.includes(one));
    const count = (n: number) => rest.filter(({ causes }) => causes.length === n).length;
    expect([count(1), count(2), harmless.length]).toEqual([40, 20, 5]);
    expect(new Set(builtInCases.map(({ id }) => id)).size).toBe(65);
    expect(new Set(builtInCases.map(({ level }) => level)).size).toBe(3);
  });
  test('with two things wrong have them in different parts of the heater', () => {
    for (const { causes } of builtInCases)
      if (causes.length === 2) expect(new Set(causes.map((cause) => faultCauses[cause].system)).size).toBe(2);
  });
  test('tell nothing of their causes in what the owner says', () => {
    for (const { told, causes } of builtInCases)
      for (const cause of causes) expect(told.toLowerCase()).not.toContain(faultCauses[cause].label.toLowerCase());
  });
  test('are found by Lorbet itself without danger, nine of ten, and none that is plain is missed', () => {
    const some = builtInCases.filter(({ level }, i) => level === 1 || i % 3 === 0 || process.env.LORBET_WHOLE === '1');
    const missed = some.filter((one) => {
      const { over, dangers } = play(one, 1, shortestWay(one, 1), false);
      return !over || dangers > 0;
    });
    expect(missed.length).toBeLessThan(some.length / 10);
    expect(missed.filter(({ level }) => level === 1)).toEqual([]);
  }, 60_000);
});

describe('what is found', () => {
  test('a plain case shows what its cause surely shows; the same look finds the same each time', () => {
    const dead = named('fuse-blown');
    expect(faultChecks.fuseLook.answers[foundOf(dead, dead.causes, 'fuseLook', 7)]).toBe('blown or missing');
    for (const check of faultCheckIds.slice(0, 20))
      expect(foundOf(named('suction-leak'), ['suctionLeak'], check, 3)).toBe(
        foundOf(named('suction-leak'), ['suctionLeak'], check, 3),
      );
  });
  test('another seed draws other errors of looks at a case that is not plain, and none at a plain one', () => {
    const all = (it: TrainerCase, seed: number) => faultCheckIds.map((check) => foundOf(it, it.causes, check, seed)).join();
    expect(new Set([1, 2, 3, 4].map((seed) => all(named('sooted'), seed))).size).toBeGreaterThan(1);
    expect(new Set([1, 2, 3, 4].map((seed) => all(named('fuse-blown'), seed))).size).toBe(1);
  });
  test('an answer that a case gives itself goes before the tables, until something was mended', () => {
    const own: TrainerCase = { ...named('fuse-blown'), answers: { smell: 'of fuel' } };
    expect(faultChecks.smell.answers[foundOf(own, own.causes, 'smell', 1)]).toBe('of fuel');
    expect(faultChecks.smell.answers[foundOf(own, [], 'smell', 1)]).toBe('of nothing');
  });
  test.each([
    ['plugOpen', undefined, undefined],
    ['tankEmpty', expect.any(Number), undefined],
    ['controllerLead', undefined, undefined],
  ] as const)('the bench heater with %s starts as that does', (cause, pump, flame) => {
    const at = firstAt(startOf([cause], 1));
    if (pump) expect(at.pump).toEqual(pump);
    expect(at.flame).toBe(flame);
  });
  test('the bench heater with nothing wrong lights and reaches full output', () => {
    const at = firstAt(startOf([], 1));
    expect([at.flame !== undefined, at.full !== undefined, at.out]).toEqual([true, true, undefined]);
  });
});

describe('what a learner does', () => {
  const leak = named('exhaust-leak');
  test('minutes and parts are those of what was done', () => {
    const { minutes, parts, over } = play(named('plug-open'), 1, [
      { does: 'look', check: 'plugOhms' },
      { does: 'mend', cause: 'batteryLow' },
      { does: 'mend', cause: 'plugOpen' },
    ]);
    expect([minutes, parts, over]).toEqual([faultChecks.plugOhms.minutes + 20 + 20, 15, true]);
  });
  test('to light what leaks exhaust is told as dangerous at once, and not any more once it is mended', () => {
    const { acts, dangers } = play(leak, 1, [
      { does: 'start' },
      { does: 'look', check: 'coInside' },
      { does: 'look', check: 'soapTest' },
      { does: 'mend', cause: 'exhaustLeak' },
    ]);
    expect(acts.map(({ danger }) => danger !== undefined)).toEqual([true, true, false, false]);
    expect([acts[0]?.danger, dangers]).toEqual([expect.stringContaining('carbon monoxide'), 2]);
  });
  test('each rash thing is told at once with what comes of it and what would have been right', () => {
    for (const act of rashIds) {
      const [row] = play(leak, 1, [{ does: 'rash', act }]).acts;
      expect(row?.danger).toBe(rashActs[act].told);
      expect(row?.danger?.split('. ').length).toBeGreaterThan(1);
    }
  });
  test('to say that nothing is wrong is right of what is harmless alone', () => {
    const nothing: TrainerAct[] = [{ does: 'mend', cause: 'nothing' }];
    for (const one of builtInCases)
      expect([one.id, play(one, 1, nothing, false).over]).toEqual([one.id, one.id.startsWith('harmless-')]);
  });
  test('of two causes one mended is told as such, and it is over with the other', () => {
    const both = named('tank-empty-and-flooded');
    const first = play(both, 1, [{ does: 'mend', cause: 'flooded' }], false);
    expect([first.over, first.left, first.acts[0]?.told]).toEqual([
      false,
      ['tankEmpty'],
      expect.stringContaining('not right yet'),
    ]);
    expect(play(both, 1, [...first.acts.map(({ act }) => act), { does: 'mend', cause: 'tankEmpty' }], false).over).toBe(true);
  });
  test('what each look told adds up to how much less unsure it is', () => {
    const { acts } = play(named('plug-open'), 1, [
      { does: 'look', check: 'code' },
      { does: 'look', check: 'plugOhms' },
    ]);
    expect(acts.every(({ bits }) => bits > 0)).toBe(true);
  });
  test.each([
    ['nothing', /must be a list/],
    [[{ does: 'look', check: 'tealeaves' }], /acts\[0\] is nothing that can be done/],
    [[{ does: 'start' }, { does: 'mend', cause: 'gremlins' }], /acts\[1\]/],
    [[{ does: 'rash', act: 'toString' }], /acts\[0\]/],
    [Array.from({ length: actsMax + 1 }, () => ({ does: 'start' })), /at most 200/],
  ])('acts that are %j are refused in one sentence', (acts, sentence) => {
    const read = readActs(acts);
    expect(read.ok ? 'read' : read.errors.join(' ')).toMatch(sentence);
  });
});

describe('a file of cases', () => {
  const own = { ...named('fuse-blown'), id: 'own-one' };
  const file = (...cases: unknown[]) => ({ format: 'lorbet-trainer-cases', version: 1, cases });
  const errors = (value: unknown) => {
    const read = readCaseFile(value);
    return read.ok ? 'read' : read.errors.join(' ');
  };
  test('of every case that ships, under an id of its own, is read as it was written', () => {
    const cases = builtInCases.map((one) => ({ ...one, id: `own-${one.id}` }));
    expect(readCaseFile(JSON.parse(JSON.stringify(file(...cases))))).toMatchObject({ ok: true, value: { cases } });
  });
  test.each<[string, unknown, RegExp]>([
    [
      'that loops',
      file({ ...own, id: 'a', after: 'c' }, { ...own, id: 'b', after: 'a' }, { ...own, id: 'c', after: 'b' }),
      /cases a, c, b, a come one after the other in a ring/,
    ],
    ['whose case comes after itself', file({ ...own, after: 'own-one' }), /in a ring/],
    ['with an id twice', file(own, own), /holds own-one twice/],
    ['with an id that ships with Lorbet', file(named('fuse-blown')), /fuse-blown twice, or it is one that ships/],
    ['with a cause that there is not', file({ ...own, causes: ['gremlins'] }), /causes\[0\] must be one of/],
    ['with three causes', file({ ...own, causes: causeIds.slice(0, 3) }), /holds 3 entries; at most 2 are allowed/],
    ['with one cause twice', file({ ...own, causes: ['fuseBlown', 'fuseBlown'] }), /two different causes/],
    [
      'with an answer that there is not',
      file({ ...own, answers: { fuseLook: 'melted' } }),
      /fuseLook is melted; allowed is one of whole/,
    ],
    ['with a look that there is not', file({ ...own, answers: { tealeaves: 'x' } }), /names tealeaves/],
    ['of coolant in an air heater', file({ ...own, causes: ['coolantAir'] }), /no coolant to be wrong/],
    ['that follows what is nowhere', file({ ...own, after: 'nowhere' }), /comes after nowhere, which is no case/],
    ['with a field that is not known', file({ ...own, colour: 'red' }), /does not know: colour/],
    ['with too many', file(...Array.from({ length: casesMax + 1 }, (_, i) => ({ ...own, id: `own-${i}` }))), /100/],
    ['of another format', { ...file(own), format: 'other' }, /format must be one of/],
    ['that is a list', [own], /./],
  ])('%s is refused in a sentence', (_what, value, sentence) => expect(errors(value)).toMatch(sentence));
});

describe('what a learner can do', () => {
  const record = (caseId: string, more: Partial<LearnerRecord> = {}): LearnerRecord => ({
    caseId, seed: 1, at: '2026-11-20T10:00:00.000Z', over: true, minutes: 60, parts: 0, dangers: 0, wrongly: 0, checks: 5, shortestMinutes: 30, ...more,
  }); // prettier-ignore
  test('the last try at a case counts, cleanly found is without danger and wrong mending, minutes go over those of the shortest way', () => {
    const records = [
      record('plug-open', { over: false }),
      record('plug-open', { at: '2026-11-21T10:00:00.000Z', minutes: 30 }),
      record('fuse-blown', { dangers: 2 }),
      record('battery-low', { wrongly: 1 }),
    ];
    expect(competenceOf(records, builtInCases)).toEqual({
      ended: 3,
      solved: 3,
      clean: 1,
      dangers: 2,
      timesShortest: 150 / 90,
      weak: ['feed'],
    });
  });
  test('nobody who has ended nothing is weak in anything', () =>
    expect(competenceOf([], builtInCases)).toMatchObject({ ended: 0, timesShortest: null, weak: [] }));
});
