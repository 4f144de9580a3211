import { NextResponse } from 'next/server';
import { createBuild } from '../../../store/builds/import';
import { readBody, refusedFor } from '../../lib/answers';
import { route } from '../../lib/handle';

export const POST = route('work', async ({ request, person }) => {
  const body = await readBody(request, 80_000);
  if (!body.ok) return body.response;
  const made = await createBuild(person, body.value);
  return made.ok ? NextResponse.json({ id: made.value.build.id }, { status: 201 }) : refusedFor(made);
});
