import { Op, Sequelize } from 'sequelize';
import type { Build } from '../../core/build/Build';
import { comparedStart, type ComparedStart } from '../../core/model/startup/compareStarts';
import { fittedStarts } from '../../core/model/startup/fittedStarts';
import { database } from '../database';
import type { Person } from '../people';

/** Builds that are compared at most: the last changed. */
const buildsMost = 20;
export interface AlikeBuild {
  id: string;
  name: string;
  starts: ComparedStart[];
}

/** Starts of the workshop's other builds with the same unit card; none where the build has no card. */
export async function startsAlike(person: Person, { id, unitCard }: Build): Promise<AlikeBuild[]> {
  if (!unitCard) return [];
  const { sequelize, models } = database();
  const rows = (await models.BuildRow.findAll({
    attributes: [
      'id',
      [Sequelize.literal("document #>> '{identity,name}'"), 'name'],
      [Sequelize.literal("document -> 'starts'"), 'starts'],
    ],
    where: {
      workshopId: person.workshopId,
      id: { [Op.ne]: id },
      [Op.and]: Sequelize.literal(`unit_card_id = ${sequelize.escape(unitCard.id)}`),
    },
    order: [['changedAt', 'DESC']],
    limit: buildsMost,
    raw: true,
  })) as unknown as { id: string; name: string; starts: Build['starts'] }[];
  return rows.flatMap((row) => {
    const starts = fittedStarts({ starts: row.starts }).map((run, i) => comparedStart(run, i + 1));
    return starts.length > 0 ? [{ id: row.id, name: row.name, starts }] : [];
  });
}
