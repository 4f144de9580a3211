import type { SignInRecord } from '../core/people/SignInRecord';
import type { Transaction } from 'sequelize';
import { database } from './database';
import { acrossWorkshops } from './scope';
import type { Person } from './people';
import {} from './scope';

/** Who asks, as far as a request tells. */
export interface Caller {
  address: string;
  agent: string;
}
export const nobody: Caller = { address: '', agent: '' };

/** Writes one line into the record of sign-ins and of what was done to people; it can be added to, never changed. */
export async function recordSignIn(
  entry: {
    login: string;
    person: { id: string; workshopId: string } | null;
    event: string;
    by?: string;
    caller: Caller;
    at?: Date;
  },
  transaction?: Transaction,
): Promise<void> {
  const line = {
    at: entry.at ?? new Date(),
    // What is typed into the name's field may be a password.
    login: entry.person ? entry.login : entry.login.replace(/^(.{2}).*$/s, '$1…'),
    personId: entry.person?.id ?? null,
    workshopId: entry.person?.workshopId ?? null,
    event: entry.event,
    by: entry.by ?? '',
    address: entry.caller.address,
    agent: entry.caller.agent,
  };
  // Who tries a name that nobody has is of no workshop.
  await acrossWorkshops(() => database().models.SignInRow.create(line, { transaction }));
}

/** The newest lines that concern people of the person's own workshop. */
export async function signInsOf(person: Person, limit = 100): Promise<SignInRecord[]> {
  const rows = await database().models.SignInRow.findAll({
    where: { workshopId: person.workshopId },
    order: [['id', 'DESC']],
    limit,
  });
  return rows.map(({ at, login, event, by, address, agent }) => ({ at: at.toISOString(), login, event, by, address, agent }));
}
