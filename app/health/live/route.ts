import { NextResponse } from 'next/server';

export const dynamic = 'force-dynamic';

/** This process runs and answers; says nothing about the database. */
export const GET = () => NextResponse.json({ live: true });
