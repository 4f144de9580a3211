import { randomUUID } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { secondStepMs, stepIsDue } from '../../core/people/secondStep';
import { recoverLead } from '../../store/crew';
import { closeDatabase, database } from '../../store/database';
import { signIn } from '../../store/enter';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { beginSecondStep, confirmSecondStep, goodAt, hasSecondStep, takeCode } from '../../store/secondSteps';
import { nobody } from '../../store/signIns';

const password = 'long enough to pass';
let workshopId: string;
beforeAll(async () => {
  await migrate();
  workshopId = await addWorkshop('Step Shed');
});
afterAll(closeDatabase);

async function twofold(): Promise<{ person: Person; codeAt: (at: Date) => string; recovery: string[]; at: Date }> {
  const login = `step-${randomUUID().slice(0, 8)}`;
  const added = await addPerson(workshopId, { name: login, login, password, role: 'lead' });
  if (!added.ok) throw new Error(added.errors.join(' '));
  const begun = await beginSecondStep(added.value, password);
  if (!begun.ok) throw new Error(begun.errors.join(' '));
  const totp = new TOTP({ secret: Secret.fromBase32(begun.value.secret) });
  const codeAt = (at: Date) => totp.generate({ timestamp: at.getTime() });
  const at = new Date('2027-01-04T08:00:00Z');
  const on = await confirmSecondStep(added.value, codeAt(at), undefined, nobody, at);
  if (!on.ok) throw new Error(on.errors.join(' '));
  return { person: added.value, codeAt, recovery: on.value.codes, at };
}
const later = (at: Date, s: number) => new Date(at.getTime() + s * 1000);

// RFC 6238, appendix B: the column of SHA-1, of whose eight digits an app shows the last six. From memory.
const rfc = new TOTP({ algorithm: 'SHA1', digits: 6, period: 30, secret: Secret.fromLatin1('12345678901234567890') });
test.each([
  [59, '287082'],
  [1111111109, '081804'],
  [1111111111, '050471'],
  [1234567890, '005924'],
  [2000000000, '279037'],
  [20000000000, '353130'],
])('at %i s the code is that of RFC 6238, and good for that half minute', (s, code) => {
  expect(goodAt(rfc, code, s * 1000)).toBe(Math.floor(s / 30));
});
test('a code is good half a minute before and after its own, and not a whole one', () => {
  const own = 1234567890 - (1234567890 % 30);
  const good = [-31, -30, 0, 59, 60].map((s) => goodAt(rfc, '005924', (own + s) * 1000) !== null);
  expect(good).toEqual([false, true, true, true, false]);
});
test('a code is good once, also where ten come at the same moment', async () => {
  const { person, codeAt, at } = await twofold();
  const now = later(at, 60);
  const taken = await Promise.all(Array.from({ length: 10 }, () => takeCode(person, codeAt(now), nobody, now)));
  expect(taken.filter(Boolean)).toHaveLength(1);
  // The one that turned it on is used up too.
  expect(await takeCode(person, codeAt(at), nobody, later(at, 20))).toBe(false);
});
test('a recovery code is good once, as it was shown or typed small and without hyphens', async () => {
  const { person, recovery } = await twofold();
  const [one = '', two = ''] = recovery;
  const taken = await Promise.all([1, 2, 3].map(() => takeCode(person, one, nobody)));
  expect(taken.filter(Boolean)).toHaveLength(1);
  expect(await takeCode(person, two.toLowerCase().replaceAll('-', ''), nobody)).toBe(true);
  expect(new Set(recovery).size).toBe(10);
});
test('the right password alone lets nobody in, and a begun step that was never confirmed keeps nobody out', async () => {
  const { person, codeAt, at } = await twofold();
  const now = later(at, 90);
  const step = (code?: unknown) => ({ ...(code === undefined ? {} : { code }), site: null, count: () => Promise.resolve(null) });
  const kinds = [
    (await signIn(person.login, password, nobody, now, step())).kind,
    (await signIn(person.login, password, nobody, now, step('000000'))).kind,
    (await signIn(person.login, 'another one', nobody, now, step(codeAt(now)))).kind,
    (await signIn(person.login, password, nobody, now, step(codeAt(now)))).kind,
    (await signIn(person.login, password, nobody, now, step({ like: '%' }))).kind,
  ];
  expect(kinds).toEqual(['step', 'step', 'refused', 'in', 'step']);
  const added = await addPerson(workshopId, {
    name: 'Half Begun',
    login: `half-${randomUUID().slice(0, 8)}`,
    password,
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join(' '));
  await beginSecondStep(added.value, password);
  expect((await signIn(added.value.login, password, nobody)).kind).toBe('in');
});
test('the database alone tells neither the secret nor a recovery code', async () => {
  const { person, recovery } = await twofold();
  const rows = await database().sequelize.query(`SELECT * FROM second_steps WHERE person_id = '${person.id}'`);
  const kept = JSON.stringify(rows);
  for (const code of recovery) expect(kept).not.toContain(code);
  expect(kept).toMatch(/"sealed":"[\w-]+\.[\w-]+\.[\w-]+"/);
});
test('whoever recovers a lead on the machine takes the second step away', async () => {
  const { person } = await twofold();
  await recoverLead(person.login);
  expect(await hasSecondStep(person.id)).toBe(false);
});
test('a second step is asked for again once it is older than 15 minutes, and of nobody who has none', () => {
  const at = (provenAtMs: number | null) => stepIsDue({ provenAtMs }, 20 * 60 * 1000 + secondStepMs);
  expect([at(null), at(20 * 60 * 1000 - 1), at(20 * 60 * 1000), stepIsDue(null, 0), stepIsDue(undefined, 0)]).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
  expect(secondStepMs).toBe(900_000);
});
