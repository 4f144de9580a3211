import { NextResponse } from 'next/server';
import { probeWrite } from '../../../store/probe';

export const dynamic = 'force-dynamic';

/** Something can be kept: this process may be given work. */
export async function GET() {
  const why = await probeWrite();
  return why === null ? NextResponse.json({ ready: true }) : NextResponse.json({ ready: false, why }, { status: 503 });
}
