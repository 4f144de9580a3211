import type { Transaction } from 'sequelize';
import type { Command } from '../../core/commands/allCommands';
import { applyCommand, type Applied } from '../../core/commands/applyCommand';
import type { Author, Clash } from '../../core/commands/define';
import { originAt, type Origins } from '../../core/record/Origin';
import { database } from '../database';
import type { Person } from '../people';
import { unknownPacks } from '../packs';
import { unknownPhotos } from '../photos';
import { keepStartLog } from '../startLogs';
import { append, heldOf, summaryColumns, type Held } from './kept';

export type Done = ({ ok: true } & Held) | { ok: false; why: 'missing'; errors: string[] } | Extract<Applied, { ok: false }>;

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
    if (await models.LedgerEntryRow.findOne({ where: { buildId, commandId }, transaction })) return { ok: true, ...heldOf(row) };
    const entered = entryTime(command, madeAt, at);
    const { name, role, licences } = person;
    const author: Author = { name, role, licences, at: entered.toISOString() };
    const unknown = [
      ...(await unknownPhotos(buildId, command, transaction)),
      ...(await unknownPacks(person, command, transaction)),
    ];
    if (unknown.length > 0) return { ok: false, why: 'invalid', errors: unknown };
    const applied = applyCommand(row.document, command, author);
    if (!applied.ok) return 'clashes' in applied ? { ...applied, clashes: whoClashed(applied.clashes, row.origins) } : applied;
    if (applied.log) await keepStartLog(row.id, applied.log.sha256, applied.log.text, person.name, at, transaction);
    if (applied.build !== row.document) {
      row.set(summaryColumns(applied.build));
      row.changed('document', true);
    }
    const body = {
      ...applied.body,
      ...(applied.findings.length > 0 ? { findings: applied.findings } : {}),
      ...(at.getTime() - entered.getTime() > 60000 ? { madeAt: entered.toISOString() } : {}),
    };
    await append(row, person, { kind: applied.kind, body, commandId, at }, transaction);
    return { ok: true, ...heldOf(row) };
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
