import { NextResponse } from 'next/server';
import { addFirstLead } from '../../../store/people';
import { signerFor } from '../../../store/keys';
import { beginSession } from '../../../store/sessions';
import { recordSignIn } from '../../../store/signIns';
import { readBody, refusedFor } from '../../lib/answers';
import { openRoute } from '../../lib/handle';
import { keepToken } from '../../lib/session';

export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 4000);
  if (!body.ok) return body.response;
  const added = await addFirstLead(body.value);
  if (!added.ok) return refusedFor(added);
  await recordSignIn({ login: added.value.login, person: added.value, event: 'first lead', by: added.value.name, caller });
  await signerFor(added.value.workshopId, new Date());
  await keepToken(await beginSession(added.value.id, caller));
  return NextResponse.json({ signedIn: true });
});
