import { NextResponse } from 'next/server';
import { database } from '../../store/database';

export const dynamic = 'force-dynamic';

export async function GET() {
  try {
    await database().sequelize.query('SELECT 1');
    return NextResponse.json({ ready: true });
  } catch {
    return NextResponse.json({ ready: false, why: 'The database does not answer.' }, { status: 503 });
  }
}
