import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { get, type IncomingMessage } from 'node:http';
import fc from 'fast-check';
import { encode, type Encoding } from '../../app/lib/packed';
import { closeDatabase } from '../../store/database';
import { base, buildOf, cast, forgetLimits, type Client } from './client';

let own: Record<'viewer' | 'fitter' | 'lead', Client>;
let buildId: string;
beforeAll(async () => {
  own = await cast('Serving Shed');
  buildId = await buildOf(own.lead);
}, 60000);
afterAll(async () => {
  await forgetLimits();
  await closeDatabase();
});

/** An answer as it comes over the wire: fetch would unpack it unseen. */
const raw = (way: string, headers: Record<string, string> = {}) =>
  new Promise<{ answer: IncomingMessage; body: Buffer }>((resolve, reject) => {
    get(base + way, { headers }, (answer) => {
      const parts: Buffer[] = [];
      answer.on('data', (part: Buffer) => parts.push(part));
      answer.on('end', () => resolve({ answer, body: Buffer.concat(parts) }));
    }).on('error', reject);
  });
const unpack = { br: brotliDecompressSync, gzip: gunzipSync, identity: (bytes: Buffer) => bytes };

describe('a shell', () => {
  const address = (): string => `/builds/${buildId}/fuel/tank`;
  test.each(['br', 'gzip', 'identity'] as const)('is the same page packed as %s', async (encoding) => {
    const { answer, body } = await raw(address(), { 'accept-encoding': encoding });
    const plain = await raw(address());
    expect(answer.headers['content-encoding']).toBe(encoding === 'identity' ? undefined : encoding);
    expect(Number(answer.headers['content-length'])).toBe(body.length);
    expect(unpack[encoding](body).equals(plain.body)).toBe(true);
    expect(plain.body.toString()).toMatch(/^<!DOCTYPE html>/i);
  });
  test('is not sent again to whoever names its tag, and is to whoever names another', async () => {
    const { answer } = await raw(address());
    const tag = answer.headers.etag ?? '';
    const again = await raw(address(), { 'if-none-match': tag });
    expect([again.answer.statusCode, again.body.length]).toEqual([304, 0]);
    expect((await raw(address(), { 'if-none-match': '"another"' })).answer.statusCode).toBe(200);
  });
  test('is one page for every sheet of every build, under the same policy', async () => {
    const [one, other] = await Promise.all([raw(address()), raw('/builds/ffffffff-ffff-4fff-8fff-ffffffffffff/survey')]);
    expect(other.body.equals(one.body)).toBe(true);
    expect(other.answer.headers['content-security-policy']).toBe(one.answer.headers['content-security-policy']);
    expect(one.answer.headers['content-security-policy']).toMatch(/script-src 'self' 'sha256-/);
  });
  test('asked for by its head alone bears the same heads and no body', async () => {
    const head = await fetch(base + address(), { method: 'HEAD' });
    expect([head.status, (await head.arrayBuffer()).byteLength]).toEqual([200, 0]);
    expect(head.headers.get('etag')).toBe((await raw(address())).answer.headers.etag);
  });
});

describe('a route', () => {
  const safe = ['x-content-type-options', 'x-frame-options', 'referrer-policy', 'content-security-policy'];
  const ways: readonly (readonly [string, () => string, number])[] = [
    ['one that answers', () => '/api/bay', 200],
    ['one of a build', () => `/api/builds/${buildId}/state`, 200],
    ['one that holds no letter', () => '/api/builds/%ZZ/state', 400],
    ['one of no build', () => '/api/builds/nothing/state', 404],
    ['one that is not there', () => '/api/nowhere', 404],
  ];
  test.each(ways)('bears the heads that keep it safe: %s', async (_name, way, status) => {
    const answer = await own.lead.ask(way());
    expect(answer.status).toBe(status);
    expect(safe.filter((name) => !answer.headers.has(name))).toEqual([]);
    expect(answer.headers.get('content-security-policy')).toContain("default-src 'none'");
  });
  test.each(['PUT', 'DELETE', 'PATCH'])('has no ear for %s, and changes nothing by it', async (method) => {
    expect((await own.lead.ask('/api/bay', { method })).status).toBe(405);
  });
  test('answers by its head alone as by GET', async () => {
    const answer = await own.lead.ask('/api/bay', { method: 'HEAD' });
    expect([answer.status, (await answer.arrayBuffer()).byteLength]).toEqual([200, 0]);
  });
  test('that a fixed address names goes before one that holds a name', async () => {
    // `import` is a route of its own, though it could be an id.
    expect((await own.lead.post('/api/builds/import', {})).status).toBe(400);
    expect((await own.lead.ask('/api/builds/import')).status).toBe(405);
  });
});

test('JSON unpacks to what it was, short or long, by each way of packing', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom<Encoding>('br', 'gzip', 'identity'),
      fc.array(fc.string({ maxLength: 40 }), { maxLength: 50 }),
      fc.constantFrom(1, 40, 4000),
      async (wanted, words, times) => {
        const json = JSON.stringify(Array.from({ length: times }, () => words));
        const { bytes, encoding } = await encode(json, wanted);
        expect(unpack[encoding](bytes).toString()).toBe(json);
        if (encoding !== 'identity') expect(encoding).toBe(wanted);
      },
    ),
    { numRuns: 40, endOnFailure: true },
  );
}, 60000);
