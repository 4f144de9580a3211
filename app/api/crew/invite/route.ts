import { NextResponse } from 'next/server';
import { invitePerson } from '../../../../store/crew';
import { readBody, refusedFor } from '../../../lib/answers';
import { route } from '../../../lib/handle';

export const POST = route(
  'manage',
  async ({ request, person, caller }) => {
    const body = await readBody(request, 2000);
    if (!body.ok) return body.response;
    const invited = await invitePerson(person, body.value, caller);
    return invited.ok ? NextResponse.json({ token: invited.value }, { status: 201 }) : refusedFor(invited);
  },
  { proven: true },
);
