import fc from 'fast-check';
import { spoiledBuild } from '../../tests/anyBuild';
import { sampleOf } from '../../tests/seed';
import { applyCommand } from '../commands/applyCommand';
import { soundBuild } from '../../tests/soundBuild';
import type { StageId } from '../build/stages';
import { mm, percent, sameValue, sameValues, shortMm } from '../wording/Value';
import { checks } from './allChecks';
import { assess, Assessor } from './assess';
import { messageOf, remedyOf } from './findingText';
import { waives } from './waives';

/** The first word of an id is its stage, or what is looked at in it. */
const stageOf: Record<string, StageId> = {
  exhaust: 'air',
  duct: 'warmth',
  coolant: 'warmth',
  start: 'startup',
  co: 'proving',
  leak: 'proving',
  vent: 'proving',
  handover: 'signoff',
  service: 'signoff',
};
test.each(checks.map(({ id, stage }) => [id, stage] as const))('the id %s agrees with its stage, %s', (id, stage) => {
  const [first = ''] = id.split('.');
  expect(stageOf[first] ?? first).toBe(stage);
});

const slotsOf = (sentence: string): string[] =>
  [...sentence.matchAll(/\{([a-zA-Z]+)(?:\|[^}]*)?\}/g)].map(([, slot]) => slot ?? '');
const kindSlots = ['vehicle', 'outline', 'gathers', 'breaksLoose', 'holdsIn'];
test('a wording of before asks for no value that the one of today has not', () => {
  for (const { id, messages, formerly } of checks)
    for (const [code, wordings] of Object.entries(formerly))
      for (const slot of wordings.flatMap(slotsOf))
        expect([id, code, ...slotsOf(messages[code] ?? ''), ...kindSlots]).toContain(slot);
});
test('every remedy belongs to a sentence', () => {
  for (const { id, messages, remedies } of checks)
    for (const code of Object.keys(remedies)) expect([id, Object.keys(messages)]).toEqual([id, expect.arrayContaining([code])]);
});

test('one build checked after the other: what is kept is what a fresh check gives', () => {
  const assessor = new Assessor();
  fc.assert(
    fc.property(spoiledBuild(3), (build) => {
      expect(assessor.assess(build)).toEqual(assess(build));
    }),
    { numRuns: sampleOf(3000, 50) },
  );
});
test('a figure typed: only what rests on it is checked anew', () => {
  const assessor = new Assessor();
  const build = soundBuild();
  const before = new Map(assessor.assess(build).map((finding) => [finding.id, finding]));
  const applied = applyCommand(
    build,
    { kind: 'figures', changes: [{ path: 'wiring.fuseFromBatteryMm', slot: 'fitted', from: 100, to: 150 }] },
    { name: 'Test Fitter', role: 'fitter', at: '2026-11-20T10:00:00Z' },
  );
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  const typed = assessor.assess(applied.build);
  const anew = typed.filter((finding) => before.get(finding.id) !== finding && finding.stage !== 'signoff');
  expect(anew.map(({ id }) => id)).toEqual(['wiring.fuse.place']);
});

describe('what a waiver accepted', () => {
  const far = (value: number) => soundBuild({ 'wiring.fuseFromBatteryMm': value });
  const finding = (value: number) => {
    const found = assess(far(value)).find(({ id }) => id === 'wiring.fuse.place');
    if (!found) throw new Error('no finding');
    return found;
  };
  const waiver = (value: number) => ({ checkId: 'wiring.fuse.place', code: finding(value).code, values: finding(value).values });
  test('holds while the figures read the same, and lapses when they do not', () => {
    expect([waives(waiver(320), finding(320)), waives(waiver(320), finding(321))]).toEqual([true, false]);
  });
  test('holds by its sentence alone where only that was kept, quotes or none', () => {
    const kept = { checkId: 'wiring.fuse.place', code: 'formerly', values: { sentence: { name: messageOf(finding(320)) } } };
    expect([waives(kept, finding(320)), waives(kept, finding(330))]).toEqual([true, false]);
  });
  test('is the same in another rounding or with another way of showing it', () => {
    expect([
      sameValue(mm(12.34, 1), mm(12.34)),
      sameValue(mm(12.3, 1), shortMm(12.3)),
      sameValue(mm(12), mm(13)),
      sameValue(mm(12), percent(12)),
      sameValues({ a: mm(1), b: null }, { a: mm(1) }),
    ]).toEqual([true, true, false, false, true]);
  });
});

const glued = /\b(is|are|was|the|of|at|to) \1\b|““|””|“”|\s[.,;:]|[,;:][,;:]|\.\.|\{|\}|undefined|^[\p{Ll}]/u;
test('no sentence is glued from labels: what to measure, choose or do is said, all of it', () => {
  fc.assert(
    fc.property(spoiledBuild(8), (build) => {
      for (const told of assess(build)) {
        const [message, remedy] = [messageOf(told), remedyOf(told)];
        // What people wrote stands in quotes, and may be anything.
        for (const sentence of [message, remedy])
          expect([told.id, sentence.replace(/“[^”]*”/g, 'x').replace(/^x/, 'X')]).not.toEqual([
            told.id,
            expect.stringMatching(glued),
          ]);
        if (told.level === 'open') for (const { what } of told.needs) expect(message.toLowerCase()).toContain(what.toLowerCase());
      }
    }),
    { numRuns: sampleOf(3000, 50) },
  );
});
