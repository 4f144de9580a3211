import { ed25519 } from '@noble/curves/ed25519.js';
import { spawnSync } from 'node:child_process';
import { createHash, createPrivateKey, generateKeyPairSync, sign } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { proofOf, sealed } from '../../app/lib/certify';
import { applyCommand } from '../../core/commands/applyCommand';
import type { Build } from '../../core/build/Build';
import { nextRow, type LedgerRow } from '../../core/ledger/chain';
import { describeRow } from '../../core/ledger/describeRow';
import { verifyLedger } from '../../core/ledger/verifyLedger';
import { judgeCode, judgePaper, type PaperReport, type PublicKey } from '../../core/proof/judgePaper';
import { keyIdOf, successionText } from '../../core/proof/statement';
import { canonicalJson } from '../../core/record/canonicalJson';
import { sha256Hex } from '../../core/record/sha256Hex';
import { runModule } from '../../tests/runModule';
import { soundBuild } from '../../tests/soundBuild';
import { writeCertificate } from '../certificate/writeCertificate';
import { writeLedgerLines } from '../ledgerLines';
import { byLibrary, verifyEd25519 } from './ed25519';
import { partSeal, withSeal } from './seal';
import { attached, readLedgerLines, readPaper } from './readPaper';

// RFC 8032, 7.1: secret key, public key, message, signature.
const vectors = [
  [
    '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60',
    'd75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a',
    '',
    'e5564300c360ac729086e2cc806e828a84877f1eb8e5d974d873e065224901555fb8821590a33bacc61e39701cf9b46bd25bf5f0595bbe24655141438e7a100b',
  ],
  [
    '4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb',
    '3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c',
    '72',
    '92a009a9f0d4cab8720e820b5f642540a2b27b5416503f8fb3762223ebdb69da085ac1e43e15996e458f3613d0f11d8c387b2eaeb4302aeeb00d291612bb0c00',
  ],
] as const;
const base64Url = (hex: string) => Buffer.from(hex, 'hex').toString('base64url');

test.each(vectors)(
  'RFC 8032’s own signature by key %s is good, by the platform and by the library',
  async (_s, key, message, made) => {
    const text = Buffer.from(message, 'hex').toString();
    expect(await verifyEd25519(key, text, base64Url(made))).toBe(true);
    expect(byLibrary(key, text, base64Url(made))).toBe(true);
    expect(await verifyEd25519(key, `${text}x`, base64Url(made))).toBe(false);
    expect(byLibrary(key, `${text}x`, base64Url(made))).toBe(false);
  },
);
test('a key or a signature of another length is no good, and no error', async () => {
  const [, key, , made] = vectors[0];
  expect(await verifyEd25519(key.slice(2), '', base64Url(made))).toBe(false);
  expect(await verifyEd25519(key, '', base64Url(made).slice(1))).toBe(false);
});

const signerFrom = (seedHex: string) => {
  // The fixed head of an Ed25519 key in PKCS #8 (RFC 8410).
  const der = Buffer.concat([Buffer.from('302e020100300506032b657004220420', 'hex'), Buffer.from(seedHex, 'hex')]);
  const key = createPrivateKey({ key: der, format: 'der', type: 'pkcs8' });
  const publicKey = Buffer.from(ed25519.getPublicKey(Buffer.from(seedHex, 'hex'))).toString('hex');
  return {
    publicKey,
    keyId: keyIdOf(publicKey),
    sign: (text: string) => sign(null, Buffer.from(text), key).toString('base64url'),
  };
};
const ours = signerFrom(vectors[0][0]);
const stranger = signerFrom(vectors[1][0]);
const madeAt = new Date('2026-11-20T12:00:00.000Z');
const known: PublicKey[] = [{ publicKey: ours.publicKey, madeAtMs: madeAt.getTime() - 1000 }];

const lead = { name: 'Test Lead', role: 'lead' as const, at: '2026-11-20T11:00:00.000Z' };
function step(
  build: Build,
  rows: LedgerRow[],
  command: Parameters<typeof applyCommand>[1],
  author: { name: string; role: 'lead'; at: string } = lead,
): { build: Build; rows: LedgerRow[] } {
  const done = applyCommand(build, command, author);
  if (!done.ok) throw new Error(done.errors.join());
  const row = nextRow(rows.at(-1) ?? null, {
    buildId: build.id,
    at: author.at,
    by: author.name,
    role: author.role,
    kind: command.kind,
    body: { ...done.body, documentHash: sha256Hex(canonicalJson(done.build)) },
  });
  return { build: done.build, rows: [...rows, row] };
}
const begun = step(soundBuild(), [], { kind: 'note', text: 'every joint wiped' });
const signed = step(begun.build, begun.rows, { kind: 'sign', typedName: 'Test Lead', drawn: 'M10,10L20,20L30,10L40,20' });

function factsOf({ build, rows }: { build: Build; rows: LedgerRow[] }) {
  const kept = { lastSeq: rows.length, lastHash: rows.at(-1)?.hash ?? '', documentHash: sha256Hex(canonicalJson(build)) };
  const verification = verifyLedger(rows, kept);
  return {
    build,
    rows,
    verification,
    lines: writeLedgerLines(rows),
    workshop: 'Test Shed',
    madeAt,
    origin: 'http://127.0.0.1:1',
  };
}
async function certificate(state: { build: Build; rows: LedgerRow[] }): Promise<Uint8Array> {
  const facts = factsOf(state);
  const given = { ...facts, demo: false, origins: {}, madeAt: madeAt.toISOString(), proof: proofOf(ours, facts) };
  return sealed(ours, await writeCertificate(state.build, given));
}
const reader = `import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise;
const found = (await pdf.getAttachments()) ?? {};
console.log(JSON.stringify({ pages: pdf.numPages, files: Object.entries(found).map(([name, { content }]) => [name, Buffer.from(content).toString('base64')]) }));`;
const readBack = (pdf: Uint8Array) =>
  runModule<{ pages: number; files: [string, string][] }>(reader, Buffer.from(pdf).toString('base64'));
const attachmentsOf = (pdf: Uint8Array) =>
  Promise.resolve(new Map(readBack(pdf).files.map(([name, base64]) => [name, new Uint8Array(Buffer.from(base64, 'base64'))])));
const means = (keys: PublicKey[] | null) => ({
  verify: verifyEd25519,
  describe: (rows: readonly LedgerRow[]) => Promise.resolve(rows.map(describeRow)),
  known: keys,
});
const judged = async (file: Uint8Array, keys: PublicKey[] | null = known) =>
  judgePaper(await readPaper(file, attachmentsOf), means(keys));
/** What a certificate of that state holds, judged: without the pages, which take seconds to write and tell nothing more here. */
async function judgedState(state: { build: Build; rows: LedgerRow[] }, signer = ours, keys = known): Promise<PaperReport> {
  const files = proofOf(signer, factsOf(state)).attached.map(({ name, text }) => [name, new TextEncoder().encode(text)] as const);
  const paper = await readPaper(sealed(signer, Buffer.from('no pages')), () => Promise.resolve(new Map(files)));
  return judgePaper(paper, means(keys));
}
const levels = ({ lines }: PaperReport) => Object.fromEntries(lines.map(({ id, level }) => [id, level]));
const why = ({ lines }: PaperReport, id: string) => lines.find((line) => line.id === id)?.text ?? '';

let paper: Uint8Array;
let read: Awaited<ReturnType<typeof readPaper>>;
beforeAll(async () => {
  paper = await certificate(signed);
  read = await readPaper(paper, attachmentsOf);
}, 60_000);

test('a signed build fills fewer than 12 pages, and has three files attached', () => {
  const { pages, files } = readBack(paper);
  expect(pages).toBeLessThan(12);
  expect(files.map(([name]) => name).sort()).toEqual(Object.values(attached).sort());
});
test('paper, build and ledger agree, and who signed is told', async () => {
  const report = await judged(paper);
  expect(report.verdict).toBe('holds');
  expect(why(report, 'signature')).toMatch(/Signed by Test Lead \(lead\), 2026-11-20 11:00 UTC, over the very build/);
});
test('where two people have to sign, one alone is told to be alone, and both are told together', async () => {
  const [pack] = soundBuild().packs ?? [];
  const two = { ...soundBuild(), packs: pack ? [{ ...pack, signatures: 2 as const }] : [] };
  const signing = (typedName: string) => ({ kind: 'sign' as const, typedName, drawn: 'M10,10L20,20L30,10L40,20' });
  const once = step(two, [], signing('Test Lead'));
  expect(why(await judgedState(once), 'signature')).toMatch(/^Signed by Test Lead \(lead\).*, alone: two people have to sign/);
  const twice = step(once.build, once.rows, signing('Second Lead'), { ...lead, name: 'Second Lead' });
  const report = await judgedState(twice);
  expect([levels(report).signature, why(report, 'signature')]).toEqual([
    'sound',
    expect.stringMatching(/^Signed by Test Lead \(lead\).*, and Second Lead \(lead\).*, over the very build/),
  ]);
});
test('a visit after the signature leaves the paper good, and is told as having come after it', async () => {
  const visit = { id: '00000000-0000-4000-8000-000000000301', did: [], found: 'sound' as const, note: 'all dry' };
  const report = await judgedState(step(signed.build, signed.rows, { kind: 'visit', visit }));
  expect([levels(report).signature, levels(report).build, why(report, 'since')]).toEqual([
    'sound',
    'sound',
    expect.stringMatching(/visit: all sound/),
  ]);
});
test('what came after the signature is told', async () => {
  const after = step(signed.build, signed.rows, { kind: 'note', text: 'owner rang' });
  expect(why(await judgedState(after), 'since')).toMatch(/Test Lead: owner rang/);
});
test('a withdrawn signature is told, and signs nothing', async () => {
  const report = await judgedState(step(signed.build, signed.rows, { kind: 'withdraw', why: 'wrong heater, wrong serial' }));
  expect([levels(report).signature, report.verdict]).toEqual(['watch', 'partly']);
  expect(why(report, 'statement')).toMatch(/had been withdrawn/);
});

describe('from the paper alone it is found that', () => {
  const with_ = (change: Partial<typeof read>) => judgePaper({ ...read, ...change }, means(known));
  const rows = (): LedgerRow[] => structuredClone(signed.rows);
  const asRead = (all: readonly LedgerRow[]) => readLedgerLines(writeLedgerLines(all));
  test('a letter on the page was altered', async () => {
    const altered = paper.slice();
    altered[2000] = (altered[2000] ?? 0) ^ 1;
    const { sealed: body, seal } = partSeal(altered);
    const report = await with_({ fileSha256: createHash('sha256').update(body).digest('hex'), seal });
    expect([levels(report).seal, report.verdict]).toEqual(['stop', 'broken']);
  });
  test('another program saved it anew: what is attached still proves itself', async () => {
    const report = await judged(partSeal(paper).sealed);
    expect([report.verdict, levels(report)]).toMatchObject(['partly', { seal: 'watch', build: 'sound', ledger: 'sound' }]);
  });
  test.each<[string, (of: LedgerRow[]) => LedgerRow[], RegExp]>([
    ['a row was altered', (all) => all.map((row) => (row.seq === 1 ? { ...row, by: 'Somebody' } : row)), /row 1 was altered/],
    ['a row was taken out', (all) => all.slice(1), /row 1 is missing/],
    ['the last row was taken off', (all) => all.slice(0, 1), /it has 1 rows, and 2 were signed for/],
    ['rows changed places', (all) => [...all].reverse(), /out of order/],
    [
      'a row was added',
      (all) => [...all, { ...nextRow(all.at(-1) ?? null, all[0] ?? (signed.rows[0] as LedgerRow)) }],
      /it has 3 rows/,
    ],
  ])('%s', async (_what, change, sentence) => {
    const report = await with_({ rows: asRead(change(rows())) });
    expect([report.verdict, why(report, 'ledger')]).toEqual(['broken', expect.stringMatching(sentence)]);
  });
  test('the whole ledger was made anew, every hash with it', async () => {
    let last: LedgerRow | null = null;
    const anew = rows().map((row) => (last = nextRow(last, { ...row, by: 'Somebody' })));
    expect(why(await with_({ rows: asRead(anew) }), 'ledger')).toMatch(/made anew/);
  });
  test('a figure of the build was altered', async () => {
    const build = structuredClone(read.build) ?? {};
    (build.sheets as { fuel: { pumpAngleDeg: { fitted: number } } }).fuel.pumpAngleDeg.fitted = 80;
    const report = await with_({ build });
    expect([levels(report).build, levels(report).ledger]).toEqual(['stop', 'stop']);
  });
  test('it is another workshop’s certificate, or somebody’s who made a key', async () => {
    const report = await judgedState(signed, stranger);
    expect([report.verdict, why(report, 'key')]).toEqual(['broken', expect.stringMatching(/none of the workshop’s keys/)]);
  });
  test('somebody put another key to the statement', async () => {
    const proof = read.proof && { ...read.proof, publicKey: stranger.publicKey };
    expect((await with_({ proof })).verdict).toBe('broken');
  });
  test('the proof is gone, as from a scan', async () => {
    const report = await with_({ proof: null });
    expect([report.verdict, why(report, 'statement')]).toEqual([
      'broken',
      expect.stringMatching(/scan the code on its first page/),
    ]);
  });
});

describe('a key', () => {
  const next = signerFrom(
    Buffer.from(generateKeyPairSync('ed25519').privateKey.export({ format: 'jwk' }).d ?? '', 'base64url').toString('hex'),
  );
  const atMs = madeAt.getTime() + 5000;
  const of = (changed: Partial<PublicKey>) => judgedState(signed, ours, [{ ...(known[0] as PublicKey), ...changed }]);
  test('that was set aside later still vouches for what it signed before', async () =>
    expect(levels(await of({ retired: { atMs, why: 'changed' } })).key).toBe('sound'));
  test('that had been set aside before vouches for nothing', async () =>
    expect(levels(await of({ retired: { atMs: madeAt.getTime() - 1, why: 'changed' } })).key).toBe('stop'));
  test('that was lost makes each of its papers one to ask about', async () =>
    expect(why(await of({ retired: { atMs, why: 'lost' } }), 'key')).toMatch(/lost or stolen/));
  test('that follows one which never signed it is none', async () => {
    const after = { publicKey: ours.publicKey, signature: ours.sign(successionText(next.publicKey, atMs)) };
    const keys = (signature: string): PublicKey[] => [
      ...known,
      { publicKey: next.publicKey, madeAtMs: atMs, after: { ...after, signature } },
    ];
    expect(levels(await judgedState(signed, next, keys(after.signature))).key).toBe('sound');
    expect(levels(await judgedState(signed, next, keys(stranger.sign(successionText(next.publicKey, atMs))))).key).toBe('stop');
  });
});

test('a file of rows that are none is no ledger, and breaks nothing', () => {
  const line = (content: unknown) => JSON.stringify({ prevHash: '', content: JSON.stringify(content), hash: '' });
  for (const content of [null, 7, { at: 1 }, { at: '', by: '', kind: 'sign', body: null }])
    expect(readLedgerLines(line(content))).toBeNull();
});

test('the code on page 1 still proves what was signed where only the paper is there', async () => {
  if (!read.proof) throw new Error('no proof');
  const code = read.proof.signed;
  expect(levels(await judgeCode(code, known, verifyEd25519))).toEqual({ statement: 'sound', key: 'sound', seal: 'watch' });
  const other = { ...code, statement: { ...code.statement, standing: 'draft' as const } };
  expect((await judgeCode(other, known, verifyEd25519)).verdict).toBe('broken');
  expect((await judgeCode(code, [], verifyEd25519)).verdict).toBe('broken');
  // Where nobody can be asked nothing is called false.
  expect(levels(await judgeCode(code, null, verifyEd25519))).toEqual({ key: 'watch' });
});

test('a stranger’s script, straight from the documents, says the same of a whole one and of altered ones', () => {
  const script = /```js\n([^]+?)```/.exec(readFileSync(path.join(__dirname, '../../docs/certificate.md'), 'utf8'))?.[1] ?? '';
  const tried = (change: (name: string, bytes: Buffer) => Buffer) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'stranger-'));
    mkdirSync(folder, { recursive: true });
    const put = (name: string, bytes: Buffer) => writeFileSync(path.join(folder, name), change(name, bytes));
    put('paper.pdf', Buffer.from(paper));
    for (const [name, base64] of readBack(paper).files) put(name, Buffer.from(base64, 'base64'));
    writeFileSync(path.join(folder, 'check.mjs'), script);
    return spawnSync('node', ['check.mjs', 'paper.pdf'], { cwd: folder, encoding: 'utf8' });
  };
  expect(tried((_name, bytes) => bytes).stdout).toMatch(/^signed: build .*, 2 rows, key/);
  const replaced = (in_: string, from: string, to: string) =>
    tried((name, bytes) => (name === in_ ? Buffer.from(bytes.toString('latin1').replace(from, to), 'latin1') : bytes));
  expect(replaced('build.json', '"pumpAngleDeg":{"fitted":2', '"pumpAngleDeg":{"fitted":3').stderr).toMatch(
    /the build does not hold/,
  );
  expect(replaced('ledger.jsonl', 'every joint wiped', 'no joint wiped').stderr).toMatch(/row 1 does not hold/);
  expect(replaced('proof.json', '.signed.', '.draft.').stderr).toMatch(/the statement does not hold/);
  expect(replaced('paper.pdf', '/Producer', '/Producor').stderr).toMatch(/the seal does not hold/);
}, 60_000);

test('the command says the same, with a status', () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'verify-'));
  const file = (name: string, bytes: Uint8Array) => {
    writeFileSync(path.join(folder, name), bytes);
    return path.join(folder, name);
  };
  const keys = file('keys.json', Buffer.from(JSON.stringify({ keys: known })));
  const run = (...args: string[]) =>
    spawnSync('node_modules/.bin/tsx', ['bin/verifyCertificate.ts', ...args], {
      cwd: path.join(__dirname, '../..'),
      encoding: 'utf8',
    });
  const whole = run(file('a.pdf', paper), '--keys', keys);
  expect([whole.status, whole.stdout.trim().split('\n').at(-1)]).toEqual([0, '{"verdict":"holds"}']);
  expect(run(file('b.pdf', withSeal(partSeal(paper).sealed, stranger.sign('x'))), '--keys', keys).status).toBe(1);
  const none = run(file('c.pdf', Buffer.from('no pdf')));
  expect([none.status, none.stdout]).toEqual([2, expect.stringMatching(/is no PDF that can be read/)]);
}, 60_000);
