import { NextResponse } from 'next/server';
import { takePairing } from '../../../../store/devices';
import { count } from '../../../../store/limits';
import { readBody, refused, tooOften } from '../../../lib/answers';
import { openRoute } from '../../../lib/handle';
import { keepToken } from '../../../lib/session';

/** Whoever holds a code that a signed-in person shows is signed in as that person on this device, once. */
export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const token = await takePairing(body.value.code, caller);
  if (token) {
    await keepToken(token);
    return NextResponse.json({ ok: true });
  }
  const wait = await count('address', caller.address);
  return wait === null
    ? refused(400, 'This code was used already, or is older than two minutes; show a new one on the PC and scan that.')
    : tooOften('That was too often', wait);
});
