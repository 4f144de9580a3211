import { NextResponse } from 'next/server';
import { keepPractices } from '../../../store/crew';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';

/** The practices with which the workshop's new builds begin. */
export const POST = route('manage', async ({ request, person }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const kept = await keepPractices(person, body.value);
  return kept.ok ? NextResponse.json(kept.value) : refused(400, ...kept.errors);
});
