import { NextResponse } from 'next/server';
import { signOut } from '../../../store/people';
import { fromElsewhere, refused } from '../../lib/answers';
import { session } from '../../lib/session';

export async function POST(request: Request) {
  if (fromElsewhere(request)) return refused(403, 'This request was sent by another site.');
  const sealed = await session();
  await signOut(sealed.token);
  sealed.destroy();
  return NextResponse.json({ signedOut: true });
}
