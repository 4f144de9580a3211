import { getIronSession } from 'iron-session';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { config } from '../../store/config';
import { personOf, type Person } from '../../store/people';

interface Sealed {
  token?: string;
}

export async function session() {
  const { sessionSecret, secureCookie } = config();
  return getIronSession<Sealed>(await cookies(), {
    password: sessionSecret,
    cookieName: 'lorbet',
    ttl: 7 * 24 * 3600,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: secureCookie, path: '/' },
  });
}

export async function currentPerson(): Promise<Person | null> {
  return personOf((await session()).token);
}

/** The signed-in person, or on to the sign-in page and back. */
export async function personOrSignIn(to: string): Promise<Person> {
  return (await currentPerson()) ?? redirect(`/sign-in?to=${encodeURIComponent(to)}`);
}
