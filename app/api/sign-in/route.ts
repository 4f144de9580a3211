import { NextResponse } from 'next/server';
import { signIn } from '../../../store/people';
import { fromElsewhere, readBody, refused } from '../../lib/answers';
import { session } from '../../lib/session';

export async function POST(request: Request) {
  if (fromElsewhere(request)) return refused(403, 'This request was sent by another site.');
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const { login, password } = (body.value ?? {}) as { login?: unknown; password?: unknown };
  if (typeof login !== 'string' || typeof password !== 'string' || login.trim() === '' || password === '')
    return refused(400, 'Sign-in name and password are both needed.');
  const token = await signIn(login, password);
  if (!token) return refused(401, 'Sign-in name and password don’t belong together.');
  const sealed = await session();
  sealed.token = token;
  await sealed.save();
  return NextResponse.json({ signedIn: true });
}
