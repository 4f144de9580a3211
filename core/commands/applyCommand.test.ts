import { sampleOf } from '../../tests/seed';
import type { Verdict } from '../checks/Finding';
import type { Author } from './define';
import type { Change } from './kinds/figures';
import type { Command } from './allCommands';
import fc from 'fast-check';
import { id, soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { fieldAt, figurePaths } from '../build/sheets';
import { nextHoldPoint, signState, wettedStages } from '../checks/progress';
import { assess } from '../checks/assess';
import { applyCommand, readCommand } from './applyCommand';

const lead: Author = { name: 'Test Lead', role: 'lead', at: '2026-11-20T10:00:00.000Z' };
const fitter: Author = { ...lead, name: 'Test Fitter', role: 'fitter' };
const drawn = 'M10,10L20,20L30,10L40,20';
const angle = (from: number | null, to: number | null): Command => ({
  kind: 'figures',
  changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from, to }],
});
function done(build: Build, command: Command, author = lead): Build {
  const applied = applyCommand(build, command, author);
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  return applied.build;
}
const why = (build: Build, command: Command, author = lead) => {
  const applied = applyCommand(build, command, author);
  return applied.ok ? 'ok' : `${applied.why}: ${applied.errors.join(' ')}`;
};
const signed = () => done(soundBuild(), { kind: 'sign', typedName: 'test lead', drawn });

test('a changed figure tells which calls it made and which it cleared', () => {
  const applied = applyCommand(soundBuild(), angle(25, 5), fitter);
  // What was proven of the line's joints, of bubbles and of smoke is stale too: the pump was moved after they were looked at.
  expect(applied.ok && applied.findings).toEqual([
    expect.objectContaining({ id: 'fuel.pump.angle', from: 'sound', to: 'fix' }),
    ...['start.smoke', 'start.bubbles', 'leak.fuel'].map((id): unknown =>
      expect.objectContaining({ id, from: 'sound', to: 'open' }),
    ),
  ]);
});
test('two people on one figure: the second is told both values and nothing is lost', () => {
  const first = done(soundBuild(), angle(25, 30));
  const second = applyCommand(first, angle(25, 20), fitter);
  expect(second).toMatchObject({
    ok: false,
    why: 'clash',
    clashes: [{ key: 'fuel.pumpAngleDeg/fitted', theirs: 30, yours: 20 }],
  });
});
test('changes to different figures commute', () => {
  const change = fc
    .constantFrom(...figurePaths.filter((path) => fieldAt(path).kind === 'number' && !fieldAt(path).given))
    .chain((path) => {
      const field = fieldAt(path);
      return field.kind === 'number'
        ? fc.integer({ min: 0, max: 40 }).map((n): Change => ({
            path,
            slot: 'planned',
            from:
              (soundBuild().sheets as never as Record<string, Record<string, { planned: number }>>)[path.split('.')[0] ?? '']?.[
                path.split('.')[1] ?? ''
              ]?.planned ?? null,
            to: Number((field.min + ((field.max - field.min) * n) / 40).toFixed(field.decimals)),
          }))
        : fc.constant<Change>({ path, slot: 'planned', from: null, to: null });
    });
  fc.assert(
    fc.property(change, change, (a, b) => {
      fc.pre(a.path !== b.path);
      const one = (c: Change): Command => ({ kind: 'figures', changes: [c] });
      expect(done(done(soundBuild(), one(a)), one(b))).toEqual(done(done(soundBuild(), one(b)), one(a)));
    }),
    { numRuns: sampleOf(60, 30) },
  );
});
test('the build given is never touched, refused or not', () => {
  const build = soundBuild();
  const before = JSON.stringify(build);
  applyCommand(build, angle(25, 5), lead);
  applyCommand(build, angle(25, 500), lead);
  expect(JSON.stringify(build)).toBe(before);
});
test('bad values are refused in one sentence with field, value and what is allowed', () => {
  expect(why(soundBuild(), angle(25, 500))).toBe('invalid: Pump angle, outlet up is 500 deg; allowed is -90 to 90 deg.');
  expect(
    why(soundBuild(), {
      kind: 'figures',
      changes: [{ path: 'fuel.nothing' as 'fuel.fuelLevelMm', slot: 'fitted', from: null, to: 1 }],
    }),
  ).toMatch(/fuel.nothing is no figure/);
  expect(
    why(soundBuild(), {
      kind: 'figures',
      changes: [{ path: 'fuel.filterPlace', slot: 'fitted', from: 'beforePump', to: 'sideways' }],
    }),
  ).toMatch(/one of: before the pump/);
  expect(why(soundBuild(), { kind: 'maker', changes: [{ key: 'fuseA', from: null, to: 900 }] })).toMatch(/allowed is 1 to 100 A/);
});
test('what comes over the wire is read strictly', () => {
  for (const bad of [
    null,
    5,
    [],
    {},
    { kind: 'drop' },
    { kind: 'constructor' },
    { kind: 'note' },
    { kind: 'note', text: '' },
    { kind: 'note', text: 'x', more: 1 },
    { kind: 'figures', changes: [] },
    { kind: 'sign', typedName: 'A', drawn: '<script>' },
    JSON.parse('{"kind":"note","text":"x","__proto__":{"a":1}}'),
  ])
    expect(readCommand(bad)).toMatchObject({ ok: false, errors: expect.arrayContaining([expect.stringMatching(/\.$/)]) });
  expect(readCommand({ kind: 'note', text: 'dry after a night' }).ok).toBe(true);
});
test('roles: a viewer changes nothing, only a lead waives', () => {
  expect(why(soundBuild(), angle(25, 20), { ...lead, role: 'viewer' })).toMatch(/^forbidden/);
  expect(
    why(
      soundBuild({ 'fuel.jointGapMm': 4 }),
      { kind: 'waive', checkId: 'fuel.line.joint', code: 'gap', values: {}, why: 'a reason long enough' },
      fitter,
    ),
  ).toMatch(/^forbidden/);
});
test('waivers: of a finding as it reads, never of a stop, never of a sound finding', () => {
  const gap = soundBuild({ 'fuel.jointGapMm': 4 });
  const read = (id: string): Pick<Verdict, 'code' | 'values'> => {
    const { code = '', values = {} } = assess(gap).find((c) => c.id === id) ?? {};
    return { code, values };
  };
  const waive = (checkId: string, { code, values }: Pick<Verdict, 'code' | 'values'>): Command => ({
    kind: 'waive',
    checkId,
    code,
    values,
    why: 'old joint, watched for a year',
  });
  expect(
    assess(done(gap, waive('fuel.line.joint', read('fuel.line.joint')))).find((c) => c.id === 'fuel.line.joint')?.waived,
  ).toMatchObject({
    by: 'Test Lead',
  });
  expect(why(gap, waive('fuel.line.joint', { code: 'small', values: {} }))).toMatch(/^standing.*something else now/);
  expect(why(gap, waive('fuel.bubbles', read('fuel.bubbles')))).toMatch(/only a finding/);
  expect(why(soundBuild({ 'proving.coAlarmFitted': 'no' }), waive('co.alarm', { code: 'none', values: {} }))).toMatch(
    /a stop can’t be waived/,
  );
});
describe('signing', () => {
  test('locks the build; a correction needs a reason, shows, and wants a new signature', () => {
    const build = signed();
    expect([signState(build), wettedStages(build)]).toEqual(['signed', 12]);
    const correct: Command = {
      kind: 'figures',
      changes: [{ path: 'wiring.fuseFromBatteryMm', slot: 'fitted', from: 100, to: 110 }],
    };
    expect(why(build, correct)).toMatch(/^locked/);
    const corrected = done(build, { ...correct, reason: 'read from the wrong side' });
    expect(signState(corrected)).toBe('corrected');
    expect(signState(done(corrected, { kind: 'sign', typedName: 'Test Lead', drawn }))).toBe('signed');
    expect(why(build, { kind: 'note', text: 'phoned the owner' })).toBe('ok');
  });
  test('is refused while anything stands, under another name, or twice', () => {
    expect(why(soundBuild({ 'fuel.jointGapMm': 4 }), { kind: 'sign', typedName: 'Test Lead', drawn })).toMatch(
      /^standing: fuel.line.joint/,
    );
    expect(why(soundBuild(), { kind: 'sign', typedName: 'Somebody', drawn })).toMatch(/must be the name that is signed in/);
    expect(why(signed(), { kind: 'sign', typedName: 'Test Lead', drawn })).toMatch(/^locked/);
  });
});
test('readings go to the start that they name, and to no other', () => {
  const more: Command = { kind: 'readings', startId: id(2), events: [], readings: [{ atS: 50, quantity: 'volts', value: 11.6 }] };
  expect(done(soundBuild(), more).starts[0]?.readings).toHaveLength(6);
  expect(why(soundBuild(), { ...more, startId: id(9) })).toMatch(/no start of this build/);
  expect(why(soundBuild(), { ...more, readings: [{ atS: 50, quantity: 'volts', value: 90 }] })).toMatch(/0 to 40 V/);
});

describe('hold points', () => {
  const release = (holdPoint: 'cutting' | 'bolting' | 'closing' | 'power' | 'fire'): Command => ({
    kind: 'holdPoint',
    holdPoint,
    action: 'release',
  });
  test('a stop at the step, or at one before it, keeps it held; what is to be fixed goes into the record', () => {
    const poison = soundBuild({ 'air.exhaustPastOutlineMm': -240, 'fuel.jointGapMm': 4 });
    for (const holdPoint of ['bolting', 'closing', 'power', 'fire'] as const)
      expect(why(poison, release(holdPoint))).toMatch(/^standing: exhaust.end.underneath: Exhaust ends 240 mm inside/);
    const gap = soundBuild({ 'fuel.jointGapMm': 4 });
    const passed = done(gap, release('closing'), fitter);
    expect(passed.releases).toEqual([{ holdPoint: 'closing', by: 'Test Fitter', at: fitter.at, open: ['fuel.line.joint'] }]);
    expect(why(passed, release('closing'))).toMatch(/released already, by Test Fitter/);
    expect(done(passed, { kind: 'holdPoint', holdPoint: 'closing', action: 'hold' }).releases).toEqual([]);
    expect(why(gap, { kind: 'holdPoint', holdPoint: 'closing', action: 'hold' })).toMatch(/was not released/);
  });
  test('the next hold point is the first that nobody has released; then hand-over; then none', () => {
    let build = soundBuild();
    for (const holdPoint of ['cutting', 'bolting', 'closing', 'power', 'fire'] as const) {
      expect(nextHoldPoint(build)).toBe(holdPoint);
      build = done(build, release(holdPoint));
    }
    expect(nextHoldPoint(build)).toBe('handover');
    expect(nextHoldPoint(done(build, { kind: 'sign', typedName: 'Test Lead', drawn }))).toBeNull();
  });
  test('nobody is helped to light what must not be lit; what was lit may be written down', () => {
    const silent = soundBuild({ 'proving.coAlarmFitted': 'no' });
    const start = (source: 'live' | 'csv'): Command => ({ kind: 'start', id: id(7), events: [], readings: [], source });
    expect(why(silent, start('live'))).toMatch(/^standing: It must not be lit. co.alarm: There is no carbon monoxide alarm/);
    expect([why(silent, start('csv')), why(soundBuild(), start('live'))]).toEqual(['ok', 'ok']);
  });
});
