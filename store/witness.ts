import { createHash } from 'node:crypto';
import { QueryTypes, type Transaction } from 'sequelize';
import { nextWitness, type WitnessContent, type WitnessLine } from '../core/proof/witness';
import { database } from './database';
import { log } from './log';

const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');

async function linesOf(
  workshopId: string,
  options: { last?: boolean; daily?: boolean; transaction?: Transaction } = {},
): Promise<WitnessLine[]> {
  const rows = await database().sequelize.query<{ content: string; prev_hash: string; hash: string }>(
    `SELECT content, prev_hash, hash FROM witnesses WHERE workshop_id = :workshopId
     ${options.daily ? `AND content NOT LIKE '%"made"%'` : ''} ORDER BY seq ${options.last ? 'DESC LIMIT 1' : ''}`,
    {
      replacements: { workshopId },
      type: QueryTypes.SELECT,
      ...(options.transaction ? { transaction: options.transaction } : {}),
    },
  );
  return rows.map(({ content, prev_hash: prevHash, hash }) => ({ prevHash, content, hash }));
}

/** The whole chain of heads of a workshop, oldest first. */
export const witnessOf = (workshopId: string): Promise<WitnessLine[]> => linesOf(workshopId);

/** Writes one link behind the last. The caller holds the workshop's row locked. */
async function addLink(content: Omit<WitnessContent, 'seq'>, transaction: Transaction): Promise<void> {
  const { workshopId } = content;
  const [last = null] = await linesOf(workshopId, { last: true, transaction });
  const seq = (last ? (JSON.parse(last.content) as WitnessContent).seq : 0) + 1;
  await database().sequelize.query(
    'INSERT INTO witnesses (workshop_id, seq, content, prev_hash, hash) VALUES (:workshopId, :seq, :content, :prevHash, :hash)',
    { replacements: { workshopId, seq, ...nextWitness(last, { ...content, seq }, hashText) }, transaction },
  );
}

/** A build that has just been made stands in the workshop's chain at once, so that one which is taken away whole is missed. The caller holds the workshop's row locked. */
export async function addMade(
  workshopId: string,
  head: [string, number, string],
  at: Date,
  transaction: Transaction,
): Promise<void> {
  await addLink({ workshopId, at: at.toISOString(), heads: [head], made: true }, transaction);
}

/** Writes the heads of all ledgers of a workshop behind its chain, once a day (UTC); of several processes one does. @returns whether it did */
export async function addWitness(workshopId: string, at: Date): Promise<boolean> {
  const { sequelize, models } = database();
  return sequelize.transaction(async (transaction) => {
    await models.WorkshopRow.findByPk(workshopId, { transaction, lock: transaction.LOCK.UPDATE });
    const [daily] = await linesOf(workshopId, { last: true, daily: true, transaction });
    if (daily && (JSON.parse(daily.content) as WitnessContent).at.slice(0, 10) >= at.toISOString().slice(0, 10)) return false;
    const builds = await models.BuildRow.findAll({
      where: { workshopId },
      attributes: ['id', 'lastSeq', 'lastHash'],
      order: [['id', 'ASC']],
      transaction,
    });
    if (builds.length === 0) return false;
    const heads = builds.map(({ id, lastSeq, lastHash }): [string, number, string] => [id, lastSeq, lastHash]);
    await addLink({ workshopId, at: at.toISOString(), heads }, transaction);
    return true;
  });
}

/** The same for every workshop. */
export async function addWitnesses(at: Date): Promise<number> {
  const workshops = await database().models.WorkshopRow.findAll({ attributes: ['id'] });
  let added = 0;
  for (const { id } of workshops) if (await addWitness(id, at)) added += 1;
  return added;
}

/** At the start and each hour: whoever looks first on a day writes it. */
export function keepWitness(everyMs = 3_600_000): NodeJS.Timeout {
  const look = () =>
    void addWitnesses(new Date()).catch((error: unknown) =>
      log().error({ err: error instanceof Error ? error : new Error(String(error)) }, 'heads of the ledgers not written'),
    );
  setTimeout(look, 20_000).unref();
  return setInterval(look, everyMs).unref();
}

/** Ids of all workshops, for a verification of everything. */
export const everyWorkshopId = async (): Promise<string[]> =>
  (await database().models.WorkshopRow.findAll({ attributes: ['id'] })).map(({ id }) => id);

/** Hashes of the rows that a chain names, by `build rows`. */
export async function hashesAt(named: readonly (readonly [string, number])[]): Promise<ReadonlyMap<string, string>> {
  const found = new Map<string, string>();
  for (let i = 0; i < named.length; i += 500) {
    const some = named.slice(i, i + 500);
    const rows = await database().sequelize.query<{ build_id: string; seq: number; hash: string }>(
      'SELECT build_id, seq, hash FROM ledger WHERE (build_id, seq) IN (SELECT * FROM unnest($1::uuid[], $2::int[]))',
      { bind: [some.map(([build]) => build), some.map(([, rows]) => rows)], type: QueryTypes.SELECT },
    );
    for (const { build_id, seq, hash } of rows) found.set(`${build_id} ${seq}`, hash);
  }
  return found;
}
