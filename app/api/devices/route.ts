import { NextResponse } from 'next/server';
import { devicesOf, endDevice } from '../../../store/devices';
import { readBody, refused } from '../../lib/answers';
import { route } from '../../lib/handle';
import { lanAddress } from '../../lib/origin';
import { session } from '../../lib/session';

/** The devices on which the person is signed in, and how a phone reaches this Lorbet. */
export const GET = route('look', async ({ person }) => {
  const { token } = await session();
  const lan = lanAddress();
  return NextResponse.json({
    devices: await devicesOf(person.id, token),
    lan: lan && { address: lan, trust: process.env.LORBET_LAN_TRUST ?? '' },
  });
});

/** Signs the person out on one of them. */
export const POST = route('look', async ({ request, person }) => {
  const body = await readBody(request, 2000);
  if (!body.ok) return body.response;
  const { token } = await session();
  if (!(await endDevice(person.id, body.value.end))) return refused(400, 'There is no such device of yours.');
  return NextResponse.json({ devices: await devicesOf(person.id, token) });
});
