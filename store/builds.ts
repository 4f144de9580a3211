import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { Build, Identity } from '../core/build/Build';
import { identitySchema } from '../core/build/buildSchema';
import { emptyBuild } from '../core/build/emptyBuild';
import { validate, type ReadResult } from '../core/build/readBuild';
import { applyCommand, type Applied, type Author } from '../core/commands/applyCommand';
import type { Command } from '../core/commands/Command';
import { canonicalJson } from '../core/ledger/canonicalJson';
import { firstHash, nextRow, type LedgerRow } from '../core/ledger/chain';
import { sha256Hex } from '../core/ledger/hash';
import { roleMay } from '../core/people/roles';
import { database } from './database';
import type { BuildRow, LedgerEntryRow } from './models';
import { workshopOf, type Person } from './people';

export interface KeptBuild {
  build: Build;
  lastSeq: number;
  lastHash: string;
  changedAt: string;
}

const plainRow = (row: LedgerEntryRow): LedgerRow => ({
  buildId: row.buildId,
  seq: row.seq,
  at: row.at.toISOString(),
  by: row.by,
  role: row.role,
  kind: row.kind,
  body: JSON.parse(row.body) as unknown,
  prevHash: row.prevHash,
  hash: row.hash,
});
const kept = (row: BuildRow): KeptBuild => ({
  build: row.document,
  lastSeq: row.lastSeq,
  lastHash: row.lastHash,
  changedAt: row.changedAt.toISOString(),
});

export async function listBuilds(person: Person): Promise<KeptBuild[]> {
  return (
    await database().models.BuildRow.findAll({
      where: { workshopId: person.workshopId },
      order: [['changedAt', 'DESC']],
      limit: 200,
    })
  ).map(kept);
}

/** A build of the person's own workshop; null for any other id, so that a guessed one tells nothing. */
export async function loadBuild(person: Person, id: string): Promise<KeptBuild | null> {
  const row = await database().models.BuildRow.findOne({ where: { id, workshopId: person.workshopId } });
  return row ? kept(row) : null;
}

/** Ledger rows after a sequence number, oldest first; the newest `limit` of them. */
export async function ledgerOf(buildId: string, afterSeq = 0, limit = 100000): Promise<LedgerRow[]> {
  const { LedgerEntryRow } = database().models;
  const rows = await LedgerEntryRow.findAll({ where: { buildId }, order: [['seq', 'DESC']], limit });
  return rows
    .filter((row) => row.seq > afterSeq)
    .reverse()
    .map(plainRow);
}

/** Writes one ledger row after the build's last one. The caller holds the build's row locked. */
async function append(
  build: BuildRow,
  person: Person,
  entry: { kind: string; body: unknown; commandId: string; at: Date },
  transaction: Transaction,
): Promise<void> {
  const last = build.lastSeq === 0 ? null : { seq: build.lastSeq, hash: build.lastHash };
  const row = nextRow(last, {
    buildId: build.id,
    at: entry.at.toISOString(),
    by: person.name,
    role: person.role,
    kind: entry.kind,
    body: entry.body,
  });
  await database().models.LedgerEntryRow.create(
    { ...row, at: entry.at, body: canonicalJson(row.body), personId: person.id, commandId: entry.commandId },
    { transaction },
  );
  build.set({ lastSeq: row.seq, lastHash: row.hash, changedAt: entry.at });
}

export type Done =
  { ok: true; kept: KeptBuild } | { ok: false; why: 'missing'; errors: string[] } | Extract<Applied, { ok: false }>;

/**
 * Carries out a command: worksheet and ledger row change in one transaction, or neither.
 * The same `commandId` again changes nothing and answers as the first time did.
 * @param outer a transaction that this is to be part of
 */
export async function commandBuild(
  person: Person,
  buildId: string,
  command: Command,
  commandId: string,
  at = new Date(),
  outer?: Transaction,
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
    const author: Author = { name: person.name, role: person.role, at: at.toISOString() };
    if (command.kind === 'sign') {
      const stray = await straysOf(row, transaction);
      if (stray.length > 0) return { ok: false, why: 'standing', errors: stray };
    }
    const applied = applyCommand(row.document, command, author);
    if (!applied.ok) return applied;
    await append(
      row,
      person,
      {
        kind: applied.kind,
        body: applied.calls.length > 0 ? { ...applied.body, calls: applied.calls } : applied.body,
        commandId,
        at,
      },
      transaction,
    );
    row.set('document', applied.build);
    row.changed('document', true);
    await row.save({ transaction });
    return { ok: true, kept: kept(row) };
  });
}

/** Waivers that came in with a file: nobody of this workshop has given them, so nothing may be signed on them. */
async function straysOf(row: BuildRow, transaction: Transaction): Promise<string[]> {
  const given = await database().models.LedgerEntryRow.findAll({ where: { buildId: row.id, kind: 'waive' }, transaction });
  const known = new Set(
    given.map((entry) => {
      const body = JSON.parse(entry.body) as { callId: string; says: string };
      return `${body.callId}\n${body.says}`;
    }),
  );
  return row.document.waivers
    .filter((w) => !known.has(`${w.callId}\n${w.says}`))
    .map((w) => `${w.callId}: its waiver came in with a file; a lead of this workshop has to give it here, or take it back.`);
}

async function insert(
  person: Person,
  build: Build,
  entry: { kind: string; body: unknown },
  at: Date,
  outer?: Transaction,
): Promise<ReadResult<KeptBuild>> {
  const { sequelize, models } = database();
  return sequelize.transaction({ transaction: outer }, async (transaction): Promise<ReadResult<KeptBuild>> => {
    const [row, fresh] = await models.BuildRow.findOrCreate({
      where: { id: build.id },
      defaults: { id: build.id, workshopId: person.workshopId, document: build, lastSeq: 0, lastHash: firstHash, changedAt: at },
      transaction,
    });
    if (!fresh)
      return {
        ok: false,
        errors: [`A build with the id ${build.id} is kept already; bring the file in as a copy to keep both.`],
      };
    await append(row, person, { ...entry, commandId: randomUUID(), at }, transaction);
    await row.save({ transaction });
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
    emptyBuild(randomUUID(), identity.value, workshop.schools),
    { kind: 'created', body: { identity: identity.value } },
    at,
  );
}

/** Keeps a build that came as a file. As a copy it gets an id of its own; else it stays as it is to the letter. */
export async function importBuild(
  person: Person,
  build: Build,
  asCopy: boolean,
  at = new Date(),
  outer?: Transaction,
): Promise<ReadResult<KeptBuild>> {
  if (!roleMay(person.role, 'work'))
    return { ok: false, errors: [`${person.name} signs in as ${person.role}; this is not for that role.`] };
  const document = asCopy ? { ...build, id: randomUUID(), waivers: [], signatures: [] } : build;
  return insert(
    person,
    document,
    {
      kind: 'imported',
      body: {
        fileHash: sha256Hex(canonicalJson(build)),
        copyOf: asCopy ? build.id : null,
        waivers: document.waivers.length,
        signatures: document.signatures.length,
      },
    },
    at,
    outer,
  );
}
