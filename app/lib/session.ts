import { getIronSession } from 'iron-session';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
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

/** The signed-in person, or on to the sign-in page and back. */
export async function personOrSignIn(to: string): Promise<Person> {
  return (await currentPerson()) ?? redirect(`/sign-in?to=${encodeURIComponent(to)}`);
}

/** The nonce of this answer's content security policy, set by proxy.ts. */
export const nonceOfPage = async (): Promise<string> => (await headers()).get('x-nonce') ?? '';
