import { createHash, timingSafeEqual } from 'node:crypto';
import type { Licence } from '../core/people/licences';
import { col, fn, Op, where, type Transaction } from 'sequelize';
import { refuseField, validate, type ReadResult, type Refusal } from '../core/build/readBuild';
import { firstLeadSchema, newPersonSchema, workshopSchema } from '../core/build/personSchemas';
import type { SecondStep } from '../core/people/secondStep';
import type { Role } from '../core/people/roles';
import { defaultPractices, fullPractices, type Practices } from '../core/practices/practices';
import { metric, type UnitPreferences } from '../core/units/inUnits';
import { database } from './database';
import type { PersonRow } from './models';
import { guessable } from './guessable';
import { hashPassword } from './passwords';
import { acrossWorkshops } from './scope';

export interface Person {
  id: string;
  workshopId: string;
  name: string;
  login: string;
  role: Role;
  demo: boolean;
  /** The units that this person likes. */
  unitPreferences: UnitPreferences;
  /** What this person is licensed or trained for. */
  licences: Licence[];
  /** A lead had a new password chosen for this person, who has not signed since. */
  reset: { by: string; at: string } | null;
  /** Known of whoever asks in a session: null where that person has none. */
  secondStep?: SecondStep | null;
}

export type PersonColumns = Pick<
  PersonRow,
  'id' | 'workshopId' | 'name' | 'login' | 'role' | 'demo' | 'settings' | 'licences' | 'resetBy' | 'resetAt'
>;
export const plainPerson = ({
  id,
  workshopId,
  name,
  login,
  role,
  demo,
  settings,
  licences,
  resetBy,
  resetAt,
}: PersonColumns): Person => ({
  id,
  workshopId,
  name,
  login,
  role,
  demo,
  unitPreferences: { ...metric, ...settings },
  licences: licences ?? [],
  reset: resetBy && resetAt ? { by: resetBy, at: resetAt.toISOString() } : null,
});
/** Errors about a password never repeat it. */
const withoutSecret = (error: string) => error.replace(/ \(it is ".*"\)(?=\.$)/, '');
export const withoutSecrets = ({ errors, fields = {} }: Refusal): Refusal => ({
  ok: false,
  errors: errors.map(withoutSecret),
  fields: Object.fromEntries(Object.entries(fields).map(([name, error]) => [name, withoutSecret(error)])),
});

export interface NewPerson {
  name: string;
  login: string;
  password: string;
  role: Role;
  demo?: boolean;
}
export async function addWorkshop(
  name: string,
  practices: Practices = defaultPractices,
  demo = false,
  transaction?: Transaction,
): Promise<string> {
  return (
    await database().models.WorkshopRow.create({ name: workshopSchema().validateSync(name), practices, demo }, { transaction })
  ).id;
}

export async function addPerson(workshopId: string, value: unknown, transaction?: Transaction): Promise<ReadResult<Person>> {
  const read = validate<NewPerson>(newPersonSchema(), value);
  if (!read.ok) return withoutSecrets(read);
  const { password, ...person } = read.value;
  const weak = await guessable(password, [person.name, person.login]);
  if (weak) return refuseField('password', weak);
  if (await nameIsTaken(workshopId, person.name, transaction)) return refuseField('name', takenName(person.name));
  const defaults = { ...person, demo: person.demo ?? false, workshopId, passwordHash: await hashPassword(password) };
  // A sign-in name is one person's over all workshops.
  const [row, fresh] = await acrossWorkshops(() =>
    database().models.PersonRow.findOrCreate({ where: { login: person.login }, defaults, transaction }),
  );
  return fresh ? { ok: true, value: plainPerson(row) } : refuseField('login', `Sign-in name ${person.login} is taken.`);
}

/** Compared in the same time wherever they differ. */
const sameText = (a: string, b: string): boolean => {
  const [one, other] = [a, b].map((text) => createHash('sha256').update(text).digest());
  return one !== undefined && other !== undefined && timingSafeEqual(one, other);
};

/** Two of one name would sign alike: within a workshop a name is one person's, whatever its letters' size. */
export const nameIsTaken = async (workshopId: string, name: string, transaction?: Transaction): Promise<boolean> => {
  const same = where(fn('lower', col('name')), name.trim().toLowerCase());
  return (await database().models.PersonRow.count({ where: { [Op.and]: [{ workshopId }, same] }, transaction })) > 0;
};
export const takenName = (name: string): string =>
  `Name ${name} is somebody else’s here; two people who sign alike can’t be told apart, so add a middle name or an initial.`;

export const anyPeople = async (): Promise<boolean> => (await acrossWorkshops(() => database().models.PersonRow.count())) > 0;

/**
 * The first lead of an empty Lorbet. Refused once anybody exists; the lock lets one of two at the same moment through.
 * @param wanted the code that the start command printed; null where it printed none
 */
export async function addFirstLead(value: unknown, wanted: string | null): Promise<ReadResult<Person>> {
  const read = validate<{ workshop: string; code: string } & Omit<NewPerson, 'role' | 'demo'>>(firstLeadSchema(), value);
  if (!read.ok) return withoutSecrets(read);
  const { workshop, code, ...person } = read.value;
  const { sequelize } = database();
  const name = async (transaction: Transaction): Promise<ReadResult<Person>> => {
    await sequelize.query('SELECT pg_advisory_xact_lock(7061)', { transaction });
    if (await anyPeople()) return { ok: false, errors: ['There is a lead already; sign in, or ask that person for a sign-in.'] };
    if (wanted === null || !sameText(code.trim().toUpperCase(), wanted))
      return refuseField(
        'code',
        'Set-up code is another one; it was printed where Lorbet was started (LORBET_SETUP_CODE sets it).',
      );
    return addPerson(await addWorkshop(workshop, undefined, false, transaction), { ...person, role: 'lead' }, transaction);
  };
  return acrossWorkshops(() => sequelize.transaction(name));
}

export async function workshopOf(person: Person): Promise<{ name: string; practices: Practices; demo: boolean }> {
  const row = await database().models.WorkshopRow.findByPk(person.workshopId, { rejectOnEmpty: true });
  return { name: row.name, practices: fullPractices(row.practices), demo: row.demo };
}

/** Whether the invented workshop is in this database, so that the sign-in page can say so. */
export const demoIsLoaded = async (): Promise<boolean> =>
  (await acrossWorkshops(() => database().models.WorkshopRow.count({ where: { demo: true } }))) > 0;
