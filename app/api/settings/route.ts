import { NextResponse } from 'next/server';
import { keepUnitPreferences } from '../../../store/crew';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';

/** A person's own units. */
export const POST = route('look', async ({ request, person }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const kept = await keepUnitPreferences(person, body.value);
  return kept.ok ? NextResponse.json(kept.value) : refused(400, ...kept.errors);
});
