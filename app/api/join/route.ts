import { NextResponse } from 'next/server';
import { invitedBy, joinCrew } from '../../../store/crew';
import { count } from '../../../store/limits';
import { readBody, refusedFor, tooOften } from '../../lib/answers';
import { openRoute } from '../../lib/handle';

/** Whom a lead's link is for; nobody where it was used already or is too old. */
export const GET = openRoute(async ({ request }) => {
  const invited = await invitedBy((new URL(request.url).searchParams.get('token') ?? '').slice(0, 200));
  return NextResponse.json({ invited: invited && { name: invited.name, login: invited.login } });
});

/** Whoever holds a lead's link chooses a password, once. */
export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const joined = await joinCrew(body.value.token, body.value.password, caller);
  if (joined.ok) return NextResponse.json({ login: joined.value });
  const wait = await count('address', caller.address);
  return wait === null ? refusedFor(joined) : tooOften('That was too often', wait);
});
