import { QueryTypes, type Transaction } from 'sequelize';
import { validate, type ReadResult } from '../core/build/readBuild';
import { cardSchema } from '../core/build/unit/cardSchema';
import type { UnitCard } from '../core/build/unit/UnitCard';
import { classCards } from '../core/usual/classes';
import { database } from './database';
import { editionsOf, keepEdition } from './editions';
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
    editionsOf<UnitCard>(models.UnitCardRow, person),
    sequelize.query<TakenBy & { cardId: string }>(
      `SELECT unit_card_id AS "cardId", id AS "buildId", summary ->> 'name' AS name,
              (document #>> '{unitCard,edition}')::int AS edition
       FROM builds WHERE workshop_id = :workshopId AND document -> 'unitCard' IS NOT NULL ORDER BY changed_at DESC LIMIT 500`,
      { replacements: { workshopId: person.workshopId }, type: QueryTypes.SELECT },
    ),
  ]);
  return kept.map(({ kept: card, by, changedAt }) => ({
    card,
    by,
    changedAt,
    takenBy: taken.filter(({ cardId }) => cardId === card.id).map(({ cardId: _card, ...build }) => build),
  }));
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
  const problem = await keepEdition(database().models.UnitCardRow, person, card, { many: 'unit cards', most: cardsMax }, outer);
  return problem === null ? { ok: true, value: outer ? [] : await unitCardsOf(person) } : { ok: false, errors: [problem] };
}
