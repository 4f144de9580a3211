import { randomUUID } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { buildOf, base, cast, client, cookieOf, deviceCookieOf, forgetLimits, password, type Client } from './client';
import { closeDatabase, database } from '../../store/database';

// One who has a second step, and what becomes of it: each through the routes, as a browser asks.
let people: Awaited<ReturnType<typeof cast>>;
let lead: Client;
let login: string;
let codes: string[];
let secret: string;
let buildId: string;
const step = (by: Client, body: object) => by.post('/api/me/second-step', body);
const told = async (answer: Response) => ({ status: answer.status, ...((await answer.json()) as Record<string, unknown>) });
const code = (msFromNow = 0) => new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + msFromNow });
const enter = (more: object, cookie = '') =>
  fetch(`${base}/api/sign-in`, { method: 'POST', headers: { cookie }, body: JSON.stringify({ login, password, ...more }) });
/** As if the second step had been given so long ago. */
const provenBefore = (minutes: number) =>
  database().sequelize.query(`UPDATE sessions SET proven_at = now() - interval '${minutes} minutes' WHERE person_id = :id`, {
    replacements: { id: lead.person?.id },
  });
const command = (by: Client, what: object, commandId: string = randomUUID()) =>
  by.post(`/api/builds/${buildId}/commands`, { commandId, command: what });
const release = { kind: 'holdPoint', holdPoint: 'bolting', action: 'release' };

beforeAll(async () => {
  await forgetLimits();
  people = await cast('Twofold Shed');
  lead = people.lead;
  login = lead.person?.login ?? '';
  buildId = await buildOf(lead);
});
afterAll(closeDatabase);

test('a second step begins with the password, and is on once a code of it was typed; every other session ends', async () => {
  const elsewhere = client(cookieOf(await enter({})), lead.person);
  expect(await told(await step(lead, { action: 'begin', password: 'not this one' }))).toMatchObject({
    status: 400,
    errors: ['Password is another one.'],
  });
  const begun = (await told(await step(lead, { action: 'begin', password }))) as unknown as { secret: string; uri: string };
  secret = begun.secret;
  expect(begun.uri).toMatch(/^otpauth:\/\/totp\/.*issuer=Lorbet/);
  expect((await step(lead, { action: 'confirm', code: '000000' })).status).toBe(400);
  const on = (await told(await step(lead, { action: 'confirm', code: code(-30_000) }))) as unknown as {
    status: number;
    codes: string[];
  };
  codes = on.codes;
  expect([on.status, codes.length, (await elsewhere.ask('/api/me')).status, (await lead.ask('/api/me')).status]).toEqual([
    200, 10, 401, 200,
  ]);
});
test('the password alone then opens no session; with a code it does, and that code no second one', async () => {
  const alone = await enter({});
  expect([alone.status, cookieOf(alone), await alone.json()]).toEqual([200, '', { signedIn: false, step: { passkey: null } }]);
  const wrong = await enter({ code: '123456' });
  expect([wrong.status, cookieOf(wrong)]).toEqual([400, '']);
  const now = code();
  const right = await enter({ code: now });
  expect([right.status, cookieOf(right) !== '']).toEqual([200, true]);
  expect((await enter({ code: now })).status).toBe(400);
  expect((await enter({ code: codes[0] })).status).toBe(200);
  expect((await enter({ code: codes[0] })).status).toBe(400);
});
test('releasing a hold point, waiving and signing ask for it again after 15 minutes; other work does not', async () => {
  const what = [
    release,
    { kind: 'waive', checkId: 'fuel.pumpAngle', code: 'x', values: {}, why: 'ten letters at least' },
    { kind: 'sign', typedName: lead.person?.name, drawn: 'M10,10L90,90L170,10L250,90' },
  ];
  await provenBefore(16);
  for (const one of what)
    expect([one.kind, await told(await command(lead, one))]).toEqual([one.kind, expect.objectContaining({ status: 428 })]);
  expect((await command(lead, { kind: 'note', text: 'Cold in here.' })).status).toBe(200);
  await provenBefore(14);
  for (const one of what) expect([one.kind, (await command(lead, one)).status === 428]).toEqual([one.kind, false]);
});
test('what was refused for want of it is taken under the same id once it was given', async () => {
  await provenBefore(16);
  const id = randomUUID();
  const hold = { kind: 'holdPoint', holdPoint: 'bolting', action: 'hold' };
  // Held again or not: to hold is never asked for.
  expect([200, 400]).toContain((await command(lead, hold)).status);
  expect((await command(lead, release, id)).status).toBe(428);
  expect((await step(lead, { action: 'prove', code: '000000' })).status).toBe(400);
  expect((await step(lead, { action: 'prove', code: codes[1] })).status).toBe(200);
  expect((await command(lead, release, id)).status).not.toBe(428);
});
test('who comes in, and as what, is changed only shortly after it', async () => {
  const invite = { name: 'Newest Hand', login: `newest-${randomUUID().slice(0, 8)}`, role: 'lead' };
  const reset = { personId: people.viewer.person?.id, action: 'reset' };
  const own = { personId: lead.person?.id, action: 'secondStep' };
  const asked = async () => [(await lead.post('/api/crew/invite', invite)).status, (await lead.post('/api/crew', reset)).status];
  await provenBefore(16);
  expect([...(await asked()), (await lead.post('/api/crew', own)).status]).toEqual([428, 428, 428]);
  await provenBefore(14);
  expect(await asked()).toEqual([201, 200]);
});
test('a passkey is offered by a name alone, and only shortly after the second step', async () => {
  const byNumbers = await told(await step(lead, { action: 'offerPasskey' }));
  expect(byNumbers).toMatchObject({ status: 400, errors: [expect.stringContaining('only over HTTPS')] });
  await provenBefore(16);
  expect((await step(lead, { action: 'offerPasskey' })).status).toBe(428);
});
test.each([
  ['no action', {}, /action must be one of/],
  ['another’s action', { action: 'constructor' }, /action must be one of/],
  ['no code', { action: 'prove' }, /Code/],
  ['a code as a number', { action: 'prove', code: 123456 }, /Code/],
  ['a field too many', { action: 'ask', more: 1 }, /more/],
  ['a passkey that is none', { action: 'provePasskey', passkey: { id: 'x', response: { like: [1, 2] } } }, /Code|passkey/i],
])('%s is refused in a sentence', async (_what, body, sentence) => {
  const answer = (await told(await step(lead, body))) as unknown as { status: number; errors: string[] };
  expect([answer.status, answer.errors.join(' ')]).toEqual([400, expect.stringMatching(sentence)]);
});
test('ten wrong codes are all that a person’s sign-in takes in a quarter of an hour, whoever tries; a session that is open goes on', async () => {
  await forgetLimits();
  const tries = await Promise.all(Array.from({ length: 14 }, (_, n) => enter({ code: String(100_000 + n) })));
  const statuses = tries.map(({ status }) => status);
  expect([statuses.filter((status) => status === 400).length <= 10, statuses.includes(429)]).toEqual([true, true]);
  expect((await enter({ code: codes[2] })).status).toBe(429);
  expect((await lead.ask('/api/me')).status).toBe(200);
  await forgetLimits();
});
test('another lead takes a lost second step away: recorded, and told on what is done next', async () => {
  const workshopId = lead.person?.workshopId;
  await database().sequelize.query("UPDATE people SET role = 'lead' WHERE id = :id", {
    replacements: { id: people.fitter.person?.id },
  });
  expect(workshopId).toBe(people.fitter.person?.workshopId);
  expect((await people.fitter.post('/api/crew', { personId: lead.person?.id, action: 'secondStep' })).status).toBe(200);
  expect((await lead.ask('/api/me')).status).toBe(401);
  const back = await enter({}, deviceCookieOf(await enter({})));
  const again = client(cookieOf(back), lead.person);
  const crew = (await told(await people.fitter.ask('/api/crew'))) as unknown as {
    crew: { id: string; twofold: boolean }[];
    signIns: { event: string }[];
  };
  expect([
    crew.crew.find(({ id }) => id === lead.person?.id)?.twofold,
    crew.signIns.some(({ event }) => event === 'second step ended'),
  ]).toEqual([false, true]);
  await command(again, { kind: 'holdPoint', holdPoint: 'bolting', action: 'hold' });
  const released = await command(again, release);
  const rows = (await told(await again.ask(`/api/builds/${buildId}/ledger?before=1000`))) as unknown as {
    rows: { kind: string; body: { reset?: { by: string } } }[];
  };
  const last = rows.rows.filter(({ kind }) => kind === 'holdPoint').at(-1);
  expect([released.status, last?.body.reset?.by]).toEqual([200, people.fitter.person?.name]);
});
