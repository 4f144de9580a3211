import { saidTimes } from '../../core/ledger/saidTimes';
import { settleClash } from '../../core/commands/applyCommand';
import type { Command } from '../../core/commands/allCommands';
import { noteOrigins } from '../../core/ledger/noteOrigins';
import type { Origins } from '../../core/record/Origin';
import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import pg from 'pg';
import sharp from 'sharp';
import { soundBuild, soundLists, soundStart } from '../soundBuild';
import type { Build } from '../../core/build/Build';
import { rowsOf } from '../../core/build/lists';
import { figureAt, type FigurePath } from '../../core/build/sheets';
import { assess } from '../../core/checks/assess';
import { summarizeBuild } from '../../core/checks/summarizeBuild';
import { canonicalJson } from '../../core/record/canonicalJson';
import { nextRow } from '../../core/ledger/chain';
import { sha256Hex } from '../../core/record/sha256Hex';
import { readPhoto } from '../../formats/readPhoto';
import { brokenBeside } from '../../store/builds/beside';
import { keepPhoto } from '../../store/photos';
import { commandBuild } from '../../store/builds/command';
import { createBuild, importBuild } from '../../store/builds/import';
import { witnessOf } from '../../store/witness';
import { ledgerOf, verifyBuild, wholeLedger } from '../../store/builds/ledger';
import { listBuilds } from '../../store/builds/bay';
import { loadBuild } from '../../store/builds/kept';
import { config } from '../../store/config';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { startLog } from '../../store/startLogs';
import { beginSession, hashToken, personOf, rotateSession, signOut, signOutEverywhere } from '../../store/sessions';
import { nobody } from '../../store/signIns';

let person: Person;
const owner = new pg.Client({ connectionString: process.env.LORBET_OWNER_URL ?? '' });
beforeAll(async () => {
  await migrate();
  await owner.connect();
  const added = await addPerson(await addWorkshop('Firm Shed'), {
    name: 'Firm Lead',
    login: `firm-${randomUUID().slice(0, 8)}`,
    password: 'long enough to pass',
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join());
  person = added.value;
}, 30000);
afterAll(async () => {
  await owner.end();
  await closeDatabase();
});
const keep = async (build: Build = soundBuild()): Promise<string> => {
  const kept = await importBuild(person, { build: { ...build, id: randomUUID() } }, false);
  if (!kept.ok) throw new Error(kept.errors.join());
  return kept.value.build.id;
};
const note = (text: string): Command => ({ kind: 'note', text });
const run = (id: string, command: Command, commandId = randomUUID()) => commandBuild(person, id, command, commandId);

test('the role under which the app works can read and add to the ledger, and nothing else; its owner meets the trigger', async () => {
  const id = await keep();
  const { sequelize } = database();
  for (const sql of [
    "UPDATE ledger SET body = '{}'",
    'DELETE FROM ledger',
    'TRUNCATE ledger',
    'DELETE FROM sign_ins',
    "UPDATE sign_ins SET event = 'x'",
    'DELETE FROM builds',
    "UPDATE photos SET picture = ''",
    'DELETE FROM photos',
    'DELETE FROM part_lists',
    'DROP TABLE ledger',
    'ALTER TABLE ledger DISABLE TRIGGER ALL',
    'CREATE TABLE mine (x int)',
    "SET session_replication_role = 'replica'",
    'DROP TRIGGER ledger_append_only ON ledger',
    'CREATE ROLE another SUPERUSER',
  ])
    await expect(sequelize.query(sql)).rejects.toThrow(/permission denied|must be (owner|superuser)/);
  for (const sql of [
    "UPDATE ledger SET body = '{}'",
    'DELETE FROM ledger',
    'TRUNCATE ledger',
    'DELETE FROM sign_ins',
    'TRUNCATE sign_ins',
    'DELETE FROM photos',
    'TRUNCATE photos',
  ])
    await expect(owner.query(sql)).rejects.toThrow('append-only');
  expect(await ledgerOf(id)).toHaveLength(1);
});

test('a database that was tampered with past the trigger is found out: altered, missing, added, moved, and the build itself', async () => {
  const tampered = async (sql: string): Promise<string> => {
    const id = await keep();
    for (const text of ['one', 'two', 'three']) await run(id, note(text));
    expect((await verifyBuild(id))?.broken).toBeNull();
    await owner.query("SET session_replication_role = 'replica'");
    try {
      await owner.query(sql.replaceAll(':id', `'${id}'`));
    } finally {
      await owner.query("SET session_replication_role = 'origin'");
    }
    return (await verifyBuild(id))?.broken?.why ?? 'nothing found';
  };
  expect(await tampered("UPDATE ledger SET by_name = 'Nobody' WHERE build_id = :id AND seq = 2")).toMatch(/row 2 was altered/);
  expect(await tampered('DELETE FROM ledger WHERE build_id = :id AND seq = 3')).toMatch(/row 3 is missing/);
  expect(await tampered('DELETE FROM ledger WHERE build_id = :id AND seq = 4')).toMatch(/row 4 is missing/);
  expect(
    await tampered(
      'INSERT INTO ledger SELECT build_id, 5, at, by_name, role, kind, body, prev_hash, hash, person_id, gen_random_uuid(), NULL, workshop_id FROM ledger WHERE build_id = :id AND seq = 4',
    ),
  ).toMatch(/row 5 does not follow/);
  expect(
    await tampered(
      [
        'UPDATE ledger SET seq = 30 WHERE build_id = :id AND seq = 2',
        'UPDATE ledger SET seq = 2 WHERE build_id = :id AND seq = 3',
        'UPDATE ledger SET seq = 3 WHERE build_id = :id AND seq = 30',
      ].join(';'),
    ),
  ).toMatch(/row 2 does not follow|row 2 was altered/);
  expect(
    await tampered(`UPDATE builds SET document = jsonb_set(document, '{sheets,fuel,pumpAngleDeg,fitted}', '33') WHERE id = :id`),
  ).toMatch(/figures are not those that row 4 left/);
}, 30000);

test('a dozen builds that are begun in one workshop at the same moment are all kept, and stand in its chain one after the other', async () => {
  const identity = { name: 'At once', what: '', kind: 'boat', place: '', heaterSerial: '' };
  const made = await Promise.all(Array.from({ length: 12 }, () => createBuild(person, identity)));
  expect(made.map(({ ok }) => ok)).toEqual(made.map(() => true));
  const chain = (await witnessOf(person.workshopId)).map(
    ({ content }) => JSON.parse(content) as { seq: number; heads: string[][] },
  );
  expect(chain.map(({ seq }) => seq)).toEqual(chain.map((_, i) => i + 1));
  const named = new Set(chain.flatMap(({ heads }) => heads.map(([id]) => id)));
  expect(made.filter((one) => one.ok && !named.has(one.value.build.id))).toEqual([]);
});

test('what was tampered with beside the ledger is found out: origins, what the bay shows, a person, a picture', async () => {
  const tampered = async (sql: string): Promise<string[]> => {
    const id = await keep();
    const picture = await readPhoto(
      await sharp({ create: { width: 400, height: 300, channels: 3, background: '#456' } })
        .jpeg()
        .toBuffer(),
    );
    if (!picture.ok) throw new Error(picture.error);
    await keepPhoto(person, id, picture.value);
    const { sha256 } = picture.value;
    const values = { sha256, printed: 'yes' };
    const done = await run(id, {
      kind: 'rows',
      changes: [{ list: 'photos', row: randomUUID(), action: 'add', values }],
    });
    expect(done).toMatchObject({ ok: true });
    expect(await brokenBeside(id)).toEqual([]);
    await owner.query("SET session_replication_role = 'replica'");
    try {
      await owner.query(sql.replaceAll(':id', `'${id}'`));
    } finally {
      await owner.query("SET session_replication_role = 'origin'");
    }
    expect((await verifyBuild(id))?.broken).toBeNull();
    return brokenBeside(id);
  };
  expect(
    await tampered(`UPDATE builds SET origins = jsonb_set(origins, '{forged}', '{"by":"Nobody","at":"x"}') WHERE id = :id`),
  ).toEqual(['who entered its figures is not what its ledger says']);
  const shown = ['what the bay shows of it is not what it says itself'];
  expect(await tampered(`UPDATE builds SET summary = jsonb_set(summary, '{signed}', '"signed"') WHERE id = :id`)).toEqual(shown);
  expect(await tampered("UPDATE builds SET search = 'another' WHERE id = :id")).toEqual(shown);
  expect(await tampered('UPDATE ledger SET person_id = gen_random_uuid() WHERE build_id = :id AND seq = 2')).toEqual([
    'row 2 is somebody else’s than the one who wrote it',
  ]);
  expect(await tampered('UPDATE ledger SET workshop_id = gen_random_uuid() WHERE build_id = :id AND seq = 2')).toEqual([
    'row 2 is shown to another workshop, and hidden from its own',
  ]);
  expect(await tampered('DELETE FROM photos WHERE build_id = :id')).toEqual([
    expect.stringMatching(/^the picture [0-9a-f]{64} is gone$/),
  ]);
  expect(await tampered("UPDATE photos SET picture = '\\x00' WHERE build_id = :id")).toEqual([
    expect.stringMatching(/is not what its fingerprint says$/),
  ]);
}, 60_000);

test('what stands beside a build is what its ledger and its findings say', async () => {
  const id = await keep();
  await run(id, { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 4 }] });
  await run(id, { kind: 'maker', changes: [{ key: 'fuseA', from: null, to: 15 }] });
  await run(id, { kind: 'identity', changes: [{ key: 'name', from: 'Test Barrow', to: 'Other Barrow' }] });
  const kept = await loadBuild(person, id);
  const rows = await wholeLedger(id);
  expect(kept?.origins).toEqual(rows.reduce<Origins>(noteOrigins, {}));
  const found = (await listBuilds(person, { find: 'OTHER barr' })).builds.find((build) => build.id === id);
  expect(found?.summary).toEqual(kept && summarizeBuild(kept.build, assess(kept.build)));
  expect((await listBuilds(person, { find: '100%' })).builds).toEqual([]);
  const checked = (rows[1]?.body as { findings: { id: string; rules: unknown[] }[] }).findings.find(
    (finding) => finding.id === 'fuel.pump.angle',
  );
  expect(checked?.rules).toContainEqual({ key: 'pumpAngleMinDeg', value: 15, origin: 'practice' });
});

test('a database from before photographs and part lists is raised once, its summaries anew; done again it harms nothing', async () => {
  const id = await keep(soundBuild({ 'siting.heaterLies': 'upsideDown' }));
  await owner.query("UPDATE builds SET summary = '{}' WHERE id = $1", [id]);
  await owner.query("DELETE FROM migrations WHERE name = '0003-photos-and-part-lists'");
  expect(await migrate()).toEqual(['0003-photos-and-part-lists']);
  expect(await migrate()).toEqual([]);
  const build = (await loadBuild(person, id))?.build;
  const { rows } = await owner.query<{ summary: unknown }>('SELECT summary FROM builds WHERE id = $1', [id]);
  expect(build && rows[0]?.summary).toEqual(build && summarizeBuild(build, assess(build)));
  expect(rows[0]?.summary).toMatchObject({ counts: { stop: 1 }, worst: { id: 'siting.orientation', code: 'upsideDown' } });
  // And the app's own role may still do what it has to, and no more.
  await expect(database().sequelize.query("UPDATE photos SET sha256 = ''")).rejects.toThrow(/permission denied/);
});

test('a database from before claims is raised once: logs go beside, what only a file said becomes a claim, its ledger goes on unbroken', async () => {
  const id = await keep();
  const ppm = { id: randomUUID(), at: '2026-11-20T09:10:00.000Z', by: 'Somebody Far', ppm: 0, place: 'pillow' as const };
  const readings = Array.from({ length: 9000 }, (_, i) => ({ atS: i / 10, quantity: 'volts' as const, value: 12.5 }));
  const signature = {
    role: 'lead' as const,
    typedName: 'Somebody Far',
    drawn: 'M10 10 L300 100 L400 40',
    by: 'Somebody Far',
    at: '2026-11-21T12:00:00.000Z',
    buildHash: 'a'.repeat(64),
  };
  const old: Build = {
    ...soundBuild(),
    id,
    coReadings: [ppm],
    starts: [{ ...soundStart({ readings }), id: randomUUID() }],
    signatures: [signature],
  };
  const row = nextRow(null, {
    buildId: id,
    at: '2026-11-21T13:00:00.000Z',
    by: person.name,
    role: 'lead',
    kind: 'imported',
    body: { fileHash: 'b'.repeat(64), copyOf: null, documentHash: sha256Hex(canonicalJson(old)) },
  });
  await owner.query("SET session_replication_role = 'replica'");
  await owner.query('UPDATE ledger SET at = $2, kind = $3, body = $4, hash = $5 WHERE build_id = $1', [
    id,
    row.at,
    row.kind,
    canonicalJson(row.body),
    row.hash,
  ]);
  await owner.query('UPDATE builds SET document = $2, last_hash = $3 WHERE id = $1', [id, JSON.stringify(old), row.hash]);
  await owner.query("SET session_replication_role = 'origin'");
  expect((await verifyBuild(id))?.broken).toBeNull();
  await owner.query("DELETE FROM migrations WHERE name = '0004-logs-and-claims'");
  expect([await migrate(), await migrate()]).toEqual([['0004-logs-and-claims'], []]);
  const raised = (await loadBuild(person, id))?.build;
  expect([raised?.signatures, raised?.coReadings, raised?.starts]).toEqual([[], [], []]);
  expect(raised?.claims).toMatchObject([{ by: person.name, signatures: [signature], coReadings: [ppm] }]);
  expect(JSON.stringify(raised).length).toBeLessThan(60_000);
  const log = raised?.claims?.[0]?.starts[0]?.log;
  expect((await startLog(id, log?.sha256 ?? ''))?.length).toBeGreaterThan(readings.length * 5);
  expect((await verifyBuild(id))?.broken).toBeNull();
  expect((await wholeLedger(id)).map(({ kind }) => kind)).toEqual(['imported', 'raised']);
  expect(assess(raised ?? old).find((finding) => finding.id === 'co.reading')?.level).toBe('open');
});

async function leadOfNewWorkshop(): Promise<Person> {
  const login = `pager-${randomUUID().slice(0, 8)}`;
  const account = { name: 'Pager', login, password: 'long enough to pass', role: 'lead' } as const;
  const added = await addPerson(await addWorkshop('Paged Shed'), account);
  if (!added.ok) throw new Error(added.errors.join());
  return added.value;
}
test('what is due within a week and not signed is counted, for a lead alone, whatever else is looked for', async () => {
  const lead = await leadOfNewWorkshop();
  const dayMs = 24 * 3600 * 1000;
  await database().sequelize.query(
    `INSERT INTO builds (id, workshop_id, document, summary, search, last_seq, last_hash, changed_at)
     SELECT gen_random_uuid(), '${lead.workshopId}', '{}', jsonb_build_object('name', 'x', 'signed', signed, 'leak', jsonb_build_object('dueMs', day * ${dayMs})),
            'x', 0, '', now() FROM generate_series(-2, 20) day, unnest(ARRAY['signed', 'unsigned', 'corrected']) signed`,
  );
  // Of two days ago up to the seventh from now: ten days with two builds each that are not signed.
  for (const filter of [{}, { find: 'x' }, { find: 'nothing is called so' }, { due: 'now' } as const])
    expect((await listBuilds(lead, { ...filter, nowMs: 0 })).due).toBe(20);
  expect((await listBuilds({ ...lead, role: 'fitter' }, { nowMs: 0 })).due).toBe(0);
});
test('pages of the bay: every build once, in order, however many', async () => {
  const lead = await leadOfNewWorkshop();
  await database().sequelize.query(
    `INSERT INTO builds (id, workshop_id, document, summary, last_seq, last_hash, changed_at)
     SELECT gen_random_uuid(), '${lead.workshopId}', '{}', '{"name":"x"}', 0, '', timestamptz '2026-11-01' + (i / 3) * interval '1 second' FROM generate_series(1, 130) i`,
  );
  const seen: string[] = [];
  for (let from: string | null = ''; from !== null;) {
    const page: Awaited<ReturnType<typeof listBuilds>> = await listBuilds(lead, { from });
    seen.push(...page.builds.map((build) => build.id));
    from = page.next;
  }
  expect([seen.length, new Set(seen).size]).toEqual([130, 130]);
});

const paths = ['fuel.tankLengthMm', 'fuel.tankHeightMm', 'fuel.fuelLevelMm'] as const satisfies FigurePath[];
test('people writing at the same moment, against the real database: each entry is kept or told as a clash, and nobody’s is overwritten unseen', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.nat({ max: 2 }), fc.integer({ min: 60, max: 400 })), { minLength: 6, maxLength: 14 }),
      async (entries) => {
        const id = await keep();
        const seen = (await loadBuild(person, id))?.build ?? soundBuild();
        const done = await Promise.all(
          entries.map(async ([p, to]) => {
            const path = paths[p] ?? paths[0];
            const commandId = randomUUID();
            const command: Command = {
              kind: 'figures',
              changes: [{ path, slot: 'fitted', from: figureAt(seen.sheets, path).fitted, to }],
            };
            // Sent twice, as where an answer was lost.
            const [answer] = await Promise.all([run(id, command, commandId), run(id, command, commandId)]);
            if (answer.ok || answer.why !== 'clash') return answer.ok;
            expect(answer.clashes[0]?.from?.by).toBe(person.name);
            for (let again: Command | null = command, last = answer; again !== null;) {
              again = settleClash(again, last.clashes, { [`${path}/fitted`]: 'yours' });
              const second = again ? await run(id, again) : null;
              if (!second || second.ok) break;
              if (second.why !== 'clash') return false;
              last = second;
            }
            return true;
          }),
        );
        expect(done.every(Boolean)).toBe(true);
        const rows = await wholeLedger(id);
        const now = new Map<string, unknown>(paths.map((path) => [path, figureAt(seen.sheets, path).fitted]));
        for (const row of rows.filter(({ kind }) => kind === 'figures'))
          for (const { path, from, to } of (row.body as { changes: { path: string; from: unknown; to: unknown }[] }).changes) {
            expect([now.get(path), to]).toContain(from === now.get(path) ? from : to);
            now.set(path, to);
          }
        const kept = await loadBuild(person, id);
        for (const path of paths) expect(kept && figureAt(kept.build.sheets, path).fitted).toBe(now.get(path));
        expect((await verifyBuild(id))?.broken).toBeNull();
      },
    ),
    { numRuns: 12 },
  );
}, 60000);

test('people on the rows of one list at the same moment, against the real database: each cell is whose it was, or told; each row is there once', async () => {
  const id = await keep();
  const row = soundLists.obstacles?.[0]?.id ?? '';
  const set = (column: 'xMm' | 'yMm', from: number, to: number): Command => ({
    kind: 'rows',
    changes: [{ list: 'obstacles', row, action: 'set', column, from, to }],
  });
  const add = (name: string): Command => ({
    kind: 'rows',
    changes: [{ list: 'obstacles', row: randomUUID(), action: 'add', values: { name } }],
  });
  const done = await Promise.all([
    ...Array.from({ length: 10 }, (_, i) => run(id, set('xMm', 0, 10 + i))),
    run(id, set('yMm', 300, 310)),
    ...Array.from({ length: 10 }, (_, i) => run(id, add(`new ${i}`))),
  ]);
  const winners = done.slice(0, 10).flatMap((answer, i) => (answer.ok ? [10 + i] : []));
  expect(winners).toHaveLength(1);
  for (const answer of done.slice(0, 10))
    if (!answer.ok) expect(answer).toMatchObject({ why: 'clash', clashes: [{ theirs: winners[0], from: { by: person.name } }] });
  expect(done.slice(10).every((answer) => answer.ok)).toBe(true);
  const kept = (await loadBuild(person, id))?.build;
  const obstacles = rowsOf(kept?.lists, 'obstacles');
  expect([obstacles.length, obstacles[0]?.xMm, obstacles[0]?.yMm]).toEqual([13, winners[0], 310]);
  // The same entry again, as a device sends it whose answer was lost, counts once.
  const commandId = randomUUID();
  await Promise.all([run(id, add('twice'), commandId), run(id, add('twice'), commandId)]);
  expect(rowsOf((await loadBuild(person, id))?.build.lists, 'obstacles').filter((r) => r.name === 'twice')).toHaveLength(1);
  expect((await verifyBuild(id))?.broken).toBeNull();
});

test('a reading taken without coverage bears the time at which it was taken; a clock that is wrong, or before the build began, is kept and not believed', async () => {
  const id = await keep();
  const began = Date.now();
  const hour = 3600_000;
  const iso = (ms: number) => new Date(ms).toISOString();
  const at = new Date(began + 2 * hour);
  const begin = (madeAt: string) =>
    commandBuild(person, id, { kind: 'start', id: randomUUID(), events: [], readings: [], source: 'live' }, randomUUID(), {
      at,
      madeAt: new Date(madeAt),
    });
  const said = [iso(began + hour), iso(began + 50 * hour), '2001-01-01T00:00:00.000Z', iso(began - hour)];
  for (const madeAt of said) await begin(madeAt);
  const kept = await loadBuild(person, id);
  expect(kept?.build.starts.map((run) => run.at)).toEqual([
    iso(began + hour),
    ...Array.from({ length: 3 }, () => at.toISOString()),
  ]);
  const rows = (await ledgerOf(id)).slice(1);
  expect(rows.map(saidTimes)).toEqual([{ madeAt: said[0] }, ...said.slice(1).map((deviceAt) => ({ deviceAt }))]);
});

test('a row written while the server’s clock had been put back says so', async () => {
  const id = await keep();
  const later = new Date(Date.now() + 60_000);
  for (const at of [later, new Date(later.getTime() - 40_000)])
    await commandBuild(person, id, { kind: 'note', text: 'n' }, randomUUID(), { at });
  expect((await ledgerOf(id)).map(saidTimes)).toEqual([{}, {}, { clockBackMs: 40_000 }]);
  expect((await verifyBuild(id))?.broken).toBeNull();
});

test('a hold point is not released before the one that was released last, whatever the device says', async () => {
  const id = await keep();
  const began = Date.now();
  const release = (holdPoint: 'cutting' | 'bolting', at: number, madeAt: number) =>
    commandBuild(person, id, { kind: 'holdPoint', holdPoint, action: 'release' }, randomUUID(), {
      at: new Date(at),
      madeAt: new Date(madeAt),
    });
  const hour = 3600_000;
  const first = await release('cutting', began + 2 * hour, began + 2 * hour);
  const second = await release('bolting', began + 4 * hour, began + hour);
  expect([first, second].map((done) => (done.ok ? (done.kept.build.releases ?? []).map(({ at }) => at) : done.errors))).toEqual([
    [new Date(began + 2 * hour).toISOString()],
    [new Date(began + 2 * hour).toISOString(), new Date(began + 4 * hour).toISOString()],
  ]);
});

test('what somebody says to have done before the own entry that came first is told as out of order', async () => {
  const id = await keep();
  const hand = {
    name: 'Second Hand',
    login: `hand-${randomUUID().slice(0, 8)}`,
    password: 'long enough to pass',
    role: 'fitter',
  };
  const second = await addPerson(person.workshopId, hand);
  if (!second.ok) throw new Error(second.errors.join());
  const began = Date.now();
  const hour = 3600_000;
  const at = new Date(began + 5 * hour);
  const iso = (hours: number) => new Date(began + hours * hour).toISOString();
  const say = (hours: number, by = person) =>
    commandBuild(by, id, { kind: 'note', text: 'n' }, randomUUID(), { at, madeAt: new Date(began + hours * hour) });
  for (const [hours, by] of [
    [2, person],
    [3, person],
    [1, person],
    [1.5, second.value],
    [2, person],
  ] as const)
    await say(hours, by);
  const rows = (await ledgerOf(id)).slice(1).map(saidTimes);
  // The one after the third follows on it; another's entry is nobody's own.
  expect(rows).toEqual([
    { madeAt: iso(2) },
    { madeAt: iso(3) },
    { madeAt: iso(1), afterOwnAt: iso(3) },
    { madeAt: iso(1.5) },
    { madeAt: iso(2) },
  ]);
});

test('one id stands for one entry: the same again changes nothing, another content is refused and both are told', async () => {
  const id = await keep();
  const commandId = randomUUID();
  const read = (ppm: number) =>
    commandBuild(person, id, { kind: 'co', reading: { id: readingId, ppm, place: 'pillow' } }, commandId);
  const readingId = randomUUID();
  expect((await read(3)).ok && (await read(3)).ok).toBe(true);
  const other = await read(180);
  expect(other).toMatchObject({ ok: false, why: 'other', kept: { kind: 'co' } });
  expect(other.ok ? '' : other.errors[0]).toMatch(/kept already.*3 ppm.*was not kept/);
  expect((await loadBuild(person, id))?.build.coReadings.map(({ ppm }) => ppm)).toEqual([3]);
});

test('who signs out is out at once, by a token that was just replaced too', async () => {
  const began = new Date();
  const token = await beginSession(person.id, nobody, began);
  const later = new Date(began.getTime() + 3700_000);
  const next = await rotateSession(token, later);
  expect((await personOf(token, later))?.login).toBe(person.login);
  await signOut(next ?? undefined);
  expect([await personOf(token, later), await personOf(next ?? undefined, later)]).toEqual([null, null]);
});

test('sessions: a new token each hour, the old one for a minute more, none older than seven days, all ended at once', async () => {
  const later = (ms: number) => new Date(Date.now() + ms);
  const [minute, hour, day] = [60_000, 3_600_000, 86_400_000];
  const token = await beginSession(person.id, nobody);
  expect(await rotateSession(token)).toBeNull();
  expect([(await personOf(token))?.tokenIsOld, (await personOf(token, later(hour)))?.tokenIsOld]).toEqual([false, true]);
  const next = (await rotateSession(token, later(hour))) ?? '';
  expect(next).toMatch(/^[0-9a-f]{64}$/);
  expect(await rotateSession(token, later(hour))).toBeNull();
  expect(await personOf(token, later(hour + 0.5 * minute))).toMatchObject({ id: person.id });
  expect(await personOf(token, later(hour + 2 * minute))).toBeNull();
  // Used again and again, it still ends with its seventh day.
  let now = next;
  for (let hours = 12; hours < 7 * 24; hours += 11) {
    expect(await personOf(now, later(hours * hour))).not.toBeNull();
    now = (await rotateSession(now, later(hours * hour))) ?? now;
  }
  expect(await personOf(now, later(7 * day + minute))).toBeNull();
  const [one, two] = [await beginSession(person.id, nobody), await beginSession(person.id, nobody)];
  expect(await signOutEverywhere(person.id)).toBeGreaterThanOrEqual(2);
  expect([await personOf(one), await personOf(two)]).toEqual([null, null]);
  const [kept] = (
    await database().sequelize.query('SELECT count(*)::int AS n FROM sessions WHERE token_hash = :token', {
      replacements: { token: hashToken(one) },
    })
  )[0] as { n: number }[];
  expect(kept?.n).toBe(0);
});

test('settings from the environment: one sentence for each that is wrong', () => {
  const good = {
    LORBET_DATABASE_URL: 'postgres://a:b@127.0.0.1/x',
    LORBET_SESSION_SECRET: 's'.repeat(32),
    LORBET_SEAL_SECRET: 't'.repeat(32),
  };
  expect(config({ ...good, LORBET_HTTPS: '1' } as never)).toMatchObject({ https: true, log: 'warn', poolSize: 10 });
  const wrong = {
    LORBET_DATABASE_URL: 'mysql://x',
    LORBET_SESSION_SECRET: 'shorty',
    LORBET_SEAL_SECRET: 'short too',
    LORBET_HTTPS: 'yes',
    LORBET_LOG: 'loud',
    LORBET_DB_POOL: '0',
  };
  let told = '';
  try {
    config(wrong as never);
  } catch (error) {
    told = String((error as Error).message);
  }
  const sentences = told.split('\n');
  expect(sentences).toHaveLength(6);
  for (const name of Object.keys(wrong)) expect(sentences.some((line) => line.includes(name) && line.endsWith('.'))).toBe(true);
  expect(told).not.toMatch(/shorty|short too/);
});
