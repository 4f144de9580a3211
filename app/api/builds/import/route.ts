import { NextResponse } from 'next/server';
import { buildFileMaxBytes, readBuild } from '../../../../core/build/readBuild';
import { importBuild } from '../../../../store/builds';
import { admit, readBody, refused } from '../../../lib/answers';

export async function POST(request: Request) {
  const admitted = await admit(request, 'work');
  if (!admitted.ok) return admitted.response;
  const body = await readBody(request, buildFileMaxBytes + 1000);
  if (!body.ok) return body.response;
  const { file, asCopy } = (body.value ?? {}) as { file?: unknown; asCopy?: unknown };
  const read = readBuild(file);
  if (!read.ok) return refused(400, ...read.errors);
  const kept = await importBuild(admitted.person, read.value, asCopy === true);
  return kept.ok ? NextResponse.json({ id: kept.value.build.id }, { status: 201 }) : refused(409, ...kept.errors);
}
