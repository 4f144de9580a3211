import { createHash, randomBytes } from 'node:crypto';
import { Op, QueryTypes } from 'sequelize';
import { database } from './database';
import { plainPerson, type Person, type PersonColumns } from './people';
import type { Caller } from './signIns';
import { ofNoWorkshop } from './scope';

const idleMs = 12 * 3600 * 1000;
const longestMs = 7 * 24 * 3600 * 1000;
const rotateMs = 3600 * 1000;
const isOld = (createdAt: Date, now: Date): boolean => now.getTime() - createdAt.getTime() >= rotateMs;
const graceMs = 60 * 1000;

export const newToken = (): string => randomBytes(32).toString('hex');
export const hashToken = (token: string): string => createHash('sha256').update(token).digest('hex');

/** @param provenAt when the second step was given, null where it was not */
export async function beginSession(
  personId: string,
  caller: Caller,
  now = new Date(),
  provenAt: Date | null = null,
): Promise<string> {
  const token = newToken();
  await database().models.SessionRow.create({
    tokenHash: hashToken(token),
    personId,
    createdAt: now,
    seenAt: now,
    beganAt: now,
    agent: caller.agent,
    provenAt,
  });
  return token;
}

/** A person in a session of theirs, with the workshop's name. */
export interface SignedIn extends Person {
  workshop: { name: string; demo: boolean };
  /** whether the session is to be given a new token */ tokenIsOld: boolean;
}
/** What tells one state of a build from another, without reading the build itself. */
export interface Head {
  id: string;
  lastSeq: number;
  lastHash: string;
}
interface SessionOfPerson extends PersonColumns {
  createdAt: Date;
  seenAt: Date;
  beganAt: Date;
  endsAt: Date | null;
  provenAt: Date | null;
  hasStep: boolean;
  disabledAt: Date | null;
  workshopName: string;
  workshopDemo: boolean;
  buildId: string | null;
  lastSeq: number;
  lastHash: string;
}
// Asked with every request, therefore one way to the database and no models; a function of the owner's, since it is not known before whose it is (0016).
const sessionOfPerson = 'SELECT * FROM lorbet_session($1, $2::uuid)';

/**
 * The person of a session, and where a build of the person's own workshop stands: null for any other id, so that a guessed one tells nothing.
 * @returns null where the session is unknown, idle for 12 hours, older than 7 days, replaced, or the person is disabled
 */
export async function personAt(
  token: string | undefined,
  buildId: string | null,
  now = new Date(),
): Promise<{ person: SignedIn; head: Head | null } | null> {
  if (!token) return null;
  const { sequelize, models } = database();
  const tokenHash = hashToken(token);
  const bind = [tokenHash, buildId];
  const [found] = await ofNoWorkshop(() => sequelize.query<SessionOfPerson>(sessionOfPerson, { bind, type: QueryTypes.SELECT }));
  if (!found) return null;
  const {
    createdAt,
    seenAt,
    beganAt,
    endsAt,
    provenAt,
    hasStep,
    disabledAt,
    workshopName,
    workshopDemo,
    buildId: id,
    lastSeq,
    lastHash,
    ...columns
  } = found;
  const gone =
    now.getTime() - seenAt.getTime() > idleMs ||
    now.getTime() - beganAt.getTime() > longestMs ||
    (endsAt !== null && endsAt < now);
  if (gone) {
    await ofNoWorkshop(() => models.SessionRow.destroy({ where: { tokenHash } }));
    return null;
  }
  // A write a minute is enough to know whether somebody is there.
  if (now.getTime() - seenAt.getTime() > 60000)
    await ofNoWorkshop(() => models.SessionRow.update({ seenAt: now }, { where: { tokenHash } }));
  if (disabledAt) return null;
  const workshop = { name: workshopName, demo: workshopDemo };
  const secondStep = hasStep ? { provenAtMs: provenAt?.getTime() ?? null } : null;
  const person = { ...plainPerson(columns), secondStep, workshop, tokenIsOld: !endsAt && isOld(createdAt, now) };
  return { person, head: id === null ? null : { id, lastSeq, lastHash } };
}

/** The person of a session, as `personAt`. */
export const personOf = async (token: string | undefined, now = new Date()): Promise<SignedIn | null> =>
  (await personAt(token, null, now))?.person ?? null;

/**
 * Gives a session a new token once an hour, so that one that leaked is soon worth nothing.
 * The old one holds for a minute more, for requests under way. The session grows no younger by it.
 * @returns the new token, or null where the old one may stay
 */
export async function rotateSession(token: string, now = new Date()): Promise<string | null> {
  const { sequelize, models } = database();
  return sequelize.transaction(async (transaction) => {
    const session = await models.SessionRow.findByPk(hashToken(token), { lock: transaction.LOCK.UPDATE, transaction });
    if (!session || session.endsAt || !isOld(session.createdAt, now)) return null;
    const next = newToken();
    const { personId, beganAt, agent, provenAt } = session;
    await models.SessionRow.create(
      { tokenHash: hashToken(next), personId, createdAt: now, seenAt: now, beganAt, agent, provenAt },
      { transaction },
    );
    await session.update({ endsAt: new Date(now.getTime() + graceMs) }, { transaction });
    return next;
  });
}

/** Ends a session, with every token of it. */
export async function signOut(token: string | undefined): Promise<void> {
  if (!token) return;
  const { SessionRow } = database().models;
  const session = await SessionRow.findByPk(hashToken(token));
  // A token that was replaced a moment ago is of the same session, and goes with it.
  if (session) await SessionRow.destroy({ where: { personId: session.personId, beganAt: session.beganAt } });
}

/** Ends every session of a person, on every device. @returns how many devices were signed in */
export async function signOutEverywhere(personId: string): Promise<number> {
  const { SessionRow } = database().models;
  const live = await SessionRow.count({ where: { personId, endsAt: { [Op.is]: null } } });
  await SessionRow.destroy({ where: { personId } });
  return live;
}

/** Ends every session of everybody, and every link by which somebody could begin one. */
export async function endEverySession(): Promise<void> {
  const { SessionRow, InviteRow } = database().models;
  const { sequelize } = database();
  await SessionRow.destroy({ where: {} });
  await InviteRow.destroy({ where: {} });
  await sequelize.query('DELETE FROM pairings');
}
