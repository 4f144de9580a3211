import type { Build } from '../../build/Build';
import type { sealKinds, sealPlaces } from '../../build/listKinds';
import { rowsOf } from '../../build/lists';
import { holeKinds } from '../../build/listKinds';
import { valueAt } from '../../build/sheets';

export type SealPlace = keyof typeof sealPlaces;

/** Places that the exhaust makes hot: only high-temperature sealant lasts there. */
export const hotSealPlaces: readonly SealPlace[] = ['exhaust', 'turret', 'joint'];
export const sealKindAt = (place: SealPlace): keyof typeof sealKinds =>
  hotSealPlaces.includes(place) ? 'hotSealant' : 'sealant';

/** On a shelf or a bracket, with no hole and no layers drawn, nothing passes a floor. */
export const passesNoFloor = (build: Build): boolean =>
  valueAt(build.sheets, 'siting.mount') === 'shelf' &&
  rowsOf(build.lists, 'holes').length === 0 &&
  rowsOf(build.lists, 'stack').length === 0;

/**
 * Where a seal is owed: round the plate, at the exhaust's joint, and at every hole that something passes; studs and screws sit under the plate.
 * @source common practice, no source
 */
export function sealsOwed(build: Build): SealPlace[] {
  const holes = new Set(rowsOf(build.lists, 'holes').flatMap(({ kind }) => (kind === undefined ? [] : [kind])));
  const passed = (Object.keys(holeKinds) as (keyof typeof holeKinds)[]).flatMap((kind): SealPlace[] =>
    holes.has(kind) && kind !== 'stud' && kind !== 'screw' ? [kind] : [],
  );
  return [...(passesNoFloor(build) ? [] : (['plate'] as const)), 'joint', ...passed];
}

/** Of those, the ones for which no row stands yet. */
export function sealsLacking(build: Build): SealPlace[] {
  const there = new Set(rowsOf(build.lists, 'seals').map(({ at }) => at));
  return sealsOwed(build).filter((place) => !there.has(place));
}
