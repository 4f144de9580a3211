import { createHash, randomUUID } from 'node:crypto';
import fc from 'fast-check';
import sharp from 'sharp';
import { sampleOf } from '../seed';
import { soundBuild } from '../soundBuild';
import { readBuild } from '../../core/build/readBuild';
import { closeDatabase } from '../../store/database';
import { buildOf, cast, forgetLimits, type Client } from './client';

// Whatever is sent, the answer is one sentence an error with no trace of the machine, and nothing is half-written.
let own: Record<'viewer' | 'fitter' | 'lead', Client>;
let buildId: string;
beforeAll(async () => {
  own = await cast('Attack Shed');
  buildId = await buildOf(own.lead);
}, 30000);
afterAll(async () => {
  const check = (await (await own.lead.ask(`/api/builds/${buildId}/ledger/check`)).json()) as { broken: unknown };
  expect(check.broken).toBeNull();
  await forgetLimits();
  await closeDatabase();
});

async function mustRefuse(answer: Response): Promise<void> {
  const text = await answer.text();
  expect([answer.status >= 400 && answer.status < 500, answer.status, text.slice(0, 300)]).toEqual([
    true,
    answer.status,
    text.slice(0, 300),
  ]);
  const { errors } = JSON.parse(text) as { errors: string[] };
  expect(errors.length).toBeGreaterThan(0);
  for (const sentence of errors) {
    expect(sentence).toMatch(/[.]$/);
    expect(sentence).not.toMatch(/node_modules|\bat \S*[/\\(]\S+:\d+:\d+|SELECT|sequelize/i);
  }
}

const nasty = fc.oneof(
  fc.jsonValue({ maxDepth: 4 }),
  fc.string({ unit: 'binary', maxLength: 200 }),
  fc.constantFrom<unknown>(
    '__proto__',
    { __proto__: { admin: true } },
    { constructor: { prototype: { x: 1 } } },
    '\u0000',
    '\ud800',
    'x'.repeat(5000),
    '=HYPERLINK("http://x")',
    '../../etc/passwd',
    "'; DROP TABLE builds; --",
    1e308,
    -1e308,
    2 ** 53,
    [[[[[[]]]]]],
    { a: { b: { c: {} } } },
    '<script>alert(1)</script>',
    null,
  ),
);
const posts = [
  '/api/builds',
  '/api/builds/import',
  '/api/crew',
  '/api/crew/invite',
  '/api/settings',
  '/api/workshop',
  '/api/part-lists',
  '/api/sign-in',
  '/api/join',
  '/api/set-up',
];
const fields = [
  'name',
  'what',
  'kind',
  'place',
  'file',
  'asCopy',
  'personId',
  'action',
  'role',
  'login',
  'password',
  'system',
  'wire',
  'pumpAngle',
  'token',
  'workshop',
  'commandId',
  'command',
  'afterSeq',
  'madeAt',
  '__proto__',
  'constructor',
];

test('random bodies at every door', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom(...posts),
      fc.dictionary(fc.constantFrom(...fields), nasty, { maxKeys: 6, noNullPrototype: true }),
      async (way, body) => {
        await mustRefuse(await own.lead.post(way, body));
      },
    ),
    { numRuns: sampleOf(220, 70), endOnFailure: true },
  );
}, 300000);

test('what is no picture, is too large, or belongs to nobody here is refused; a photograph can be named only once it was sent', async () => {
  const photographed = await buildOf(own.lead);
  const send = (bytes: Uint8Array<ArrayBuffer>, id = photographed) =>
    own.fitter.ask(`/api/builds/${id}/photos`, { method: 'POST', body: bytes });
  const large = new Uint8Array(40 * 1024 * 1024);
  large.set([0xff, 0xd8, 0xff, 0xe0]);
  const refusal = async (answer: Response) => [answer.status, ((await answer.json()) as { errors: string[] }).errors.join(' ')];
  expect(await refusal(await send(large))).toEqual([413, 'What was sent is larger than the 12 MB that are allowed.']);
  expect(await refusal(await send(new TextEncoder().encode('a text named .jpg')))).toEqual([
    400,
    'The file can’t be read as a picture; allowed is JPEG, PNG or WebP.',
  ]);
  expect(await refusal(await send(new Uint8Array(0)))).toEqual([400, 'The request is empty.']);
  await mustRefuse(await send(new Uint8Array([1, 2, 3]), randomUUID()));
  const add = (sha256: string) =>
    own.fitter.post(`/api/builds/${photographed}/commands`, {
      commandId: randomUUID(),
      command: { kind: 'rows', changes: [{ list: 'photos', row: randomUUID(), action: 'add', values: { sha256 } }] },
    });
  expect(await refusal(await add('c'.repeat(64)))).toEqual([
    400,
    expect.stringMatching(/the picture itself has to be sent first/),
  ]);
  const picture = await sharp({ create: { width: 64, height: 48, channels: 3, background: '#225588' } })
    .webp()
    .toBuffer();
  const sent = (await (await send(new Uint8Array(picture))).json()) as { sha256: string };
  expect((await add(sent.sha256)).status).toBe(200);
  const kept = Buffer.from(await (await own.viewer.ask(`/api/builds/${photographed}/photos/${sent.sha256}`)).arrayBuffer());
  expect(createHash('sha256').update(kept).digest('hex')).toBe(sent.sha256);
  for (const way of [
    'outside?format=exe',
    'network?of=everything',
    'loom?of=everything',
    'loom?of=labels&paper=A9',
    'template?view=sideways&format=pdf',
    'template?view=above&format=exe',
    'template?view=above&format=pdf&paper=A9',
    'photos/xyz',
  ])
    await mustRefuse(await own.viewer.ask(`/api/builds/${buildId}/${way}`));
});

test('random commands', async () => {
  const kinds = fc.constantFrom(
    'figures',
    'rows',
    'maker',
    'identity',
    'practices',
    'note',
    'priming',
    'start',
    'readings',
    'co',
    'hot',
    'waive',
    'unwaive',
    'sign',
    'drop',
    '__proto__',
  );
  const keys = fc.constantFrom(
    'changes',
    'text',
    'run',
    'id',
    'events',
    'readings',
    'source',
    'startId',
    'reading',
    'callId',
    'says',
    'why',
    'typedName',
    'drawn',
    'reason',
    'extra',
  );
  await fc.assert(
    fc.asyncProperty(kinds, fc.dictionary(keys, nasty, { maxKeys: 4, noNullPrototype: true }), async (kind, more) => {
      // A note with a text that may stand is no attack.
      fc.pre(!(kind === 'note' && typeof more.text === 'string'));
      await mustRefuse(
        await own.lead.post(`/api/builds/${buildId}/commands`, { commandId: randomUUID(), command: { kind, ...more } }),
      );
    }),
    { numRuns: sampleOf(220, 70), endOnFailure: true },
  );
  const state = (await (await own.lead.ask(`/api/builds/${buildId}/state`)).json()) as { kept: { lastSeq: number } };
  expect(state.kept.lastSeq).toBe(1);
}, 300000);

test('a build file with any one thing in it replaced: taken only where it is a build still, else refused whole', async () => {
  const paths: string[][] = [];
  const walk = (value: unknown, way: string[]) => {
    if (way.length > 0) paths.push(way);
    if (typeof value === 'object' && value !== null)
      for (const key of Object.keys(value)) walk((value as Record<string, unknown>)[key], [...way, key]);
  };
  walk(soundBuild(), []);
  await fc.assert(
    fc.asyncProperty(fc.constantFrom(...paths), nasty, async (way, value) => {
      const file = { ...structuredClone(soundBuild()), id: randomUUID() } as unknown as Record<string, unknown>;
      const last = way[way.length - 1] ?? '';
      const holder = way.slice(0, -1).reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, file);
      holder[last] = value;
      fc.pre(way[0] !== 'id');
      const answer = await own.lead.post('/api/builds/import', { file });
      if (answer.status === 429) return;
      if (readBuild(JSON.parse(JSON.stringify(file))).ok) expect(answer.status).toBe(201);
      else await mustRefuse(answer);
    }),
    { numRuns: sampleOf(45, 20), endOnFailure: true },
  );
}, 300000);

test('huge, deep, cut off and wrongly encoded requests', async () => {
  const send = (way: string, body: BodyInit) => own.lead.ask(way, { method: 'POST', body });
  for (const way of [...posts, `/api/builds/${buildId}/commands`])
    for (const body of [
      '',
      '{',
      'null',
      '[]',
      '"x"',
      '{"a":'.repeat(3000),
      `{"a":${'['.repeat(2000)}${']'.repeat(2000)}}`,
      new Uint8Array([0xff, 0xfe, 0x00, 0x80]),
      '{"name":"\\u0000"}',
    ])
      await mustRefuse(await send(way, body));
  const huge = await send('/api/builds', `{"name":"${'x'.repeat(5_000_000)}"}`);
  expect([413, 400]).toContain(huge.status);
}, 300000);

test('wrong ids, numbers and ways in the address', async () => {
  for (const id of [
    'x',
    '..%2f..%2fetc',
    '%00',
    '%ZZ',
    'ffffffff-ffff-4fff-8fff-ffffffffffff',
    "1'%20OR%20'1'='1",
    'x'.repeat(3000),
  ])
    for (const rest of ['file', 'certificate', 'state', 'ledger?before=1', 'ledger/file', 'ledger/check', 'starts/x', 'changes'])
      expect([400, 404, 414]).toContain((await own.lead.ask(`/api/builds/${id}/${rest}`)).status);
  for (const query of [
    'state?after=-1',
    'state?after=1e99',
    'state?after=x',
    'ledger',
    'ledger?before=0',
    'ledger?before=99999999999',
    'ledger?before=NaN',
  ])
    await mustRefuse(await own.lead.ask(`/api/builds/${buildId}/${query}`));
  for (const query of [
    'find=%25%27%00',
    `find=${'x'.repeat(3000)}`,
    'from=1_x',
    "from=9_' OR 1=1",
    'from=99999999999999999_00000000-0000-4000-8000-000000000000',
    'find[]=a&from[]=b',
  ])
    expect([query, (await own.lead.ask(`/api/bay?${query}`)).status]).toEqual([query, 200]);
}, 60000);
