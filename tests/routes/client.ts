import { randomUUID } from 'node:crypto';
import type { Role } from '../../core/people/roles';
import { database } from '../../store/database';
import { addPerson, addWorkshop, type Person } from '../../store/people';

export const base = process.env.LORBET_URL ?? 'http://127.0.0.1:3777';
export const password = 'long enough to pass';

export interface Client {
  person: Person | null;
  ask: (way: string, init?: RequestInit) => Promise<Response>;
  post: (way: string, body: unknown) => Promise<Response>;
}

export function client(cookie: string, person: Person | null, address = base): Client {
  const ask = (way: string, init: RequestInit = {}) =>
    fetch(address + way, { redirect: 'manual', ...init, headers: { cookie, ...(init.headers as Record<string, string>) } });
  return { person, ask, post: (way, body) => ask(way, { method: 'POST', body: JSON.stringify(body) }) };
}

/** The session's cookie of an answer; that of the device is another. */
export const cookieOf = (answer: Response): string =>
  answer.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0] ?? '')
    .find((cookie) => cookie.startsWith('lorbet=')) ?? '';
export const deviceCookieOf = (answer: Response): string =>
  answer.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0] ?? '')
    .find((cookie) => cookie.startsWith('lorbet-device=')) ?? '';

export async function signedIn(login: string, address = base, person: Person | null = null): Promise<Client> {
  const answer = await fetch(`${address}/api/sign-in`, { method: 'POST', body: JSON.stringify({ login, password }) });
  if (!answer.ok) throw new Error(`${login}: ${answer.status} ${await answer.text()}`);
  return client(cookieOf(answer), person, address);
}

/** A workshop of one's own with somebody in each role, signed in. */
export async function cast(name: string): Promise<Record<Role, Client>> {
  const workshopId = await addWorkshop(name);
  const made = async (role: Role) => {
    const login = `${role}-${randomUUID().slice(0, 8)}`;
    const added = await addPerson(workshopId, { name: `${name} ${role}`, login, password, role });
    if (!added.ok) throw new Error(added.errors.join(' '));
    return signedIn(login, base, added.value);
  };
  return { viewer: await made('viewer'), fitter: await made('fitter'), lead: await made('lead') };
}

export async function buildOf(by: Client, name = 'Route Barrow'): Promise<string> {
  const answer = await by.post('/api/builds', { name, what: '', kind: 'boat', place: '', heaterSerial: '' });
  if (answer.status !== 201) throw new Error(await answer.text());
  return ((await answer.json()) as { id: string }).id;
}

/** The browser tests come from the same address, and are not to pay for the wrong passwords of these. */
export async function forgetLimits(): Promise<void> {
  await database().sequelize.query('DELETE FROM rate_limits');
}
