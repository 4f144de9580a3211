import { NextResponse } from 'next/server';
import { makePairing } from '../../../store/devices';
import { route } from '../../lib/handle';
import { originOf } from '../../lib/origin';

/** A code that signs one phone in as whoever asks, for two minutes. */
export const POST = route('look', async ({ request, person }) => {
  const { code, expiresAt } = await makePairing(person);
  // After the hash, so that it stands in no server's log.
  return NextResponse.json({ url: `${originOf(request)}/pair#${code}`, expiresAt: expiresAt.toISOString() });
});
