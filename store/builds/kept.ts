import { createHash } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { Build } from '../../core/build/Build';
import { assess } from '../../core/checks/assess';
import { summarizeBuild } from '../../core/checks/summarizeBuild';
import { nextRow } from '../../core/ledger/chain';
import { noteOrigins } from '../../core/ledger/noteOrigins';
import { canonicalJson } from '../../core/record/canonicalJson';
import { changedParts, everyPart, type PartSeqs } from '../../core/build/parts';
import type { KeptState } from '../../core/ledger/News';
import { database } from '../database';
import type { BuildRow } from '../models';
import type { Person } from '../people';

export const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');
export const hashDocument = (build: Build): string => hashText(canonicalJson(build));
/** A build as it is handed out. */
export const kept = (row: BuildRow): KeptState => ({
  build: row.document,
  origins: row.origins,
  lastSeq: row.lastSeq,
  lastHash: row.lastHash,
  changedAt: row.changedAt.toISOString(),
});
/** A build, and at which ledger rows its parts last changed. */
export interface Held {
  kept: KeptState;
  partSeqs: PartSeqs;
}
export const heldOf = (row: BuildRow): Held => ({ kept: kept(row), partSeqs: row.partSeqs });
/** The document, and what stands beside it for the bay. */
export const summaryColumns = (build: Build) => {
  const { name, what, place, heaterSerial } = build.identity;
  return {
    document: build,
    summary: summarizeBuild(build, assess(build)),
    search: [name, what, place, heaterSerial].join('\n').toLowerCase(),
  };
};

/** A build of the person's own workshop; null for any other id, so that a guessed one tells nothing. */
export async function loadBuild(person: Person, id: string): Promise<KeptState | null> {
  const row = await database().models.BuildRow.findOne({ where: { id, workshopId: person.workshopId } });
  return row ? kept(row) : null;
}

/** The machine's clock was put back since the row before: said in the row, since its time alone would tell a wrong order. */
const clockBack = (before: Date, at: Date, last: object | null): { clockBackMs?: number } =>
  last !== null && at < before ? { clockBackMs: before.getTime() - at.getTime() } : {};

/** Writes one ledger row after the build's last one, with the hash of the build as it now is. The caller holds the build's row locked. */
export async function append(
  build: BuildRow,
  person: Person,
  entry: { kind: string; body: object; commandId: string; commandHash?: string; at: Date },
  transaction: Transaction,
): Promise<void> {
  const last = build.lastSeq === 0 ? null : { seq: build.lastSeq, hash: build.lastHash };
  const row = nextRow(last, {
    buildId: build.id,
    at: entry.at.toISOString(),
    by: person.name,
    role: person.role,
    kind: entry.kind,
    body: {
      ...entry.body,
      ...clockBack(build.changedAt, entry.at, last),
      personId: person.id,
      documentHash: hashDocument(build.document),
    },
  });
  const { sequelize, models } = database();
  const { commandId, commandHash = null } = entry;
  await models.LedgerEntryRow.create(
    { ...row, at: entry.at, body: canonicalJson(row.body), personId: person.id, commandId, commandHash },
    { transaction },
  );
  // A build's first row brings all of it.
  const changed = last === null ? [everyPart] : changedParts(build.previous('document') ?? build.document, build.document);
  build.set({
    lastSeq: row.seq,
    lastHash: row.hash,
    changedAt: entry.at,
    origins: noteOrigins(build.origins, row),
    partSeqs: { ...build.partSeqs, ...Object.fromEntries(changed.map((name) => [name, row.seq])) },
  });
  await build.save({ transaction });
  // Heard by every process once this transaction is kept, and not before.
  await sequelize.query("SELECT pg_notify('lorbet_build', :told)", {
    replacements: { told: `${build.id} ${row.seq}` },
    transaction,
  });
}
