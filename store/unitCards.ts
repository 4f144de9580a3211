import { QueryTypes, type Transaction } from 'sequelize';
import { validate, type ReadResult } from '../core/build/readBuild';
import { cardSchema } from '../core/build/unit/cardSchema';
import type { UnitCard } from '../core/build/unit/UnitCard';
import { classCards } from '../core/usual/classes';
import { database } from './database';
import type { Person } from './people';

/** A build that took a card, and the edition of it that it took. */
export interface TakenBy {
  buildId: string;
  name: string;
  edition: number;
}
export interface KeptCard {
  card: UnitCard;
  by: string;
  changedAt: string;
  takenBy: TakenBy[];
}
/** So many cards a workshop may keep. */
export const cardsMax = 200;

/** The workshop's own cards by name, each with the builds that took it. */
export async function unitCardsOf(person: Person): Promise<KeptCard[]> {
  const { sequelize, models } = database();
  const [kept, taken] = await Promise.all([
    models.UnitCardRow.findAll({ where: { workshopId: person.workshopId } }),
    sequelize.query<TakenBy & { cardId: string }>(
      `SELECT document #>> '{unitCard,id}' AS "cardId", id AS "buildId", summary ->> 'name' AS name,
              (document #>> '{unitCard,edition}')::int AS edition
       FROM builds WHERE workshop_id = :workshopId AND document -> 'unitCard' IS NOT NULL ORDER BY changed_at DESC LIMIT 500`,
      { replacements: { workshopId: person.workshopId }, type: QueryTypes.SELECT },
    ),
  ]);
  return kept
    .map(({ card, by, changedAt }) => ({
      card,
      by,
      changedAt: changedAt.toISOString(),
      takenBy: taken.filter(({ cardId }) => cardId === card.id).map(({ cardId: _card, ...build }) => build),
    }))
    .sort((a, b) => a.card.name.localeCompare(b.card.name));
}

/**
 * Keeps a card: a new one, or a correction of the edition that it names, which becomes the next one.
 * No build is changed by it: each keeps what it took.
 * @param outer a transaction that it is part of; the cards are then not read again
 */
export async function keepUnitCard(person: Person, value: unknown, outer?: Transaction): Promise<ReadResult<KeptCard[]>> {
  const read = validate<UnitCard>(cardSchema(), value);
  if (!read.ok) return read;
  const { value: card } = read;
  if (classCards.some(({ id }) => id === card.id))
    return { ok: false, errors: [`“${card.name}” is a class that ships with Lorbet; keep a copy under another name.`] };
  const { sequelize, models } = database();
  const own = { workshopId: person.workshopId, id: card.id };
  const problem = await sequelize.transaction({ transaction: outer }, async (transaction): Promise<string | null> => {
    const row = await models.UnitCardRow.findOne({ where: own, transaction, lock: true });
    const stamp = { changedAt: new Date(), by: person.name };
    if (!row) {
      const n = await models.UnitCardRow.count({ where: { workshopId: person.workshopId }, transaction });
      if (n >= cardsMax) return `This workshop keeps ${n} unit cards; at most ${cardsMax} are allowed.`;
      await models.UnitCardRow.create({ ...own, card: { ...card, edition: 1 }, edition: 1, ...stamp }, { transaction });
      return null;
    }
    if (row.edition !== card.edition)
      return `Edition ${row.edition} of “${row.card.name}” is kept, and this changes edition ${card.edition}; load it again and change what is there now.`;
    const edition = row.edition + 1;
    await row.update({ card: { ...card, edition }, edition, ...stamp }, { transaction });
    return null;
  });
  return problem === null ? { ok: true, value: outer ? [] : await unitCardsOf(person) } : { ok: false, errors: [problem] };
}
