import { NextResponse } from 'next/server';
import { count, forget, waitFor } from '../../../store/limits';
import { signIn } from '../../../store/sessions';
import { recordSignIn } from '../../../store/signIns';
import { readBody, refused, tooOften } from '../../lib/answers';
import { openRoute } from '../../lib/handle';
import { keepToken } from '../../lib/session';

export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const { login, password } = body.value;
  if (typeof login !== 'string' || typeof password !== 'string' || login.trim() === '' || password === '')
    return refused(400, 'Sign-in name and password are both needed.');
  const name = login.trim().toLowerCase().slice(0, 60);
  const wait = Math.max((await waitFor('login', name)) ?? 0, (await waitFor('address', caller.address)) ?? 0);
  if (wait > 0) {
    await recordSignIn({ login: name, person: null, event: 'refused, too often', caller });
    return tooOften('Too many wrong passwords', wait);
  }
  const token = await signIn(name, password, caller);
  if (!token) {
    await Promise.all([count('login', name), count('address', caller.address)]);
    return refused(401, 'Sign-in name and password don’t belong together.');
  }
  await forget('login', name);
  await keepToken(token);
  return NextResponse.json({ signedIn: true });
});
