import type { Command } from '../../core/commands/allCommands';
import { buildHash } from '../../core/build/buildHash';
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { actionCommands } from '../actionCommands';
import { soundBuild } from '../soundBuild';
import { airCard, vanAnswers } from '../startedBuild';
import type { Build } from '../../core/build/Build';
import { buildFileMaxBytes, logsNamed, parseBuildFile } from '../../core/build/buildFile';
import { rowsOf } from '../../core/build/lists';
import { fieldAt, figurePaths } from '../../core/build/sheets';
import { firstBreak } from '../../core/ledger/chain';
import { writeBuildFileParts } from '../../formats/buildFile';
import { commandBuild } from '../../store/builds/command';
import { createBuild, importBuild } from '../../store/builds/import';
import { ledgerOf, ledgerText, verifyBuild } from '../../store/builds/ledger';
import { listBuilds } from '../../store/builds/bay';
import { loadBuild } from '../../store/builds/kept';
import { startLog } from '../../store/startLogs';
import { closeDatabase, database } from '../../store/database';
import { keepPartList, partListsOf } from '../../store/partLists';
import { keepUnitCard, unitCardsOf } from '../../store/unitCards';
import { classCards } from '../../core/usual/classes';
import { startFrom } from '../../core/usual/startFrom';
import { brokenPhotos, keepPhoto, photoBytes, printedPhotos } from '../../store/photos';
import { readPhoto } from '../../formats/readPhoto';
import { migrate } from '../../store/migrate';
import { addFirstLead, addPerson, addWorkshop, type Person } from '../../store/people';
import { signIn as signInFrom } from '../../store/enter';
import { beginSession, personAt, personOf, signOut } from '../../store/sessions';
import { nobody } from '../../store/signIns';
import { loadDemo } from '../../demo/loadDemo';

// A real PostgreSQL of its own, begun empty by `npm test`.
let lead: Person;
let fitter: Person;
let stranger: Person;
const password = 'long enough to pass';
const signIn = async (login: string, word: string) => {
  const entered = await signInFrom(login, word, nobody);
  return entered.kind === 'in' ? entered.token : null;
};
const fresh = (): Build => ({ ...soundBuild(), id: randomUUID() });
const keep = async (build: Build): Promise<Build> => {
  const kept = await importBuild(fitter, { build }, false);
  if (!kept.ok) throw new Error(kept.errors.join());
  return kept.value.build;
};
const note = (text: string): Command => ({ kind: 'note', text });

beforeAll(async () => {
  await migrate();
  const made = (added: { ok: true; value: Person } | { ok: false; errors: string[] }): Person => {
    if (!added.ok) throw new Error(added.errors.join());
    return added.value;
  };
  const code = 'ABCD-EFGH';
  const first = { code: 'abcd-efgh ', name: 'Test Lead', login: 'lead', password };
  // Without the code that was printed nobody is named, nor where none was.
  for (const [said, wanted] of [
    ['ABCD-EFGJ', code],
    ['ABCD-EFGH', null],
  ] as const)
    expect(await addFirstLead({ workshop: 'Test Shed', ...first, code: said }, wanted)).toMatchObject({
      ok: false,
      fields: { code: expect.stringContaining('Set-up code is another one') as string },
    });
  const both = await Promise.all([
    addFirstLead({ workshop: 'Test Shed', ...first }, code),
    addFirstLead({ workshop: 'Other Shed', ...first, login: 'usurper' }, code),
  ]);
  // Two at the same moment: just one becomes the first lead.
  expect(both.filter((b) => b.ok)).toHaveLength(1);
  lead = made(both.find((b) => b.ok) ?? { ok: false, errors: ['none'] });
  fitter = made(await addPerson(lead.workshopId, { name: 'Test Fitter', login: 'fitter', password, role: 'fitter' }));
  stranger = made(
    await addPerson(await addWorkshop('Far Shed'), { name: 'Stranger', login: 'stranger', password, role: 'lead' }),
  );
}, 30000);
afterAll(closeDatabase);

test('people: wrong words say so, sessions end by idling, by age and by sign-out', async () => {
  expect(await addPerson(lead.workshopId, { name: 'X', login: 'BAD LOGIN', password: 'short', role: 'king' })).toMatchObject({
    ok: false,
    errors: { length: 4 },
  });
  expect(await addPerson(lead.workshopId, { name: 'Xy', login: 'fitter', password, role: 'fitter' })).toMatchObject({
    ok: false,
    errors: ['Sign-in name fitter is taken.'],
    fields: { login: 'Sign-in name fitter is taken.' },
  });
  expect([await signIn('fitter', 'wrong'), await signIn('nobody', password)]).toEqual([null, null]);
  const token = (await signIn(' Fitter ', password)) ?? '';
  expect(await personOf(token)).toMatchObject({ login: 'fitter', role: 'fitter' });
  expect(await personOf('f'.repeat(64))).toBeNull();
  const later = (hours: number) => new Date(Date.now() + hours * 3600 * 1000);
  expect(await personOf(token, later(13))).toBeNull();
  expect(await personOf(token)).toBeNull();
  const second = (await signIn('fitter', password)) ?? '';
  await signOut(second);
  expect(await personOf(second)).toBeNull();
  const [row] = await database().models.PersonRow.findAll({ where: { login: 'fitter' } });
  expect(row?.passwordHash).toMatch(/^scrypt\$32768\$[0-9a-f]{32}\$[0-9a-f]{64}$/);
});

test('the ledger can’t be changed or emptied in the database, even by our own role', async () => {
  const build = await keep(fresh());
  for (const sql of ["UPDATE ledger SET body = '{}'", 'DELETE FROM ledger', 'TRUNCATE ledger', 'TRUNCATE ledger, builds CASCADE'])
    await expect(database().sequelize.query(sql)).rejects.toThrow(/permission denied/);
  expect(await ledgerOf(build.id)).toHaveLength(1);
});

test('worksheet and ledger row are written together; the same command twice counts once', async () => {
  const build = await keep(fresh());
  const change: Command = { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 30 }] };
  const commandId = randomUUID();
  const first = await commandBuild(fitter, build.id, change, commandId);
  const again = await commandBuild(fitter, build.id, change, commandId);
  expect(first).toMatchObject({ ok: true, kept: { lastSeq: 2 } });
  expect(again).toEqual(first);
  expect((await loadBuild(fitter, build.id))?.build.sheets.fuel.pumpAngleDeg).toEqual({ planned: 25, fitted: 30 });
  const refused = await commandBuild(
    lead,
    build.id,
    { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 20 }] },
    randomUUID(),
  );
  expect(refused).toMatchObject({ ok: false, why: 'clash', clashes: [{ theirs: 30, yours: 20 }] });
  expect(await ledgerOf(build.id)).toHaveLength(2);
});

test('forty people at the same moment: every entry is there, once, and the chain holds', async () => {
  const build = await keep(fresh());
  const paths = figurePaths.filter((path) => fieldAt(path).kind === 'number' && !fieldAt(path).given).slice(0, 20);
  const done = await Promise.all([
    ...paths.map((path) => {
      const field = fieldAt(path);
      const [sheet = '', name = ''] = path.split('.');
      const now = (build.sheets as never as Record<string, Record<string, { planned: number }>>)[sheet]?.[name]?.planned ?? null;
      return commandBuild(
        fitter,
        build.id,
        { kind: 'figures', changes: [{ path, slot: 'planned', from: now, to: field.kind === 'number' ? field.max : 0 }] },
        randomUUID(),
      );
    }),
    ...Array.from({ length: 20 }, (_, i) => commandBuild(lead, build.id, note(`entry ${i}`), randomUUID())),
  ]);
  expect(done.every((d) => d.ok)).toBe(true);
  const rows = await ledgerOf(build.id);
  expect([rows.length, firstBreak(rows)]).toEqual([41, null]);
  // What goes over the wire is made by the database, and is the same.
  expect(JSON.parse(await ledgerText(build.id, { after: 3, before: 30 }))).toEqual(rows.slice(3, 29));
  expect(new Set(rows.filter((r) => r.kind === 'note').map((r) => (r.body as { text: string }).text)).size).toBe(20);
  const now = (await loadBuild(fitter, build.id))?.build;
  expect(
    paths.every((path) => {
      const [s = '', n = ''] = path.split('.');
      const field = fieldAt(path);
      return (
        field.kind === 'number' &&
        (now?.sheets as never as Record<string, Record<string, { planned: number }>>)[s]?.[n]?.planned === field.max
      );
    }),
  ).toBe(true);
}, 30000);

test('another workshop’s build does not exist, by any way', async () => {
  const build = await keep(fresh());
  expect(await loadBuild(stranger, build.id)).toBeNull();
  expect(await commandBuild(stranger, build.id, note('hello'), randomUUID())).toMatchObject({ ok: false, why: 'missing' });
  const token = await beginSession(stranger.id, { address: '', agent: '' });
  expect((await personAt(token, build.id))?.head).toBeNull();
  expect((await listBuilds(stranger)).builds.map((b) => b.id)).not.toContain(build.id);
  expect(await importBuild(stranger, { build }, false)).toMatchObject({ ok: false });
  expect(await createBuild({ ...fitter, role: 'viewer' }, { name: 'x' })).toMatchObject({ ok: false });
});

/** Does here what a build says was done elsewhere. */
async function play(build: Build): Promise<void> {
  for (const { command, at } of actionCommands(build)) {
    const done = await commandBuild(fitter, build.id, command, randomUUID(), { at: new Date(at) });
    if (!done.ok) throw new Error(done.errors.join());
  }
}
const sign: Command = { kind: 'sign', typedName: 'Test Lead', drawn: 'M10,10L60,120L110,20L160,120' };

test('a build comes back in with its figures; what people did, saw and signed is a claim that counts for nothing, and a copy drops it', async () => {
  const build = fresh();
  const forged: Build = {
    ...build,
    waivers: [
      {
        checkId: 'wiring.fuse.place',
        code: 'none',
        values: {},
        reason: 'made up in a text editor',
        by: 'Test Lead',
        at: '2026-11-20T09:00:00Z',
      },
    ],
    releases: [{ holdPoint: 'fire', by: 'Test Lead', at: '2026-11-20T08:00:00Z', open: [] }],
    signatures: [
      {
        by: 'Test Lead',
        role: 'lead',
        typedName: 'Test Lead',
        at: '2026-11-22T09:00:00Z',
        drawn: 'M10,10L60,120L110,20L160,120',
        buildHash: buildHash(build),
      },
    ],
  };
  const kept = await keep(forged);
  expect(kept.sheets).toEqual(forged.sheets);
  expect([kept.signatures, kept.waivers, kept.releases, kept.starts, kept.primingRuns, kept.coReadings]).toEqual([
    [],
    [],
    undefined,
    [],
    [],
    [],
  ]);
  expect(rowsOf(kept.lists, 'leaks')).toEqual([{ id: forged.lists?.leaks?.[0]?.id, name: 'at the pump' }]);
  expect(kept.claims).toEqual([
    expect.objectContaining({
      by: fitter.name,
      signatures: forged.signatures,
      waivers: forged.waivers,
      releases: forged.releases,
      starts: forged.starts,
      primingRuns: forged.primingRuns,
      coReadings: forged.coReadings,
      leaks: forged.lists?.leaks,
    }),
  ]);
  const summary = (await listBuilds(lead)).builds.find(({ id }) => id === forged.id)?.summary;
  expect([summary?.signed, summary?.holdPoint]).toEqual(['unsigned', 'cutting']);
  expect(await importBuild(fitter, { build: forged }, false)).toMatchObject({
    ok: false,
    errors: [expect.stringMatching(/kept already.*copy/)],
  });
  const copy = await importBuild(fitter, { build: forged }, true);
  if (!copy.ok) throw new Error(copy.errors.join());
  const { claims, signatures, starts, id: copied } = copy.value.build;
  expect([claims, signatures, starts, copied === forged.id]).toEqual([undefined, [], [], false]);
  // Nothing is signed on a claim: it is all still to be done here.
  expect(await commandBuild(lead, forged.id, sign, randomUUID())).toMatchObject({
    ok: false,
    why: 'standing',
    errors: expect.arrayContaining([expect.stringMatching(/^co\.reading/), expect.stringMatching(/^start\.ignition/)]),
  });
  await play({ ...build, id: forged.id });
  const signed = await commandBuild(lead, forged.id, sign, randomUUID());
  expect(signed.ok && signed.kept.build.signatures.map(({ by }) => by)).toEqual([lead.name]);
});

test('a log of 20,000 readings is kept beside its build; fifty such starts make a command no dearer, and the build still goes out and comes in', async () => {
  const build = await keep(fresh());
  const readings = (seed: number) =>
    Array.from({ length: 20000 }, (_, i) => ({ atS: i / 10, quantity: 'volts' as const, value: 12 + ((i + seed) % 13) / 10 }));
  const events = [
    { atS: 5, event: 'on' as const },
    { atS: 300, event: 'full' as const },
  ];
  const start = (n: number): Command => ({ kind: 'start', id: randomUUID(), events, readings: readings(n), source: 'csv' });
  const note = async () => {
    const began = performance.now();
    for (let i = 0; i < 5; i += 1)
      expect((await commandBuild(fitter, build.id, { kind: 'note', text: 'x' }, randomUUID())).ok).toBe(true);
    return performance.now() - began;
  };
  await note();
  const before = await note();
  for (let n = 0; n < 12; n += 1) expect((await commandBuild(fitter, build.id, start(n), randomUUID())).ok).toBe(true);
  const after = await note();
  expect(after / before).toBeLessThan(3);
  const kept = await loadBuild(lead, build.id);
  if (!kept) throw new Error('gone');
  expect(JSON.stringify(kept.build).length).toBeLessThan(200_000);
  expect(kept.build.starts[3]?.log?.facts).toMatchObject({ readings: 20000, maxV: 13.2 });
  let text = '';
  for await (const part of writeBuildFileParts(kept.build, logsNamed(kept.build), (sha256) => startLog(build.id, sha256)))
    text += part;
  const read = parseBuildFile(text);
  expect(read.ok && [read.value.build, read.value.logs.size]).toEqual([kept.build, 12]);
  // Fifty of them fit: what goes out may come in again.
  expect((text.length / 12) * 50).toBeLessThan(buildFileMaxBytes);
  const damaged = parseBuildFile(text.replace('0.1 v 1', '0.1 v 2'));
  expect(damaged.ok || damaged.errors[0]).toMatch(/not what its fingerprint says/);
  expect((await verifyBuild(build.id))?.broken).toBeNull();
}, 120_000);

test('the demo is not loaded over people’s work', async () => {
  expect(await loadDemo()).toBe(false);
});

test('a part list is the workshop’s own, and of two changes of the same one the second is told', async () => {
  const first = await partListsOf(lead);
  expect([first.air.version, first.air.rows.length > 20]).toEqual([0, true]);
  const change = { family: 'air', version: 0, rows: [{ name: 'heater', kind: 'heater', needed: 1 }] };
  expect(await keepPartList(lead, change)).toMatchObject({
    ok: true,
    value: { air: { version: 1, rows: [{ name: 'heater' }] } },
  });
  expect(await keepPartList(lead, change)).toEqual({ ok: false, errors: [expect.stringMatching(/Somebody else has changed/)] });
  expect((await partListsOf(stranger)).air.version).toBe(0);
  // One that is refused is not kept, where the list was never changed before either.
  expect((await keepPartList(stranger, { ...change, version: 3 })).ok).toBe(false);
  expect((await partListsOf(stranger)).air).toEqual({ version: 0, rows: first.air.rows });
  for (const rows of [[], [{ name: '' }], [{ name: 'x', kind: 'spoon' }], [{ name: 'x', state: 'present' }], 'all'])
    expect(await keepPartList(lead, { family: 'air', version: 1, rows })).toMatchObject({ ok: false });
});

test('a unit card goes up by an edition with each correction, tells which builds took which, and changes none', async () => {
  const card = { ...airCard, id: randomUUID(), name: 'Shed’s own' };
  const first = await keepUnitCard(fitter, card);
  expect(first).toMatchObject({ ok: true, value: [{ card: { edition: 1 }, by: fitter.name, takenBy: [] }] });
  const { kind: _kind, ...start } = startFrom({ ...vanAnswers, card });
  const made = await createBuild(fitter, { name: 'Taker', what: '', kind: 'road', place: '', heaterSerial: '', start });
  const build = made.ok ? made.value.build : null;
  expect(build?.unitCard).toMatchObject({ id: card.id, edition: 1 });
  const corrected = { ...card, figures: { ...card.figures, 'heater.pumpMaxHz': { value: 4.8, source: 'manual' } } };
  expect(await keepUnitCard(fitter, corrected)).toMatchObject({
    ok: true,
    value: [{ card: { edition: 2 }, takenBy: [{ buildId: build?.id, name: 'Taker', edition: 1 }] }],
  });
  expect((await loadBuild(fitter, build?.id ?? ''))?.build).toEqual(build);
  // Whoever still holds the first edition is told.
  expect(await keepUnitCard(fitter, corrected)).toEqual({
    ok: false,
    errors: [expect.stringMatching(/^Edition 2 of .* load it again/)],
  });
  expect(await unitCardsOf(stranger)).toEqual([]);
  expect(await keepUnitCard(fitter, classCards[0])).toEqual({ ok: false, errors: [expect.stringMatching(/ships with Lorbet/)] });
  expect(await keepUnitCard(fitter, { ...card, figures: { 'heater.pumpMaxHz': { value: 99, source: 'manual' } } })).toMatchObject(
    { ok: false },
  );
});

test('a build that begins with a start that is not whole is not made', async () => {
  const { kind: _kind, ...start } = startFrom(vanAnswers);
  const said = { name: 'x', what: '', kind: 'road', place: '', heaterSerial: '' };
  for (const bad of [
    { ...start, assumed: { ...start.assumed, basis: '' } },
    { ...start, said: { 'fuel.pumpAngleDeg': 900 } },
    { ...start, said: { 'no.figure': 1 } },
    { ...start, maker: { fuseA: -1 } },
    { ...start, assumed: { ...start.assumed, lists: { leaks: [] } } },
    'all of it',
  ])
    expect(await createBuild(fitter, { ...said, start: bad })).toMatchObject({ ok: false, errors: [expect.any(String)] });
});

test('photographs are kept once, and a picture that is not what its fingerprint says is found', async () => {
  const build = await keep(fresh());
  const read = await readPhoto(
    await sharp({ create: { width: 90, height: 60, channels: 3, background: '#336699' } })
      .jpeg()
      .toBuffer(),
  );
  if (!read.ok) throw new Error(read.error);
  await keepPhoto(fitter, build.id, read.value);
  await keepPhoto(fitter, build.id, read.value);
  const { sha256 } = read.value;
  const added = await commandBuild(
    fitter,
    build.id,
    { kind: 'rows', changes: [{ list: 'photos', row: randomUUID(), action: 'add', values: { sha256, printed: 'yes' } }] },
    randomUUID(),
  );
  expect(added.ok).toBe(true);
  expect(await photoBytes(build.id, sha256, 'picture')).toEqual(read.value.picture);
  expect(await photoBytes(randomUUID(), sha256, 'picture')).toBeNull();
  expect(await brokenPhotos(build.id)).toEqual([]);
  expect([...(await printedPhotos(added.ok ? added.kept.build : build)).keys()]).toEqual([sha256]);
});
