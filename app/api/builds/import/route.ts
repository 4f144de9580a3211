import { NextResponse } from 'next/server';
import { buildFileMaxBytes } from '../../../../core/build/buildFile';
import { importBuild } from '../../../../store/builds/import';
import type { ReadFileAnswer } from '../../../../workers/server/readBuildFile';
import { readBytes, refused } from '../../../lib/answers';
import { route } from '../../../lib/handle';
import { offLoop } from '../../../lib/offLoop';

/** Takes a build file; it is read in a thread of its own, with a limit of time and memory. */
export const POST = route(
  'work',
  async ({ request, person }) => {
    const body = await readBytes(request, buildFileMaxBytes + 1000);
    if (!body.ok) return body.response;
    const read = await offLoop<ReadFileAnswer>({ kind: 'readBuildFile', body: body.bytes });
    if (!read.ok) return refused(400, ...read.errors);
    const { file, asCopy } = read.value;
    const kept = await importBuild(person, file, asCopy);
    return kept.ok ? NextResponse.json({ id: kept.value.build.id }, { status: 201 }) : refused(409, ...kept.errors);
  },
  { limit: 'upload' },
);
