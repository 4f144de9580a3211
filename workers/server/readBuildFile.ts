import { readBuildFile, type BuildFile } from '../../core/build/buildFile';
import type { ReadResult } from '../../core/build/readBuild';
import { jsonObject } from '../../formats/jsonObject';

export interface ReadFileTask {
  kind: 'readBuildFile';
  /** what was sent: an object with the file and whether a copy is wanted */ body: Uint8Array;
}
export type ReadFileAnswer = ReadResult<{ file: BuildFile; asCopy: boolean }>;

/** Reads a sent build file, away from the loop that serves everybody. */
export function readFileTask({ body }: ReadFileTask): ReadFileAnswer {
  const sent = jsonObject(body, { marks: 1_500_000 });
  if (!sent.ok) return { ok: false, errors: [sent.error] };
  const read = readBuildFile(sent.value.file);
  return read.ok ? { ok: true, value: { file: read.value, asCopy: sent.value.asCopy === true } } : read;
}
