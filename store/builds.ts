import type { Author, Clash } from '../core/commands/define';
import type { Command } from '../core/commands/allCommands';
import { noteOrigins } from '../core/ledger/noteOrigins';
import { originAt, type Origins } from '../core/record/Origin';
import { createHash, randomUUID } from 'node:crypto';
import { Op, Sequelize, Transaction, type FindOptions, type WhereOptions } from 'sequelize';
import type { Build, Claim, Identity } from '../core/build/Build';
import { identitySchema } from '../core/build/buildSchema';
import type { BuildFile } from '../core/build/buildFile';
import { asClaims, asCopy } from '../core/build/claims';
import { emptyBuild } from '../core/build/emptyBuild';
import { validate, type ReadResult } from '../core/build/readBuild';
import { assess } from '../core/checks/assess';
import { summarizeBuild, type BuildSummary } from '../core/checks/summarizeBuild';
import { applyCommand, type Applied } from '../core/commands/applyCommand';
import { canonicalJson } from '../core/record/canonicalJson';
import { firstHash, nextRow, type LedgerRow } from '../core/ledger/chain';
import { sha256Hex } from '../core/record/sha256Hex';
import { verifyLedger, type Verification } from '../core/ledger/verifyLedger';
import { roleMay } from '../core/people/roles';
import { database } from './database';
import type { BuildRow, LedgerEntryRow } from './models';
import { unknownPhotos } from './photos';
import { workshopOf, type Person } from './people';
import { keepStartLog } from './startLogs';

export interface KeptBuild {
  build: Build;
  origins: Origins;
  lastSeq: number;
  lastHash: string;
  changedAt: string;
}

const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');
const hashDocument = (build: Build): string => hashText(canonicalJson(build));
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
const kept = (row: BuildRow): KeptBuild => ({
  build: row.document,
  origins: row.origins,
  lastSeq: row.lastSeq,
  lastHash: row.lastHash,
  changedAt: row.changedAt.toISOString(),
});
const summaryColumns = (build: Build) => {
  const { name, what, place, heaterSerial } = build.identity;
  return {
    document: build,
    summary: summarizeBuild(build, assess(build)),
    search: [name, what, place, heaterSerial].join('\n').toLowerCase(),
  };
};

export interface BayPage {
  builds: { id: string; summary: BuildSummary; changedAt: string }[];
  /** Where the next page begins; null on the last one. */
  next: string | null;
}
export const bayPageSize = 25;

/**
 * One page of the workshop's builds, the last changed first.
 * @param from where the page begins, as `next` of the page before
 * @param search letters that must stand in name, kind, place or serial
 */
export async function listBuilds(person: Person, { from = '', search = '' } = {}): Promise<BayPage> {
  const where: WhereOptions[] = [{ workshopId: person.workshopId }];
  const cursor = /^(\d{1,16})_([0-9a-f-]{36})$/.exec(from);
  if (cursor)
    where.push(
      Sequelize.literal(
        `(changed_at, id) < (to_timestamp(${Number(cursor[1]) / 1000}), ${database().sequelize.escape(cursor[2] ?? '')}::uuid)`,
      ),
    );
  const wanted = search.trim().toLowerCase().slice(0, 80);
  if (wanted) where.push({ search: { [Op.like]: `%${wanted.replace(/[\\%_]/g, '\\$&')}%` } });
  const rows = await database().models.BuildRow.findAll({
    attributes: ['id', 'summary', 'changedAt'],
    where: { [Op.and]: where },
    order: [
      ['changedAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: bayPageSize + 1,
  });
  const page = rows.slice(0, bayPageSize);
  const last = page[page.length - 1];
  return {
    builds: page.map((row) => ({ id: row.id, summary: row.summary, changedAt: row.changedAt.toISOString() })),
    next: rows.length > bayPageSize && last ? `${last.changedAt.getTime()}_${last.id}` : null,
  };
}

/** A build of the person's own workshop; null for any other id, so that a guessed one tells nothing. */
export async function loadBuild(person: Person, id: string): Promise<KeptBuild | null> {
  const row = await database().models.BuildRow.findOne({ where: { id, workshopId: person.workshopId } });
  return row ? kept(row) : null;
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

/** The whole ledger of a build. */
export const wholeLedger = (buildId: string): Promise<LedgerRow[]> => ledgerOf(buildId, { limit: 10_000_000 });

export interface CheckedLedger {
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
      return { rows, state };
    },
  );
  return read && { rows: read.rows, verification: await verify(read.rows, read.state) };
}
export const verifyBuild = async (buildId: string, verify: Verify = atOnce): Promise<Verification | null> =>
  (await checkedLedger(buildId, verify))?.verification ?? null;

/** Ids of all builds, for a verification of everything. */
export const everyBuildId = async (): Promise<string[]> =>
  (await database().models.BuildRow.findAll({ attributes: ['id'], order: [['id', 'ASC']] })).map((row) => row.id);

/** Writes one ledger row after the build's last one, with the hash of the build as it now is. The caller holds the build's row locked. */
async function append(
  build: BuildRow,
  person: Person,
  entry: { kind: string; body: object; commandId: string; at: Date },
  transaction: Transaction,
): Promise<void> {
  const last = build.lastSeq === 0 ? null : { seq: build.lastSeq, hash: build.lastHash };
  const row = nextRow(last, {
    buildId: build.id,
    at: entry.at.toISOString(),
    by: person.name,
    role: person.role,
    kind: entry.kind,
    body: { ...entry.body, documentHash: hashDocument(build.document) },
  });
  const { sequelize, models } = database();
  await models.LedgerEntryRow.create(
    { ...row, at: entry.at, body: canonicalJson(row.body), personId: person.id, commandId: entry.commandId },
    { transaction },
  );
  build.set({ lastSeq: row.seq, lastHash: row.hash, changedAt: entry.at, origins: noteOrigins(build.origins, row) });
  await build.save({ transaction });
  // Heard by every process once this transaction is kept, and not before.
  await sequelize.query("SELECT pg_notify('lorbet_build', :told)", {
    replacements: { told: `${build.id} ${row.seq}` },
    transaction,
  });
}

export type Done =
  { ok: true; kept: KeptBuild } | { ok: false; why: 'missing'; errors: string[] } | Extract<Applied, { ok: false }>;

/**
 * Carries out a command: worksheet and ledger row change in one transaction, or neither.
 * The same `commandId` again changes nothing and answers as the first time did.
 * @param madeAt when it was entered, by the clock of the device; readings and runs carry this time, never a later one than now
 * @param outer a transaction that this is to be part of
 */
export async function commandBuild(
  person: Person,
  buildId: string,
  command: Command,
  commandId: string,
  { at = new Date(), madeAt = at, outer }: { at?: Date; madeAt?: Date; outer?: Transaction } = {},
): Promise<Done> {
  const { sequelize, models } = database();
  return sequelize.transaction({ transaction: outer }, async (transaction): Promise<Done> => {
    const row = await models.BuildRow.findOne({
      where: { id: buildId, workshopId: person.workshopId },
      lock: transaction.LOCK.UPDATE,
      transaction,
    });
    if (!row) return { ok: false, why: 'missing', errors: ['There is no such build in this workshop.'] };
    if (await models.LedgerEntryRow.findOne({ where: { buildId, commandId }, transaction })) return { ok: true, kept: kept(row) };
    const entered = entryTime(command, madeAt, at);
    const author: Author = { name: person.name, role: person.role, at: entered.toISOString() };
    const unknown = await unknownPhotos(buildId, command, transaction);
    if (unknown.length > 0) return { ok: false, why: 'invalid', errors: unknown };
    const applied = applyCommand(row.document, command, author);
    if (!applied.ok) return 'clashes' in applied ? { ...applied, clashes: whoClashed(applied.clashes, row.origins) } : applied;
    if (applied.log) await keepStartLog(row.id, applied.log.sha256, applied.log.text, person.name, at, transaction);
    row.set(summaryColumns(applied.build));
    row.changed('document', true);
    const body = {
      ...applied.body,
      ...(applied.findings.length > 0 ? { findings: applied.findings } : {}),
      ...(at.getTime() - entered.getTime() > 60000 ? { madeAt: entered.toISOString() } : {}),
    };
    await append(row, person, { kind: applied.kind, body, commandId, at }, transaction);
    return { ok: true, kept: kept(row) };
  });
}

/** A device's clock may be wrong, so what it says is taken only within the last 60 days; waivers and signatures bear the server's time. */
function entryTime(command: Command, madeAt: Date, now: Date): Date {
  const ageMs = now.getTime() - madeAt.getTime();
  return command.kind === 'waive' || command.kind === 'sign' || !(ageMs > 0 && ageMs < 60 * 24 * 3600 * 1000) ? now : madeAt;
}

const whoClashed = (clashes: readonly Clash[], origins: Origins): Clash[] =>
  clashes.map((clash) => {
    const from = originAt(origins, clash.key);
    return from ? { ...clash, from } : clash;
  });

async function insert(
  person: Person,
  build: Build,
  entry: { kind: string; body: object },
  at: Date,
  outer?: Transaction,
): Promise<ReadResult<KeptBuild>> {
  const { sequelize, models } = database();
  return sequelize.transaction({ transaction: outer }, async (transaction): Promise<ReadResult<KeptBuild>> => {
    const [row, fresh] = await models.BuildRow.findOrCreate({
      where: { id: build.id },
      defaults: {
        id: build.id,
        workshopId: person.workshopId,
        ...summaryColumns(build),
        origins: {},
        lastSeq: 0,
        lastHash: firstHash,
        changedAt: at,
      },
      transaction,
    });
    if (!fresh)
      return {
        ok: false,
        errors: [`A build with the id ${build.id} is kept already; import the file as a copy to keep both.`],
      };
    await append(row, person, { ...entry, commandId: randomUUID(), at }, transaction);
    return { ok: true, value: kept(row) };
  });
}

export async function createBuild(person: Person, value: unknown, at = new Date()): Promise<ReadResult<KeptBuild>> {
  if (!roleMay(person.role, 'work'))
    return { ok: false, errors: [`${person.name} signs in as ${person.role}; this is not for that role.`] };
  const workshop = await workshopOf(person);
  const identity = validate<Identity>(
    identitySchema,
    typeof value === 'object' && value !== null ? { ...value, invented: false } : value,
  );
  if (!identity.ok) return identity;
  return insert(
    person,
    emptyBuild(randomUUID(), identity.value, workshop.practices),
    { kind: 'created', body: { identity: identity.value } },
    at,
  );
}

/**
 * Keeps a build that came as a file. As a copy it gets an id of its own and no history.
 * Else what it says that people did, saw and signed stands in it as a claim, and counts for nothing (`asClaims`).
 */
export async function importBuild(
  person: Person,
  { build, logs = new Map() }: Pick<BuildFile, 'build'> & Partial<BuildFile>,
  copy: boolean,
  at = new Date(),
  outer?: Transaction,
): Promise<ReadResult<KeptBuild>> {
  if (!roleMay(person.role, 'work'))
    return { ok: false, errors: [`${person.name} signs in as ${person.role}; this is not for that role.`] };
  const document = copy ? asCopy(build, randomUUID()) : asClaims(build, person.name, at.toISOString());
  const claim = document.claims?.at(-1);
  const { sequelize } = database();
  return sequelize.transaction({ transaction: outer }, async (transaction): Promise<ReadResult<KeptBuild>> => {
    const kept = await insert(
      person,
      document,
      {
        kind: 'imported',
        body: {
          fileHash: sha256Hex(canonicalJson(build)),
          copyOf: copy ? build.id : null,
          claims: claim && claim.at === at.toISOString() ? claimCounts(claim) : {},
        },
      },
      at,
      transaction,
    );
    if (kept.ok && !copy)
      for (const [sha256, log] of logs) await keepStartLog(document.id, sha256, log, person.name, at, transaction);
    return kept;
  });
}

const claimCounts = ({ by: _by, at: _at, ...actions }: Claim): Record<string, number> =>
  Object.fromEntries(Object.entries(actions).map(([name, some]) => [name, some.length]));
