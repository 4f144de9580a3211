import { id, soundBuild } from '../../../tests/soundBuild';
import type { Fault } from '../../build/faults';
import { assess } from '../../checks/assess';
import { knownSigns } from '../../checks/faults/knownSigns';
import { faultChecks, type FaultCheckId } from '../../model/faults/faultNetwork';
import { lookFor, type LookFor } from './lookFor';

const at = '2026-11-20T10:00:00.000Z';
const fault = (symptom: string, steps: readonly [FaultCheckId, string | null][] = []): Fault => ({
  id: id(8),
  at,
  by: 'A',
  symptom,
  steps: steps.map(([check, found]) => ({ at, by: 'A', check, found })),
  repairs: [],
});
const ask = (more: Partial<LookFor> & Pick<LookFor, 'fault'>): ReturnType<typeof lookFor> =>
  lookFor({ known: [], leanings: [], medium: 'air', counts: {}, ...more });
const plug: readonly [FaultCheckId, string][] = [
  ['plugOhms', 'open'],
  ['glowAmps', 'none'],
];

test('bars stand from the likeliest on, and what is likely at each part is what its causes are together', () => {
  const { bars, parts, nothing } = ask({ fault: fault('goesOut') });
  expect(bars.map(({ chance }) => chance)).toEqual(bars.map(({ chance }) => chance).sort((a, b) => b - a));
  const sum = Object.values(parts).reduce((all, one) => all + one, nothing);
  // Two causes at once count twice: one case in ten.
  expect(sum).toBeGreaterThan(1);
  expect(sum).toBeLessThan(1.2);
  expect(bars.every(({ part, chance }) => (parts[part] ?? 0) >= chance)).toBe(true);
});
test('a cause over nine in ten is found, and more may still be asked', () => {
  const view = ask({ fault: fault('notLit', plug) });
  expect([view.state, view.bars[0]?.cause]).toEqual(['found', 'plugOpen']);
});
test('where nothing tells any more, it is for the maker’s service', () => {
  const all = (Object.keys(faultChecks) as FaultCheckId[]).filter((check) => check !== 'symptom');
  const view = ask({
    fault: fault(
      'goesOut',
      all.map((check) => [check, null] as const),
    ),
  });
  expect([view.state, view.next]).toEqual(['service', null]);
});
test('nothing is asked that is known of the build', () => {
  const build = soundBuild();
  const known = knownSigns(build, assess(build), { at });
  const view = ask({ fault: fault('goesOut'), known });
  const asked = new Set([view.next?.id, ...view.others.map((one) => one.id)]);
  expect(known.length).toBeGreaterThan(10);
  expect(known.filter(({ check }) => asked.has(check))).toEqual([]);
});
test('a check that a person chooses is shown, with what each answer would make likely: one that is answered by all the others', () => {
  const one = fault('notLit', plug);
  const chosen = ask({ fault: one, chosen: 'restVolts' }).next;
  expect(chosen?.id).toBe('restVolts');
  expect(chosen?.answers.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 6);
  expect(chosen?.answers.every(({ then }) => then.length === 3)).toBe(true);
  const again = ask({ fault: one, chosen: 'plugOhms' }).next;
  expect([again?.id, (again?.answers[1]?.chance ?? 1) < 0.99]).toEqual(['plugOhms', true]);
  expect(ask({ fault: fault('smells'), chosen: 'coInside' }).next?.id).not.toBe('coInside');
});
test('an answer that goes badly with the rest is pointed at', () =>
  expect(ask({ fault: fault('notLit', [...plug, ['fanTurns', 'it stands still']]) }).odd).toContain('fanTurns'));
test('where it must not be lit, nothing that is asked lights it', () => {
  const view = ask({ fault: fault('smells') });
  expect([view.cold, view.next?.lights]).toEqual([true, false]);
});
test('what a workshop has counted moves the bars', () => {
  const chance = (counts: LookFor['counts']) =>
    ask({ fault: fault('goesOut'), counts }).bars.find(({ cause }) => cause === 'sooted')?.chance ?? 0;
  expect(chance({ sooted: 20 })).toBeGreaterThan(chance({}) * 2);
});
