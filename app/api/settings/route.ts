import { NextResponse } from 'next/server';
import { keepUnitPreferences } from '../../../store/crew';
import { readBody, refused } from '../../lib/answers';
import { partListsOf } from '../../../store/partLists';
import { workshopOf } from '../../../store/people';
import { route } from '../../lib/handle';
import { signedOf } from '../../lib/signed';

/** What can be set: a person's own units, the workshop's practices and part lists. */
export const GET = route('look', async ({ person }) => {
  const [{ practices }, partLists] = await Promise.all([workshopOf(person), partListsOf(person)]);
  return NextResponse.json({ ...signedOf(person), practices, partLists });
});

/** A person's own units. */
export const POST = route('look', async ({ request, person }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const kept = await keepUnitPreferences(person, body.value);
  return kept.ok ? NextResponse.json(kept.value) : refused(400, ...kept.errors);
});
