import { NextResponse } from 'next/server';
import { keepPack, packsOf } from '../../../store/packs';
import { readBody, refusedFor } from '../../lib/answers';
import { route } from '../../lib/handle';
import { signedOf } from '../../lib/signed';

/** The workshop's own rule packs. */
export const GET = route('look', async ({ person }) => NextResponse.json({ ...signedOf(person), packs: await packsOf(person) }));

/** Keeps a rule pack: what a workshop asks of its builds is a lead's to say. */
export const POST = route('manage', async ({ request, person }) => {
  const body = await readBody(request, 200_000);
  if (!body.ok) return body.response;
  const kept = await keepPack(person, body.value);
  return kept.ok ? NextResponse.json({ packs: kept.value }) : refusedFor(kept);
});
