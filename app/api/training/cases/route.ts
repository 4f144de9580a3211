import { NextResponse } from 'next/server';
import { caseFileMaxBytes } from '../../../../core/model/trainer/caseFile';
import { keepCases } from '../../../../store/training';
import { readBody, refused } from '../../../lib/answers';
import { route } from '../../../lib/handle';

/** Takes cases that the workshop wrote itself. */
export const POST = route('manage', async ({ request, person }) => {
  const body = await readBody(request, caseFileMaxBytes);
  if (!body.ok) return body.response;
  const kept = await keepCases(person, body.value);
  return kept.ok ? NextResponse.json({ cases: kept.cases }) : refused(400, ...kept.errors);
});
