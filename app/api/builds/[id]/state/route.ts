import { NextResponse } from 'next/server';
import { ledgerOf } from '../../../../../store/builds';
import { admitToBuild, refused } from '../../../../lib/answers';

/** The build and its new ledger rows, or nothing (204) where nothing is new after `after`. */
export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admitToBuild(request, params);
  if (!admitted.ok) return admitted.response;
  const { kept } = admitted;
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0);
  if (!Number.isInteger(after) || after < 0) return refused(400, 'after must be a whole number from 0.');
  if (kept.lastSeq <= after) return new NextResponse(null, { status: 204 });
  return NextResponse.json({ kept, rows: await ledgerOf(kept.build.id, after) });
}
