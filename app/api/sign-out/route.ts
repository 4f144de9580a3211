import { NextResponse } from 'next/server';
import { signOut } from '../../../store/sessions';
import { openRoute } from '../../lib/handle';
import { session } from '../../lib/session';

export const POST = openRoute(async () => {
  const sealed = await session();
  await signOut(sealed.token);
  sealed.destroy();
  // Photographs and answers that the browser keeps are not for whoever takes up the device next.
  return NextResponse.json({ signedOut: true }, { headers: { 'clear-site-data': '"cache"' } });
});
