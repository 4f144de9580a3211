import { NextResponse } from 'next/server';
import { buildFileMaxBytes, readBuild } from '../../../../core/build/readBuild';
import { importBuild } from '../../../../store/builds';
import { readBody, refused } from '../../../lib/answers';
import { route } from '../../../lib/handle';

export const POST = route(
  'work',
  async ({ request, person }) => {
    const body = await readBody(request, buildFileMaxBytes + 1000);
    if (!body.ok) return body.response;
    const read = readBuild(body.value.file);
    if (!read.ok) return refused(400, ...read.errors);
    const kept = await importBuild(person, read.value, body.value.asCopy === true);
    return kept.ok ? NextResponse.json({ id: kept.value.build.id }, { status: 201 }) : refused(409, ...kept.errors);
  },
  { limit: 'upload' },
);
