import * as yup from 'yup';
import { cellSchema } from '../core/build/schemaParts';
import { columnsOf, lists } from '../core/build/lists';
import { validate, type ReadResult } from '../core/build/readBuild';
import { families, type Family } from '../core/build/unit/UnitCard';
import { startingLists, type PartRow } from '../core/model/kit/startingLists';
import { database } from './database';
import type { Person } from './people';

export interface PartList {
  rows: PartRow[];
  /** How often it was changed; a change names the one that it was made from. */
  version: number;
}
export type PartLists = Record<Family, PartList>;

const inList = ['name', 'kind', 'needed', 'weak'] as const;
const rowsSchema = yup
  .array()
  .defined()
  .min(1)
  .max(lists.parts.max)
  .of(
    yup
      .object(
        Object.fromEntries(
          inList.map((name) => [name, cellSchema(columnsOf('parts')[name] ?? { kind: 'text', label: '', max: 0 }).optional()]),
        ),
      )
      .defined()
      .noUnknown('${path} holds a column that a part list does not have: ${unknown}')
      .strict(),
  );
const askedSchema = yup
  .object({
    family: yup.string().defined().oneOf(Object.keys(families)),
    version: yup.number().defined().integer().min(0),
    rows: rowsSchema,
  })
  .defined()
  .noUnknown()
  .strict();

/** The workshop's part lists; a family that it never changed has the list that Lorbet begins with. */
export async function partListsOf(person: Person): Promise<PartLists> {
  const kept = await database().models.PartListRow.findAll({ where: { workshopId: person.workshopId } });
  return Object.fromEntries(
    (Object.keys(families) as Family[]).map((family) => {
      const own = kept.find((row) => row.family === family);
      return [family, own ? { rows: own.rows, version: own.version } : { rows: [...startingLists[family]], version: 0 }];
    }),
  ) as PartLists;
}

/** Keeps a changed list, unless somebody else has changed it since. */
export async function keepPartList(person: Person, value: unknown): Promise<ReadResult<PartLists>> {
  const asked = validate<{ family: Family; version: number; rows: PartRow[] }>(askedSchema, value);
  if (!asked.ok) return asked;
  const { family, version, rows } = asked.value;
  const { sequelize, models } = database();
  const kept = await sequelize.transaction(async (transaction) => {
    // The workshop's row is the lock: a list that was never changed has none of its own.
    await models.WorkshopRow.findByPk(person.workshopId, { lock: transaction.LOCK.UPDATE, transaction });
    const row = await models.PartListRow.findOne({ where: { workshopId: person.workshopId, family }, transaction });
    if ((row?.version ?? 0) !== version) return false;
    if (row) await row.update({ rows, version: version + 1 }, { transaction });
    else await models.PartListRow.create({ workshopId: person.workshopId, family, rows, version: 1 }, { transaction });
    return true;
  });
  return kept
    ? { ok: true, value: await partListsOf(person) }
    : { ok: false, errors: ['Somebody else has changed this list meanwhile; load it again and change what is there now.'] };
}
