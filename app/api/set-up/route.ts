import { NextResponse } from 'next/server';
import { addFirstLead } from '../../../store/people';
import { signerFor } from '../../../store/keys';
import { beginSession } from '../../../store/sessions';
import { inWorkshop } from '../../../store/scope';
import { recordSignIn } from '../../../store/signIns';
import { config } from '../../../store/config';
import { count } from '../../../store/limits';
import { readBody, refusedFor, tooOften } from '../../lib/answers';
import { openRoute } from '../../lib/handle';
import { keepToken } from '../../lib/session';

export const POST = openRoute(async ({ request, caller }) => {
  const body = await readBody(request, 4000);
  if (!body.ok) return body.response;
  const wait = await count('address', caller.address);
  if (wait !== null) return tooOften('That was too often', wait);
  const added = await addFirstLead(body.value, config().setUpCode);
  if (!added.ok) return refusedFor(added);
  await recordSignIn({ login: added.value.login, person: added.value, event: 'first lead', by: added.value.name, caller });
  const { workshopId } = added.value;
  await inWorkshop(workshopId, () => signerFor(workshopId, new Date()));
  await keepToken(await beginSession(added.value.id, caller));
  return NextResponse.json({ signedIn: true });
});
