import { NextResponse } from 'next/server';
import { ownerFacts } from '../../../../core/drawing/handover/ownerFacts';
import { count } from '../../../../store/limits';
import { buildByOwnerLink } from '../../../../store/ownerLinks';
import { refused, tooOften } from '../../../lib/answers';
import { openRoute } from '../../../lib/handle';

/** What an owner is told, to whoever holds a link that was not ended: nothing of the build but that. */
export const GET = openRoute(async ({ params, caller }) => {
  const wait = await count('verify', caller.address);
  if (wait !== null) return tooOften('That was asked too often from here', wait);
  const found = await buildByOwnerLink(params.token ?? '');
  if (!found) return refused(404, 'This link was ended, or never was one; ask your workshop for a new one.');
  return NextResponse.json({ facts: ownerFacts(found.build), workshop: found.workshop });
});
