import { NextResponse } from 'next/server';
import { signedOf } from '../../lib/signed';
import { keepUnitCard, unitCardsOf } from '../../../store/unitCards';
import { readBody, refusedFor } from '../../lib/answers';
import { route } from '../../lib/handle';

export const GET = route('look', async ({ person }) =>
  NextResponse.json({ ...signedOf(person), cards: await unitCardsOf(person) }),
);

export const POST = route('work', async ({ request, person }) => {
  const body = await readBody(request, 60_000);
  if (!body.ok) return body.response;
  const kept = await keepUnitCard(person, body.value);
  return kept.ok ? NextResponse.json({ cards: kept.value }) : refusedFor(kept);
});
