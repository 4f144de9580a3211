import type { RulePack } from '../build/pack/RulePack';
import { shippedPacks } from '../usual/packs';
import { commandKinds, type Command, type CommandKind } from '../commands/allCommands';
import { id, soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { applyCommand } from '../commands/applyCommand';
import { assess } from '../checks/assess';
import { describeRow, turnsOf } from './describeRow';

const gap = soundBuild({ 'fuel.jointGapMm': 4 });
const { code = '', values = {} } = assess(gap).find((c) => c.id === 'fuel.line.joint') ?? {};
const waived: Build = {
  ...gap,
  waivers: [{ checkId: 'fuel.line.joint', code, values, reason: 'a reason long enough', by: 'A', at: '2026-11-20T09:00:00Z' }],
};

const signature = {
  by: 'A',
  role: 'lead' as const,
  typedName: 'Ann',
  at: '2026-11-20T09:00:00.000Z',
  drawn: 'M10,10L60,120L110,20L160,120',
  buildHash: '0'.repeat(64),
};

const [roadPack] = shippedPacks as [RulePack];

/** One command of each kind, and the line that must stand on the roll for it. */
const lines: Record<CommandKind, [Build, Command, string]> = {
  figures: [
    soundBuild(),
    { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 5 }] },
    'Pump angle, outlet up: 5 deg (was 25 deg)',
  ],
  assume: [
    soundBuild(),
    {
      kind: 'assume',
      assumed: {
        basis: 'a small van',
        figures: { 'fuel.pumpAngleDeg': { value: 25, low: 0, high: 60, why: 'usual; no source' } },
      },
    },
    '1 figure assumed: a small van',
  ],
  maker: [soundBuild(), { kind: 'maker', changes: [{ key: 'fuseA', from: null, to: 15 }] }, 'Fuse the maker asks for 15 A'],
  identity: [
    soundBuild(),
    { kind: 'identity', changes: [{ key: 'place', from: '', to: 'Elsewhere' }] },
    'Place: Elsewhere (was empty)',
  ],
  practices: [
    soundBuild(),
    { kind: 'practices', changes: [{ key: 'pumpAngle', from: 'lean15to35', to: 'lean45' }] },
    'practice followed here, angle of the pump: about 45°',
  ],
  rows: [
    soundBuild(),
    {
      kind: 'rows',
      changes: [
        { list: 'parts', row: id(22), action: 'set', column: 'state', from: 'replaced', to: 'poor' },
        { list: 'stack', row: id(63), action: 'remove' },
        { list: 'seals', row: id(79), action: 'add', values: { name: 'round the exhaust', kind: 'hotSealant', cureH: 24 } },
      ],
    },
    'Parts: filter, state poor (was replaced); Stack-up: vinyl removed; Sealants and paints: round the exhaust added (high-temperature sealant, 24 h)',
  ],
  note: [soundBuild(), { kind: 'note', text: 'wiped every joint' }, 'wiped every joint'],
  priming: [
    soundBuild(),
    { kind: 'priming', run: { id: id(8), strokes: 140, frequencyHz: 4, fromEmpty: false, outcome: 'stopped' } },
    'primed 140 strokes at 4 Hz: stopped before fuel was seen',
  ],
  start: [soundBuild(), { kind: 'start', id: id(8), events: [], readings: [], source: 'live' }, 'start begun'],
  readings: [
    soundBuild(),
    {
      kind: 'readings',
      startId: id(2),
      events: [{ atS: 12, event: 'flame' }],
      readings: [{ atS: 12.4, quantity: 'volts', value: 11.6 }],
    },
    'flame at 12 s; volts at the heater 11.6 V at 12 s',
  ],
  repair: [
    { ...soundBuild(), coReadings: [{ id: id(4), at: '2026-11-20T09:15:00.000Z', by: 'A', ppm: 12, place: 'floor' }] },
    {
      kind: 'repair',
      repair: { id: id(8), checkId: 'co.reading', cause: 'clamp at the burner loose', repair: 'new clamp, sealed' },
    },
    'REPAIRED co.reading: new clamp, sealed (cause: clamp at the burner loose)',
  ],
  fault: [
    soundBuild(),
    { kind: 'fault', fault: id(8), act: { does: 'open', symptom: 'goesOut' } },
    'FAULT: it lights and goes out',
  ],
  co: [soundBuild(), { kind: 'co', reading: { id: id(8), ppm: 3, place: 'floor' } }, 'carbon monoxide 3 ppm, floor'],
  hot: [
    soundBuild(),
    { kind: 'hot', look: { id: id(8), place: 'plate', touches: 'timber', surfaceC: 48 } },
    '48 °C at the mounting plate (timber or plywood)',
  ],
  sight: [soundBuild(), { kind: 'sight', look: { id: id(8), sees: 'steady' } }, 'seen: bubbles that keep coming'],
  noise: [
    soundBuild(),
    { kind: 'noise', look: { id: id(8), place: 'pump', state: 'full', levelDb: 64.5, awayM: 1, with: 'phone' } },
    '64.5 dB(A) at the pump, 1.0 m off, heater at full output (phone)',
  ],
  coLog: [
    soundBuild(),
    {
      kind: 'coLog',
      log: {
        id: id(8),
        place: 'pillow',
        meter: 'meter 2',
        readings: [
          { min: 0, ppm: 0 },
          { min: 480, ppm: 1.5 },
        ],
      },
      readAt: '2026-11-19T22:00:00.000Z',
    },
    'carbon monoxide over 8.0 h, at most 1.5 ppm, pillow',
  ],
  pack: [soundBuild(), { kind: 'pack', packId: roadPack.id, pack: roadPack }, 'goes by the rule pack Road vehicle, edition 1'],
  ruleAnswer: [
    { ...soundBuild(), packs: [roadPack] },
    { kind: 'ruleAnswer', id: id(91), packId: roadPack.id, rule: '11', answer: 'seen', why: 'mesh is there' },
    'rule 11 of Road vehicle: looked at, and it is so (mesh is there)',
  ],
  waive: [
    gap,
    { kind: 'waive', checkId: 'fuel.line.joint', code, values, why: 'old joint, watched for a year' },
    'WAIVED fuel.line.joint: old joint, watched for a year',
  ],
  visit: [
    soundBuild(),
    {
      kind: 'visit',
      visit: { id: id(91), did: ['service'], found: 'watch', note: 'clamp a little loose', changed: ['exhaust'] },
    },
    'visit: to be watched, changed: exhaust (clamp a little loose)',
  ],
  withdraw: [
    { ...soundBuild(), signatures: [signature] },
    { kind: 'withdraw', why: 'signed on the wrong heater' },
    'SIGNATURE WITHDRAWN: signed on the wrong heater',
  ],
  unwaive: [waived, { kind: 'unwaive', checkId: 'fuel.line.joint' }, 'waiver of fuel.line.joint withdrawn'],
  holdPoint: [
    soundBuild({ 'fuel.jointGapMm': 4 }),
    { kind: 'holdPoint', holdPoint: 'closing', action: 'release' },
    'RELEASED: the tank goes back up, with fuel.line.joint open',
  ],
  sign: [soundBuild(), { kind: 'sign', typedName: 'Test Lead', drawn: 'M10,10L60,120L110,20L160,120' }, 'SIGNED by Test Lead'],
};

const author = { name: 'Test Lead', role: 'lead', at: '2026-11-20T10:00:00.000Z' } as const;
function rowOf(build: Build, command: Command) {
  const applied = applyCommand(build, command, author);
  if (!applied.ok) throw new Error(applied.errors.join(' '));
  return { kind: applied.kind, body: { ...applied.body, findings: applied.findings } };
}

test.each(commandKinds)('a row of kind %s reads as a line of plain words', (kind) => {
  const [build, command, line] = lines[kind];
  const told = describeRow(rowOf(build, command));
  expect(told).toContain(line);
  expect(told).not.toMatch(/undefined|null|NaN|\[object/);
});

test('a correction says so, with its reason', () => {
  const [build, command] = lines.figures;
  expect(describeRow(rowOf(build, { ...command, reason: 'read from the wrong side' }))).toMatch(
    /^CORRECTION \(read from the wrong side\): Pump angle/,
  );
});

test('many figures at once are summed up', () => {
  const changes = (['fuel.tankLengthMm', 'fuel.tankHeightMm', 'fuel.fuelLevelMm', 'fuel.pickupClearanceMm'] as const).map(
    (path) => ({
      path,
      slot: 'planned' as const,
      from: soundBuild().sheets.fuel[path.slice(5) as 'tankLengthMm'].planned,
      to: 60,
    }),
  );
  expect(describeRow(rowOf(soundBuild(), { kind: 'figures', changes }))).toMatch(/; and 1 more figure$/);
});

test('a row shows which calls it made and which it cleared', () => {
  const made = turnsOf(rowOf(...(lines.figures.slice(0, 2) as [Build, Command])));
  expect(made[0]).toEqual({ id: 'fuel.pump.angle', to: 'fix', made: true });
  const cleared = turnsOf(
    rowOf(soundBuild({ 'fuel.pumpAngleDeg': 5 }), {
      kind: 'figures',
      changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 5, to: 25 }],
    }),
  );
  expect(cleared[0]).toEqual({ id: 'fuel.pump.angle', to: 'sound', made: false });
});

test.each([
  [
    { kind: 'imported', body: { claims: { signatures: 1, coReadings: 2 } } },
    /imported from a file; 3 things done, seen or signed elsewhere, kept as claims/,
  ],
  [{ kind: 'imported', body: { claims: { signatures: 1 } } }, /; 1 thing done, seen or signed elsewhere/],
  [{ kind: 'raised', body: { logs: 2, claimed: { signatures: 1 } } }, /1 thing done, seen or signed elsewhere, kept as claims/],
])('what came along with a file is told as claimed: %j', (row, message) => expect(describeRow(row)).toMatch(message));

test('what somebody did after another had opened a way in says so, and nothing else does', () => {
  const told = (reset?: object) =>
    describeRow({ kind: 'waive', body: { checkId: 'x.y', reason: 'why', ...(reset ? { reset } : {}) } });
  expect(told({ by: 'Wilma Lead', at: '2026-11-29T10:00:00.000Z' })).toMatch(/Wilma Lead had given .* on 2026-11-29$/);
  expect(told()).toBe('WAIVED x.y: why');
});
