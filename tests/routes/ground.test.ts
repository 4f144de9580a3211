import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { closeDatabase } from '../../store/database';
import { base, buildOf, cast, client, cookieOf, forgetLimits, password } from './client';

const metricsToken = process.env.LORBET_METRICS_TOKEN ?? '';

// What a request may bear beside its body: none of it brings the server to its knees, and each refusal is a sentence.
let people: Awaited<ReturnType<typeof cast>>;
let buildId: string;
beforeAll(async () => {
  await forgetLimits();
  people = await cast('Ground Shed');
  buildId = await buildOf(people.fitter);
});
afterAll(closeDatabase);

const told = async (answer: Response) => ({
  status: answer.status,
  errors: ((await answer.json()) as { errors?: string[] }).errors,
});

test('a device that calls itself by 4,000 letters signs in, and is kept by as many as there is room for', async () => {
  const login = people.fitter.person?.login ?? '';
  const answer = await fetch(`${base}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login, password }),
    headers: { 'user-agent': 'x'.repeat(4000), 'x-forwarded-for': '1'.repeat(4000) },
  });
  expect(answer.status).toBe(200);
  const again = client(cookieOf(answer), people.fitter.person);
  expect((await again.ask('/api/bay')).status).toBe(200);
  const wrong = await fetch(`${base}/api/sign-in`, {
    method: 'POST',
    body: JSON.stringify({ login: 'n'.repeat(900), password: 'x' }),
    headers: { 'user-agent': 'y'.repeat(6000) },
  });
  expect(wrong.status).toBe(401);
});
test.each([
  ['a build’s name', '/api/builds', () => ({ name: 'x\ud83d', what: '', kind: 'boat', place: '', heaterSerial: '' })],
  ['a note', null, () => ({ commandId: randomUUID(), command: { kind: 'note', text: 'half \udc00' } })],
  ['a person’s name', '/api/crew/invite', () => ({ name: 'Half \ud83d', login: 'half', role: 'viewer' })],
])('half a character in %s is refused in a sentence', async (_where, way, body) => {
  const answer = await people.lead.post(way ?? `/api/builds/${buildId}/commands`, body());
  expect(await told(answer)).toEqual({ status: 400, errors: ['The request holds half a character, which is not allowed.'] });
});
test.each([
  '9'.repeat(30),
  `${'9'.repeat(15)}_${randomUUID()}`,
  `1_${'-'.repeat(36)}`,
  `${'9'.repeat(16)}_${randomUUID()}`,
  '%00',
])('a page of the bay from “%s” on is the first page', async (from) => {
  const answer = await people.fitter.ask(`/api/bay?from=${from}`);
  expect([answer.status, ((await answer.json()) as { builds: unknown[] }).builds.length]).toEqual([200, 1]);
  expect((await people.fitter.ask(`/?from=${from}`)).status).toBe(200);
});
test('36 hyphens are nobody', async () => {
  const answer = await people.lead.post('/api/crew', { personId: '-'.repeat(36), action: 'disable' });
  expect(await told(answer)).toMatchObject({ status: 400, errors: [expect.stringContaining('must be a UUID')] });
});
test('one id with other content is refused with both, and what came first stays', async () => {
  const commandId = randomUUID();
  const reading = { id: randomUUID(), place: 'pillow' };
  const send = (ppm: number) =>
    people.fitter.post(`/api/builds/${buildId}/commands`, { commandId, command: { kind: 'co', reading: { ...reading, ppm } } });
  expect([(await send(3)).status, (await send(3)).status]).toEqual([200, 200]);
  const other = await send(180);
  expect([other.status, await other.json()]).toEqual([
    409,
    {
      errors: [expect.stringContaining('kept already')],
      kept: { kind: 'co', body: expect.objectContaining({ reading: expect.objectContaining({ ppm: 3 }) as object }) as object },
      sent: { kind: 'co', reading: { ...reading, ppm: 180 } },
    },
  ]);
});
test('a page without an origin of its own can make a signed-in browser do nothing', async () => {
  const answer = await people.lead.ask('/api/sign-out', { method: 'POST', body: '{}', headers: { origin: 'null' } });
  expect(answer.status).toBe(403);
});
test('whoever signs out leaves nothing in the browser’s cache, and is out with every token of the session', async () => {
  const login = people.viewer.person?.login ?? '';
  const answer = await fetch(`${base}/api/sign-in`, { method: 'POST', body: JSON.stringify({ login, password }) });
  const there = client(cookieOf(answer), people.viewer.person);
  const out = await there.post('/api/sign-out', {});
  expect([out.status, out.headers.get('clear-site-data')]).toEqual([200, '"cache"']);
  expect((await there.ask('/api/bay')).status).toBe(401);
});
test('whoever signs out on every device leaves nothing in this one’s cache either', async () => {
  const login = people.viewer.person?.login ?? '';
  const answer = await fetch(`${base}/api/sign-in`, { method: 'POST', body: JSON.stringify({ login, password }) });
  const out = await client(cookieOf(answer), people.viewer.person).post('/api/sign-out-everywhere', {});
  expect([out.status, out.headers.get('clear-site-data')]).toEqual([200, '"cache"']);
});
test('one person holds no more streams than there is room for; another gets one meanwhile, and what is closed is free again', async () => {
  const open = (by: typeof people.fitter) => by.ask(`/api/builds/${buildId}/changes`);
  const close = async (all: readonly Response[]) => {
    for (const { body } of all) await body?.cancel();
  };
  const all = await Promise.all(Array.from({ length: 45 }, () => open(people.fitter)));
  const statuses = all.map(({ status }) => status);
  expect([200, 429].map((status) => statuses.filter((one) => one === status).length)).toEqual([40, 5]);
  const lead = await open(people.lead);
  expect(lead.status).toBe(200);
  await close([...all, lead]);
  await new Promise((resolve) => setTimeout(resolve, 500));
  const again = await open(people.fitter);
  expect(again.status).toBe(200);
  await close([again]);
});
test('of a dozen certificates that one person asks for at once, those that there is no room for are refused, and nobody else waits', async () => {
  const asked = Array.from({ length: 12 }, () => people.fitter.ask(`/api/builds/${buildId}/certificate`));
  expect((await people.lead.ask(`/api/builds/${buildId}/ledger/check`)).status).toBe(200);
  const statuses = (await Promise.all(asked)).map(({ status }) => status);
  expect([
    statuses.filter((status) => status === 200).length >= 3,
    statuses.filter((status) => status !== 200 && status !== 429),
  ]).toEqual([true, []]);
  expect(statuses).toContain(429);
});
test('who asks by a name that is not ours is turned away', async () => {
  const { hostname, port } = new URL(base);
  const status = await new Promise((resolve, reject) => {
    request({ hostname, port, path: '/sign-in', agent: false, headers: { host: 'elsewhere.invalid' } }, (answer) => {
      answer.resume();
      resolve(answer.statusCode);
    })
      .on('error', reject)
      .end();
  });
  expect(status).toBe(421);
  expect((await fetch(`${base}/sign-in`)).status).toBe(200);
});
test('what is counted is told to nobody who bears no token', async () => {
  for (const headers of [{}, { authorization: 'Bearer ' }, { authorization: 'Bearer wrong' }])
    expect((await fetch(`${base}/metrics`, { headers: headers as Record<string, string> })).status).toBe(404);
});
test('what is counted is told to whoever bears the token, without a build, a person or a secret in it', async () => {
  await people.fitter.ask(`/api/builds/${buildId}/ledger/check`);
  const answer = await fetch(`${base}/metrics`, { headers: { authorization: `Bearer ${metricsToken}` } });
  const text = await answer.text();
  expect(text).toMatch(
    /^lorbet_request_seconds_count\{method="GET",route="\/api\/builds\/:id\/ledger\/check",status="200"\} [1-9]/m,
  );
  expect(text).toMatch(/^lorbet_keeps 1$/m);
  expect(text).not.toMatch(/[0-9a-f]{8}-[0-9a-f]{4}|[0-9a-f]{32}/);
});
