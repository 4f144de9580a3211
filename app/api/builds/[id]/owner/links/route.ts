import { NextResponse } from 'next/server';
import * as yup from 'yup';
import { validate } from '../../../../../../core/build/readBuild';
import { identifier } from '../../../../../../core/build/schemaParts';
import { endOwnerLink, makeOwnerLink, ownerLinksOf } from '../../../../../../store/ownerLinks';
import { readBody, refusedFor } from '../../../../../lib/answers';
import { buildRoute } from '../../../../../lib/handle';

const asked = yup
  .object({ action: yup.string().defined().oneOf(['make', 'end']), id: identifier().optional() })
  .defined()
  .noUnknown()
  .strict();

/** Links by which the owner of this build reads what is for them. */
export const GET = buildRoute('work', async ({ person, head }) =>
  NextResponse.json({ links: await ownerLinksOf(person, head.id) }),
);

/** Makes a link, shown once; or ends one. */
export const POST = buildRoute('work', async ({ request, person, head }) => {
  const body = await readBody(request, 1000);
  if (!body.ok) return body.response;
  const read = validate<{ action: 'make' | 'end'; id?: string }>(asked, body.value);
  if (!read.ok) return refusedFor(read);
  const { action, id = '' } = read.value;
  const done = action === 'make' ? await makeOwnerLink(person, head.id) : await endOwnerLink(person, head.id, id);
  return done.ok ? NextResponse.json({ token: done.value, links: await ownerLinksOf(person, head.id) }) : refusedFor(done);
});
