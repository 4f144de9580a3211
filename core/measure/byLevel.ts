import type { Build } from '../build/Build';
import { valueAt, type FigurePath } from '../build/sheets';
import { takeAssumed } from '../build/takeAssumed';
import { fallMm } from '../physics/angle/fallMm';

/** Figures that a phone laid on the part gives by itself. */
export const levelled = ['fuel.pumpAngleDeg', 'air.exhaustFallMm', 'air.intakeFallMm'] as const satisfies readonly FigurePath[];
export type Levelled = (typeof levelled)[number];
export const isLevelled = (path: FigurePath): path is Levelled => (levelled as readonly FigurePath[]).includes(path);

/**
 * What a levelled angle says of a figure.
 * @param deg by how much the phone's long edge rises towards the end of the part
 * @returns null where it says nothing yet: a pipe of unknown length
 */
export function byLevel(build: Build, path: Levelled, deg: number): number | null {
  switch (path) {
    case 'fuel.pumpAngleDeg':
      return Math.round(deg);
    case 'air.exhaustFallMm':
    case 'air.intakeFallMm': {
      const of = path === 'air.exhaustFallMm' ? 'air.exhaustLengthM' : 'air.intakeLengthM';
      const lengthM = valueAt(takeAssumed(build).sheets, of);
      return lengthM === null ? null : Math.round(fallMm(lengthM, deg));
    }
  }
}

/**
 * By how much a segment or a piece of that length rises, mm, where the phone lies along it at that angle.
 * @example riseByLevel(0.4, -30) // -200
 */
export const riseByLevel = (lengthM: number, deg: number): number => Math.round(-fallMm(lengthM, deg)) + 0;
