import { NextResponse } from 'next/server';
import { changePerson, crewOf } from '../../../store/crew';
import { signInsOf } from '../../../store/signIns';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';
import { signedOf } from '../../lib/signed';

/** The workshop's people, and who has signed in of late. */
export const GET = route('manage', async ({ person }) => {
  const [crew, signIns] = await Promise.all([crewOf(person), signInsOf(person)]);
  return NextResponse.json({
    ...signedOf(person),
    crew: crew.map(({ id, name, login, role, disabled, invited, twofold, licences }) => ({
      id,
      name,
      login,
      role,
      disabled,
      invited,
      twofold,
      licences,
    })),
    signIns,
    self: person.id,
  });
});

/** Another role, disable, enable, or a link for a new password. */
export const POST = route(
  'manage',
  async ({ request, person, caller }) => {
    const body = await readBody(request, 10_000);
    if (!body.ok) return body.response;
    const done = await changePerson(person, body.value, caller);
    return done.ok ? NextResponse.json({ token: done.value }) : refused(400, ...done.errors);
  },
  { proven: true },
);
