import { Op, Sequelize } from 'sequelize';
import type { Build } from '../../core/build/Build';
import type { Fault } from '../../core/build/faults';
import type { FaultLore } from '../../core/model/faults/FaultLore';
import { countCauses } from '../../core/model/faults/learned';
import { unitClassOf } from '../../core/model/faults/unitClass';
import { database } from '../database';
import type { Person } from '../people';

/** Builds that are counted at most: the last changed. */
const buildsMost = 500;

/** What a workshop has proven of faults of the same class of heater, and what codes of the same card were said to mean at its other builds. */
export async function loreOf(person: Person, build: Build): Promise<FaultLore> {
  const rows = (await database().models.BuildRow.findAll({
    attributes: [
      'id',
      [Sequelize.literal("document -> 'faults'"), 'faults'],
      [Sequelize.literal("document -> 'unitCard'"), 'unitCard'],
      [
        Sequelize.literal("jsonb_build_object('heater', document #> '{sheets,heater}', 'warmth', document #> '{sheets,warmth}')"),
        'sheets',
      ],
    ],
    where: { workshopId: person.workshopId, [Op.and]: Sequelize.literal("document -> 'faults' IS NOT NULL") },
    order: [['changedAt', 'DESC']],
    limit: buildsMost,
    raw: true,
  })) as unknown as (Pick<Build, 'id' | 'sheets'> & { faults: Fault[]; unitCard: Build['unitCard'] | null })[];
  const ownClass = unitClassOf(build);
  const alike = rows.filter(({ sheets, unitCard }) => unitClassOf({ sheets, ...(unitCard ? { unitCard } : {}) }) === ownClass);
  const card = build.unitCard?.id;
  return {
    counts: countCauses(alike.flatMap(({ faults }) => faults)),
    codes: rows
      .filter(({ id, unitCard }) => id !== build.id && card !== undefined && unitCard?.id === card)
      .flatMap(({ faults }) => faults.flatMap(({ code }) => (code && (code.meaning ?? code.tells) !== undefined ? [code] : []))),
  };
}
