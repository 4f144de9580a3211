import type { Licence } from '../core/people/licences';
import * as yup from 'yup';
import { Op, type Transaction } from 'sequelize';
import { identifier, strictObject } from '../core/build/schemaParts';
import { licenceSchema } from '../core/build/pack/packSchema';
import { refuseField, validate, type ReadResult } from '../core/build/readBuild';
import { inviteSchema, ownPasswordSchema, passwordSchema } from '../core/build/personSchemas';
import { roles, type Role } from '../core/people/roles';
import { fullPractices, laterPractices, practiceIds, practices, type Practices } from '../core/practices/practices';
import { unitPreferenceOptions, type UnitPreferences } from '../core/units/inUnits';
import { database } from './database';
import type { PersonRow } from './models';
import { dropSecondStep, withSecondStep } from './secondSteps';
import { guessable } from './guessable';
import { hashPassword, passwordMatches } from './passwords';
import { nameIsTaken, plainPerson, takenName, withoutSecrets, type Person } from './people';
import { hashToken, newToken } from './sessions';
import { nobody, recordSignIn, type Caller } from './signIns';
import { acrossWorkshops } from './scope';

const inviteMs = 3 * 24 * 3600 * 1000;

export interface CrewMember extends Person {
  disabled: boolean;
  /** has not yet chosen a password */ invited: boolean;
  /** gives a second step to sign in */ twofold: boolean;
}

/** Everybody of the person's own workshop. */
export async function crewOf(person: Person): Promise<CrewMember[]> {
  const rows = await database().models.PersonRow.findAll({ where: { workshopId: person.workshopId }, order: [['name', 'ASC']] });
  const twofold = new Set(await withSecondStep(rows.map(({ id }) => id)));
  return rows.map((row) => ({
    ...plainPerson(row),
    disabled: row.disabledAt !== null,
    invited: row.passwordHash === '',
    twofold: twofold.has(row.id),
  }));
}

const role = () => yup.string().defined().oneOf(Object.keys(roles));

async function giveInvite(row: PersonRow, by: Pick<Person, 'name'>, now: Date, transaction: Transaction): Promise<string> {
  const token = newToken();
  const { InviteRow } = database().models;
  await InviteRow.destroy({ where: { personId: row.id }, transaction });
  await InviteRow.create(
    {
      tokenHash: hashToken(token),
      personId: row.id,
      madeBy: by.name,
      madeAt: now,
      expiresAt: new Date(now.getTime() + inviteMs),
    },
    { transaction },
  );
  return token;
}

/** Adds a person who chooses a password by a link that holds for three days. @returns the link's token, shown once */
export async function invitePerson(lead: Person, value: unknown, caller: Caller, now = new Date()): Promise<ReadResult<string>> {
  const read = validate<{ name: string; login: string; role: Role }>(inviteSchema(), value);
  if (!read.ok) return read;
  const { sequelize, models } = database();
  const invite = async (transaction: Transaction): Promise<ReadResult<string>> => {
    // The workshop's row is the lock: of two of one name at the same moment one is too late.
    await models.WorkshopRow.findByPk(lead.workshopId, { lock: transaction.LOCK.UPDATE, transaction });
    if (await nameIsTaken(lead.workshopId, read.value.name, transaction)) return refuseField('name', takenName(read.value.name));
    const [row, fresh] = await models.PersonRow.findOrCreate({
      where: { login: read.value.login },
      defaults: { ...read.value, demo: lead.demo, workshopId: lead.workshopId, passwordHash: '' },
      transaction,
    });
    if (!fresh) return refuseField('login', `Sign-in name ${read.value.login} is taken.`);
    await recordSignIn({ login: row.login, person: row, event: 'invited', by: lead.name, caller, at: now }, transaction);
    return { ok: true, value: await giveInvite(row, lead, now, transaction) };
  };
  // A sign-in name is one person's over all workshops.
  return acrossWorkshops(() => sequelize.transaction(invite));
}

const actionSchema = strictObject({
  personId: identifier(),
  action: yup.string().defined().oneOf(['role', 'disable', 'enable', 'reset', 'licences', 'secondStep']),
  role: role().optional(),
  licences: yup.array().of(licenceSchema()).max(20).optional(),
});
export type CrewAction = { personId: string } & (
  | { action: 'role'; role: Role }
  | { action: 'licences'; licences: Licence[] }
  | { action: 'disable' | 'enable' | 'reset' | 'secondStep' }
);

/**
 * What a lead does to somebody of the own workshop: another role, disable, enable, a link for a new password, or the second step taken away (told, as a new password is, on what is signed next).
 * Or what somebody is licensed and trained for. Each is recorded; all but the last end that person's sessions, and leaves at least one lead who can sign in.
 * @returns the token of a new link, else null
 */
export async function changePerson(
  lead: Person,
  value: unknown,
  caller: Caller,
  now = new Date(),
): Promise<ReadResult<string | null>> {
  const read = validate<CrewAction>(actionSchema, value);
  if (!read.ok) return read;
  const action = read.value;
  if (action.action === 'role' && !action.role)
    return { ok: false, errors: ['role is missing; allowed is viewer, fitter or lead.'] };
  if (action.action === 'licences' && !action.licences)
    return { ok: false, errors: ['licences is missing; a list of licences is allowed, empty where there is none.'] };
  const { sequelize, models } = database();
  return sequelize.transaction(async (transaction): Promise<ReadResult<string | null>> => {
    // The workshop's row is the lock: of two leads who disable each other, one is too late.
    await models.WorkshopRow.findByPk(lead.workshopId, { lock: transaction.LOCK.UPDATE, transaction });
    const row = await models.PersonRow.findOne({ where: { id: action.personId, workshopId: lead.workshopId }, transaction });
    if (!row) return { ok: false, errors: ['personId is nobody of this workshop.'] };
    if (
      (action.action === 'disable' || (action.action === 'role' && action.role !== 'lead')) &&
      row.role === 'lead' &&
      !row.disabledAt
    ) {
      const others = await models.PersonRow.count({
        where: {
          workshopId: lead.workshopId,
          role: 'lead',
          disabledAt: { [Op.is]: null },
          passwordHash: { [Op.ne]: '' },
          id: { [Op.ne]: row.id },
        },
        transaction,
      });
      if (others === 0)
        return { ok: false, errors: [`${row.name} is the only lead who can sign in; make somebody else a lead first.`] };
    }
    const events = {
      role: 'role changed',
      disable: 'disabled',
      enable: 'enabled',
      reset: 'password reset',
      licences: 'licences kept',
      secondStep: 'second step ended',
    } as const;
    if (action.action === 'role') row.set('role', action.role);
    if (action.action === 'disable') row.set('disabledAt', now);
    if (action.action === 'enable') row.set('disabledAt', null);
    if (action.action === 'reset') row.set({ passwordHash: '', resetBy: lead.name, resetAt: now });
    if (action.action === 'licences') row.set('licences', action.licences);
    if (action.action === 'secondStep') {
      row.set({ resetBy: lead.name, resetAt: now });
      await dropSecondStep(row.id, transaction);
    }
    await row.save({ transaction });
    if (action.action !== 'licences') await models.SessionRow.destroy({ where: { personId: row.id }, transaction });
    await recordSignIn(
      { login: row.login, person: row, event: events[action.action], by: lead.name, caller, at: now },
      transaction,
    );
    return { ok: true, value: action.action === 'reset' ? await giveInvite(row, lead, now, transaction) : null };
  });
}

/**
 * A link for a lead who is locked out, made on the machine itself: enabled again, every session ended, the second step taken away.
 * It is recorded, and told on what that person signs next.
 */
export async function recoverLead(login: string, now = new Date()): Promise<ReadResult<string>> {
  const { sequelize, models } = database();
  return sequelize.transaction(async (transaction): Promise<ReadResult<string>> => {
    const row = await models.PersonRow.findOne({ where: { login: login.trim().toLowerCase(), role: 'lead' }, transaction });
    if (!row) return { ok: false, errors: [`${login.slice(0, 60)} is no lead’s sign-in name.`] };
    const by = { name: 'whoever has the machine' };
    await row.update({ passwordHash: '', disabledAt: null, resetBy: by.name, resetAt: now }, { transaction });
    await models.SessionRow.destroy({ where: { personId: row.id }, transaction });
    await dropSecondStep(row.id, transaction);
    await recordSignIn({ login: row.login, person: row, event: 'recovered', by: by.name, caller: nobody, at: now }, transaction);
    return { ok: true, value: await giveInvite(row, by, now, transaction) };
  });
}

/** For whom a link is, or null where it is unknown, used or too old. */
export async function invitedBy(token: string, now = new Date()): Promise<{ name: string; login: string } | null> {
  const { InviteRow, PersonRow } = database().models;
  const invite = await InviteRow.findByPk(hashToken(token));
  if (!invite || invite.expiresAt < now) return null;
  const row = await acrossWorkshops(() => PersonRow.findByPk(invite.personId));
  return row && !row.disabledAt ? { name: row.name, login: row.login } : null;
}

/** Uses a link, once: the person's password is what was chosen. @returns the login to sign in with */
export async function joinCrew(token: unknown, password: unknown, caller: Caller, now = new Date()): Promise<ReadResult<string>> {
  const read = validate<string>(passwordSchema(), password);
  if (!read.ok) return refuseField('password', 'Password must hold 10 to 200 characters.');
  const stale = {
    ok: false as const,
    errors: ['This link was used already, or is older than three days; ask a lead for a new one.'],
  };
  if (typeof token !== 'string' || token.length !== 64) return stale;
  const passwordHash = await hashPassword(read.value);
  const { sequelize, models } = database();
  const join = async (transaction: Transaction): Promise<ReadResult<string>> => {
    const invite = await models.InviteRow.findByPk(hashToken(token), { lock: transaction.LOCK.UPDATE, transaction });
    if (!invite || invite.expiresAt < now) return stale;
    const row = await models.PersonRow.findByPk(invite.personId, { transaction });
    if (!row || row.disabledAt) return stale;
    const weak = await guessable(read.value, [row.name, row.login]);
    if (weak) return refuseField('password', weak);
    await row.update({ passwordHash }, { transaction });
    await invite.destroy({ transaction });
    await models.SessionRow.destroy({ where: { personId: row.id }, transaction });
    await recordSignIn({ login: row.login, person: row, event: 'password chosen', by: row.name, caller, at: now }, transaction);
    return { ok: true, value: row.login };
  };
  return acrossWorkshops(() => sequelize.transaction(join));
}

/**
 * A person's own new password, by whoever knows the old one. Every other session of that person ends.
 * @param token of the session that stays
 */
export async function changeOwnPassword(
  person: Person,
  value: unknown,
  token: string | undefined,
  caller: Caller,
): Promise<ReadResult<null>> {
  const read = validate<{ old: string; password: string }>(ownPasswordSchema(), value);
  if (!read.ok) return withoutSecrets(read);
  const { old, password } = read.value;
  const row = await database().models.PersonRow.findByPk(person.id, { rejectOnEmpty: true });
  if (!(await passwordMatches(old, row.passwordHash))) return refuseField('old', 'Password until now is another one.');
  const weak = await guessable(password, [row.name, row.login]);
  if (weak) return refuseField('password', weak);
  await row.update({ passwordHash: await hashPassword(password) });
  await database().models.SessionRow.destroy({
    where: { personId: person.id, ...(token ? { tokenHash: { [Op.ne]: hashToken(token) } } : {}) },
  });
  await recordSignIn({ login: row.login, person: row, event: 'password changed', by: row.name, caller });
  return { ok: true, value: null };
}

const unitPreferencesSchema = strictObject({
  system: yup.string().defined().oneOf(Object.keys(unitPreferenceOptions.system)),
  wire: yup.string().defined().oneOf(Object.keys(unitPreferenceOptions.wire)),
});
/** Keeps the units that a person likes. */
export async function keepUnitPreferences(person: Person, value: unknown): Promise<ReadResult<UnitPreferences>> {
  const read = validate<UnitPreferences>(unitPreferencesSchema, value);
  if (read.ok) await database().models.PersonRow.update({ settings: read.value }, { where: { id: person.id } });
  return read;
}

const practicesSchema = strictObject(
  Object.fromEntries(
    practiceIds.map((id) => {
      const practice = yup.string().oneOf(Object.keys(practices[id].options));
      return [id, laterPractices.includes(id) ? practice.optional() : practice.defined()];
    }),
  ),
);
/** Keeps the practices with which new builds of the workshop begin; builds that are there keep theirs. A page from before a practice came says nothing of it, and it stays as it was. */
export async function keepPractices(lead: Person, value: unknown): Promise<ReadResult<Practices>> {
  const read = validate<Partial<Practices>>(practicesSchema, value);
  if (!read.ok) return read;
  const row = await database().models.WorkshopRow.findByPk(lead.workshopId, { rejectOnEmpty: true });
  const kept = fullPractices({ ...row.practices, ...read.value });
  await row.update({ practices: kept });
  return { ok: true, value: kept };
}
