import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import type { LedgerRow } from '../../core/ledger/chain';

/** What the program of before said of its own database, written down then: see docs/decisions/0022. */
interface Expected {
  signed: string;
  lastSeq: number;
  lastHash: string;
  waivers: number;
  sheetsHash: string;
  levels: Record<string, string>;
}
const folder = path.join(__dirname, '../before');
const expected = JSON.parse(readFileSync(path.join(folder, 'expected.json'), 'utf8')) as Record<string, Expected>;
const name = `before_${process.pid}`;
const owner = new pg.Client({ connectionString: process.env.LORBET_OWNER_URL ?? '' });
const inside = (url: string | undefined): string => Object.assign(new URL(url ?? ''), { pathname: `/${name}` }).toString();

async function loaded() {
  const [keptBuilds, ledger, assess, progress, read, json, sha, describe] = await Promise.all([
    import('../../store/builds/kept'),
    import('../../store/builds/ledger'),
    import('../../core/checks/assess'),
    import('../../core/checks/progress'),
    import('../../core/build/readBuild'),
    import('../../core/record/canonicalJson'),
    import('../../core/record/sha256Hex'),
    import('../../core/ledger/describeRow'),
  ]);
  return { ...keptBuilds, ...ledger, ...assess, ...progress, ...read, ...json, ...sha, ...describe };
}
let all: Awaited<ReturnType<typeof loaded>>;
let lead: Parameters<typeof all.loadBuild>[0];

beforeAll(async () => {
  await owner.connect();
  await owner.query(`CREATE DATABASE ${name}`);
  process.env.LORBET_OWNER_URL = inside(process.env.LORBET_OWNER_URL);
  process.env.LORBET_DATABASE_URL = inside(process.env.LORBET_DATABASE_URL);
  const client = new pg.Client({ connectionString: process.env.LORBET_OWNER_URL });
  await client.connect();
  await client.query(gunzipSync(readFileSync(path.join(folder, 'database.sql.gz'))).toString('utf8'));
  await client.end();
  await (await import('../../store/migrate')).migrate();
  all = await loaded();
  const { plainPerson } = await import('../../store/people');
  const { database } = await import('../../store/database');
  const found = await database().models.PersonRow.findOne({ where: { login: 'odile' } });
  if (!found) throw new Error('The copy has no lead.');
  lead = plainPerson(found);
}, 120_000);
afterAll(async () => {
  await (await import('../../store/database')).closeDatabase();
  await owner.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
  await owner.end();
});

const ids = Object.keys(expected);
const kept = async (id: string) => {
  const found = await all.loadBuild(lead, id);
  if (!found) throw new Error(`no build ${id}`);
  return found;
};

test.each(ids)('build %s of before opens, and is valid in the form of today', async (id) => {
  const { build } = await kept(id);
  expect(all.readBuild(build)).toMatchObject({ ok: true, value: { version: 2 } });
});

const levelsOf = async (id: string): Promise<Record<string, string>> =>
  Object.fromEntries(all.assess((await kept(id)).build).map((c) => [c.id, c.waived ? 'waived' : c.level]));

test.each(ids)('every finding on build %s stands at the level of before, waived ones too', async (id) => {
  const today = await levelsOf(id);
  const { 'signoff.open': signoff, ...before } = expected[id]?.levels as Record<string, string>;
  expect(Object.fromEntries(Object.keys(before).map((check) => [check, today[check]]))).toEqual(before);
  // What is asked since then is open, and the sign-off says so; else it stands as it did.
  expect([signoff, 'fix']).toContain(today['signoff.open']);
});
test.each(ids)(
  'what is asked of build %s since then waits for somebody to say it: nothing is found bad for being unsaid',
  async (id) => {
    const today = await levelsOf(id);
    const added = Object.keys(today).filter((check) => !(check in (expected[id]?.levels ?? {})));
    expect(added.filter((check) => !['open', 'sound', 'watch'].includes(today[check] ?? ''))).toEqual([]);
  },
);

test.each(ids)('no figure of build %s has changed', async (id) => {
  const { build } = await kept(id);
  const { uncertainties, ...sheets } = build.sheets;
  const known = Object.entries(uncertainties ?? {}).map(([key, figure]) => [
    { airMinH: 'airLeastH', airMaxH: 'airMostH', coldestMinC: 'coldestLeastC', coldestMaxC: 'coldestMostC' }[key] ?? key,
    figure,
  ]);
  const before = uncertainties ? { ...sheets, ranges: Object.fromEntries(known) as object } : sheets;
  expect(all.sha256Hex(all.canonicalJson(before))).toBe(expected[id]?.sheetsHash);
});

test.each(ids)('build %s is signed, corrected or unsigned as it was, and keeps its waivers', async (id) => {
  const { build } = await kept(id);
  expect([all.signState(build), build.waivers.length]).toEqual([expected[id]?.signed, expected[id]?.waivers]);
});

test.each(ids)('the ledger of build %s verifies, with every row of before as it was written', async (id) => {
  const checked = await all.checkedLedger(id);
  expect(checked?.verification.broken).toBeNull();
  const rows = checked?.rows ?? [];
  const { lastSeq = 0, lastHash } = expected[id] ?? {};
  expect(rows[lastSeq - 1]?.hash).toBe(lastHash);
  expect(rows.slice(lastSeq).map(({ kind }: LedgerRow) => kind)).toEqual(['raised']);
});

test('rows of before are told in the words of today', async () => {
  const rows = (await Promise.all(ids.map((id) => all.checkedLedger(id)))).flatMap((checked) => checked?.rows ?? []);
  const lines = rows.map(all.describeRow);
  for (const line of lines)
    expect(line).not.toMatch(/undefined|null|NaN|\[object|school|as practice|practice run|gate|brought in/i);
  expect(lines).toEqual(expect.arrayContaining([expect.stringMatching(/^RELEASED: the first hole/)]));
  expect(lines).toEqual(expect.arrayContaining([expect.stringMatching(/^practice followed here, length of the suction line/)]));
  expect(lines).toEqual(expect.arrayContaining([expect.stringMatching(/^start log imported as a dry run/)]));
});

test('a waiver of before is bound to what it accepted, and lapses when that changes', async () => {
  const { build } = await kept('5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e04');
  const long = build.waivers.find(({ checkId }) => checkId === 'fuel.suction.length');
  expect(long).toMatchObject({ code: 'long', values: { length: { n: [2.6], unit: 'm' } } });
  const worse = structuredClone(build);
  for (const row of worse.lists?.segments ?? [])
    if (row.side === 'suction') Object.assign(row, { lengthM: (row.lengthM ?? 0) + 0.5 });
  expect(all.assess(worse).find(({ id }) => id === 'fuel.suction.length')).toMatchObject({ level: 'fix', waived: null });
});

test('a second run of the migrations changes nothing', async () => {
  const { migrate } = await import('../../store/migrate');
  expect(await migrate()).toEqual([]);
});
