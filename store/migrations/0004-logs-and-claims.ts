import { createHash, randomUUID } from 'node:crypto';
import type { QueryInterface, Sequelize, Transaction } from 'sequelize';
import { QueryTypes } from 'sequelize';
import type { StartRun } from '../../core/build/Build';
import { canonicalJson } from '../../core/record/canonicalJson';
import { nextRow, type LedgerContent } from '../../core/ledger/chain';
import { splitLog } from '../../core/build/startLog';
import { deedsOf1, withDeeds1, type Build1, type Deeds1 } from './version1';

const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');
type Row = Pick<LedgerContent, 'kind' | 'body' | 'by' | 'at'> & { seq: number; hash: string };

/** What of a build's deeds its own ledger has no row for: it came in with a file, and becomes a claim. */
function unwitnessed(build: Build1, rows: readonly Row[]): { claimed: Deeds1; left: Deeds1 } {
  const of = (kind: string) => rows.filter((row) => row.kind === kind).map(({ body }) => body as Record<string, unknown>);
  const ids = (kind: string, at: (body: Record<string, { id?: string }>) => string | undefined) =>
    new Set(of(kind).map((body) => at(body as unknown as Record<string, { id?: string }>)));
  const [runs, starts, readings] = [
    ids('priming', (b) => b.run?.id),
    ids('start', (b) => b.id as unknown as string),
    ids('co', (b) => b.reading?.id),
  ];
  const hashes = new Set(of('sign').map(({ buildHash }) => String(buildHash)));
  const waived = new Set(of('waive').map(({ callId, says }) => `${String(callId)}\n${String(says)}`));
  const passed = new Set(of('gate').map(({ moment }) => String(moment)));
  const watched = new Set(
    of('rows').flatMap(({ changes }) =>
      (changes as { list: string; row: string }[]).map((c) => (c.list === 'leaks' ? c.row : '')),
    ),
  );
  const deeds = deedsOf1(build);
  const part = <T>(all: readonly T[], here: (one: T) => boolean) => [all.filter(here), all.filter((one) => !here(one))] as const;
  const [signedHere, signedElse] = part(deeds.signatures, (s) => hashes.has(s.buildHash));
  const [waivedHere, waivedElse] = part(deeds.waivers, (w) => waived.has(`${w.callId}\n${w.says}`));
  const [gatesHere, gatesElse] = part(deeds.gates, (g) => passed.has(g.moment));
  const [primedHere, primedElse] = part(deeds.primingRuns, (r) => runs.has(r.id));
  const [startsHere, startsElse] = part(deeds.starts, (r) => starts.has(r.id));
  const [coHere, coElse] = part(deeds.coReadings, (r) => readings.has(r.id));
  const [leaksHere, leaksElse] = part(deeds.leaks, (r) => watched.has(r.id));
  return {
    left: {
      signatures: signedHere,
      waivers: waivedHere,
      gates: gatesHere,
      primingRuns: primedHere,
      starts: startsHere,
      coReadings: coHere,
      hotLooks: [],
      repairs: deeds.repairs,
      leaks: leaksHere,
    },
    claimed: {
      signatures: signedElse,
      waivers: waivedElse,
      gates: gatesElse,
      primingRuns: primedElse,
      starts: startsElse,
      coReadings: coElse,
      hotLooks: [],
      repairs: [],
      leaks: leaksElse,
    },
  };
}

/** Logs of starts beside their builds, and what came in with files as claims; a build that changes by it says so in its ledger. */
export const logsAndClaims = {
  name: '0004-logs-and-claims',
  async up({ context: { sequelize } }: { context: QueryInterface }) {
    await sequelize.transaction((transaction) => raise(sequelize, transaction));
  },
};

async function raise(sequelize: Sequelize, transaction: Transaction): Promise<void> {
  await sequelize.query(
    `
      CREATE TABLE IF NOT EXISTS start_logs (
        build_id uuid NOT NULL REFERENCES builds, sha256 varchar(64) NOT NULL, log text NOT NULL, by_name varchar(80) NOT NULL, at timestamptz NOT NULL,
        PRIMARY KEY (build_id, sha256));
      DROP TRIGGER IF EXISTS start_logs_append_only ON start_logs;
      CREATE TRIGGER start_logs_append_only BEFORE UPDATE OR DELETE ON start_logs FOR EACH ROW EXECUTE FUNCTION ledger_is_append_only();
      DROP TRIGGER IF EXISTS start_logs_no_truncate ON start_logs;
      CREATE TRIGGER start_logs_no_truncate BEFORE TRUNCATE ON start_logs FOR EACH STATEMENT EXECUTE FUNCTION ledger_is_append_only();
    `,
    { transaction },
  );
  const ids = await sequelize.query<{ id: string }>('SELECT id FROM builds WHERE last_seq > 0 ORDER BY id', {
    type: QueryTypes.SELECT,
    transaction,
  });
  for (const { id } of ids) await raiseOne(sequelize, id, transaction);
}

async function raiseOne(sequelize: Sequelize, id: string, transaction: Transaction): Promise<void> {
  const select = { type: QueryTypes.SELECT, replacements: { id }, transaction } as const;
  const [kept] = await sequelize.query<{ document: Build1 }>('SELECT document FROM builds WHERE id = :id FOR UPDATE', select);
  if (!kept) return;
  const rows = (
    await sequelize.query<Omit<Row, 'body' | 'at'> & { body: string; at: Date }>(
      'SELECT seq, hash, kind, body, by_name AS by, at FROM ledger WHERE build_id = :id ORDER BY seq',
      select,
    )
  ).map((row): Row => ({ ...row, body: JSON.parse(row.body) as Row['body'], at: row.at.toISOString() }));
  const [first, last] = [rows[0], rows[rows.length - 1]];
  if (!first || !last) return;
  const { claimed, left } = unwitnessed(kept.document, rows);
  let build = kept.document;
  if (first.kind === 'imported' && Object.values(claimed).some((some: unknown[]) => some.length > 0))
    build = {
      ...withDeeds1(build, left),
      ...(build.worked ? { worked: build.worked } : {}),
      claims: [...(build.claims ?? []), { by: first.by, at: first.at, ...claimed }],
    };
  const logs: { sha256: string; text: string }[] = [];
  const split = (runs: Build1['starts']) =>
    runs.map((run) => {
      const { run: short, log } = splitLog(run as unknown as StartRun);
      if (log !== null && short.log) logs.push({ sha256: short.log.sha256, text: log });
      return short;
    });
  build = {
    ...build,
    starts: split(build.starts),
    ...(build.claims ? { claims: build.claims.map((claim) => ({ ...claim, starts: split(claim.starts) })) } : {}),
  };
  const at = new Date();
  if (canonicalJson(build) !== canonicalJson(kept.document)) {
    for (const { sha256, text } of logs)
      await sequelize.query(
        'INSERT INTO start_logs (build_id, sha256, log, by_name, at) VALUES (:id, :sha256, :text, :by, :at) ON CONFLICT DO NOTHING',
        { replacements: { id, sha256, text, by: first.by, at }, transaction },
      );
    const row = nextRow(last, {
      buildId: id,
      at: at.toISOString(),
      by: 'Lorbet',
      role: 'lead',
      kind: 'raised',
      body: {
        logs: logs.length,
        claimed: Object.fromEntries(Object.entries(claimed).map(([name, some]) => [name, (some as unknown[]).length])),
        documentHash: hashText(canonicalJson(build)),
      },
    });
    await sequelize.query(
      `INSERT INTO ledger (build_id, seq, at, by_name, role, kind, body, prev_hash, hash, command_id)
       VALUES (:id, :seq, :at, :by, :role, :kind, :body, :prevHash, :hash, :commandId)`,
      { replacements: { ...row, id, at, body: canonicalJson(row.body), commandId: randomUUID() }, transaction },
    );
    await sequelize.query('UPDATE builds SET document = :document, last_seq = :seq, last_hash = :hash WHERE id = :id', {
      replacements: { id, document: JSON.stringify(build), seq: row.seq, hash: row.hash },
      transaction,
    });
  }
}
