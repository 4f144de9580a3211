import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { crewOf } from '../../store/crew';
import { closeDatabase, database } from '../../store/database';
import { createBuild } from '../../store/builds/import';
import { listBuilds } from '../../store/builds/bay';
import { signerFor } from '../../store/keys';
import { makeOwnerLink } from '../../store/ownerLinks';
import { migrate } from '../../store/migrate';
import { addPerson, addWorkshop, type Person } from '../../store/people';
import { inWorkshop } from '../../store/scope';
import { nobody, recordSignIn } from '../../store/signIns';

// Two workshops, each with rows in every table that belongs to one; asked as the app asks, under its own role.
const ask = <T extends object>(sql: string, replacements = {}) =>
  database().sequelize.query<T>(sql, { type: QueryTypes.SELECT, replacements });
const put = (sql: string, replacements: Record<string, unknown>) => database().sequelize.query(sql, { replacements });

/** Tables that belong to nobody, or that are asked by a secret before it is known who asks. */
const ofNobody = ['migrations', 'rate_limits', 'probes', 'sessions', 'invites', 'pairings'];

async function workshopWithRows(name: string): Promise<Person> {
  const workshopId = await addWorkshop(name);
  const login = `rows-${randomUUID().slice(0, 8)}`;
  const added = await addPerson(workshopId, { name, login, password: 'long enough to pass', role: 'lead' });
  if (!added.ok) throw new Error(added.errors.join(' '));
  const lead = added.value;
  const made = await createBuild(lead, { name, what: '', kind: 'boat', place: '', heaterSerial: '' });
  if (!made.ok) throw new Error(made.errors.join(' '));
  const of = { workshopId, personId: lead.id, id: randomUUID(), buildId: made.value.build.id };
  await recordSignIn({ login, person: lead, event: 'signed in', caller: nobody });
  await put(
    `INSERT INTO part_lists (workshop_id, family, rows, version) VALUES (:workshopId, 'air', '[]', 1);
     INSERT INTO unit_cards (workshop_id, id, card, edition, changed_at, by_name) VALUES (:workshopId, :id, '{}', 1, now(), 'x');
     INSERT INTO rule_packs (workshop_id, id, pack, edition, changed_at, by_name) VALUES (:workshopId, :id, '{}', 1, now(), 'x');
     INSERT INTO trainer_cases (workshop_id, id, document, by_name, at) VALUES (:workshopId, 'one', '{}', 'x', now());
     INSERT INTO training (id, workshop_id, person_id, at, record, acts) VALUES (:id, :workshopId, :personId, now(), '{}', '[]');
     INSERT INTO photos (build_id, sha256, width_px, height_px, picture, small, by_name, at) VALUES (:buildId, :id, 1, 1, '', '', 'x', now());
     INSERT INTO second_steps (person_id, sealed, begun_at) VALUES (:personId, 'x', now());
     INSERT INTO passkeys (id, person_id, public_key, counter, label, made_at) VALUES (:id, :personId, '', 0, 'x', now());
     INSERT INTO start_logs (build_id, sha256, log, by_name, at) VALUES (:buildId, :id, '', 'x', now())`,
    of,
  );
  await makeOwnerLink(lead, of.buildId);
  await signerFor(workshopId, new Date());
  return lead;
}

let ours: Person;
let theirs: Person;
let tables: string[];
beforeAll(async () => {
  await migrate();
  [ours, theirs] = [await workshopWithRows('Row Shed'), await workshopWithRows('Other Row Shed')];
  const all = await ask<{ name: string }>(`SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' ORDER BY 1`);
  tables = all.map(({ name }) => name).filter((name) => !ofNobody.includes(name));
});
afterAll(closeDatabase);

const countIn = async (table: string): Promise<number> =>
  (await ask<{ n: number }>(`SELECT count(*)::int AS n FROM ${table}`))[0]?.n ?? -1;

test('of every table that belongs to a workshop a query without any condition shows that workshop’s rows alone', async () => {
  expect(tables.length).toBeGreaterThan(12);
  for (const table of tables) {
    const all = await countIn(table);
    const [our, their] = [
      await inWorkshop(ours.workshopId, () => countIn(table)),
      await inWorkshop(theirs.workshopId, () => countIn(table)),
    ];
    expect([table, our > 0, their > 0, our + their <= all]).toEqual([table, true, true, true]);
  }
});

test('who says no workshop sees nothing', async () => {
  for (const table of tables) expect([table, await inWorkshop('', () => countIn(table))]).toEqual([table, 0]);
});

test('a query of the app that lost its “where” shows nothing of others', async () => {
  const forget = (options: { where?: unknown }) => void delete options.where;
  const { PersonRow, BuildRow } = database().models;
  PersonRow.addHook('beforeFind', 'forget', forget);
  BuildRow.addHook('beforeFind', 'forget', forget);
  try {
    const crew = await inWorkshop(ours.workshopId, () => crewOf(ours));
    expect(crew.map(({ name }) => name)).toEqual(['Row Shed']);
    const build = await inWorkshop(ours.workshopId, () => BuildRow.findAll({ where: { workshopId: ours.workshopId } }));
    expect(build.map(({ workshopId }) => workshopId)).toEqual([ours.workshopId]);
    // Across all it would have shown them: it is PostgreSQL that holds them back.
    expect((await crewOf(ours)).length).toBeGreaterThan(1);
  } finally {
    PersonRow.removeHook('beforeFind', 'forget');
    BuildRow.removeHook('beforeFind', 'forget');
  }
});

test('nobody writes into another workshop, nor changes its rows', async () => {
  const into = () =>
    put(`INSERT INTO part_lists (workshop_id, family, rows, version) VALUES (:id, 'fuel', '[]', 1)`, { id: theirs.workshopId });
  await expect(inWorkshop(ours.workshopId, into)).rejects.toThrow(/row-level security/);
  const change = () => ask<{ id: string }>('UPDATE people SET name = name RETURNING workshop_id AS id');
  const changed = await inWorkshop(ours.workshopId, change);
  expect(new Set(changed.map(({ id }) => id))).toEqual(new Set([ours.workshopId]));
});

test('connections that serve two workshops in turn mix nothing up', async () => {
  const look = (person: Person) =>
    inWorkshop(person.workshopId, async () => (await listBuilds(person, {})).builds.map(({ summary }) => summary.name));
  const seen = await Promise.all(Array.from({ length: 120 }, (_, n) => look(n % 3 === 0 ? theirs : ours)));
  seen.forEach((names, n) => expect(names).toEqual([n % 3 === 0 ? 'Other Row Shed' : 'Row Shed']));
});

test('what is due is found by its index, though PostgreSQL looks whose each row is', async () => {
  const asked = 'SELECT count(*) FROM builds WHERE workshop_id = :id AND leak_due_ms <= 5 AND signed <> :signed';
  const replacements = { id: ours.workshopId, signed: 'signed' };
  const { sequelize } = database();
  const plan = await inWorkshop(ours.workshopId, () =>
    sequelize.transaction(async (transaction) => {
      await sequelize.query('SET LOCAL enable_seqscan = off', { transaction });
      return sequelize.query(`EXPLAIN ${asked}`, { replacements, type: QueryTypes.SELECT, transaction });
    }),
  );
  expect(JSON.stringify(plan)).toMatch(/Index Cond: [^"]*leak_due_ms <= 5/);
});
