import { Op, QueryTypes, Sequelize, type WhereOptions } from 'sequelize';
import type { BuildSummary } from '../../core/checks/summarizeBuild';
import type { BayFilter } from '../../core/checks/bayFilter';
import { database } from '../database';
import type { Person } from '../people';

export interface BayPage {
  builds: { id: string; summary: BuildSummary; changedAt: string }[];
  /** Where the next page begins; null on the last one. */
  next: string | null;
  /** How many builds of the workshop have a look at a joint that is due within a week; for a lead, 0 for anybody else. */
  due: number;
}
export const bayPageSize = 25;
/** A row as the database gives it: of the columns only those of a page, and the count beside each. */
interface RowOfBay {
  id: string;
  summary: BuildSummary;
  changedAt: Date;
  due: number;
}

const weekMs = 7 * 24 * 3600 * 1000;
/** The look at a joint that is due first, until then; of a signed build, which is out of hand, the visit. */
const dueUntil = (ms: number) =>
  Sequelize.literal(
    `(leak_due_ms <= ${Math.round(ms)} AND signed <> 'signed'
      OR visit_due_day <= '${new Date(ms).toISOString().slice(0, 10)}' AND signed = 'signed')`,
  );
const dueWithinAWeek = ({ workshopId }: Person, nowMs: number) =>
  `SELECT count(*)::int FROM builds
   WHERE workshop_id = ${database().sequelize.escape(workshopId)}::uuid AND ${dueUntil(nowMs + weekMs).val as string}`;

function wheres(person: Person, { find, mine, stop, due, waits }: BayFilter, nowMs: number): WhereOptions[] {
  const { sequelize } = database();
  const where: WhereOptions[] = [{ workshopId: person.workshopId }];
  const wanted = find.trim().toLowerCase();
  if (wanted) where.push({ search: { [Op.like]: `%${wanted.replace(/[\\%_]/g, '\\$&')}%` } });
  if (mine)
    where.push(Sequelize.literal(`id IN (SELECT build_id FROM ledger WHERE person_id = ${sequelize.escape(person.id)}::uuid)`));
  if (stop) where.push(Sequelize.literal("(summary #>> '{counts,stop}')::int > 0"));
  if (due) where.push(dueUntil(due === 'now' ? nowMs : nowMs + weekMs));
  if (waits)
    where.push(Sequelize.literal(`summary ->> 'waitsFor' = ${sequelize.escape(waits)} AND summary ->> 'signed' = 'unsigned'`));
  return where;
}

/** Where a page begins; null of what no page of ours has said. */
function cursorOf(from: string): { ms: number; id: string } | null {
  const [, digits = '', id = ''] = /^(\d{1,15})_([0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12})$/.exec(from) ?? [];
  const ms = Number(digits);
  return id !== '' && !Number.isNaN(new Date(ms).getTime()) ? { ms, id } : null;
}

const everything: BayFilter = { find: '', mine: false, stop: false, due: '', waits: '' };
/**
 * One page of the workshop's builds, the last changed first.
 * @param from where the page begins, as `next` of the page before
 */
export async function listBuilds(
  person: Person,
  { from = '', nowMs = Date.now(), ...filter }: Partial<BayFilter> & { from?: string; nowMs?: number } = {},
): Promise<BayPage> {
  const { sequelize, models } = database();
  const where = wheres(person, { ...everything, ...filter }, nowMs);
  const cursor = cursorOf(from);
  if (cursor)
    where.push(Sequelize.literal(`(changed_at, id) < (to_timestamp(${cursor.ms / 1000}), ${sequelize.escape(cursor.id)}::uuid)`));
  const due = person.role === 'lead' ? dueWithinAWeek(person, nowMs) : 'SELECT 0';
  // Counted in the same question: each way to the database costs more than what is asked there.
  const rows = (await models.BuildRow.findAll({
    attributes: ['id', 'summary', 'changedAt', [Sequelize.literal(`(${due})`), 'due']],
    raw: true,
    where: { [Op.and]: where },
    order: [
      ['changedAt', 'DESC'],
      ['id', 'DESC'],
    ],
    limit: bayPageSize + 1,
  })) as unknown as RowOfBay[];
  const page = rows.slice(0, bayPageSize);
  const last = page[page.length - 1];
  // Where no build is wanted there is no row that could tell it.
  const [counted] = last ? [last] : await sequelize.query<{ due: number }>(`SELECT (${due}) AS due`, { type: QueryTypes.SELECT });
  return {
    due: counted?.due ?? 0,
    builds: page.map((row) => ({ id: row.id, summary: row.summary, changedAt: row.changedAt.toISOString() })),
    next: rows.length > bayPageSize && last ? `${last.changedAt.getTime()}_${last.id}` : null,
  };
}
