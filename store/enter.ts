import { acrossWorkshops } from './scope';
import { database } from './database';
import type { PersonRow } from './models';
import { passwordMatches } from './passwords';
import { askPasskey, takePasskey, type Site } from './passkeys';
import { hasSecondStep, takeCode } from './secondSteps';
import { beginSession } from './sessions';
import { recordSignIn, type Caller } from './signIns';

/** What is shown besides the password. */
export interface Step {
  code?: unknown;
  passkey?: unknown;
  /** where passkeys hold; null where they can't */ site: Site | null;
  /** counts a try at the second step of a person. @returns minutes to wait where that was one too many */ count: (
    personId: string,
  ) => Promise<number | null>;
}
export type Entered =
  | { kind: 'in'; token: string; /** whose second step was given */ provenBy?: string }
  /** password right, second step asked for or wrong */
  | { kind: 'step'; wrong: boolean; passkey: object | null }
  | { kind: 'wait'; minutes: number }
  | { kind: 'refused' };

const noStep: Step = { site: null, count: () => Promise.resolve(null) };

/** Signs somebody in by password, and by the second step where the person has one. A wrong login and a wrong password take the same time. */
export const signIn = (login: string, password: string, caller: Caller, now = new Date(), step = noStep): Promise<Entered> =>
  acrossWorkshops(() => enter(login, password, caller, now, step));

async function enter(login: string, password: string, caller: Caller, now: Date, step: Step): Promise<Entered> {
  const name = login.trim().toLowerCase().slice(0, 60);
  const row = await database().models.PersonRow.findOne({ where: { login: name } });
  const matches = await passwordMatches(password, row?.passwordHash || `scrypt$32768$${'00'.repeat(16)}$${'00'.repeat(32)}`);
  const event = !row || !matches ? 'refused' : row.disabledAt ? 'refused, disabled' : 'signed in';
  const isTwofold = row !== null && event === 'signed in' && (await hasSecondStep(row.id));
  if (!row || event !== 'signed in' || !isTwofold) {
    await recordSignIn({ login: name, person: row, event, caller, at: now });
    return row && event === 'signed in' ? { kind: 'in', token: await beginSession(row.id, caller, now) } : { kind: 'refused' };
  }
  return takeStep(row, caller, now, step);
}

async function takeStep(row: PersonRow, caller: Caller, now: Date, step: Step): Promise<Entered> {
  const tried = step.code !== undefined || step.passkey !== undefined;
  if (tried) {
    const minutes = await step.count(row.id);
    if (minutes !== null) return { kind: 'wait', minutes };
    if (await holds(row, caller, now, step)) {
      await recordSignIn({ login: row.login, person: row, event: 'signed in', caller, at: now });
      return { kind: 'in', token: await beginSession(row.id, caller, now, now), provenBy: row.id };
    }
  }
  return { kind: 'step', wrong: tried, passkey: step.site && (await askPasskey(row.id, step.site, now)) };
}

/** Whether a code or a passkey is the person's. */
export async function holds(
  person: { id: string; login: string; workshopId: string },
  caller: Caller,
  now: Date,
  { code, passkey, site }: Pick<Step, 'code' | 'passkey' | 'site'>,
): Promise<boolean> {
  if (code !== undefined) return takeCode(person, code, caller, now);
  return site !== null && typeof passkey === 'object' && passkey !== null && takePasskey(person, passkey, site, caller, now);
}
