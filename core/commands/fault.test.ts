import { id, soundBuild, soundStart } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { readBuild } from '../build/readBuild';
import { assess } from '../checks/assess';
import { faultChecks } from '../model/faults/faultNetwork';
import { applyCommand, readCommand } from './applyCommand';
import type { FaultAct } from './kinds/fault';

const fault = id(40);
const later = (minutes: number) => new Date(Date.parse('2026-12-01T10:00:00.000Z') + minutes * 60_000).toISOString();
let clock = 0;
const author = () => ({ name: 'A Fitter', role: 'fitter' as const, at: later((clock += 1)) });
function act(build: Build, does: FaultAct): Build {
  const applied = applyCommand(build, { kind: 'fault', fault, act: does }, author());
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  return applied.build;
}
const refusal = (build: Build, does: FaultAct): string => {
  const applied = applyCommand(build, { kind: 'fault', fault, act: does }, author());
  return applied.ok ? 'done' : applied.errors.join(' ');
};
const told = (build: Build) => assess(build).find((one) => one.id === 'start.fault');
const opened = (symptom = 'goesOut') => act(soundBuild(), { does: 'open', symptom });
const mended = (cause = 'suctionLeak', symptom = 'goesOut') =>
  act(opened(symptom), { does: 'repair', cause, did: 'made anew', parts: 'hose, two clamps' });
const litAfter = (build: Build): Build => ({
  ...build,
  starts: [...build.starts, soundStart({ id: id(41), at: later((clock += 1)) })],
});
const readAfter = (build: Build, ppm = 0): Build => ({
  ...build,
  coReadings: [
    ...build.coReadings,
    { id: id(42), at: later((clock += 1)), by: 'A', ppm, place: 'pillow', state: 'full', doors: 'closed' },
  ],
});

test('a fault goes from what it does to its proof, is told of until then, and every build on the way can be kept', () => {
  let build = opened();
  expect(told(build)).toMatchObject({ level: 'fix', code: 'unmended' });
  build = act(build, { does: 'answer', check: 'bubbles', found: 'a chain of bubbles' });
  build = act(build, { does: 'answer', check: 'joints', found: null });
  build = act(build, { does: 'code', code: { shown: 'E2', meaning: 'flame lost', tells: 'flameLost' } });
  build = act(build, { does: 'repair', cause: 'suctionLeak', did: 'joint made anew', parts: 'hose' });
  expect(told(build)).toMatchObject({ level: 'fix', code: 'unproven' });
  build = act(litAfter(build), { does: 'prove', start: id(41), told: 'runs' });
  expect(told(build)).toMatchObject({ level: 'sound', code: 'proven' });
  expect(readBuild(JSON.parse(JSON.stringify(build))).ok).toBe(true);
  expect(build.faults?.[0]).toMatchObject({
    steps: [{ found: 'a chain of bubbles' }, { found: null }],
    proof: { start: id(41) },
  });
});
test('what smells stops until it is mended, and is proven by a start and a reading of 0 ppm alone', () => {
  expect(told(opened('smells'))).toMatchObject({ level: 'stop', code: 'mustNotRun' });
  const lit = litAfter(mended('exhaustLeak', 'smells'));
  expect(told(lit)).toMatchObject({ level: 'fix', code: 'unproven' });
  expect(refusal(lit, { does: 'prove', start: id(41), told: '' })).toContain('0 ppm carbon monoxide, inside, at full output');
  expect(refusal(readAfter(lit, 3), { does: 'prove', start: id(41), co: id(42), told: '' })).toContain('0 ppm');
  expect(refusal(readAfter(lit), { does: 'prove', start: id(41), co: id(42), told: '' })).toBe('done');
});
test('what smells stops on while only something is mended that can’t smell', () => {
  const plug = mended('plugOpen', 'smells');
  expect(told(plug)).toMatchObject({ level: 'stop', code: 'mustNotRun' });
  expect(told(act(plug, { does: 'repair', cause: 'fuelWeeps', did: 'joint made anew', parts: '' }))).toMatchObject({
    level: 'fix',
  });
  // The same repair answers what does not smell.
  expect(told(mended('plugOpen', 'notLit'))).toMatchObject({ level: 'fix', code: 'unproven' });
});
test('a repair makes stale what was proven of the parts that it touches, and of no others', () => {
  const build = act(opened(), { does: 'repair', cause: 'exhaustBlocked', did: 'cleared', parts: '' });
  expect(Object.keys(build.worked ?? {})).toEqual(['exhaust']);
  expect(assess(build).find((one) => one.id === 'start.smoke')?.level).toBe('open');
  expect(act(opened(), { does: 'answer', check: 'smoke', found: 'clear' }).worked).toBeUndefined();
});
test('an answer given again stands in place of the first; one given before a repair stays', () => {
  let build = act(opened(), { does: 'answer', check: 'fuseLook', found: 'whole' });
  build = act(build, { does: 'answer', check: 'fuseLook', found: 'blown or missing' });
  expect(build.faults?.[0]?.steps.map(({ found }) => found)).toEqual(['blown or missing']);
  build = act(build, { does: 'repair', cause: 'fuseBlown', did: 'new one', parts: 'fuse' });
  build = act(build, { does: 'answer', check: 'fuseLook', found: 'whole' });
  expect(build.faults?.[0]?.steps.map(({ found }) => found)).toEqual(['blown or missing', 'whole']);
});
test.each<[string, () => Build, FaultAct, RegExp]>([
  ['an unknown symptom', soundBuild, { does: 'open', symptom: 'hums' }, /act\.symptom is hums; allowed is one of .*notLit/],
  ['a start of another build', soundBuild, { does: 'open', symptom: 'hot', start: id(77) }, /no start of this build/],
  ['a fault opened twice', opened, { does: 'open', symptom: 'hot' }, /already kept/],
  ['a fault that is not there', soundBuild, { does: 'answer', check: 'fuseLook', found: 'whole' }, /no fault of this build/],
  [
    'an answer that the check has not',
    opened,
    { does: 'answer', check: 'fuseLook', found: 'melted' },
    /act\.found is melted; allowed is one of whole, blown or missing/,
  ],
  ['a check that there is not', opened, { does: 'answer', check: 'symptom', found: 'it smokes' }, /nothing that is asked/],
  [
    'a cause that there is not',
    opened,
    { does: 'repair', cause: 'gremlins', did: 'shooed', parts: '' },
    /no cause that is known/,
  ],
  ['a proof before a repair', opened, { does: 'prove', start: id(2), told: '' }, /Nothing is mended yet/],
  ['a proof by the start before the repair', mended, { does: 'prove', start: id(2), told: '' }, /begun after the repair/],
  ['a proof by nothing', mended, { does: 'prove', told: '' }, /no start that proves it/],
  [
    'withdrawing what smells',
    () => opened('smells'),
    { does: 'withdraw', reason: 'gone by itself' },
    /not withdrawn: it is closed by/,
  ],
  [
    'a proof of what smells by what can’t smell',
    () => mended('plugOpen', 'smells'),
    { does: 'prove', start: id(2), told: '' },
    /can’t smell: say first what smelled/,
  ],
  ['withdrawing what was mended', mended, { does: 'withdraw', reason: 'no matter' }, /closed by its proof/],
])('%s is refused in one sentence, and nothing is changed', (_what, build, does, sentence) => {
  expect(refusal(build(), does)).toMatch(sentence);
});
test('what is closed is not changed any more, but may be set aside and counted again', () => {
  const withdrawn = act(opened(), { does: 'withdraw', reason: 'tank was empty on purpose' });
  expect(told(withdrawn)?.level).toBe('sound');
  expect(refusal(withdrawn, { does: 'answer', check: 'fuseLook', found: 'whole' })).toMatch(/closed; open a new one/);
  const aside = act(withdrawn, { does: 'aside', aside: true });
  expect([aside.faults?.[0]?.aside, act(aside, { does: 'aside', aside: false }).faults?.[0]?.aside]).toEqual([true, undefined]);
});
test('a viewer opens no fault', () => {
  const command = { kind: 'fault', fault, act: { does: 'open', symptom: 'hot' } } as const;
  expect(applyCommand(soundBuild(), command, { ...author(), role: 'viewer' }).ok).toBe(false);
});
test.each([
  [{ does: 'dance' }, /act\.does must be one of/],
  [{ does: 'open', symptom: 'hot', more: 1 }, /act holds a field that this version does not know: more/],
  [{ does: 'answer', check: 'fuseLook' }, /act\.found/],
  ['open', /act/],
  [{ does: 'code', code: { shown: 'E1', tells: 'nothing' } }, /tells must be one of/],
])('a command with %o is refused where it is read', (does, sentence) => {
  const read = readCommand({ kind: 'fault', fault, act: does });
  expect(read.ok ? 'read' : read.errors.join(' ')).toMatch(sentence);
});
test('every answer of every check can be sent', () => {
  for (const [check, { answers }] of Object.entries(faultChecks))
    for (const found of answers) {
      const read = readCommand({ kind: 'fault', fault, act: { does: 'answer', check, found } });
      expect([check, found, read.ok]).toEqual([check, found, true]);
    }
});
