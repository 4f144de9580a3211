import { createHash, randomBytes } from 'node:crypto';
import { Secret, TOTP } from 'otpauth';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { refuseField, type ReadResult, type Refusal } from '../core/build/readBuild';
import { config } from './config';
import { database } from './database';
import { passwordMatches } from './passwords';
import type { Person } from './people';
import { openSealed, sealBytes } from './seal';
import { acrossWorkshops } from './scope';
import { hashToken } from './sessions';
import { recordSignIn, type Caller } from './signIns';

/** As every app for such codes has it: RFC 6238 with SHA-1, six digits, 30 s. */
const rule = { issuer: 'Lorbet', algorithm: 'SHA1', digits: 6, period: 30 } as const;
const recoveryCodes = 10;
const letters = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

interface StepRow {
  sealed: string;
  confirmedAt: Date | null;
  recovery: string[];
}
const columns = 'sealed, confirmed_at AS "confirmedAt", recovery';

// Asked also before it is known who signs in; each is of one person by its key.
export const ofPerson = <T extends object>(sql: string, replacements: Record<string, unknown>, transaction?: Transaction) =>
  acrossWorkshops(() =>
    database().sequelize.query<T>(sql, { replacements, type: QueryTypes.SELECT, ...(transaction ? { transaction } : {}) }),
  );
const stepOf = async (personId: string): Promise<StepRow | null> =>
  (await ofPerson<StepRow>(`SELECT ${columns} FROM second_steps WHERE person_id = :personId`, { personId }))[0] ?? null;

/** Letters and digits that can't be mistaken for each other, 80 bits of them. */
const newCode = (): string =>
  Array.from(randomBytes(16), (byte) => letters[byte % letters.length])
    .join('')
    .replace(/(.{4})(?=.)/g, '$1-');
const plainCode = (code: string): string => code.toUpperCase().replace(/[^A-Z0-9]/g, '');
const hashCode = (code: string): string =>
  createHash('sha256')
    .update(`lorbet-recovery\n${plainCode(code)}`)
    .digest('hex');

function totpOf(sealed: string): TOTP | null {
  const secret = openSealed(sealed, config().sealSecret);
  return secret && new TOTP({ ...rule, secret: new Secret({ buffer: Uint8Array.from(secret).buffer }) });
}

/** In which half minute a code is good, the one before and the one after counted in; null where it is good in none. */
export function goodAt(totp: Pick<TOTP, 'validate'>, code: string, nowMs: number): number | null {
  const delta = totp.validate({ token: code.replace(/\s/g, ''), timestamp: nowMs, window: 1 });
  return delta === null ? null : Math.floor(nowMs / 1000 / rule.period) + delta;
}

/** Whether a person's sign-in has a second step. */
export const hasSecondStep = async (personId: string): Promise<boolean> => (await stepOf(personId))?.confirmedAt != null;

/** Who of these has a second step. */
export const withSecondStep = async (personIds: readonly string[]): Promise<string[]> => {
  if (personIds.length === 0) return [];
  const sql = 'SELECT person_id AS id FROM second_steps WHERE person_id IN (:personIds) AND confirmed_at IS NOT NULL';
  return (await ofPerson<{ id: string }>(sql, { personIds })).map(({ id }) => id);
};

/** How a person's second step stands; null where there is none. */
export async function secondStepOf(personId: string): Promise<{ since: string; codesLeft: number } | null> {
  const row = await stepOf(personId);
  return row?.confirmedAt ? { since: row.confirmedAt.toISOString(), codesLeft: row.recovery.length } : null;
}

/** Uses a code of the app: each is good once, also where two come at the same moment. */
async function useCode(personId: string, row: StepRow, code: string, nowMs: number): Promise<boolean> {
  const totp = totpOf(row.sealed);
  const step = totp && goodAt(totp, code, nowMs);
  if (!step) return false;
  const used = await ofPerson(
    'UPDATE second_steps SET used_step = :step WHERE person_id = :personId AND used_step < :step RETURNING 1 AS done',
    { personId, step },
  );
  return used.length === 1;
}
async function useRecovery(personId: string, code: string): Promise<boolean> {
  const used = await ofPerson(
    'UPDATE second_steps SET recovery = recovery - :hash WHERE person_id = :personId AND jsonb_exists(recovery, :hash) RETURNING 1 AS done',
    { personId, hash: hashCode(code) },
  );
  return used.length === 1;
}

/** Takes a code of the app or a recovery code, once. What is tried is counted by whoever asks. */
export async function takeCode(
  person: Pick<Person, 'id' | 'login' | 'workshopId'>,
  code: unknown,
  caller: Caller,
  now = new Date(),
): Promise<boolean> {
  const row = await stepOf(person.id);
  if (!row?.confirmedAt || typeof code !== 'string' || code.length > 40) return false;
  if (await useCode(person.id, row, code, now.getTime())) return true;
  const recovered = await useRecovery(person.id, code);
  const event = recovered ? 'recovery code used' : 'second step refused';
  await recordSignIn({ login: person.login, person, event, caller, at: now });
  return recovered;
}

const wrongCode =
  'Code is another one, or was used already; wait for the next one, and see that this device and the phone tell the same time.';
const wrongPasskey = 'The passkey was not taken; try it once more, or type a code.';
/** What is said of a second step that was not the person's. */
export const wrongStep = (passkey: unknown): Refusal =>
  passkey === undefined ? { ok: false, errors: [wrongCode], fields: { code: wrongCode } } : { ok: false, errors: [wrongPasskey] };
const samePassword = async (person: Person, password: string): Promise<boolean> => {
  const row = await database().models.PersonRow.findByPk(person.id, { rejectOnEmpty: true });
  return passwordMatches(password, row.passwordHash);
};
const wrongPassword = () => refuseField('password', 'Password is another one.');

/** Makes a secret for the app on the phone; it counts once a code of it was typed. @returns what the phone scans, and the same to type */
export async function beginSecondStep(
  person: Person,
  password: string,
  now = new Date(),
): Promise<ReadResult<{ uri: string; secret: string }>> {
  if (!(await samePassword(person, password))) return wrongPassword();
  const secret = new Secret({ size: 20 });
  const sealed = sealBytes(Buffer.from(secret.bytes), config().sealSecret);
  const kept = await ofPerson(
    `INSERT INTO second_steps (person_id, sealed, begun_at) VALUES (:personId, :sealed, :now)
     ON CONFLICT (person_id) DO UPDATE SET sealed = EXCLUDED.sealed, begun_at = EXCLUDED.begun_at, used_step = 0
     WHERE second_steps.confirmed_at IS NULL RETURNING 1 AS done`,
    { personId: person.id, sealed, now },
  );
  if (kept.length === 0) return { ok: false, errors: ['A second step is on already; end it before you begin another.'] };
  return { ok: true, value: { uri: new TOTP({ ...rule, label: person.login, secret }).toString(), secret: secret.base32 } };
}

async function giveRecoveryCodes(personId: string): Promise<string[]> {
  const codes = Array.from({ length: recoveryCodes }, newCode);
  await ofPerson('UPDATE second_steps SET recovery = :hashes::jsonb WHERE person_id = :personId RETURNING 1 AS done', {
    personId,
    hashes: JSON.stringify(codes.map(hashCode)),
  });
  return codes;
}

/** Turns the second step on, by a code that shows that the phone has it. Every other session ends. @returns recovery codes, shown once */
export async function confirmSecondStep(
  person: Person,
  code: string,
  token: string | undefined,
  caller: Caller,
  now = new Date(),
): Promise<ReadResult<{ codes: string[] }>> {
  const row = await stepOf(person.id);
  if (!row || row.confirmedAt) return { ok: false, errors: ['There is nothing to confirm; begin a second step first.'] };
  if (!(await useCode(person.id, row, code, now.getTime()))) return refuseField('code', wrongCode);
  const codes = await giveRecoveryCodes(person.id);
  await ofPerson('UPDATE second_steps SET confirmed_at = :now WHERE person_id = :personId RETURNING 1 AS done', {
    personId: person.id,
    now,
  });
  await database().models.SessionRow.destroy({
    where: { personId: person.id, ...(token ? { tokenHash: { [Op.ne]: hashToken(token) } } : {}) },
  });
  await markProven(token, now);
  await recordSignIn({ login: person.login, person, event: 'second step on', by: person.name, caller, at: now });
  return { ok: true, value: { codes } };
}

/** Makes new recovery codes; those of before are good no more. */
export async function renewRecoveryCodes(person: Person, caller: Caller): Promise<{ codes: string[] }> {
  const codes = await giveRecoveryCodes(person.id);
  await recordSignIn({ login: person.login, person, event: 'new recovery codes', by: person.name, caller });
  return { codes };
}

/** Takes a person's second step away, with its passkeys; whoever calls has looked whether that may be. */
export async function dropSecondStep(personId: string, transaction?: Transaction): Promise<void> {
  await ofPerson('DELETE FROM passkeys WHERE person_id = :personId RETURNING 1 AS done', { personId }, transaction);
  await ofPerson('DELETE FROM second_steps WHERE person_id = :personId RETURNING 1 AS done', { personId }, transaction);
}

/** Ends the own second step, by password and code. */
export async function endSecondStep(
  person: Person,
  { password, code }: { password: string; code: string },
  caller: Caller,
): Promise<ReadResult<null>> {
  if (!(await samePassword(person, password))) return wrongPassword();
  if (!(await takeCode(person, code, caller))) return refuseField('code', wrongCode);
  await dropSecondStep(person.id);
  await recordSignIn({ login: person.login, person, event: 'second step off', by: person.name, caller });
  return { ok: true, value: null };
}

/** Notes that the second step was given in a session. */
export async function markProven(token: string | undefined, now = new Date()): Promise<void> {
  if (token) await database().models.SessionRow.update({ provenAt: now }, { where: { tokenHash: hashToken(token) } });
}
