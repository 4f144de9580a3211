import { NextResponse } from 'next/server';
import { laterState } from '../../../../store/builds/later';
import { workshopByKey } from '../../../../store/keys';
import { inWorkshop } from '../../../../store/scope';
import { count } from '../../../../store/limits';
import { isUuid, refused, tooOften } from '../../../lib/answers';
import { openRoute } from '../../../lib/handle';

/**
 * What a workshop tells anybody of one of its keys; and to whoever holds a certificate (its build and the hash on it), what became of that build since.
 * The certificate itself is never sent here.
 */
export const GET = openRoute(async ({ request, params, caller }) => {
  const wait = await count('verify', caller.address);
  if (wait !== null) return tooOften('That was asked too often from here', wait);
  const { keyId = '' } = params;
  if (!/^[0-9a-f]{16}$/.test(keyId)) return refused(400, 'A key’s name has 16 digits and letters from a to f.');
  const found = await workshopByKey(keyId);
  if (!found) return refused(404, 'No workshop here has or had that key.');
  const asked = new URL(request.url).searchParams;
  const [build, head] = [asked.get('build') ?? '', asked.get('head') ?? ''];
  const later =
    isUuid(build) && /^[0-9a-f]{64}$/.test(head)
      ? await inWorkshop(found.workshopId, () => laterState(found.workshopId, build, head))
      : null;
  return NextResponse.json({ workshop: found.name, keys: found.keys, later });
});
