import type { Build } from '../build/Build';
import { computeOrMissing } from '../reading/NotMeasured';
import type { Need, Reader, Trail } from '../reading/Reader';
import { TrailReader } from '../reading/TrailReader';
import { figures } from './figures';

/** A reader of a build that knows every computed figure. */
export const readerOf = (build: Build, trail: Trail = { inputs: [], rules: [] }): Reader =>
  new TrailReader(build, trail, figures, new Map());

/** Something worked out from a build; or what a person has still to do for it. */
export function drawnFrom<T>(build: Build, compute: (read: Reader) => T): T | { missing: readonly Need[] } {
  const done = computeOrMissing(() => compute(readerOf(build)));
  return 'missing' in done ? { missing: done.missing.needs } : done.value;
}
