import type { Build } from '../build/Build';
import { takeAssumed } from '../build/takeAssumed';
import { computeOrMissing, type NotMeasured } from '../reading/NotMeasured';
import type { Reader } from '../reading/Reader';
import { readerOf } from './readerOf';

/** What is computed of a build, and whether it rests on what is only assumed; or what is missing even so. */
export type KnownOrAssumed<T> = { value: T; assumed: boolean } | { missing: NotMeasured };

/** Computes of a build as it is known or, where that is not enough, as it is assumed: for drawings, which show the difference. */
export function knownOrAssumed<T>(build: Build, compute: (read: Reader) => T): KnownOrAssumed<T> {
  const known = computeOrMissing(() => compute(readerOf(build)));
  if ('value' in known) return { value: known.value, assumed: false };
  const taken = computeOrMissing(() => compute(readerOf(takeAssumed(build))));
  return 'value' in taken ? { value: taken.value, assumed: true } : known;
}
