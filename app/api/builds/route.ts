import { NextResponse } from 'next/server';
import { createBuild } from '../../../store/builds';
import { admit, readBody, refused } from '../../lib/answers';

export async function POST(request: Request) {
  const admitted = await admit(request, 'work');
  if (!admitted.ok) return admitted.response;
  const body = await readBody(request, 4000);
  if (!body.ok) return body.response;
  const made = await createBuild(admitted.person, body.value);
  return made.ok ? NextResponse.json({ id: made.value.build.id }, { status: 201 }) : refused(400, ...made.errors);
}
