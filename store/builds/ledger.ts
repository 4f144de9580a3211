import { Op, QueryTypes, Transaction, type FindOptions } from 'sequelize';
import type { Build } from '../../core/build/Build';
import type { LedgerRow } from '../../core/ledger/chain';
import { verifyLedger, type Verification } from '../../core/ledger/verifyLedger';
import { database } from '../database';
import type { LedgerEntryRow } from '../models';
import { hashDocument, hashText } from './kept';

/** A row as the database gives it; by the ten thousand, model instances would take most of the time. */
type RawRow = Omit<LedgerRow, 'at' | 'body'> & { at: Date; body: string };
const rowColumns = ['buildId', 'seq', 'at', 'by', 'role', 'kind', 'body', 'prevHash', 'hash'];
const plainRow = ({ at, body, ...row }: RawRow): LedgerRow => ({
  ...row,
  at: at.toISOString(),
  body: JSON.parse(body) as unknown,
});
async function findRows(options: Omit<FindOptions<LedgerEntryRow>, 'raw' | 'attributes'>): Promise<LedgerRow[]> {
  const rows = await database().models.LedgerEntryRow.findAll({ ...options, attributes: rowColumns, raw: true });
  return (rows as unknown as RawRow[]).map(plainRow);
}

/** The most rows that go over the wire at once. */
export const ledgerPageSize = 200;

/** Ledger rows oldest first: those after `after`, or the last ones before `before`; of more than `limit` the newest. */
export async function ledgerOf(
  buildId: string,
  { after = 0, before, limit = ledgerPageSize }: { after?: number; before?: number; limit?: number } = {},
): Promise<LedgerRow[]> {
  const seq = { [Op.gt]: after, ...(before === undefined ? {} : { [Op.lt]: before }) };
  return (await findRows({ where: { buildId, seq }, order: [['seq', 'DESC']], limit })).reverse();
}

const rowsAsText = `
  SELECT coalesce(json_agg(json_build_object('buildId', build_id, 'seq', seq, 'at', to_char(at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
           'by', by_name, 'role', role, 'kind', kind, 'body', body::json, 'prevHash', prev_hash, 'hash', hash) ORDER BY seq), '[]')::text AS rows
  FROM (SELECT * FROM ledger WHERE build_id = $1 AND seq > $2 AND seq < $3 ORDER BY seq DESC LIMIT $4) AS page`;

/** Ledger rows as `ledgerOf` gives them, as JSON text: to take them apart and put them together again would cost more than all else. */
export async function ledgerText(
  buildId: string,
  { after = 0, before, limit = ledgerPageSize }: { after?: number; before: number; limit?: number },
): Promise<string> {
  const bind = [buildId, after, before, limit];
  const [found] = await database().sequelize.query<{ rows: string }>(rowsAsText, { bind, type: QueryTypes.SELECT });
  return found?.rows ?? '[]';
}

/** The whole ledger of a build. */
export const wholeLedger = (buildId: string): Promise<LedgerRow[]> => ledgerOf(buildId, { limit: 10_000_000 });

export interface CheckedLedger {
  /** the build as its last row left it */ build: Build;
  rows: LedgerRow[];
  verification: Verification;
}
type LedgerState = Parameters<typeof verifyLedger>[1];
/** How rows are gone through: at once, or elsewhere by whoever serves others meanwhile. */
export type Verify = (rows: LedgerRow[], state: LedgerState) => Verification | Promise<Verification>;
const atOnce: Verify = (rows, state) => verifyLedger(rows, state, hashText);

/** The whole ledger of a build, with every row checked, and the build against its last row. */
export async function checkedLedger(buildId: string, verify: Verify = atOnce): Promise<CheckedLedger | null> {
  const { sequelize, models } = database();
  // One snapshot for both, or a row written between would look like an added one.
  const read = await sequelize.transaction(
    { isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ },
    async (transaction) => {
      const row = await models.BuildRow.findByPk(buildId, { transaction });
      if (!row) return null;
      const rows = await findRows({ where: { buildId }, order: [['seq', 'ASC']], transaction });
      const { lastSeq, lastHash } = row;
      const state = { lastSeq, lastHash, documentHash: hashDocument(row.document) };
      return { build: row.document, rows, state };
    },
  );
  return read && { build: read.build, rows: read.rows, verification: await verify(read.rows, read.state) };
}
export const verifyBuild = async (buildId: string, verify: Verify = atOnce): Promise<Verification | null> =>
  (await checkedLedger(buildId, verify))?.verification ?? null;

/** Ids of all builds, for a verification of everything. */
export const everyBuildId = async (): Promise<string[]> =>
  (await database().models.BuildRow.findAll({ attributes: ['id'], order: [['id', 'ASC']] })).map((row) => row.id);
