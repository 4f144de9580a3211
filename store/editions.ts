import type { ModelStatic, Transaction } from 'sequelize';
import { database } from './database';
import type { Edited, EditionRow } from './models';
import type { Person } from './people';

export interface KeptEdition<T> {
  kept: T;
  by: string;
  changedAt: string;
}

/** A workshop's own, by name. @typeParam T what the table holds, as its schema let it in */
export async function editionsOf<T extends Edited>(
  model: ModelStatic<EditionRow>,
  person: Pick<Person, 'workshopId'>,
  transaction?: Transaction,
): Promise<KeptEdition<T>[]> {
  const rows = await model.findAll({ where: { workshopId: person.workshopId }, ...(transaction ? { transaction } : {}) });
  return rows
    .map(({ content, by, changedAt }) => ({ kept: content as T, by, changedAt: changedAt.toISOString() }))
    .sort((a, b) => a.kept.name.localeCompare(b.kept.name));
}

/**
 * Keeps a new one, or the correction of the edition that it names, which becomes the next.
 * @param called what such things are called, and how many a workshop may keep
 * @returns why not, in a sentence; null once it is kept
 */
export async function keepEdition(
  model: ModelStatic<EditionRow>,
  person: Person,
  content: Edited,
  called: { many: string; most: number },
  outer?: Transaction,
): Promise<string | null> {
  const own = { workshopId: person.workshopId, id: content.id };
  return database().sequelize.transaction({ transaction: outer }, async (transaction): Promise<string | null> => {
    const row = await model.findOne({ where: own, transaction, lock: true });
    const stamp = { changedAt: new Date(), by: person.name };
    if (!row) {
      const n = await model.count({ where: { workshopId: person.workshopId }, transaction });
      if (n >= called.most) return `This workshop keeps ${n} ${called.many}; at most ${called.most} are allowed.`;
      await model.create({ ...own, content: { ...content, edition: 1 }, edition: 1, ...stamp }, { transaction });
      return null;
    }
    if (row.edition !== content.edition)
      return `Edition ${row.edition} of “${row.content.name}” is kept, and this changes edition ${content.edition}; load it again and change what is there now.`;
    const edition = row.edition + 1;
    await row.update({ content: { ...content, edition }, edition, ...stamp }, { transaction });
    return null;
  });
}
