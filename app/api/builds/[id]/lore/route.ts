import { NextResponse } from 'next/server';
import { loreOf } from '../../../../../store/builds/lore';
import { documentRoute } from '../../../../lib/handle';

/** What the workshop knows of faults of such heaters. */
export const GET = documentRoute('look', async ({ person, kept }) => NextResponse.json(await loreOf(person, kept.build)));
