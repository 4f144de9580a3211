import { NextResponse } from 'next/server';
import { route } from '../../lib/handle';
import { signedOf } from '../../lib/signed';

/** Who is signed in here. */
export const GET = route('look', ({ person }) => Promise.resolve(NextResponse.json(signedOf(person))));
