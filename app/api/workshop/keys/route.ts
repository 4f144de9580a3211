import { NextResponse } from 'next/server';
import { changeKey, keysOf, signerFor } from '../../../../store/keys';
import { readBody, refused } from '../../../lib/answers';
import { route } from '../../../lib/handle';

/** Keys with which the workshop signs certificates, oldest first; and whether the one in use can be opened on this machine. */
export const GET = route('look', async ({ person }) => {
  const signer = await signerFor(person.workshopId, new Date());
  return NextResponse.json({ keys: await keysOf(person.workshopId), opens: signer !== null });
});

/** Sets the key in use aside and makes a new one. */
export const POST = route('manage', async ({ request, person }) => {
  const body = await readBody(request, 200);
  if (!body.ok) return body.response;
  const changed = await changeKey(person, body.value.why, new Date());
  return changed.ok ? NextResponse.json({ keys: changed.value, opens: true }) : refused(400, ...changed.errors);
});
