import { NextResponse } from 'next/server';
import { changePerson } from '../../../store/crew';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';

/** Another role, disable, enable, or a link for a new password. */
export const POST = route('manage', async ({ request, person, caller }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const done = await changePerson(person, body.value, caller);
  return done.ok ? NextResponse.json({ token: done.value }) : refused(400, ...done.errors);
});
