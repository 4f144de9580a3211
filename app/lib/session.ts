import { getIronSession } from 'iron-session';
import { LRUCache } from 'lru-cache';
import { cookies } from 'next/headers';
import { isHttps } from './origin';
import { config } from '../../store/config';
import { personAt } from '../../store/sessions';

const cookieName = 'lorbet';

interface Sealed {
  token?: string;
}

export async function session() {
  const { sessionSecret, https } = config();
  return getIronSession<Sealed>(await cookies(), {
    password: sessionSecret,
    cookieName,
    ttl: 7 * 24 * 3600,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: https || (await isHttps()), path: '/' },
  });
}

// What a sealed cookie holds never changes, and to open its seal costs more than all else that is asked of most requests.
// Whether the token in it still lets anybody in, the database is asked anew each time.
const opened = new LRUCache<string, { token: string | undefined }>({ max: 2000, ttl: 3600 * 1000 });

/** Who asks, and where the build of that id stands; null where nobody is signed in. */
export async function currentPersonAt(buildId: string | null): ReturnType<typeof personAt> {
  const sealed = (await cookies()).get(cookieName)?.value;
  if (sealed === undefined || sealed.length > 4096) return null;
  let known = opened.get(sealed);
  if (!known) {
    known = { token: (await session()).token };
    if (known.token !== undefined) opened.set(sealed, known);
  }
  return personAt(known.token, buildId);
}

/** Puts a new token into the cookie. */
export async function keepToken(token: string): Promise<void> {
  const sealed = await session();
  sealed.token = token;
  await sealed.save();
}
