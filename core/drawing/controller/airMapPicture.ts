import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import { readerOf } from '../../figures/readerOf';
import { airMap, type AirMap } from '../../model/controller/airMap';
import { computeOrMissing, type NotMeasured } from '../../reading/NotMeasured';

/** The map of air and fuel of a build, by what is known and, where that is not enough, by what is assumed. */
export function airMapOf(build: Build): { value: AirMap; assumed: boolean } | { missing: NotMeasured } {
  const known = computeOrMissing(() => airMap(readerOf(build)));
  if ('value' in known) return { value: known.value, assumed: false };
  const taken = computeOrMissing(() => airMap(readerOf(takeAssumed(build))));
  return 'value' in taken ? { value: taken.value, assumed: true } : known;
}
