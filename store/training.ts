import { QueryTypes, type Transaction } from 'sequelize';
import { builtInCases } from '../core/model/trainer/builtInCases';
import { casesMax, readCaseFile } from '../core/model/trainer/caseFile';
import type { LearnerRecord } from '../core/model/trainer/learner';
import type { TrainerAct } from '../core/model/trainer/play';
import type { TrainerCase } from '../core/model/trainer/TrainerCase';
import type { Person } from './people';
import { database } from './database';

export interface KeptRecord extends LearnerRecord {
  personId: string;
  person: string;
  /** it is that of whoever asks */ mine: boolean;
}
/** So many records are told at most: the last ones. */
const recordsMost = 2000;

/** Cases that the workshop wrote itself. */
export async function ownCases({ workshopId }: Person, transaction?: Transaction): Promise<TrainerCase[]> {
  const rows = await database().sequelize.query<{ document: TrainerCase }>(
    'SELECT document FROM trainer_cases WHERE workshop_id = :workshopId ORDER BY id',
    { replacements: { workshopId }, type: QueryTypes.SELECT, ...(transaction ? { transaction } : {}) },
  );
  return rows.map(({ document }) => document);
}
export async function caseOf(person: Person, id: string): Promise<TrainerCase | null> {
  return builtInCases.find((one) => one.id === id) ?? (await ownCases(person)).find((one) => one.id === id) ?? null;
}

/** Takes cases from a file: wholly or not at all; one of an id that is there already takes its place. */
export async function keepCases(
  person: Person,
  value: unknown,
): Promise<{ ok: true; cases: TrainerCase[] } | { ok: false; errors: string[] }> {
  const there = (await ownCases(person)).map(({ id }) => id);
  const read = readCaseFile(value, there);
  if (!read.ok) return read;
  const { workshopId, name } = person;
  return database().sequelize.transaction(async (transaction) => {
    // Two leads at the same moment: the second waits, and is counted with what the first has kept.
    await database().sequelize.query('SELECT 1 FROM workshops WHERE id = :workshopId FOR UPDATE', {
      replacements: { workshopId },
      transaction,
    });
    const now = new Map((await ownCases(person, transaction)).map((one) => [one.id, one]));
    for (const one of read.value.cases) now.set(one.id, one);
    if (now.size > casesMax)
      return { ok: false as const, errors: [`The workshop would hold ${now.size} cases; at most ${casesMax} are allowed.`] };
    // What is there already may close a ring with what comes.
    const whole = readCaseFile({ ...read.value, cases: [...now.values()] });
    if (!whole.ok) return whole;
    for (const one of read.value.cases)
      await database().sequelize.query(
        `INSERT INTO trainer_cases (workshop_id, id, document, by_name, at) VALUES (:workshopId, :id, :document, :name, now())
         ON CONFLICT (workshop_id, id) DO UPDATE SET document = EXCLUDED.document, by_name = EXCLUDED.by_name, at = EXCLUDED.at`,
        { replacements: { workshopId, id: one.id, document: JSON.stringify(one), name }, transaction },
      );
    return { ok: true as const, cases: [...now.values()] };
  });
}

/**
 * Keeps what a learner did, once for each id that was made where it was done.
 * @returns false where that id is somebody else's
 */
export async function keepTraining(
  person: Person,
  id: string,
  record: Omit<LearnerRecord, 'at'>,
  acts: readonly TrainerAct[],
): Promise<boolean> {
  const { sequelize } = database();
  await sequelize.query(
    `INSERT INTO training (id, workshop_id, person_id, at, record, acts) VALUES (:id, :workshopId, :personId, now(), :record, :acts)
     ON CONFLICT (id) DO NOTHING`,
    {
      replacements: {
        id,
        workshopId: person.workshopId,
        personId: person.id,
        record: JSON.stringify(record),
        acts: JSON.stringify(acts),
      },
    },
  );
  const kept = await sequelize.query('SELECT 1 FROM training WHERE id = :id AND person_id = :personId', {
    replacements: { id, personId: person.id },
    type: QueryTypes.SELECT,
  });
  return kept.length > 0;
}

/** What was done on the trainer, the last first: one's own, and for a lead everybody's of the workshop. */
export async function trainingOf(person: Person, all: boolean): Promise<KeptRecord[]> {
  const rows = await database().sequelize.query<{
    record: Omit<LearnerRecord, 'at'>;
    at: Date;
    personId: string;
    person: string;
  }>(
    `SELECT t.record, t.at, t.person_id AS "personId", p.name AS person FROM training t JOIN people p ON p.id = t.person_id
     WHERE t.workshop_id = :workshopId ${all ? '' : 'AND t.person_id = :personId'} ORDER BY t.at DESC LIMIT ${recordsMost}`,
    { replacements: { workshopId: person.workshopId, personId: person.id }, type: QueryTypes.SELECT },
  );
  return rows.map(({ record, at, personId, person: name }) => ({
    ...record,
    at: at.toISOString(),
    personId,
    person: name,
    mine: personId === person.id,
  }));
}
