import { NextResponse } from 'next/server';
import { verifyBuild } from '../../../../../../store/builds/ledger';
import { noBuild } from '../../../../../lib/answers';
import { buildRoute } from '../../../../../lib/handle';
import { verifyApart } from '../../../../../lib/offLoop';

/** Goes through every row of the ledger. */
export const GET = buildRoute(
  'look',
  async ({ head }) => {
    const verification = await verifyBuild(head.id, verifyApart);
    return verification ? NextResponse.json(verification) : noBuild();
  },
  { heavy: true },
);
