import type { RulePack } from '../../core/build/pack/RulePack';
import { shippedPacks } from '../../core/usual/packs';
import { commandKinds, type Command, type CommandKind } from '../../core/commands/allCommands';
import { randomUUID } from 'node:crypto';
import { id, soundBuild } from '../soundBuild';
import type { Build } from '../../core/build/Build';
import { assess } from '../../core/checks/assess';
import type { Role } from '../../core/people/roles';
import { commandBuild } from '../../store/builds/command';
import { importBuild } from '../../store/builds/import';
import { ledgerOf } from '../../store/builds/ledger';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';

const gap = soundBuild({ 'fuel.jointGapMm': 4 });
const { code = '', values = {} } = assess(gap).find((c) => c.id === 'fuel.line.joint') ?? {};
const waiver = {
  checkId: 'fuel.line.joint',
  code,
  values,
  reason: 'a reason long enough',
  by: 'A Lead',
  at: '2026-11-20T09:00:00Z',
};

const signatureOf = ({ name }: Person) => ({
  by: name,
  role: 'lead' as const,
  typedName: name,
  at: '2026-11-20T09:00:00.000Z',
  drawn: 'M10,10L60,120L110,20L160,120',
  buildHash: '0'.repeat(64),
});

const [roadPack] = shippedPacks as [RulePack];

/** A build and a command of each kind that a person with the right role may carry out on it. */
const commands: Record<CommandKind, (person: Person) => [Build, Command]> = {
  figures: () => [soundBuild(), { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 26 }] }],
  assume: () => [soundBuild(), { kind: 'assume', assumed: { basis: 'a small van', figures: {} } }],
  maker: () => [soundBuild(), { kind: 'maker', changes: [{ key: 'fuseA', from: null, to: 15 }] }],
  identity: () => [soundBuild(), { kind: 'identity', changes: [{ key: 'place', from: '', to: 'Elsewhere' }] }],
  practices: () => [soundBuild(), { kind: 'practices', changes: [{ key: 'suction', from: 'upTo2', to: 'upTo3' }] }],
  rows: () => [
    soundBuild(),
    { kind: 'rows', changes: [{ list: 'parts', row: id(22), action: 'set', column: 'state', from: 'replaced', to: 'poor' }] },
  ],
  note: () => [soundBuild(), { kind: 'note', text: 'dry' }],
  priming: () => [
    soundBuild(),
    { kind: 'priming', run: { id: id(9), strokes: 10, frequencyHz: 4, fromEmpty: false, outcome: 'stopped' } },
  ],
  start: () => [soundBuild(), { kind: 'start', id: id(9), events: [], readings: [], source: 'live' }],
  readings: () => [soundBuild(), { kind: 'readings', startId: id(2), events: [{ atS: 1, event: 'glow' }], readings: [] }],
  co: () => [soundBuild(), { kind: 'co', reading: { id: id(9), ppm: 0, place: 'floor' } }],
  hot: () => [soundBuild(), { kind: 'hot', look: { id: id(9), place: 'plate', touches: 'timber', surfaceC: 48 } }],
  sight: () => [soundBuild(), { kind: 'sight', look: { id: id(9), sees: 'clear' } }],
  coLog: () => [
    soundBuild(),
    {
      kind: 'coLog',
      log: {
        id: id(9),
        place: 'pillow',
        meter: 'm',
        readings: [
          { min: 0, ppm: 0 },
          { min: 9, ppm: 0 },
        ],
      },
      readAt: '2026-11-20T22:00:00.000Z',
    },
  ],
  noise: () => [soundBuild(), { kind: 'noise', look: { id: id(9), place: 'pillow', state: 'off', levelDb: 25, with: 'meter' } }],
  pack: () => [soundBuild(), { kind: 'pack', packId: roadPack.id, pack: roadPack }],
  ruleAnswer: () => [
    { ...soundBuild(), packs: [roadPack] },
    { kind: 'ruleAnswer', id: id(9), packId: roadPack.id, rule: '11', answer: 'seen', why: 'mesh is there' },
  ],
  waive: () => [gap, { kind: 'waive', checkId: 'fuel.line.joint', code, values, why: 'watched for a year already' }],
  visit: () => [soundBuild(), { kind: 'visit', visit: { id: id(9), did: [], found: 'sound', note: 'all dry' } }],
  withdraw: (person) => [
    { ...soundBuild(), signatures: [signatureOf(person)] },
    { kind: 'withdraw', why: 'signed on the wrong heater' },
  ],
  unwaive: () => [
    { ...gap, waivers: [waiver] },
    { kind: 'unwaive', checkId: 'fuel.line.joint' },
  ],
  holdPoint: () => [soundBuild(), { kind: 'holdPoint', holdPoint: 'bolting', action: 'release' }],
  fault: () => [soundBuild(), { kind: 'fault', fault: id(9), act: { does: 'open', symptom: 'notLit' } }],
  repair: () => [
    { ...soundBuild(), coReadings: [{ id: id(4), at: '2026-11-20T09:15:00.000Z', by: 'A', ppm: 12, place: 'floor' }] },
    { kind: 'repair', repair: { id: id(8), checkId: 'co.reading', cause: 'loose clamp', repair: 'new clamp' } },
  ],
  sign: (person) => [soundBuild(), { kind: 'sign', typedName: person.name, drawn: 'M10,10L60,120L110,20L160,120' }],
};

/** Who may do what: the whole table, written out, so that a slip in the code's own table shows. */
const may: Record<CommandKind, readonly Role[]> = {
  figures: ['fitter', 'lead'],
  assume: ['fitter', 'lead'],
  maker: ['fitter', 'lead'],
  identity: ['fitter', 'lead'],
  practices: ['lead'],
  rows: ['fitter', 'lead'],
  note: ['fitter', 'lead'],
  priming: ['fitter', 'lead'],
  start: ['fitter', 'lead'],
  readings: ['fitter', 'lead'],
  co: ['fitter', 'lead'],
  hot: ['fitter', 'lead'],
  sight: ['fitter', 'lead'],
  noise: ['fitter', 'lead'],
  coLog: ['fitter', 'lead'],
  fault: ['fitter', 'lead'],
  repair: ['fitter', 'lead'],
  pack: ['fitter', 'lead'],
  ruleAnswer: ['fitter', 'lead'],
  waive: ['lead'],
  unwaive: ['lead'],
  visit: ['fitter', 'lead'],
  withdraw: ['lead'],
  holdPoint: ['fitter', 'lead'],
  sign: ['fitter', 'lead'],
};

const people = new Map<Role, Person>();
let stranger: Person;
beforeAll(async () => {
  await migrate();
  const person = async (workshopId: string, role: Role): Promise<Person> => {
    const login = `${role}-${randomUUID().slice(0, 8)}`;
    const added = await addPerson(workshopId, { name: `Role ${role}`, login, password: 'long enough to pass', role });
    if (!added.ok) throw new Error(added.errors.join(' '));
    return added.value;
  };
  const workshop = await addWorkshop('Role Shed');
  for (const role of ['viewer', 'fitter', 'lead'] as const) people.set(role, await person(workshop, role));
  stranger = await person(await addWorkshop('Other Role Shed'), 'lead');
}, 30000);
afterAll(closeDatabase);

const kinds = commandKinds;
const roles: readonly Role[] = ['viewer', 'fitter', 'lead'];
test.each(kinds.flatMap((kind) => roles.map((role) => [kind, role] as const)))('%s by a %s', async (kind, role) => {
  const person = people.get(role);
  const lead = people.get('lead');
  if (!person || !lead) throw new Error('The cast is not complete.');
  const [build, command] = commands[kind](person);
  const kept = await importBuild(lead, { build: { ...build, id: randomUUID() } }, false);
  if (!kept.ok) throw new Error(kept.errors.join(' '));
  const buildId = kept.value.build.id;
  // As if it had all been done here: what a file says of actions would be a claim, and count for nothing.
  await database().models.BuildRow.update({ document: { ...build, id: buildId } }, { where: { id: buildId } });
  const outside = await commandBuild(stranger, buildId, command, randomUUID());
  expect(outside).toMatchObject({ ok: false, why: 'missing' });
  const done = await commandBuild(person, buildId, command, randomUUID());
  const allowed = may[kind].includes(role);
  expect(done).toMatchObject(allowed ? { ok: true } : { ok: false, why: 'forbidden' });
  const rows = await ledgerOf(buildId);
  expect(rows.map((row) => row.kind)).toEqual(allowed ? ['imported', kind] : ['imported']);
  if (allowed) expect(rows[1]).toMatchObject({ by: person.name, role, seq: 2, prevHash: rows[0]?.hash });
});
