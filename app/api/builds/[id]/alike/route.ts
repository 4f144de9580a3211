import { NextResponse } from 'next/server';
import { startsAlike } from '../../../../../store/builds/alike';
import { documentRoute } from '../../../../lib/handle';

/** Starts of the workshop's other builds with the same kind of heater. */
export const GET = documentRoute('look', async ({ person, kept }) =>
  NextResponse.json({ builds: await startsAlike(person, kept.build) }),
);
