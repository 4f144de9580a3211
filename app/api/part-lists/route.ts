import { NextResponse } from 'next/server';
import { keepPartList, partListsOf } from '../../../store/partLists';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';

export const GET = route('look', async ({ person }) => NextResponse.json(await partListsOf(person)));

export const POST = route('manage', async ({ request, person }) => {
  const body = await readBody(request, 100_000);
  if (!body.ok) return body.response;
  const kept = await keepPartList(person, body.value);
  return kept.ok ? NextResponse.json(kept.value) : refused(400, ...kept.errors);
});
