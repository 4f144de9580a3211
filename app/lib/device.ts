import { randomUUID } from 'node:crypto';
import { getIronSession } from 'iron-session';
import { cookies } from 'next/headers';
import { isHttps } from './origin';
import { config } from '../../store/config';

interface Known {
  id?: string;
  /** sign-in names that have signed in here, the newest first */ logins?: string[];
}
const loginsMax = 12;

async function device() {
  const { sessionSecret, https } = config();
  return getIronSession<Known>(await cookies(), {
    password: sessionSecret,
    cookieName: 'lorbet-device',
    ttl: 180 * 24 * 3600,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: https || (await isHttps()), path: '/api/sign-in' },
  });
}

/** What this device is called, where a person of that sign-in name has signed in on it before; null on any other. */
export async function deviceFor(login: string): Promise<string | null> {
  const { id, logins = [] } = await device();
  return id && logins.includes(login) ? `${id} ${login}` : null;
}

/** Marks this device as one that knows the person; it lets nobody in, it only keeps other people's wrong tries from counting here. */
export async function rememberDevice(login: string): Promise<void> {
  const known = await device();
  known.id ??= randomUUID();
  known.logins = [login, ...(known.logins ?? []).filter((other) => other !== login)].slice(0, loginsMax);
  await known.save();
}
