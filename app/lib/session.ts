import { getIronSession } from 'iron-session';
import { cookies } from 'next/headers';
import { config } from '../../store/config';
import type { Person } from '../../store/people';
import { personOf } from '../../store/sessions';

interface Sealed {
  token?: string;
}

export async function session() {
  const { sessionSecret, https } = config();
  return getIronSession<Sealed>(await cookies(), {
    password: sessionSecret,
    cookieName: 'lorbet',
    ttl: 7 * 24 * 3600,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: https, path: '/' },
  });
}

export async function currentPerson(): Promise<Person | null> {
  return personOf((await session()).token);
}

/** Puts a new token into the cookie. */
export async function keepToken(token: string): Promise<void> {
  const sealed = await session();
  sealed.token = token;
  await sealed.save();
}
