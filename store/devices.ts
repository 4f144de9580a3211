import { randomBytes } from 'node:crypto';
import { Op, QueryTypes } from 'sequelize';
import { database } from './database';
import type { Person } from './people';
import { beginSession, hashToken } from './sessions';
import { recordSignIn, type Caller } from './signIns';
import { acrossWorkshops } from './scope';

/** How long a code is good for. */
export const pairingMs = 2 * 60 * 1000;

/** A device on which a person is signed in. */
export interface Device {
  id: string;
  agent: string;
  beganAt: string;
  seenAt: string;
  /** it is the one that asks */ here: boolean;
}
/** So much of a session's hash names it: enough to tell devices apart, too little to be of use. */
const idLength = 16;

/** A code by which a phone is signed in as this person. Making one ends any that the person had made before. */
export async function makePairing(person: Person, now = new Date()): Promise<{ code: string; expiresAt: Date }> {
  const code = randomBytes(16).toString('hex');
  const expiresAt = new Date(now.getTime() + pairingMs);
  const { sequelize } = database();
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('DELETE FROM pairings WHERE person_id = :person OR expires_at < :now', {
      replacements: { person: person.id, now },
      transaction,
    });
    await sequelize.query('INSERT INTO pairings (code_hash, person_id, expires_at) VALUES (:hash, :person, :expiresAt)', {
      replacements: { hash: hashToken(code), person: person.id, expiresAt },
      transaction,
    });
  });
  return { code, expiresAt };
}

/** Signs a phone in by its code, once. @returns a session token; null where the code is unknown, used or too old, or the person is disabled */
export async function takePairing(code: unknown, caller: Caller, now = new Date()): Promise<string | null> {
  if (typeof code !== 'string' || !/^[0-9a-f]{32}$/.test(code)) return null;
  const { sequelize, models } = database();
  const [taken] = await sequelize.query<{ personId: string }>(
    'DELETE FROM pairings WHERE code_hash = :hash AND expires_at > :now RETURNING person_id AS "personId"',
    { replacements: { hash: hashToken(code), now }, type: QueryTypes.SELECT },
  );
  const person = taken ? await acrossWorkshops(() => models.PersonRow.findByPk(taken.personId)) : null;
  if (!person || person.disabledAt) return null;
  await recordSignIn({ login: person.login, person, event: 'signed in by a code', caller, at: now });
  return beginSession(person.id, caller, now);
}

/** The devices on which a person is signed in, the one seen last first. */
export async function devicesOf(personId: string, token: string | undefined): Promise<Device[]> {
  const rows = await database().models.SessionRow.findAll({
    where: { personId, endsAt: { [Op.is]: null } },
    order: [['seenAt', 'DESC']],
  });
  const own = token === undefined ? '' : hashToken(token);
  return rows.map(({ tokenHash, agent, beganAt, seenAt }) => ({
    id: tokenHash.slice(0, idLength),
    agent,
    beganAt: beganAt.toISOString(),
    seenAt: seenAt.toISOString(),
    here: tokenHash === own,
  }));
}

/** Signs a person out on one device. @returns whether there was such a one of that person's */
export async function endDevice(personId: string, id: unknown): Promise<boolean> {
  if (typeof id !== 'string' || !/^[0-9a-f]{16}$/.test(id)) return false;
  const ended = await database().models.SessionRow.destroy({ where: { personId, tokenHash: { [Op.startsWith]: id } } });
  return ended > 0;
}
