import { NextResponse } from 'next/server';
import { changeOwnPassword } from '../../../../store/crew';
import { readBody, refusedFor } from '../../../lib/answers';
import { route } from '../../../lib/handle';
import { session } from '../../../lib/session';

/** A person's own new password; tries are counted, since each tells whether the old one was right. */
export const POST = route(
  'look',
  async ({ request, person, caller }) => {
    const body = await readBody(request, 2000);
    if (!body.ok) return body.response;
    const { token } = await session();
    const changed = await changeOwnPassword(person, body.value, token, caller);
    return changed.ok ? NextResponse.json({ changed: true }) : refusedFor(changed);
  },
  { limit: 'ownPassword' },
);
