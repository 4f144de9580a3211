import { demoCard } from '../../../demo/unitCards';
import { demoBuild } from '../../../tests/demoBuild';
import { id } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { assess } from '../../checks/assess';
import { applyCommand } from '../../commands/applyCommand';
import { rowsOf } from '../../build/lists';
import { powerStepsOf } from './powerSteps';
import { takeHarness } from './takeHarness';

const author = { name: 'Test Fitter', role: 'fitter', at: '2026-11-20T10:00:00Z' } as const;
const build: Build = { ...demoBuild('Page Turner No. 3'), unitCard: demoCard, signatures: [] };
function taken(of: Build): Build {
  let n = 700;
  const done = applyCommand(of, { kind: 'rows', changes: takeHarness(of, () => id((n += 1))) }, author);
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
}
const uses = (of: Build): Record<string, string | undefined> =>
  Object.fromEntries(
    rowsOf(of.lists, 'cables').flatMap(({ name, use }) =>
      demoCard.harness?.some((wire) => wire.name === name) ? [[name ?? '', use] as const] : [],
    ),
  );

describe('the harness of a unit card', () => {
  test('comes into the loom with where each wire goes, and what this build has no need of is insulated', () =>
    expect(uses(taken(build))).toEqual({
      'pump pair': 'used',
      // There by its name already, and left as it was.
      'controller lead': undefined,
      'room sensor': 'used',
      'diagnostic plug': 'used',
      'remote receiver': 'insulated',
      'blower relay': 'insulated',
    }));
  test('a loop with a matrix needs the blower relay', () => {
    const loop = [{ id: id(1), kind: 'matrix' as const }];
    expect(uses(taken({ ...build, lists: { ...build.lists, loop } }))['blower relay']).toBe('used');
  });
  test('taken once, there is nothing more to take', () => expect(takeHarness(taken(build), () => id(1))).toEqual([]));
  test('signal wires change no volt, and no finding gets worse', () => {
    const told = (of: Build) => assess(of).map(({ id: check, level }) => [check, level]);
    expect(told(taken(build))).toEqual(told(build));
  });
});

describe('the steps before power', () => {
  const steps = (of: Build) => Object.fromEntries(powerStepsOf(of, assess(of)).map(({ id: step, done }) => [step, done]));
  test('on a sound loom all that can be told is done but the labels', () =>
    expect(steps(taken(build))).toMatchObject({ fuseOut: null, joined: true, polarity: true, guarded: true, labelled: false }));
  test('swapped poles leave their step open', () => {
    const swapped = demoBuild('Page Turner No. 3', { 'wiring.looks': 'swapped' });
    expect(steps(swapped)).toMatchObject({ polarity: false, joined: true });
  });
});
