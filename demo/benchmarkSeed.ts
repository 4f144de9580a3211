/** Fills a bench database: a bay of 5,000 builds, and one build with 20,000 ledger rows. Prints that build's id and the plans of the two queries that must stay quick. */
import { QueryTypes } from 'sequelize';
import { emptyBuild } from '../core/build/emptyBuild';
import { canonicalJson } from '../core/record/canonicalJson';
import { nextRow, type LedgerRow } from '../core/ledger/chain';
import { createBuild } from '../store/builds/import';
import { workAcrossWorkshops } from '../store/scope';
import { closeDatabase, database } from '../store/database';
import { plainPerson } from '../store/people';

const rowsWanted = 20000;
const buildsWanted = 5000;

async function main(): Promise<void> {
  workAcrossWorkshops();
  const { sequelize, models } = database();
  const lead = plainPerson(await models.PersonRow.findOne({ where: { login: 'odile' }, rejectOnEmpty: true }));
  const made = await createBuild(lead, { name: 'Long Ledger', what: 'bench', kind: 'boat', place: '', heaterSerial: '' });
  if (!made.ok) throw new Error(made.errors.join(' '));
  const { build, lastSeq, lastHash } = made.value;
  let last: Pick<LedgerRow, 'seq' | 'hash'> = { seq: lastSeq, hash: lastHash };
  for (let from = last.seq; from < rowsWanted; from += 2000) {
    const batch = Array.from({ length: Math.min(2000, rowsWanted - from) }, () => {
      const row = nextRow(last, {
        buildId: build.id,
        at: new Date().toISOString(),
        by: lead.name,
        role: lead.role,
        kind: 'note',
        body: { text: `entry ${last.seq + 1}` },
      });
      last = row;
      return { ...row, at: new Date(row.at), body: canonicalJson(row.body), personId: lead.id, commandId: crypto.randomUUID() };
    });
    await models.LedgerEntryRow.bulkCreate(batch);
  }
  await models.BuildRow.update({ lastSeq: last.seq, lastHash: last.hash }, { where: { id: build.id } });
  const blank = emptyBuild(build.id, build.identity);
  await sequelize.query(
    `INSERT INTO builds (id, workshop_id, document, summary, origins, search, last_seq, last_hash, changed_at)
     SELECT gen_random_uuid(), workshop_id, :blank::jsonb, jsonb_set(summary, '{name}', to_jsonb('Build ' || i)), '{}', 'build ' || i, 0, '', now() - i * interval '1 minute'
     FROM builds, generate_series(1, ${buildsWanted}) i WHERE id = :id`,
    { replacements: { id: build.id, blank: JSON.stringify(blank) } },
  );
  await sequelize.query('ANALYZE');
  const plan = async (sql: string) =>
    (await sequelize.query<{ 'QUERY PLAN': string }>(`EXPLAIN ANALYZE ${sql}`, { type: QueryTypes.SELECT }))
      .map((line) => line['QUERY PLAN'])
      .join('\n');
  const plans = {
    bay: await plan(
      `SELECT id, summary, changed_at FROM builds WHERE workshop_id = '${lead.workshopId}' ORDER BY changed_at DESC, id DESC LIMIT 41`,
    ),
    laterPage: await plan(
      `SELECT id, summary, changed_at FROM builds WHERE workshop_id = '${lead.workshopId}' AND (changed_at, id) < (now() - interval '2 days', '${build.id}') ORDER BY changed_at DESC, id DESC LIMIT 41`,
    ),
    search: await plan(
      `SELECT id, summary, changed_at FROM builds WHERE workshop_id = '${lead.workshopId}' AND search LIKE '%build 49%' ORDER BY changed_at DESC, id DESC LIMIT 41`,
    ),
    newestRows: await plan(`SELECT * FROM ledger WHERE build_id = '${build.id}' AND seq > 0 ORDER BY seq DESC LIMIT 60`),
    earlierRows: await plan(
      `SELECT * FROM ledger WHERE build_id = '${build.id}' AND seq > 0 AND seq < 9000 ORDER BY seq DESC LIMIT 200`,
    ),
  };
  console.log(JSON.stringify({ id: build.id, plans }));
}

main()
  .catch((error: unknown) => {
    console.error(error);
    process.exitCode = 1;
  })
  .finally(closeDatabase);
