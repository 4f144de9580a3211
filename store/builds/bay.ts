import { Op, Sequelize, type WhereOptions } from 'sequelize';
import type { BuildSummary } from '../../core/checks/summarizeBuild';
import { database } from '../database';
import type { Person } from '../people';

export interface BayPage {
  builds: { id: string; summary: BuildSummary; changedAt: string }[];
  /** Where the next page begins; null on the last one. */
  next: string | null;
}
export const bayPageSize = 25;

/**
 * One page of the workshop's builds, the last changed first.
 * @param from where the page begins, as `next` of the page before
 * @param search letters that must stand in name, kind, place or serial
 */
export async function listBuilds(person: Person, { from = '', search = '' } = {}): Promise<BayPage> {
  const where: WhereOptions[] = [{ workshopId: person.workshopId }];
  const cursor = /^(\d{1,16})_([0-9a-f-]{36})$/.exec(from);
  if (cursor)
    where.push(
      Sequelize.literal(
        `(changed_at, id) < (to_timestamp(${Number(cursor[1]) / 1000}), ${database().sequelize.escape(cursor[2] ?? '')}::uuid)`,
      ),
    );
  const wanted = search.trim().toLowerCase().slice(0, 80);
  if (wanted) where.push({ search: { [Op.like]: `%${wanted.replace(/[\\%_]/g, '\\$&')}%` } });
  const rows = await database().models.BuildRow.findAll({
    attributes: ['id', 'summary', 'changedAt'],
    raw: true,
    where: { [Op.and]: where },
    order: [
      ['changedAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: bayPageSize + 1,
  });
  const page = rows.slice(0, bayPageSize);
  const last = page[page.length - 1];
  return {
    builds: page.map((row) => ({ id: row.id, summary: row.summary, changedAt: row.changedAt.toISOString() })),
    next: rows.length > bayPageSize && last ? `${last.changedAt.getTime()}_${last.id}` : null,
  };
}
