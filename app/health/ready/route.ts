import { NextResponse } from 'next/server';
import { database } from '../../../store/database';

export const dynamic = 'force-dynamic';

/** The database answers too: this process may be given work. */
export async function GET() {
  try {
    await database().sequelize.query('SELECT 1 FROM builds LIMIT 1');
    return NextResponse.json({ ready: true });
  } catch {
    return NextResponse.json({ ready: false, why: 'The database does not answer, or was not migrated.' }, { status: 503 });
  }
}
