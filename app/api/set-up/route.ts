import { NextResponse } from 'next/server';
import { addFirstLead, signIn } from '../../../store/people';
import { fromElsewhere, readBody, refused } from '../../lib/answers';
import { session } from '../../lib/session';

export async function POST(request: Request) {
  if (fromElsewhere(request)) return refused(403, 'This request was sent by another site.');
  const body = await readBody(request, 4000);
  if (!body.ok) return body.response;
  const { workshop, ...person } = (body.value ?? {}) as Record<string, unknown>;
  const added = await addFirstLead(workshop, person);
  if (!added.ok) return refused(400, ...added.errors);
  const token = await signIn(added.value.login, String(person.password));
  const sealed = await session();
  if (token) {
    sealed.token = token;
    await sealed.save();
  }
  return NextResponse.json({ signedIn: token !== null });
}
