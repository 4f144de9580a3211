import type { Transaction } from 'sequelize';
import { definitionOf, type Command } from '../../core/commands/allCommands';
import { applyCommand, type Applied } from '../../core/commands/applyCommand';
import type { Author, Clash } from '../../core/commands/define';
import { describeRow } from '../../core/ledger/describeRow';
import { entryTime, isBeforeOwn } from '../../core/ledger/entryTime';
import { stepIsDue } from '../../core/people/secondStep';
import { saidTimes } from '../../core/ledger/saidTimes';
import { canonicalJson } from '../../core/record/canonicalJson';
import { originAt, type Origins } from '../../core/record/Origin';
import { database } from '../database';
import type { Person } from '../people';
import { unknownPacks } from '../packs';
import { unknownPhotos } from '../photos';
import { keepStartLog } from '../startLogs';
import type { BuildRow, LedgerEntryRow } from '../models';
import { append, hashText, heldOf, summaryColumns, type Held } from './kept';

export type Done =
  | ({ ok: true } & Held)
  | { ok: false; why: 'missing'; errors: string[] }
  | { ok: false; why: 'other'; errors: string[]; kept: { kind: string; body: unknown } }
  | { ok: false; why: 'unproven'; errors: string[] }
  | Extract<Applied, { ok: false }>;

/**
 * Carries out a command: worksheet and ledger row change in one transaction, or neither.
 * The same `commandId` again changes nothing and answers as the first time did; with other content it is refused, and what was kept is told.
 * @param madeAt when it was entered, by the clock of the device; readings and runs carry this time where it is believed (`entryTime`)
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
    const commandHash = hashText(canonicalJson(command));
    const former = await models.LedgerEntryRow.findOne({ where: { buildId, commandId }, transaction });
    if (former)
      return former.commandHash === null || former.commandHash === commandHash ? { ok: true, ...heldOf(row) } : other(former);
    const isRelied = definitionOf(command.kind).isRelied?.(command) ?? false;
    if (isRelied && stepIsDue(person.secondStep, at.getTime()))
      return { ok: false, why: 'unproven', errors: ['Your second step is asked for once more before others rely on this.'] };
    const { atMs, told } = entryTime(command.kind, madeAt.getTime(), at.getTime(), await earliestOf(row, command, transaction));
    const ownMs = told.madeAt === undefined ? null : await ownBefore(buildId, person.id, transaction);
    const order = isBeforeOwn(atMs, ownMs) ? { afterOwnAt: new Date(ownMs).toISOString() } : {};
    const entered = new Date(atMs);
    const { name, role, licences, reset } = person;
    const author: Author = { name, role, licences, ...(reset ? { reset } : {}), at: entered.toISOString() };
    const unknown = [
      ...(await unknownPhotos(buildId, command, transaction)),
      ...(await unknownPacks(person, command, transaction)),
    ];
    if (unknown.length > 0) return { ok: false, why: 'invalid', errors: unknown };
    const applied = applyCommand(row.document, command, author);
    if (!applied.ok) return 'clashes' in applied ? { ...applied, clashes: whoClashed(applied.clashes, row.origins) } : applied;
    // Told on what was signed now, and on nothing after it.
    if (command.kind === 'sign' && reset)
      await models.PersonRow.update({ resetBy: null, resetAt: null }, { where: { id: person.id }, transaction });
    if (applied.log) await keepStartLog(row.id, applied.log.sha256, applied.log.text, person.name, at, transaction);
    if (applied.build !== row.document) {
      row.set(summaryColumns(applied.build));
      row.changed('document', true);
    }
    const body = {
      ...applied.body,
      ...(applied.findings.length > 0 ? { findings: applied.findings } : {}),
      // On a signature it stands in the signature itself, and on the certificate.
      ...(isRelied && reset ? { reset } : {}),
      ...told,
      ...order,
    };
    await append(row, person, { kind: applied.kind, body, commandId, commandHash, at }, transaction);
    return { ok: true, ...heldOf(row) };
  });
}

/** Before this an entry can't have been made: the build began, or the hold point before was released. ms */
async function earliestOf(row: BuildRow, command: Command, transaction: Transaction): Promise<number> {
  const first = await database().models.LedgerEntryRow.findOne({
    attributes: ['at'],
    where: { buildId: row.id, seq: 1 },
    transaction,
  });
  const released = command.kind === 'holdPoint' ? (row.document.releases ?? []).map(({ at }) => Date.parse(at)) : [];
  return Math.max(first?.at.getTime() ?? 0, ...released);
}

/** When the person's entry before this one was made, as it is believed; ms. Null where there is none. */
async function ownBefore(buildId: string, personId: string, transaction: Transaction): Promise<number | null> {
  const row = await database().models.LedgerEntryRow.findOne({
    attributes: ['at', 'body'],
    where: { buildId, personId },
    order: [['seq', 'DESC']],
    transaction,
  });
  return row && Date.parse(saidTimes({ body: JSON.parse(row.body) as object }).madeAt ?? row.at.toISOString());
}

/** One id stands for one entry: what came first is kept, and whoever sent another is told both. */
function other({ kind, body, at, by }: LedgerEntryRow): Done {
  const kept = { kind, body: JSON.parse(body) as unknown };
  return {
    ok: false,
    why: 'other',
    errors: [
      `An entry with this id was kept already, by ${by} on ${at.toISOString().slice(0, 16).replace('T', ' ')} UTC: ${describeRow(kept)}. This one says something else and was not kept; enter it anew if it is wanted.`,
    ],
    kept,
  };
}

const whoClashed = (clashes: readonly Clash[], origins: Origins): Clash[] =>
  clashes.map((clash) => {
    const from = originAt(origins, clash.key);
    return from ? { ...clash, from } : clash;
  });
