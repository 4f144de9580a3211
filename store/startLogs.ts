import type { Transaction } from 'sequelize';
import { database } from './database';

/** Keeps the log of a start beside its build. The same log again is kept once. */
export async function keepStartLog(
  buildId: string,
  sha256: string,
  log: string,
  by: string,
  at: Date,
  transaction: Transaction,
): Promise<void> {
  await database().models.StartLogRow.findOrCreate({
    where: { buildId, sha256 },
    defaults: { buildId, sha256, log, by, at },
    transaction,
  });
}

/** The text of a start's log; null where this Lorbet does not hold it. */
export async function startLog(buildId: string, sha256: string): Promise<string | null> {
  return (await database().models.StartLogRow.findOne({ where: { buildId, sha256 }, attributes: ['log'] }))?.log ?? null;
}
