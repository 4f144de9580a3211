import { NextResponse } from 'next/server';
import { ledgerOf } from '../../../../../store/builds/ledger';
import { refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';

/** The build and its new ledger rows, or nothing (204) where nothing is new after `after`. */
export const GET = buildRoute('look', async ({ request, kept }) => {
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0);
  if (!Number.isSafeInteger(after) || after < 0) return refused(400, 'after must be a whole number from 0.');
  if (kept.lastSeq <= after) return new NextResponse(null, { status: 204 });
  return NextResponse.json({ kept, rows: await ledgerOf(kept.build.id, { after }) });
});
