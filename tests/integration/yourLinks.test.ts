import { randomUUID } from 'node:crypto';
import { importBuild } from '../../store/builds/import';
import { ledgerOf } from '../../store/builds/ledger';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { buildByOwnerLink, endOwnerLink, makeOwnerLink, ownerLinksOf } from '../../store/ownerLinks';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { soundBuild } from '../soundBuild';

async function leadOf(shed: string): Promise<Person> {
  const login = `link-${randomUUID().slice(0, 8)}`;
  const added = await addPerson(await addWorkshop(shed), {
    name: 'Link Lead',
    login,
    password: 'long enough to pass',
    role: 'lead',
  });
  if (!added.ok) throw new Error(added.errors.join(' '));
  return added.value;
}
const made = async (person: Person, buildId: string): Promise<string> => {
  const link = await makeOwnerLink(person, buildId);
  return link.ok ? link.value : link.errors.join(' ');
};
const buildId = randomUUID();
let people: { lead: Person; stranger: Person };
beforeAll(async () => {
  await migrate();
  people = { lead: await leadOf('Link Shed'), stranger: await leadOf('Other Link Shed') };
  const brought = await importBuild(people.lead, { build: { ...soundBuild(), id: buildId } }, false);
  if (!brought.ok) throw new Error(brought.errors.join(' '));
}, 60_000);
afterAll(closeDatabase);

test('a link opens its build until somebody of the workshop ends it, once; the ledger says both', async () => {
  const token = await made(people.lead, buildId);
  expect((await buildByOwnerLink(token))?.build.id).toBe(buildId);
  const [link] = await ownerLinksOf(people.lead, buildId);
  expect((await endOwnerLink(people.stranger, buildId, link?.id ?? '')).ok).toBe(false);
  expect((await endOwnerLink(people.lead, buildId, link?.id ?? '')).ok).toBe(true);
  expect((await endOwnerLink(people.lead, buildId, link?.id ?? '')).ok).toBe(false);
  expect(await buildByOwnerLink(token)).toBeNull();
  const rows = await ledgerOf(buildId);
  expect(rows.slice(-2).map(({ body }) => (body as { text?: string }).text)).toEqual([
    'link for the owner made',
    'link for the owner ended',
  ]);
});
test('another workshop’s person makes none, and what is kept of one is its hash alone', async () => {
  expect(await made(people.stranger, buildId)).toContain('no such build');
  const token = await made(people.lead, buildId);
  const [rows] = await database().sequelize.query('SELECT * FROM owner_links');
  expect(JSON.stringify(rows)).not.toContain(token);
});
test('of ten that are open none is made beside them, and nothing is said in the ledger of the one that was not', async () => {
  const more = await Promise.all(Array.from({ length: 12 }, () => made(people.lead, buildId)));
  expect(more.filter((one) => /^[0-9a-f]{64}$/.test(one))).toHaveLength(9);
  expect(more.filter((one) => one.includes('10 links to this build are open'))).toHaveLength(3);
  expect(
    (await ledgerOf(buildId)).filter(({ body }) => (body as { text?: string }).text === 'link for the owner made'),
  ).toHaveLength(11);
});
test('what is no token finds nothing', async () => {
  for (const token of ['', 'x', 'f'.repeat(64), "' OR 1=1 --"]) expect(await buildByOwnerLink(token)).toBeNull();
});
