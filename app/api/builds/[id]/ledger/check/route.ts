import { NextResponse } from 'next/server';
import { verifyBuild } from '../../../../../../store/builds/ledger';
import { buildRoute, noBuild } from '../../../../../lib/handle';
import { verifyApart } from '../../../../../lib/offLoop';

/** Goes through every row of the ledger. */
export const GET = buildRoute('look', async ({ kept }) => {
  const verification = await verifyBuild(kept.build.id, verifyApart);
  return verification ? NextResponse.json(verification) : noBuild();
});
